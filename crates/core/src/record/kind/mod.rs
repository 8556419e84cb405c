//! What one word may be, as data: a noun for sentences, an example, what completion may look up.

mod ask;

use std::any::Any;
use std::borrow::Cow;
use std::ffi::OsStr;

use super::cell::Held;
use super::param::{Manner, Param};
use super::refusal::{Reason, Refusal};
use super::standard::Standard;
use crate::record::deprecated::Deprecated;
use crate::text::of;

/// A value of any type.
pub(crate) type Value = Box<dyn Any + Send + Sync>;

/// What a kind knows of its type.
#[derive(Debug, Clone, Copy)]
pub(crate) struct Typed {
    pub(crate) convert: fn(&OsStr, Manner) -> Result<Value, Refusal>,
    pub(crate) mark: Option<Mark>,
}

/// What two words have in common whose values are equal, where values can be held against each other.
type Mark = fn(&OsStr, Manner) -> Option<Vec<u8>>;

/// What a single word's value may be. A kind shows in pages, faults and completion; the
/// conversion itself is [`FromWord`](crate::FromWord).
///
/// ```
/// # use clavret_core as clavret;
/// use clavret::Kind;
/// static HIVE_CODE: Kind = Kind::new("a hive's code: a letter and a number", "A7");
/// assert_eq!(HIVE_CODE.example_word(), "A7");
/// ```
#[doc(alias("type"))]
#[derive(Debug, Clone, Copy)]
pub struct Kind<'d> {
    noun: Noun<'d>,
    /// The smallest and the largest value that the Rust type holds, for a number beyond them.
    limits: Option<[&'d str; 2]>,
    example: &'d str,
    refers: Refers,
    negative: bool,
    /// Pages say what it is after the help of each parameter.
    explained: bool,
    /// What stands for a value of an option.
    placeholder: &'d str,
    /// The words that it may be, if they are a closed list.
    offers: &'d [Offer<'d>],
    /// Whether some of the words are deprecated, and whether some are keys that say what their values may be.
    has_deprecated: bool,
    has_values: bool,
    /// It says when to colour what is printed.
    paints: bool,
    /// Which of the library's own types it is of.
    standard: Option<Standard>,
    /// What it accepts is code of a program that is not here: any word is taken.
    unchecked: bool,
    /// What converts its words, in a form that is made at run time.
    typed: Option<Typed>,
    /// The kinds on both sides of the `=`, of a key and its value.
    sides: Option<(&'d Kind<'d>, &'d Kind<'d>)>,
}

/// One word of a closed list, with its help.
#[derive(Debug, Clone, Copy)]
pub struct Offer<'d> {
    name: &'d str,
    help: &'d str,
    deprecated: Deprecated<'d>,
    /// What the value of a key may be.
    value: Option<&'d Kind<'d>>,
}

/// The words of one occurrence on their way to a value, and what is wrong with them.
#[derive(Debug)]
pub struct Feed<'f> {
    /// The place of the first of the words among all of the parameter's.
    pub(crate) first: usize,
    pub(crate) words: &'f [&'f OsStr],
    /// Where the `=` of an entry is, if it is not the first one.
    pub(crate) equals: Option<usize>,
    pub(crate) param: &'f Param<'f>,
    pub(crate) wrong: &'f mut Vec<Wrong>,
}

/// What is wrong with one word of a parameter.
#[derive(Debug)]
pub(crate) struct Wrong {
    /// Which of its words, counted from 0 over all occurrences.
    pub at: usize,
    /// How many words after it are meant too.
    pub more: usize,
    /// A validator refuses the value; the word is of its kind.
    pub refused: bool,
    pub reason: Reason,
}

/// Turns the words of an occurrence into the value, or adds them to it.
pub(crate) type Fill = fn(&mut Held, &mut Feed<'_>);

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
        &Kind::of(Noun::Truth, "yes").offering(&[Offer::of("yes"), Offer::of("no")]);
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
            placeholder: "",
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

    /// A closed list of words: what a [`Choice`](crate::Choice) is of, or a list that is known at run time.
    pub const fn choice(offers: &'d [Offer<'d>]) -> Self {
        let example = match offers {
            [first, ..] => first.name,
            [] => "",
        };
        Kind::of(Noun::Choice, example).offering(offers)
    }

    const fn offering(mut self, offers: &'d [Offer<'d>]) -> Self {
        self.offers = offers;
        let mut at = 0;
        while at < offers.len() {
            self.has_deprecated |= offers[at].deprecated.is_so();
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

    /// Whether it says when to colour what is printed.
    pub(crate) const fn painting(mut self, paints: bool) -> Self {
        self.paints = paints;
        self
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

    /// What pages and faults show for a value of an option of this kind, unless the option declares its own: an everyday noun in
    /// upper case, such as `DAY`. An operand shows its own name.
    ///
    /// ```
    /// # use clavret_core as clavret;
    /// use clavret::{Command, Kind, Named};
    /// static WEIGHT: Kind = Kind::new("a weight", "3.5kg").placeholder("WEIGHT");
    /// ```
    #[must_use]
    pub const fn placeholder(mut self, placeholder: &'d str) -> Self {
        self.placeholder = placeholder;
        self
    }

    /// A kind of which nobody here knows what is accepted: a form of it takes any word. For the kinds of a program that
    /// is known by a document alone.
    #[must_use]
    pub const fn unchecked(mut self) -> Self {
        self.unchecked = true;
        (self.standard, self.typed) = (None, None);
        self
    }

    /// The same as that of a type.
    pub(crate) const fn being(mut self, standard: Option<Standard>) -> Self {
        self.standard = standard;
        self
    }

    /// One of the same noun, limits and example, and nothing else.
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
        let offered = self.offers.iter().filter(|offer| !offer.deprecated.is_so());
        offered.map(|offer| (offer.name, offer.help))
    }
}

impl<'d> Offer<'d> {
    /// A word that may be typed for the value.
    pub const fn of(name: &'d str) -> Self {
        Offer { name, help: "", deprecated: Deprecated::NOT, value: None }
    }

    /// What it means, in a few words.
    #[must_use]
    pub const fn help(mut self, help: &'d str) -> Self {
        self.help = help;
        self
    }

    /// Deprecates the word: it is accepted, a warning names what to type instead, and pages and completion
    /// leave it out.
    #[must_use]
    pub const fn deprecated(mut self, instead: &'d str) -> Self {
        self.deprecated.instead = instead;
        self
    }

    /// Deprecates the word, and says since when: a version, such as `0.4`, or a day.
    #[must_use]
    pub const fn deprecated_since(mut self, since: &'d str) -> Self {
        self.deprecated.since = since;
        self
    }

    /// Deprecates the word, and says in which version, or on which day, it is removed.
    #[must_use]
    pub const fn deprecated_until(mut self, until: &'d str) -> Self {
        self.deprecated.until = until;
        self
    }

    /// Says what the value of this key is by a kind that [converts](Kind::typed) or is a closed list, for keys that are known at run time.
    #[must_use]
    pub const fn of_kind(mut self, kind: &'d Kind<'d>) -> Self {
        self.value = Some(kind);
        self
    }
}
