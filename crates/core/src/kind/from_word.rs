//! The conversion of one word into a Rust value, and the types that come with it.

use std::ffi::{OsStr, OsString};
use std::net::{IpAddr, Ipv4Addr, Ipv6Addr, SocketAddr, SocketAddrV4, SocketAddrV6};
use std::num::{
    IntErrorKind, NonZeroU8, NonZeroU16, NonZeroU32, NonZeroU64, NonZeroUsize, ParseIntError,
};
use std::path::PathBuf;
use std::str::FromStr;

use super::sealed::{Numbers, Sealed};
use crate::record::kind::{Kind, Noun};
use crate::record::param::Manner;
use crate::record::refusal::{Miss, Reason, Refusal};
use crate::record::standard::Standard;
use crate::text::of;
use crate::text::part::is_number;

/// A type that one word of a command line converts into.
///
/// ```
/// # use clavret_core as clavret;
/// use clavret::{FromWord, Kind, Refusal};
/// use std::ffi::OsStr;
///
/// #[derive(Debug, PartialEq)]
/// struct HiveCode(char, u32);
///
/// impl FromWord for HiveCode {
///     const KIND: &'static Kind<'static> = &Kind::new("a hive's code: a letter and a number", "A7");
///
///     fn from_word(word: &OsStr) -> Result<Self, Refusal> {
///         let text = word.to_str().ok_or(Refusal::new())?;
///         let mut letters = text.chars();
///         let row = letters.next().filter(char::is_ascii_uppercase).ok_or(Refusal::new())?;
///         let place = letters.as_str().parse().map_err(|_| Refusal::new())?;
///         Ok(HiveCode(row, place))
///     }
/// }
///
/// assert_eq!(HiveCode::from_word("A7".as_ref()).unwrap(), HiveCode('A', 7));
/// assert!(HiveCode::from_word("7".as_ref()).is_err());
/// ```
#[diagnostic::on_unimplemented(
    message = "a word cannot be converted into `{Self}`",
    label = "no `FromWord` for this type",
    note = "implement `FromWord` for `{Self}`, or `Choice` if it is a closed list of words"
)]
#[doc(alias("custom type", "conversion"))]
pub trait FromWord: Sized + Send + Sync + 'static {
    /// What the word may be: shown in pages, faults and completion.
    const KIND: &'static Kind<'static>;
    /// Which of the library's own types it is.
    #[doc(hidden)]
    const STANDARD: Option<Standard> = None;

    /// Converts the word.
    ///
    /// # Errors
    ///
    /// A [`Refusal`] when the word is not of the kind. The fault that the user sees names the
    /// parameter, the kind and the word by itself; a reason is only needed where that is not enough.
    fn from_word(word: &OsStr) -> Result<Self, Refusal>;

    /// The same where the parameter asks for more than the type reads by itself.
    #[doc(hidden)]
    fn from_word_in(word: &OsStr, _: Manner) -> Result<Self, Refusal> {
        Self::from_word(word)
    }
}

/// The whole numbers, for [`Named::as_in_code`](crate::Named::as_in_code). Sealed.
pub trait Whole: FromWord + Sealed<Numbers> {}

/// The numbers with fractions, for [`Named::infinite`](crate::Named::infinite). Sealed.
pub trait Fraction: FromWord + Sealed<Numbers> {}

/// The word as text.
fn text(word: &OsStr) -> Result<&str, Refusal> {
    word.to_str().ok_or(Refusal::not_text())
}

fn whole<T: FromStr<Err = ParseIntError>>(word: &OsStr) -> Result<T, Refusal> {
    let text = text(word)?;
    text.parse().map_err(|error| misfit(text, 10, &error))
}

/// What is wrong with a word that is no number of the type. The standard library tells of too many digits
/// before it has looked at what follows them.
#[cold]
fn misfit(word: &str, radix: u32, error: &ParseIntError) -> Refusal {
    let digits = word.strip_prefix(['-', '+']).unwrap_or(word);
    let are_digits = !digits.is_empty() && digits.chars().all(|letter| letter.is_digit(radix));
    match error.kind() {
        IntErrorKind::PosOverflow if are_digits => Refusal { reason: Reason::Above },
        IntErrorKind::NegOverflow if are_digits => Refusal { reason: Reason::Below },
        // An unsigned type calls a minus sign and digits no number at all.
        IntErrorKind::InvalidDigit if are_digits && word.starts_with('-') => {
            Refusal { reason: Reason::Below }
        }
        _ if word.contains('.') && is_number(digits.as_bytes()) => {
            Refusal { reason: Reason::Near(Miss::Fraction) }
        }
        _ => no_number(word),
    }
}

