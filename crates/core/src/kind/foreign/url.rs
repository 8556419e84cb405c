//! Web addresses (the URL Standard), and a validator of their schemes.

use ::url::{ParseError, Url};
use std::any::Any;
use std::ffi::OsStr;

use crate::kind::from_word::FromWord;
use crate::kind::valid::Validator;
use crate::record::kind::Kind;
use crate::record::refusal::{Miss, Refusal};
use crate::record::standard::Standard;
use crate::record::test::{Says, Test};

impl FromWord for Url {
    const KIND: &'static Kind<'static> =
        &Kind::new("a web address", "https://example.org/").explained().placeholder("ADDRESS");
    const STANDARD: Option<Standard> = Some(Standard::WebAddress);

    /// An address with a host; see [`schemes`] for which schemes it may have.
    fn from_word(word: &OsStr) -> Result<Self, Refusal> {
        let text = word.to_str().ok_or(Refusal::not_text())?;
        match Url::parse(text) {
            Ok(url) if url.has_host() => Ok(url),
            Ok(_) => Err(Refusal::nearly(Some(Miss::NoHost))),
            Err(ParseError::RelativeUrlWithoutBase) => Err(Refusal::nearly(Some(Miss::NoScheme))),
            Err(error) => Err(Refusal::citing(error)),
        }
    }
}

/// Addresses of some schemes. See [`schemes`].
#[derive(Debug, Clone, Copy)]
pub struct Schemes<'d>(&'d [&'d str]);

/// Addresses that have one of these schemes, in lower case: `schemes(&["https"])`.
pub const fn schemes<'d>(schemes: &'d [&'d str]) -> Schemes<'d> {
    Schemes(schemes)
}

impl Test for Schemes<'_> {
    fn test(&self, value: &dyn Any) -> Result<(), Refusal> {
        match value.downcast_ref::<Url>() {
            Some(url) if !self.0.contains(&url.scheme()) => {
                Err(Refusal::begins(url.scheme().to_owned() + "://"))
            }
            _ => Ok(()),
        }
    }

    fn says(&self) -> Says<'_> {
        Says::Schemes(self.0.to_vec())
    }

    fn data(&self) -> Option<Says<'_>> {
        Some(self.says())
    }

    fn is_discreet(&self) -> bool {
        true
    }

    fn example(&self) -> Option<String> {
        self.0.first().map(|scheme| format!("{scheme}://example.org/"))
    }
}

impl Validator<Url> for Schemes<'_> {}
