//! Types of well-known crates that convert from a word, each behind a feature called as its crate.
//! A file for each: the kind, and the reason where a word comes near.

#[cfg(feature = "bytesize")]
pub(crate) mod bytesize;
#[cfg(feature = "email_address")]
pub(crate) mod email_address;
#[cfg(feature = "glob")]
pub(crate) mod glob;
#[cfg(feature = "idna")]
pub(crate) mod idna;
#[cfg(feature = "jiff")]
pub(crate) mod jiff;
#[cfg(feature = "regex")]
pub(crate) mod regex;
#[cfg(feature = "semver")]
pub(crate) mod semver;
#[cfg(feature = "serde_json")]
pub(crate) mod serde_json;
#[cfg(feature = "url")]
pub(crate) mod url;
#[cfg(feature = "uuid")]
pub(crate) mod uuid;

/// Converts words by `FromStr`; what is amiss with one that does not convert is asked of a function.
#[allow(unused_macros)] // where no feature that uses it is on
macro_rules! parsed {
    ($($type:ty, $standard:ident: $noun:literal, $example:literal, $placeholder:literal $(, $misfit:expr)?;)*) => {$(
        impl crate::kind::from_word::FromWord for $type {
            const KIND: &'static crate::record::kind::Kind<'static> =
                &crate::record::kind::Kind::new($noun, $example).explained().placeholder($placeholder);
            const STANDARD: Option<crate::record::standard::Standard> =
                Some(crate::record::standard::Standard::$standard);

            fn from_word(word: &std::ffi::OsStr) -> Result<Self, crate::record::refusal::Refusal> {
                let text = word.to_str().ok_or(crate::record::refusal::Refusal::not_text())?;
                text.parse().map_err(|_| {
                    let misfit: fn(&str) -> crate::record::refusal::Refusal =
                        |_| crate::record::refusal::Refusal::new();
                    $(let misfit = { let _ = misfit; $misfit };)?
                    misfit(text)
                })
            }
        }
    )*};
}
#[allow(unused_imports)]
use parsed;
