//! How many columns of a terminal text takes, and text in lines of a width.

/// The columns that text takes: wide characters count two, combining ones none.
#[cfg(feature = "unicode-width")]
pub(crate) fn columns(text: &str) -> usize {
    unicode_width::UnicodeWidthStr::width(text)
}

/// The columns that text takes, each character counted as one: no tables, no dependency.
#[cfg(not(feature = "unicode-width"))]
pub(crate) fn columns(text: &str) -> usize {
    text.chars().count()
}

/// Spaces up to a column, at least none.
pub(crate) fn pad(from: usize, to: usize) -> String {
    " ".repeat(to.saturating_sub(from))
}

/// Text in lines of at most `width` columns, broken between words; a word that is wider alone is
/// broken at a character. A newline in the text ends a line.
pub(crate) fn wrap(text: &str, width: usize) -> Vec<String> {
    let width = width.max(1);
    let mut lines = Vec::new();
    for paragraph in text.split('\n') {
        let mut line = String::new();
        let mut used = 0;
        for word in paragraph.split(' ').filter(|word| !word.is_empty()) {
            let wide = columns(word);
            if used > 0 && used + 1 + wide > width {
                lines.push(std::mem::take(&mut line));
                used = 0;
            }
            if used > 0 {
                line.push(' ');
                used += 1;
            }
            if wide <= width {
                line.push_str(word);
                used += wide;
            } else {
                used = split(word, width, &mut line, &mut lines);
            }
        }
        lines.push(line);
    }
    lines
}

/// Breaks a word that is wider than a line; gives the columns of the part left in `line`.
fn split(word: &str, width: usize, line: &mut String, lines: &mut Vec<String>) -> usize {
    let mut used = columns(line);
    for letter in word.chars() {
        let wide = columns(letter.encode_utf8(&mut [0; 4]));
        if used > 0 && used + wide > width {
            lines.push(std::mem::take(line));
            used = 0;
        }
        line.push(letter);
        used += wide;
    }
    used
}
