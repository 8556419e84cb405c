//! Emphasis and code in a line of Markdown. The marks stay, as Markdown is meant to be read with them;
//! colour says the same again.

use super::Ink;

/// The ink of each word of a paragraph.
pub(super) fn inks(words: &[&str]) -> Vec<Ink> {
    let mut inks = vec![Ink::Plain; words.len()];
    let mut at = 0;
    while at < words.len() {
        let end = opened(words[at]).and_then(|(mark, ink)| {
            // What is never closed is no mark: `*.toml` is a pattern.
            let closes = |word: &&str| closed(word, mark);
            let behind = words[at..].iter().position(closes)?;
            inks[at..=at + behind].fill(ink);
            Some(at + behind)
        });
        at = end.unwrap_or(at) + 1;
    }
    inks
}

/// The mark that a word opens with, an opening bracket or quote left aside, and its ink.
fn opened(word: &str) -> Option<(&'static str, Ink)> {
    let word = word.trim_start_matches(['(', '"', '\'']);
    let marks =
        [("`", Ink::Name), ("**", Ink::Name), ("*", Ink::Placeholder), ("_", Ink::Placeholder)];
    let opens = |mark: &(&str, Ink)| word.strip_prefix(mark.0).is_some_and(|rest| !rest.is_empty());
    marks.into_iter().find(opens)
}

/// Whether a mark is closed at the end of a word, punctuation left aside.
fn closed(word: &str, mark: &str) -> bool {
    let word = word.trim_end_matches(['.', ',', ';', ':', '!', '?', ')', '"', '\'']);
    word.strip_suffix(mark).is_some_and(|rest| {
        let rest = rest.trim_start_matches(['(', '"', '\'']);
        !rest.is_empty() && rest != mark
    })
}
