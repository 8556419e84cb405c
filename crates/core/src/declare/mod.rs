//! Stage 1, declaring: what a program takes, as plain data in statics.
//!
//! In come a developer's `const` calls; out goes a [`Command`] tree of [`Param`]s that every later
//! stage only reads. Nothing here allocates or runs at start. What is wrong with a declaration is
//! a build error for statics and a list of [`Problem`]s for a tree made at run time; both come
//! from the one set of rules in `rules.rs`.
//!
//! * `command.rs`: [`Command`], a node of the tree.
//! * `param.rs`: [`Param`], the untyped record behind every key.
//! * `keys.rs`: [`Operand`], [`Opt`], [`Flag`] and [`Tally`], the typed keys.
//! * `shape.rs`: which Rust types a key may have, and how many words they take.
//! * `kind.rs`, `from_word.rs`, `choice.rs`: what one word may be, and its conversion.
//! * `valid.rs`: extra tests of a converted value.
//! * `standard.rs`: the `help` and `completions` commands and `--color`, ready to be listed.
//! * `cell.rs`: where a converted value waits for its key.
//! * `rules.rs`, `twins.rs`, `names.rs`: what a declaration must keep to.
//! * `problem.rs`, `message.rs`: what may be wrong with it, in words.

mod cell;
mod choice;
mod command;
mod from_word;
mod keys;
mod kind;
mod message;
mod names;
mod param;
mod problem;
mod rules;
mod shape;
mod standard;
mod twins;
pub mod valid;

pub use choice::{Choice, Offer};
pub use command::Command;
pub use from_word::{FromWord, Misfit};
pub use keys::{Flag, Key, Operand, Opt, Tally};
pub use kind::{Kind, Noun, Refers};
pub use param::{Param, Role};
pub use problem::Problem;
pub use shape::{Shape, Unit};
pub use standard::{COLOR, COMPLETIONS, HELP, Shell, When};
pub(crate) use standard::{SHELL, TOPIC};

pub(crate) use cell::Cell;
pub(crate) use from_word::Reason;
pub(crate) use keys::is_key;
pub(crate) use kind::Limits;
pub(crate) use param::{Hit, Times};
pub(crate) use shape::{Feed, Wrong};
