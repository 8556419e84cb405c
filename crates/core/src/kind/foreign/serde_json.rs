//! JSON values (RFC 8259).

use ::serde_json::Value;
use std::ffi::OsStr;

use crate::kind::from_word::FromWord;
use crate::record::kind::Kind;
use crate::record::refusal::Refusal;
use crate::record::standard::Standard;

impl FromWord for Value {
    const KIND: &'static Kind<'static> =
        &Kind::new("a JSON value", "[6,\"calm\"]").explained().placeholder("JSON");
    const STANDARD: Option<Standard> = Some(Standard::Json);

    fn from_word(word: &OsStr) -> Result<Self, Refusal> {
        let text = word.to_str().ok_or(Refusal::not_text())?;
        ::serde_json::from_str(text).map_err(Refusal::citing)
    }
}
