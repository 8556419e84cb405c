//! Patterns of file names.

use ::glob::Pattern;
use std::ffi::OsStr;

use crate::kind::from_word::FromWord;
use crate::record::kind::Kind;
use crate::record::refusal::Refusal;
use crate::record::standard::Standard;

impl FromWord for Pattern {
    const KIND: &'static Kind<'static> =
        &Kind::new("a pattern of names", "A7-*").explained().placeholder("PATTERN");
    const STANDARD: Option<Standard> = Some(Standard::Glob);

    fn from_word(word: &OsStr) -> Result<Self, Refusal> {
        let text = word.to_str().ok_or(Refusal::not_text())?;
        Pattern::new(text).map_err(|error| Refusal::citing(error.msg))
    }
}
