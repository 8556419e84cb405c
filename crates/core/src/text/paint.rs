//! Colour, and the width of what is drawn. Colour only says again what the text already says.

use super::columns;

/// How something is drawn: the columns there are, and whether colour may be used.
///
/// The caller says what the terminal can do; the core draws text accordingly.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub struct Look {
    pub(crate) width: usize,
    pub(crate) color: bool,
}

impl Look {
    /// 80 columns without colour: what is drawn for a pipe or a file.
    pub const PLAIN: Look = Look { width: 80, color: false };

    /// A width in columns; 20 at least, since nothing reads well in fewer.
    #[must_use]
    pub const fn width(self, width: usize) -> Self {
        Look { width: if width < 20 { 20 } else { width }, ..self }
    }

    /// Whether colour may be used.
    #[must_use]
    pub const fn color(self, color: bool) -> Self {
        Look { color, ..self }
    }
}

/// What a piece of text is, for its colour.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub(crate) enum Ink {
    Plain,
    /// A heading in the gutter.
    Heading,
    /// A name to be typed as it stands.
    Name,
    /// A placeholder: something else is typed there.
    Hole,
    /// A caret and its number.
    Mark,
}

impl Ink {
    /// The SGR parameters of ECMA-48: attributes, and colours of the terminal's own palette.
    const fn code(self) -> Option<&'static str> {
        match self {
            Ink::Plain => None,
            Ink::Heading => Some("2"),
            Ink::Name => Some("1"),
            Ink::Hole => Some("3"),
            Ink::Mark => Some("1;35"),
        }
    }
}

/// A line in the making: its text with colour, and the columns it takes without.
#[derive(Debug, Default, Clone)]
pub(crate) struct Line {
    pub(crate) text: String,
    pub(crate) columns: usize,
}

impl Line {
    pub(crate) fn put(&mut self, look: Look, ink: Ink, text: &str) -> &mut Self {
        // No text of a declaration may steer the terminal.
        let safe;
        let text = if text.chars().any(char::is_control) {
            safe = super::visible(text);
            &safe
        } else {
            text
        };
        self.columns += columns(text);
        match ink.code().filter(|_| look.color && !text.is_empty()) {
            Some(code) => {
                for piece in ["\x1b[", code, "m", text, "\x1b[0m"] {
                    self.text.push_str(piece);
                }
            }
            None => self.text.push_str(text),
        }
        self
    }

    /// Spaces up to a column.
    pub(crate) fn pad(&mut self, to: usize) -> &mut Self {
        self.text.push_str(&super::pad(self.columns, to));
        self.columns = self.columns.max(to);
        self
    }
}
