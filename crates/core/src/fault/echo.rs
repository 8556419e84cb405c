//! The line as typed, and the columns at which its faults stand.

use std::ops::Range;

use crate::read::{Fault, FaultKind, Faults, Place};
use crate::text::{Put, Quoted, columns};

/// Columns that are shown around a fault of a line that is too long.
const WINDOW: usize = 24;

/// The line as it is shown, and for each fault the columns it is about.
pub(super) struct Echo {
    pub(super) text: String,
    pub(super) marks: Vec<Option<Range<usize>>>,
}

impl<'d> Faults<'d> {
    /// The line with the shown faults marked; placeholders stand where something is missing.
    pub(super) fn echo(&self, shown: &[&Fault<'d>]) -> Echo {
        let root = self.path.root();
        let mut text = root.name.to_owned();
        let mut column = columns(&text);
        let mut marks = vec![None; shown.len()];
        for at in 0..=self.words.len() {
            for (mark, fault) in marks.iter_mut().zip(shown) {
                if fault.place == Place::Before(at) {
                    let hole = missing(fault, root.words().command_hole);
                    *mark = Some(column + 1..column + 1 + columns(&hole));
                    append(&mut text, &mut column, &hole);
                }
            }
            let Some(word) = self.words.get(at) else { break };
            let quoted = Quoted::new(word);
            for (mark, fault) in marks.iter_mut().zip(shown) {
                let Place::At { word, start, end } = fault.place else { continue };
                if word == at {
                    let (from, to) = quoted.span(start, end);
                    *mark = Some(column + 1 + from..column + 1 + to.max(from + 1));
                } else if let Some(mark) = mark
                    && (word + 1..=word + fault.more).contains(&at)
                {
                    mark.end = column + 1 + columns(&quoted.text);
                }
            }
            append(&mut text, &mut column, &quoted.text);
        }
        Echo { text, marks }
    }
}

fn append(text: &mut String, column: &mut usize, word: &str) {
    text.push(' ');
    text.put(word);
    *column += 1 + columns(word);
}

/// What would stand where something is missing.
fn missing(fault: &Fault<'_>, command: &str) -> String {
    let Some(param) = fault.param else { return command.to_owned() };
    let holes = param.holes(fault.count);
    match fault.kind {
        FaultKind::OptionMissing => param.spelled() + " " + &holes,
        _ if holes.is_empty() => param.hole(0),
        _ => holes,
    }
}

impl Echo {
    /// The echo within `width` columns: where it is longer, only a window around each mark is
    /// left, with `…` at the cuts.
    pub(super) fn within(self, width: usize) -> Echo {
        if columns(&self.text) <= width {
            return self;
        }
        let windows = self.windows();
        let mut cut = Echo { text: String::new(), marks: vec![None; self.marks.len()] };
        let mut used = 0;
        let mut column = 0;
        let mut shift = Vec::new();
        let mut windows_left = windows.iter().peekable();
        let mut open = false;
        for letter in self.text.chars() {
            let wide = columns(letter.encode_utf8(&mut [0; 4]));
            while windows_left.next_if(|window| window.end <= column).is_some() {}
            let inside = windows_left.peek().is_some_and(|window| window.start <= column);
            if inside {
                shift.push((column, used));
                cut.text.push(letter);
                used += wide;
            } else if open || column == 0 {
                cut.text.push('…');
                used += 1;
            }
            open = inside;
            column += wide;
        }
        shift.push((column, used));
        let moved = |at: usize| {
            let place = shift.partition_point(|known| known.0 < at);
            shift.get(place).map_or(used, |known| known.1)
        };
        for (new, old) in cut.marks.iter_mut().zip(&self.marks) {
            *new = old.as_ref().map(|mark| {
                let start = moved(mark.start);
                // A mark that is longer than a window is cut like the text above it.
                let end = if mark.end - mark.start > 2 * WINDOW {
                    start + WINDOW
                } else {
                    moved(mark.end)
                };
                start..end.max(start + 1)
            });
        }
        cut
    }

    /// The columns that stay, none overlapping: the name in front, and around each mark. Marks
    /// stand in the order of the line, as their faults do.
    fn windows(&self) -> Vec<Range<usize>> {
        let name = self.text.find(' ').unwrap_or(self.text.len());
        let mut joined = vec![Range { start: 0, end: name + 1 }];
        for mark in self.marks.iter().flatten() {
            let is_long = mark.end - mark.start > 2 * WINDOW;
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
