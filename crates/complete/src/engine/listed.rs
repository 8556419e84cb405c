//! Values that are known at run time: a list is asked once, with what the line says so far.

use std::borrow::Cow;
use std::collections::HashSet;
use std::rc::Rc;

use clavret_core::{Known, Param, Words};

use super::values::escaped;
use super::{Candidate, Completing, stepped};

/// The most values of a list that are offered at a time: of more a shell shows nothing that a person reads, and
/// takes seconds for it.
const MOST: usize = 1000;

/// What lists have given; nothing where one could not.
#[derive(Default)]
pub(super) struct Lists(Vec<(usize, Option<Rc<[Known]>>)>);

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
        let mut seen = HashSet::new();
        for known in known.iter() {
            let Some(word) = known.shown() else { continue };
            // Most lists have nothing to be escaped, and most of their words begin otherwise.
            let text = match param.delimiter() {
                None => Cow::Borrowed(word),
                delimiter => Cow::Owned(escaped(word, delimiter)),
            };
            if !text.starts_with(begun) || is_used(word) {
                continue;
            }
            if offered.words.len() == MOST {
                offered.more += 1;
            } else if param.accepts(word) && seen.insert(word) {
                let (text, help) = (head.to_owned() + &text, known.told_help().to_owned());
                offered.words.push(Candidate { text, help, is_whole });
            }
        }
        offered
    }

    /// What the list of a parameter has. It is asked once.
    fn listed(&mut self, param: &'d Param<'d>) -> Option<Rc<[Known]>> {
        let (list, world) = (param.list()?, self.world?);
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
        let so_far = reader.so_far(param, Words::new(&words), &is_open, world);
        let known: Option<Rc<[Known]>> = so_far.and_then(|so_far| list.list(so_far)).map(Rc::from);
        self.lists.0.push((address, known.clone()));
        known
    }
}
