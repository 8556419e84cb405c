//! Names of domains (RFC 1123), in any script (UTS 46).

use ::idna;
use std::ffi::OsStr;
use std::fmt;

use crate::kind::from_word::FromWord;
use crate::record::kind::{Kind, Refers};
use crate::record::refusal::{Miss, Refusal};
use crate::record::standard::Standard;

/// The name of a domain, such as `example.org`, in the ASCII form that is looked up.
#[derive(Debug, Clone, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub struct DomainName(String);

impl DomainName {
    /// The name in ASCII, lower case.
    pub fn as_str(&self) -> &str {
        &self.0
    }
}

impl fmt::Display for DomainName {
    fn fmt(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {
        f.write_str(&self.0)
    }
}

impl FromWord for DomainName {
    const KIND: &'static Kind<'static> =
        &Kind::new("the name of a domain", "example.org").explained().refers(Refers::Host);
    const STANDARD: Option<Standard> = Some(Standard::Domain);

    fn from_word(word: &OsStr) -> Result<Self, Refusal> {
        let text = word.to_str().ok_or(Refusal::not_text())?;
        let misfit = || Refusal::nearly(text.contains("://").then_some(Miss::Scheme));
        let name = idna::domain_to_ascii_strict(text).map_err(|_| misfit())?;
        // The last label of a name is never a number (RFC 1123, 2.1): that is an address.
        let last = name.trim_end_matches('.').rsplit('.').next().unwrap_or_default();
        if last.is_empty() || last.bytes().all(|byte| byte.is_ascii_digit()) {
            return Err(Refusal::new());
        }
        Ok(DomainName(name))
    }
}
