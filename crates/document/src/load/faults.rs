//! What is wrong with a document, and where: its text, its keys, and what it declares.

use std::collections::HashMap;
use std::error::Error;
use std::fmt;
use std::ops::Range;

use clavret_core::{Blot, Command, Look, Param, Problem, draw_blots};

use super::Document;
use crate::keys::check::Blots;
use crate::text::{Entry, Node, What};

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

/// Says what is wrong with what a document declares, at its own lines.
pub(super) fn declared(document: &Document, root: &Command<'_>, blots: &mut Blots) {
    let places = Places::of(&document.root);
    for problem in root.problems().iter().chain(&root.unusual_names()) {
        blots.put(&places.of_problem(problem), problem.to_string());
    }
    if !blots.0.is_empty() {
        return;
    }
    let params = root.tree().flat_map(|(_, command)| command.params());
    let mut seen = std::collections::HashSet::new();
    for param in params {
        if seen.insert(std::ptr::from_ref(param).addr())
            && let Some(told) = param.wrong_default()
        {
            blots.put(&places.of_default(param), told);
        }
    }
}

/// Where each text of a document stands, by its address, and the table that it is in.
struct Places<'n> {
    texts: HashMap<usize, (&'n Range<usize>, &'n [Entry])>,
    root: Range<usize>,
}

impl<'n> Places<'n> {
    fn of(root: &'n Node) -> Self {
        let mut places = Places { texts: HashMap::new(), root: 0..0 };
        let mut waiting: Vec<(&'n Node, &'n [Entry])> = vec![(root, &[])];
        while let Some((node, table)) = waiting.pop() {
            match &node.what {
                What::Text(text) | What::Number(text) => {
                    places.texts.insert(text.as_ptr().addr(), (&node.at, table));
                }
                What::List(items) => waiting.extend(items.iter().map(|item| (item, table))),
                What::Table(entries) => {
                    waiting.extend(entries.iter().map(|entry| (&entry.value, &entries[..])));
                }
                What::Truth(_) | What::Nothing => {}
            }
        }
        if let Some(place) = named(root, "name") {
            places.root = place.clone();
        }
        places
    }

    fn of_problem(&self, problem: &Problem<'_>) -> Range<usize> {
        let culprit = problem.culprit();
        let Some((at, table)) = self.texts.get(&culprit.text.as_ptr().addr()) else {
            return self.root.clone();
        };
        let keys = problem.setters().into_iter().map(|setter| setter.replace('_', "-"));
        let mut places = keys.filter_map(|key| value_of(table, &key));
        places.next().unwrap_or(at).clone()
    }

    fn of_default(&self, param: &Param<'_>) -> Range<usize> {
        let default = param.default().map_or(0, |default| default.as_ptr().addr());
        self.texts.get(&default).map_or(self.root.clone(), |place| place.0.clone())
    }
}

fn value_of<'n>(table: &'n [Entry], key: &str) -> Option<&'n Range<usize>> {
    table.iter().find(|entry| entry.key == key).map(|entry| &entry.value.at)
}

fn named<'n>(node: &'n Node, key: &str) -> Option<&'n Range<usize>> {
    match &node.what {
        What::Table(entries) => value_of(entries, key),
        _ => None,
    }
}
