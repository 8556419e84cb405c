//! A value that is one of a closed list, each with its own help.

use std::ffi::OsStr;

use super::kind::{Noun, Offered};
use super::{FromWord, Kind, Misfit};

/// A type whose values are a closed list of words. It converts from a word by itself.
///
/// ```
/// use clavret_core::{Choice, FromWord, Offer};
///
/// #[derive(Clone, Copy, Debug, PartialEq)]
/// enum Queen { White, Blue }
///
/// impl Choice for Queen {
///     const OFFERS: &'static [Offer<Queen>] = &[
///         Offer::new("white", Queen::White).help("years ending in 1 or 6"),
///         Offer::new("blue", Queen::Blue).help("years ending in 5 or 0"),
///     ];
/// }
///
/// assert_eq!(Queen::from_word("blue".as_ref()).unwrap(), Queen::Blue);
/// assert!(Queen::from_word("pink".as_ref()).is_err());
/// ```
// A type without `FromWord` is missed here first, so this is the text that its author reads.
#[diagnostic::on_unimplemented(
    message = "a word cannot be converted into `{Self}`",
    label = "neither `FromWord` nor `Choice` is implemented for this type",
    note = "implement `FromWord` for `{Self}`, or `Choice` if it is a closed list of words"
)]
pub trait Choice: Clone + Send + Sync + 'static {
    /// The words and their values, in the order that pages show them.
    const OFFERS: &'static [Offer<Self>];
}

/// One word of a [`Choice`] with its value and help.
#[derive(Debug, Clone, Copy)]
pub struct Offer<T> {
    name: &'static str,
    help: &'static str,
    instead: &'static str,
    value: T,
}

impl<T> Offer<T> {
    /// A word and the value it stands for.
    pub const fn new(name: &'static str, value: T) -> Self {
        Offer { name, help: "", instead: "", value }
    }

    /// What it means, in a few words.
    #[must_use]
    pub const fn help(self, help: &'static str) -> Self
    where
        T: Copy,
    {
        Offer { help, ..self }
    }

    /// Deprecates the word: it reads, a warning names what to type instead, and pages and completion
    /// leave it out.
    #[must_use]
    pub const fn deprecated(self, instead: &'static str) -> Self
    where
        T: Copy,
    {
        Offer { instead, ..self }
    }
}

impl<T: Choice> FromWord for T {
    const KIND: &'static Kind = &{
        let mut kind = Kind::of(Noun::Choice, first_name::<T>());
        kind.offer = Some(offer_at::<T>);
        kind.has_deprecated = has_deprecated::<T>();
        kind
    };

    fn from_word(word: &OsStr) -> Result<Self, Misfit> {
        let bytes = word.as_encoded_bytes();
        let offer = T::OFFERS.iter().find(|offer| offer.name.as_bytes() == bytes);
        offer.map(|offer| offer.value.clone()).ok_or(Misfit::new())
    }
}

const fn first_name<T: Choice>() -> &'static str {
    match T::OFFERS.first() {
        Some(offer) => offer.name,
        None => panic!("a choice needs at least one word to offer"),
    }
}

const fn has_deprecated<T: Choice>() -> bool {
    let mut at = 0;
    while at < T::OFFERS.len() {
        if !T::OFFERS[at].instead.is_empty() {
            return true;
        }
        at += 1;
    }
    false
}

fn offer_at<T: Choice>(index: usize) -> Option<Offered> {
    let Offer { name, help, instead, .. } = T::OFFERS.get(index)?;
    Some(Offered { name, help, instead })
}
