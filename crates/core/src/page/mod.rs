//! Stage 4, pages: a command becomes a page, a page becomes text.
//!
//! In comes the [`CommandPath`](crate::CommandPath) to a command; out goes a [`Page`] of sections, built once and then drawn
//! for a terminal or a pipe.
//!
//! * `build.rs`: which sections there are, and their entries.
//! * `synopsis.rs`: the usage line, in POSIX notation.
//! * `markdown.rs`: descriptions, which may have paragraphs, lists and code.
//! * `facts.rs`: what a declaration says about a value, as a sentence.
//! * `draw.rs`: sections in a gutter, wrapped to a width.

mod build;
mod draw;
mod facts;
mod markdown;
mod synopsis;

use crate::declare::Param;
use crate::read::PageLength;

/// The help of one command, as sections; see [`Page::of`] and [`Page::draw`].
///
/// ```
/// use clavret_core::{Command, PageLength, Look, Operand, Page, CommandPath};
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
#[derive(Debug, Clone)]
pub struct Page<'d> {
    title: String,
    summary: &'d str,
    sections: Vec<Section<'d>>,
}

/// A heading and what stands beside it.
#[derive(Debug, Clone)]
struct Section<'d> {
    heading: &'d str,
    body: Body,
}

#[derive(Debug, Clone)]
enum Body {
    /// Pieces after the path of the command, which a line is not broken within.
    Synopsis(Vec<String>),
    /// Text, its paragraphs apart by empty lines.
    Text(String),
    Entries(Layout, Vec<Entry>),
}

/// Where the help of entries stands.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
enum Layout {
    /// In the page's column of help.
    Column,
    /// Right after the widest name: statuses, and the words that a value may be.
    Close,
    /// Below the name: examples.
    Below,
}

/// A thing that can be typed, and its help.
#[derive(Debug, Clone)]
struct Entry {
    /// What is typed as it stands: `-f, --frames`.
    name: String,
    /// What stands for a value: `COUNT`.
    placeholder: String,
    help: String,
    /// What stands below the help, in Markdown.
    description: String,
    /// The words it may be, when they have help of their own.
    offers: Vec<Entry>,
}

impl Entry {
    #[inline(never)]
    fn plain(name: &str, help: &str) -> Self {
        let (name, help) = (name.to_owned(), help.to_owned());
        let (placeholder, description) = (String::new(), String::new());
        Entry { name, placeholder, help, description, offers: Vec::new() }
    }
}

impl<'d> Page<'d> {
    /// The page of the command that a path leads to.
    pub fn of(path: &crate::CommandPath<'d>, length: PageLength) -> Self {
        build::page(path, length)
    }

    /// Whether nothing is said of a parameter, or no more than its type.
    pub fn says_little(param: &Param<'_>, path: &crate::CommandPath<'_>) -> bool {
        facts::says_little(param, path.leaf(), path.root().phrases())
    }
}
