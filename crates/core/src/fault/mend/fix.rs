//! The line repaired, one fault after the other. Each fault has a few repairs that may help
//! (`repair.rs`); each of them is made, the line is read again, and what keeps the meanings of the other
//! words (`keep.rs`) may be chosen: the one that is alone at its cost. Whoever copies a line that is
//! offered does so without thought; where several would do, none is.

use std::ffi::OsStr;

use super::edit::{shown, typed};
use super::keep::{keeps, loses_nothing, uses};
use crate::record::alone::Gives;
use crate::record::bench::{Class, Cost, Item, Line, Repair};
use crate::record::fault::{Fault, FaultKind, Place};
use crate::record::faults::Faults;
use crate::record::line::Trace;
use crate::record::param::Param;
use crate::record::reading::Outcome;
use crate::record::report::{Mended, Repaired, Report};
use crate::record::step::Meaning;
use crate::record::word::Words;
use crate::record::world::{Around, Trial};
use crate::text::order::in_order;
use crate::text::part::part;
use crate::text::{Listed, Put, has};
use crate::wording::Speech;

/// Things to put right on a line that is repaired; with more the line is beyond mending.
const MOST: usize = 8;

/// Repairs one after the other: one thing to put right may be several faults, and each may show another.
const STEPS: usize = 2 * MOST;

/// Readings for each fault. With more that may help, none is chosen.
pub(super) const READINGS: usize = 16;

/// Words that are read again in all, so that a line of a million words is not read a hundred times.
const WORDS: usize = 4_000_000;

/// Bytes of a line that is offered; nobody copies a longer one.
const LONGEST: usize = 1 << 16;

