//! The pure core of Clavret: from one declaration of a command-line program to its typed values,
//! its faults, its pages and its completion. No input or output, no environment, no clock, no
//! terminal: words and a declaration come in, values and text go out.
//!
//! Each folder stands on those below it, and imports and calls none above:
//!
//! | folder | what it does |
//! |---|---|
//! | `usual/` | what most programs have: `--help`, `--version`, `help` |
//! | `declare/` | a developer's calls become a [`Command`] and its parameters, as data in statics |
//! | `relate/` | rules between parameters, a file each |
//! | `on_demand/` | what only some programs declare, and only these link |
//! | `page/` | a command becomes a [`Page`](medium::Page), a page becomes text |
//! | `fault/` | faults are mended where that can be proved, and drawn under the words as typed |
//! | `tell/` | what declarations and readings say, in words |
//! | `read/` | words become [`Step`](reader::Step)s, steps become a [`Reading`] with typed values, or [`Fault`](faults::Fault)s |
//! | `check/` | what a declaration must keep to |
//! | `kind/` | what words may be: types, choices, validators |
//! | `record/` | all of these as data |
//! | `wording/` | every fixed phrase |
//! | `text/` | measuring, wrapping, quoting, painting |
//!
//! # Guarantees
//!
//! * No panic on any words; a wrong declaration is a build error (statics) or a list of problems
//!   (trees made at run time).
//! * Declaring allocates nothing; reading takes time in proportion to the words.
//! * No `unsafe`, and no dependency unless a feature asks for it.
//!
//! # Features
//!
//! * `unicode-width`: columns are measured by Unicode's tables; without it each character is one.
//! * `mend`: the search for fixes; without it a refused line is told without one that reads.
//! * `serde`: a [`Reading`] serialises.
//! * Kinds of values, each called as the crate whose types it converts: `jiff` (dates, times,
//!   durations), `bytesize`, `email_address`, `idna` (names of domains), `url`, `uuid`, `regex` (also
//!   `valid::pattern`), `glob`, `semver`, `serde_json`.

#![forbid(unsafe_code)]
// The search for fixes asks more of the reader than any other stage.
#![cfg_attr(not(feature = "mend"), allow(dead_code))]
#![warn(clippy::print_stdout, clippy::print_stderr)]
mod check;
mod declare;
mod fault;
#[doc(hidden)]
pub mod inner;
mod kind;
mod on_demand;
mod page;
mod read;
mod record;
mod relate;
mod tell;
mod text;
mod usual;
pub mod wording;

pub use declare::color::COLOR_OPTION;
pub use declare::keys::{Flag, Named, Operand, Tally};
pub use kind::choice::Choice;
#[cfg(feature = "idna")]
pub use kind::foreign::idna::DomainName;
pub use kind::from_word::FromWord;
pub use kind::shape::Attached;
pub use kind::valid;
pub use record::brought::Abbreviated;
pub use record::command::{Bundle, Command};
pub use record::config::Config;
pub use record::fault::Objection;
pub use record::kind::{Kind, Offer, Refers};
pub use record::list::Known;
pub use record::package::Package;
pub use record::param::Tail;
pub use record::reading::{Outcome, Reading};
pub use record::refusal::Refusal;
pub use record::rule::Rule;
pub use record::so_far::SoFar;
pub use usual::page::{HELP_COMMAND, HELP_FLAG};
pub use usual::version::VERSION_FLAG;

/// What a declaration says, for whoever looks at one: a tool, a test, a generator.
pub mod ask {
    pub use crate::record::command::Tree;
    pub use crate::record::command::declaration::Declaration;
    pub use crate::record::kind::Noun;
    pub use crate::record::param::{Param, Role, Times};
    pub use crate::record::reading::CommandPath;
    pub use crate::record::standard::Standard;
}

/// What is wrong: with a command line, as [`Fault`](faults::Fault)s, and with a declaration, as
/// [`Problem`](faults::Problem)s.
pub mod faults {
    pub use crate::check::culprit::Problem;
    pub use crate::check::problem::ProblemKind;
    pub use crate::fault::say::failure;
    pub use crate::record::fault::{Facts, Fault, FaultKind, Place};
    pub use crate::record::faults::Faults;
    #[cfg(feature = "mend")]
    pub use crate::record::report::FixWord;
}

