//! The untyped record beneath every key: what the reader, the pages and completion look at.

use std::ffi::OsStr;
use std::fmt;

use super::alone::Alone;
use super::cell::Held;
use super::kind::{self, Kind, Refers};
use super::list::Lister;
use super::path::{At, PathTest};
use super::said::{Said, param as said};
use super::test::Test;

/// Whether a role has names after dashes.
#[inline]
pub(crate) const fn is_named(role: Role) -> bool {
    !matches!(role, Role::Operand)
}

/// One parameter without its type. Its typed key, such as [`Named`](crate::Named), hands it out.
#[derive(Clone, Copy)]
pub struct Param<'d> {
    pub(crate) hash: u32,
    pub(crate) said: Said,
    /// It was made at run time: what is wrong with it is listed, and stops nothing.
    pub(crate) draft: bool,
    pub(crate) role: Role,
    pub(crate) letter: u8,
    pub(crate) opposite_letter: u8,
    /// Letters as they were declared that are none: its own, and the opposite's.
    pub(crate) no_letters: [Option<char>; 2],
    pub(crate) throughout: bool,
    pub(crate) hidden: bool,
    /// How often it must and may be given: what `times` says, else what its type does.
    pub(crate) times: Times,
    /// A flag that may have a truth word attached.
    pub(crate) worded: bool,
    /// It is shown as dots.
    pub(crate) secret: bool,
    pub(crate) manner: Manner,
    pub(crate) tail: Option<Tail>,
    pub(crate) refers: Option<Refers>,
    /// What parts the values within a word.
    pub(crate) delimiter: Option<char>,
    pub(crate) name: &'d str,
    pub(crate) opposite: &'d str,
    pub(crate) aliases: &'d [&'d str],
    pub(crate) placeholder: &'d str,
    pub(crate) help: &'d str,
    pub(crate) description: &'d str,
    pub(crate) default: Option<&'d str>,
    /// The environment variable that stands in for it; empty without one.
    pub(crate) variable: &'d str,
    /// The name of a secret's option that takes a file; empty without one.
    pub(crate) file_name: &'d str,
    /// What to type instead of a deprecated parameter; empty for any other.
    pub(crate) instead: &'d str,
    /// Names that it had before.
    pub(crate) former: &'d [&'d str],
    pub(crate) path: PathTest<'d>,
    pub(crate) twin: Option<Twin>,
    pub(crate) test: Option<&'d dyn Test>,
    /// What lists its values at run time.
    pub(crate) list: Option<&'d dyn Lister>,
    /// What is printed where it is given, if nothing else is needed then.
    pub(crate) alone: Option<&'d dyn Alone>,
    pub(crate) form: &'d Form<'d>,
}

/// How often a parameter must and may be given; an operand, how many units it takes.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub struct Times {
    /// At least so often.
    pub min: u32,
    /// At most so often.
    pub max: u32,
}

/// How many words a value has and of which kinds, without its type: what an [`Untyped`](crate::Untyped) key
/// is given.
#[derive(Debug, Clone, Copy)]
pub struct Form<'d> {
    /// The kinds of the words of one occurrence.
    pub(crate) kinds: &'d [&'d Kind<'d>],
    /// It must be given, unless it has a default.
    pub(crate) needed: bool,
    /// It may be given again, and every occurrence counts.
    pub(crate) many: bool,
    /// The value is attached to the name, or left out.
    pub(crate) attached: bool,
    /// Its words convert by their kinds, and by nothing else.
    pub(crate) by_kind: bool,
    /// Converts the words of one occurrence into the cell.
    pub(crate) fill: kind::Fill,
}

/// What a parameter reads beyond what its type does.
#[doc(hidden)]
#[derive(Debug, Clone, Copy, Default)]
pub struct Manner {
    /// Whole numbers as source code has them: `0x1f`, `1_000`.
    pub(crate) code: bool,
    /// NaN and the infinities.
    pub(crate) infinite: bool,
}

