//! Deprecated names and words that were used: remembered as what they are, and told where somebody asks.

use crate::record::line::{Line, Term};
use crate::text::{Put, of, own};

impl Term<'_> {
    #[cold]
    pub(crate) fn text(&self) -> String {
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
    pub(crate) fn warn(&mut self, old: Term<'d>, instead: Term<'d>) {
        let warning = [old, instead];
        let addresses = warning.map(|term| term.address());
        let is_it = |known: &[Term<'d>; 2]| known.map(|term| term.address()) == addresses;
        if !self.warned.iter().any(is_it) {
            self.warned.put(warning);
        }
    }
}
