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
//! | `page/` | a command becomes a [`Page`], a page becomes text |
//! | `fault/` | faults are mended where that can be proved, and drawn under the words as typed |
//! | `tell/` | what declarations and readings say, in words |
//! | `read/` | words become [`Step`]s, steps become a [`Reading`] with typed values, or [`Fault`]s |
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
mod kind;
mod on_demand;
mod page;
mod read;
mod record;
mod relate;
mod tell;
mod text;
mod usual;
mod wording;

#[doc(hidden)]
pub use check::culprit::Culprit;
pub use check::problem::{Problem, Shared};
pub use declare::color::COLOR;
pub use declare::keys::untyped::Untyped;
pub use declare::keys::{Flag, FlagShape, ListShape, Named, Operand, TailShape, Tally};
pub use fault::file::{Blot, draw_blots, nearest};
#[cfg(feature = "by-name")]
pub use kind::by_name::Unfit;
pub use kind::choice::Choice;
#[cfg(feature = "idna")]
pub use kind::foreign::idna::DomainName;
pub use kind::from_word::{Fraction, FromWord, Whole};
pub use kind::shape::{Attached, Shape, Unit};
pub use kind::valid;
pub use kind::when::When;
pub use read::reader::Expects;
pub use read::show::{Given, Occurrence};
pub use record::alone::Alone;
#[doc(hidden)]
pub use record::alone::Gives;
#[doc(hidden)]
pub use record::brought::Brought;
pub use record::brought::Of;
pub use record::cell::Held;
pub use record::command::{Bundle, Command, Tree};
pub use record::config::Config;
pub use record::fault::{Facts, Fault, FaultKind, Objection, Place};
pub use record::faults::Faults;
pub use record::form::Form;
pub use record::key::Key;
pub use record::kind::{Kind, Noun, Offer, Refers};
pub use record::line::{Reach, Reached, Reader};
pub use record::list::{Known, Lister};
pub use record::origin::Origin;
pub use record::package::Package;
pub use record::page::Page;
pub use record::param::called::Hit;
pub use record::param::{Manner, Param, Role, Tail, Times};
pub use record::reading::{Asked, CommandPath, Outcome, PageLength, Reading};
pub use record::refusal::Refusal;
#[doc(hidden)]
#[cfg(feature = "mend")]
pub use record::report::FixWord;
pub use record::rule::Rule;
#[doc(hidden)]
pub use record::said::SETTERS;
#[doc(hidden)]
pub use record::so_far::Wanted;
pub use record::so_far::{Environment, SoFar};
pub use record::standard::Standard;
pub use record::step::{Meaning, Step};
pub use record::unread::{Unread, io_message, message};
pub use record::word::{Word, Words};
pub use record::world::{Malformed, Presence, Setting, Settings, World};
pub use tell::framed::Frame;
pub use text::columns::columns;
pub use text::paint::Look;
pub use text::quote::visible;
#[doc(hidden)]
pub use text::{Put, digits};
pub use usual::page::{HELP, HELP_FLAG, ShowPage};
pub use usual::version::{ShowVersion, VERSION_FLAG};
pub use wording::Wording;
pub use wording::english::Phrase;

/// What a [`Page`] is made of, for a medium of one's own.
///
/// ```
/// # use clavret_core as clavret;
/// use clavret::medium::{Block, What};
/// use clavret::{Command, CommandPath, Flag, Page, PageLength};
/// static CALM: Flag = Flag::new("calm").letter('c').help("the colony was calm");
/// static INSPECT: Command = Command::new("inspect").takes(&[CALM.param()]);
///
/// let page = Page::of(&CommandPath::of(&INSPECT), PageLength::Full);
/// let mut names = Vec::new();
/// for block in page.sections().iter().flat_map(|section| section.blocks()) {
///     if let Block::Entries(_, entries) = block {
///         let inlines = entries.iter().flat_map(|entry| entry.names().inlines());
///         names.extend(inlines.filter(|inline| inline.what() == What::Name).map(|name| name.text()));
///     }
/// }
/// assert_eq!(names, ["-c", "--calm", "-h", "--help"]);
/// ```
pub mod medium {
    pub use crate::record::page::{Block, Entry, Inline, Layout, Section, Text, What};
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
