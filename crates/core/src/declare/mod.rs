//! Stage 1, declaring: what a program takes, as plain data in statics.
//!
//! In come a developer's `const` calls; out goes a [`Command`] tree of [`Param`]s that every later
//! stage only reads. Nothing here allocates or runs at start. What is wrong with a declaration is
//! a build error for statics and a list of [`Problem`]s for a tree made at run time; both come
//! from the one set of rules in `rules.rs`.
//!
//! * `command.rs`: [`Command`], a node of the tree, as it is declared; `details.rs`: what it is called, and
//!   what pages tell of it; `node.rs`: what it is asked.
//! * `param.rs`: [`Param`], the untyped record beneath every key; `called.rs`: its names, and what
//!   stands for its value.
//! * `ask/`: what all of these are asked; `tree.rs`: the walk through the commands.
//! * `bundle.rs`: parameters that several commands take together.
//! * `keys/`: [`Operand`], [`Named`], [`Flag`] and [`Tally`], the typed keys; [`Untyped`] ones; their setters.
//! * `shape.rs`: which Rust types a key may have, and how many words they take; `form.rs`: the same without
//!   the type.
//! * `kind.rs`, `from_word.rs`, `choice.rs`: what one word may be, and its conversion.
//! * `standard.rs`: the types that come with the library, by name; `by_name.rs`: what each is and validates; `typed.rs`: what converts by a kind alone.
//! * `kinds/`: the types of other crates that convert from a word, each behind a feature.
//! * `list.rs`: values that are known at run time.
//! * `path.rs`: what a path must lead to.
//! * `valid.rs`: extra tests of a converted value; `rule.rs`: relations between parameters.
//! * `config.rs`: where a config file is; `package.rs`: what a program's package says of it.
//! * `alone.rs`: what is printed where nothing else is needed; `when.rs`: `--color`, ready to be listed.
//! * `cell.rs`: where a converted value waits for its key.
//! * `brought.rs`: what records bring along to be done.
//! * `sealed.rs`: who may implement what; `said.rs`: which setters were called.
//! * `rules.rs`, `members.rs`, `own.rs`, `reach.rs`, `twins.rs`, `names.rs`, `defaults.rs`: what a declaration must keep to;
//!   `stops.rs`: where that stops a build; `finder.rs`: what is found wrong.
//! * `problem.rs`, `message.rs`: the same in words; `culprit.rs`: where it was declared.

use std::ffi::OsStr;
use std::slice::Iter;

use self::brought::{Checks, Judged};
use self::command::Judge;
use self::param::Twin;
use self::said::Said;
use self::typed::Typed;
use self::valid::Test;
use crate::wording::Wording;

mod alone;
mod ask;
mod brought;
mod bundle;
#[cfg(feature = "by-name")]
mod by_name;
mod called;
mod cell;
mod choice;
mod command;
mod config;
mod culprit;
mod defaults;
mod details;
mod finder;
mod form;
mod from_word;
mod keys;
mod kind;
mod kinds;
mod list;
mod members;
mod message;
mod names;
mod node;
mod own;
mod package;
mod param;
mod path;
mod problem;
mod problems;
mod reach;
mod refusal;
mod rule;
mod rules;
mod said;
mod sealed;
mod shape;
mod standard;
mod stops;
mod tree;
mod twins;
mod typed;
pub mod valid;
mod when;

pub use alone::{Alone, Gives};
#[cfg(feature = "by-name")]
pub use by_name::Unfit;
pub use choice::Choice;
pub use culprit::Culprit;
pub use from_word::{Fraction, FromWord, Whole};
pub use keys::{Flag, FlagShape, Key, ListShape, Named, Operand, TailShape, Tally, Untyped};
pub use kind::{Noun, Refers};
#[cfg(feature = "idna")]
pub use kinds::idna::DomainName;
pub use list::{Known, Lister};
pub use param::{Role, Tail};
pub use problem::{Problem, Shared};
pub use shape::{Attached, Shape, Unit};
pub use standard::Standard;
pub use when::{COLOR, When};

