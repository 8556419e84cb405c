//! The conversion of one word into a Rust value, and the types that come with it.

use std::borrow::Cow;
use std::ffi::{OsStr, OsString};
use std::net::{IpAddr, Ipv4Addr, Ipv6Addr, SocketAddr, SocketAddrV4, SocketAddrV6};
use std::num::{
    IntErrorKind, NonZeroU8, NonZeroU16, NonZeroU32, NonZeroU64, NonZeroUsize, ParseIntError,
};
use std::path::PathBuf;
use std::str::FromStr;

use super::Kind;
use super::kind::{Limits, Noun, Offered};

/// A type that one word of a command line converts into.
///
/// ```
/// use clavret_core::{FromWord, Kind, Misfit};
/// use std::ffi::OsStr;
///
/// #[derive(Debug, PartialEq)]
/// struct HiveCode(char, u32);
///
/// impl FromWord for HiveCode {
///     const KIND: &'static Kind = &Kind::new("a hive's code: a letter and a number", "A7");
///
///     fn from_word(word: &OsStr) -> Result<Self, Misfit> {
///         let text = word.to_str().ok_or(Misfit::new())?;
///         let mut letters = text.chars();
///         let row = letters.next().filter(char::is_ascii_uppercase).ok_or(Misfit::new())?;
///         let place = letters.as_str().parse().map_err(|_| Misfit::new())?;
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
pub trait FromWord: Sized + Send + Sync + 'static {
    /// What the word may be: shown in pages, faults and completion.
    const KIND: &'static Kind;

    /// Converts the word.
    ///
    /// # Errors
    ///
    /// A [`Misfit`] when the word is not of the kind. The fault that the user sees names the
    /// parameter, the kind and the word by itself; a reason is only needed where that is not enough.
    fn from_word(word: &OsStr) -> Result<Self, Misfit>;

    /// The same where the parameter asks for more than the type reads by itself.
    #[doc(hidden)]
    fn from_word_in(word: &OsStr, _: Manner) -> Result<Self, Misfit> {
        Self::from_word(word)
    }
}

/// What a parameter reads beyond what its type does.
#[doc(hidden)]
#[derive(Debug, Clone, Copy, PartialEq, Eq, Default)]
pub struct Manner {
    /// Whole numbers as source code has them: `0x1f`, `1_000`.
    pub(crate) code: bool,
    /// NaN and the infinities.
    pub(crate) infinite: bool,
}

impl Manner {
    pub(crate) const PLAIN: Manner = Manner { code: false, infinite: false };
}

/// The whole numbers, for [`Opt::as_in_code`](super::Opt::as_in_code). Sealed.
pub trait Whole: FromWord {}

/// The numbers with fractions, for [`Opt::infinite`](super::Opt::infinite). Sealed.
pub trait Fraction: FromWord {}

/// Why a word did not convert.
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct Misfit {
    pub(crate) reason: Reason,
}

#[derive(Debug, Clone, PartialEq, Eq)]
pub(crate) enum Reason {
    /// It is not one: the kind says what would be.
    NotOne,
    /// It is above or below what the type holds.
    Above,
    Below,
    /// It is not text at all (not UTF-8).
    NotText,
    /// There are not so many words as one value takes.
    Count(usize),
    /// What is at a path: nothing, something, not a file, not a folder.
    Absent,
    Present,
    NotFile,
    NotDirectory,
    /// It is not one of what this says.
    Other(String),
    /// In the words of the type itself.
    Own(Cow<'static, str>),
}

impl Misfit {
    /// The word is not of the kind; the kind says what would be.
    pub const fn new() -> Self {
        Misfit { reason: Reason::NotOne }
    }

    /// The word is not of the kind, for a reason the user should read: "June has 30 days".
    pub fn because(reason: impl Into<Cow<'static, str>>) -> Self {
        Misfit { reason: Reason::Own(reason.into()) }
    }

    /// The same for a reason that may be known.
    #[allow(dead_code)] // used by kinds behind features
    pub(crate) fn of_reason(reason: Option<String>) -> Self {
        reason.map_or_else(Misfit::new, Misfit::because)
    }

