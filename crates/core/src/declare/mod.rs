//! Declaring: what a developer calls in `const` to say what a program takes.
//!
//! In come those calls; out goes a tree of records, checked. Nothing here allocates or runs at start. This is the roof: it may
//! name everything below, and nothing below names it.
//!
//! * `keys/`: the typed keys, [`Operand`](crate::Operand), [`Named`](crate::Named), [`Flag`](crate::Flag) and [`Tally`](crate::Tally), and their setters; `param.rs`: what
//!   they write.
//! * `command.rs`, `details.rs`, `whole.rs`: commands, what pages tell of them, what holds for whole lines and programs;
//!   `bundle.rs`, `config.rs`: bundles, config files.
//! * `brought.rs`: what each of these brings along to be done, the one place that names what is on demand.
//! * `color.rs`: `--color`, ready to be listed; `mistake.rs`: defaults that do not read.

pub(crate) mod brought;
pub(crate) mod bundle;
pub(crate) mod color;
pub(crate) mod command;
pub(crate) mod config;
pub(crate) mod details;
pub(crate) mod keys;
pub(crate) mod mistake;
pub(crate) mod param;
pub(crate) mod whole;
