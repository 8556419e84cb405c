//! Stage 2, reading: words become steps, steps become a reading with typed values, or faults.
//!
//! In come a [`Command`](crate::Command) and the words of a command line; out comes an
//! [`Outcome`]. One state machine, [`Reader`], steps through the words one by one and gives each
//! byte range a meaning; what completion offers and what a fix repairs goes through the same steps.
//!
//! What is read follows the POSIX utility syntax guidelines and the GNU long options:
//!
//! ```text
//! line     = word*
//! word     = "--"                         ends the options: what follows are operands
//!          | "--" name                    an option, whose value is the next word; or a flag
//!          | "--" name "=" value          an option with its value
//!          | "-" letter+ [value]          flags, the last of them perhaps an option with its value
//!          | number                       an operand, when the wanted one may be negative
//!          | command                      at a command that has subcommands
//!          | operand                      "-" too
//! ```
//!
//! * `word.rs`: words as the system gives them.
//! * `step.rs`: [`Step`] and [`Meaning`], the record of what was understood.
//! * `reader.rs`: the state machine; `trail.rs`: the commands it has come through; `options.rs`: what it
//!   does with a word that has a dash.
//! * `world.rs`: what is asked of the world; `source.rs`: values from the environment and a config file.
//! * `touch.rs`: what touches the world, and so comes last.
//! * `operands.rs`: the last word is read, and each is handed to its operand; from here on there is only the line.
//! * `finish.rs`: what is known then; `convert.rs`: words into typed values;
//!   `outcome.rs`: what a line that reads turns out to be; `asked.rs`: one that asks for something else.
//! * `reach.rs`: what names may mean at a place.
//! * `meant.rs`: words of a refused line that were meant as names.
//! * `so_far.rs`: what a line says so far, for what lists values at run time; `listed.rs`: values of closed lists.
//! * `making.rs`: what completion asks of a line in the making.
//! * `special.rs`: what only some parameters ask for; `begun.rs`: unique beginnings of names.
//! * `warned.rs`: deprecated names that were used.
//! * `relation.rs`: rules between parameters; `judge.rs`: the developer's test of the whole.
//! * `world.rs`: what a reading asks of its surroundings; `unread.rs`: why a file cannot be read.
//! * `trace.rs`: what was understood, right or wrong; `secret.rs`: what of a refused line is dark.
//! * `reading.rs`: the result, `show.rs`, `serialise.rs`: what else it tells;
//!   `fault.rs`: the facts of what is wrong.

use std::borrow::Cow;
use std::ffi::OsStr;
use std::io::ErrorKind;
use std::sync::Arc;

use crate::declare::{Abbreviates, Brings, Command, Held, Hit, Param, Reason, Rule};
use crate::text::Look;

mod asked;
mod begun;
mod convert;
mod fault;
mod finish;
mod judge;
mod listed;
mod making;
mod many;
mod meant;
mod operands;
mod options;
mod outcome;
mod reach;
mod reader;
mod reading;
mod relation;
mod secret;
#[cfg(feature = "serde")]
mod serialise;
mod show;
mod so_far;
mod source;
mod special;
mod step;
mod touch;
mod trace;
mod trail;
mod unread;
mod warned;
mod word;
mod world;

pub use fault::{Facts, FaultKind, Place};
pub use reader::Expects;
pub use reading::{CommandPath, Outcome, PageLength};
pub use show::{Given, Occurrence, Origin};
pub(crate) use so_far::list_begun;
pub use so_far::{Environment, SoFar, Wanted};
pub use step::Meaning;
pub use unread::{io_message, message};
pub use word::{Word, Words};
pub use world::{Malformed, Presence, Setting, Settings, World};

pub(crate) use begun::abbreviates;
pub(crate) use convert::truth;
pub(crate) use judge::judged;
pub(crate) use listed::{KnownValues, check_lists, learn};
pub(crate) use meant::bare;
pub(crate) use reach::Usual;
pub(crate) use secret::SECRECY;
pub(crate) use source::{ask_sources, has_secret, is_settable, parts, secret_settings};
pub(crate) use special::special;
pub(crate) use touch::touch;
pub(crate) use world::Trial;

/// The world that a reading is in, and what it has told so far. The search for fixes reads a line
/// again with the same variables and settings, and without a look at files.
#[derive(Clone)]
pub(crate) struct Around<'d> {
    /// What the program accepts everywhere.
    usual: Usual<'d>,
    world: Option<&'d dyn World>,
    outside: Option<Arc<Outside>>,
    trial: Trial,
    /// In a second reading, what was meant as a name is taken for one.
    is_second: bool,
}