impl<'t, 'd> Report<'t, 'd> {
    /// The line with every fault repaired, if it reads then. What is wrong elsewhere, in a variable
    /// or the config file, is not mended by a line; nor are more things to put right than a few.
    #[inline(never)]
    pub(crate) fn repaired(&self, things: usize) -> Option<Repaired<'t>> {
        if things > MOST {
            return None;
        }
        use FaultKind::{OperandExtra, OperandMissing};
        let is_single = |fault: &&Fault<'_>| !matches!(fault.kind(), OperandExtra | OperandMissing);
        if self.faults.list().iter().filter(is_single).count() > STEPS {
            return None;
        }
        let mut line = self.line();
        let mut left = WORDS / (line.len() + 1);
        let (root, around) =
            (self.faults.path().root(), self.faults.around().for_trial(Trial::Read));
        let mut told = Vec::new();
        for _ in 0..STEPS {
            let words = typed(&line);
            let now = match root.read_around(Words::new(&words), around.clone()) {
                Outcome::Faults(faults) => faults,
                outcome => {
                    let offer = self.offer(&line, outcome);
                    return self.told(&told, offer);
                }
            };
            let now = Report { faults: &now, speech: self.speech };
            // Names first: what stands after one is only understood once it is known. What may be
            // mended by leaving words out comes last, when what else is wrong with them is told.
            let on_line =
                now.faults.list().iter().enumerate().filter(|(_, fault)| fault.is_on_line());
            let Some((pick, _)) = on_line.min_by_key(|&(at, fault)| now.turn(at, fault)) else {
                return self.told(&told, None);
            };
            let (repair, tried) = now.best(&line, pick, (&around, left.min(READINGS)), self.speech);
            left -= tried;
            // After an unknown command too little is known to guess at a text as well.
            let is_known = |repair: &Repair<'_>| {
                let is_command = |fault: &Fault<'_>| fault.kind() == FaultKind::CommandUnknown;
                repair.cost.class != Class::Quoted || !self.faults.list().iter().any(is_command)
            };
            let repair = repair.filter(is_known)?;
            for fault in repair.mends.iter().map(|&at| now.faults.at(at)) {
                told.extend(self.original(fault, &line, &told));
            }
            line = repair.line;
        }
        None
    }

    /// The line as typed.
    fn line<'k>(&self) -> Line<'k>
    where
        't: 'k,
    {
        let words = self.faults.words().iter().enumerate();
        words.map(|(at, word)| Item::typed(at, word)).listed()
    }

    /// What is told of faults that are all mended, but for those that are elsewhere. A trial sees no
    /// files: where nothing was to be mended, what is wrong is in one.
    fn told(&self, mended: &[usize], offer: Option<Mended<'t>>) -> Option<Repaired<'t>> {
        let mut told = Vec::new();
        for (at, fault) in self.faults.list().iter().enumerate() {
            let is_outside = !fault.is_on_line() || fault.kind() == FaultKind::FileUnread;
            if is_outside || has(mended, at) {
                told.push(at);
            }
        }
        (!mended.is_empty()).then_some(Repaired { offer, told })
    }

    /// A line that reads, if it may be copied without thought: nothing in it may be secret, its files
    /// can be read, and the program's own tests hold nothing against it.
    fn offer(&self, line: &Line<'t>, outcome: Outcome<'_>) -> Option<Mended<'t>> {
        let is_of_file = |fault: &Fault<'_>| fault.kind() == FaultKind::FileUnread;
        if !self.faults.dark().is_empty() || self.faults.list().iter().any(is_of_file) {
            return None;
        }
        let root = self.faults.path().root();
        let has_placeholders = line.iter().any(Item::is_placeholder);
        if let Outcome::Reading(reading) = outcome {
            let names_file = reading.steps().iter().any(|step| step.meaning() == Meaning::File);
            let trace = reading.into_trace();
            // Each repair kept what it did not touch; several of them may lose a word all the same.
            let is_kept = loses_nothing(self.faults, &self.line(), line, &trace);
            let (words, around) = (typed(line), self.faults.around().for_trial(Trial::Judged));
            let judged = || match has_placeholders {
                true => true,
                false => {
                    let judged = root.read_around(Words::new(&words), around);
                    !matches!(judged, Outcome::Faults(_))
                }
            };
            if names_file || !is_kept || !judged() {
                return None;
            }
        }
        let as_typed = shown(root, &self.line());
        let shown = shown(root, line);
        let shown = self.speech.keep(shown);
        // A placeholder that stands where it was typed says nothing new.
        (shown.len() <= LONGEST && *shown != as_typed).then(|| Mended {
            shown,
            has_placeholders,
            words: line.clone(),
        })
    }

    /// The best repair of a fault, if it is alone at its cost; and how many lines were read to find it.
    fn best<'k>(
        &self,
        line: &Line<'k>,
        pick: usize,
        (around, allowed): (&Around<'_>, usize),
        speech: Speech<'k>,
    ) -> (Option<Repair<'k>>, usize) {
        let repairs = self.repairs(line, pick, speech);
        let tried = repairs.len();
        if tried > allowed {
            return (None, 0);
        }
        let mut best: Option<Tried<'_>> = None;
        let mut is_alone = true;
        for repair in repairs {
            let Some(tried) = self.attempt(line, pick, repair, (around, speech)) else { continue };
            match &best {
                Some(best) if tried.rank() == best.rank() => {
                    is_alone &= tried.reading == best.reading;
                }
                Some(best) if tried.rank() > best.rank() => {}
                _ => (best, is_alone) = (Some(tried), true),
            }
        }
        (best.filter(|_| is_alone).map(|best| best.repair), tried)
    }

    /// A repair made and the line read again, if less is wrong with it and all else is as it was.
    fn attempt<'k>(
        &self,
        line: &Line<'k>,
        pick: usize,
        repair: Repair<'k>,
        (around, speech): (&Around<'_>, Speech<'k>),
    ) -> Option<Tried<'k>> {
        let words = typed(&repair.line);
        let (faults, trace) =
            match self.faults.path().root().read_around(Words::new(&words), around.clone()) {
                Outcome::Faults(after) if self.is_better(&after, pick, &repair) => {
                    (after.list().len(), after.into_trace())
                }
                Outcome::Faults(_) => return None,
                Outcome::Reading(reading) => (0, reading.into_trace()),
                Outcome::Request(asked)
                    if self.faults.at(pick).param().is_some_and(Param::stands_alone) =>
                {
                    (0, asked.into_trace())
                }
                // A request is answered whatever else stands on the line.
                Outcome::Request(asked) => {
                    let is_page = asked.gives(Gives::Page);
                    return keeps(self.faults, line, pick, &repair, &asked.into_trace())
                        .then(|| Tried::asks(usize::from(is_page), repair));
                }
            };
        let is_kept = keeps(self.faults, line, pick, &repair, &trace);
        let reading = values(&trace, &words, speech);
        is_kept.then_some(Tried { faults, reading, repair })
    }

    /// Whether a repaired line has less wrong with it, and nothing new. A name that is mended may show
    /// what stands after it, or is missing there, for the first time.
    fn is_better(&self, after: &Faults<'_>, pick: usize, repair: &Repair<'_>) -> bool {
        let names =
            |faults: &Faults<'_>| faults.list().iter().filter(|fault| fault.is_of_name()).count();
        if self.faults.at(pick).is_of_name() && repair.renames {
            return after.list().len() < self.faults.list().len()
                || names(after) < names(self.faults);
        }
        let is_known =
            |fault: &Fault<'_>| self.faults.list().iter().any(|known| known.kind() == fault.kind());
        after.list().len() < self.faults.list().len() && after.list().iter().all(is_known)
    }

    /// When a fault is mended, among others. A word that an option is called is the name of one: what stands after it may
    /// be its value.
    fn turn(&self, at: usize, fault: &Fault<'_>) -> u8 {
        use FaultKind::{OperandExtra, OptionRepeated, RuleBroken, ValueTwice, ValuesMiscounted};
        match fault.kind() {
            _ if fault.is_of_name() => 0,
            // Of very many words not each is looked at.
            OperandExtra if at < STEPS && self.faults.undashed(fault).is_some() => 0,
            OperandExtra | OptionRepeated | RuleBroken | ValueTwice | ValuesMiscounted => 2,
            _ => 1,
        }
    }

    /// Which fault of the line as typed a fault of the line being repaired is.
    fn original(&self, fault: &Fault<'_>, line: &Line<'_>, told: &[usize]) -> Option<usize> {
        let is_same = |other: &Fault<'_>| {
            other.kind() == fault.kind()
                && match (other.place(), fault.place()) {
                    (Place::At { word: was, .. }, Place::At { word, .. }) => {
                        line[word].from == Some(was)
                    }
                    (Place::Before(_), Place::Before(_)) => {
                        other.param().map(Param::name) == fault.param().map(Param::name)
                    }
                    _ => false,
                }
        };
        (0..self.faults.list().len()).find(|at| !has(told, *at) && is_same(self.faults.at(*at)))
    }
}