/// Whether an operand takes words by their position.
#[inline]
pub(crate) const fn is_by_position(param: &Param<'_>) -> bool {
    matches!(param.tail, None | Some(Tail::Raw))
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
pub(crate) type Twin = fn(&Param<'_>, &Held, &[&OsStr]) -> Option<usize>;

impl<'d> Param<'d> {
    /// What completion may look up for the `at`-th word of its value.
    pub fn refers(&self, at: usize) -> Refers {
        let of_kind = || self.kinds().get(at).map_or(Refers::Nothing, |kind| kind.refers);
        match (self.refers, self.path.at) {
            (Some(refers), _) => refers,
            (None, At::Directory) => Refers::Directory,
            (None, _) => of_kind(),
        }
    }

    /// Whether its words name a command of the program.
    pub const fn names_commands(&self) -> bool {
        match (self.refers, self.form.kinds) {
            (Some(refers), _) => matches!(refers, Refers::Command),
            (None, [kind, ..]) => matches!(kind.refers, Refers::Command),
            (None, []) => false,
        }
    }

    /// Whether each word gives one value, as it stands: what nearly all parameters are, in one look.
    #[inline]
    pub(crate) const fn is_plain(&self) -> bool {
        !self.said.has(said::COMPOUND | said::JOINED_BY)
    }

    /// Whether it asks for more than its words to be converted: a count, a test of the whole, a warning.
    #[inline]
    pub(crate) const fn is_special(&self) -> bool {
        self.said.has(said::SPECIAL)
    }

    /// Whether pages have more to say of how it is read than nearly all parameters need.
    #[inline]
    pub(crate) const fn has_manners(&self) -> bool {
        self.worded
            || self.manner.code
            || self.manner.infinite
            || !self.file_name.is_empty()
            || self.delimiter.is_some()
            || self.form.attached
            || self.form.kinds.len() > 1
            || self.is_counted()
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
            Role::Operand if self.delimiter.is_none() => self.given_word_count(),
            _ => self.given_times(),
        }
    }

    const fn words_of(&self, Times { mut min, max }: Times) -> Times {
        let words = self.form.kinds.len() as u32;
        // One word may hold all the values.
        if self.delimiter.is_some() && min > 1 {
            min = 1;
        }
        Times { min: min.saturating_mul(words), max: max.saturating_mul(words) }
    }

    /// Whether it is an operand that takes words by their position.
    pub fn is_positional(&self) -> bool {
        self.role == Role::Operand && matches!(self.tail, None | Some(Tail::Raw))
    }

    /// Whether this is one and the same parameter as another, by its address: a copy is none.
    pub fn is(&self, other: &Param<'_>) -> bool {
        is(self, other)
    }

    /// Whether another is the same parameter, asked for once more: it is called so, takes the same words, and
    /// says nothing else.
    #[doc(hidden)]
    #[inline] // only for what is asked in place
    pub fn is_asked_again(&self, other: &Param<'_>) -> bool {
        let is_same_kind = |(own, other): (&&Kind<'_>, &&Kind<'_>)| {
            (own.noun, own.example, own.limits) == (other.noun, other.example, other.limits)
        };
        let is_same = |one: &str, other: &str| other.is_empty() || one == other;
        self.role == other.role
            && self.name == other.name
            && self.kinds().len() == other.kinds().len()
            && self.kinds().iter().zip(other.kinds()).all(is_same_kind)
            && self.form.many == other.form.many
            && (other.letter == 0 || other.letter == self.letter)
            && is_same(self.opposite, other.opposite)
            && is_same(self.default.unwrap_or_default(), other.default.unwrap_or_default())
            && (self.form.needed == other.form.needed)
    }

    /// The validators that its values pass, one by one.
    pub fn validators(&self) -> impl Iterator<Item = &'d dyn Test> + use<'d> {
        let test = self.test;
        (0..).map_while(move |at| test.and_then(|test| part(test, at)))
    }
}

/// The validator at a place among those that are put together; one alone is the first.
pub(crate) fn part(test: &dyn Test, at: usize) -> Option<&dyn Test> {
    test.part(at).or_else(|| Some(test).filter(|_| at == 0 && !test.is_list()))
}

/// Flags and tallies take no words.
pub(crate) static NO_WORDS: Form<'static> = Form {
    kinds: &[],
    needed: false,
    many: true,
    attached: false,
    by_kind: false,
    fill: |_, _| (),
};

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
