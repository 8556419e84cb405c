//! The line repaired, one fault after the other. Each fault has a few repairs that may help
//! (`repair.rs`); each of them is made, the line is read again, and the best one stays: the one that
//! leaves the fewest faults, then the least far-reaching, then the shortest.

use std::ffi::{OsStr, OsString};

use super::repair::Repair;
use crate::declare::{Command, Param};
use crate::read::{Around, Fault, FaultKind, Faults, Outcome, Place, Words};
use crate::text::{Put, Quoted, in_order, part};

/// Faults of a line that are repaired; with more the line is beyond mending.
const MOST: usize = 8;
/// Readings for each fault.
const READINGS: usize = 16;
/// Words that are read again in all, so that a line of a million words is not read a hundred times.
const WORDS: usize = 4_000_000;

/// What came of the search for a line that reads.
pub(super) struct Repaired {
    /// The line, where it may be offered.
    pub(super) offer: Option<Offer>,
    /// The places of the faults to be told. The others went away when these were mended: a word is
    /// only one too many because the option that it is the value of is misspelt.
    pub(super) told: Vec<usize>,
}

/// A repaired line that reads.
pub(super) struct Offer {
    /// The line as it is shown: quoted, with placeholders in the holes.
    pub(super) shown: String,
    /// Whether there are holes: then it is an outline, not a fix.
    pub(super) has_holes: bool,
}

/// A word of a line that is being repaired.
#[derive(Clone, Default)]
pub(super) struct Word {
    /// As it is read again: with an example in each hole.
    pub(super) typed: OsString,
    /// As it is shown, where that is not just the typed word, quoted.
    shown: Option<String>,
    /// Which word of the line as typed it was.
    from: Option<usize>,
}

impl Word {
    pub(super) fn text(text: &OsStr) -> Self {
        Word { typed: text.to_owned(), ..Word::default() }
    }

    pub(super) fn hole(param: &Param<'_>, at: usize) -> Self {
        let (typed, shown) = (param.example(at).into(), Some(param.hole(at)));
        Word { typed, shown, from: None }
    }

    pub(super) fn push_text(&mut self, text: &OsStr) {
        self.typed.push(text);
        if let Some(shown) = &mut self.shown
            && !text.is_empty()
        {
            shown.put(&Quoted::new(text).text);
        }
    }

    pub(super) fn push(&mut self, other: &Word) {
        match &other.shown {
            None => self.push_text(&other.typed),
            Some(hole) => {
                let before = if self.typed.is_empty() { String::new() } else { self.text_shown() };
                self.shown.get_or_insert(before).put(hole);
                self.typed.push(&other.typed);
            }
        }
    }

    fn text_shown(&self) -> String {
        self.shown.clone().unwrap_or_else(|| Quoted::new(&self.typed).text)
    }
}

/// A line that is being repaired.
pub(super) type Line = Vec<Word>;

impl<'d> Faults<'d> {
    /// The line with every fault repaired, if it reads then. What is wrong elsewhere, in a variable
    /// or the config file, is not mended by a line; and a line with a secret in it is not shown.
    #[inline(never)]
    pub(super) fn repaired(&self) -> Option<Repaired> {
        if self.list.len() > MOST {
            return None;
        }
        let words = self.words.iter().enumerate();
        let mut line: Line =
            words.map(|(at, word)| Word { from: Some(at), ..Word::text(word) }).collect();
        let mut left = WORDS / (line.len() + 1);
        let (root, around) = (self.path.root(), self.around.for_trial());
        let mut told = Vec::new();
        for _ in 0..=MOST {
            let typed: Vec<&OsStr> = line.iter().map(|word| &*word.typed).collect();
            let faults = read(root, &typed, &around);
            let on_line = faults.iter().flat_map(|faults| faults.list.iter().enumerate());
            let on_line = on_line.filter(|(_, fault)| fault.is_on_line());
            // Names first: what stands behind one is only understood once it is known. What may be
            // mended by leaving words out comes last, when what else is wrong with them is told.
            let pick = on_line.min_by_key(|(_, fault)| fault.turn());
            let (Some(now), Some((pick, _))) = (&faults, pick) else {
                return self.told(&line, told, faults.is_none());
            };
            let (repair, tried) = now.best(&line, pick, &around, left.min(READINGS));
            left -= tried;
            let repair = repair?;
            // What was typed is not left out for a fault that the user is not told of.
            if repair.drops() && self.original(&now.list[pick], &line, &told).is_none() {
                return None;
            }
            for fault in repair.mends.iter().map(|&at| &now.list[at]) {
                told.extend(self.original(fault, &line, &told));
            }
            line = repair.line;
        }
        None
    }

    /// What is told of faults that are all mended, but for those that are elsewhere. A trial sees no
    /// files: where nothing was to be mended, what is wrong is in one.
    fn told(&self, line: &Line, mut told: Vec<usize>, reads: bool) -> Option<Repaired> {
        if told.is_empty() {
            return None;
        }
        let is_of_file = |fault: &Fault<'_>| fault.kind == FaultKind::FileUnread;
        for (at, fault) in self.list.iter().enumerate() {
            if !fault.is_on_line() || is_of_file(fault) {
                told.push(at);
            }
        }
        let told = in_order(told, |&at| (at, 0));
        let offer = reads && self.secrets.is_empty() && !self.list.iter().any(is_of_file);
        Some(Repaired { offer: offer.then(|| shown(self.path.root(), line)), told })
    }

