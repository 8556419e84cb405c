//! The types that come with the library, each by the name that a document calls it by.

/// A type of values.
#[derive(Debug, Clone, Copy)]
pub struct Kind {
    /// What the core's `Standard` calls it.
    pub standard: &'static str,
    /// What a document calls it.
    pub name: &'static str,
    /// The type; nothing for closed lists, each of which is a kind of its own.
    pub of: Option<&'static str>,
    /// Whether its values can be hashed, so that two in a list can be held against each other.
    pub is_hashed: bool,
    /// Which validators it has.
    pub tests: Tests,
    /// The feature that has it.
    pub feature: Option<&'static str>,
}

/// Which validators a type has, each with those of another one.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub enum Tests {
    /// There are none.
    None,
    /// Some values, or all but some.
    Listed,
    /// Those of `Listed`, and bounds.
    Ordered,
    /// Those of `Ordered`, and multiples.
    Number,
    /// Those of `Listed`, lengths and patterns.
    Text,
    /// Those of `Listed`, and schemes.
    Address,
}

const fn kind(standard: &'static str, name: &'static str, of: &'static str, tests: Tests) -> Kind {
    Kind { standard, name, of: Some(of), is_hashed: false, tests, feature: None }
}

const fn hashed(
    standard: &'static str,
    name: &'static str,
    of: &'static str,
    tests: Tests,
) -> Kind {
    Kind { is_hashed: true, ..kind(standard, name, of, tests) }
}

const fn own(standard: &'static str, name: &'static str) -> Kind {
    Kind { of: None, ..kind(standard, name, "", Tests::None) }
}

impl Kind {
    const fn behind(self, feature: &'static str) -> Self {
        Kind { feature: Some(feature), ..self }
    }
}

/// The rows.
pub const KINDS: &[Kind] = &[
    // Whole numbers, and those from one on.
    hashed("U8", "u8", "u8", Tests::Number),
    hashed("U16", "u16", "u16", Tests::Number),
    hashed("U32", "u32", "u32", Tests::Number),
    hashed("U64", "u64", "u64", Tests::Number),
    hashed("U128", "u128", "u128", Tests::Number),
    hashed("Usize", "usize", "usize", Tests::Number),
    hashed("I8", "i8", "i8", Tests::Number),
    hashed("I16", "i16", "i16", Tests::Number),
    hashed("I32", "i32", "i32", Tests::Number),
    hashed("I64", "i64", "i64", Tests::Number),
    hashed("I128", "i128", "i128", Tests::Number),
    hashed("Isize", "isize", "isize", Tests::Number),
    hashed("PositiveU8", "positive-u8", "std::num::NonZeroU8", Tests::Ordered),
    hashed("PositiveU16", "positive-u16", "std::num::NonZeroU16", Tests::Ordered),
    hashed("PositiveU32", "positive-u32", "std::num::NonZeroU32", Tests::Ordered),
    hashed("PositiveU64", "positive-u64", "std::num::NonZeroU64", Tests::Ordered),
    hashed("PositiveUsize", "positive-usize", "std::num::NonZeroUsize", Tests::Ordered),
    kind("F32", "f32", "f32", Tests::Number),
    kind("F64", "f64", "f64", Tests::Number),
    // Text in UTF-8, and words of any bytes.
    hashed("Text", "text", "String", Tests::Text),
    hashed("Word", "word", "std::ffi::OsString", Tests::None),
    hashed("Path", "path", "std::path::PathBuf", Tests::None),
    hashed("Character", "character", "char", Tests::Ordered),
    hashed("Truth", "truth", "bool", Tests::Listed),
    // A closed list, each of which is a kind of its own; and the one of when to colour.
    own("Choice", "choice"),
    kind("When", "when", "super::when::When", Tests::None),
    // Addresses of the network.
    hashed("Ipv4", "ipv4", "std::net::Ipv4Addr", Tests::Ordered),
    hashed("Ipv6", "ipv6", "std::net::Ipv6Addr", Tests::Ordered),
    hashed("Ip", "ip", "std::net::IpAddr", Tests::Ordered),
    hashed("Ipv4Port", "ipv4-port", "std::net::SocketAddrV4", Tests::Ordered),
    hashed("Ipv6Port", "ipv6-port", "std::net::SocketAddrV6", Tests::Ordered),
    hashed("IpPort", "ip-port", "std::net::SocketAddr", Tests::Ordered),
    // Those of other crates.
    hashed("Date", "date", "jiff::civil::Date", Tests::Ordered).behind("jiff"),
    hashed("Time", "time", "jiff::civil::Time", Tests::Ordered).behind("jiff"),
    hashed("DateTime", "date-time", "jiff::civil::DateTime", Tests::Ordered).behind("jiff"),
    hashed("Moment", "moment", "jiff::Timestamp", Tests::Ordered).behind("jiff"),
    kind("Span", "span", "jiff::Span", Tests::None).behind("jiff"),
    hashed("Duration", "duration", "std::time::Duration", Tests::None).behind("jiff"),
    hashed("SignedDuration", "signed-duration", "jiff::SignedDuration", Tests::Ordered)
        .behind("jiff"),
    kind("ByteSize", "byte-size", "bytesize::ByteSize", Tests::None).behind("bytesize"),
    hashed("Email", "email", "email_address::EmailAddress", Tests::Listed).behind("email_address"),
    hashed("Domain", "domain", "super::foreign::idna::DomainName", Tests::Listed).behind("idna"),
    hashed("WebAddress", "web-address", "url::Url", Tests::Address).behind("url"),
    hashed("Uuid", "uuid", "uuid::Uuid", Tests::Ordered).behind("uuid"),
    kind("Regex", "regex", "regex::Regex", Tests::None).behind("regex"),
    hashed("Glob", "glob", "glob::Pattern", Tests::Listed).behind("glob"),
    hashed("Version", "version", "semver::Version", Tests::Ordered).behind("semver"),
    hashed("VersionRange", "version-range", "semver::VersionReq", Tests::Listed).behind("semver"),
    hashed("Json", "json", "serde_json::Value", Tests::Listed).behind("serde_json"),
];
