//! Whether a word reads as the value of a parameter, and a word that does.

use std::ffi::OsStr;

use super::from_word::FromWord;
use crate::record::cell::Held;
use crate::record::kind::Kind;
use crate::record::param::Param;
use crate::text::Put;

impl<'d> Param<'d> {
    /// Whether its first word may be any: nothing tells what was meant for it from what was not.
    pub(crate) fn takes_any(&self) -> bool {
        self.accepts(UNMEANT)
    }

    /// A word that reads as the `at`-th of a value: the kind's own example, or that of a validator
    /// which the others accept.
    pub fn example(&self, at: usize) -> String {
        let of_kind = self.word_kind(at).map(Kind::example_word).unwrap_or_default();
        let mut of_kind = of_kind.into_owned();
        if let Some(extension) = self.extensions().first() {
            of_kind.put(".");
            of_kind.put(extension);
        }
        if self.kinds().len() == 1 && self.test().is_some() && !self.accepts(&of_kind) {
            for test in self.validators() {
                if let Some(example) = test.example()
                    && self.accepts(&example)
                {
                    return example;
                }
            }
        }
        of_kind
    }

    /// Whether a word reads as a value of one word; of a flag, as one of truth.
    pub fn accepts(&self, word: impl AsRef<OsStr>) -> bool {
        self.accepts_word(word.as_ref())
    }

    // One function for all that words may be.
    #[inline(never)]
    fn accepts_word(&self, word: &OsStr) -> bool {
        if self.kinds().is_empty() {
            return bool::from_word(word).is_ok();
        }
        let (mut cell, mut wrong) = (Held::default(), Vec::new());
        let words: &[&OsStr] = &[word];
        self.fill(&mut cell, (0, words, None), &mut wrong);
        wrong.is_empty()
    }
}

/// A word that no kind takes but those that take any.
const UNMEANT: &str = "\u{fffe} \u{fffe}";
