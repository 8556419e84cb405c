//! A page as text: section names in a gutter on the left, names and their help in columns.
//!
//! Where it gets narrow, headings move above their sections; where it gets very narrow, help moves
//! below its name.

use super::{Body, Entry, Page, Section};
use crate::text::{Ink, Line, Look, columns, wrap};

/// The widest gutter.
const GUTTER: usize = 14;
/// Columns behind the longest heading.
const GAP: usize = 3;
/// The widest column of names, the space behind them included.
const NAMES: usize = 26;
/// Columns behind a name.
const NAME_GAP: usize = 4;
/// Help is not set in fewer columns, if it can be helped.
const HELP: usize = 32;
/// Below this width help stands under its name.
const NARROW: usize = 50;
/// A summary that would have fewer columns beside the title stands below it.
const NARROWEST: usize = 16;
/// The indent of sections below their headings.
const INDENT: usize = 2;
/// The indent of help below its name, and of what an example does below its line.
const BELOW: usize = 4;

/// Where things stand on the page.
struct Layout {
    look: Look,
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
        let layout = self.layout(look);
        let mut lines = Vec::new();
        let mut title = Line::default();
        title.put(look, Ink::Name, &self.title);
        let summary = columns(&self.title) + GAP;
        let fits = summary + NARROWEST <= look.width;
        lines.extend(beside(&title, self.summary, if fits { summary } else { INDENT }, look));
        for section in &self.sections {
            lines.push(Line::default());
            layout.section(section, &mut lines);
        }
        lines.iter().map(|line| line.text.trim_end().to_owned() + "\n").collect()
    }

    fn layout(&self, look: Look) -> Layout {
        let widest = self.sections.iter().map(|section| columns(section.heading)).max();
        let gutter = widest.unwrap_or_default() + GAP;
        let names = self.sections.iter().flat_map(Section::entries).map(Entry::columns);
        let fitting = names.filter(|&name| name + NAME_GAP <= NAMES).max();
        let names = fitting.unwrap_or_default() + NAME_GAP;
        let above = gutter > GUTTER || look.width < gutter + names + HELP;
        let left = if above { INDENT } else { gutter };
        let help = (look.width >= NARROW).then_some(left + names);
        Layout { look, left, above, help }
    }
}

impl Section {
    fn entries(&self) -> &[Entry] {
        match &self.body {
            Body::Entries(entries) => entries,
            _ => &[],
        }
    }
}

impl Entry {
    fn columns(&self) -> usize {
        let space = usize::from(!self.name.is_empty() && !self.hole.is_empty());
        columns(&self.name) + space + columns(&self.hole)
    }
}

impl Layout {
    fn section(&self, section: &Section, lines: &mut Vec<Line>) {
        let mut body = match &section.body {
            Body::Synopsis(path, pieces) => self.synopsis(path, pieces),
            Body::Text(paragraphs) => self.text(paragraphs),
            Body::Entries(entries) => entries.iter().flat_map(|entry| self.entry(entry)).collect(),
            Body::Examples(examples) => {
                examples.iter().flat_map(|example| self.example(example)).collect()
            }
            Body::Pairs(pairs) => self.pairs(pairs, self.left),
            Body::Note(note) => self.text(std::slice::from_ref(note)),
        };
        let mut heading = Line::default();
        heading.put(self.look, Ink::Heading, section.heading);
        if self.above {
            if heading.columns > 0 {
                lines.push(heading);
            }
        } else if let Some(first) = body.first_mut() {
            // The first line of the body begins with the spaces that the heading stands in.
            let rest = first.text.split_off(self.left.min(first.text.len()));
            heading.pad(self.left);
            first.text = heading.text + &rest;
        }
        lines.append(&mut body);
    }

    fn indented(&self) -> Line {
        let mut line = Line::default();
        line.pad(self.left);
        line
    }

    /// The path, and the pieces behind it; further lines hang below the first piece.
    fn synopsis(&self, path: &str, pieces: &[String]) -> Vec<Line> {
        let mut line = self.indented();
        line.put(self.look, Ink::Name, path);
        let hang =
            if line.columns * 2 > self.look.width { self.left + BELOW } else { line.columns + 1 };
        let mut lines = Vec::new();
        for piece in pieces {
            if line.columns + 1 + columns(piece) > self.look.width && line.columns > hang {
                lines.push(std::mem::take(&mut line));
                line.pad(hang);
            } else {
                line.put(self.look, Ink::Plain, " ");
            }
            line.put(self.look, Ink::Plain, piece);
        }
        lines.push(line);
        lines
    }

    fn text(&self, paragraphs: &[String]) -> Vec<Line> {
        paragraphs
            .iter()
            .flat_map(|text| wrap(text, self.look.width - self.left))
            .map(|text| {
                let mut line = self.indented();
                line.put(self.look, Ink::Plain, &text);
                line
            })
            .collect()
    }

    fn entry(&self, entry: &Entry) -> Vec<Line> {
        let mut name = self.indented();
        // In very narrow pages the place of a missing short name is not kept free.
        let typed = if self.help.is_some() { &entry.name } else { entry.name.trim_start() };
        name.put(self.look, Ink::Name, typed);
        if !entry.name.is_empty() && !entry.hole.is_empty() {
            name.put(self.look, Ink::Plain, " ");
        }
        name.put(self.look, Ink::Hole, &entry.hole);
        let column = self.help.unwrap_or(self.left + BELOW);
        let mut lines = beside(&name, &entry.help, column, self.look);
        lines.extend(self.pairs(&entry.offers, column));
        lines
    }

    /// Short words, each with what it means: statuses, and the words that a value may be.
    fn pairs(&self, pairs: &[(String, String)], column: usize) -> Vec<Line> {
        let widest = pairs.iter().map(|(name, _)| columns(name)).max().unwrap_or_default();
        pairs
            .iter()
            .flat_map(|(name, help)| {
                let mut line = Line::default();
                line.pad(column).put(self.look, Ink::Name, name);
                beside(&line, help, column + widest + 2, self.look)
            })
            .collect()
    }

    fn example(&self, (does, typed): &(String, String)) -> Vec<Line> {
        let mut line = self.indented();
        line.put(self.look, Ink::Name, typed);
        let width = self.look.width - self.left - BELOW;
        let below = wrap(does, width).into_iter().map(|text| {
            let mut line = Line::default();
            line.pad(self.left + BELOW).put(self.look, Ink::Plain, &text);
            line
        });
        std::iter::once(line).chain(below).collect()
    }
}

/// Text in a column beside a name; below it when the name reaches too far.
fn beside(name: &Line, text: &str, column: usize, look: Look) -> Vec<Line> {
    if text.is_empty() {
        return vec![name.clone()];
    }
    let mut lines = Vec::new();
    let mut line = name.clone();
    if line.columns + 2 > column {
        lines.push(std::mem::take(&mut line));
    }
    for text in wrap(text, look.width.saturating_sub(column).max(1)) {
        line.pad(column).put(look, Ink::Plain, &text);
        lines.push(std::mem::take(&mut line));
    }
    lines
}
