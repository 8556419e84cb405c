//! A word as a POSIX shell needs it, with nothing invisible left in it.
//!
//! A word that any shell takes as it stands is left alone. One with white space or characters that
//! mean something to a shell goes between single quotes. One with control characters, characters
//! that change the direction of text, or bytes that are no text goes into `$'…'` (POSIX.1-2024)
//! with escapes: what is seen is then what a copy of it reads as.

use std::ffi::OsStr;

use super::Put;
use super::columns::columns;

/// A word as it is shown, and where its bytes stand in that.
#[derive(Debug, Clone)]
pub(crate) struct Quoted<'w> {
    pub(crate) text: String,
    word: &'w OsStr,
    style: Style,
}

#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord)]
enum Style {
    Bare,
    Single,
    Escaped,
    /// Not for a shell: nothing is quoted.
    Shown,
}

/// A word as it is shown.
#[inline(never)]
pub(crate) fn quoted(word: &OsStr) -> String {
    Quoted::new(word).text
}

impl<'w> Quoted<'w> {
    pub(crate) fn new(word: &'w OsStr) -> Self {
        let bytes = word.as_encoded_bytes();
        let style = style(bytes);
        let mut text = String::from(style.open());
        put_all(&mut text, bytes, style);
        if style != Style::Bare {
            text.push('\'');
        }
        Quoted { text, word, style }
    }

    /// The columns at which the bytes `start..end` are shown. A range that is the whole word takes
    /// the quotes in.
    pub(crate) fn span(&self, start: usize, end: usize) -> (usize, usize) {
        let bytes = self.word.as_encoded_bytes();
        if start == 0 && end == bytes.len() {
            return (0, columns(&self.text));
        }
        let column = |byte: usize| {
            let mut before = String::from(self.style.open());
            put_all(&mut before, &bytes[..byte.min(bytes.len())], self.style);
            columns(&before)
        };
        (column(start), column(end))
    }
}

impl Style {
    const fn open(self) -> &'static str {
        match self {
            Style::Bare | Style::Shown => "",
            Style::Single => "'",
            Style::Escaped => "$'",
        }
    }
}

#[inline(never)]
fn put_all(shown: &mut String, bytes: &[u8], style: Style) {
    for chunk in bytes.utf8_chunks() {
        chunk.valid().chars().for_each(|letter| put(shown, letter, style));
        for byte in chunk.invalid() {
            put_octal(shown, *byte);
        }
    }
}

fn style(bytes: &[u8]) -> Style {
    if bytes.is_empty() {
        return Style::Single;
    }
    // At the beginning of a word zsh takes `=` for the path of a program.
    let mut style = if bytes[0] == b'=' { Style::Single } else { Style::Bare };
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

fn put(shown: &mut String, letter: char, style: Style) {
    match (style, letter) {
        (Style::Single, '\'') => shown.put("'\\''"),
        (Style::Escaped, '\'') => shown.put("\\'"),
        (Style::Escaped, '\\') => shown.put("\\\\"),
        (Style::Escaped | Style::Shown, letter) if is_unseen(letter) => escape(shown, letter),
        (_, letter) => shown.push(letter),
    }
}

/// A byte as `\033`.
fn put_octal(shown: &mut String, byte: u8) {
    shown.put("\\");
    for digit in [byte >> 6, byte >> 3 & 7, byte & 7] {
        shown.push(char::from(b'0' + digit));
    }
}

fn escape(shown: &mut String, letter: char) {
    match letter {
        '\n' => shown.put("\\n"),
        '\t' => shown.put("\\t"),
        '\r' => shown.put("\\r"),
        _ => {
            for byte in letter.encode_utf8(&mut [0; 4]).bytes() {
                put_octal(shown, byte);
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
fn is_unseen(letter: char) -> bool {
    letter.is_control()
        || matches!(letter,
            '\u{ad}' | '\u{61c}' | '\u{180e}' | '\u{200b}'..='\u{200f}' | '\u{2028}'..='\u{202e}'
            | '\u{2060}'..='\u{206f}' | '\u{feff}' | '\u{fff9}'..='\u{fffb}' | '\u{e0000}'..='\u{e007f}')
}

/// Text that may be anybody's, such as a file's name, made safe for a terminal: characters that steer
/// it, change the direction of text or cannot be seen are shown as escapes, line ends among them.
///
/// ```
/// assert_eq!(clavret_core::look::visible("A7\u{1b}[2J\n"), r"A7\033[2J\n");
/// ```
#[must_use]
pub fn visible(text: &str) -> String {
    let mut shown = String::with_capacity(text.len());
    put_all(&mut shown, text.as_bytes(), Style::Shown);
    shown
}