    /// The word is not text in UTF-8.
    pub const fn not_text() -> Self {
        Misfit { reason: Reason::NotText }
    }
}

impl Default for Misfit {
    fn default() -> Self {
        Self::new()
    }
}

/// The word as text.
fn text(word: &OsStr) -> Result<&str, Misfit> {
    word.to_str().ok_or(Misfit::not_text())
}

fn whole<T: FromStr<Err = ParseIntError>>(word: &OsStr) -> Result<T, Misfit> {
    let text = text(word)?;
    text.parse().map_err(|error| misfit(text, 10, &error))
}

/// What is wrong with a word that is no number of the type. The standard library tells of too many digits
/// before it has looked at what follows them.
fn misfit(word: &str, radix: u32, error: &ParseIntError) -> Misfit {
    let digits = word.strip_prefix(['-', '+']).unwrap_or(word);
    let is_number = !digits.is_empty() && digits.chars().all(|letter| letter.is_digit(radix));
    match error.kind() {
        IntErrorKind::PosOverflow if is_number => Misfit { reason: Reason::Above },
        IntErrorKind::NegOverflow if is_number => Misfit { reason: Reason::Below },
        // An unsigned type calls a minus sign and digits no number at all.
        IntErrorKind::InvalidDigit if is_number && word.starts_with('-') => {
            Misfit { reason: Reason::Below }
        }
        _ => Misfit::new(),
    }
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
    (begins && !digits.ends_with('_')).then(|| (sign.to_owned() + &digits.replace('_', ""), radix))
}

macro_rules! whole_numbers {
    ($($type:ty: $limits:expr, $sign:ident;)*) => {$(
        impl FromWord for $type {
            const KIND: &'static Kind = &whole_numbers!($sign Kind::of(Noun::Whole, "3").limits($limits));

            // Inlined, so that only the types a program uses are made for it.
            #[inline]
            fn from_word(word: &OsStr) -> Result<Self, Misfit> {
                whole(word)
            }

            #[inline]
            fn from_word_in(word: &OsStr, manner: Manner) -> Result<Self, Misfit> {
                if !manner.code {
                    return whole(word);
                }
                let (digits, radix) = from_code(text(word)?).ok_or(Misfit::new())?;
                <$type>::from_str_radix(&digits, radix).map_err(|error| misfit(&digits, radix, &error))
            }
        }

        impl Whole for $type {}
    )*};
    (signed $kind:expr) => { $kind.negative() };
    (unsigned $kind:expr) => { $kind };
}

whole_numbers! {
    u8: Limits::Within(0, u8::MAX as u64), unsigned;
    u16: Limits::Within(0, u16::MAX as u64), unsigned;
    u32: Limits::Within(0, u32::MAX as u64), unsigned;
    u64: Limits::From(0), unsigned;
    u128: Limits::From(0), unsigned;
    usize: Limits::From(0), unsigned;
    i8: Limits::Within(i8::MIN as i64, i8::MAX as u64), signed;
    i16: Limits::Within(i16::MIN as i64, i16::MAX as u64), signed;
    i32: Limits::Within(i32::MIN as i64, i32::MAX as u64), signed;
    i64: Limits::None, signed;
    i128: Limits::None, signed;
    isize: Limits::None, signed;
}

macro_rules! counting_numbers {
    ($($type:ty, $inner:ty: $limits:expr;)*) => {$(
        impl FromWord for $type {
            const KIND: &'static Kind = &Kind::of(Noun::Whole, "3").limits($limits);

            #[inline]
            fn from_word(word: &OsStr) -> Result<Self, Misfit> {
                Self::from_word_in(word, Manner::PLAIN)
            }

            #[inline]
            fn from_word_in(word: &OsStr, manner: Manner) -> Result<Self, Misfit> {
                let number = <$inner>::from_word_in(word, manner)?;
                Self::new(number).ok_or(Misfit { reason: Reason::Below })
            }
        }

        impl Whole for $type {}
    )*};
}

// What counts something that is there begins at one.
counting_numbers! {
    NonZeroU8, u8: Limits::Within(1, u8::MAX as u64);
    NonZeroU16, u16: Limits::Within(1, u16::MAX as u64);
    NonZeroU32, u32: Limits::Within(1, u32::MAX as u64);
    NonZeroU64, u64: Limits::From(1);
    NonZeroUsize, usize: Limits::From(1);
}

macro_rules! fractions {
    ($($type:ty)*) => {$(
        impl FromWord for $type {
            const KIND: &'static Kind = &Kind::of(Noun::Number, "1.5").negative();

            /// NaN and the infinities are refused: no option means them unless it says so.
            #[inline]
            fn from_word(word: &OsStr) -> Result<Self, Misfit> {
                let number: $type = text(word)?.parse().map_err(|_| Misfit::new())?;
                if number.is_finite() { Ok(number) } else { Err(Misfit::new()) }
            }

            #[inline]
            fn from_word_in(word: &OsStr, manner: Manner) -> Result<Self, Misfit> {
                if manner.infinite {
                    text(word)?.parse().map_err(|_| Misfit::new())
                } else {
                    Self::from_word(word)
                }
            }
        }

        impl Fraction for $type {}
    )*};
}

fractions!(f32 f64);

impl FromWord for String {
    const KIND: &'static Kind = &Kind::of(Noun::Text, "text");

