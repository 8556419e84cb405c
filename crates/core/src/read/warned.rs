//! Deprecated names and words that were used: remembered as what they are, and told where somebody asks.

use super::{Line, Reading, Term};
use crate::text::{Put, of, own, visible};
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

    fn is(&self, other: &Term<'_>) -> bool {
        match (self, other) {
            (Term::Plain(own), Term::Plain(other)) | (Term::Long(own), Term::Long(other)) => {
                own == other
            }
            (Term::Param(own), Term::Param(other)) => own.is(other),
            _ => false,
        }
    }
}

impl<'d> Line<'d> {
    /// Remembers that something deprecated was typed, once.
    #[cold]
    pub(super) fn warn(&mut self, old: Term<'d>, instead: Term<'d>) {
        let is_known = |known: &[Term<'d>; 2]| known[0].is(&old) && known[1].is(&instead);
        if !self.warned.iter().any(is_known) {
            self.warned.put([old, instead]);
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
            text.put(&visible(&fill(wording.say(Phrase::Error), &[&self.path().text(), &warning])));
            text.put("\n");
        }
        text
    }
}