#[doc(hidden)]
pub use brought::Brought;
pub use brought::Of;
pub(crate) use brought::{Abbreviates, Brings, Keyed, Lists, Manners, Say, Secrecy, Sources};
pub use called::Hit;
pub use cell::Held;
pub(crate) use keys::is_key;
pub(crate) use names::hash;
pub(crate) use param::is as is_record;
pub(crate) use path::At;
pub(crate) use refusal::{Miss, Reason};
pub(crate) use rule::{InSynopsis, Relation};
#[doc(hidden)]
pub use said::SETTERS;
#[cfg(feature = "serde")]
pub(crate) use shape::sides;

/// A program, or a subcommand of one: its parameters or its subcommands, and what pages say of it.
///
/// ```
/// # use clavret_core as clavret;
/// use clavret::{Command, Flag, Operand, Named, Outcome, valid};
///
/// static HIVE: Operand<String> = Operand::new("hive").help("hive to inspect, such as A7");
/// static FRAMES: Named<u8> = Named::new("frames").letter('f').default("0").valid(&valid::range(0, 20));
/// static CALM: Flag = Flag::new("calm").letter('c').help("the colony was calm");
///
/// static INSPECT: Command = Command::new("inspect")
///     .summary("record what an inspection found")
///     .takes(&[HIVE.param(), FRAMES.param(), CALM.param()]);
///
/// let Outcome::Reading(reading) = INSPECT.read(&["A7", "-cf6"]) else { panic!() };
/// assert_eq!(reading.get(&HIVE), "A7");
/// assert_eq!(*reading.get(&FRAMES), 6);
/// assert!(*reading.get(&CALM));
///
/// assert!(matches!(INSPECT.read(&["A7", "-f", "many"]), Outcome::Faults(_)));
/// ```
///
/// A tree that is made at run time borrows its texts. Start it with [`Command::draft`], and look at
/// its [`problems`](Command::problems) before you read with it.
#[derive(Clone, Copy)]
pub struct Command<'d> {
    said: Said,
    draft: bool,
    hidden: bool,
    sorted: bool,
    /// What looks at a tree that was made at run time before it is run.
    checked: Option<Checks>,
    /// It does something without a subcommand too.
    acts: bool,
    /// Answers requests made by an environment variable.
    answers: bool,
    /// From the first operand on no word is an option, here and below.
    operands_end: bool,
    /// It has the subcommands of another command, which has none.
    childless: bool,
    /// What follows from what it takes.
    settled: Settled,
    name: &'d str,
    aliases: &'d [&'d str],
    params: &'d [&'d Param<'d>],
    bundles: &'d [&'d Bundle<'d>],
    commands: &'d [&'d Command<'d>],
    summary: &'d str,
    description: &'d str,
    package: Package<'d>,
    /// The version, where that is not the package's.
    version: &'d str,
    /// Nobody gave it its name: as a root it is called as its binary.
    is_unnamed: bool,
    /// What it gives, where that is the library's work.
    alone: Option<&'d dyn Alone>,
    /// What is accepted everywhere and stands alone; what the library has for all programs unless said.
    usual: Option<&'d [&'d Param<'d>]>,
    examples: &'d [(&'d str, &'d str)],
    statuses: &'d [(u8, &'d str)],
    wording: Option<&'d Wording<'d>>,
    /// Names that it had before.
    former: &'d [&'d str],
    /// The subcommand that is meant where none is named.
    default_command: Option<&'d Command<'d>>,
    /// What reads unique beginnings of names, where those mean the names.
    abbreviates: Option<&'static Abbreviates>,
    rules: &'d [Rule<'d>],
    /// A test of the whole, and what puts a reading to it.
    judge: Option<(&'d Judge<'d>, Judged)>,
    config: Option<&'d Config<'d>>,
}

/// The commands of a tree: see [`Command::tree`].
#[derive(Debug, Clone)]
pub struct Tree<'t, 'd> {
    /// Those that come next, the last one first.
    waiting: Vec<(usize, &'t Command<'d>)>,
}

