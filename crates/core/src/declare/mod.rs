//! Stage 1, declaring: what a program takes, as plain data in statics.
//!
//! In come a developer's `const` calls; out goes a [`Command`] tree of [`Param`]s that every later
//! stage only reads. Nothing here allocates or runs at start. What is wrong with a declaration is
//! a build error for statics and a list of [`Problem`]s for a tree made at run time; both come
//! from the one set of rules in `rules.rs`.
//!
//! * `command.rs`: [`Command`], a node of the tree, as it is declared; `details.rs`: what it is called, and
//!   what pages tell of it; `node.rs`: what it is asked.
//! * `param.rs`: [`Param`], the untyped record behind every key; `called.rs`: its names, and what
//!   stands for its value.
//! * `bundle.rs`: parameters that several commands take together.
//! * `keys/`: [`Operand`], [`Named`], [`Flag`] and [`Tally`], the typed keys; [`Untyped`] ones; their setters.
//! * `shape.rs`: which Rust types a key may have, and how many words they take; `form.rs`: the same without
//!   the type.
//! * `kind.rs`, `from_word.rs`, `choice.rs`: what one word may be, and its conversion.
//! * `kinds/`: the types of other crates that convert from a word, each behind a feature.
//! * `path.rs`: what a path must lead to.
//! * `valid.rs`: extra tests of a converted value; `rule.rs`: relations between parameters.
//! * `config.rs`: where a config file is; `package.rs`: what a program's package says of it.
//! * `alone.rs`: what is printed where nothing else is needed; `when.rs`: `--color`, ready to be listed.
//! * `cell.rs`: where a converted value waits for its key.
//! * `sealed.rs`: who may implement what; `said.rs`: which setters were called.
//! * `rules.rs`, `own.rs`, `reach.rs`, `twins.rs`, `names.rs`, `defaults.rs`: what a declaration must keep to; `finder.rs`:
//!   what is found wrong.
//! * `problem.rs`, `message.rs`: the same in words.

mod alone;
mod bundle;
mod called;
mod cell;
mod choice;
mod command;
mod config;
mod defaults;
mod details;
mod finder;
mod form;
mod from_word;
mod keys;
mod kind;
mod kinds;
mod message;
mod misfit;
mod names;
mod node;
mod own;
mod package;
mod param;
mod path;
mod problem;
mod reach;
mod rule;
mod rules;
mod said;
mod sealed;
mod shape;
mod twins;
pub mod valid;
mod when;

pub use alone::{Alone, Gives};
pub use bundle::Bundle;
pub use choice::{Choice, Offer};
pub use command::Command;
pub use config::Config;
pub use form::Form;
pub use from_word::{Fraction, FromWord, Manner, Whole};
pub use keys::{Flag, FlagShape, Key, ListShape, Named, Operand, TailShape, Tally, Untyped};
pub use kind::{Kind, Noun, Refers};
#[cfg(feature = "idna")]
pub use kinds::idna::DomainName;
pub use misfit::Misfit;
pub use package::Package;
pub use param::{Param, Role, Tail};
pub use problem::{Problem, Shared};
pub use rule::Rule;
pub use shape::{Attached, Shape, Unit};
pub use when::{COLOR, When};

pub(crate) use called::Hit;
pub use cell::Held;
pub(crate) use keys::is_key;
pub(crate) use misfit::{Miss, Reason};
pub(crate) use names::hash;
pub(crate) use param::Times;
pub(crate) use param::is as is_record;
pub(crate) use path::At;
pub(crate) use rule::Sort;
#[cfg(feature = "serde")]
pub(crate) use shape::sides;
pub(crate) use shape::{Feed, Wrong};
