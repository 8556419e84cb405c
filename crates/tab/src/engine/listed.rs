//! Values that are known at run time: a list is asked once, with what the line says so far.

use std::borrow::Cow;
use std::rc::Rc;

use clavret_core::Known;
use clavret_core::ask::Param;
use clavret_core::reader::Words;

use super::values::escaped;
use super::{Candidate, Completing, stepped};

/// The most values of a list that are offered at a time: of more a shell shows nothing that a person reads, and
/// takes seconds for it.
const MOST: usize = 1000;

/// What lists have given; nothing where one could not.
#[derive(Default)]
pub(super) struct Listings(Vec<(usize, Option<Rc<Vec<Known>>>)>);

/// Values of a list at the cursor.
#[derive(Default)]
pub(super) struct Offered {
    pub(super) words: Vec<Candidate>,
    /// The list was had.
    pub(super) is_known: bool,
    /// There are more than are offered.
    pub(super) more: usize,
}

impl<'d> Completing<'d, '_> {
    /// The values that a list has for a parameter, of which the word begins so after `head`; one that reads, and is not
    /// used already.
    pub(super) fn add_listed(
        &mut self,
        param: &'d Param<'d>,
        (head, begun): (&str, &str),
        is_used: &dyn Fn(&str) -> bool,
        is_whole: bool,
    ) -> Offered {
        let Some(known) = self.listed(param) else { return Offered::default() };
        let mut offered = Offered { is_known: true, ..Offered::default() };
        for known in known.iter() {
            // Of an empty word there is nothing to see.
            let Some(word) = known.shown().filter(|word| !word.is_empty()) else { continue };
            // Most lists have nothing to be escaped, and most of their words begin otherwise.
            let text = match param.delimiter() {
                None => Cow::Borrowed(word),
                delimiter => Cow::Owned(escaped(word, delimiter)),
            };
            if !self.fits(&text, begun) || is_used(word) {
                continue;
            }
            if offered.words.len() == MOST {
                offered.more += 1;
                continue;
            }
            let is_there = |there: &Candidate| there.text[head.len()..] == *text;
            if param.accepts(word) && !offered.words.iter().any(is_there) {
                let (text, help) = (head.to_owned() + &text, known.told_help().to_owned());
                offered.words.push(Candidate { text, help, is_whole, head: head.len() });
            }
        }
        offered
    }

    /// Whether a closed list has some values.
    pub(super) fn are_listed(&mut self, param: &'d Param<'d>, values: &[String]) -> bool {
        let is_closed = param.list().is_some_and(|list| list.is_closed());
        if !is_closed || values.is_empty() {
            return true;
        }
        let is_in = |known: &Known, value: &String| *known.word() == **value;
        self.listed(param).is_none_or(|known| {
            values.iter().all(|value| known.iter().any(|known| is_in(known, value)))
        })
    }

    /// What the list of a parameter has. It is asked once.
    fn listed(&mut self, param: &'d Param<'d>) -> Option<Rc<Vec<Known>>> {
        let world = self.world?;
        param.list()?;
        let address = std::ptr::from_ref(param).addr();
        if let Some(known) = self.lists.0.iter().find(|known| known.0 == address) {
            return known.1.clone();
        }
        let cursor = self.cursor;
        let mut reader = stepped(self.root, &cursor.before, None);
        for _ in 0..self.defaults {
            reader.step_into_default();
        }
        let mut words = Vec::new();
        words.extend(cursor.before.iter().map(|word| &*word.text));
        for word in std::iter::once(&cursor.begun).chain(&cursor.after) {
            reader.step(&word.text);
            words.push(&*word.text);
        }
        // What the word at the cursor will be is not known yet.
        let at = cursor.before.len();
        let is_open = |word: usize| match word.checked_sub(at + 1) {
            Some(after) => cursor.after.get(after).is_some_and(|word| word.is_open),
            None => word == at || cursor.before.get(word).is_some_and(|word| word.is_open),
        };
        let known = reader.listed(param, Words::new(&words), &is_open, world).map(Rc::new);
        self.lists.0.push((address, known.clone()));
        known
    }
}
