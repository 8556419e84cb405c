// Written from the rows in `tables/src/`. Change those, and run `UPDATE_EXPECT=1 cargo test -p clavret-tables`.

//! The library's own types by their names, for a declaration that is read from a file: the kind of each, and which
//! validators it has.

use super::by_name::{self, Unfit};
use crate::record::kind::Kind;
use crate::record::standard::Standard;
use crate::record::test::{Says, Test};

impl Standard {
    /// The kind of the type, which converts its words at run time; nothing where the feature of its crate is off,
    /// and of closed lists, each of which is a kind of its own.
    pub fn kind(self) -> Option<Kind<'static>> {
        match self {
            Standard::U8 => Some(Kind::comparable::<u8>()),
            Standard::U16 => Some(Kind::comparable::<u16>()),
            Standard::U32 => Some(Kind::comparable::<u32>()),
            Standard::U64 => Some(Kind::comparable::<u64>()),
            Standard::U128 => Some(Kind::comparable::<u128>()),
            Standard::Usize => Some(Kind::comparable::<usize>()),
            Standard::I8 => Some(Kind::comparable::<i8>()),
            Standard::I16 => Some(Kind::comparable::<i16>()),
            Standard::I32 => Some(Kind::comparable::<i32>()),
            Standard::I64 => Some(Kind::comparable::<i64>()),
            Standard::I128 => Some(Kind::comparable::<i128>()),
            Standard::Isize => Some(Kind::comparable::<isize>()),
            Standard::PositiveU8 => Some(Kind::comparable::<std::num::NonZeroU8>()),
            Standard::PositiveU16 => Some(Kind::comparable::<std::num::NonZeroU16>()),
            Standard::PositiveU32 => Some(Kind::comparable::<std::num::NonZeroU32>()),
            Standard::PositiveU64 => Some(Kind::comparable::<std::num::NonZeroU64>()),
            Standard::PositiveUsize => Some(Kind::comparable::<std::num::NonZeroUsize>()),
            Standard::F32 => Some(Kind::typed::<f32>()),
            Standard::F64 => Some(Kind::typed::<f64>()),
            Standard::Text => Some(Kind::comparable::<String>()),
            Standard::Word => Some(Kind::comparable::<std::ffi::OsString>()),
            Standard::Path => Some(Kind::comparable::<std::path::PathBuf>()),
            Standard::Character => Some(Kind::comparable::<char>()),
            Standard::Truth => Some(Kind::comparable::<bool>()),
            Standard::When => Some(Kind::typed::<super::when::When>()),
            Standard::Ipv4 => Some(Kind::comparable::<std::net::Ipv4Addr>()),
            Standard::Ipv6 => Some(Kind::comparable::<std::net::Ipv6Addr>()),
            Standard::Ip => Some(Kind::comparable::<std::net::IpAddr>()),
            Standard::Ipv4Port => Some(Kind::comparable::<std::net::SocketAddrV4>()),
            Standard::Ipv6Port => Some(Kind::comparable::<std::net::SocketAddrV6>()),
            Standard::IpPort => Some(Kind::comparable::<std::net::SocketAddr>()),
            #[cfg(feature = "jiff")]
            Standard::Date => Some(Kind::comparable::<jiff::civil::Date>()),
            #[cfg(feature = "jiff")]
            Standard::Time => Some(Kind::comparable::<jiff::civil::Time>()),
            #[cfg(feature = "jiff")]
            Standard::DateTime => Some(Kind::comparable::<jiff::civil::DateTime>()),
            #[cfg(feature = "jiff")]
            Standard::Moment => Some(Kind::comparable::<jiff::Timestamp>()),
            #[cfg(feature = "jiff")]
            Standard::Span => Some(Kind::typed::<jiff::Span>()),
            #[cfg(feature = "jiff")]
            Standard::Duration => Some(Kind::comparable::<std::time::Duration>()),
            #[cfg(feature = "jiff")]
            Standard::SignedDuration => Some(Kind::comparable::<jiff::SignedDuration>()),
            #[cfg(feature = "bytesize")]
            Standard::ByteSize => Some(Kind::typed::<bytesize::ByteSize>()),
            #[cfg(feature = "email_address")]
            Standard::Email => Some(Kind::comparable::<email_address::EmailAddress>()),
            #[cfg(feature = "idna")]
            Standard::Domain => Some(Kind::comparable::<super::foreign::idna::DomainName>()),
            #[cfg(feature = "url")]
            Standard::WebAddress => Some(Kind::comparable::<url::Url>()),
            #[cfg(feature = "uuid")]
            Standard::Uuid => Some(Kind::comparable::<uuid::Uuid>()),
            #[cfg(feature = "regex")]
            Standard::Regex => Some(Kind::typed::<regex::Regex>()),
            #[cfg(feature = "glob")]
            Standard::Glob => Some(Kind::comparable::<glob::Pattern>()),
            #[cfg(feature = "semver")]
            Standard::Version => Some(Kind::comparable::<semver::Version>()),
            #[cfg(feature = "semver")]
            Standard::VersionRange => Some(Kind::comparable::<semver::VersionReq>()),
            #[cfg(feature = "serde_json")]
            Standard::Json => Some(Kind::comparable::<serde_json::Value>()),

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
            Standard::U8 => by_name::number::<u8>(says),
            Standard::U16 => by_name::number::<u16>(says),
            Standard::U32 => by_name::number::<u32>(says),
            Standard::U64 => by_name::number::<u64>(says),
            Standard::U128 => by_name::number::<u128>(says),
            Standard::Usize => by_name::number::<usize>(says),
            Standard::I8 => by_name::number::<i8>(says),
            Standard::I16 => by_name::number::<i16>(says),
            Standard::I32 => by_name::number::<i32>(says),
            Standard::I64 => by_name::number::<i64>(says),
            Standard::I128 => by_name::number::<i128>(says),
            Standard::Isize => by_name::number::<isize>(says),
            Standard::PositiveU8 => by_name::ordered::<std::num::NonZeroU8>(says),
            Standard::PositiveU16 => by_name::ordered::<std::num::NonZeroU16>(says),
            Standard::PositiveU32 => by_name::ordered::<std::num::NonZeroU32>(says),
            Standard::PositiveU64 => by_name::ordered::<std::num::NonZeroU64>(says),
            Standard::PositiveUsize => by_name::ordered::<std::num::NonZeroUsize>(says),
            Standard::F32 => by_name::number::<f32>(says),
            Standard::F64 => by_name::number::<f64>(says),
            Standard::Text => by_name::text::<String>(says),
            Standard::Word => by_name::none::<std::ffi::OsString>(says),
            Standard::Path => by_name::none::<std::path::PathBuf>(says),
            Standard::Character => by_name::ordered::<char>(says),
            Standard::Truth => by_name::listed::<bool>(says),
            Standard::When => by_name::none::<super::when::When>(says),
            Standard::Ipv4 => by_name::ordered::<std::net::Ipv4Addr>(says),
            Standard::Ipv6 => by_name::ordered::<std::net::Ipv6Addr>(says),
            Standard::Ip => by_name::ordered::<std::net::IpAddr>(says),
            Standard::Ipv4Port => by_name::ordered::<std::net::SocketAddrV4>(says),
            Standard::Ipv6Port => by_name::ordered::<std::net::SocketAddrV6>(says),
            Standard::IpPort => by_name::ordered::<std::net::SocketAddr>(says),
            #[cfg(feature = "jiff")]
            Standard::Date => by_name::ordered::<jiff::civil::Date>(says),
            #[cfg(feature = "jiff")]
            Standard::Time => by_name::ordered::<jiff::civil::Time>(says),
            #[cfg(feature = "jiff")]
            Standard::DateTime => by_name::ordered::<jiff::civil::DateTime>(says),
            #[cfg(feature = "jiff")]
            Standard::Moment => by_name::ordered::<jiff::Timestamp>(says),
            #[cfg(feature = "jiff")]
            Standard::Span => by_name::none::<jiff::Span>(says),
            #[cfg(feature = "jiff")]
            Standard::Duration => by_name::none::<std::time::Duration>(says),
            #[cfg(feature = "jiff")]
            Standard::SignedDuration => by_name::ordered::<jiff::SignedDuration>(says),
            #[cfg(feature = "bytesize")]
            Standard::ByteSize => by_name::none::<bytesize::ByteSize>(says),
            #[cfg(feature = "email_address")]
            Standard::Email => by_name::listed::<email_address::EmailAddress>(says),
            #[cfg(feature = "idna")]
            Standard::Domain => by_name::listed::<super::foreign::idna::DomainName>(says),
            #[cfg(feature = "url")]
            Standard::WebAddress => by_name::address::<url::Url>(says),
            #[cfg(feature = "uuid")]
            Standard::Uuid => by_name::ordered::<uuid::Uuid>(says),
            #[cfg(feature = "regex")]
            Standard::Regex => by_name::none::<regex::Regex>(says),
            #[cfg(feature = "glob")]
            Standard::Glob => by_name::listed::<glob::Pattern>(says),
            #[cfg(feature = "semver")]
            Standard::Version => by_name::ordered::<semver::Version>(says),
            #[cfg(feature = "semver")]
            Standard::VersionRange => by_name::listed::<semver::VersionReq>(says),
            #[cfg(feature = "serde_json")]
            Standard::Json => by_name::listed::<serde_json::Value>(says),

            _ => Err(Unfit::Sort),
        }
    }
}
