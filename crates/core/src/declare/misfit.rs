//! Why a word is none of what its parameter takes. How that is said stands in one table
//! ([`Wording`](crate::Wording)); only what a type, or a library that it calls, says of its own is text here.

use super::Misfit;
use std::borrow::Cow;
use std::fmt::Display;

use super::valid::Refusal;

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
    /// The validator at this place says what would be right, and perhaps what this is.
    Tested(u8, Box<Refusal>),
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

impl Misfit {
    /// The word is not of the kind; the kind says what would be.
    pub const fn new() -> Self {
        Misfit { reason: Reason::NotOne }
    }

    /// The word is not of the kind, for a reason the user should read: "June has 30 days".
    pub fn because(reason: impl Into<Cow<'static, str>>) -> Self {
        Misfit { reason: Reason::Own(reason.into()) }
    }

    /// The word is not of the kind, as another library says, whose error this is. Its text was written
    /// for somebody else: it stands in brackets after what would be right.
    ///
    /// ```
    /// use clavret_core::{Command, FromWord, Kind, Misfit, Operand, Outcome};
    /// use std::ffi::OsStr;
    ///
    /// struct Weight(f32);
    ///
    /// impl FromWord for Weight {
    ///     const KIND: &'static Kind<'static> = &Kind::new("kilograms", "12");
    ///
    ///     fn from_word(word: &OsStr) -> Result<Self, Misfit> {
    ///         let text = word.to_str().ok_or(Misfit::not_text())?;
    ///         text.parse().map(Weight).map_err(Misfit::citing)
    ///     }
    /// }
    ///
    /// static WEIGHT: Operand<Weight> = Operand::new("weight");
    /// static SCALE: Command = Command::new("scale").takes(&[WEIGHT.param()]);
    /// let Outcome::Faults(faults) = SCALE.read(&["x"]) else { panic!() };
    /// assert!(format!("{faults:?}").contains("'x' is not one (invalid float literal)"));
    /// ```
    pub fn citing(error: impl Display) -> Self {
        Misfit { reason: Reason::Cited(error.to_string().into()) }
    }

    /// The word is not text in UTF-8.
    pub const fn not_text() -> Self {
        Misfit { reason: Reason::NotText }
    }

    #[allow(dead_code)] // used by kinds behind features
    pub(crate) fn nearly(miss: Option<Miss>) -> Self {
        Misfit { reason: miss.map_or(Reason::NotOne, Reason::Near) }
    }
}

impl Default for Misfit {
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