/// What is wrong with a word that is no number: it may begin with one, such as `12kg`.
#[cold]
fn no_number(word: &str) -> Refusal {
    let is_digit = |letter: char| letter.is_ascii_digit() || matches!(letter, '.' | '-' | '+');
    let (number, letters) =
        word.split_at(word.find(|letter| !is_digit(letter)).unwrap_or(word.len()));
    // Whatever is not ASCII is a letter here, as a degree is.
    let is_letter =
        |letter: char| letter.is_ascii_alphabetic() || !letter.is_ascii() || letter == '%';
    let are_letters = !letters.is_empty() && letters.chars().all(is_letter);
    let number = number.strip_prefix(['-', '+']).unwrap_or(number);
    let is_near = are_letters && is_number(number.as_bytes());
    Refusal { reason: if is_near { Reason::Near(Miss::Letters) } else { Reason::NotOne } }
}

/// The digits of a whole number as source code has it, its sign in front, and their base: `-0x1f`,
/// `0o17`, `0b101`, `1_000`. A `_` stands between digits.
fn from_code(text: &str) -> Option<(String, u32)> {
    let (sign, number) = match text.strip_prefix(['-', '+']) {
        Some(number) => text.split_at(text.len() - number.len()),
        None => ("", text),
    };
    let (digits, radix) = match number.as_bytes() {
        [b'0', b'x' | b'X', ..] => (&number[2..], 16),
        [b'0', b'o' | b'O', ..] => (&number[2..], 8),
        [b'0', b'b' | b'B', ..] => (&number[2..], 2),
        _ => (number, 10),
    };
    // A second sign would be taken for one by the standard library.
    let begins = digits.starts_with(|letter: char| letter.is_digit(radix));
    let mut bare = of(&[sign, digits]);
    bare.retain(|letter| letter != '_');
    (begins && !digits.ends_with('_')).then_some((bare, radix))
}

/// The limits of `usize` and `isize`.
const POINTER: [&str; 2] =
    ["0", if cfg!(target_pointer_width = "64") { "18446744073709551615" } else { "4294967295" }];
const SIGNED_POINTER: [&str; 2] = match cfg!(target_pointer_width = "64") {
    true => ["-9223372036854775808", "9223372036854775807"],
    false => ["-2147483648", "2147483647"],
};

macro_rules! whole_numbers {
    ($($type:ty, $standard:ident: $limits:expr, $sign:ident;)*) => {$(
        impl FromWord for $type {
            const KIND: &'static Kind<'static> = &whole_numbers!($sign Kind::of(Noun::Whole, "3").limits($limits));
            const STANDARD: Option<Standard> = Some(Standard::$standard);

            // Inlined, so that only the types a program uses are made for it.
            #[inline]
            fn from_word(word: &OsStr) -> Result<Self, Refusal> {
                whole(word)
            }

            #[inline]
            fn from_word_in(word: &OsStr, manner: Manner) -> Result<Self, Refusal> {
                if !manner.is_as_in_code() {
                    return whole(word);
                }
                let (digits, radix) = from_code(text(word)?).ok_or(Refusal::new())?;
                <$type>::from_str_radix(&digits, radix).map_err(|error| misfit(&digits, radix, &error))
            }
        }

        impl Whole for $type {}

        impl Sealed<Numbers> for $type {}
    )*};
    (signed $kind:expr) => { $kind.negative() };
    (unsigned $kind:expr) => { $kind };
}

whole_numbers! {
    u8, U8: ["0", "255"], unsigned;
    u16, U16: ["0", "65535"], unsigned;
    u32, U32: ["0", "4294967295"], unsigned;
    u64, U64: ["0", "18446744073709551615"], unsigned;
    u128, U128: ["0", "340282366920938463463374607431768211455"], unsigned;
    usize, Usize: POINTER, unsigned;
    i8, I8: ["-128", "127"], signed;
    i16, I16: ["-32768", "32767"], signed;
    i32, I32: ["-2147483648", "2147483647"], signed;
    i64, I64: ["-9223372036854775808", "9223372036854775807"], signed;
    i128, I128: ["-170141183460469231731687303715884105728", "170141183460469231731687303715884105727"], signed;
    isize, Isize: SIGNED_POINTER, signed;
}

macro_rules! counting_numbers {
    ($($type:ty, $inner:ty, $standard:ident: $limits:expr;)*) => {$(
        impl FromWord for $type {
            const KIND: &'static Kind<'static> = &Kind::of(Noun::Whole, "3").limits($limits);
            const STANDARD: Option<Standard> = Some(Standard::$standard);

            #[inline]
            fn from_word(word: &OsStr) -> Result<Self, Refusal> {
                Self::from_word_in(word, Manner::PLAIN)
            }

            #[inline]
            fn from_word_in(word: &OsStr, manner: Manner) -> Result<Self, Refusal> {
                let number = <$inner>::from_word_in(word, manner)?;
                Self::new(number).ok_or(Refusal { reason: Reason::Below })
            }
        }

        impl Whole for $type {}

        impl Sealed<Numbers> for $type {}
    )*};
}

