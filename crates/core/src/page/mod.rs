//! Stage 6, pages: a command becomes a page, a page becomes text.
//!
//! In comes the [`CommandPath`](crate::CommandPath) to a command; out goes a [`Page`] of sections, blocks and pieces of text,
//! each of which says what it is. Every medium is a drawing of that, and nothing in it is made for one.
//!
//! * `build.rs`: which sections there are, and their entries.
//! * `synopsis.rs`: the usage line, in POSIX notation.
//! * `help.rs`: the help of a parameter, and the facts that its declaration has.
//! * `listed.rs`: values that are known at run time.
//! * `markdown.rs`: descriptions, which may have paragraphs, lists and code.
//! * `text.rs`: text in pieces.
//! * `terminal.rs`: the medium of a terminal or a pipe: sections in a gutter, wrapped to a width.

mod build;
mod help;
mod listed;
mod markdown;
mod related;
mod synopsis;
mod terminal;
mod text;

pub(crate) use build::foot;
pub(crate) use listed::LISTS;
pub(crate) use markdown::blocks;
pub(crate) use related::Related;
pub(crate) use synopsis::choice;
pub use text::{Inline, Text, What};

use std::borrow::Cow;

use crate::declare::Param;
use crate::read::{CommandPath, KnownValues, PageLength};
use crate::wording::Wording;

/// The help of one command, as sections; see [`Page::of`] and [`Page::draw`].
///
/// ```
/// # use clavret_core as clavret;
/// use clavret::{Command, PageLength, Look, Operand, Page, CommandPath};
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
/// anywhere   -h, --help    -h for a short page, --help for all of it
/// ");
/// ```
///
/// A medium of one's own draws what it is made of: see [`medium`](crate::medium).
#[derive(Debug, Clone)]
pub struct Page<'d> {
    title: String,
    summary: Cow<'d, str>,
    sections: Vec<Section<'d>>,
    wording: &'d Wording<'d>,
}

/// A heading and what stands under it.
#[derive(Debug, Clone)]
pub struct Section<'d> {
    heading: &'d str,
    blocks: Vec<Block>,
}

/// What stands together on a page.
#[derive(Debug, Clone, PartialEq, Eq)]
#[non_exhaustive]
pub enum Block {
    /// What may be typed after the title; a line is broken between its parts, not within.
    Synopsis(Vec<Text>),
    /// A paragraph.
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
    names: Text,
    help: Text,
    below: Vec<Block>,
}

impl Entry {
    #[inline(never)]
    pub(crate) fn plain(name: &str, help: &str) -> Self {
        let (names, help) = (Text::of(What::Name, name), Text::of(What::Plain, help));
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
    /// The page of the command that a path leads to.
    pub fn of(path: &CommandPath<'d>, length: PageLength) -> Self {
        Page::known(path, length, None)
    }

    /// The same where the values of closed lists were asked for.
    pub(crate) fn known(
        path: &CommandPath<'d>,
        length: PageLength,
        known: Option<&dyn KnownValues>,
    ) -> Self {
        build::page(path, length, known, path.root().usual_params())
    }

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

    /// What stands between a piece of a text and the one before it, where that goes on in one line: a space between words,
    /// a comma between names, and in front of facts what the program's phrases have there.
    ///
    /// ```
    /// # mod clavret { pub use clavret_core::*; }
    /// use clavret::medium::Block;
    /// use clavret::{Command, CommandPath, Named, Page, PageLength};
    ///
    /// static FRAMES: Named<u8> = Named::new("frames").letter('f').default("0").help("brood frames seen");
    /// static INSPECT: Command = Command::new("inspect").takes(&[FRAMES.param()]);
    ///
    /// let page = Page::of(&CommandPath::of(&INSPECT), PageLength::Full);
    /// let [Block::Entries(_, entries)] = page.sections()[1].blocks() else { panic!() };
    /// let (mut line, mut before) = (String::new(), None);
    /// for piece in entries[0].help().inlines() {
    ///     line += page.between(before, piece.what());
    ///     line += &piece.unmarked();
    ///     before = Some(piece.what());
    /// }
    /// assert_eq!(line, "brood frames seen: a whole number; 0 unless given");
    /// ```
    pub fn between(&self, before: Option<What>, what: What) -> &'d str {
        what.behind(before, self.wording)
    }

    /// Whether nothing is said of a parameter, or no more than its type.
    pub fn says_little(param: &Param<'_>, path: &CommandPath<'_>) -> bool {
        help::says_little(param, path.leaf(), path.root().phrases())
    }
}
