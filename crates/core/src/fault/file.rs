//! What is wrong with a text that is no command line, such as a declaration in a file: drawn as faults of a line are.

use std::ops::Range;

use super::draw::{MOST, draw_head, draw_outside, draw_sentences};
use crate::record::report::Echo;
use crate::record::world::Settings;
use crate::text::Listed;
use crate::text::columns::columns;
use crate::text::kept::Kept;
use crate::text::near::near;
use crate::text::paint::Look;
use crate::text::quote::visible;
use crate::text::sheet::Sheet;
use crate::wording::{Speech, Wording};

/// Something in a text that is to be put right: its bytes, and what is wrong with them.
#[doc(hidden)]
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct Blot {
    pub bytes: Range<usize>,
    pub sentence: String,
}

/// The text for standard error: who speaks, then each line of a file with its place, and a sentence for each.
#[doc(hidden)]
#[inline]
pub fn draw_blots(who: &str, (file, text): (&str, &str), blots: &[Blot], look: Look) -> String {
    let text = text.to_owned();
    let source = Settings { file: file.to_owned(), text, ..Settings::default() };
    let kept = Kept::default();
    let (mut sheet, speech) = (Sheet::new(look), Speech::new(&Wording::ENGLISH, &kept));
    let shown = &blots[..blots.len().min(MOST)];
    let sentences: Vec<&str> = shown.iter().map(|blot| &*blot.sentence).listed();
    let lines: Vec<_> = shown.iter().enumerate().map(|(at, blot)| echo(&source, at, blot)).listed();
    draw_head(who, blots.len(), speech, &mut sheet);
    draw_outside(&lines, (false, blots.len() > 1), &mut sheet);
    draw_sentences(&sentences, blots.len(), speech, &mut sheet);
    sheet.finish()
}

/// Where it is, and the line; what goes on below it is marked to the end of the line.
#[inline]
fn echo(source: &Settings, number: usize, blot: &Blot) -> (String, Echo) {
    let (line, column) = source.position(blot.bytes.start);
    let place = format!("{}:{line}:{column}", visible(&source.file));
    let (start, text) = source.line_at(blot.bytes.start);
    let cut = |byte: usize| visible(text.get(..byte.saturating_sub(start)).unwrap_or(text));
    let (before, until) = (columns(&cut(blot.bytes.start)), columns(&cut(blot.bytes.end)));
    let mut echo = Echo { text: visible(text), marks: Vec::new() };
    echo.mark(number, before..until.max(before + 1), false);
    (place, echo)
}

/// The nearest of some names to a mistyped one, if only one is that near.
#[doc(hidden)]
#[inline]
pub fn nearest<'n>(typed: &str, names: impl Iterator<Item = &'n str>) -> Option<&'n str> {
    match &near(typed, &names.listed()).1[..] {
        [name] => Some(name),
        _ => None,
    }
}
