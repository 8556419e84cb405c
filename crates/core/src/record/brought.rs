//! The types of what records bring along to be done: a program links what its own declaration asks for, and no more. What is
//! brought is decided in `declare/brought.rs`; the code stands in `on_demand/`.

use std::ffi::{OsStr, OsString};
use std::fmt;

use super::command::Command;
use super::fact::Fact;
use super::fault::{Fault, Place};
use super::faults::{Dark, Faults};
use super::kind::{Kind, Wrong};
use super::line::{Input, Line, Reader, Slot, Trace, Usual};
use super::list::Known;
use super::mend::Mend;
use super::page::{Block, Page};
use super::param::Param;
use super::reading::{CommandPath, Outcome, PageLength, Reading};
use super::refusal::Reason;
use super::report::{Echo, Report};
use super::word::Words;
use super::world::World;
use crate::wording::Speech;

/// What is done when the last word is known.
type Code = for<'d> fn(&mut Line<'d>);

/// What is wrong with a tree that was made at run time, a sentence for each.
pub(crate) type Checks = fn(&Command<'_>) -> Vec<String>;

/// What is done with a line that reads, where a command judges it.
pub(crate) type Judged = for<'d> fn(Reading<'d>) -> Outcome<'d>;

/// What is wrong, and what would be right, in a sentence: of one fault, or of several that differ in names alone.
#[derive(Clone, Copy)]
pub(crate) struct Say(pub(crate) Saying);

type Saying = for<'t, 'd> fn(&Report<'t, 'd>, &[&Fault<'d>]) -> &'t str;

/// What a fault brings along that only some programs can have.
#[derive(Debug)]
pub(crate) struct Brings {
    pub(crate) say: Option<Say>,
    pub(crate) mend: Option<Mend>,
}

impl Brings {
    /// What says it, and no more.
    #[inline]
    pub(crate) const fn saying(say: Saying) -> Self {
        Brings { say: Some(Say(say)), mend: None }
    }
}

/// Where it stands differs from run to run.
impl fmt::Debug for Say {
    fn fmt(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {
        f.write_str("Say")
    }
}

/// Values from the environment and the config file.
#[derive(Debug)]
pub(crate) struct Sources {
    /// Asks for what is not typed.
    pub(crate) ask: Code,
    /// What a fault shows that is from there, by its number: its place, and its own line.
    pub(crate) echo: for<'d> fn(&Faults<'d>, usize, &Fault<'d>) -> Option<(String, Echo)>,
    /// What pages say of the variable that stands in for a parameter.
    pub(crate) facts: Tell,
    /// What a flag's words from there say.
    pub(crate) truth: Truth,
}

/// What is read in other ways than most.
#[derive(Debug)]
pub(crate) struct Manners {
    /// What pages say of it.
    pub(crate) facts: Tell,
    /// The values of a word, or of a default of several words, and where each stands.
    pub(crate) parts: Parts,
    /// What a flag's words say.
    pub(crate) truth: Truth,
}

/// Takes a word apart, whose bytes stand somewhere.
type Parts = fn(&Param<'_>, &OsStr, &dyn Fn(usize, usize) -> Place) -> Vec<(OsString, Place)>;

/// Converts a flag with a truth word.
type Truth = fn(&mut Slot<'_>, Input<'_, '_>, &mut Vec<Wrong>);

/// Adds what pages say of a parameter.
type Tell = for<'t> fn(&Param<'t>, Speech<'t>, &mut Vec<Fact<'t>>);

/// How the value of a parameter is had that asks for more than that its words convert.
type Special = for<'d> fn(&mut Line<'d>, &mut Slot<'d>);

/// What is known of secrets.
#[derive(Debug)]
pub(crate) struct Secrecy {
    /// What of a refused line may be one.
    pub(crate) dark: for<'d> fn(&Trace<'d>, Words<'_>, Usual<'d>) -> Dark,
    /// The one whose value a text repeats.
    pub(crate) told: for<'d> fn(&Reading<'d>, &str) -> Option<&'d Param<'d>>,
}

/// What reads unique beginnings of names, where those mean the names.
#[derive(Debug)]
pub(crate) struct Abbreviates {
    /// What may be shortened.
    pub(crate) of: Abbreviated,
    /// Reads the beginning of a long name, attached bytes after it; tells whether it is one, or may be several.
    pub(crate) option: for<'d> fn(&mut Reader<'d>, &[u8], &[u8], Option<usize>) -> bool,
    /// The same of the beginning of a subcommand.
    pub(crate) command: for<'d> fn(&mut Reader<'d>, &'d Command<'d>, &[u8]) -> bool,
    /// Whether a name of a parameter begins so.
    pub(crate) begins: fn(&Param<'_>, &[u8]) -> bool,
    /// What covers both, where this covers one of them.
    pub(crate) both: Option<&'static Abbreviates>,
}

/// What may be shortened: see [`Command::abbreviations`].
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash)]
pub enum Abbreviated {
    /// The long names of options and flags.
    Options,
    /// The names of subcommands.
    Commands,
    /// Names of options and of subcommands.
    Both,
}

