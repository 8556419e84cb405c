//! What may be said of parameters and commands, the rules between parameters, and the library's own types: a row for each. The crates that are
//! published do not depend on this one; what they need of the rows is written into their sources.
//!
//! * `settings.rs`: rows for parameters; `commands.rs`: for commands; `rules.rs`: for rules; `kinds.rs`: for types.
//! * `write/`: the files that are made of them, for the core, the macros and documents. A test compares these with
//!   those that are there, and writes them when it is run as `UPDATE_EXPECT=1 cargo test -p clavret-tables`.
//!
//! A row that takes a truth value, a text, several texts or a character needs nothing but its setter, with its
//! documentation, in the core: its bit, where it is kept, the question that gives it, how a mark takes it, the key of a
//! document with its sentence, loading and exporting come of the row. One that takes more is exported and loaded by a
//! few lines of hand (`export/param.rs`, `load/param.rs`); a test of the documents fails until they are there.

mod commands;
mod kinds;
mod rules;
mod settings;
mod write;

pub use commands::COMMANDS;
pub use kinds::{KINDS, Kind, Tests};
pub use rules::{Hangs, RULES, RuleSort};
pub use settings::{FORMS, Form, SETTINGS};
pub use write::files;

/// What may be said of a parameter.
#[derive(Debug, Clone, Copy)]
pub struct Setting {
    /// The setter and the detail of a mark; with dashes, the key of a document.
    pub name: &'static str,
    /// Of what it may be said.
    pub of: &'static [Role],
    /// What its words must be for it to mean something.
    pub when: When,
    /// What it is given.
    pub takes: Takes,
    /// How the macros pass it on, where that does not follow from what it takes.
    pub mark: Option<Mark>,
    /// The question that gives it back.
    pub asked: Request,
    /// What is written by hand although its type is simple.
    pub by_hand: &'static [Part],
    /// What it brings along, as the core's `Brought` calls it.
    pub brings: &'static [&'static str],
    /// What it must not stand beside. Of two that must not, the one that comes first says so.
    pub not_with: &'static [&'static str],
    /// What it means nothing without.
    pub needs: &'static [&'static str],
    /// Whether it may be said of what stands alone, whose own value is all that is read.
    pub may_be_alone: bool,
    /// A sentence without its first capital and its full stop; for a truth value, what is so.
    pub says: &'static str,
}

/// What most rows have in common.
pub(crate) const SETTING: Setting = Setting {
    name: "",
    of: &[],
    when: When::Always,
    takes: Takes::Truth,
    mark: None,
    asked: Request::Nowhere,
    by_hand: &[],
    brings: &[],
    not_with: &[],
    needs: &[],
    may_be_alone: false,
    says: "",
};

/// What a parameter is.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
#[allow(missing_docs)]
pub enum Role {
    Operand,
    Option,
    Flag,
    Tally,
}

/// What the words of a parameter must be.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
#[allow(missing_docs)]
pub enum When {
    Always,
    /// Several values.
    Many,
    /// The same, of one word each.
    ManyWords,
    /// The same, of text.
    ManyTexts,
    WholeNumbers,
    Numbers,
    Paths,
}

/// What a setter takes.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub enum Takes {
    /// Nothing: it is so where the setter is called.
    Truth,
    /// A text, which is not empty.
    Text,
    /// A text that may be empty, and that a document may write as a number or a truth value.
    Word,
    /// Texts.
    Texts,
    /// A character.
    Sign,
    /// A value of this type of the core. Documents have it by hand.
    Value(&'static str),
    /// Something with this trait of the core. Documents have it by hand.
    Trait(&'static str),
    /// More than a row can say: all but its bit is written by hand.
    Own,
    /// Nothing, as no setter is called so: it is a key of documents alone.
    Key,
}

/// How a macro passes on what a detail is given.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
#[allow(missing_docs)]
pub enum Mark {
    Nothing,
    Value,
    Reference,
    Several(usize),
    /// The macro reads it itself.
    Special,
}

/// The question of a parameter that gives what was said.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub enum Request {
    /// There is none, or it is written by hand.
    Nowhere,
    /// One that is public.
    Publicly(&'static str),
    /// One of the core alone.
    Within(&'static str),
}

/// A part of a setting that may be written by hand.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub enum Part {
    /// Where it is kept, the question and what writes it.
    Record,
    /// How a document exports it.
    Export,
}

/// What may be said of a command.
#[derive(Debug, Clone, Copy)]
pub struct CommandSetting {
    /// The setter and the detail; with dashes, the key of a document.
    pub name: &'static str,
    /// How the macros pass it on; those without are written by the macros themselves.
    pub mark: Option<Mark>,
    /// What its key takes, as `document/src/keys/` has it; without one there is no key.
    pub key: Option<&'static str>,
    /// Whether only a root has a use for it.
    pub is_of_root: bool,
    /// As of a [`Setting`].
    pub says: &'static str,
}
