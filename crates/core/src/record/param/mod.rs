//! The untyped record beneath every key: what the reader, the pages and completion look at.

mod ask;
pub(crate) mod called;
mod set;
mod settings;

use std::ffi::OsStr;
use std::fmt;

use self::settings::SetValues;
use super::cell::Held;
use super::form::Form;
use super::kind::{Kind, Refers};
use super::path::At;
use super::said::Said;
use super::settings::param as said;
use super::test::Test;
use crate::text::bytes::hash;

/// Whether a role has names after dashes.
#[inline]
pub(crate) const fn is_named(role: Role) -> bool {
    !matches!(role, Role::Operand)
}

/// One parameter without its type. Its typed key, such as [`Named`](crate::Named), hands it out.
#[derive(Clone, Copy)]
pub struct Param<'d> {
    hash: u32,
    said: Said,
    /// It was made at run time: what is wrong with it is listed, and stops nothing.
    draft: bool,
    role: Role,
    letter: u8,
    opposite_letter: u8,
    /// Letters as they were declared that are none: its own, and the opposite's.
    no_letters: [Option<char>; 2],
    /// How often it must and may be given: what `times` says, else what its type does.
    times: Times,
    name: &'d str,
    given: SetValues<'d>,
    twin: Option<Twin>,
    form: &'d Form<'d>,
}

/// What does not take one word as it stands.
const COMPOUND: u64 = said::WORDLESS | said::SEVERAL | said::ATTACHED | said::JOINED_BY;

/// How often a parameter must and may be given; an operand, how many units it takes.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub struct Times {
    /// At least so often.
    pub min: u32,
    /// At most so often.
    pub max: u32,
}

/// What a parameter reads beyond what its type does.
#[doc(hidden)]
#[derive(Debug, Clone, Copy)]
pub struct Manner(Said);

impl Manner {
    pub(crate) const PLAIN: Manner = Manner(Said::NOTHING);

    /// Whether whole numbers are read as source code has them: `0x1f`, `1_000`.
    #[inline]
    pub(crate) const fn is_as_in_code(self) -> bool {
        self.0.has(said::AS_IN_CODE)
    }

    /// Whether NaN and the infinities are numbers.
    #[inline]
    pub(crate) const fn is_infinite(self) -> bool {
        self.0.has(said::INFINITE)
    }
}

/// Whether an operand takes words by their position.
#[inline]
pub(crate) const fn is_by_position(param: &Param<'_>) -> bool {
    matches!(param.tail(), None | Some(Tail::Raw))
}

/// What a parameter is on the command line.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
#[non_exhaustive]
pub enum Role {
    /// A value by position.
    Operand,
    /// A named thing with a value.
    Option,
    /// A named thing without a value, on or off.
    Flag,
    /// A named thing without a value, counted.
    Tally,
}

/// Words that an operand takes which are not read as others are.
#[doc(alias("rest", "pass through", "trailing arguments"))]
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub enum Tail {
    /// From the first operand of the command on, no word is an option, `--` neither. For a program
    /// and its own words: `run-each CMD WORDS...`.
    Raw,
    /// The words after `--`, and no others.
    AfterDashes,
    /// Each word that begins with a dash and is no option here; and the words after `--` that no operand
    /// takes, with the `--` in front of them, so that another program reads them as they were meant.
    UnknownOptions,
}

