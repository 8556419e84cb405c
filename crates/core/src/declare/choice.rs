//! A value that is one of a closed list, each with its own help.

use std::ffi::OsStr;

use super::kind::Noun;
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
    value: T,
}

impl<T> Offer<T> {
    /// A word and the value it stands for.
    pub const fn new(name: &'static str, value: T) -> Self {
        Offer { name, help: "", value }
    }

    /// What it means, in a few words.
    #[must_use]
    pub const fn help(self, help: &'static str) -> Self
    where
        T: Copy,
    {
        Offer { name: self.name, help, value: self.value }
    }
}

impl<T: Choice> FromWord for T {
    const KIND: &'static Kind = &{
        let mut kind = Kind::of(Noun::Choice, first_name::<T>());
        kind.offer = Some(offer_at::<T>);
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

fn offer_at<T: Choice>(index: usize) -> Option<(&'static str, &'static str)> {
    T::OFFERS.get(index).map(|offer| (offer.name, offer.help))
}
