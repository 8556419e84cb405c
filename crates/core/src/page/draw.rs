//! A page as text: section names in a gutter on the left, names and their help in columns.
//!
//! Where it gets narrow, headings move above their sections; where it gets very narrow, help moves
//! below its name.

use super::{Body, Entry, Layout, Page};
use crate::text::{Ink, Look, Sheet, columns};

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

/// A page being drawn, and where things stand on it.
struct Drawing {
    sheet: Sheet,
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
        sheet.beside(if beside + NARROWEST <= look.width { beside } else { INDENT }, self.summary);
        for section in &self.sections {
            drawing.sheet.end();
            drawing.sheet.put(Ink::Heading, section.heading);
            if drawing.above && !section.heading.is_empty() {
                drawing.sheet.end();
            }
            match &section.body {
                Body::Synopsis(pieces) => drawing.synopsis(&self.title, pieces),
                Body::Text(text) => {
                    drawing.sheet.flow_marked(drawing.left, text);
                    drawing.sheet.end();
                }
                Body::Entries(Layout::Column, entries) => drawing.entries(entries),
                Body::Entries(Layout::Close, entries) => drawing.close(entries, drawing.left),
                Body::Entries(Layout::Below, entries) => drawing.below(entries),
            }
        }
        drawing.sheet.finish()
    }

    fn drawing(&self, look: Look) -> Drawing {
        let (mut gutter, mut names) = (0, 0);
        for section in &self.sections {
            gutter = gutter.max(columns(section.heading));
            if let Body::Entries(Layout::Column, entries) = &section.body {
                for entry in entries {
                    let name = entry.columns();
                    names = if name + NAME_GAP <= NAMES { names.max(name) } else { names };
                }
            }
        }
        let (gutter, names) = (gutter + GAP, names + NAME_GAP);
        let above = gutter > GUTTER || look.width < gutter + names + HELP;
        let left = if above { INDENT } else { gutter };
        let help = (look.width >= NARROW).then_some(left + names);
        Drawing { sheet: Sheet::new(look), left, above, help }
    }
}

impl Entry {
    fn columns(&self) -> usize {
        let space = usize::from(!self.name.is_empty() && !self.placeholder.is_empty());
        columns(&self.name) + space + columns(&self.placeholder)
    }
}

impl Drawing {
    /// The path, and the pieces after it; further lines hang below the first piece.
    fn synopsis(&mut self, path: &str, pieces: &[String]) {
        let (width, sheet) = (self.sheet.look.width.min(SYNOPSIS), &mut self.sheet);
        sheet.pad(self.left).put(Ink::Name, path);
        let beside = sheet.column() + 1;
        let hang = if beside * 2 > width + 2 { self.left + BELOW } else { beside };
        for piece in pieces {
            let at = sheet.column() + 1;
            if at + columns(piece) > width && at > hang + 1 {
                sheet.end();
                sheet.pad(hang);
            } else {
                sheet.pad(at);
            }
            sheet.put(Ink::Plain, piece);
        }
        sheet.end();
    }

    fn entries(&mut self, entries: &[Entry]) {
        let column = self.help.unwrap_or(self.left + BELOW);
        for entry in entries {
            let sheet = &mut self.sheet;
            // In very narrow pages the place of a missing letter is not kept free.
            let name =
                if self.help.is_some() { &entry.name } else { entry.name.trim_start_matches(' ') };
            sheet.pad(self.left).put(Ink::Name, name);
            if !name.is_empty() {
                let at = sheet.column() + usize::from(!entry.placeholder.is_empty());
                sheet.pad(at);
            }
            sheet.put(Ink::Placeholder, &entry.placeholder);
            if !entry.help.is_empty() || entry.description.is_empty() {
                sheet.beside(column, &entry.help);
            } else if sheet.column() + 2 > column {
                sheet.end();
            }
            if !entry.description.is_empty() {
                sheet.flow_marked(column, &entry.description);
                sheet.end();
            }
            self.close(&entry.offers, column);
        }
    }

    /// Entries from a column on, with their help right after the widest name.
    fn close(&mut self, entries: &[Entry], column: usize) {
        let mut widest = 0;
        for entry in entries {
            widest = widest.max(columns(&entry.name));
        }
        for entry in entries {
            let name = columns(&entry.name);
            // Numbers end in one column.
            let number = entry.name.as_bytes()[..].iter().all(u8::is_ascii_digit);
            let indent = if number { widest - name } else { 0 };
            self.sheet.pad(column + indent).put(Ink::Name, &entry.name);
            self.sheet.beside(column + widest + CLOSE_GAP, &entry.help);
        }
    }

    fn below(&mut self, entries: &[Entry]) {
        for entry in entries {
            self.sheet.pad(self.left).put(Ink::Name, &entry.name);
            self.sheet.end();
            self.sheet.beside(self.left + BELOW, &entry.help);
        }
    }
}
