//! Descriptions in blocks. They may be written in Markdown: paragraphs, lists and code keep their shape; emphasis
//! and code within a line keep their marks, with which Markdown is meant to be read. The records of descriptions
//! point here.

use crate::record::page::{Block, InlineKind, Text};
use crate::text::{Put, spaced};

/// The indent of a line of code.
const CODE: &str = "    ";

/// What is being written: the words of a paragraph, or of an item with its indent and its mark.
struct Open<'t> {
    item: Option<(usize, &'t str)>,
    words: Vec<&'t str>,
}

/// Paragraphs, items and lines of code; a line end within a paragraph is a space.
#[inline]
pub(crate) fn blocks(description: &str) -> Vec<Block> {
    let mut blocks = Vec::new();
    let mut open = Open { item: None, words: Vec::new() };
    let (mut is_fenced, mut is_apart, mut in_list) = (false, true, false);
    for line in description.trim_end().lines() {
        let bare = line.trim();
        let is_code = is_fenced || line.starts_with(CODE) && is_apart && !in_list;
        if bare.starts_with("```") {
            (is_fenced, is_apart) = (!is_fenced, true);
        } else if is_code {
            open.close(&mut blocks);
            let code = if is_fenced { line } else { &line[CODE.len()..] };
            blocks.push(Block::Code(code.to_owned()));
            is_apart = true;
        } else if bare.is_empty() {
            open.close(&mut blocks);
            if !matches!(blocks.last(), None | Some(Block::Apart)) {
                blocks.push(Block::Apart);
            }
            is_apart = true;
        } else if is_item(bare, is_apart || in_list) {
            open.close(&mut blocks);
            let (mark, text) = bare.split_at(item_mark(bare));
            open.item = Some((line.len() - line.trim_start().len(), mark));
            open.words.extend(text.split(' '));
            (is_apart, in_list) = (false, true);
        } else {
            if is_apart {
                open.close(&mut blocks);
                in_list &= line.starts_with(' ');
            }
            open.words.extend(bare.split(' '));
            is_apart = false;
        }
    }
    open.close(&mut blocks);
    blocks
}

impl Open<'_> {
    /// Ends what is being written.
    #[inline]
    fn close(&mut self, blocks: &mut Vec<Block>) {
        self.words.retain(|word| !word.is_empty());
        let text = text(&std::mem::take(&mut self.words));
        match self.item.take() {
            Some((indent, mark)) => {
                blocks.push(Block::Item(indent, mark.trim_end().to_owned(), text))
            }
            None if text.is_empty() => {}
            None => blocks.push(Block::Paragraph(text)),
        }
    }
}

/// The words of a line in pieces: those that are emphasised or code, and those between.
#[inline]
fn text(words: &[&str]) -> Text {
    let mut text = Text::default();
    let mut plain = String::new();
    let mut at = 0;
    // The last words that close each mark: what is never closed is no mark, as `*.toml` is a pattern.
    let lasts = MARKS.map(|(mark, _)| words.iter().rposition(|word| closed(word, mark)));
    while at < words.len() {
        let marked = opened(words[at]).and_then(|mark| {
            let is_closed = lasts[mark].is_some_and(|last| last >= at);
            let (mark, what) = is_closed.then_some(MARKS[mark])?;
            let behind = words[at..].iter().position(|word| closed(word, mark))?;
            Some((what, at + behind + 1))
        });
        match marked {
            Some((what, end)) => {
                text.add(InlineKind::Plain, &plain);
                plain.clear();
                text.add(what, &spaced(&words[at..end]));
                at = end;
            }
            None => {
                plain.put(if plain.is_empty() { "" } else { " " });
                plain.put(words[at]);
                at += 1;
            }
        }
    }
    text.add(InlineKind::Plain, &plain);
    text
}

/// What words open and close with, and what it makes of what is between.
const MARKS: [(&str, InlineKind); 4] = [
    ("`", InlineKind::Code),
    ("**", InlineKind::Strong),
    ("*", InlineKind::Emphasis),
    ("_", InlineKind::Emphasis),
];

/// The mark that a word opens with, an opening bracket or quote left aside.
#[inline]
fn opened(word: &str) -> Option<usize> {
    let word = word.trim_start_matches(['(', '"', '\'']);
    let opens =
        |mark: &(&str, InlineKind)| word.strip_prefix(mark.0).is_some_and(|rest| !rest.is_empty());
    MARKS.iter().position(opens)
}

/// Whether a mark is closed at the end of a word, punctuation left aside.
#[inline]
fn closed(word: &str, mark: &str) -> bool {
    let word = word.trim_end_matches(['.', ',', ';', ':', '!', '?', ')', '"', '\'']);
    word.strip_suffix(mark).is_some_and(|rest| {
        let rest = rest.trim_start_matches(['(', '"', '\'']);
        !rest.is_empty() && rest != mark
    })
}

/// Whether a line is an item of a list: `- `, `* `, `+ `, `1. `. Within a paragraph a number is only one
/// where a list begins with it: a sentence may end with a year at the start of a line.
#[inline]
fn is_item(line: &str, may_go_on: bool) -> bool {
    let is_number = line.starts_with(|first: char| first.is_ascii_digit());
    item_mark(line) > 0 && (may_go_on || !is_number || line.starts_with("1."))
}

/// How wide the mark of a list's item is, the space after it included, where a line begins with one:
/// `- `, `* `, `+ `, `12. `.
#[inline]
fn item_mark(line: &str) -> usize {
    let digits = line.bytes().take_while(u8::is_ascii_digit).count();
    let mark = match digits {
        0 if line.starts_with(['-', '*', '+']) => 1,
        1..=3 if line[digits..].starts_with('.') => digits + 1,
        _ => return 0,
    };
    if line[mark..].starts_with(' ') { mark + 1 } else { 0 }
}
