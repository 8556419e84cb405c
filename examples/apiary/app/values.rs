//! The apiary's own kinds of values: each converts from a word in a few lines.

use std::ffi::OsStr;
use std::fmt;

use clavret::{Choice, FromWord, Kind, Misfit, Offer};
use jiff::civil::Date;
use serde::{Deserialize, Serialize};

/// A hive's code: a row's letter and a place in the row.
#[derive(Debug, Clone, PartialEq, Eq, PartialOrd, Ord, Serialize, Deserialize)]
#[serde(try_from = "String", into = "String")]
pub(crate) struct HiveCode {
    row: char,
    place: u16,
}

impl HiveCode {
    fn parse(text: &str) -> Option<Self> {
        let mut letters = text.chars();
        let row = letters.next().filter(char::is_ascii_uppercase)?;
        let digits = letters.as_str();
        let place = digits.parse().ok().filter(|_| !digits.starts_with(['0', '+']))?;
        Some(HiveCode { row, place })
    }
}

impl FromWord for HiveCode {
    const KIND: &'static Kind = &Kind::new("a capital letter and a number", "A7");

    fn from_word(word: &OsStr) -> Result<Self, Misfit> {
        word.to_str().and_then(HiveCode::parse).ok_or(Misfit::new())
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

pub(crate) fn today() -> Date {
    jiff::Zoned::now().date()
}

/// The colour of a queen's mark, which tells the year she hatched in.
#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord, Serialize, Deserialize)]
#[serde(rename_all = "lowercase")]
pub(crate) enum Queen {
    White,
    Yellow,
    Red,
    Green,
    Blue,
}

impl Choice for Queen {
    const OFFERS: &'static [Offer<Queen>] = &[
        Offer::new("white", Queen::White).help("hatched in a year ending in 1 or 6"),
        Offer::new("yellow", Queen::Yellow).help("in 2 or 7"),
        Offer::new("red", Queen::Red).help("in 3 or 8"),
        Offer::new("green", Queen::Green).help("in 4 or 9"),
        Offer::new("blue", Queen::Blue).help("in 5 or 0"),
    ];
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
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub(crate) enum Form {
    Table,
    Csv,
    Json,
}

impl Choice for Form {
    const OFFERS: &'static [Offer<Form>] = &[
        Offer::new("table", Form::Table),
        Offer::new("csv", Form::Csv),
        Offer::new("json", Form::Json),
    ];
}