/// What follows from the parameters of a command, once they are listed.
#[derive(Debug, Clone, Copy)]
pub(crate) struct Settled {
    /// The words that the operands need together.
    needs: u32,
    /// Which tails the operands have: looked at for each word, so it is known beforehand.
    tails: Tails,
    /// How many operands there are; many are as many as 255.
    operands: u8,
    /// Some are accepted by the commands below too.
    is_throughout: bool,
    /// Some have more names than one.
    has_more_names: bool,
    /// Some have names anew that a command above has throughout.
    has_anew: bool,
    /// Some name a command of the program.
    names_commands: bool,
    brought: Brought,
}

/// Which tails the operands of a command have.
#[derive(Debug, Clone, Copy)]
pub(crate) struct Tails {
    raw: bool,
    after_dashes: bool,
    unknown_options: bool,
}

/// Parameters that several commands take together. Pages show their options under a heading of
/// their own; their operands come after the command's own ones.
///
/// ```
/// # use clavret_core as clavret;
/// use clavret::{Bundle, Command, Named, Rule};
/// static SINCE: Named<Option<String>> = Named::new("since");
/// static UNTIL: Named<Option<String>> = Named::new("until");
/// static PERIOD: Bundle = Bundle::new("period").takes(&[SINCE.param(), UNTIL.param()]);
///
/// static REPORT: Command = Command::new("report").bundles(&[&PERIOD]);
/// static HARVESTS: Command = Command::new("harvests").bundles(&[&PERIOD]);
/// ```
#[derive(Debug, Clone, Copy)]
pub struct Bundle<'d> {
    heading: &'d str,
    params: &'d [&'d Param<'d>],
    rules: &'d [Rule<'d>],
    /// Why it can be none.
    flaw: Option<&'static str>,
}

/// The parameters of a command, or its rules: its own, then those of its bundles. By hand, as nearly every step
/// of a reading goes through it.
#[derive(Debug)]
struct Bundled<'d, T> {
    list: Iter<'d, T>,
    bundles: Iter<'d, &'d Bundle<'d>>,
    of_bundle: fn(&Bundle<'d>) -> &'d [T],
}

/// A program's version, where to write to, and its licence, as its package has them: see
/// [`Command::package`](super::Command::package).
///
/// The facade's macro `package!` reads it from the manifest of the program.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Default)]
#[non_exhaustive]
pub struct Package<'d> {
    version: &'d str,
    binary: &'d str,
    authors: &'d str,
    page: &'d str,
    licence: &'d str,
}

/// The config file of a program, for [`Command::config`](super::Command::config).
///
/// Its sections follow the tree of commands, and its keys are the long names of options and flags:
/// `sort = ["code"]` in the section `[hive.list]` means `apiary hive list --sort code`. Keys
/// of the root come first, before any section. A key that is no name here is a fault.
///
/// The file is the one that [`option`](Config::option) names, if it is given; else the first that
/// is found by the name in the folders of the XDG base-directory rules: `$XDG_CONFIG_HOME`
/// (`~/.config` where that is not set), then those of `$XDG_CONFIG_DIRS` (`/etc/xdg`).
#[derive(Debug, Clone, Copy)]
pub struct Config<'d> {
    /// What asks for it.
    sources: &'static Sources,
    file: &'d str,
    option: Option<&'d Param<'d>>,
}

/// One parameter without its type. Its typed key, such as [`Named`](super::Named), hands it out.
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
    throughout: bool,
    hidden: bool,
    /// How often it must and may be given: what `times` says, else what its type does.
    times: Times,
    /// A flag that may have a truth word attached.
    worded: bool,
    /// It is shown as dots.
    secret: bool,
    manner: Manner,
    tail: Option<Tail>,
    refers: Option<Refers>,
    /// What parts the values within a word.
    delimiter: Option<char>,
    name: &'d str,
    opposite: &'d str,
    aliases: &'d [&'d str],
    placeholder: &'d str,
    help: &'d str,
    description: &'d str,
    default: Option<&'d str>,
    /// The environment variable that stands in for it; empty without one.
    variable: &'d str,
    /// The name of a secret's option that takes a file; empty without one.
    file_name: &'d str,
    /// What to type instead of a deprecated parameter; empty for any other.
    instead: &'d str,
    /// Names that it had before.
    former: &'d [&'d str],
    path: PathTest<'d>,
    twin: Option<Twin>,
    test: Option<&'d dyn Test>,
    /// What lists its values at run time.
    list: Option<&'d dyn Lister>,
    /// What is printed where it is given, if nothing else is needed then.
    alone: Option<&'d dyn Alone>,
    form: &'d Form<'d>,
}

