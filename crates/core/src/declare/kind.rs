//! What one word may be, as data: a noun for sentences, an example, what completion may look up.

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
    pub(crate) limits: Limits,
    pub(crate) example: &'static str,
    pub(crate) refers: Refers,
    pub(crate) negative: bool,
    pub(crate) offer: Option<OfferAt>,
}

/// The word at a place of a closed list, and its help.
pub(crate) type OfferAt = fn(usize) -> Option<(&'static str, &'static str)>;

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
    /// Words of the developer's own, with their article: "a hive's code".
    Own(&'static str),
}

/// The smallest and the largest value that a kind's Rust type can hold, where that says something
/// to the user of a program.
#[derive(Debug, Clone, Copy)]
pub(crate) enum Limits {
    None,
    Within(i64, u64),
    From(i64),
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
}

impl Kind {
    /// A kind with the noun a fault names it by, article included, and an example that reads.
    pub const fn new(noun: &'static str, example: &'static str) -> Self {
        Kind::of(Noun::Own(noun), example)
    }

    pub(crate) const fn of(noun: Noun, example: &'static str) -> Self {
        let (limits, refers) = (Limits::None, Refers::Nothing);
        Kind { noun, limits, example, refers, negative: false, offer: None }
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

    pub(crate) const fn limits(mut self, limits: Limits) -> Self {
        self.limits = limits;
        self
    }

    /// A word of this kind that reads.
    pub const fn example_word(&self) -> &'static str {
        self.example
    }

    /// The words it may be, each with its help, if they are a closed list.
    pub fn offers(&self) -> impl Iterator<Item = (&'static str, &'static str)> + '_ {
        (0..).map_while(|i| self.offer.and_then(|offer| offer(i)))
    }
}
