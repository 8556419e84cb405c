//! One thing that a declaration says of a parameter beside its help: a phrase, and what is filled in.

use crate::wording::english::Phrase;
use crate::wording::{Group, Speech};

/// One thing that a declaration says.
#[derive(Debug)]
pub(crate) struct Fact<'t> {
    pub(crate) phrase: Phrase,
    pub(crate) group: &'static Group,
    pub(crate) with: [&'t str; 2],
    /// What help has in it that says the same; empty where only the fact itself does.
    pub(crate) key: &'t str,
}

impl<'t> Fact<'t> {
    /// A phrase alone.
    #[inline(always)]
    pub(crate) fn plain(phrase: Phrase) -> Self {
        Fact::new(phrase, "")
    }

    /// A phrase with something filled in.
    // In place, so that a program has the phrases of those facts alone that it may tell.
    #[inline(always)]
    pub(crate) fn new(phrase: Phrase, with: &'t str) -> Self {
        Fact { phrase, group: phrase.group(), with: [with, ""], key: "" }
    }

    /// The same unless help has a text in it.
    pub(crate) fn unless(self, key: &'t str) -> Self {
        Fact { key, ..self }
    }

    /// What help has in it that says the same.
    pub(crate) fn key(&self) -> &'t str {
        self.key
    }

    /// In words.
    pub(crate) fn words(&self, speech: Speech<'t>) -> &'t str {
        speech.told(self.phrase, self.group, &self.with)
    }
}
