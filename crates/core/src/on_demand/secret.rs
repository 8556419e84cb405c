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

use crate::read::convert;
use crate::read::secret::search;
use crate::record::brought::Secrecy;
use crate::record::faults::Faults;
use crate::record::param::Param;
use crate::record::reading::Reading;
use crate::text::holds;
use crate::text::part::part;

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

/// What is known of secrets. Their records point here.
pub(crate) const SECRECY: &Secrecy = &Secrecy { dark: search::dark, told };

/// The secret whose value a text repeats: as it is, as it is debugged, a side of it, or the number that it is.
#[inline]
fn told<'d>(reading: &Reading<'d>, text: &str) -> Option<&'d Param<'d>> {
    let text = text.to_ascii_lowercase();
    let repeats = |word: &str| {
        !word.is_empty() && (holds(&text, word) || holds(&text, &word.escape_debug().to_string()))
    };
    let is_of_number = |byte: u8| byte.is_ascii_alphanumeric() || b"+-.".contains(&byte);
    let has_number = |wanted: &[u8]| {
        let mut words = text.as_bytes().split(|byte| !is_of_number(*byte));
        words.any(|word| number(word) == Some(wanted))
    };
    let mut secrets = reading.slots.iter().filter(|slot| slot.param.is_secret());
    let secret = secrets.find(|slot| {
        convert::pieces(slot, reading.input()).iter().any(|piece| {
            let word = piece.text.to_string_lossy().to_ascii_lowercase();
            let (key, value) = word.split_once('=').unwrap_or((&word, ""));
            let mut texts = [&*word, key, value].into_iter();
            texts.any(|word| repeats(word) || number(word.as_bytes()).is_some_and(has_number))
        })
    });
    secret.map(|slot| slot.param)
}

/// The digits of a number without those that say nothing: `007`, `+7` and `7.0` are one. (To convert it would cost every
/// program with a secret 20 KiB.)
#[inline]
fn number(word: &[u8]) -> Option<&[u8]> {
    let mut digits = word.strip_prefix(b"+").unwrap_or(word);
    while let [b'0', rest @ ..] = digits {
        digits = rest;
    }
    while digits.contains(&b'.')
        && let [rest @ .., b'0'] = digits
    {
        digits = rest;
    }
    digits = digits.strip_suffix(b".").unwrap_or(digits);
    let is_number = digits.iter().all(|byte| byte.is_ascii_digit() || b".-".contains(byte));
    (is_number && digits.iter().any(u8::is_ascii_digit)).then_some(digits)
}
