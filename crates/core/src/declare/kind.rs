//! What one word may be, as data: a noun for sentences, an example, what completion may look up.

use super::{Kind, Offer, Standard};
use crate::text::of;
use std::borrow::Cow;

/// The noun of a kind, as a fault says it after "takes".
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
#[non_exhaustive]
pub enum Noun<'d> {
    /// A whole number.
    Whole,
    /// A number, with or without a fraction.
    Number,
    /// Any text.
    Text,
    /// A single character.
    Letter,
    /// A path of a file or folder.
    Path,
    /// One of a list of choices.
    Choice,
    /// True or false, in words.
    Truth,
    /// A key and a value, with `=` between.
    Entry,
    /// Words of the developer's own, with their article: "a hive's code".
    Own(&'d str),
}

/// What a value refers to, for completion.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
#[non_exhaustive]
pub enum Refers {
    /// Nothing that a shell could look up.
    Nothing,
    /// A file or a folder.
    Path,
    /// A folder.
    Directory,
    /// The name of a program.
    Program,
    /// The name of a user account.
    Account,
    /// The name of a host of the network.
    Host,
    /// A command of the program itself: the words name it, from the root on, and one that is not there is
    /// refused.
    Command,
}

impl Kind<'static> {
    /// The path of a file or a folder.
    pub const PATH: Kind<'static> = Kind::of(Noun::Path, "file").refers(Refers::Path);

    /// A word of truth. Those that are offered; the others that read are other programs' words for them.
    pub(crate) const TRUTH: &'static Kind<'static> =
        &Kind::of(Noun::Truth, "yes").offering(&[Offer::new("yes"), Offer::new("no")]);
}

impl<'d> Kind<'d> {
    /// A kind with the noun a fault names it by, article included, and an example that reads.
    pub const fn new(noun: &'d str, example: &'d str) -> Self {
        Kind::of(Noun::Own(noun), example)
    }

    pub(crate) const fn of(noun: Noun<'d>, example: &'d str) -> Self {
        let (limits, refers, offers) = (None, Refers::Nothing, &[] as &[Offer<'d>]);
        let (has_deprecated, has_values, paints) = (false, false, false);
        let (negative, explained, unchecked) = (false, false, false);
        let (standard, typed, sides) = (None, None, None);
        Kind {
            noun,
            limits,
            example,
            refers,
            negative,
            explained,
            offers,
            has_deprecated,
            has_values,
            paints,
            standard,
            unchecked,
            typed,
            sides,
        }
    }

    /// A closed list of words: what a [`Choice`](super::Choice) is of, or a list that is known at run time.
    pub const fn choice(offers: &'d [Offer<'d>]) -> Self {
        let example = match offers {
            [first, ..] => first.name,
            [] => "",
        };
        Kind::of(Noun::Choice, example).offering(offers)
    }

    pub(crate) const fn offering(mut self, offers: &'d [Offer<'d>]) -> Self {
        self.offers = offers;
        let mut at = 0;
        while at < offers.len() {
            self.has_deprecated |= !offers[at].instead.is_empty();
            self.has_values |= offers[at].value.is_some();
            at += 1;
        }
        self
    }

    /// `KEY=VALUE`. A key may [say](Offer::value) what its value may be.
    pub const fn entry(key: &'d Kind<'d>, value: &'d Kind<'d>) -> Self {
        let mut kind = Kind::of(Noun::Entry, "");
        kind.sides = Some((key, value));
        kind
    }

    /// What completion may look up for it.
    #[must_use]
    pub const fn refers(mut self, refers: Refers) -> Self {
        self.refers = refers;
        self
    }

    /// A value may be a negative number, so a word such as `-5` can be one.
    #[must_use]
    pub const fn negative(mut self) -> Self {
        self.negative = true;
        self
    }

    /// Pages say its noun and its example after the help of each parameter, so that the help need
    /// not.
    #[must_use]
    pub const fn explained(mut self) -> Self {
        self.explained = true;
        self
    }

    /// The same where nobody here knows what is accepted: a form of it takes any word. For the kinds of a program that
    /// is known by a document alone.
    #[must_use]
    pub const fn unchecked(mut self) -> Self {
        self.unchecked = true;
        (self.standard, self.typed) = (None, None);
        self
    }

    /// The same as that of a type.
    pub(super) const fn being(mut self, standard: Option<Standard>) -> Self {
        self.standard = standard;
        self
    }

    /// One of the same noun, limits and example, and nothing else.
    #[doc(hidden)]
    #[must_use]
    pub const fn alike(&self, example: &'d str) -> Kind<'d> {
        let mut kind = Kind::of(self.noun, example);
        kind.limits = self.limits;
        kind
    }

    pub(crate) const fn limits(mut self, limits: [&'d str; 2]) -> Self {
        self.limits = Some(limits);
        self
    }

    /// Whether it is a number of the standard library.
    pub(crate) const fn is_number(&self) -> bool {
        matches!(self.noun, Noun::Whole | Noun::Number)
    }

    /// A word of this kind that reads.
    pub fn example_word(&self) -> Cow<'d, str> {
        match self.sides {
            Some((key, value)) => {
                let key = key.example_word();
                let value = self.value_of(&key).unwrap_or(value);
                of(&[&key, "=", &value.example_word()]).into()
            }
            None => Cow::Borrowed(self.example),
        }
    }

    /// The keys of entries, if they are a closed list; deprecated ones are left out.
    pub fn keys(&self) -> impl Iterator<Item = &'d str> + use<'d> {
        self.sides.into_iter().flat_map(|(keys, _)| keys.offers()).map(|offer| offer.0)
    }

    /// What the value of a key may be, where that is said of the key.
    pub fn value_of(&self, key: &str) -> Option<&'d Kind<'d>> {
        let keys = self.sides.map(|sides| sides.0).filter(|keys| keys.has_values)?;
        keys.offers.iter().find(|offer| offer.name == key)?.value
    }

    /// The words it may be, each with its help, if they are a closed list.
    /// Those that are deprecated read, and are left out.
    pub fn offers(&self) -> impl Iterator<Item = (&'d str, &'d str)> + use<'d> {
        let offered = self.offers.iter().filter(|offer| offer.instead.is_empty());
        offered.map(|offer| (offer.name, offer.help))
    }
}
