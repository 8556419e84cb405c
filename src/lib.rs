//! Declare a command-line program once, and get typed reading, help, faults that say what would be
//! right, and shell completion from that one declaration.
//!
//! ```no_run
#![doc = include_str!("../examples/smallest.rs")]
//! ```
//!
//! # Where to start
//!
//! 1. Declare parameters as statics: [`Operand`] (a value by position), [`Opt`] (a named value),
//!    [`Flag`] and [`Tally`] (named things without a value). The Rust type says the shape: `T` is
//!    needed, `Option<T>` may be absent, `Vec<T>` is any number, `[T; N]` and pairs are several words.
//! 2. List them in a [`Command`]; nest commands by [`Command::commands`]. What is wrong with a
//!    declaration stops the build, with the culprits named.
//! 3. Call [`run`] from `main`, and ask the [`Reading`] by the typed keys. A program with several
//!    commands hands them to a table of [`Route`]s.
//!
//! # Map
//!
//! * This crate is the edge: the words of the process, the terminal, standard output and error, the
//!   exit status. It has no rules of its own.
//! * `clavret-core` has all the rest, without I/O: declaring, reading, faults, pages, completion.
//!   What it offers is re-exported here by name.
//!
//! # Features
//!
//! * `config`: [`Config`] and the file that it names, in TOML or JSON.
//! * `files`: [`Input`] and [`Output`], files that open when they are used.
//! * `serde`: a [`Reading`] serialises.
//! * Kinds of values, each called as the crate whose types it converts: `jiff` (dates, times,
//!   durations), `bytesize`, `email_address`, `idna` (names of domains), `url`, `uuid`, `regex` (also
//!   `valid::pattern`), `glob`, `semver`, `serde_json`.
//!
//! # Guarantees
//!
//! * No panic on anything a user can type; no `unsafe` in either crate.
//! * Faults go to standard error with status 2 and nothing on standard output; a handler's error
//!   goes there with status 1.
//! * Colour only says again what the text says, and obeys `NO_COLOR`, `CLICOLOR_FORCE`, `TERM=dumb`
//!   and [`COLOR`].

#![forbid(unsafe_code)]
#![warn(clippy::print_stdout, clippy::print_stderr)]

#[cfg(feature = "asked")]
mod asked;
mod call;
#[cfg(feature = "config")]
mod config;
mod declared;
mod end;
#[cfg(feature = "files")]
mod files;
mod package;
mod program;
mod prove;
mod rehearse;
mod route;
mod run;
mod streams;
mod system;
mod terminal;

pub use call::{Call, Executor, Lends, Work};
#[cfg(feature = "config")]
pub use clavret_core::Config;
#[cfg(feature = "idna")]
pub use clavret_core::DomainName;
pub use clavret_core::{
    Attached, Bundle, COLOR, COMPLETIONS, Choice, Command, Expects, Fault, FaultKind, Faults, Flag,
    FlagShape, Flaw, Fraction, FromWord, HELP, Key, Kind, Length, Look, Meaning, Misfit, Objection,
    Occurrence, Offer, Operand, Opt, Origin, Outcome, Package, Page, Param, Path, Place, Presence,
    Problem, Reader, Reading, Refers, Role, Rule, Setting, Settings, Shape, Shell, Step, Tail,
    TailShape, Tally, Unit, When, Whole, Word, Wording, Words, World, candidates, script, valid,
};
/// Makes a plain enum a closed list of words: see the trait of the same name.
#[cfg(feature = "macros")]
pub use clavret_derive::Choice;
#[cfg(feature = "asked")]
pub use clavret_derive::asked;
#[cfg(feature = "macros")]
pub use clavret_derive::{Declare, declare};
pub use declared::{Act, Completions, Declare, FromReading, Help, Routed};
pub use end::{Done, Ending, Failure};
#[cfg(feature = "files")]
pub use files::{Input, Output, Writing};
pub use program::Program;
pub use prove::{Provable, prove};
pub use rehearse::{Rehearsal, Rehearsed, rehearse};
pub use route::Route;
pub use run::{run, run_as};
pub use streams::Streams;
pub use system::SYSTEM;

/// What generated code calls: no interface of its own, and free to change.
#[doc(hidden)]
pub mod __;

/// The README's programs are compiled and run with the tests.
#[cfg(doctest)]
#[doc = include_str!("../README.md")]
struct Readme;