/// What a program does with a line that no handler of its own is for.
pub mod handlers {
    pub use crate::record::alone::{Alone, Gives};
    pub use crate::usual::page::ShowPage;
    pub use crate::usual::version::ShowVersion;
}

/// How text is shown: in colour or not, how wide, and with which signs made visible.
pub mod look {
    pub use crate::kind::when::When;
    pub use crate::text::columns::columns;
    pub use crate::text::paint::Look;
    pub use crate::text::quote::visible;
}

/// Reading word by word, and what each word was read as: for whoever steps the reader, or asks a reading for more than values.
pub mod reader {
    pub use crate::read::reader::Expects;
    pub use crate::read::show::{Given, Occurrence};
    pub use crate::record::cell::Held;
    pub use crate::record::line::{Reach, Reached, Reader};
    pub use crate::record::origin::Origin;
    pub use crate::record::param::called::Hit;
    pub use crate::record::reading::Request;
    pub use crate::record::step::{Meaning, Step};
    pub use crate::record::word::{Word, Words};
}

/// Which Rust types a key may have, for code that is generic over them, and keys whose type is known at run time.
pub mod shape {
    pub use crate::declare::keys::untyped::Untyped;
    pub use crate::declare::keys::{FlagShape, ListShape, TailShape};
    pub use crate::kind::from_word::{Fraction, Whole};
    pub use crate::kind::shape::{Shape, Unit};
    pub use crate::record::form::Form;
    pub use crate::record::key::Key;
}

/// What reaches a program besides its words: variables, files, the config file, and values that are known at run time.
pub mod world {
    pub use crate::record::list::Lister;
    pub use crate::record::so_far::Environment;
    pub use crate::record::unread::{Unread, message};
    pub use crate::record::world::{Malformed, Presence, Setting, Settings, World};
}

/// Documents that declare, as far as the core knows them.
#[cfg(feature = "by-name")]
pub mod document {
    pub use crate::kind::by_name::Unfit;
}

/// A command's page, and what it is made of, for a medium of one's own.
///
/// ```
/// # use clavret_core as clavret;
/// use clavret::ask::CommandPath;
/// use clavret::medium::{Block, Page, PageLength, InlineKind};
/// use clavret::{Command, Flag};
/// static CALM: Flag = Flag::new("calm").letter('c').help("the colony was calm");
/// static INSPECT: Command = Command::new("inspect").takes(&[CALM.param()]);
///
/// let page = Page::of(&CommandPath::of(&INSPECT), PageLength::Full);
/// let mut names = Vec::new();
/// for block in page.sections().iter().flat_map(|section| section.blocks()) {
///     if let Block::Entries(_, entries) = block {
///         let inlines = entries.iter().flat_map(|entry| entry.names().inlines());
///         names.extend(inlines.filter(|inline| inline.kind() == InlineKind::Name).map(|name| name.text()));
///     }
/// }
/// assert_eq!(names, ["-c", "--calm", "-h", "--help"]);
/// ```
pub mod medium {
    pub use crate::record::page::{Block, Entry, Inline, InlineKind, Layout, Page, Section, Text};
    pub use crate::record::reading::PageLength;
}

/// What was called otherwise before: the names of today compile, the others do not.
///
/// ```
/// # use clavret_core as clavret;
/// use clavret::{Command, Named};
/// static SORT: Named<Vec<String>> = Named::new("sort").joined_by(',');
/// static LIST: Command = Command::new("list").takes(&[SORT.param()]).judged_by(&|_| Ok(()));
/// ```
///
/// ```compile_fail
/// # use clavret_core as clavret;
/// use clavret::Named;
/// static SORT: Named<Vec<String>> = Named::new("sort").split(',');
/// ```
///
/// ```compile_fail
/// # use clavret_core as clavret;
/// use clavret::Command;
/// static LIST: Command = Command::new("list").check(|_| Ok(()));
/// ```
#[cfg(doctest)]
pub struct Renamed;
