//! A page: sections, blocks and pieces of text, each of which says what it is. Every medium is a drawing of that, and nothing in
//! it is made for one; what stands between two pieces is up to the medium.

use std::borrow::Cow;

use crate::text::{Put, of};
use crate::wording::Wording;
use crate::wording::english::Phrase;

/// A piece of a page's text.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub struct Inline<'t> {
    what: InlineKind,
    text: &'t str,
}

/// What a piece of text is.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
#[non_exhaustive]
pub enum InlineKind {
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
    /// Code in a line of Markdown; its marks stay, as those of the next two: see [`Inline::unmarked`].
    Code,
    /// Strong emphasis: `**text**`.
    Strong,
    /// Emphasis: `*text*`.
    Emphasis,
}

/// Text in pieces.
#[derive(Debug, Clone, PartialEq, Eq, Default)]
pub struct Text {
    /// The text of all pieces, one after the other: a text of its own for each would cost more than what it says.
    text: String,
    /// What each is, and where it ends.
    pieces: Vec<(InlineKind, usize)>,
}

impl<'t> Inline<'t> {
    /// What it is.
    pub fn kind(&self) -> InlineKind {
        self.what
    }

    /// The text of this inline, without what stands between it and its neighbours: see [`Page::between`](crate::medium::Page::between).
    pub fn text(&self) -> &'t str {
        self.text
    }

    /// The text of this inline without the marks of code and emphasis, for a medium that shows these otherwise: of `(*not*)`, `(not)`.
    #[inline]
    pub fn unmarked(&self) -> Cow<'t, str> {
        let marks: &[char] = match self.what {
            InlineKind::Code => &['`'],
            InlineKind::Strong => &['*'],
            InlineKind::Emphasis => &['*', '_'],
            _ => return Cow::Borrowed(self.text),
        };
        let width = if self.what == InlineKind::Strong { 2 } else { 1 };
        let (opens, closes) = (self.text.find(marks), self.text.rfind(marks));
        let parts = opens.zip(closes).and_then(|(opens, closes)| {
            let within = self.text.get(opens + width..(closes + 1).checked_sub(width)?)?;
            Some([&self.text[..opens], within, &self.text[closes + 1..]])
        });
        parts.map_or(Cow::Borrowed(self.text), |parts| Cow::Owned(of(&parts)))
    }
}

impl InlineKind {
    /// What stands between this and what is before it.
    #[inline(never)]
    pub(crate) fn behind<'w>(self, before: Option<InlineKind>, wording: &Wording<'w>) -> &'w str {
        let is_running = |what| {
            matches!(
                what,
                InlineKind::Plain | InlineKind::Code | InlineKind::Strong | InlineKind::Emphasis
            )
        };
        match (before, self) {
            (None, _) => "",
            (Some(InlineKind::Name), InlineKind::Name) => ", ",
            (Some(InlineKind::Name | InlineKind::Placeholder), InlineKind::Placeholder) => " ",
            (_, InlineKind::Value) => wording.say(Phrase::Colon),
            (_, InlineKind::Fact) => wording.say(Phrase::Semicolon),
            (Some(before), what) if is_running(before) && is_running(what) => " ",
            _ => "",
        }
    }
}

impl Text {
    /// The pieces, in their order.
    pub fn inlines(&self) -> impl DoubleEndedIterator<Item = Inline<'_>> {
        (0..self.count()).map(|at| self.inline(at))
    }

    /// Whether there is none.
    pub fn is_empty(&self) -> bool {
        self.pieces.is_empty()
    }

    /// How many pieces there are.
    pub(crate) fn count(&self) -> usize {
        self.pieces.len()
    }

    /// The piece at a place, which there is.
    #[inline(never)]
    pub(crate) fn inline(&self, at: usize) -> Inline<'_> {
        let (what, end) = self.pieces[at];
        let start = at.checked_sub(1).map_or(0, |before| self.pieces[before].1);
        Inline { what, text: &self.text[start..end] }
    }

    #[inline(never)]
    pub(crate) fn of(what: InlineKind, text: &str) -> Self {
        let mut own = Text::default();
        own.add(what, text);
        own
    }

    /// Adds a piece, unless it is empty.
    #[inline(never)]
    pub(crate) fn add(&mut self, what: InlineKind, text: &str) {
        if !text.is_empty() {
            self.text.push_str(text);
            self.pieces.push((what, self.text.len()));
        }
    }

    /// Goes on with the piece that it ends in.
    pub(crate) fn go_on(&mut self, text: &str) {
        if let Some(last) = self.pieces.last_mut() {
            self.text.put(text);
            last.1 = self.text.len();
        }
    }

    /// Adds the names of an option: `-f`, `--frames`.
    pub(crate) fn add_names(&mut self, letter: Option<char>, long: Option<&str>) {
        if let Some(letter) = letter {
            self.add(InlineKind::Name, &of(&["-", letter.encode_utf8(&mut [0; 4])]));
        }
        if let Some(long) = long {
            self.add(InlineKind::Name, &of(&["--", long]));
        }
    }

    /// The shortest name: `-f`.
    pub(crate) fn add_name(&mut self, letter: Option<char>, long: Option<&str>) {
        self.add_names(letter, long.filter(|_| letter.is_none()));
    }

    /// Adds what another text has.
    #[inline(never)]
    pub(crate) fn append(&mut self, other: &Text) {
        for inline in other.inlines() {
            self.add(inline.what, inline.text);
        }
    }
}