/// What was asked for outside the line.
#[derive(Clone, Default)]
struct Outside {
    settings: Option<Arc<Settings>>,
    /// The values of closed lists.
    known: Option<Arc<dyn KnownValues>>,
}

/// A byte range of a word, and what it means.
///
/// Steps stand in the order typed; they never overlap. 24 bytes each: a million words are read
/// with a record of 24 MB.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub struct Step {
    word: u32,
    start: u32,
    end: u32,
    /// The slot of the parameter, or [`NONE`].
    slot: u32,
    /// The next step with a word for the same parameter, or [`NONE`].
    next: u32,
    meaning: Meaning,
}

/// The commands from the root to the one reached. Most lines reach two at most, which stand here
/// without an allocation.
#[derive(Debug, Clone)]
struct Trail<'d> {
    root: Level<'d>,
    between: Vec<Level<'d>>,
    /// The command reached, unless that is the root.
    leaf: Option<Level<'d>>,
}

/// A command, where the slots of its parameters begin, and the word at which it was reached.
#[derive(Debug, Clone, Copy)]
struct Level<'d> {
    command: &'d Command<'d>,
    base: u32,
    word: u32,
}

/// A parameter that a name means, and which of its names it was.
#[derive(Debug, Clone, Copy)]
struct Found<'d> {
    slot: u32,
    param: &'d Param<'d>,
    hit: Hit,
}

/// The parameters in reach of a command.
#[derive(Debug, Clone)]
pub struct Reach<'d>(Vec<Reached<'d>>);

/// A parameter in reach.
#[derive(Debug, Clone, Copy)]
pub struct Reached<'d> {
    param: &'d Param<'d>,
    /// The command that takes it; of a usual one the root.
    command: &'d Command<'d>,
    /// Its slot, or [`NONE`]: a usual one has none until it is given.
    slot: u32,
    /// How many commands further up than the nearest.
    up: usize,
    is_usual: bool,
}

/// Steps through the words of a command line one by one.
///
/// [`Command::read`] does this for a whole line; the reader itself is for what looks at a line in
/// the making, such as completion and a trace.
///
/// ```
/// # use clavret_core as clavret;
/// use clavret::{Command, Flag, Meaning, Operand, Reader};
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
#[derive(Debug)]
pub struct Reader<'d> {
    line: Line<'d>,
    /// The operand words so far; which parameter each is for is known after the last one.
    operands: Chain,
    /// The words after `--`, where an operand takes these alone; and the unknown options kept.
    behind: Chain,
    kept: Chain,
    /// No word is an option from here on; and whether that is for a `--`.
    ended: bool,
    dashes: bool,
    /// The commands so far take beginnings of names for the names.
    abbreviates: Option<&'static Abbreviates>,
    asked: Option<Request>,
    /// The names in reach, where these are very many.
    many: Option<Box<many::Many<'d>>>,
    /// The operand that a negative number was wanted by last, by its place, and the words of those before it.
    wanted: (usize, u32),
}

/// What is known of a line: built by [`Reader`] word by word, and finished when the last one is known.
#[derive(Debug)]
pub(crate) struct Line<'d> {
    trail: Trail<'d>,
    slots: Vec<Slot<'d>>,
    steps: Vec<Step>,
    faults: Vec<Fault<'d>>,
    /// Deprecated names that were typed, and what to type instead.
    warned: Vec<[Term<'d>; 2]>,
    around: Around<'d>,
    /// The words, once the last one is known; and how many there are so far.
    words: Words<'d>,
    word: u32,
    /// An option that waits for words.
    pending: Option<Pending>,
    /// An unknown command stands before: what the rest means is not known.
    lost: bool,
    /// The commands so far say that options end at the first operand.
    operands_end: bool,
    /// Where rules look at many: the addresses of the parameters in their order, each with its slot.
    places: Vec<(usize, usize)>,
}

/// What values are converted from: the words, what was understood of them, and the commands on the way.
#[derive(Clone, Copy)]
pub(crate) struct Input<'a, 'd> {
    steps: &'a [Step],
    words: Words<'d>,
    trail: &'a Trail<'d>,
}

/// What a warning speaks of: text is only made of it where somebody asks for the warnings.
#[derive(Debug, Clone, Copy)]
enum Term<'d> {
    /// Something as it stands.
    Plain(&'d str),
    /// A long name.
    Long(&'d str),
    /// A parameter as it is spelled.
    Param(&'d Param<'d>),
}

/// A parameter in reach, and the words that were typed for it.
#[derive(Debug)]
pub(crate) struct Slot<'d> {
    param: &'d Param<'d>,
    typed: Chain,
    /// Its words from elsewhere, where none was typed.
    outer: Option<Box<Outer>>,
    /// Its converted value, once the last word is known.
    cell: Held,
}

