//! The untyped record behind every key: what the reader, the pages and completion look at.

use std::fmt;

use super::cell::Cell;
use super::from_word::Manner;
use super::names::{hash, letter_fault, name_fault};
use super::path::{At, PathTest};
use super::problem::Problem;
use super::shape::Form;
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

/// How often a parameter may be given: for an operand, how many units.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub(crate) struct Times {
    pub(crate) min: u32,
    pub(crate) max: u32,
}

/// Words that an operand takes which are not read as others are.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub enum Tail {
    /// From the first operand of the command on, no word is an option, `--` neither. For a program
    /// and its own words: `run-each CMD WORDS...`.
    Raw,
    /// The words behind `--`, and no others.
    AfterDashes,
    /// Each word that begins with a dash and is no option here; and the words behind `--` that no operand
    /// takes, with the `--` in front of them, so that another program reads them as they were meant.
    UnknownOptions,
}

/// One parameter without its type. Its typed key, such as [`Named`](super::Named), hands it out.
#[derive(Clone, Copy)]
pub struct Param<'d> {
    pub(crate) hash: u32,
    pub(crate) role: Role,
    pub(crate) letter: u8,
    pub(crate) opposite_letter: u8,
    pub(crate) throughout: bool,
    pub(crate) hidden: bool,
    /// Each word gives one value, as it stands: what nearly all parameters are, in one look.
    pub(crate) plain: bool,
    /// It asks for more than its words to be converted: a count, a test of the whole, a warning.
    pub(crate) special: bool,
    pub(crate) times: Times,
    /// Whether `times` was declared, and not only follows from the shape.
    pub(crate) counted: bool,
    /// It may be given once, and not again.
    pub(crate) once: bool,
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
    /// Finds the first of a list's values that stands there before.
    pub(crate) twin: Option<fn(&Cell) -> Option<usize>>,
    pub(crate) tests: [Option<&'d dyn Test>; Param::MOST_TESTS],
    pub(crate) form: &'static Form,
}

impl<'d> Param<'d> {
    /// Validators that one parameter may have.
    pub(crate) const MOST_TESTS: usize = 3;

    /// Operands have no dash in front; a name of one letter is that letter.
    pub(crate) const fn draft(role: Role, name: &'d str, form: &'static Form) -> Self {
        let bytes = name.as_bytes();
        let letter = bytes.len() == 1 && !matches!(role, Role::Operand);
        Param {
            hash: hash(bytes),
            role,
            letter: if letter { bytes[0] } else { 0 },
            opposite_letter: 0,
            throughout: false,
            hidden: false,
            plain: form.kinds.len() == 1 && !form.attached,
            special: form.kinds.len() == 1 && form.kinds[0].has_deprecated,
            times: Times { min: form.needed as u32, max: if form.many { u32::MAX } else { 1 } },
            counted: false,
            once: false,
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
            tests: [None; Param::MOST_TESTS],
            form,
        }
    }

    #[track_caller]
    pub(crate) const fn new(role: Role, name: &'d str, form: &'static Form) -> Self {
        if let Some(why) = name_fault(name) {
            Problem::Name { name, why }.stop();
        }
        Self::draft(role, name, form)
    }

    #[track_caller]
    pub(crate) const fn with_letter(mut self, letter: char) -> Self {
        self.letter = checked_letter(self.name, letter);
        self
    }

    #[track_caller]
    pub(crate) const fn with_opposite_letter(mut self, letter: char) -> Self {
        self.opposite_letter = checked_letter(self.opposite, letter);
        self
    }

    #[track_caller]
    pub(crate) const fn with_opposite(mut self, opposite: &'d str) -> Self {
        self.opposite = checked_name(opposite);
        self
    }

    #[track_caller]
    pub(crate) const fn with_file_name(mut self, name: &'d str) -> Self {
        self.file_name = checked_name(name);
        self.secret = true;
        self.special = true;
        self
    }

    pub(crate) const fn with_default(mut self, word: &'d str) -> Self {
        self.default = Some(word);
        self.times.min = 0;
        self
    }