/// Finds the first value of a list that stands in it before: among the values, or among their words.
type Twin = fn(&Param<'_>, &Held, &[&OsStr]) -> Option<usize>;

impl<'d> Param<'d> {
    /// What nothing was said of yet but its role, its name and its form. Operands have no dash in front; a name of one letter is
    /// that letter.
    #[inline]
    pub(crate) const fn draft(role: Role, name: &'d str, form: &'d Form<'d>) -> Self {
        let bytes = name.as_bytes();
        let letter = bytes.len() == 1 && !matches!(role, Role::Operand);
        Param {
            hash: hash(bytes),
            said: Said::of(form.bits()),
            draft: true,
            role,
            letter: if letter { bytes[0] } else { 0 },
            opposite_letter: 0,
            no_letters: [None; 2],
            times: Times {
                min: form.is_needed() as u32,
                max: if form.is_many() { u32::MAX } else { 1 },
            },
            name,
            given: SetValues::nothing(),
            twin: None,
            form,
        }
    }

    /// What completion may look up for the `at`-th word of its value.
    pub fn refers(&self, at: usize) -> Refers {
        let of_kind = || self.kinds().get(at).map_or(Refers::Nothing, |kind| kind.looks_up());
        match (self.declared_refers(), self.at()) {
            (Some(refers), _) => refers,
            (None, At::Directory) => Refers::Directory,
            (None, _) => of_kind(),
        }
    }

    /// Whether its words name a command of the program.
    pub const fn names_commands(&self) -> bool {
        match (self.declared_refers(), self.form.kinds()) {
            (Some(refers), _) => matches!(refers, Refers::Command),
            (None, [kind, ..]) => matches!(kind.looks_up(), Refers::Command),
            (None, []) => false,
        }
    }

    /// Whether each word gives one value, as it stands: what nearly all parameters are, in one look.
    #[inline]
    pub(crate) const fn is_plain(&self) -> bool {
        !self.said.has(COMPOUND)
    }

    /// Whether it asks for more than its words to be converted: a count, a test of the whole, a warning.
    #[inline]
    pub(crate) const fn is_special(&self) -> bool {
        self.said.has(said::BRINGS_SPECIAL)
    }

    /// Whether it was declared how often it is given.
    pub const fn is_counted(&self) -> bool {
        self.said.has(said::TIMES)
    }

    /// How often it must and may be given where it is given.
    pub const fn given_times(&self) -> Times {
        self.times
    }

    /// For an operand, how many words it must and may take.
    pub const fn word_count(&self) -> Times {
        self.words_of(self.times())
    }

    /// The same where it is given.
    pub(crate) const fn given_word_count(&self) -> Times {
        self.words_of(self.times)
    }

    /// What a list is held to that has too few or too many: words of an operand, unless one may hold several.
    pub(crate) fn miscounted_times(&self) -> Times {
        match self.role {
            Role::Operand if self.delimiter().is_none() => self.given_word_count(),
            _ => self.given_times(),
        }
    }

    const fn words_of(&self, Times { mut min, max }: Times) -> Times {
        let words = self.form.kinds().len() as u32;
        // One word may hold all the values.
        if self.delimiter().is_some() && min > 1 {
            min = 1;
        }
        Times { min: min.saturating_mul(words), max: max.saturating_mul(words) }
    }

    /// Whether it is an operand that takes words by their position.
    pub fn is_positional(&self) -> bool {
        self.role == Role::Operand && matches!(self.tail(), None | Some(Tail::Raw))
    }

    /// Whether this is one and the same parameter as another, by its address: a copy is none.
    pub fn is(&self, other: &Param<'_>) -> bool {
        is(self, other)
    }

    /// Whether another is the same parameter, asked for once more: it is called so, takes the same words, and
    /// says nothing else.
    #[inline] // only for what is asked in place
    pub(crate) fn is_asked_again(&self, other: &Param<'_>) -> bool {
        let is_same_kind = |(own, other): (&&Kind<'_>, &&Kind<'_>)| {
            (own.noun(), own.example(), own.bounds())
                == (other.noun(), other.example(), other.bounds())
        };
        let is_same = |one: &str, other: &str| other.is_empty() || one == other;
        self.role == other.role
            && self.name == other.name
            && self.kinds().len() == other.kinds().len()
            && self.kinds().iter().zip(other.kinds()).all(is_same_kind)
            && self.form.is_many() == other.form.is_many()
            && (other.letter == 0 || other.letter == self.letter)
            && is_same(self.opposite(), other.opposite())
            && is_same(self.default().unwrap_or_default(), other.default().unwrap_or_default())
            && (self.form.is_needed() == other.form.is_needed())
    }

    /// The validators that its values pass, one by one.
    pub fn validators(&self) -> impl Iterator<Item = &'d dyn Test> + use<'d> {
        let test = self.test();
        (0..).map_while(move |at| test.and_then(|test| part(test, at)))
    }
}

/// The validator at a place among those that are put together; one alone is the first.
pub(crate) fn part(test: &dyn Test, at: usize) -> Option<&dyn Test> {
    test.part(at).or_else(|| Some(test).filter(|_| at == 0 && !test.is_list()))
}

/// Whether two parameters are one and the same record.
pub(crate) fn is(a: &Param<'_>, b: &Param<'_>) -> bool {
    std::ptr::eq(std::ptr::from_ref(a).cast::<()>(), std::ptr::from_ref(b).cast::<()>())
}

impl fmt::Debug for Param<'_> {
    fn fmt(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {
        let mut record = f.debug_struct("Param");
        record.field("role", &self.role).field("name", &self.name).finish_non_exhaustive()
    }
}