/// Steps linked by [`Step::next`], first to last.
#[derive(Debug, Clone, Copy)]
struct Chain {
    first: u32,
    last: u32,
    count: u32,
}

/// An option that waits for words.
#[derive(Debug, Clone, Copy)]
struct Pending {
    slot: u32,
    wanted: u32,
}

/// The words of a value that was not typed, and where they stand.
#[derive(Debug)]
struct Outer {
    words: Vec<Piece<'static>>,
    /// Where the value as a whole stands: its variable, or its key.
    place: Place,
    /// A flag's opposite name was set.
    is_opposite: bool,
}

/// A word of a parameter's value as it is converted, and where it stands.
#[derive(Debug)]
struct Piece<'w> {
    text: Cow<'w, OsStr>,
    place: Place,
    /// Where the `=` of an entry is that a config file has as a key and its value: the key may have
    /// one in it. Of words it is the first one.
    equals: Option<usize>,
}

/// Which parameter was asked for, and how.
#[derive(Debug, Clone, Copy)]
struct Request {
    slot: u32,
    /// Never by a long name.
    by_letter: bool,
}

/// The values of a command line, asked for by their typed keys.
///
/// Printed for debugging (`{:?}`) it is a table: the name, the value as typed and where it came from.
/// With the feature `serde` it serialises.
pub struct Reading<'d> {
    trail: Trail<'d>,
    slots: Vec<Slot<'d>>,
    steps: Vec<Step>,
    words: Words<'d>,
    warned: Vec<[Term<'d>; 2]>,
    around: Around<'d>,
}

/// A request for what is given instead of a command's work: by a parameter that
/// [stands alone](crate::Flag::stands_alone), or by a command whose work is the library's, such as
/// [`HELP`](crate::HELP).
pub struct Asked<'d> {
    /// Boxed, so that what most lines turn out to be is moved about as it is.
    reading: Box<Reading<'d>>,
    param: Option<&'d Param<'d>>,
    by_letter: bool,
    look: Look,
}

/// What a developer's own test of a reading holds against it. See
/// [`Command::judged_by`](crate::Command::judged_by).
#[derive(Debug, Clone)]
pub struct Objection {
    text: String,
    /// The records of the keys that it is about, by their addresses.
    about: Vec<usize>,
}

/// One thing that is wrong with a command line.
#[derive(Debug, Clone)]
pub struct Fault<'d> {
    kind: FaultKind,
    place: Place,
    param: Option<&'d Param<'d>>,
    /// Which word of the parameter's value it is about.
    which: u32,
    reason: Option<Reason>,
    /// Why a file cannot be read.
    unread: Option<Box<Unread>>,
    /// How many there are of what is missing or too many.
    count: usize,
    /// Words after the one of the place that it is about too: a pair is refused as a whole.
    more: u32,
    /// Other places that it is about: the members of a rule.
    also: Vec<Place>,
    rule: Option<&'d Rule<'d>>,
    /// What says it, and what mends it, where only some programs can have it.
    brings: Option<&'static Brings>,
}

/// Everything that is wrong with a command line, with the line itself. Printed for debugging (`{:?}`)
/// it is what a user would read.
#[derive(Clone)]
pub struct Faults<'d> {
    path: CommandPath<'d>,
    words: Words<'d>,
    list: Vec<Fault<'d>>,
    around: Around<'d>,
    /// What was understood all the same.
    trace: Trace<'d>,
    /// What may be secret.
    dark: Dark,
}

/// Why a file cannot be read. Made from an [`io::Error`](std::io::Error); the sentence that a user reads is composed of the
/// program's own phrases, and has the system's words in brackets only where those are all there is.
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct Unread {
    /// The file, where nobody has named it.
    file: String,
    kind: ErrorKind,
    said: String,
    /// The words are of whoever read the file, and no system's.
    is_own: bool,
}

/// The steps of a line, the parameters that their slots are for, and the commands on the way.
#[derive(Debug, Clone)]
pub(crate) struct Trace<'d> {
    steps: Vec<Step>,
    /// By slot.
    params: Vec<&'d Param<'d>>,
    trail: Trail<'d>,
}

/// The words of a line that are dark, and from which byte on; in the order of the line.
#[derive(Debug, Clone, Default)]
pub(crate) struct Dark(Vec<(usize, usize)>);
