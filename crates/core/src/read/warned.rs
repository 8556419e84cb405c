//! Deprecated names and words that were used: remembered as what they are, and told where somebody asks.

use super::{Line, Reading, Term};
use crate::fault::framed;
use crate::text::{Put, of, own};
use crate::wording::{Phrase, fill};

impl Term<'_> {
    #[cold]
    fn text(&self) -> String {
        match self {
            Term::Plain(text) => own(text),
            Term::Long(name) => of(&["--", name]),
            Term::Param(param) => param.spelled(),
        }
    }

    /// Where it is declared: what is one is at one place.
    fn address(&self) -> usize {
        match self {
            Term::Plain(text) | Term::Long(text) => text.as_ptr().addr(),
            Term::Param(param) => std::ptr::from_ref(*param).addr(),
        }
    }
}

impl<'d> Line<'d> {
    /// Remembers that something deprecated was typed, once.
    #[cold]
    pub(super) fn warn(&mut self, old: Term<'d>, instead: Term<'d>) {
        let warning = [old, instead];
        let addresses = warning.map(|term| term.address());
        let is_it = |known: &[Term<'d>; 2]| known.map(|term| term.address()) == addresses;
        if !self.warned.iter().any(is_it) {
            self.warned.put(warning);
        }
    }
}

impl Reading<'_> {
    /// What the program's user should be told of deprecated names and words that were used: a line
    /// each, with the program's path in front.
    pub fn warnings(&self) -> String {
        let wording = self.trail.root().phrases();
        let mut text = String::new();
        for [old, instead] in &self.warned {
            let warning = fill(wording.say(Phrase::Deprecated), &[&old.text(), &instead.text()]);
            text.put(&framed(wording.say(Phrase::Error), &self.path().text(), &warning));
        }
        text
    }
}
