//! A line that is being repaired: its words, placeholders among them, and what is done to them.

use super::{Edit, How, Item, Line};
use std::ffi::OsStr;

use crate::declare::{Command, Param};
use crate::text::{Listed, Put, Quoted, own, part};

impl Item {
    pub(super) fn text(text: impl AsRef<OsStr>) -> Self {
        Item::new(text.as_ref(), None)
    }

    #[inline(never)]
    fn new(text: &OsStr, from: Option<usize>) -> Self {
        Item { typed: text.to_owned(), shown: None, from }
    }

    /// A word as it was typed, the `at`-th of the line.
    pub(super) fn typed(at: usize, text: &OsStr) -> Self {
        Item::new(text, Some(at))
    }

    #[inline(never)]
    pub(super) fn placeholder(param: &Param<'_>, at: usize) -> Self {
        let (typed, shown) = (param.example(at).into(), Some(param.placeholder(at)));
        Item { typed, shown, from: None }
    }

    /// What stands for the words of a parameter, from one of them on.
    #[inline(never)]
    pub(super) fn placeholders(param: &Param<'_>, at: std::ops::Range<usize>) -> Line {
        at.map(|at| Item::placeholder(param, at)).listed()
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
    pub(super) fn replace(word: usize, (start, end): (usize, usize), with: Item) -> Self {
        Edit { word, start, end, with, how: How::Within }
    }

    pub(super) fn insert(word: usize, with: Item) -> Self {
        Edit { word, start: 0, end: 0, with, how: How::Before }
    }

    pub(super) fn drop(word: usize) -> Self {
        Edit { word, start: usize::MAX, end: usize::MAX, with: Item::default(), how: How::Gone }
    }

    /// The same, and what was before it becomes a word of its own.
    pub(super) fn apart(self) -> Self {
        Edit { how: How::Apart, ..self }
    }

    pub(super) fn order(&self) -> (usize, usize) {
        let is_in_word = usize::from(self.how != How::Before);
        (self.word, self.start.saturating_add(is_in_word))
    }
}

/// The line with the edits made, which stand in order.
pub(super) fn edited(line: &Line, edits: &[Edit]) -> Line {
    let (mut new, mut next) = (Line::new(), 0);
    for at in 0..=line.len() {
        let from = line.get(at).and_then(|word| word.from);
        let mut made = Item { from, ..Item::default() };
        let (mut done, mut is_dropped) = (0, false);
        while let Some(edit) = edits.get(next).filter(|edit| edit.word == at) {
            next += 1;
            match edit.how {
                How::Before => new.put(edit.with.clone()),
                How::Gone => is_dropped = true,
                How::Within | How::Apart => {
                    made.push_text(&part(&line[at].typed, done, edit.start));
                    if edit.how == How::Apart {
                        new.put(std::mem::replace(&mut made, Item { from, ..Item::default() }));
                    }
                    made.push(&edit.with);
                    done = edit.end;
                }
            }
        }
        let Some(word) = line.get(at).filter(|_| !is_dropped) else { continue };
        if done == 0 && made.typed.is_empty() && made.shown.is_none() {
            made = word.clone();
        } else {
            made.push_text(&part(&word.typed, done, word.typed.len()));
        }
        new.put(made);
    }
    new
}