/// How often a parameter must and may be given; an operand, how many units it takes.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub struct Times {
    /// At least so often.
    pub min: u32,
    /// At most so often.
    pub max: u32,
}

/// How many words a value has and of which kinds, without its type: what an [`Untyped`](super::Untyped) key
/// is given.
#[derive(Debug, Clone, Copy)]
pub struct Form<'d> {
    /// The kinds of the words of one occurrence.
    kinds: &'d [&'d Kind<'d>],
    /// It must be given, unless it has a default.
    needed: bool,
    /// It may be given again, and every occurrence counts.
    many: bool,
    /// The value is attached to the name, or left out.
    attached: bool,
    /// Its words convert by their kinds, and by nothing else.
    by_kind: bool,
    /// Converts the words of one occurrence into the cell.
    fill: form::Fill,
}

/// What must be at a path, and how it must end.
#[derive(Debug, Clone, Copy)]
pub(crate) struct PathTest<'d> {
    at: At,
    /// The extensions that it may have, without a dot; any where there are none.
    extensions: &'d [&'d str],
}

/// What a parameter reads beyond what its type does.
#[doc(hidden)]
#[derive(Debug, Clone, Copy, Default)]
pub struct Manner {
    /// Whole numbers as source code has them: `0x1f`, `1_000`.
    code: bool,
    /// NaN and the infinities.
    infinite: bool,
}

/// What a single word's value may be. A kind shows in pages, faults and completion; the
/// conversion itself is [`FromWord`](super::FromWord).
///
/// ```
/// # use clavret_core as clavret;
/// use clavret::Kind;
/// static HIVE_CODE: Kind = Kind::new("a hive's code: a letter and a number", "A7");
/// assert_eq!(HIVE_CODE.example_word(), "A7");
/// ```
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
    /// What to type instead of a deprecated word; empty for any other.
    instead: &'d str,
    /// What the value of a key may be.
    value: Option<&'d Kind<'d>>,
}

/// The words of one occurrence on their way to a value, and what is wrong with them.
#[derive(Debug)]
pub struct Feed<'f> {
    /// The place of the first of the words among all of the parameter's.
    first: usize,
    words: &'f [&'f OsStr],
    /// Where the `=` of an entry is, if it is not the first one.
    equals: Option<usize>,
    param: &'f Param<'f>,
    wrong: &'f mut Vec<Wrong>,
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

/// Why a word did not convert, or the value that it gives is not accepted: what a [`FromWord`] and a
/// [validator](valid::Test) give, and faults tell in the phrases of the program.
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct Refusal {
    reason: Reason,
}

/// A relation between parameters of a command, for [`Command::rules`](super::Command::rules).
///
/// A rule looks at what the words say. A value from the environment, a config file or a default
/// breaks none; a typed member silences what the environment and the config file have for the
/// others. Only what is needed is met from anywhere but the default.
///
/// ```
/// # use clavret_core as clavret;
/// use clavret::{Command, Flag, Named, Outcome, Rule};
///
/// static JARS: Named<Option<u32>> = Named::new("jars");
/// static BARREL: Flag = Flag::new("barrel");
/// static HARVEST: Command = Command::new("harvest")
///     .takes(&[JARS.param(), BARREL.param()])
///     .rules(&[Rule::only_one(&[JARS.param(), BARREL.param()])]);
///
/// assert!(matches!(HARVEST.read(&["--jars", "3"]), Outcome::Reading(_)));
/// assert!(matches!(HARVEST.read(&["--jars", "3", "--barrel"]), Outcome::Faults(_)));
/// ```
#[derive(Debug, Clone, Copy)]
pub struct Rule<'d> {
    /// What it is: its verdict, and what is said of it.
    relation: &'d dyn Relation,
    /// The parameter that the rule hangs on, and the value that it must have for it.
    when: Option<(&'d Param<'d>, &'d str)>,
    members: &'d [&'d Param<'d>],
}