impl Abbreviated {
    /// Whether options may be shortened.
    pub const fn has_options(self) -> bool {
        !matches!(self, Abbreviated::Commands)
    }

    /// Whether subcommands may be shortened.
    pub const fn has_commands(self) -> bool {
        !matches!(self, Abbreviated::Options)
    }
}

impl Abbreviates {
    /// What a command above says, and what one below says too.
    pub(crate) fn and(&'static self, below: Option<&'static Self>) -> &'static Self {
        let is_more = below.is_some_and(|below| below.of != self.of);
        self.both.filter(|_| is_more).unwrap_or(self)
    }
}

/// What the list of a parameter has for a line in the making: its words, and which of them are open.
type Begun = for<'d> fn(
    Reader<'d>,
    &'d Param<'d>,
    Words<'d>,
    &dyn Fn(usize) -> bool,
    &'d dyn World,
) -> Option<Vec<Known>>;

/// Values that are known at run time.
#[derive(Debug)]
pub(crate) struct Lists {
    /// Looks whether what closed lists have is what the line has.
    pub(crate) check: Code,
    /// Asks the list of a parameter with a line in the making.
    pub(crate) list: Begun,
    /// Asks the closed lists of a command, for its page.
    pub(crate) learn: for<'d> fn(Reading<'d>, &CommandPath<'d>) -> Reading<'d>,
    /// What a page says of the values of a parameter: in its help, or else below that.
    pub(crate) told: for<'t> fn(&[Known], PageLength, Speech<'t>, &mut Vec<Block>) -> &'t str,
}

/// Entries whose keys are a closed list.
#[derive(Debug)]
pub(crate) struct Keyed {
    /// What pages have of the keys below the help.
    pub(crate) offers: for<'t> fn(&Kind<'_>, Speech<'t>) -> Option<Block>,
    /// Why the value of a key is refused that takes values of its own.
    pub(crate) refused: OfKey,
    /// What may help against a key, or a value, that is nearly one.
    pub(crate) mend: Mend,
}

type OfKey = for<'t> fn(Speech<'t>, &Kind<'_>, (u32, &Reason), (&str, &str)) -> &'t str;

/// What the parameters of a command bring along; a config file brings sources too.
#[doc(hidden)]
#[derive(Debug, Clone, Copy)]
pub struct Brought {
    /// Where a parameter has a variable.
    pub(crate) sources: Option<&'static Sources>,
    /// Looks at files and folders, where a value is in one, or must be.
    pub(crate) touches: Option<Code>,
    /// Where a parameter asks for more than that its words convert.
    pub(crate) special: Option<Special>,
    /// Where a parameter is a secret.
    pub(crate) secrecy: Option<&'static Secrecy>,
    /// Where values of a parameter are known at run time.
    pub(crate) lists: Option<&'static Lists>,
    /// Where a parameter is read in a manner of its own.
    pub(crate) manners: Option<&'static Manners>,
    /// What may help a value of several words, where a parameter has such.
    pub(crate) several: Option<Mend>,
    /// What may help a value that is attached to its name or left out.
    pub(crate) bare: Option<Mend>,
    /// Where a parameter is of entries with a closed list of keys.
    pub(crate) keyed: Option<&'static Keyed>,
    /// What the page has of what only some commands declare.
    pub(crate) described: Option<&'static Described>,
}

impl Brought {
    pub const NOTHING: Brought = Brought {
        sources: None,
        touches: None,
        special: None,
        secrecy: None,
        lists: None,
        manners: None,
        several: None,
        bare: None,
        keyed: None,
        described: None,
    };
}

/// What a page has of what only some commands declare.
#[derive(Debug)]
pub(crate) struct Described {
    /// A description in blocks.
    pub(crate) blocks: Option<fn(&str) -> Vec<Block>>,
    /// The end of a full page.
    pub(crate) foot: Option<Foot>,
}

/// Adds the end of a full page.
type Foot = for<'d> fn(&mut Page<'d>, &CommandPath<'d>, Speech<'_>);

impl<'d> Command<'d> {
    /// What converts a flag with a truth word.
    pub(crate) fn truth(&self) -> Option<Truth> {
        let manners = self.brought().manners.map(|manners| manners.truth);
        manners.or(self.sources().map(|sources| sources.truth))
    }

    /// What asks the environment and the config file.
    pub(crate) fn sources(&self) -> Option<&'static Sources> {
        self.brought().sources.or(self.config_file().map(|config| config.sources()))
    }
}
