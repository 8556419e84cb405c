//! Types of well-known crates that convert from a word, each behind a feature called as its crate.
//! A file for each: the kind, and the reason where a word comes near.

#[cfg(feature = "bytesize")]
mod bytesize;
#[cfg(feature = "email_address")]
mod email_address;
#[cfg(feature = "glob")]
mod glob;
#[cfg(feature = "idna")]
pub(super) mod idna;
#[cfg(feature = "jiff")]
mod jiff;
#[cfg(feature = "regex")]
pub(super) mod regex;
#[cfg(feature = "semver")]
mod semver;
#[cfg(feature = "serde_json")]
mod serde_json;
#[cfg(feature = "url")]
pub(super) mod url;
#[cfg(feature = "uuid")]
mod uuid;

/// Converts words by `FromStr`; what is amiss with one that does not convert is asked of a function.
#[allow(unused_macros)] // where no feature that uses it is on
macro_rules! parsed {
    ($($type:ty, $standard:ident: $noun:literal, $example:literal $(, $misfit:expr)?;)*) => {$(
        impl crate::declare::FromWord for $type {
            const KIND: &'static crate::declare::Kind<'static> =
                &crate::declare::Kind::new($noun, $example).explained();
            const STANDARD: Option<crate::declare::Standard> = Some(crate::declare::Standard::$standard);

            fn from_word(word: &std::ffi::OsStr) -> Result<Self, crate::declare::Refusal> {
                let text = word.to_str().ok_or(crate::declare::Refusal::not_text())?;
                text.parse().map_err(|_| {
                    let misfit: fn(&str) -> crate::declare::Refusal =
                        |_| crate::declare::Refusal::new();
                    $(let misfit = { let _ = misfit; $misfit };)?
                    misfit(text)
                })
            }
        }
    )*};
}

#[allow(unused_imports)]
use parsed;
