//! Web addresses (the URL Standard), and a validator of their schemes.

use std::any::Any;
use std::ffi::OsStr;

use ::url::{ParseError, Url};

use crate::declare::valid::{Refusal, Says, Test, Validator};
use crate::declare::{FromWord, Kind, Misfit, Miss};

impl FromWord for Url {
    const KIND: &'static Kind<'static> =
        &Kind::new("a web address", "https://example.org/").explained();

    /// An address with a host; see [`schemes`] for which schemes it may have.
    fn from_word(word: &OsStr) -> Result<Self, Misfit> {
        let text = word.to_str().ok_or(Misfit::not_text())?;
        match Url::parse(text) {
            Ok(url) if url.has_host() => Ok(url),
            Ok(_) => Err(Misfit::nearly(Some(Miss::NoHost))),
            Err(ParseError::RelativeUrlWithoutBase) => Err(Misfit::nearly(Some(Miss::NoScheme))),
            Err(error) => Err(Misfit::citing(error)),
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
                Err(Refusal::Begins(url.scheme().to_owned() + "://"))
            }
            _ => Ok(()),
        }
    }

    fn says(&self) -> Says<'_> {
        Says::Schemes(self.0)
    }

    fn is_discreet(&self) -> bool {
        true
    }

    fn example(&self) -> Option<String> {
        self.0.first().map(|scheme| format!("{scheme}://example.org/"))
    }
}

impl Validator<Url> for Schemes<'_> {}
