//! Deprecated names and words that were used: remembered as what they are, and told where somebody asks.

use crate::record::deprecated::Deprecated;
use crate::record::line::{Line, Term, Warned};
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
}

/// What is told in the same words is told once.
impl PartialEq for Term<'_> {
    fn eq(&self, other: &Self) -> bool {
        match (self, other) {
            (Term::Plain(one), Term::Plain(other)) | (Term::Long(one), Term::Long(other)) => {
                one == other
            }
            (Term::Param(one), Term::Param(other)) => std::ptr::eq(*one, *other),
            _ => false,
        }
    }
}

impl<'d> Line<'d> {
    /// Remembers that a name was typed that something had before.
    #[cold]
    pub(crate) fn warn_former(&mut self, old: Term<'d>, now: Term<'d>) {
        self.put_warned(Warned { old, instead: Some(now), since: "", until: "" });
    }

    /// Remembers that something deprecated was typed.
    #[cold]
    pub(crate) fn warn(&mut self, old: Term<'d>, of: Deprecated<'d>) {
        let Deprecated { instead, since, until } = of;
        let instead = if instead.is_empty() { None } else { Some(Term::Plain(instead)) };
        self.put_warned(Warned { old, instead, since, until });
    }

    /// Once, however often it was typed.
    fn put_warned(&mut self, warned: Warned<'d>) {
        if !self.warned.contains(&warned) {
            self.warned.put(warned);
        }
    }
}
