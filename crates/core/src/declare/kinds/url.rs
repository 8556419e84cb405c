//! Web addresses (the URL Standard), and a validator of their schemes.

use std::any::Any;
use std::borrow::Cow;
use std::ffi::OsStr;

use ::url::{ParseError, Url};

use crate::declare::valid::{Refusal, Test, Validator};
use crate::declare::{FromWord, Kind, Misfit};

impl FromWord for Url {
    const KIND: &'static Kind = &Kind::new("a web address", "https://example.org/").explained();

    /// An address with a host; see [`schemes`] for which schemes it may have.
    fn from_word(word: &OsStr) -> Result<Self, Misfit> {
        let text = word.to_str().ok_or(Misfit::not_text())?;
        match Url::parse(text) {
            Ok(url) if url.has_host() => Ok(url),
            Ok(_) => Err(Misfit::because(format!("'{text}' names no host"))),
            Err(ParseError::RelativeUrlWithoutBase) => Err(Misfit::because(format!(
                "'{text}' does not begin with a scheme such as https://"
            ))),
            Err(error) => Err(Misfit::because(error.to_string())),
        }
    }
}

/// Addresses of some schemes. See [`schemes`].
#[derive(Debug, Clone, Copy)]
pub struct Schemes(&'static [&'static str]);

/// Addresses that have one of these schemes, in lower case: `schemes(&["https"])`.
pub const fn schemes(schemes: &'static [&'static str]) -> Schemes {
    Schemes(schemes)
}

impl Test for Schemes {
    fn test(&self, value: &dyn Any) -> Result<(), Refusal> {
        match value.downcast_ref::<Url>() {
            Some(url) if !self.0.contains(&url.scheme()) => {
                Err(Refusal::Other(self.says().into_owned()))
            }
            _ => Ok(()),
        }
    }

    fn says(&self) -> Cow<'_, str> {
        let schemes: Vec<String> = self.0.iter().map(|scheme| format!("{scheme}://")).collect();
        format!("an address with {}", schemes.join(" or ")).into()
    }

    fn is_discreet(&self) -> bool {
        true
    }

    fn example(&self) -> Option<String> {
        self.0.first().map(|scheme| format!("{scheme}://example.org/"))
    }
}

impl Validator<Url> for Schemes {}
