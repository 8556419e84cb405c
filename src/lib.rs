//! Describe your program's command line once. From that one declaration Clavret reads the words into typed
//! values, writes the help, explains what is wrong with a line, and completes it in the shell.
//!
//! ```no_run
#![doc = include_str!("../examples/smallest.rs")]
//! ```
//!
//! # Which way to declare
//!
//! There are four ways, and one model below them: the same pages, faults and completion.
//!
//! | way | for whom | CPU time | binary |
//! |---|---|---|---|
//! | **functions**: [`#[clavret::declare]`](macro@declare) on a function, whose arguments are the parameters, or on an `impl` block of them | many small commands that share a context | 36 s | 383 KiB |
//! | **types**: [`#[derive(Declare)]`](macro@Declare) on a struct, whose fields are the parameters, or on an enum, whose variants are the subcommands | commands with many values | 32 s | 378 KiB |
//! | **values**: statics that are an [`Operand`], a [`Named`], a [`Flag`] or a [`Tally`], listed by a [`Command`] | libraries, shared options, trees made at run time; no macro, and all that there is | 26 s | 378 KiB |
//! | **in place**: [`asked!`](macro@asked) where a value is used (feature `asked`) | scripts of ten lines | 39 s | 527 KiB |
//!
//! The costs are of one program with six parameters, over one that prints a line: the CPU time of a clean `cargo build
//! --release`, all crates, and the bytes of the stripped binary (`scripts/ways` measures them). A build after an edit takes half a second in each.
//! Questions in place are found when the program is linked, so their declaration is checked when it starts: that is what
//! they cost more.
//!
//! In each, the Rust type is the shape: a `T` is needed, an `Option<T>` may be absent, a `Vec<T>` is any number, and a
//! `[T; N]` or a pair is several words. The ways mix: what a macro declares has a [`Command`] that joins any tree. What is
//! wrong with a declaration stops the build, and the error names the culprits.
//!
//! `main` runs the program in one line: [`run`] with a closure, [`run_as`] with a declared type, or a
//! [`Program`] with a [`Route`] to the handler of each command. Tests [`rehearse`] the program, and `prove` its
//! declaration (feature `prove`).
//!
//! # Which item for what
//!
//! The root has what most programs name; the modules have the rest, each for one sort of reader.
//!
//! | to | there is |
//! |---|---|
//! | declare a program or a subcommand | [`Command`], with the parameters that it takes |
//! | take a value by its position; by its name | [`Operand`]; [`Named`] |
//! | switch something on; count how often a name is given | [`Flag`]; [`Tally`] |
//! | take a name with or without a value; pass words on | [`Attached`]; [`Tail`] |
//! | declare by a type, a function, or where a value is used | `Declare`, `Choice`; `declare`; `asked!` |
//! | accept the beginnings of names | [`Abbreviated`] |
//! | share parameters; relate them; judge the whole line | [`Bundle`]; [`Rule`]; [`Objection`] |
//! | accept a type of your own; a closed list | [`FromWord`], with its [`Kind`] and [`Refusal`], such as `DomainName`; [`Choice`], with an [`Offer`] for each word |
//! | test values | [`valid`] |
//! | say what a value refers to, for completion | [`Refers`] |
//! | list values that are known at run time | [`List`], [`Known`], [`SoFar`] |
//! | offer help, a version, colour | [`HELP_COMMAND`], [`HELP_FLAG`], [`VERSION_FLAG`], [`COLOR_OPTION`] |
//! | offer completion; a document | `COMPLETIONS_COMMAND`, `COMPLETIONS_OPTION`, `completions!`; `DOCUMENT_COMMAND`, `DOCUMENT_FLAG` |
//! | say who made the program, and under which licence | [`Package`], [`package!`] |
//! | read a config file; open files when they are used | `Config`; `Input`, `Output` |
//! | run; dispatch to handlers | [`run`], [`run_as`]; [`Program`], [`Route`], [`Call`], [`Act`] |
//! | print, and read what is piped in | [`Streams`] |
//! | end with a status of your own | [`Done`], [`Failure`] |
//! | get at values | [`Reading`], [`Outcome`] |
//! | test a program; a declaration | [`rehearse`]; `prove` |
//!
//! | if you | look in |
//! |---|---|
//! | inspect what a declaration says | [`ask`] |
//! | step through a line, or show how it was read | [`reader`] |
//! | act on what is wrong | [`faults`] |
//! | write code for keys of any type, or of types known at run time | [`shape`] |
//! | write code for any handler | [`handlers`] |
//! | bring variables, files and settings of your own | [`world`] |
//! | draw pages yourself; draw in colour | [`medium`]; [`look`] |
//! | speak another language | [`wording`] |
//! | write completion for a shell; read declarations from files | `shell`; `document` |
//! | name what a rehearsal gives | [`rehearsal`] |
//!
//! # The crates
//!
//! * This crate is the edge: the words of the process, the terminal, standard streams, the exit status;
//!   programs, their routes and rehearsals. It has no rules of its own.
//! * `clavret-core` has what every program needs, without I/O: declaring, reading, faults, pages.
//! * `clavret-tab` has completion, `clavret-document` documents, and what proves a declaration. What these offer is
//!   re-exported here by name.
//! * `clavret-derive` has the macros, which write the statics that a person could have written.
//!
//! # Features
//!
//! * `macros` (on unless switched off): types, functions and `impl` blocks that declare commands.
//! * `mend` (on unless switched off): a refused line is told with a repaired one that reads.
//! * `complete`: what may be typed next, scripts for shells, and the command that prints one.
//! * `prove`: what a declaration promises and does not keep, for a test of one's own.
//! * `document`: a declaration as a document, which a program gives to whoever asks; `load`: declarations that are
//!   read from documents.
//! * `asked`: parameters asked for in place.
//! * `config`: [`Config`] and the file that it names, in TOML or JSON.
//! * `files`: [`Input`] and [`Output`], files that open when they are used.
//! * `serde`: a [`Reading`] serialises.
//! * Kinds of values, each called as the crate whose types it converts: `jiff` (dates, times,
//!   durations), `bytesize`, `email_address`, `idna` (names of domains), `url`, `uuid`, `regex` (also
//!   `valid::pattern`), `glob`, `semver`, `serde_json`.
//!
//! # Guarantees
//!
//! * No panic on anything a user can type; no `unsafe` in any of the crates.
//! * Faults go to standard error with status 2 and nothing on standard output; an error
//!   goes there with status 1, or that of its [`Failure`].
//! * Colour only says again what the text says, and obeys `NO_COLOR`, `CLICOLOR_FORCE`, `TERM=dumb`
//!   and [`COLOR_OPTION`].

