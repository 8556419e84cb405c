//! The library's own types by their names, for a declaration that is read from a file: the kind of each, and validators
//! of its values whose bounds are texts.

use std::any::Any;
use std::ffi::OsString;
use std::fmt::{Debug, Display};
use std::net::{IpAddr, Ipv4Addr, Ipv6Addr, SocketAddr, SocketAddrV4, SocketAddrV6};
use std::num::{NonZeroU8, NonZeroU16, NonZeroU32, NonZeroU64, NonZeroUsize};
use std::ops::Rem;
use std::path::PathBuf;

use super::from_word::FromWord;
use super::valid::{self, bounds};
use super::when::When;
use crate::record::kind::Kind;
use crate::record::refusal::Refusal;
use crate::record::standard::Standard;
use crate::record::test::{Says, Test};

/// Why there is no validator of a type's values.
#[derive(Debug, Clone, PartialEq, Eq)]
#[non_exhaustive]
pub enum Unfit {
    /// The type has none of that sort, or its crate's feature is off.
    Sort,
    /// This text is no value of the type.
    Value(String),
    /// This is no regular expression.
    Pattern(String),
}

type Made = Result<Box<dyn Test>, Unfit>;

/// Each type: whether its values can be held against each other, and which validators it has.
macro_rules! types {
    ($($(#[$gate:meta])? $standard:ident $type:ty: $kind:ident $test:ident;)*) => {
        impl Standard {
            /// The kind of the type, which converts its words at run time; nothing where the feature of its crate is off,
            /// and of closed lists, each of which is a kind of its own.
            pub fn kind(self) -> Option<Kind<'static>> {
                match self {
                    $($(#[$gate])? Standard::$standard => Some(Kind::$kind::<$type>()),)*
                    _ => None,
                }
            }

            /// A validator of the type's values by what it says, its values as a user would type them.
            ///
            /// # Errors
            ///
            /// When the type has no such validator, or a text is none of its values.
            pub fn validator(self, says: &Says<'_>) -> Result<Box<dyn Test>, Unfit> {
                match self {
                    $($(#[$gate])? Standard::$standard => $test::<$type>(says),)*
                    _ => Err(Unfit::Sort),
                }
            }
        }
    };
}

types! {
    U8 u8: comparable number;
    U16 u16: comparable number;
    U32 u32: comparable number;
    U64 u64: comparable number;
    U128 u128: comparable number;
    Usize usize: comparable number;
    I8 i8: comparable number;
    I16 i16: comparable number;
    I32 i32: comparable number;
    I64 i64: comparable number;
    I128 i128: comparable number;
    Isize isize: comparable number;
    PositiveU8 NonZeroU8: comparable ordered;
    PositiveU16 NonZeroU16: comparable ordered;
    PositiveU32 NonZeroU32: comparable ordered;
    PositiveU64 NonZeroU64: comparable ordered;
    PositiveUsize NonZeroUsize: comparable ordered;
    F32 f32: typed number;
    F64 f64: typed number;
    Text String: comparable text;
    Word OsString: comparable none;
    Path PathBuf: comparable none;
    Character char: comparable ordered;
    Truth bool: comparable listed;
    When When: typed none;
    Ipv4 Ipv4Addr: comparable ordered;
    Ipv6 Ipv6Addr: comparable ordered;
    Ip IpAddr: comparable ordered;
    Ipv4Port SocketAddrV4: comparable ordered;
    Ipv6Port SocketAddrV6: comparable ordered;
    IpPort SocketAddr: comparable ordered;
    #[cfg(feature = "jiff")] Date jiff::civil::Date: comparable ordered;
    #[cfg(feature = "jiff")] Time jiff::civil::Time: comparable ordered;
    #[cfg(feature = "jiff")] DateTime jiff::civil::DateTime: comparable ordered;
    #[cfg(feature = "jiff")] Moment jiff::Timestamp: comparable ordered;
    #[cfg(feature = "jiff")] Span jiff::Span: typed none;
    #[cfg(feature = "jiff")] Duration std::time::Duration: comparable none;
    #[cfg(feature = "jiff")] SignedDuration jiff::SignedDuration: comparable ordered;
    #[cfg(feature = "bytesize")] ByteSize bytesize::ByteSize: typed none;
    #[cfg(feature = "email_address")] Email email_address::EmailAddress: comparable listed;
    #[cfg(feature = "idna")] Domain crate::kind::foreign::idna::DomainName: comparable listed;
    #[cfg(feature = "url")] WebAddress url::Url: comparable address;
    #[cfg(feature = "uuid")] Uuid uuid::Uuid: comparable ordered;
    #[cfg(feature = "regex")] Regex regex::Regex: typed none;
    #[cfg(feature = "glob")] Glob glob::Pattern: comparable listed;
    #[cfg(feature = "semver")] Version semver::Version: comparable ordered;
    #[cfg(feature = "semver")] VersionRange semver::VersionReq: comparable listed;
    #[cfg(feature = "serde_json")] Json serde_json::Value: comparable listed;
}

trait Shown: FromWord + PartialEq + Display + Debug {}

impl<T: FromWord + PartialEq + Display + Debug> Shown for T {}

fn value<T: FromWord>(text: &str) -> Result<T, Unfit> {
    T::from_word(text.as_ref()).map_err(|_| Unfit::Value(text.to_owned()))
}

#[expect(clippy::extra_unused_type_parameters)] // it is called as the others are
fn none<T>(_: &Says<'_>) -> Made {
    Err(Unfit::Sort)
}

fn listed<T: Shown>(says: &Says<'_>) -> Made {
    let (texts, accepts) = match says {
        Says::OneOf(texts) => (texts, true),
        Says::AnyBut(texts) => (texts, false),
        _ => return Err(Unfit::Sort),
    };
    let values = texts.iter().map(|text| value::<T>(text)).collect::<Result<_, _>>()?;
    Ok(Box::new(Own { values, accepts }))
}

fn ordered<T: Shown + PartialOrd>(says: &Says<'_>) -> Made {
    match says {
        Says::Range(low, high) => Ok(Box::new(bounds::between(value::<T>(low)?, value(high)?))),
        Says::AtLeast(low) => Ok(Box::new(bounds::at_least(value::<T>(low)?))),
        Says::AtMost(high) => Ok(Box::new(bounds::at_most(value::<T>(high)?))),
        says => listed::<T>(says),
    }
}

fn number<T>(says: &Says<'_>) -> Made
where
    T: Shown + PartialOrd + Rem<Output = T> + Default + Copy,
{
    match says {
        Says::MultipleOf(factor) => Ok(Box::new(valid::multiple_of(value::<T>(factor)?))),
        says => ordered::<T>(says),
    }
}

#[expect(clippy::extra_unused_type_parameters)]
fn text<T>(says: &Says<'_>) -> Made {
    match says {
        Says::Characters(least, most) => Ok(Box::new(valid::length(*least, *most))),
        #[cfg(feature = "regex")]
        // One that is larger than this was written to be large.
        Says::Matching(pattern, example) => match made_ready(pattern) {
            Ok(_) => Ok(Box::new(Matching([(*pattern).to_owned(), (*example).to_owned()]))),
            Err(error) => Err(Unfit::Pattern(error.to_string())),
        },
        says => listed::<String>(says),
    }
}

#[cfg(feature = "url")]
fn address<T: Shown>(says: &Says<'_>) -> Made {
    match says {
        Says::Schemes(schemes) => {
            Ok(Box::new(Schemes(schemes.iter().map(|&scheme| scheme.to_owned()).collect())))
        }
        says => listed::<T>(says),
    }
}

#[cfg(feature = "regex")]
fn made_ready(pattern: &str) -> Result<regex::Regex, regex::Error> {
    regex::RegexBuilder::new(pattern).size_limit(1 << 20).build()
}

/// Some values, or all but some.
#[derive(Debug)]
struct Own<T> {
    values: Vec<T>,
    accepts: bool,
}

/// A pattern, and an example.
#[cfg(feature = "regex")]
#[derive(Debug)]
struct Matching([String; 2]);

#[cfg(feature = "url")]
#[derive(Debug)]
struct Schemes(Vec<String>);

impl<T: Shown> Test for Own<T> {
    fn test(&self, value: &dyn Any) -> Result<(), Refusal> {
        match self.accepts {
            true => valid::one_of(&self.values).test(value),
            false => valid::not_one_of(&self.values).test(value),
        }
    }

    fn says(&self) -> Says<'_> {
        let values = self.values.iter().map(T::to_string).collect();
        if self.accepts { Says::OneOf(values) } else { Says::AnyBut(values) }
    }

    fn data(&self) -> Option<Says<'_>> {
        Some(self.says())
    }

    fn is_discreet(&self) -> bool {
        true
    }

    fn example(&self) -> Option<String> {
        self.values.first().filter(|_| self.accepts).map(T::to_string)
    }
}

#[cfg(feature = "regex")]
impl Test for Matching {
    fn test(&self, value: &dyn Any) -> Result<(), Refusal> {
        super::foreign::regex::pattern(&self.0[0], &self.0[1]).test(value)
    }

    fn says(&self) -> Says<'_> {
        Says::Matching(&self.0[0], &self.0[1])
    }

    fn data(&self) -> Option<Says<'_>> {
        Some(self.says())
    }

    fn is_discreet(&self) -> bool {
        true
    }

    fn example(&self) -> Option<String> {
        Some(self.0[1].clone())
    }
}

#[cfg(feature = "url")]
impl Test for Schemes {
    fn test(&self, value: &dyn Any) -> Result<(), Refusal> {
        let schemes: Vec<&str> = self.0.iter().map(String::as_str).collect();
        super::foreign::url::schemes(&schemes).test(value)
    }

    fn says(&self) -> Says<'_> {
        Says::Schemes(self.0.iter().map(String::as_str).collect())
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