/// The help of one command, as sections; see [`Page::of`] and [`Page::draw`].
///
/// ```
/// # use clavret_core as clavret;
/// use clavret::{Command, Operand};
/// use clavret::ask::CommandPath;
/// use clavret::look::Look;
/// use clavret::medium::{PageLength, Page};
/// static HIVE: Operand<String> = Operand::new("hive").help("hive to inspect, such as A7");
/// static INSPECT: Command = Command::new("inspect")
///     .summary("record what an inspection found")
///     .takes(&[HIVE.param()]);
///
/// let page = Page::of(&CommandPath::of(&INSPECT), PageLength::Full);
/// assert_eq!(page.draw(Look::PLAIN), "\
/// inspect   record what an inspection found
///
/// usage      inspect HIVE
///
/// operand    HIVE          hive to inspect, such as A7
///
/// anywhere   -h, --help    show this page
/// ");
/// ```
///
/// A medium of one's own draws what it is made of: see [`medium`](crate::medium).
#[doc(alias("help text", "manual"))]
#[derive(Debug, Clone)]
pub struct Page<'d> {
    pub(crate) title: String,
    pub(crate) summary: Cow<'d, str>,
    pub(crate) sections: Vec<Section<'d>>,
    pub(crate) wording: &'d Wording<'d>,
}

/// A heading and what stands under it.
#[derive(Debug, Clone)]
pub struct Section<'d> {
    pub(crate) heading: &'d str,
    pub(crate) blocks: Vec<Block>,
}

/// What stands together on a page.
#[derive(Debug, Clone, PartialEq, Eq)]
#[non_exhaustive]
pub enum Block {
    /// What may be typed after the title; a line is broken between its parts, not within.
    Synopsis(Vec<Text>),
    /// A paragraph of running text.
    Paragraph(Text),
    /// An item of a list: the columns that it is indented, its mark, and its text.
    Item(usize, String, Text),
    /// A line of code, with its spaces.
    Code(String),
    /// What is before stands apart from what is behind.
    Apart,
    /// Things that can be typed.
    Entries(Layout, Vec<Entry>),
}

/// How entries belong to their help.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
#[non_exhaustive]
pub enum Layout {
    /// A list in which help is looked up by name: commands, operands, options.
    Column,
    /// A few short names: statuses, and the words that a value may be.
    Close,
    /// Long names, each with what it does: examples.
    Below,
}

/// A thing that can be typed, and its help.
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct Entry {
    pub(crate) names: Text,
    pub(crate) help: Text,
    pub(crate) below: Vec<Block>,
}

impl Entry {
    #[inline(never)]
    pub(crate) fn plain(name: &str, help: &str) -> Self {
        let (names, help) = (Text::of(InlineKind::Name, name), Text::of(InlineKind::Plain, help));
        Entry { names, help, below: Vec::new() }
    }

    /// What is typed: names, and what stands for a value.
    pub fn names(&self) -> &Text {
        &self.names
    }

    /// The help, and the facts that were declared.
    pub fn help(&self) -> &Text {
        &self.help
    }

    /// What stands below the help: its description, and the words that it may be where these have help.
    pub fn below(&self) -> &[Block] {
        &self.below
    }
}

impl<'d> Section<'d> {
    /// What it is headed with; empty for what goes on with the section before.
    pub fn heading(&self) -> &'d str {
        self.heading
    }

    /// What stands in it.
    pub fn blocks(&self) -> &[Block] {
        &self.blocks
    }
}

impl<'d> Page<'d> {
    /// The names that lead to the command, from the program's own on.
    pub fn title(&self) -> &str {
        &self.title
    }

    /// What the command does, in a few words.
    pub fn summary(&self) -> &str {
        &self.summary
    }

    /// The sections, in the order they stand.
    pub fn sections(&self) -> &[Section<'d>] {
        &self.sections
    }
}
