//! Which parts of a refused line may be secret. A secret's own words are; and so is, where any command of the tree
//! has a secret, what is attached to one of these, or follows it up to the next word that begins with a dash:
//!
//! * the name of a secret, wherever it is typed;
//! * a name that by the rule of fixes may have been meant as one;
//! * an unknown name that nothing else is near.
//!
//! After a name that is known, or near only to names that are no secret's, nothing is dark, so that a program with one
//! secret keeps its faults and its fixes. The names of commands that are read as such are never dark. A secret that is
//! an operand has no name to go by: dark are words too many beside it, and the words after an unknown command that may
//! have been meant as its own.

mod known;
mod search;

use super::{Dark, Faults, Reading, Trace, convert};
use std::borrow::Cow;
use std::ffi::OsStr;

use super::reach::Usual;
use super::word::Words;
use crate::declare::{Param, Secrecy};
use crate::text::{DOTS, holds, part};

impl Dark {
    pub(crate) fn is_empty(&self) -> bool {
        self.0.is_empty()
    }

    /// The first byte of a word that is dark.
    #[inline(never)]
    pub(crate) fn start(&self, word: usize) -> Option<usize> {
        let at = self.0.binary_search_by_key(&word, |dark| dark.0).ok()?;
        Some(self.0[at].1)
    }

    /// Bytes of a word with dots for what is dark among them.
    pub(crate) fn shown<'w>(
        &self,
        words: Words<'w>,
        word: usize,
        start: usize,
        end: usize,
    ) -> Cow<'w, OsStr> {
        let whole = words.word(word);
        match self.start(word) {
            Some(dark) if dark < end => {
                let mut shown = part(whole, start.min(dark), dark).into_owned();
                shown.push(DOTS);
                shown.into()
            }
            _ => part(whole, start, end),
        }
    }

    /// Where a byte of a word stands once dots are in it.
    pub(crate) fn moved(&self, word: usize, byte: usize) -> usize {
        match self.start(word) {
            Some(dark) if byte > dark => dark + DOTS.len(),
            _ => byte,
        }
    }
}

impl Faults<'_> {
    /// Whether a text has something of the line in it that may be secret.
    pub(crate) fn holds_dark(&self, text: &str) -> bool {
        let (dark, words) = (self.dark(), self.words());
        dark.0.iter().any(|&(word, start)| {
            let whole = words.word(word);
            part(whole, start, whole.len()).to_str().is_some_and(|piece| holds(text, piece))
        })
    }
}

impl<'d> Trace<'d> {
    /// What is dark on a line: nothing where no command of the tree has a secret.
    pub(super) fn dark(&self, words: Words<'_>, usual: Usual<'d>) -> Dark {
        let mut commands = self.trail.root().tree();
        let secrecy = commands.find_map(|(_, command)| command.brought().secrecy);
        secrecy.map_or_else(Dark::default, |secrecy| (secrecy.dark)(self, words, usual))
    }
}

/// What is known of secrets. Their records point here.
pub(crate) const SECRECY: &Secrecy = &Secrecy { dark: search::dark, told };

/// The secret whose value a text repeats: as it is, as it is debugged, a side of it, or the number that it is.
#[inline]
fn told<'d>(reading: &Reading<'d>, text: &str) -> Option<&'d Param<'d>> {
    let text = text.to_ascii_lowercase();
    let repeats = |word: &str| {
        !word.is_empty() && (holds(&text, word) || holds(&text, &word.escape_debug().to_string()))
    };
    let number = |word: &str| word.parse::<f64>().ok().filter(|number| number.is_finite());
    let is_of_number = |letter: char| letter.is_ascii_alphanumeric() || "+-.".contains(letter);
    let has_number = |wanted: f64| {
        let mut words = text.split(|letter| !is_of_number(letter));
        words.any(|word| number(word.trim_end_matches('.')) == Some(wanted))
    };
    let mut secrets = reading.slots.iter().filter(|slot| slot.param.is_secret());
    let secret = secrets.find(|slot| {
        convert::pieces(slot, reading.input()).iter().any(|piece| {
            let word = piece.text.to_string_lossy().to_ascii_lowercase();
            let (key, value) = word.split_once('=').unwrap_or((&word, ""));
            [&*word, key, value]
                .into_iter()
                .any(|word| repeats(word) || number(word).is_some_and(has_number))
        })
    });
    secret.map(|slot| slot.param)
}
