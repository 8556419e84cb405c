//! Colour, and the width of what is drawn. Colour only says again what the text already says.

/// How something is drawn: the columns there are, and whether colour may be used.
///
/// The caller says what the terminal can do; the core draws text accordingly.
#[doc(alias("terminal width"))]
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub struct Look {
    pub(crate) width: usize,
    pub(crate) color: bool,
}

impl Look {
    /// 80 columns without colour: what is drawn for a pipe or a file.
    pub const PLAIN: Look = Look { width: 80, color: false };

    /// The columns there are.
    pub const fn columns(self) -> usize {
        self.width
    }

    /// A width in columns; 20 at least, since nothing reads well in fewer.
    #[must_use]
    pub const fn width(self, width: usize) -> Self {
        Look { width: if width < 20 { 20 } else { width }, ..self }
    }

    /// Whether colour may be used, for what draws something of its own.
    pub const fn has_color(self) -> bool {
        self.color
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
    Placeholder,
    /// Something that is not there, where it would stand.
    Missing,
    /// A caret and its number.
    Mark,
}

impl Ink {
    /// The SGR parameters of ECMA-48: attributes, and colours of the terminal's own palette.
    pub(crate) const fn code(self) -> Option<&'static str> {
        match self {
            Ink::Plain => None,
            Ink::Heading => Some("2"),
            // Not all terminals have a faint weight; one that has none has a slanted one.
            Ink::Missing => Some("2;3"),
            Ink::Name => Some("1"),
            Ink::Placeholder => Some("3"),
            Ink::Mark => Some("1;35"),
        }
    }
}
