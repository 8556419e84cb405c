//! A line that is being repaired: its words, placeholders among them, and what is done to them.

use super::{Edit, Item, Line};
use std::ffi::OsStr;

use crate::declare::{Command, Param};
use crate::text::{Listed, Put, Quoted, own, part};

impl Item {
    pub(super) fn text(text: &OsStr) -> Self {
        Item { typed: text.to_owned(), ..Item::default() }
    }

    /// A word as it was typed, the `at`-th of the line.
    pub(super) fn typed(at: usize, text: &OsStr) -> Self {
        Item { from: Some(at), ..Item::text(text) }
    }

    pub(super) fn placeholder(param: &Param<'_>, at: usize) -> Self {
        let (typed, shown) = (param.example(at).into(), Some(param.placeholder(at)));
        Item { typed, shown, from: None }
    }

    pub(super) fn push_text(&mut self, text: &OsStr) {
        self.typed.push(text);
        if let Some(shown) = &mut self.shown
            && !text.is_empty()
        {
            shown.put(&Quoted::new(text).text);
        }
    }

    pub(super) fn push(&mut self, other: &Item) {
        match &other.shown {
            None => self.push_text(&other.typed),
            Some(placeholder) => {
                let before = if self.typed.is_empty() { String::new() } else { self.text_shown() };
                self.shown.get_or_insert(before).put(placeholder);
                self.typed.push(&other.typed);
            }
        }
    }

    /// Whether something else is to be typed for it, or for a part of it.
    pub(super) fn is_placeholder(&self) -> bool {
        self.shown.is_some()
    }

    fn text_shown(&self) -> String {
        self.shown.clone().unwrap_or_else(|| Quoted::new(&self.typed).text)
    }
}

/// The words of a line as they are read.
pub(super) fn typed(line: &Line) -> Vec<&OsStr> {
    line.iter().map(|word| &*word.typed).listed()
}

/// A line as it is shown: quoted, with placeholders in the placeholders.
#[inline(never)]
pub(super) fn shown(root: &Command<'_>, line: &Line) -> String {
    let mut shown = own(root.program_name());
    for word in line {
        shown.put(" ");
        shown.put(&word.text_shown());
    }
    shown
}

impl Edit {
    pub(super) fn order(&self) -> (usize, usize) {
        match self {
            Edit::Replace { word, start, .. } => (*word, *start + 1),
            Edit::Insert { word, .. } => (*word, 0),
            Edit::Drop { word } => (*word, usize::MAX),
        }
    }
}

/// The line with the edits made, which stand in order.
pub(super) fn edited(line: &Line, edits: Vec<Edit>) -> Line {
    let mut new = Line::new();
    let mut edits = edits.into_iter().peekable();
    for at in 0..=line.len() {
        let from = line.get(at).and_then(|word| word.from);
        let mut made = Item { from, ..Item::default() };
        let (mut done, mut is_dropped) = (0, false);
        while let Some(edit) = edits.next_if(|edit| edit.order().0 == at) {
            match edit {
                Edit::Insert { words, .. } => new.extend(words),
                Edit::Drop { .. } => is_dropped = true,
                Edit::Replace { start, end, with, apart, .. } => {
                    made.push_text(&part(&line[at].typed, done, start));
                    if apart {
                        new.push(std::mem::replace(&mut made, Item { from, ..Item::default() }));
                    }
                    made.push(&with);
                    done = end;
                }
            }
        }
        let Some(word) = line.get(at).filter(|_| !is_dropped) else { continue };
        if done == 0 && made.typed.is_empty() && made.shown.is_none() {
            new.push(word.clone());
        } else {
            made.push_text(&part(&word.typed, done, word.typed.len()));
            new.push(made);
        }
    }
    new
}
