//! Kinds of values: the example of each reads, and numbers in all the ways they are written.

use std::fmt::Debug;
use std::net::{IpAddr, Ipv4Addr, Ipv6Addr, SocketAddr, SocketAddrV4, SocketAddrV6};
use std::num::NonZeroU8;
use std::path::PathBuf;

use clavret_core::look::When;
use clavret_core::reader::Words;
use clavret_core::shape::Shape;
use clavret_core::world::Unread;
use clavret_core::{Command, FromWord, Named, Outcome};

macro_rules! examples_read {
    ($($type:ty),* $(,)?) => {$(
        let example = <$type>::KIND.example_word();
        assert!(<$type>::from_word(example.as_ref().as_ref()).is_ok(), "{} of {}", example, stringify!($type));
    )*};
}

/// An outline is read with examples in its placeholders, so each kind must have one that reads.
#[test]
fn the_example_of_each_kind_reads() {
    examples_read!(
        u8,
        u16,
        u32,
        u64,
        u128,
        usize,
        i8,
        i16,
        i32,
        i64,
        i128,
        isize,
        f32,
        f64,
        String,
        PathBuf,
        std::ffi::OsString,
        char,
        bool,
        When,
        Ipv4Addr,
        Ipv6Addr,
        IpAddr,
        SocketAddrV4,
        SocketAddrV6,
        SocketAddr,
    );
    examples_read!(
        jiff::civil::Date,
        jiff::civil::Time,
        jiff::civil::DateTime,
        jiff::Timestamp,
        jiff::Span,
        jiff::SignedDuration,
        std::time::Duration,
        bytesize::ByteSize,
        clavret_core::DomainName,
        email_address::EmailAddress,
        url::Url,
        uuid::Uuid,
        regex::Regex,
        glob::Pattern,
        semver::Version,
        semver::VersionReq,
        serde_json::Value,
    );
}

/// What an option of a shape reads from a word; nothing where the word is refused.
fn value<T: Shape + Debug>(option: Named<'static, T>, word: &str) -> Option<String> {
    let option = Box::leak(Box::new(option));
    let params = Box::leak(Box::new([option.param()]));
    let command = Box::leak(Box::new(Command::draft("scale").takes(params)));
    let words = Box::leak(Box::new(["--weight".to_owned(), word.to_owned()]));
    match command.read_in(Words::new(words), &Nowhere) {
        Outcome::Reading(reading) => Some(format!("{:?}", reading.get(option))),
        _ => None,
    }
}

/// A world that there is nothing in.
struct Nowhere;

impl clavret_core::world::World for Nowhere {
    fn variable(&self, _: &str) -> Option<std::ffi::OsString> {
        None
    }

    fn presence(&self, _: &std::path::Path) -> clavret_core::world::Presence {
        clavret_core::world::Presence::Nothing
    }

    fn first_line(&self, _: &std::path::Path) -> Result<std::ffi::OsString, Unread> {
        Err(std::io::Error::from(std::io::ErrorKind::NotFound).into())
    }

    fn settings(
        &self,
        _: &str,
        _: Option<&std::path::Path>,
    ) -> Result<Option<clavret_core::world::Settings>, Unread> {
        Ok(None)
    }
}

#[test]
fn whole_numbers_read_as_source_code_has_them_where_asked() {
    let plain = |word| value(Named::<u8>::draft("weight"), word);
    let code = |word| value(Named::<u8>::draft("weight").as_in_code(), word);
    let count = |word| value(Named::<NonZeroU8>::draft("weight").as_in_code(), word);
    assert_eq!((count("0x1"), count("0"), count("256")), (Some("1".to_owned()), None, None));
    let signed = |word| value(Named::<i64>::draft("weight").as_in_code(), word);
    for (word, expected) in [("7", Some("7")), ("+7", Some("7")), ("007", Some("7")), ("256", None)]
    {
        assert_eq!((plain(word).as_deref(), code(word).as_deref()), (expected, expected), "{word}");
    }
    for (word, expected) in [
        ("0xfF", Some("255")),
        ("0o17", Some("15")),
        ("0b101", Some("5")),
        ("1_0__0", Some("100")),
        ("0X1f", Some("31")),
        ("0x", None),
        ("_1", None),
        ("1_", None),
        ("0x_1", None),
        ("0b12", None),
        ("0x100", None),
        ("--1", None),
        ("0x-1", None),
        ("-0x1", None),
    ] {
        assert_eq!(plain(word), None, "{word}");
        assert_eq!(code(word).as_deref(), expected, "{word}");
    }
    assert_eq!(signed("-0x1F").as_deref(), Some("-31"));
    assert_eq!(signed("-9_223_372_036_854_775_808").as_deref(), Some("-9223372036854775808"));
}

#[test]
fn numbers_that_are_not_finite_read_where_asked() {
    let plain = |word| value(Named::<f64>::draft("weight"), word);
    let any = |word| value(Named::<f64>::draft("weight").infinite(), word);
    for (word, expected) in [("nan", "NaN"), ("-inf", "-inf"), ("1e999", "inf")] {
        assert_eq!((plain(word), any(word).as_deref()), (None, Some(expected)), "{word}");
    }
    assert_eq!(plain("-.5e1").as_deref(), Some("-5.0"));
}

#[test]
fn the_shapes_of_the_standard_library_read() {
    let option = Named::<Vec<[u8; 2]>>::draft("weight");
    assert_eq!(value(option, "1"), None);
    assert_eq!(value(Named::<Option<char>>::draft("weight"), "é").as_deref(), Some("Some('é')"));
    assert_eq!(value(Named::<bool>::draft("weight"), "off").as_deref(), Some("false"));
    assert_eq!(value(Named::<PathBuf>::draft("weight").absent(), "a").as_deref(), Some("\"a\""));
    assert_eq!(value(Named::<PathBuf>::draft("weight").present(), "a"), None);
    let date = Named::<jiff::civil::Date>::draft("weight");
    assert_eq!(value(date, "2026-05-01T10:00"), None, "a moment is more than a date");
    let duration = Named::<std::time::Duration>::draft("weight");
    assert_eq!(value(duration, "1h 30m").as_deref(), Some("5400s"));
}
