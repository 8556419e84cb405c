//! A line that is being repaired: its words, placeholders among them, and what is done to them.

use std::ffi::{OsStr, OsString};

use crate::record::bench::{Edit, How, Item, Line};
use crate::record::command::Command;
use crate::record::param::Param;
use crate::record::report::FixWord;
use crate::text::part::part;
use crate::text::quote::quoted;
use crate::text::{Listed, Put};
use crate::wording::Speech;

impl<'t> Speech<'t> {
    /// A word that is put in.
    pub(crate) fn item(self, text: impl AsRef<OsStr>) -> Item<'t> {
        self.item_of(text.as_ref())
    }

    #[inline(never)]
    fn item_of(self, text: &OsStr) -> Item<'t> {
        Item { typed: self.word(text.to_owned()), shown: None, from: None }
    }

    /// What stands for a word of a parameter.
    #[inline(never)]
    pub(crate) fn placeholder(self, param: &Param<'_>, at: usize) -> Item<'t> {
        let shown = Some(self.keep(param.placeholder(at)));
        Item { shown, ..self.item_of(param.example(at).as_ref()) }
    }

    /// What stands for the words of a parameter, from one of them on.
    #[inline(never)]
    pub(crate) fn placeholders(self, param: &Param<'_>, at: std::ops::Range<usize>) -> Line<'t> {
        at.map(|at| self.placeholder(param, at)).listed()
    }

    /// The line with the edits made, which stand in order.
    pub(super) fn edited(self, line: &Line<'t>, edits: &[Edit<'t>]) -> Line<'t> {
        let (mut new, mut next) = (Line::new(), 0);
        for at in 0..=line.len() {
            let from = line.get(at).and_then(|word| word.from);
            let (mut draft, mut done, mut is_dropped) = (Draft::default(), 0, false);
            while let Some(edit) = edits.get(next).filter(|edit| edit.word == at) {
                next += 1;
                match edit.how {
                    How::Before => new.put(edit.with),
                    How::Gone => is_dropped = true,
                    How::Within | How::Apart => {
                        draft.push_text(&part(word(line, at), done, edit.start));
                        if edit.how == How::Apart {
                            new.put(self.made(std::mem::take(&mut draft), from));
                        }
                        draft.push(&edit.with);
                        done = edit.end;
                    }
                }
            }
            let Some(word) = line.get(at).filter(|_| !is_dropped) else { continue };
            if done == 0 && draft.typed.is_empty() && draft.shown.is_none() {
                new.put(*word);
            } else {
                draft.push_text(&part(word.typed, done, word.typed.len()));
                new.put(self.made(draft, from));
            }
        }
        new
    }

    /// A word that was made.
    #[inline(never)]
    fn made(self, draft: Draft, from: Option<usize>) -> Item<'t> {
        let shown = draft.shown.map(|shown| self.keep(shown));
        Item { typed: self.word(draft.typed), shown, from }
    }
}

/// A word in the making.
#[derive(Default)]
struct Draft {
    typed: OsString,
    shown: Option<String>,
}

impl Draft {
    #[inline(never)]
    fn push_text(&mut self, text: &OsStr) {
        self.typed.push(text);
        if let Some(shown) = &mut self.shown
            && !text.is_empty()
        {
            shown.put(&quoted(text));
        }
    }

    fn push(&mut self, item: &Item<'_>) {
        let Some(placeholder) = item.shown else { return self.push_text(item.typed) };
        let typed = &self.typed;
        let before = || if typed.is_empty() { String::new() } else { quoted(typed) };
        self.shown.get_or_insert_with(before).put(placeholder);
        self.typed.push(item.typed);
    }
}

impl<'t> Item<'t> {
    /// A word as it was typed, the `at`-th of the line.
    pub(super) fn typed(at: usize, typed: &'t OsStr) -> Self {
        Item { typed, shown: None, from: Some(at) }
    }

    /// The same as data.
    #[inline]
    pub(crate) fn told(&self) -> FixWord {
        match self.shown {
            Some(shown) => FixWord::Outline(shown.to_owned()),
            None => FixWord::Typed(self.typed.to_owned()),
        }
    }

    /// Whether something else is to be typed for it, or for a part of it.
    pub(super) fn is_placeholder(&self) -> bool {
        self.shown.is_some()
    }
}

/// A word of a line as it is read.
#[inline(never)]
pub(crate) fn word<'t>(line: &Line<'t>, at: usize) -> &'t OsStr {
    line.get(at).map_or(OsStr::new(""), |word| word.typed)
}

/// The words of a line as they are read.
#[inline(never)]
pub(super) fn typed<'t>(line: &Line<'t>) -> Vec<&'t OsStr> {
    line.iter().map(|word| word.typed).listed()
}

/// A line as it is shown: quoted, with placeholders in the placeholders.
#[inline(never)]
pub(super) fn shown(root: &Command<'_>, line: &Line<'_>) -> String {
    let mut shown = quoted(OsStr::new(root.program_name()));
    for word in line {
        shown.put(" ");
        match word.shown {
            Some(text) => shown.put(text),
            None => shown.put(&quoted(word.typed)),
        }
    }
    shown
}

impl<'t> Edit<'t> {
    pub(crate) fn replace(word: usize, (start, end): (usize, usize), with: Item<'t>) -> Self {
        Edit { word, start, end, with, how: How::Within }
    }

    /// Leaves bytes of a word out.
    pub(crate) fn cut(word: usize, bytes: (usize, usize)) -> Self {
        Edit::replace(word, bytes, Item::typed(0, OsStr::new("")))
    }

    pub(crate) fn insert(word: usize, with: Item<'t>) -> Self {
        Edit { how: How::Before, ..Edit::replace(word, (0, 0), with) }
    }

    pub(crate) fn drop(word: usize) -> Self {
        Edit { how: How::Gone, ..Edit::cut(word, (usize::MAX, usize::MAX)) }
    }

    /// The same, and what was before it becomes a word of its own.
    pub(crate) fn apart(self) -> Self {
        Edit { how: How::Apart, ..self }
    }

    pub(super) fn order(&self) -> (usize, usize) {
        let is_in_word = usize::from(self.how != How::Before);
        (self.word, self.start.saturating_add(is_in_word))
    }
}