    /// The best repair of a fault, and how many lines were read to find it.
    fn best(
        &self,
        line: &Line,
        pick: usize,
        around: &Around<'_>,
        allowed: usize,
    ) -> (Option<Repair>, usize) {
        let root = self.path.root();
        let is_ambiguous = matches!(
            self.list[pick].kind,
            FaultKind::OptionAmbiguous | FaultKind::CommandAmbiguous
        );
        let mut best: Option<(usize, usize, usize, Repair)> = None;
        let (mut tried, mut helped) = (0, 0);
        for repair in self.repairs(line, pick) {
            if tried == allowed {
                break;
            }
            tried += 1;
            let typed: Vec<&OsStr> = repair.line.iter().map(|word| &*word.typed).collect();
            let after = read(root, &typed, around);
            if !after.as_ref().is_none_or(|after| self.is_better(after, pick, &repair)) {
                continue;
            }
            helped += 1;
            let faults = after.map_or(0, |after| after.list.len());
            let rank = (faults, repair.cost, repair.line.len());
            if best.as_ref().is_none_or(|(faults, cost, len, _)| rank < (*faults, *cost, *len)) {
                best = Some((rank.0, rank.1, rank.2, repair));
            }
        }
        // Which of several names an abbreviation stands for, only the user knows.
        let repair = best.map(|best| best.3).filter(|_| !is_ambiguous || helped == 1);
        (repair, tried)
    }

    /// Whether a repaired line has less wrong with it. A name that is mended may show what stands
    /// behind it, or is missing there, for the first time.
    fn is_better(&self, after: &Faults<'_>, pick: usize, repair: &Repair) -> bool {
        let names = |faults: &Faults<'_>| faults.list.iter().filter(|f| f.is_of_name()).count();
        let is_fewer = after.list.len() < self.list.len();
        is_fewer || self.list[pick].is_of_name() && repair.renames() && names(after) < names(self)
    }

    /// Which fault of the line as typed a fault of the line being repaired is.
    fn original(&self, fault: &Fault<'_>, line: &Line, told: &[usize]) -> Option<usize> {
        let is_same = |other: &Fault<'_>| {
            other.kind == fault.kind
                && match (other.place, fault.place) {
                    (Place::At { word: was, .. }, Place::At { word, .. }) => {
                        line[word].from == Some(was)
                    }
                    (Place::Before(_), Place::Before(_)) => {
                        other.param.map(Param::name) == fault.param.map(Param::name)
                    }
                    _ => false,
                }
        };
        (0..self.list.len()).find(|at| !told.contains(at) && is_same(&self.list[*at]))
    }
}

#[inline(never)]
fn shown(root: &Command<'_>, line: &Line) -> Offer {
    let mut shown = root.name.to_owned();
    let mut has_holes = false;
    for word in line {
        shown.put(" ");
        shown.put(&word.text_shown());
        has_holes |= word.shown.is_some();
    }
    Offer { shown, has_holes }
}

/// What is wrong with a line, examples in its holes.
fn read<'l>(
    root: &'l Command<'l>,
    line: &'l [&'l OsStr],
    around: &Around<'l>,
) -> Option<Faults<'l>> {
    match root.read_around(Words::new(line), around.clone()) {
        Outcome::Faults(faults) => Some(faults),
        _ => None,
    }
}

/// What is done to a line.
pub(super) enum Edit {
    /// The bytes from `start` to `end` of a word give way to something else; `apart`, which then
    /// begins a word of its own.
    Replace { word: usize, start: usize, end: usize, with: Word, apart: bool },
    /// Words are put in front of a word.
    Insert { word: usize, words: Line },
    /// A word is left out.
    Drop { word: usize },
}

impl Edit {
    pub(super) fn order(&self) -> (usize, usize) {
        match self {
            Edit::Replace { word, start, .. } => (*word, *start + 1),
            Edit::Insert { word, .. } => (*word, 0),
            Edit::Drop { word } => (*word, usize::MAX),
        }
    }
}

/// The line with the edits made, which stand in order.
pub(super) fn edited(line: &Line, edits: Vec<Edit>) -> Line {
    let mut new = Line::new();
    let mut edits = edits.into_iter().peekable();
    for at in 0..=line.len() {
        let from = line.get(at).and_then(|word| word.from);
        let mut made = Word { from, ..Word::default() };
        let (mut done, mut is_dropped) = (0, false);
        while let Some(edit) = edits.next_if(|edit| edit.order().0 == at) {
            match edit {
                Edit::Insert { words, .. } => new.extend(words),
                Edit::Drop { .. } => is_dropped = true,
                Edit::Replace { start, end, with, apart, .. } => {
                    made.push_text(&part(&line[at].typed, done, start));
                    if apart {
                        new.push(std::mem::replace(&mut made, Word { from, ..Word::default() }));
                    }
                    made.push(&with);
                    done = end;
                }
            }
        }
        let Some(word) = line.get(at).filter(|_| !is_dropped) else { continue };
        if done == 0 && made.typed.is_empty() && made.shown.is_none() {
            new.push(word.clone());
        } else {
            made.push_text(&part(&word.typed, done, word.typed.len()));
            new.push(made);
        }
    }
    new
}