    pub(crate) const fn with_times(mut self, min: u32, max: u32) -> Self {
        self.times = Times { min, max };
        self.counted = true;
        self.special = true;
        self
    }

    #[track_caller]
    pub(crate) const fn with_test(mut self, test: &'d dyn Test) -> Self {
        let mut i = 0;
        while i < Self::MOST_TESTS {
            if self.tests[i].is_none() {
                self.tests[i] = Some(test);
                return self;
            }
            i += 1;
        }
        Problem::Most { of: "validators", name: self.name, most: b'3' }.stop()
    }

    /// The name it was declared with, without dashes.
    pub const fn name(&self) -> &'d str {
        self.name
    }

    /// What it is on the command line.
    pub const fn role(&self) -> Role {
        self.role
    }

    /// What it means, in a line.
    pub const fn help(&self) -> &'d str {
        self.help
    }

    /// Whether commands below its own accept it too.
    pub const fn is_throughout(&self) -> bool {
        self.throughout
    }

    /// Whether pages, fixes and completion leave it out: it is hidden or deprecated.
    pub const fn is_hidden(&self) -> bool {
        self.hidden || !self.instead.is_empty()
    }

    /// Whether it is shown as dots.
    pub const fn is_secret(&self) -> bool {
        self.secret
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

    /// The extensions that a path may end in, without a dot; any where there are none.
    pub const fn extensions(&self) -> &'d [&'d str] {
        self.path.extensions
    }

    /// The kinds of the words that one occurrence takes; none for flags and tallies.
    pub(crate) const fn kinds(&self) -> &'static [&'static Kind] {
        self.form.kinds
    }

    /// How often it must and may be given.
    pub(crate) const fn times(&self) -> Times {
        self.times
    }

    /// For an operand, how many words it must and may take.
    pub(crate) const fn word_count(&self) -> Times {
        let (mut times, words) = (self.times(), self.form.kinds.len() as u32);
        // One word may hold all the values.
        if self.delimiter.is_some() && times.min > 1 {
            times.min = 1;
        }
        Times { min: times.min.saturating_mul(words), max: times.max.saturating_mul(words) }
    }

    /// Whether it is an operand that takes words by their position.
    pub(crate) fn is_positional(&self) -> bool {
        self.role == Role::Operand && matches!(self.tail, None | Some(Tail::Raw))
    }

    /// Whether a bare occurrence is one too: the value is attached or left out.
    pub(crate) const fn is_attached(&self) -> bool {
        self.form.attached
    }

    /// Whether another is the same parameter, asked for once more: it is called so, takes the same words, and
    /// says nothing else.
    #[doc(hidden)]
    pub fn is_asked_again(&self, other: &Param<'_>) -> bool {
        let nouns = |param: &Param<'_>| -> Vec<_> {
            param.kinds().iter().map(|kind| (kind.noun, kind.example, kind.limits)).collect()
        };
        let is_same = |one: &str, other: &str| other.is_empty() || one == other;
        self.role == other.role
            && self.name == other.name
            && nouns(self) == nouns(other)
            && self.form.many == other.form.many
            && (other.letter == 0 || other.letter == self.letter)
            && is_same(self.opposite, other.opposite)
            && is_same(self.default.unwrap_or_default(), other.default.unwrap_or_default())
            && (self.form.needed == other.form.needed)
    }

    /// The validators.
    pub(crate) fn tests(&self) -> impl Iterator<Item = &'d dyn Test> + '_ {
        self.tests.iter().map_while(|test| *test)
    }
}

#[track_caller]
const fn checked_name(name: &str) -> &str {
    match name_fault(name) {
        Some(why) => Problem::Name { name, why }.stop(),
        None => name,
    }
}

#[track_caller]
const fn checked_letter(name: &str, letter: char) -> u8 {
    match letter_fault(letter) {
        Some(why) => Problem::Letter { name, letter, why }.stop(),
        None => letter as u8,
    }
}

/// Flags and tallies take no words.
pub(crate) static NO_WORDS: Form =
    Form { kinds: &[], needed: false, many: true, attached: false, fill: |_, _| () };

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
