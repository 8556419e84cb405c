//! Why a word is none of what its parameter takes, or the value that it gives not accepted. How that is said stands in one table
//! ([`Wording`](crate::wording::Wording)); only what a type, or a library that it calls, says of its own is text here.

use std::borrow::Cow;
use std::fmt::Display;
use std::sync::Arc;

#[derive(Debug, Clone, PartialEq, Eq)]
pub(crate) enum Reason {
    /// It is not one: the kind says what would be.
    NotOne,
    /// It is above or below what the type, or a range, holds.
    Above,
    Below,
    /// It is not text at all (not UTF-8).
    NotText,
    /// There are not so many words as one value takes.
    Count(usize),
    /// What is at a path: nothing, something, not a file, not a folder.
    Absent,
    Present,
    NotFile,
    NotDirectory,
    /// It is nearly one.
    Near(Miss),
    /// It is one of the few that are not accepted.
    Excluded,
    /// It has so many characters.
    Has(usize),
    /// It begins with this, and should with something else.
    Begins(Box<str>),
    /// The validator at this place says what would be right, and for which reason this is not.
    // In a box its drop would be made anew inside its own, as often as the compiler likes.
    Tested(u8, Arc<Reason>),
    /// The value of a key, at this place in the list of keys, is not what that takes.
    OfKey(u32, Arc<Reason>),
    /// In the words of another library, which stand after our own.
    Cited(Box<str>),
    /// In the words of the type itself.
    Own(Cow<'static, str>),
}

/// What is amiss with a word that is nearly of its kind.
#[derive(Debug, Clone, PartialEq, Eq)]
#[allow(dead_code)] // some are of kinds behind features
pub(crate) enum Miss {
    /// A number that is not whole, where it must be.
    Fraction,
    /// A number with letters after it.
    Letters,
    /// A path that ends otherwise.
    Ending,
    /// A scheme in front of the name of a domain; none in front of an address.
    Scheme,
    NoScheme,
    /// An address without a host, without an `@`.
    NoHost,
    NoAt,
    /// A day that no calendar has.
    NoDay(Box<str>),
    /// A negative duration.
    Negative,
}

impl Refusal {
    /// Refuses a word without a reason: the kind, or the validator, says what would be accepted.
    pub const fn new() -> Self {
        Refusal { reason: Reason::NotOne }
    }

    /// Refuses a word for a reason that the user should read: "June has 30 days".
    pub fn because(reason: impl Into<Cow<'static, str>>) -> Self {
        Refusal { reason: Reason::Own(reason.into()) }
    }

    /// Refuses a word with the error of another library. Its text was written
    /// for somebody else: it stands in brackets after what would be right.
    ///
    /// ```
    /// # use clavret_core as clavret;
    /// use clavret::{Command, FromWord, Kind, Refusal, Operand, Outcome};
    /// use std::ffi::OsStr;
    ///
    /// struct Weight(f32);
    ///
    /// impl FromWord for Weight {
    ///     const KIND: &'static Kind<'static> = &Kind::new("kilograms", "12");
    ///
    ///     fn from_word(word: &OsStr) -> Result<Self, Refusal> {
    ///         let text = word.to_str().ok_or(Refusal::not_text())?;
    ///         text.parse().map(Weight).map_err(Refusal::citing)
    ///     }
    /// }
    ///
    /// static WEIGHT: Operand<Weight> = Operand::new("weight");
    /// static SCALE: Command = Command::new("scale").takes(&[WEIGHT.param()]);
    /// let Outcome::Faults(faults) = SCALE.read(&["x"]) else { panic!() };
    /// assert!(format!("{faults:?}").contains("'x' is not one (invalid float literal)"));
    /// ```
    pub fn citing(error: impl Display) -> Self {
        Refusal { reason: Reason::Cited(error.to_string().into()) }
    }

    /// The word is not text in UTF-8.
    pub const fn not_text() -> Self {
        Refusal { reason: Reason::NotText }
    }

    /// The value is above the highest that is accepted.
    pub const fn above() -> Self {
        Refusal { reason: Reason::Above }
    }

    /// The value is below the lowest that is accepted.
    pub const fn below() -> Self {
        Refusal { reason: Reason::Below }
    }

    /// The value is one of the few that are not accepted, which the validator [says](crate::valid::Says).
    pub const fn excluded() -> Self {
        Refusal { reason: Reason::Excluded }
    }

    /// The text has so many characters.
    pub const fn has(count: usize) -> Self {
        Refusal { reason: Reason::Has(count) }
    }

    /// The text begins with this, and should with something else.
    pub fn begins(with: impl Into<Box<str>>) -> Self {
        Refusal { reason: Reason::Begins(with.into()) }
    }

    /// The reason, which a validator's place is told with unless it says all by itself.
    pub(crate) fn tested(self, place: u8) -> Reason {
        match self.reason {
            whole @ (Reason::Above | Reason::Below | Reason::Own(_)) => whole,
            other => Reason::Tested(place, Arc::new(other)),
        }
    }

    #[allow(dead_code)] // used by kinds behind features
    pub(crate) fn nearly(miss: Option<Miss>) -> Self {
        Refusal { reason: miss.map_or(Reason::NotOne, Reason::Near) }
    }
}

impl Default for Refusal {
    fn default() -> Self {
        Self::new()
    }
}

impl Reason {
    /// Whether it may repeat the word, or a part of it.
    pub(crate) const fn may_repeat(&self) -> bool {
        matches!(self, Reason::Own(_) | Reason::Cited(_) | Reason::Near(_))
    }
}

/// Why a word did not convert, or the value that it gives is not accepted: what a [`FromWord`](crate::FromWord) and a
/// [validator](crate::valid::Test) give, and faults tell in the phrases of the program.
#[doc(alias("conversion error"))]
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct Refusal {
    pub(crate) reason: Reason,
}

impl Refusal {
    pub(crate) fn into_reason(self) -> Reason {
        self.reason
    }
}
