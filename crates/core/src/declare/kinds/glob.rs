//! Patterns of file names.

use std::ffi::OsStr;

use ::glob::Pattern;

use crate::declare::{FromWord, Kind, Refusal, Standard};

impl FromWord for Pattern {
    const KIND: &'static Kind<'static> = &Kind::new("a pattern of names", "A7-*").explained();
    const STANDARD: Option<Standard> = Some(Standard::Glob);

    fn from_word(word: &OsStr) -> Result<Self, Refusal> {
        let text = word.to_str().ok_or(Refusal::not_text())?;
        Pattern::new(text).map_err(|error| Refusal::citing(error.msg))
    }
}