    fn from_word(word: &OsStr) -> Result<Self, Misfit> {
        text(word).map(str::to_owned)
    }
}

impl FromWord for OsString {
    const KIND: &'static Kind = &Kind::of(Noun::Text, "text");

    fn from_word(word: &OsStr) -> Result<Self, Misfit> {
        Ok(word.to_owned())
    }
}

impl FromWord for PathBuf {
    const KIND: &'static Kind = &Kind::PATH;

    /// An empty word names no file: it is refused.
    fn from_word(word: &OsStr) -> Result<Self, Misfit> {
        if word.is_empty() { Err(Misfit::new()) } else { Ok(word.into()) }
    }
}

impl FromWord for char {
    const KIND: &'static Kind = &Kind::of(Noun::Letter, "a").explained();

    fn from_word(word: &OsStr) -> Result<Self, Misfit> {
        text(word)?.parse().map_err(|_| Misfit::new())
    }
}

impl FromWord for bool {
    const KIND: &'static Kind = &{
        let mut kind = Kind::of(Noun::Truth, "yes");
        kind.offer = Some(truth);
        kind
    };

    fn from_word(word: &OsStr) -> Result<Self, Misfit> {
        match word.as_encoded_bytes() {
            b"yes" | b"true" | b"on" => Ok(true),
            b"no" | b"false" | b"off" => Ok(false),
            _ => Err(Misfit::new()),
        }
    }
}

fn truth(index: usize) -> Option<Offered> {
    let name = ["yes", "no", "true", "false", "on", "off"].get(index)?;
    Some(Offered { name, help: "", instead: "" })
}

macro_rules! addresses {
    ($($type:ty: $noun:literal, $example:literal;)*) => {$(
        impl FromWord for $type {
            const KIND: &'static Kind = &Kind::new($noun, $example).explained();

            #[inline]
            fn from_word(word: &OsStr) -> Result<Self, Misfit> {
                text(word)?.parse().map_err(|_| Misfit::new())
            }
        }
    )*};
}

// The examples are addresses that RFC 5737 and RFC 3849 keep for documentation.
addresses! {
    Ipv4Addr: "an IPv4 address", "192.0.2.7";
    Ipv6Addr: "an IPv6 address", "2001:db8::7";
    IpAddr: "an IP address", "192.0.2.7";
    SocketAddrV4: "an IPv4 address with a port", "192.0.2.7:80";
    SocketAddrV6: "an IPv6 address with a port", "[2001:db8::7]:80";
    SocketAddr: "an IP address with a port", "192.0.2.7:80";
}