// What counts something that is there begins at one.
counting_numbers! {
    NonZeroU8, u8, PositiveU8: ["1", "255"];
    NonZeroU16, u16, PositiveU16: ["1", "65535"];
    NonZeroU32, u32, PositiveU32: ["1", "4294967295"];
    NonZeroU64, u64, PositiveU64: ["1", "18446744073709551615"];
    NonZeroUsize, usize, PositiveUsize: ["1", POINTER[1]];
}

macro_rules! fractions {
    ($($type:ty: $standard:ident;)*) => {$(
        impl FromWord for $type {
            const KIND: &'static Kind<'static> = &Kind::of(Noun::Number, "1.5").negative();
            const STANDARD: Option<Standard> = Some(Standard::$standard);

            /// NaN and the infinities are refused: no option means them unless it says so.
            #[inline]
            fn from_word(word: &OsStr) -> Result<Self, Refusal> {
                let word = text(word)?;
                let number: $type = word.parse().map_err(|_| no_number(word))?;
                if number.is_finite() { Ok(number) } else { Err(Refusal::new()) }
            }

            #[inline]
            fn from_word_in(word: &OsStr, manner: Manner) -> Result<Self, Refusal> {
                if manner.is_infinite() {
                    let word = text(word)?;
                    word.parse().map_err(|_| no_number(word))
                } else {
                    Self::from_word(word)
                }
            }
        }

        impl Fraction for $type {}

        impl Sealed<Numbers> for $type {}
    )*};
}

fractions! {
    f32: F32;
    f64: F64;
}

impl FromWord for String {
    const KIND: &'static Kind<'static> = &Kind::of(Noun::Text, "text");
    const STANDARD: Option<Standard> = Some(Standard::Text);

    fn from_word(word: &OsStr) -> Result<Self, Refusal> {
        text(word).map(str::to_owned)
    }
}

impl FromWord for OsString {
    const KIND: &'static Kind<'static> = &Kind::of(Noun::Text, "text");
    const STANDARD: Option<Standard> = Some(Standard::Word);

    fn from_word(word: &OsStr) -> Result<Self, Refusal> {
        Ok(word.to_owned())
    }
}

impl FromWord for PathBuf {
    const KIND: &'static Kind<'static> = &Kind::PATH;
    const STANDARD: Option<Standard> = Some(Standard::Path);

    /// An empty word names no file: it is refused.
    fn from_word(word: &OsStr) -> Result<Self, Refusal> {
        if word.is_empty() { Err(Refusal::new()) } else { Ok(word.into()) }
    }
}

impl FromWord for char {
    const KIND: &'static Kind<'static> = &Kind::of(Noun::Letter, "a").explained();
    const STANDARD: Option<Standard> = Some(Standard::Character);

    fn from_word(word: &OsStr) -> Result<Self, Refusal> {
        text(word)?.parse().map_err(|_| Refusal::new())
    }
}

impl FromWord for bool {
    const KIND: &'static Kind<'static> = Kind::TRUTH;
    const STANDARD: Option<Standard> = Some(Standard::Truth);

    fn from_word(word: &OsStr) -> Result<Self, Refusal> {
        match word.as_encoded_bytes() {
            b"yes" | b"true" | b"on" => Ok(true),
            b"no" | b"false" | b"off" => Ok(false),
            _ => Err(Refusal::new()),
        }
    }
}

macro_rules! addresses {
    ($($type:ty, $standard:ident: $noun:literal, $example:literal;)*) => {$(
        impl FromWord for $type {
            const KIND: &'static Kind<'static> = &Kind::new($noun, $example).explained().placeholder("ADDRESS");
            const STANDARD: Option<Standard> = Some(Standard::$standard);

            #[inline]
            fn from_word(word: &OsStr) -> Result<Self, Refusal> {
                text(word)?.parse().map_err(|_| Refusal::new())
            }
        }
    )*};
}

// The examples are addresses that RFC 5737 and RFC 3849 keep for documentation.
addresses! {
    Ipv4Addr, Ipv4: "an IPv4 address", "192.0.2.7";
    Ipv6Addr, Ipv6: "an IPv6 address", "2001:db8::7";
    IpAddr, Ip: "an IP address", "192.0.2.7";
    SocketAddrV4, Ipv4Port: "an IPv4 address with a port", "192.0.2.7:80";
    SocketAddrV6, Ipv6Port: "an IPv6 address with a port", "[2001:db8::7]:80";
    SocketAddr, IpPort: "an IP address with a port", "192.0.2.7:80";
}
