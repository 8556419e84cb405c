//! A line while it is read: the reader, the values of each parameter in its slot, the commands on the way, and the names in
//! reach.

use std::borrow::Cow;
use std::ffi::OsStr;

use super::brought::Abbreviates;
use super::cell::Held;
use super::command::Command;
use super::fault::{Fault, Place};
use super::param::Param;
use super::param::called::Hit;
use super::step::Step;
use super::word::Words;
use super::world::Around;
use crate::text::Put;

/// The commands from the root to the one reached. Most lines reach two at most, which stand here
/// without an allocation.
#[derive(Debug, Clone)]
pub(crate) struct Trail<'d> {
    pub(crate) root: Level<'d>,
    pub(crate) between: Vec<Level<'d>>,
    /// The command reached, unless that is the root.
    pub(crate) leaf: Option<Level<'d>>,
}

/// A command, where the slots of its parameters begin, and the word at which it was reached.
#[derive(Debug, Clone, Copy)]
pub(crate) struct Level<'d> {
    pub(crate) command: &'d Command<'d>,
    pub(crate) base: u32,
    pub(crate) word: u32,
}

/// A parameter that a name means, and which of its names it was.
#[derive(Debug, Clone, Copy)]
pub(crate) struct Found<'d> {
    pub(crate) slot: u32,
    pub(crate) param: &'d Param<'d>,
    pub(crate) hit: Hit,
}

/// The parameters in reach of a command.
#[derive(Debug, Clone)]
pub struct Reach<'d>(pub(crate) Vec<Reached<'d>>);

/// A parameter in reach.
#[derive(Debug, Clone, Copy)]
pub struct Reached<'d> {
    pub(crate) param: &'d Param<'d>,
    /// The command that takes it; of a usual one the root.
    pub(crate) command: &'d Command<'d>,
    /// Its slot, or `NONE`: a usual one has none until it is given.
    pub(crate) slot: u32,
    /// How many commands further up than the nearest.
    pub(crate) up: usize,
    pub(crate) is_usual: bool,
}

/// Steps through the words of a command line one by one.
///
/// [`Command::read`] does this for a whole line; the reader itself is for what looks at a line in
/// the making, such as completion and a trace.
///
/// ```
/// # use clavret_core as clavret;
/// use clavret::{Command, Flag, Operand};
/// use clavret::reader::{Meaning, Reader};
/// static HIVE: Operand<String> = Operand::new("hive");
/// static CALM: Flag = Flag::new("calm").letter('c');
/// static INSPECT: Command = Command::new("inspect").takes(&[HIVE.param(), CALM.param()]);
///
/// let mut reader = Reader::new(&INSPECT, 2);
/// reader.step("A7".as_ref());
/// reader.step("-c".as_ref());
/// let meanings: Vec<Meaning> = reader.steps().iter().map(|step| step.meaning()).collect();
/// assert_eq!(meanings, [Meaning::Operand, Meaning::Name]);
/// ```
#[doc(alias("tokenizer"))]
#[derive(Debug)]
pub struct Reader<'d> {
    pub(crate) line: Line<'d>,
    /// The operand words so far; which parameter each is for is known after the last one.
    pub(crate) operands: Chain,
    /// The words after `--`, where an operand takes these alone; and the unknown options kept.
    pub(crate) behind: Chain,
    pub(crate) kept: Chain,
    /// No word is an option from here on; and whether that is for a `--`.
    pub(crate) ended: bool,
    pub(crate) dashes: bool,
    /// The commands so far take beginnings of names for the names.
    pub(crate) abbreviates: Option<&'static Abbreviates>,
    pub(crate) asked: Option<Asked>,
    /// The names in reach, where these are very many.
    pub(crate) many: Option<Box<Many<'d>>>,
    /// The operand that a negative number was wanted by last, by its place, and the words of those before it.
    pub(crate) wanted: (usize, u32),
}

/// What is known of a line: built by [`Reader`] word by word, and finished when the last one is known.
#[derive(Debug)]
pub(crate) struct Line<'d> {
    pub(crate) trail: Trail<'d>,
    pub(crate) slots: Vec<Slot<'d>>,
    pub(crate) steps: Vec<Step>,
    pub(crate) faults: Vec<Fault<'d>>,
    /// Deprecated names that were typed, and what to type instead.
    pub(crate) warned: Vec<Warned<'d>>,
    pub(crate) around: Around<'d>,
    /// The words, once the last one is known; and how many there are so far.
    pub(crate) words: Words<'d>,
    pub(crate) word: u32,
    /// An option that waits for words.
    pub(crate) pending: Option<Pending>,
    /// An unknown command stands before: what the rest means is not known.
    pub(crate) lost: bool,
    /// The commands so far say that options end at the first operand.
    pub(crate) operands_end: bool,
    /// Where rules look at many: the addresses of the parameters in their order, each with its slot.
    pub(crate) places: Vec<(usize, usize)>,
}

