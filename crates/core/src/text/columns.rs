//! How many columns of a terminal text takes.

/// The columns that text takes: wide characters count two, combining ones none. Characters that
/// some terminals join into one (emoji sequences) are counted apart, as most terminals draw them.
#[cfg(feature = "unicode-width")]
pub fn columns(text: &str) -> usize {
    let mut columns = 0;
    for letter in text.chars() {
        columns += unicode_width::UnicodeWidthChar::width(letter).unwrap_or(0);
    }
    columns
}

/// The columns that text takes, each character counted as one: no tables, no dependency.
#[cfg(not(feature = "unicode-width"))]
pub fn columns(text: &str) -> usize {
    text.chars().count()
}
