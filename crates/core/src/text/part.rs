//! Parts of words, without `unsafe`.

use std::borrow::Cow;
use std::ffi::OsStr;

/// The bytes `start..end` of a word, as a word. The cuts stand where the reader found ASCII or
/// whole characters, so nothing is torn.
#[cfg(unix)]
pub(crate) fn part(word: &OsStr, start: usize, end: usize) -> Cow<'_, OsStr> {
    use std::os::unix::ffi::OsStrExt;
    let bytes = word.as_bytes();
    Cow::Borrowed(OsStr::from_bytes(bytes.get(start..end).unwrap_or_default()))
}

/// The bytes `start..end` of a word, as a word: by its text, or by its wide units where it is none.
#[cfg(not(unix))]
pub(crate) fn part(word: &OsStr, start: usize, end: usize) -> Cow<'_, OsStr> {
    match word.to_str() {
        Some(text) => Cow::Borrowed(OsStr::new(text.get(start..end).unwrap_or_default())),
        None => Cow::Owned(tail(word, start)),
    }
}

/// A word that is no text has its cut behind an option's name, which is text.
#[cfg(windows)]
fn tail(word: &OsStr, start: usize) -> std::ffi::OsString {
    use std::os::windows::ffi::{OsStrExt, OsStringExt};
    let head = String::from_utf8_lossy(&word.as_encoded_bytes()[..start]).encode_utf16().count();
    let wide: Vec<u16> = word.encode_wide().skip(head).collect();
    std::ffi::OsString::from_wide(&wide)
}

#[cfg(not(any(unix, windows)))]
fn tail(word: &OsStr, start: usize) -> std::ffi::OsString {
    String::from_utf8_lossy(&word.as_encoded_bytes()[start..]).into_owned().into()
}
