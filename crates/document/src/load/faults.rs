//! What is wrong with a document, and where: its text, its keys, and what it declares.

use std::collections::{HashMap, HashSet};
use std::error::Error;
use std::fmt;
use std::ops::Range;

use clavret_core::Command;
use clavret_core::faults::Problem;
use clavret_core::inner;
use clavret_core::inner::{Blot, draw_blots};
use clavret_core::look::Look;

use super::Document;
use crate::keys::check::Blots;
use crate::text::{Content, Node, Pair};

/// All that is wrong with a document. Its text is drawn as faults of a command line are, each under its line.
pub struct DocumentFaults {
    file: String,
    text: String,
    blots: Vec<Blot>,
}

impl DocumentFaults {
    /// In the order of the text; of two at one place the first is told.
    pub(super) fn new(file: &str, text: &str, Blots(mut blots): Blots) -> Self {
        blots.sort_by_key(|blot| blot.bytes.start);
        blots.dedup_by_key(|blot| blot.bytes.start);
        DocumentFaults { file: file.to_owned(), text: text.to_owned(), blots }
    }

    /// How many there are.
    #[allow(clippy::len_without_is_empty)] // there is one at least
    pub fn len(&self) -> usize {
        self.blots.len()
    }

    /// Each with its bytes in the text, and what is wrong there.
    pub fn iter(&self) -> impl Iterator<Item = (Range<usize>, &str)> {
        self.blots.iter().map(|blot| (blot.bytes.clone(), blot.sentence.as_str()))
    }

    /// The text for standard error: the first ten under their lines, the others counted. `who` speaks.
    pub fn draw(&self, who: &str, look: Look) -> String {
        draw_blots(who, (&self.file, &self.text), &self.blots, look)
    }
}

impl fmt::Display for DocumentFaults {
    fn fmt(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {
        f.write_str(&self.draw(&self.file, Look::PLAIN))
    }
}

/// As a reader would see them.
impl fmt::Debug for DocumentFaults {
    fn fmt(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {
        fmt::Display::fmt(self, f)
    }
}

impl Error for DocumentFaults {}

/// Says what is wrong with what a document declares, at its own lines. Nothing is told of a table that has something wrong
/// in it already: what it was to declare is not known.
pub(super) fn declared(document: &Document, root: &Command<'_>, blots: &mut Blots) {
    let places = Places::of(&document.root, blots);
    for problem in root.problems().iter().chain(&root.root_problems()) {
        if let Some(at) = places.of_problem(problem) {
            blots.put(&at, problem.to_string());
        }
    }
    let mut seen = HashSet::new();
    for param in root.ask().tree().flat_map(|(_, command)| command.ask().params()) {
        if let Some(at) = param.default().and_then(|default| places.of_text(default))
            && seen.insert(std::ptr::from_ref(param).addr())
            && let Some(told) = param.wrong_default()
        {
            blots.put(&at, told);
        }
    }
}

/// Where each text of a document stands, by its address, and the table that it is in.
struct Places<'n> {
    texts: HashMap<usize, (&'n Range<usize>, &'n [Pair])>,
    root: Range<usize>,
    /// Where something is wrong already, in order.
    wrong: Vec<usize>,
}

impl<'n> Places<'n> {
    fn of(root: &'n Node, blots: &Blots) -> Self {
        let mut wrong: Vec<usize> = blots.0.iter().map(|blot| blot.bytes.start).collect();
        wrong.sort_unstable();
        let mut places = Places { texts: HashMap::new(), root: 0..0, wrong };
        let mut waiting: Vec<(&'n Node, &'n [Pair])> = vec![(root, &[])];
        while let Some((node, table)) = waiting.pop() {
            match &node.content {
                Content::Text(text) | Content::Number(text) => {
                    places.texts.insert(text.as_ptr().addr(), (&node.at, table));
                }
                Content::List(items) => waiting.extend(items.iter().map(|item| (item, table))),
                Content::Table(entries) => {
                    waiting.extend(entries.iter().map(|entry| (&entry.value, &entries[..])));
                }
                Content::Truth(_) | Content::Nothing => {}
            }
        }
        if let Content::Table(entries) = &root.content
            && let Some(name) = value_of(entries, "name")
        {
            places.root = name.clone();
        }
        places
    }

    fn of_problem(&self, problem: &Problem<'_>) -> Option<Range<usize>> {
        let Some((at, table)) = self.texts.get(&inner::culprit(problem).text.as_ptr().addr())
        else {
            return self.wrong.is_empty().then(|| self.root.clone());
        };
        let keys =
            inner::setters_of_problem(problem).into_iter().map(|setter| setter.replace('_', "-"));
        let place = keys.filter_map(|key| value_of(table, &key)).next().unwrap_or(at);
        (!self.is_wrong(table)).then(|| place.clone())
    }

    /// Where a text stands, unless its table has something wrong in it.
    fn of_text(&self, text: &str) -> Option<Range<usize>> {
        let (at, table) = self.texts.get(&text.as_ptr().addr())?;
        (!self.is_wrong(table)).then(|| (*at).clone())
    }

    /// Whether something of a table is wrong, apart from the tables in it.
    fn is_wrong(&self, table: &[Pair]) -> bool {
        let mut own = table.iter().filter(|entry| !has_tables(&entry.value));
        own.any(|entry| {
            let first = self.wrong.partition_point(|&at| at < entry.at.start);
            self.wrong.get(first).is_some_and(|&at| at < entry.value.at.end)
        })
    }
}

fn has_tables(node: &Node) -> bool {
    match &node.content {
        Content::List(items) => items.iter().any(|item| matches!(item.content, Content::Table(_))),
        _ => false,
    }
}

fn value_of<'n>(table: &'n [Pair], key: &str) -> Option<&'n Range<usize>> {
    table.iter().find(|entry| entry.key == key).map(|entry| &entry.value.at)
}
