//! What one word may be, as data: a noun for sentences, an example, what completion may look up.

use std::borrow::Cow;

/// What a single word's value may be. A kind shows in pages, faults and completion; the
/// conversion itself is [`FromWord`](super::FromWord).
///
/// ```
/// use clavret_core::Kind;
/// static HIVE_CODE: Kind = Kind::new("a hive's code: a letter and a number", "A7");
/// assert_eq!(HIVE_CODE.example_word(), "A7");
/// ```
#[derive(Debug)]
pub struct Kind {
    pub(crate) noun: Noun,
    /// The smallest and the largest value that the Rust type holds, for a number beyond them.
    pub(crate) limits: Option<[&'static str; 2]>,
    pub(crate) example: &'static str,
    pub(crate) refers: Refers,
    pub(crate) negative: bool,
    /// Pages say what it is behind the help of each parameter.
    pub(crate) explained: bool,
    pub(crate) offer: Option<OfferAt>,
    /// Whether some of the words are deprecated.
    pub(crate) has_deprecated: bool,
    /// The kinds on both sides of the `=`, of a key and its value.
    pub(crate) sides: Option<(&'static Kind, &'static Kind)>,
}

/// The word at a place of a closed list.
pub(crate) type OfferAt = fn(usize) -> Option<Offered>;

/// A word of a closed list, its help, and what to type instead where it is deprecated.
#[derive(Debug, Clone, Copy)]
pub(crate) struct Offered {
    pub(crate) name: &'static str,
    pub(crate) help: &'static str,
    pub(crate) instead: &'static str,
}

/// The noun of a kind, as a fault says it after "takes".
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
#[non_exhaustive]
pub enum Noun {
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
    Own(&'static str),
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
}

impl Kind {
    /// The path of a file or a folder.
    pub const PATH: Kind = Kind::of(Noun::Path, "file").refers(Refers::Path);

    /// A kind with the noun a fault names it by, article included, and an example that reads.
    pub const fn new(noun: &'static str, example: &'static str) -> Self {
        Kind::of(Noun::Own(noun), example)
    }

    pub(crate) const fn of(noun: Noun, example: &'static str) -> Self {
        let (limits, refers) = (None, Refers::Nothing);
        let (offer, has_deprecated, sides) = (None, false, None);
        let (negative, explained) = (false, false);
        Kind { noun, limits, example, refers, negative, explained, offer, has_deprecated, sides }
    }

    /// `KEY=VALUE`.
    pub(crate) const fn entry(key: &'static Kind, value: &'static Kind) -> Self {
        let mut kind = Kind::of(Noun::Entry, "");
        kind.sides = Some((key, value));
        kind
    }

    /// What completion may look up for it.
    pub const fn refers(mut self, refers: Refers) -> Self {
        self.refers = refers;
        self
    }

    /// A value may be a negative number, so a word such as `-5` can be one.
    pub const fn negative(mut self) -> Self {
        self.negative = true;
        self
    }

    /// Pages say its noun and its example behind the help of each parameter, so that the help need
    /// not.
    pub const fn explained(mut self) -> Self {
        self.explained = true;
        self
    }

    pub(crate) const fn limits(mut self, limits: [&'static str; 2]) -> Self {
        self.limits = Some(limits);
        self
    }

    /// Whether it is a number of the standard library.
    pub(crate) const fn is_number(&self) -> bool {
        matches!(self.noun, Noun::Whole | Noun::Number)
    }

    /// A word of this kind that reads.
    pub fn example_word(&self) -> Cow<'static, str> {
        match self.sides {
            Some((key, value)) => key.example_word() + "=" + value.example_word(),
            None => Cow::Borrowed(self.example),
        }
    }

    /// The words it may be, each with its help, if they are a closed list.
    /// Those that are deprecated read, and are left out.
    pub fn offers(&self) -> impl Iterator<Item = (&'static str, &'static str)> + '_ {
        let offered = self.offered().filter(|offered| offered.instead.is_empty());
        offered.map(|offered| (offered.name, offered.help))
    }

    pub(crate) fn offered(&self) -> impl Iterator<Item = Offered> + '_ {
        (0..).map_while(|i| self.offer.and_then(|offer| offer(i)))
    }
}
