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
//! * `finish.rs`: what is only known behind the last word; `convert.rs`: words into typed values;
//!   `outcome.rs`: what a line that reads turns out to be; `asked.rs`: one that asks for something else.
//! * `reach.rs`: what names may mean at a place.
//! * `meant.rs`: words of a refused line that were meant as names.
//! * `relation.rs`: rules between parameters, and the developer's test of the whole.
//! * `world.rs`: what a reading asks of its surroundings; `unread.rs`: why a file cannot be read.
//! * `trace.rs`: what was understood, right or wrong; `secret.rs`: what of a refused line is dark.
//! * `reading.rs`: the result, `show.rs`, `serialise.rs`: what else it tells;
//!   `fault.rs`: the facts of what is wrong.

mod asked;
mod convert;
mod fault;
mod finish;
mod meant;
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
mod source;
mod step;
mod touch;
mod trace;
mod trail;
mod unread;
mod word;
mod world;

pub use asked::Asked;
pub use fault::{Facts, Fault, FaultKind, Faults, Place};
pub use reader::{Expects, Reader};
pub use reading::{Length, Outcome, Path, Reading};
pub use relation::Objection;
pub use show::{Given, Occurrence, Origin};
pub use step::{Meaning, Step};
pub use unread::{Unread, message};
pub use word::{Word, Words};
pub use world::{Malformed, Presence, Setting, Settings, World};

pub(crate) use meant::bare;
pub(crate) use reach::{Reach, Reached, Usual};
pub(crate) use source::{has_secret, is_settable, secret_settings};
pub(crate) use trace::{Trace, Use};
pub(crate) use world::{Around, Trial};
