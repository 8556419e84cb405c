//! Parts of words, without `unsafe`; and whether one is a number.

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
        None => Cow::Owned(inside(word, start, end)),
    }
}

/// A word that is no text, in wide units: what stands in front of the part and after it is text,
/// since cuts are made at names and delimiters, so its units can be counted.
#[cfg(windows)]
fn inside(word: &OsStr, start: usize, end: usize) -> std::ffi::OsString {
    use std::os::windows::ffi::{OsStrExt, OsStringExt};
    let units = |bytes: &[u8]| String::from_utf8_lossy(bytes).encode_utf16().count();
    let bytes = word.as_encoded_bytes();
    let wide: Vec<u16> = word.encode_wide().collect();
    let from = units(bytes.get(..start).unwrap_or_default()).min(wide.len());
    let behind = units(bytes.get(end..).unwrap_or_default());
    let to = wide.len().saturating_sub(behind).max(from);
    std::ffi::OsString::from_wide(&wide[from..to])
}

#[cfg(not(any(unix, windows)))]
fn inside(word: &OsStr, start: usize, end: usize) -> std::ffi::OsString {
    let bytes = word.as_encoded_bytes().get(start..end).unwrap_or_default();
    String::from_utf8_lossy(bytes).into_owned().into()
}

/// Digits with at most one point, and perhaps an exponent: `5`, `.5`, `1e3`.
pub(crate) fn is_number(bytes: &[u8]) -> bool {
    let digits = |bytes: &[u8]| bytes.iter().take_while(|byte| byte.is_ascii_digit()).count();
    let whole = digits(bytes);
    let mut rest = &bytes[whole..];
    let mut fraction = 0;
    if let [b'.', behind @ ..] = rest {
        fraction = digits(behind);
        rest = &behind[fraction..];
    }
    if whole + fraction == 0 {
        return false;
    }
    match rest {
        [] => true,
        [b'e' | b'E', b'+' | b'-', power @ ..] | [b'e' | b'E', power @ ..] => {
            !power.is_empty() && digits(power) == power.len()
        }
        _ => false,
    }
}
