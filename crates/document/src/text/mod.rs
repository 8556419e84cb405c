//! A text in TOML or JSON as a tree whose keys and values know their place.
//!
//! In comes a text; out goes a [`Node`], the same for both languages, or what is wrong with it.
//!
//! * `toml.rs`, `json.rs`: how each is read. Both bound how deep a text may be nested.
//! * `write.rs`: how a tree is written.

#[cfg(feature = "text")]
mod json;
#[cfg(feature = "text")]
mod toml;
#[cfg(feature = "export")]
mod write;

use std::ops::Range;

#[cfg(feature = "text")]
pub use json::from_json;
#[cfg(feature = "text")]
pub use toml::from_toml;
#[cfg(feature = "export")]
pub use write::to_json;

/// A value of a text, and its bytes there.
#[derive(Debug, Clone, PartialEq)]
pub struct Node {
    /// What it is.
    pub content: Content,
    /// The bytes of the value.
    pub at: Range<usize>,
}

/// What a value is.
#[derive(Debug, Clone, PartialEq)]
pub enum Content {
    /// A text; a date or a time as it is written.
    Text(String),
    /// A number as it is written, a whole one in decimal digits.
    Number(String),
    /// True or false.
    Truth(bool),
    /// Several values in a row.
    List(Vec<Node>),
    /// Values with keys, in the order of the text.
    Table(Vec<Pair>),
    /// No value: `null` in JSON.
    Nothing,
}

/// A key and its value.
#[derive(Debug, Clone, PartialEq)]
pub struct Pair {
    /// The key, as text.
    pub key: String,
    /// The bytes of the key.
    pub at: Range<usize>,
    /// The value of the key.
    pub value: Node,
}

/// Why a text could not be read.
#[derive(Debug, Clone, PartialEq, Eq)]
pub enum Misread {
    /// The text is not in the language; what the language's reader says.
    Form(&'static str, String),
    /// The text is a value, and not a table of them.
    NoTable,
    /// A table has this key twice.
    Twice(String),
}
