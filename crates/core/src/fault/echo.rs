//! A line as typed, and the columns at which its faults stand.

use std::ops::Range;

use crate::record::fault::{Fault, FaultKind, Place};
use crate::record::faults::Faults;
use crate::record::report::{Echo, Mark};
use crate::text::columns::columns;
use crate::text::order::in_order;
use crate::text::quote::{Quoted, quoted};
use crate::text::{Listed, Put, of, own};
use crate::wording::english::Phrase;

/// Columns that are shown around a fault of a line that is too long.
const WINDOW: usize = 24;

/// Places of one thing to put right that are marked.
const MOST_MARKS: usize = 10;

/// Characters without a width that are shown one after the other.
const MOST_STACKED: usize = 8;

/// A place of the line that is marked.
enum Marked<'f, 'd> {
    Missing(&'f Fault<'d>),
    Typed(Range<usize>),
    /// The word belongs to the one before it.
    More,
}

impl<'d> Faults<'d> {
    /// The line with the shown faults marked; placeholders stand where something is missing, and dots
    /// for what may be secret.
    pub(crate) fn echo(&self, shown: &[Vec<&Fault<'d>>]) -> Echo {
        let root = self.path().root();
        let mut echo = Echo { text: quoted(root.program_name().as_ref()), marks: Vec::new() };
        let mut column = columns(&echo.text);
        let mut places = places(shown).into_iter().peekable();
        let count = self.words().count();
        for at in 0..=count {
            let here = |place: &(usize, usize, Marked<'_, 'd>)| place.0 == at;
            let missing = |place: &(usize, usize, Marked<'_, 'd>)| {
                here(place) && matches!(place.2, Marked::Missing(_))
            };
            while let Some((_, number, Marked::Missing(fault))) = places.next_if(missing) {
                let placeholder =
                    placeholder(fault, root.phrases().say(Phrase::CommandPlaceholder));
                echo.mark(number, column + 1..column + 1 + columns(&placeholder), true);
                append(&mut echo.text, &mut column, &placeholder);
            }
            if at == count {
                break;
            }
            let word = self.dark().shown(self.words(), at, 0, self.words().word(at).len());
            let quoted = Quoted::new(&word);
            while let Some((_, number, place)) = places.next_if(here) {
                match place {
                    Marked::Typed(bytes) => {
                        let moved = |byte| self.dark().moved(at, byte);
                        let (from, to) = quoted.span(moved(bytes.start), moved(bytes.end));
                        let to = to.max(from + 1);
                        echo.mark(number, column + 1 + from..column + 1 + to, false);
                    }
                    _ => {
                        let end = column + 1 + columns(&quoted.text);
                        let mark = echo.marks.iter_mut().rfind(|mark| mark.number == number);
                        mark.into_iter().for_each(|mark| mark.columns.end = end);
                    }
                }
            }
            append(&mut echo.text, &mut column, &quoted.text);
        }
        echo
    }
}

/// The places of the line that are marked, in its order, each with the number of what it is about.
fn places<'f, 'd>(shown: &[Vec<&'f Fault<'d>>]) -> Vec<(usize, usize, Marked<'f, 'd>)> {
    let mut places = Vec::new();
    for (number, group) in shown.iter().enumerate() {
        for fault in group.iter().take(MOST_MARKS) {
            for place in fault.places().take(MOST_MARKS) {
                match place {
                    Place::Before(word) => places.push((word, number, Marked::Missing(fault))),
                    Place::At { word, start, end } => {
                        places.push((word, number, Marked::Typed(start..end)));
                        let more = word + 1..=word + fault.more();
                        for word in more {
                            places.push((word, number, Marked::More));
                        }
                    }
                    _ => {}
                }
            }
        }
    }
    in_order(&mut places, |(word, _, place)| match place {
        Marked::Missing(_) => (*word, 0),
        Marked::Typed(bytes) => (*word, bytes.start + 1),
        Marked::More => (*word, 1),
    });
    places
}

fn append(text: &mut String, column: &mut usize, word: &str) {
    text.push(' ');
    text.put(word);
    *column += 1 + columns(word);
}

/// What would stand where something is missing.
fn placeholder(fault: &Fault<'_>, command: &str) -> String {
    let Some(param) = fault.param() else { return own(command) };
    let placeholders = param.placeholders(fault.count());
    match fault.kind() {
        FaultKind::OptionMissing => of(&[&param.spelled(), " ", &placeholders]),
        FaultKind::RuleBroken if placeholders.is_empty() => param.spelled(),
        FaultKind::RuleBroken if !param.is_positional() => {
            of(&[&param.spelled(), " ", &placeholders])
        }
        _ if placeholders.is_empty() => param.placeholder(0),
        _ => placeholders,
    }
}

/// What of a line is shown.
pub(crate) struct Shown {
    /// Its text: what was typed, and what is missing.
    pub(crate) pieces: Vec<(bool, String)>,
    pub(crate) marks: Vec<Mark>,
}

impl Shown {
    fn put(&mut self, is_missing: bool, letter: &str) {
        match self.pieces.last_mut() {
            Some((is_same, piece)) if *is_same == is_missing => piece.put(letter),
            _ => self.pieces.put((is_missing, own(letter))),
        }
    }
}

impl Echo {
    pub(crate) fn mark(&mut self, number: usize, columns: Range<usize>, is_missing: bool) {
        self.marks.push(Mark { number, columns, is_missing });
    }

