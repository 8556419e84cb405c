//! The warnings of a reading, in words.

use super::framed::framed;
use crate::record::line::Warned;
use crate::record::reading::{Reading, Request};
use crate::text::Put;
use crate::wording::compose::fill;
use crate::wording::english::Phrase;

impl Reading<'_> {
    /// What the program's user should be told of deprecated names and words that were used: a line
    /// each, with the program's path in front.
    pub fn warnings(&self) -> String {
        let wording = self.trail.root().phrases();
        let mut text = String::new();
        for Warned { old, instead, since, until } in &self.warned {
            let phrase = match (since.is_empty(), until.is_empty()) {
                (true, true) => Phrase::Deprecated,
                (false, true) => Phrase::DeprecatedSince,
                (true, false) => Phrase::DeprecatedUntil,
                (false, false) => Phrase::DeprecatedBetween,
            };
            let mut warning = fill(wording.say(phrase), &[&old.text(), since, until]);
            if let Some(instead) = instead {
                warning = fill(wording.say(Phrase::UseInstead), &[&warning, &instead.text()]);
            }
            text.put(&framed(wording.say(Phrase::Error), &self.path().text(), &warning));
        }
        text
    }
}

impl<'d> Request<'d> {
    /// What the program's user should be told of deprecated names: see [`Reading::warnings`].
    pub fn warnings(&self) -> String {
        self.reading.warnings()
    }
}
