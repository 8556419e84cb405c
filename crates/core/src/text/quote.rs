//! A word as a POSIX shell needs it, with nothing invisible left in it.
//!
//! A word that any shell takes as it stands is left alone. One with white space or characters that
//! mean something to a shell goes between single quotes. One with control characters, characters
//! that change the direction of text, or bytes that are no text goes into `$'…'` (POSIX.1-2024)
//! with escapes: what is seen is then what a copy of it reads as.

use std::ffi::OsStr;
use std::fmt::Write;

use super::{Put, columns};

/// A word as it is shown, and where its bytes stand in that.
#[derive(Debug, Clone)]
pub(crate) struct Quoted {
    pub(crate) text: String,
    /// For each character of the word, its first byte and the column it is shown at; last, the end.
    marks: Vec<(usize, usize)>,
}

#[derive(Clone, Copy, PartialEq, Eq, PartialOrd, Ord)]
enum Style {
    Bare,
    Single,
    Escaped,
}

impl Quoted {
    pub(crate) fn new(word: &OsStr) -> Self {
        let bytes = word.as_encoded_bytes();
        let style = style(bytes);
        let mut shown = String::new();
        let mut marks = Vec::new();
        let mut column = 0;
        let open = match style {
            Style::Bare => "",
            Style::Single => "'",
            Style::Escaped => "$'",
        };
        shown.put(open);
        column += open.len();
        let mut at = 0;
        for chunk in bytes.utf8_chunks() {
            for letter in chunk.valid().chars() {
                marks.push((at, column));
                column += put(&mut shown, letter, style);
                at += letter.len_utf8();
            }
            for byte in chunk.invalid() {
                marks.push((at, column));
                _ = write!(shown, "\\{byte:03o}");
                column += 4;
                at += 1;
            }
        }
        marks.push((at, column));
        if style != Style::Bare {
            shown.push('\'');
        }
        Quoted { text: shown, marks }
    }

    /// The columns at which the bytes `start..end` are shown. A range that is the whole word takes
    /// the quotes in.
    pub(crate) fn span(&self, start: usize, end: usize) -> (usize, usize) {
        let last = self.marks.last().map_or(0, |mark| mark.0);
        if start == 0 && end == last {
            return (0, columns(&self.text));
        }
        let column = |byte: usize| {
            let at = self.marks.partition_point(|mark| mark.0 < byte);
            self.marks.get(at).map_or(0, |mark| mark.1)
        };
        (column(start), column(end))
    }
}

fn style(bytes: &[u8]) -> Style {
    if bytes.is_empty() {
        return Style::Single;
    }
    let mut style = Style::Bare;
    for chunk in bytes.utf8_chunks() {
        if !chunk.invalid().is_empty() || chunk.valid().chars().any(is_unseen) {
            return Style::Escaped;
        }
        if !chunk.valid().chars().all(is_safe) {
            style = Style::Single;
        }
    }
    style
}

fn put(shown: &mut String, letter: char, style: Style) -> usize {
    let before = shown.len();
    match (style, letter) {
        (Style::Single, '\'') => shown.put("'\\''"),
        (Style::Escaped, '\'') => shown.put("\\'"),
        (Style::Escaped, '\\') => shown.put("\\\\"),
        (Style::Escaped, letter) if is_unseen(letter) => escape(shown, letter),
        (_, letter) => shown.push(letter),
    }
    columns(&shown[before..])
}

fn escape(shown: &mut String, letter: char) {
    match letter {
        '\n' => shown.put("\\n"),
        '\t' => shown.put("\\t"),
        '\r' => shown.put("\\r"),
        _ => {
            for byte in letter.encode_utf8(&mut [0; 4]).bytes() {
                _ = write!(shown, "\\{byte:03o}");
            }
        }
    }
}

/// Whether a shell takes the character for itself wherever it stands in a word.
fn is_safe(letter: char) -> bool {
    match letter {
        'a'..='z' | 'A'..='Z' | '0'..='9' => true,
        '_' | '@' | '%' | '+' | '=' | ':' | ',' | '.' | '/' | '-' => true,
        _ => !letter.is_ascii() && !letter.is_whitespace(),
    }
}

/// Whether a character cannot be seen, or changes how others are seen.
pub(super) fn is_unseen(letter: char) -> bool {
    letter.is_control()
        || matches!(letter,
            '\u{ad}' | '\u{61c}' | '\u{180e}' | '\u{200b}'..='\u{200f}' | '\u{2028}'..='\u{202e}'
            | '\u{2060}'..='\u{206f}' | '\u{feff}' | '\u{fff9}'..='\u{fffb}' | '\u{e0000}'..='\u{e007f}')
}

/// Text for a sentence: control characters are shown as escapes, line ends as spaces.
pub(crate) fn visible(text: &str) -> String {
    let mut shown = String::with_capacity(text.len());
    for letter in text.chars() {
        if is_unseen(letter) { escape(&mut shown, letter) } else { shown.push(letter) }
    }
    shown
}
