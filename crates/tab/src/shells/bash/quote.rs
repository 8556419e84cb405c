//! Words as bash reads them.

use crate::live::line::Quote;

/// A text so that bash takes it for that text, in the quote that is open.
pub(crate) fn quoted(text: &str, quote: Quote) -> String {
    let mut out = String::new();
    match quote {
        Quote::Single => {
            for letter in text.chars() {
                match letter {
                    '\'' => out.push_str("'\\''"),
                    letter => out.push(letter),
                }
            }
        }
        Quote::Double => {
            for letter in text.chars() {
                match letter {
                    '\\' | '"' | '$' | '`' => out.extend(['\\', letter]),
                    // An exclamation mark is a command of the history within these quotes, whatever is before it.
                    '!' => out.push_str("\"'!'\""),
                    letter => out.push(letter),
                }
            }
        }
        Quote::Escaping => out = escaped(text),
        Quote::None if text.chars().any(char::is_control) => out = format!("$'{}'", escaped(text)),
        Quote::None => {
            for letter in text.chars() {
                if !letter.is_alphanumeric() && letter.is_ascii() && !"_@%+=:,./-".contains(letter)
                {
                    out.push('\\');
                }
                out.push(letter);
            }
        }
    }
    out
}

/// The same within `$'…'`.
fn escaped(text: &str) -> String {
    let mut out = String::new();
    for letter in text.chars() {
        match letter {
            '\n' => out.push_str("\\n"),
            '\t' => out.push_str("\\t"),
            '\\' | '\'' => out.extend(['\\', letter]),
            letter => out.push(letter),
        }
    }
    out
}
