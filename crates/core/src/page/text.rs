//! Text of a page in pieces, each of which says what it is. What stands between two of them is up to the medium.

use crate::text::{of, own};

/// A piece of a page's text.
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct Inline {
    what: What,
    text: String,
}

/// What a piece of text is.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
#[non_exhaustive]
pub enum What {
    /// Words. Between two pieces of running text stands a space.
    Plain,
    /// A name that is typed as it stands: `--frames`, `add`.
    Name,
    /// What stands for something else that is typed: `COUNT`.
    Placeholder,
    /// A sign of the synopsis: `[`, `]`, `|`, `...`.
    Sign,
    /// What a value may be, after the help: "0 to 20".
    Value,
    /// What else the declaration says: "0 unless given".
    Fact,
    /// Code in a line of Markdown; its marks stay, as those of the next two.
    Code,
    /// Strong emphasis.
    Strong,
    /// Emphasis.
    Emphasis,
}

/// Text in pieces.
#[derive(Debug, Clone, PartialEq, Eq, Default)]
pub struct Text(Vec<Inline>);

impl Inline {
    /// What it is.
    pub fn what(&self) -> What {
        self.what
    }

    /// Its text, without what stands between it and its neighbours.
    pub fn text(&self) -> &str {
        &self.text
    }
}

impl Text {
    /// The pieces, in their order.
    pub fn inlines(&self) -> &[Inline] {
        &self.0
    }

    /// Whether there is none.
    pub fn is_empty(&self) -> bool {
        self.0.is_empty()
    }

    #[inline(never)]
    pub(super) fn of(what: What, text: &str) -> Self {
        let mut own = Text::default();
        own.add(what, text);
        own
    }

    #[inline(never)]
    pub(super) fn add(&mut self, what: What, text: &str) {
        self.push(what, own(text));
    }

    /// Adds a piece, unless it is empty.
    #[inline(never)]
    pub(super) fn push(&mut self, what: What, text: String) {
        if !text.is_empty() {
            self.0.push(Inline { what, text });
        }
    }

    /// Goes on with the piece that it ends in.
    pub(super) fn go_on(&mut self, text: &str) {
        if let Some(last) = self.0.last_mut() {
            last.text.push_str(text);
        }
    }

    /// Adds the names of an option: `-f`, `--frames`.
    pub(super) fn add_names(&mut self, letter: Option<char>, long: Option<&str>) {
        if let Some(letter) = letter {
            self.push(What::Name, of(&["-", letter.encode_utf8(&mut [0; 4])]));
        }
        if let Some(long) = long {
            self.push(What::Name, of(&["--", long]));
        }
    }

    /// The shortest name: `-f`.
    pub(super) fn add_name(&mut self, letter: Option<char>, long: Option<&str>) {
        self.add_names(letter, long.filter(|_| letter.is_none()));
    }

    /// Adds what another text has.
    #[inline(never)]
    pub(super) fn append(&mut self, mut other: Text) {
        self.0.append(&mut other.0);
    }
}