#![forbid(unsafe_code)]
#![warn(clippy::print_stdout, clippy::print_stderr)]

#[cfg(any(feature = "complete", feature = "document"))]
mod answer;
#[cfg(feature = "asked")]
mod asked;
#[cfg(feature = "files")]
mod beside;
mod call;
#[cfg(feature = "config")]
mod config;
mod declared;
mod end;
#[cfg(feature = "files")]
mod files;
mod kept;
mod list;
mod package;
mod process;
mod program;
#[cfg(feature = "prove")]
mod prove;
mod rehearse;
mod route;
mod run;
#[cfg(feature = "files")]
mod site;
mod streams;
mod system;
mod terminal;

pub use call::Call;
#[cfg(feature = "config")]
pub use clavret_core::Config;
#[cfg(feature = "idna")]
pub use clavret_core::DomainName;
pub use clavret_core::{
    Abbreviated, Attached, Bundle, COLOR_OPTION, Choice, Command, Flag, FromWord, HELP_COMMAND,
    HELP_FLAG, Kind, Known, Named, Objection, Offer, Operand, Outcome, Package, Reading, Refers,
    Refusal, Rule, SoFar, Tail, Tally, VERSION_FLAG, ask, look, medium, reader, shape, valid,
    wording,
};
/// Makes a plain enum a closed list of words, as the trait of the same name does: each variant is a
/// word in kebab case, and what is written above it its help. `#[offer(name = "…")]` calls it
/// otherwise, `#[offer(deprecated = "…")]` says what to type instead.
///
/// ```
/// use clavret::{Choice, FromWord};
///
/// #[derive(Clone, Copy, Debug, PartialEq, Choice)]
/// enum Queen {
///     /// hatched in a year ending in 1 or 6
///     White,
///     #[offer(name = "none")]
///     Unmarked,
/// }
/// assert_eq!(Queen::from_word("none".as_ref()).unwrap(), Queen::Unmarked);
/// ```
#[cfg(feature = "macros")]
pub use clavret_derive::Choice;
#[cfg(feature = "macros")]
/// Declares a command by a type: the fields of a struct are its parameters, the variants of an enum its subcommands. Marks
/// are the setters of [`Named`], [`Operand`], [`Flag`] and [`Command`].
#[doc = include_str!("../docs/types.md")]
pub use clavret_derive::Declare;
#[cfg(feature = "asked")]
/// Asks for a parameter where its value is used.
#[doc = include_str!("../docs/in_place.md")]
pub use clavret_derive::asked;
#[cfg(feature = "macros")]
/// Declares a command by a function, or a group of them by an `impl` block.
#[doc = include_str!("../docs/functions.md")]
pub use clavret_derive::declare;
#[cfg(feature = "document")]
pub use clavret_document::{DOCUMENT_COMMAND, DOCUMENT_FLAG};
#[cfg(feature = "complete")]
pub use clavret_tab::{COMPLETIONS_COMMAND, COMPLETIONS_OPTION, completions};
pub use declared::{Act, Declare};
pub use end::{Done, Failure};
#[cfg(feature = "files")]
pub use files::{Input, Output};
pub use list::List;
pub use program::Program;
#[cfg(feature = "prove")]
pub use prove::prove;
pub use rehearse::rehearse;
pub use route::Route;
pub use run::{run, run_as};
pub use streams::Streams;