    /// What of the line is shown within `width` columns: where it is longer, only a window around each mark, with `…`
    /// at the cuts.
    pub(crate) fn within(&self, width: usize) -> Shown {
        let is_short = self.text.chars().take(4 * width + 1).count() <= 4 * width;
        let fits = is_short && columns(&self.text) <= width;
        let windows = if fits { std::iter::once(0..usize::MAX).listed() } else { self.windows() };
        let mut left = &windows[..];
        let mut shown = Shown { pieces: Vec::new(), marks: Vec::new() };
        let (mut column, mut used, mut stacked, mut open) = (0, 0, 0, false);
        // Where columns that stay have come to stand.
        let mut moved = Vec::new();
        for letter in self.text.chars() {
            let mut buffer = [0; 4];
            let letter = letter.encode_utf8(&mut buffer);
            let wide = columns(letter);
            stacked = if wide == 0 { stacked + 1 } else { 0 };
            if stacked > MOST_STACKED && !fits {
                continue;
            }
            while let [window, rest @ ..] = left
                && window.end <= column
            {
                left = rest;
            }
            let inside = left.first().is_some_and(|window| window.start <= column);
            if inside {
                let is_there = |mark: &Mark| mark.is_missing && mark.columns.contains(&column);
                shown.put(self.marks.iter().any(is_there), letter);
                moved.put((column, used));
                used += wide;
            } else if open || column == 0 {
                shown.put(false, "…");
                used += 1;
            }
            open = inside;
            column += wide;
        }
        moved.put((column, used));
        let moved = |at: usize| {
            let place = moved.partition_point(|known| known.0 < at);
            moved.get(place).map_or(used, |known| known.1)
        };
        for mark in &self.marks {
            let start = moved(mark.columns.start);
            // A mark that is longer than a window is cut like the text above it.
            let end = match mark.columns.len() {
                len if len > 2 * WINDOW && !fits => start + WINDOW,
                _ => moved(mark.columns.end),
            };
            shown.marks.put(Mark { columns: start..end.max(start + 1), ..*mark });
        }
        shown
    }

    /// The columns that stay, none overlapping: the name in front, and around each mark. Marks
    /// stand in the order of the line, as their faults do.
    fn windows(&self) -> Vec<Range<usize>> {
        let name = self.text.find(' ').unwrap_or(self.text.len()).min(WINDOW);
        let mut joined = vec![Range { start: 0, end: name + 1 }];
        for Mark { columns: mark, .. } in &self.marks {
            let is_long = mark.len() > 2 * WINDOW;
            let end = if is_long { mark.start + WINDOW } else { mark.end + WINDOW / 2 };
            let start = mark.start.saturating_sub(WINDOW / 2);
            match joined.last_mut() {
                Some(last) if start <= last.end + 1 => last.end = last.end.max(end),
                _ => joined.push(start..end),
            }
        }
        joined
    }
}
