//! What a program takes, as data in statics: commands and bundles of parameters.

mod ask;
mod bundle;
pub(crate) mod declaration;
mod node;
mod set;
mod tree;

use std::slice::Iter;

use super::alone::Alone;
use super::brought::{Abbreviates, Brought, Checks, Judged};
use super::config::Config;
use super::fault::Objection;
use super::package::Package;
use super::param::{Param, Tail, is_by_position, is_named};
use super::reading::Reading;
use super::rule::Rule;
use super::said::Said;
use crate::record::deprecated::Deprecated;
use crate::wording::Wording;

/// A developer's own test of a whole reading.
type Judge<'d> = dyn for<'r> Fn(&Reading<'r>) -> Result<(), Objection> + Sync + 'd;

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
#[doc(alias("parser", "interface"))]
#[derive(Clone, Copy)]
pub struct Command<'d> {
    said: Said,
    draft: bool,
    hidden: bool,
    deprecated: Deprecated<'d>,
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

/// The commands of a tree: see [`Declaration::tree`](crate::ask::Declaration::tree).
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
#[doc(alias("option group", "mixin"))]
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

impl<'d> Command<'d> {
    /// One of a tree made at run time of which nothing was said yet but its name, and what looks at it before it is run.
    #[inline]
    pub(crate) const fn blank(name: &'d str, checks: Checks) -> Self {
        Command {
            said: Said::NOTHING,
            draft: true,
            checked: Some(checks),
            hidden: false,
            deprecated: Deprecated::NOT,
            sorted: false,
            acts: false,
            answers: false,
            operands_end: false,
            childless: false,
            settled: Settled::NOTHING,
            name,
            aliases: &[],
            params: &[],
            bundles: &[],
            commands: &[],
            summary: "",
            description: "",
            package: Package::new(""),
            version: "",
            is_unnamed: false,
            alone: None,
            usual: None,
            examples: &[],
            statuses: &[],
            wording: None,
            former: &[],
            default_command: None,
            abbreviates: None,
            rules: &[],
            judge: None,
            config: None,
        }
    }
}

impl Settled {
    /// How many operands there are; many are as many as 255.
    #[inline]
    pub(crate) const fn operands(&self) -> u8 {
        self.operands
    }

    /// Whether some are accepted by the commands below too.
    #[inline]
    pub(crate) const fn is_throughout(&self) -> bool {
        self.is_throughout
    }

    /// Whether some have more names than one.
    #[inline]
    pub(crate) const fn has_more_names(&self) -> bool {
        self.has_more_names
    }

    pub(crate) const NOTHING: Settled = Settled {
        needs: 0,
        tails: Tails { raw: false, after_dashes: false, unknown_options: false },
        operands: 0,
        is_throughout: false,
        has_more_names: false,
        has_anew: false,
        names_commands: false,
        brought: Brought::NOTHING,
    };

    #[inline]
    pub(crate) const fn add(&mut self, param: &Param<'_>) {
        self.is_throughout |= param.is_throughout();
        self.has_more_names |= !param.has_one_name();
        self.has_anew |= param.is_anew();
        if is_named(param.role()) {
            return;
        }
        self.names_commands |= param.names_commands();
        self.operands = self.operands.saturating_add(1);
        if is_by_position(param) {
            self.needs = self.needs.saturating_add(param.word_count().min);
        }
        match param.tail() {
            Some(Tail::Raw) => self.tails.raw = true,
            Some(Tail::AfterDashes) => self.tails.after_dashes = true,
            Some(Tail::UnknownOptions) => self.tails.unknown_options = true,
            None => {}
        }
    }
}

impl<'d, T> Iterator for Bundled<'d, T> {
    type Item = &'d T;

    #[inline]
    fn next(&mut self) -> Option<&'d T> {
        loop {
            if let Some(item) = self.list.next() {
                return Some(item);
            }
            self.list = (self.of_bundle)(self.bundles.next()?).iter();
        }
    }
}
