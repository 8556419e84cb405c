//! The types that come with the library, each by the name that a document calls it by.

/// Numbers types and names them.
macro_rules! standard {
    ($($type:ident $name:literal)*) => {
        /// A type of values that comes with the library, or whose crate has a feature. What one accepts is known wherever
        /// the library is; what a type of one's own does, only its program knows.
        #[derive(Debug, Clone, Copy, PartialEq, Eq)]
        #[non_exhaustive]
        #[allow(missing_docs)]
        pub enum Standard {
            $($type,)*
        }

        impl Standard {
            /// All of them, whichever features are on.
            pub const ALL: &'static [Standard] = &[$(Standard::$type,)*];

            /// What a document calls it.
            pub const fn name(self) -> &'static str {
                match self {
                    $(Standard::$type => $name,)*
                }
            }
        }
    };
}

standard! {
    // Whole numbers, and those from one on.
    U8 "u8" U16 "u16" U32 "u32" U64 "u64" U128 "u128" Usize "usize"
    I8 "i8" I16 "i16" I32 "i32" I64 "i64" I128 "i128" Isize "isize"
    PositiveU8 "positive-u8" PositiveU16 "positive-u16" PositiveU32 "positive-u32"
    PositiveU64 "positive-u64" PositiveUsize "positive-usize"
    F32 "f32" F64 "f64"
    // Text in UTF-8, and words of any bytes.
    Text "text" Word "word" Path "path" Character "character" Truth "truth"
    // A closed list of words, and the one of when to colour.
    Choice "choice" When "when"
    Ipv4 "ipv4" Ipv6 "ipv6" Ip "ip" Ipv4Port "ipv4-port" Ipv6Port "ipv6-port" IpPort "ip-port"
    // Those of other crates.
    Date "date" Time "time" DateTime "date-time" Moment "moment" Span "span"
    Duration "duration" SignedDuration "signed-duration"
    ByteSize "byte-size" Email "email" Domain "domain" WebAddress "web-address" Uuid "uuid"
    Regex "regex" Glob "glob" Version "version" VersionRange "version-range" Json "json"
}
