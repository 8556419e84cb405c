//! bash: a script that asks the program, and for packagers a whole one that starts nothing.

mod quote;
mod whole;

use clavret_core::world::World;
use clavret_core::{Command, Refers};

use super::{Shell, named};
use crate::engine::{Candidate, Fits, Suggestion, complete_by};
use crate::live::line::{Line, Quote, Syntax};
use crate::live::{Look, Records, are_options, explained, parted, rooted, runs, widest};
use quote::quoted;

/// GNU bash, from 4.4 on.
pub static BASH: Shell = Shell::new("bash", "for ~/.bashrc: evaluate the output", script)
    .answers(answer)
    .whole(whole::script);

/// How bash asks where it only lists what there is.
const LISTING: &str = "63";
/// How it asks where it lists several at once, and puts in what they have in common.
const LISTING_AND_PUTTING: [&str; 2] = ["33", "64"];
/// How it asks where one candidate after the other is put in place.
const IN_TURN: &str = "37";

fn script(root: &Command<'_>) -> String {
    named(include_str!("live.bash"), root)
}

/// The fields are how it asks, the text that is replaced, the line up to the cursor, the rest of it, how many columns there
/// are, and whether names in other cases match.
fn answer(root: &Command<'_>, fields: &[&str], world: &dyn World) -> Option<String> {
    let [asked, replaced, before, after, columns, cased, ..] = fields else { return None };
    let line = Line::of(before, after, Syntax::Posix);
    let mut records = Records::new('\u{1e}');
    let kept = &*kept(&line, replaced);
    let text = line.cursor.begun.text.to_string_lossy();
    let quote = sign(line.quote);
    // In another case it is kept as it is.
    let is_kept =
        |text: &str| text.get(..kept.len()).is_some_and(|it| it.eq_ignore_ascii_case(kept));
    let inserted =
        |text: &str| quoted(if is_kept(text) { &text[kept.len()..] } else { text }, line.quote);
    let look = |records: &mut Records, what, before: &str, ends: &[String], begun: &str| {
        let (root, begun) = parted(begun, (text.len(), line.root.as_ref()));
        let kept = kept.strip_prefix(before).unwrap_or_default();
        let before = &if kept.is_empty() { inserted(before) } else { String::new() };
        records.look(&Look { what, quote, before, root, ends, begun, kept });
    };
    if line.is_redirected {
        look(&mut records, Refers::Path, "", &[], &text);
        return Some(records.text());
    }
    let fits: &[Fits] = if cased.is_empty() { &[] } else { &[Fits::AnyCase] };
    let blocks = complete_by(root, &line.cursor, world, fits);
    let blocks = rooted(blocks, &line.cursor, line.root.as_ref());
    // Whoever presses TAB once more has them listed.
    if are_options(&blocks, &text) && ![LISTING, IN_TURN].contains(asked) {
        return Some(records.text());
    }
    let count = word_count(&blocks);
    let lists = *asked == LISTING && count > 1;
    // What they have in common is theirs as they are typed.
    let is_helped = lists || LISTING_AND_PUTTING.contains(asked) && count > 1;
    // Neither within a quote, which readline closes, nor in front of the rest of the word does a space follow.
    let ends =
        line.quote == Quote::None && !after.starts_with(|letter: char| !letter.is_whitespace());
    let shown = |word: &Candidate| inserted(if lists { word.shown() } else { &word.text });
    let columns = columns.parse().unwrap_or(usize::MAX);
    let width = if is_helped { widest(&blocks, &shown) } else { 0 };
    let put = |word: &Candidate| match is_helped {
        true => explained(&shown(word), &word.help, (width, columns), ["  (", ")"]),
        false if !word.is_whole => shown(word),
        false if ends && *asked != IN_TURN => closed(shown(word), quote) + " ",
        false => closed(shown(word), quote),
    };
    for block in &blocks {
        match block {
            Suggestion::Words { group, words } => {
                for run in runs(words) {
                    records.words("", group, &run.iter().map(put).collect::<Vec<_>>(), &[]);
                }
            }
            Suggestion::LookUp { what, before, ends, begun } => {
                look(&mut records, *what, before, ends, begun);
            }
            Suggestion::Line { from } => records.line(&before[line.starts[*from]..]),
            Suggestion::Hint(sentence) => records.hint(sentence),
        }
    }
    Some(records.text())
}

/// What readline keeps of the word, and what that means: the rest is replaced.
fn kept(line: &Line, replaced: &str) -> String {
    let kept = line.raw.strip_suffix(replaced).unwrap_or_default();
    let kept = Line::of(&("_ ".to_owned() + kept), "", Syntax::Posix).cursor.begun.text;
    kept.to_string_lossy().into_owned()
}

/// What a quote begins with.
fn sign(quote: Quote) -> &'static str {
    match quote {
        Quote::None => "",
        Quote::Double => "\"",
        Quote::Single => "'",
        Quote::Escaping => "$'",
    }
}

/// Of what is put in at the end, readline takes a sign like that of the quote for the end of it.
fn closed(text: String, quote: &str) -> String {
    match quote.trim_start_matches('$') {
        sign if !sign.is_empty() && text.ends_with(sign) => text + sign,
        _ => text,
    }
}

fn word_count(blocks: &[Suggestion]) -> usize {
    let words = |block: &Suggestion| {
        if let Suggestion::Words { words, .. } = block { words.len() } else { 0 }
    };
    blocks.iter().map(words).sum()
}