/// What values are converted from: the words, what was understood of them, and the commands on the way.
#[derive(Clone, Copy)]
pub(crate) struct Input<'a, 'd> {
    pub(crate) steps: &'a [Step],
    pub(crate) words: Words<'d>,
    pub(crate) trail: &'a Trail<'d>,
}

/// What a warning speaks of: text is only made of it where somebody asks for the warnings.
#[derive(Debug, Clone, Copy)]
pub(crate) enum Term<'d> {
    /// Something as it stands.
    Plain(&'d str),
    /// A long name.
    Long(&'d str),
    /// A parameter as it is spelled.
    Param(&'d Param<'d>),
}

/// Something deprecated that was typed.
#[derive(Debug, Clone, Copy, PartialEq)]
pub(crate) struct Warned<'d> {
    pub(crate) old: Term<'d>,
    /// What to use instead, where there is something.
    pub(crate) instead: Option<Term<'d>>,
    pub(crate) since: &'d str,
    pub(crate) until: &'d str,
}

/// A parameter in reach, and the words that were typed for it.
#[derive(Debug)]
pub(crate) struct Slot<'d> {
    pub(crate) param: &'d Param<'d>,
    pub(crate) typed: Chain,
    /// Its words from elsewhere, where none was typed.
    pub(crate) outer: Option<Box<Outer>>,
    /// Its converted value, once the last word is known.
    pub(crate) cell: Held,
}

/// Steps linked by [`Step::next`], first to last.
#[derive(Debug, Clone, Copy)]
pub(crate) struct Chain {
    pub(crate) first: u32,
    pub(crate) last: u32,
    pub(crate) count: u32,
}

/// An option that waits for words.
#[derive(Debug, Clone, Copy)]
pub(crate) struct Pending {
    pub(crate) slot: u32,
    pub(crate) wanted: u32,
}

/// The words of a value that was not typed, and where they stand.
#[derive(Debug)]
pub(crate) struct Outer {
    pub(crate) words: Vec<Piece<'static>>,
    /// Where the value as a whole stands: its variable, or its key.
    pub(crate) place: Place,
    /// A flag's opposite name was set.
    pub(crate) is_opposite: bool,
}

/// A word of a parameter's value as it is converted, and where it stands.
#[derive(Debug)]
pub(crate) struct Piece<'w> {
    pub(crate) text: Cow<'w, OsStr>,
    pub(crate) place: Place,
    /// Where the `=` of an entry is that a config file has as a key and its value: the key may have
    /// one in it. Of words it is the first one.
    pub(crate) equals: Option<usize>,
}

/// Which parameter was asked for, and how.
#[derive(Debug, Clone, Copy)]
pub(crate) struct Asked {
    pub(crate) slot: u32,
    /// Never by a long name.
    pub(crate) by_letter: bool,
}

/// The steps of a line, the parameters that their slots are for, and the commands on the way.
#[derive(Debug, Clone)]
pub(crate) struct Trace<'d> {
    pub(crate) steps: Vec<Step>,
    /// By slot.
    pub(crate) params: Vec<&'d Param<'d>>,
    pub(crate) trail: Trail<'d>,
}

/// What a program accepts everywhere, beside what its commands take. A reading carries it about, so it is as
/// thin as can be.
#[derive(Clone, Copy)]
pub(crate) struct Usual<'d>(pub(crate) &'d &'d [&'d Param<'d>]);

/// The names in reach of a command.
#[derive(Debug)]
pub(crate) struct Many<'d> {
    /// How many commands are on the way that they are of.
    pub(crate) levels: usize,
    pub(crate) reach: Reach<'d>,
    /// The hashes of the long names in their order, each with the place of its parameter.
    pub(crate) names: Vec<(usize, usize)>,
    /// The letters that there are.
    pub(crate) letters: u128,
}

impl<'d> Line<'d> {
    /// Something is wrong with the line; what is known of it goes on.
    #[inline]
    pub(crate) fn blame(&mut self, fault: Fault<'d>) {
        self.faults.put(fault);
    }
}

impl<'d> Trail<'d> {
    pub(crate) fn root(&self) -> &'d Command<'d> {
        self.root.command
    }

    pub(crate) fn leaf(&self) -> Level<'d> {
        self.leaf.unwrap_or(self.root)
    }

    /// From the root on.
    pub(crate) fn levels(&self) -> impl DoubleEndedIterator<Item = Level<'d>> + '_ {
        let count = 1 + self.between.len() + usize::from(self.leaf.is_some());
        (0..count).map(|at| match at.checked_sub(1) {
            None => self.root,
            Some(at) => self.between.get(at).copied().unwrap_or_else(|| self.leaf()),
        })
    }
}