/// A parameter by its address, which of its words, and the word.
type Said<'t> = (usize, usize, &'t OsStr);

/// A repair that helps, and what the line reads as then.
struct Tried<'t> {
    faults: usize,
    reading: Vec<Said<'t>>,
    repair: Repair<'t>,
}

impl<'t> Tried<'t> {
    /// A line that asks for something instead of a command's work.
    fn asks(what: usize, repair: Repair<'t>) -> Self {
        Tried { faults: 0, reading: vec![(what, 0, OsStr::new(""))], repair }
    }

    fn rank(&self) -> (Cost, usize) {
        (self.repair.cost, self.faults)
    }
}

/// What is read as what, so that two lines can be told from each other.
fn values<'t>(trace: &Trace<'_>, words: &[&OsStr], speech: Speech<'t>) -> Vec<Said<'t>> {
    let mut values = Vec::new();
    for used in uses(trace).iter().filter(|used| used.param != 0) {
        let bytes = used.step.bytes();
        let text = match used.step.is_of_value() {
            true => speech.item(part(words[used.step.word()], bytes.start, bytes.end)).typed,
            // A name is the same however it is spelt; an opposite is another.
            false if used.step.meaning() == Meaning::Opposite => OsStr::new("no"),
            false => OsStr::new("yes"),
        };
        values.put((used.param, used.index, text));
    }
    for command in trace.commands() {
        values.put((std::ptr::from_ref(command).addr(), 0, OsStr::new("")));
    }
    in_order(&mut values, |value| (value.0, value.1));
    values
}
