//! The pure core of Clavret: from one declaration of a command-line program to its typed values,
//! its faults, its pages and its completion. No input or output, no environment, no clock, no
//! terminal: words and a declaration come in, values and text go out.
//!
//! The folders are the stages, in the order the data moves:
//!
//! 1. `declare/`: a [`Command`] and its parameters, as data in statics.
//! 2. `read/`: words become [`Step`]s, steps become a [`Reading`] with typed values, or [`Fault`]s.
//! 3. `relate/`: rules between parameters, a file each.
//! 4. `facts.rs`: what a declaration says of a parameter, as data.
//! 5. `fault/`: faults are mended where that can be proved, and drawn under the words as typed.
//! 6. `page/`: a command becomes a [`Page`], a page becomes text.
//! 7. `usual/`: what most programs have: `--help`, `--version`, `help`.
//!
//! Later stages import earlier ones, never back. What several need stands in `text/` (measuring,
//! wrapping, quoting, painting) and [`Wording`] (every fixed phrase).
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

mod declare;
mod facts;
mod fault;
mod page;
mod read;
mod relate;
mod text;
mod usual;
mod wording;

#[cfg(feature = "idna")]
pub use declare::DomainName;
#[cfg(feature = "by-name")]
pub use declare::Unfit;
pub use declare::valid;
pub use declare::{
    Alone, Attached, Bundle, COLOR, Choice, Command, Config, Flag, FlagShape, Form, Fraction,
    FromWord, Held, Hit, Key, Kind, Known, ListShape, Lister, Manner, Named, Noun, Of, Offer,
    Operand, Package, Param, Problem, Refers, Refusal, Role, Rule, Shape, Shared, Standard, Tail,
    TailShape, Tally, Times, Tree, Unit, Untyped, When, Whole,
};
#[doc(hidden)]
pub use declare::{Brought, Culprit, Gives, SETTERS};
#[doc(hidden)]
#[cfg(feature = "mend")]
pub use fault::FixWord;
pub use fault::{Blot, Frame, draw_blots, nearest};
pub use page::Page;
#[doc(hidden)]
pub use read::Wanted;
pub use read::{
    Asked, CommandPath, Environment, Expects, Facts, Fault, FaultKind, Faults, Given, Malformed,
    Meaning, Objection, Occurrence, Origin, Outcome, PageLength, Place, Presence, Reach, Reached,
    Reader, Reading, Setting, Settings, SoFar, Step, Unread, Word, Words, World, io_message,
    message,
};
pub use text::{Look, columns, visible};
#[doc(hidden)]
pub use text::{Put, digits};
pub use usual::{HELP, HELP_FLAG, ShowPage, ShowVersion, VERSION_FLAG};
pub use wording::{Phrase, Wording};

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
    pub use crate::page::{Block, Entry, Inline, Layout, Section, Text, What};
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
