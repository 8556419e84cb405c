//! The medium of a terminal, or of a pipe: section names in a gutter on the left, names and their help in columns.
//!
//! Where it gets narrow, headings move above their sections; where it gets very narrow, help moves
//! below its name.

use crate::record::page::{Block, Entry, InlineKind, Layout, Page, Text};
use crate::text::columns::columns;
use crate::text::paint::{Ink, Look};
use crate::text::sheet::Sheet;
use crate::text::{Put, times};
use crate::wording::Wording;

/// The widest gutter.
const GUTTER: usize = 14;

/// Columns after the longest heading.
const GAP: usize = 3;

/// The widest column of names, the space after them included.
const NAMES: usize = 26;

/// Columns after a name.
const NAME_GAP: usize = 4;

/// Columns after the widest of names that their help stands close to.
const CLOSE_GAP: usize = 2;

/// Help is not set in fewer columns, if it can be helped.
const HELP: usize = 32;

/// Below this width help stands under its name.
const NARROW: usize = 50;

/// A summary that would have fewer columns beside the title stands below it.
const NARROWEST: usize = 16;

/// A synopsis is read piece by piece, and copied: it is no wider, however wide the page.
const SYNOPSIS: usize = 80;

/// The indent of sections below their headings.
const INDENT: usize = 2;

/// The indent of help below its name, and of what an example does below its line.
const BELOW: usize = 4;

/// The indent of a line of code.
const CODE: usize = 4;

/// The columns of a letter and what parts it from a long name: kept free where there is none.
const LETTER: usize = 4;

/// A page being drawn, and where things stand on it.
struct Drawing<'p> {
    sheet: Sheet,
    page: &'p Page<'p>,
    /// The column at which sections begin.
    left: usize,
    /// Headings stand above their sections.
    above: bool,
    /// The column at which help begins; `None` when it stands below its name.
    help: Option<usize>,
}

impl Page<'_> {
    /// The page as text.
    pub fn draw(&self, look: Look) -> String {
        let mut drawing = self.drawing(look);
        let sheet = &mut drawing.sheet;
        sheet.put(Ink::Name, &self.title);
        let beside = sheet.column() + GAP;
        sheet.beside(if beside + NARROWEST <= look.width { beside } else { INDENT }, &self.summary);
        for section in &self.sections {
            drawing.sheet.end();
            drawing.sheet.put(Ink::Heading, section.heading);
            if drawing.above && !section.heading.is_empty() {
                drawing.sheet.end();
            }
            drawing.blocks(&section.blocks, drawing.left);
        }
        drawing.sheet.finish()
    }

    fn drawing(&self, look: Look) -> Drawing<'_> {
        let (mut gutter, mut names) = (0, 0);
        for section in &self.sections {
            gutter = gutter.max(columns(section.heading));
            if let [Block::Entries(Layout::Column, entries)] = &section.blocks[..] {
                for entry in entries {
                    let name = entry.columns(self.wording);
                    names = if name + NAME_GAP <= NAMES { names.max(name) } else { names };
                }
            }
        }
        let (gutter, names) = (gutter + GAP, names + NAME_GAP);
        let above = gutter > GUTTER || look.width < gutter + names + HELP;
        let left = if above { INDENT } else { gutter };
        let help = (look.width >= NARROW).then_some(left + names);
        Drawing { sheet: Sheet::new(look), page: self, left, above, help }
    }
}

impl Entry {
    /// The names as they are typed, a missing letter's place kept free; and the placeholder behind them.
    pub(super) fn typed(&self, wording: &Wording<'_>) -> (String, &str) {
        let last = self.names.inlines().next_back();
        let placeholder = last.filter(|last| last.kind() == InlineKind::Placeholder);
        let mut typed = times(" ", self.indent());
        let names = self.names.count() - usize::from(placeholder.is_some());
        put_line(&mut typed, (&self.names, names), wording);
        (typed, placeholder.map_or("", |placeholder| placeholder.text()))
    }

    /// How wide that is.
    pub(crate) fn columns(&self, wording: &Wording<'_>) -> usize {
        self.indent() + wide(&self.names, wording)
    }

    /// The columns that are kept free for a letter.
    pub(crate) fn indent(&self) -> usize {
        let first = self.names.inlines().next();
        if first.is_some_and(|name| name.text().starts_with("--")) { LETTER } else { 0 }
    }
}

