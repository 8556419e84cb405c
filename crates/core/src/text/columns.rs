//! How many columns of a terminal text takes.

/// The columns that text takes: wide characters count two, combining ones none.
#[cfg(feature = "unicode-width")]
pub(crate) fn columns(text: &str) -> usize {
    // Nearly all text, without a look at the tables.
    if text.is_ascii() { text.len() } else { unicode_width::UnicodeWidthStr::width(text) }
}

/// The columns that text takes, each character counted as one: no tables, no dependency.
#[cfg(not(feature = "unicode-width"))]
pub(crate) fn columns(text: &str) -> usize {
    text.chars().count()
}
