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
//! * `word.rs`: words and parts of them, without `unsafe`.
//! * `step.rs`: [`Step`] and [`Meaning`], the record of what was understood.
//! * `reader.rs`: the state machine; `options.rs`: what it does with a word that has a dash.
//! * `finish.rs`: what is only known behind the last word; `convert.rs`: words into typed values.
//! * `reading.rs`: the result; `fault.rs`: the facts of what is wrong.

mod convert;
mod fault;
mod finish;
mod options;
mod reader;
mod reading;
mod step;
mod word;

pub use fault::{Fault, FaultKind, Faults, Place};
pub use reader::{Expects, Reader};
pub use reading::{Length, Outcome, Path, Reading};
pub use step::{Meaning, Step};
pub use word::Words;

pub(crate) use word::part;
