//! The apiary's own kinds of values: each converts from a word in a few lines.

use std::ffi::OsStr;
use std::fmt;

use clavret::{Choice, FromWord, Kind, Refusal};
use serde::{Deserialize, Serialize};

/// A hive's code: a row's letter and a place in the row.
#[derive(Debug, Clone, PartialEq, Eq, PartialOrd, Ord, Serialize, Deserialize)]
#[serde(try_from = "String", into = "String")]
pub(crate) struct HiveCode {
    row: char,
    place: u16,
}

impl HiveCode {
    pub(crate) fn parse(text: &str) -> Option<Self> {
        let mut letters = text.chars();
        let row = letters.next().filter(char::is_ascii_uppercase)?;
        let digits = letters.as_str();
        let place = digits.parse().ok().filter(|_| !digits.starts_with(['0', '+']))?;
        Some(HiveCode { row, place })
    }
}

impl FromWord for HiveCode {
    const KIND: &'static Kind<'static> = &Kind::new("a capital letter and a number", "A7");

    fn from_word(word: &OsStr) -> Result<Self, Refusal> {
        word.to_str().and_then(HiveCode::parse).ok_or(Refusal::new())
    }
}

impl fmt::Display for HiveCode {
    fn fmt(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {
        write!(f, "{}{}", self.row, self.place)
    }
}

impl TryFrom<String> for HiveCode {
    type Error = String;

    fn try_from(text: String) -> Result<Self, String> {
        HiveCode::parse(&text).ok_or(format!("`{text}` is not a hive's code"))
    }
}

impl From<HiveCode> for String {
    fn from(code: HiveCode) -> String {
        code.to_string()
    }
}

/// The colour of a queen's mark, which tells the year she hatched in.
#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord, Choice, Serialize, Deserialize)]
#[serde(rename_all = "lowercase")]
pub(crate) enum Queen {
    /// hatched in a year ending in 1 or 6
    White,
    /// in 2 or 7
    Yellow,
    /// in 3 or 8
    Red,
    /// in 4 or 9
    Green,
    /// in 5 or 0
    Blue,
}

impl fmt::Display for Queen {
    fn fmt(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {
        f.write_str(match self {
            Queen::White => "white",
            Queen::Yellow => "yellow",
            Queen::Red => "red",
            Queen::Green => "green",
            Queen::Blue => "blue",
        })
    }
}

/// How a list is printed.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Choice)]
pub(crate) enum Form {
    Table,
    Csv,
    Json,
}