impl Drawing<'_> {
    /// Blocks from a column on, each on lines of its own.
    fn blocks(&mut self, blocks: &[Block], left: usize) {
        for block in blocks {
            match block {
                Block::Synopsis(parts) => self.synopsis(parts),
                Block::Paragraph(text) => self.text(left, text),
                Block::Item(indent, mark, text) => {
                    self.sheet.pad(left + indent).put(Ink::Plain, mark);
                    self.text(left + indent + columns(mark) + 1, text);
                }
                Block::Code(line) => {
                    let code = line.trim_start_matches(' ');
                    self.sheet.pad(left + CODE + line.len() - code.len()).put(Ink::Plain, code);
                    self.sheet.end();
                }
                Block::Apart => self.sheet.end(),
                Block::Entries(Layout::Column, entries) => self.entries(entries),
                Block::Entries(Layout::Close, entries) => self.close(entries, left),
                Block::Entries(Layout::Below, entries) => self.below(entries),
            }
        }
    }

    fn text(&mut self, left: usize, text: &Text) {
        for inline in text.inlines() {
            self.sheet.flow_in(left, ink(inline.kind()), inline.text());
        }
        self.sheet.end();
    }

    /// The path, and the parts after it; further lines hang below the first part.
    fn synopsis(&mut self, parts: &[Text]) {
        let (width, sheet) = (self.sheet.look.width.min(SYNOPSIS), &mut self.sheet);
        sheet.pad(self.left).put(Ink::Name, &self.page.title);
        let beside = sheet.column() + 1;
        let hang = if beside * 2 > width + 2 { self.left + BELOW } else { beside };
        for part in parts {
            let part = line(part, self.page.wording);
            let at = sheet.column() + 1;
            if at + columns(&part) > width && at > hang + 1 {
                sheet.end();
                sheet.pad(hang);
            } else {
                sheet.pad(at);
            }
            sheet.put(Ink::Plain, &part);
        }
        sheet.end();
    }

    fn entries(&mut self, entries: &[Entry]) {
        let column = self.help.unwrap_or(self.left + BELOW);
        for entry in entries {
            let (names, placeholder) = entry.typed(self.page.wording);
            let help = line(&entry.help, self.page.wording);
            let sheet = &mut self.sheet;
            // In very narrow pages the place of a missing letter is not kept free.
            let name = if self.help.is_some() { &names } else { names.trim_start_matches(' ') };
            sheet.pad(self.left).put(Ink::Name, name);
            if !name.is_empty() {
                let at = sheet.column() + usize::from(!placeholder.is_empty());
                sheet.pad(at);
            }
            sheet.put(Ink::Placeholder, placeholder);
            if !help.is_empty() || matches!(entry.below[..], [] | [Block::Entries(..)]) {
                sheet.beside(column, &help);
            } else if sheet.column() + 2 > column {
                sheet.end();
            }
            self.blocks(&entry.below, column);
        }
    }

    /// Entries from a column on, with their help right after the widest name.
    fn close(&mut self, entries: &[Entry], column: usize) {
        let wording = self.page.wording;
        let mut widest = 0;
        for entry in entries {
            widest = widest.max(wide(&entry.names, wording));
        }
        for entry in entries {
            let name = line(&entry.names, wording);
            // Numbers end in one column.
            let number = name.bytes().all(|byte| byte.is_ascii_digit());
            let indent = if number { widest - columns(&name) } else { 0 };
            self.sheet.pad(column + indent).put(Ink::Name, &name);
            self.sheet.beside(column + widest + CLOSE_GAP, &line(&entry.help, wording));
        }
    }

    fn below(&mut self, entries: &[Entry]) {
        for entry in entries {
            self.sheet.pad(self.left).put(Ink::Name, &line(&entry.names, self.page.wording));
            self.sheet.end();
            self.sheet.beside(self.left + BELOW, &line(&entry.help, self.page.wording));
        }
    }
}

/// A text as a line, with what stands between its pieces here.
#[inline(never)]
fn line(text: &Text, wording: &Wording<'_>) -> String {
    let mut line = String::new();
    put_line(&mut line, (text, text.count()), wording);
    line
}

/// The first pieces of a text.
fn put_line(line: &mut String, (text, count): (&Text, usize), wording: &Wording<'_>) {
    let mut before = None;
    for inline in text.inlines().take(count) {
        line.put(inline.kind().behind(before, wording));
        line.put(inline.text());
        before = Some(inline.kind());
    }
}

/// The columns of a text as a line.
fn wide(text: &Text, wording: &Wording<'_>) -> usize {
    columns(&line(text, wording))
}

fn ink(what: InlineKind) -> Ink {
    match what {
        InlineKind::Code | InlineKind::Strong => Ink::Name,
        InlineKind::Emphasis => Ink::Placeholder,
        _ => Ink::Plain,
    }
}
