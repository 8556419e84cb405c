//! The values within a word, and whether two parameters are one.

use std::ffi::{OsStr, OsString};
use std::ops::Range;

use crate::record::fault::Place;
use crate::record::param::Param;
use crate::text::part::part;

#[inline]
pub(crate) fn is(a: &Param<'_>, b: &Param<'_>) -> bool {
    crate::record::param::is(a, b)
}

/// A value in the words of one parameter: split at its delimiter, or at white space where one
/// occurrence takes several words.
#[inline]
pub(crate) fn parts(
    param: &Param<'_>,
    value: &OsStr,
    place: &dyn Fn(usize, usize) -> Place,
) -> Vec<(OsString, Place)> {
    let whole = || vec![(value.to_owned(), place(0, value.len()))];
    if let Some(delimiter) = param.delimiter() {
        let mut words = Vec::new();
        for Range { start, end } in split(value, delimiter) {
            words.push((unescaped(&part(value, start, end), delimiter), place(start, end)));
        }
        return words;
    }
    let (true, Some(text)) = (param.kinds().len() > 1, value.to_str()) else { return whole() };
    let mut words = Vec::new();
    for word in text.split_ascii_whitespace() {
        let start = word.as_ptr().addr() - text.as_ptr().addr();
        words.push((word.into(), place(start, start + word.len())));
    }
    words
}

/// Where the values of a word stand that a delimiter parts; one after a backslash parts nothing.
#[inline]
pub(crate) fn split(word: &OsStr, delimiter: char) -> Vec<Range<usize>> {
    let mut buffer = [0; 4];
    let delimiter = delimiter.encode_utf8(&mut buffer).as_bytes();
    let bytes = word.as_encoded_bytes();
    let (mut values, mut start, mut at) = (Vec::new(), 0, 0);
    while at < bytes.len() {
        if bytes[at] == b'\\'
            && (bytes[at + 1..].starts_with(delimiter) || bytes[at + 1..].starts_with(b"\\"))
        {
            at += 2;
        } else if bytes[at..].starts_with(delimiter) {
            values.push(start..at);
            at += delimiter.len();
            start = at;
        } else {
            at += 1;
        }
    }
    values.push(start.min(bytes.len())..bytes.len());
    values
}

/// A value without the backslashes in front of delimiters and of backslashes.
#[inline]
fn unescaped(value: &OsStr, delimiter: char) -> OsString {
    if !value.as_encoded_bytes().contains(&b'\\') {
        return value.to_owned();
    }
    // A backslash is cut out between two parts, so that bytes that are no text stay as they are.
    let bytes = value.as_encoded_bytes();
    let mut buffer = [0; 4];
    let delimiter = delimiter.encode_utf8(&mut buffer).as_bytes();
    let (mut plain, mut done, mut at) = (OsString::new(), 0, 0);
    while at < bytes.len() {
        let behind = &bytes[at + 1..];
        if bytes[at] == b'\\' && (behind.starts_with(delimiter) || behind.starts_with(b"\\")) {
            plain.push(part(value, done, at));
            done = at + 1;
            at += 1;
        }
        at += 1;
    }
    plain.push(part(value, done, bytes.len()));
    plain
}
