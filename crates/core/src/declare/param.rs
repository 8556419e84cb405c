//! The untyped record beneath every key: what the reader, the pages and completion look at.

use super::{Form, Manner, Param, PathTest, Times};
use std::ffi::OsStr;
use std::fmt;

use super::cell::Held;
use super::names::{hash, letter_fault, option_name_fault, plain_name_fault};
use super::own;
use super::path::At;
use super::problem::Problem;
use super::said::{Said, param as said};
use super::valid::Test;
use super::{Kind, Refers};

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
    /// Operands have no dash in front; a name of one letter is that letter.
    #[inline]
    pub(crate) const fn draft(role: Role, name: &'d str, form: &'d Form<'d>) -> Self {
        let bytes = name.as_bytes();
        let letter = bytes.len() == 1 && !matches!(role, Role::Operand);
        let is_one = form.kinds.len() == 1;
        Param {
            hash: hash(bytes),
            said: Said::of(
                if is_one && form.kinds[0].has_deprecated { said::WARNS } else { 0 }
                    | if is_one && !form.attached { 0 } else { said::COMPOUND },
            ),
            draft: true,
            role,
            letter: if letter { bytes[0] } else { 0 },
            opposite_letter: 0,
            no_letters: [None; 2],
            throughout: false,
            hidden: false,
            times: Times { min: form.needed as u32, max: if form.many { u32::MAX } else { 1 } },
            worded: false,
            secret: false,
            manner: Manner::PLAIN,
            tail: None,
            refers: None,
            delimiter: None,
            name,
            opposite: "",
            aliases: &[],
            placeholder: "",
            help: "",
            description: "",
            default: None,
            variable: "",
            file_name: "",
            instead: "",
            former: &[],
            path: PathTest::ANY,
            twin: None,
            test: None,
            list: None,
            alone: None,
            form,
        }
    }

    #[track_caller]
    #[inline]
    pub(crate) const fn new(role: Role, name: &'d str, form: &'d Form<'d>) -> Self {
        if let Some(why) = name_fault(role, name) {
            Problem::Name { name, why }.stop();
        }
        let mut param = Self::draft(role, name, form);
        param.draft = false;
        param
    }

    /// Notes that a setter was called, by its bit. A static whose setter is called twice stops the build.
    #[track_caller]
    #[inline]
    pub(crate) const fn note(&mut self, bit: u64) {
        if !self.said.note(bit) && !self.draft {
            self.checked();
        }
    }

    /// Stops the build where what the setters said cannot be right, whatever else is said.
    #[track_caller]
    #[inline]
    pub(crate) const fn checked(&self) {
        if !self.draft
            && let Some(problem) = own::problem(self)
        {
            problem.stop();
        }
    }

    #[inline]
    pub(crate) const fn set_letter(&mut self, letter: char) {
        match letter_fault(letter) {
            Some(_) => self.no_letters[0] = Some(letter),
            // The only name that it has is found by it.
            None if self.name.len() == 1 => {}
            None => self.letter = letter as u8,
        }
    }

    #[inline]
    pub(crate) const fn set_opposite_letter(&mut self, letter: char) {
        match letter_fault(letter) {
            Some(_) => self.no_letters[1] = Some(letter),
            None => self.opposite_letter = letter as u8,
        }
    }

    /// Where a path must lead, in whichever order the setters were called.
    #[inline]
    pub(crate) const fn set_place(&mut self) {
        self.path.at = match self.said.first(said::PLACES) {
            Some(at) if 1 << at == said::PRESENT => At::Something,
            Some(at) if 1 << at == said::ABSENT => At::Nothing,
            Some(at) if 1 << at == said::FILE => At::File,
            Some(_) => At::Directory,
            None => At::Anything,
        };
    }

    #[inline]
    pub(crate) const fn set_times(&mut self, min: u32, max: u32) {
        self.times = Times { min, max };
    }

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
    pub(super) const fn has_manners(&self) -> bool {
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
pub(super) fn part(test: &dyn Test, at: usize) -> Option<&dyn Test> {
    test.part(at).or_else(|| Some(test).filter(|_| at == 0 && !test.is_list()))
}

/// What is wrong with the name of a parameter.
#[inline]
pub(super) const fn name_fault(role: Role, name: &str) -> Option<&'static str> {
    if matches!(role, Role::Operand) { plain_name_fault(name) } else { option_name_fault(name) }
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