/// A declaration as a document, in TOML or JSON: what is made of one, and what is read from it.
#[cfg(feature = "document")]
pub mod document {
    #[cfg(feature = "load")]
    pub use clavret_core::document::Unfit;
    #[cfg(feature = "load")]
    pub use clavret_document::{Arena, Document, DocumentFaults, document_schema, to_toml};
    pub use clavret_document::{Content, Node, Pair, document_of, to_json};
}

/// What is wrong: with a command line, as [`Fault`](faults::Fault)s, and with a declaration, as
/// [`Problem`](faults::Problem)s.
pub mod faults {
    #[cfg(feature = "prove")]
    pub use crate::prove::{Flaw, Provable, flaws};
    pub use clavret_core::faults::*;
}

/// What stands behind a command, for whoever writes code that is generic over it: contexts, what a
/// program may end with, what it answers without a handler.
pub mod handlers {
    pub use crate::call::Lends;
    pub use crate::declared::{FromReading, Routed};
    pub use crate::end::Ending;
    pub use clavret_core::handlers::*;
}

/// A program that is run by a test, without a process.
pub mod rehearsal {
    pub use crate::rehearse::{Rehearsal, Rehearsed};
}

/// Completion: what may stand at a cursor, and the shells that are asked for.
#[cfg(feature = "complete")]
pub mod shell {
    pub use clavret_tab::{
        Answer, AnyShell, BASH, Candidate, Cursor, FISH, Shell, Suggestion, Typed, ZSH, complete,
    };
}

/// What reaches a program besides its words: variables, files, the config file, and values that are known at run time.
pub mod world {
    #[cfg(feature = "files")]
    pub use crate::files::Writing;
    #[doc(hidden)]
    pub use crate::list::Value;
    pub use crate::list::Values;
    pub use crate::system::SYSTEM;
    pub use clavret_core::world::*;
}

/// What generated code calls: no interface of its own, and free to change.
#[doc(hidden)]
pub mod for_macros;

/// The programs of the README and of the guide are compiled with the tests.
#[cfg(doctest)]
#[doc = include_str!("../README.md")]
#[doc = include_str!("../docs/guide.md")]
#[doc = include_str!("../docs/completion.md")]
struct Documents;
