//! What a document may say: its tables, their keys, and what each takes, as data.
//!
//! * `table.rs`: all of it, but for the keys that are settings: these are in `settings.rs`.
//! * `check.rs`: a tree is held against it.
//! * `schema.rs`: the same as a JSON Schema, for editors.

pub(crate) mod check;
mod schema;
mod settings;
mod table;

pub use schema::document_schema;
pub(crate) use table::{COMMAND, DOCUMENT};

/// A table of a document.
#[derive(Debug)]
pub(crate) struct Table {
    /// What one is, with its article.
    pub(crate) noun: &'static str,
    /// Its keys, in groups that tables share.
    pub(crate) keys: &'static [&'static [Key]],
}

/// A key, what it takes, and what it says.
#[derive(Debug)]
pub(crate) struct Key {
    pub(crate) name: &'static str,
    pub(crate) of: Of,
    pub(crate) is_needed: bool,
    pub(crate) says: &'static str,
}

/// What a key takes.
#[derive(Debug)]
pub(crate) enum Of {
    /// The version of the schema: 1.
    Schema,
    Text,
    /// A text of one character.
    Character,
    Truth,
    /// A whole number up to this one.
    Count(u32),
    /// A text, a number or a truth value, which stands for the text that a user would type.
    Scalar,
    /// One of these texts.
    Word(&'static [&'static str]),
    /// A list of any length.
    List(&'static Of),
    /// A list with a place for each of these, the last ones of which may be left out where the number is smaller.
    Row(&'static [Of], usize),
    /// Any keys, with texts.
    Map,
    Table(&'static Table),
    /// A list of tables.
    Tables(&'static Table),
    /// One of them, whichever fits.
    Either(&'static [Of]),
}

impl Table {
    pub(crate) fn keys(&self) -> impl Iterator<Item = &'static Key> {
        self.keys.iter().flat_map(|group| group.iter())
    }

    pub(crate) fn key(&self, name: &str) -> Option<&'static Key> {
        self.keys().find(|key| key.name == name)
    }
}
