//! What may help against too much: words left out, attached to the name in front, or parted from what
//! excludes them; and against a broken rule, which may ask for less or for more.

use super::fix::{Edit, Line, Word};
use super::repair::{Bench, DROPPED, FILLED, MOVED, NAMED};
use crate::declare::{Param, Role, Sort};
use crate::read::{Meaning, Place, Step};
use crate::text::part;

impl<'d> Bench<'_, 'd> {
    pub(super) fn operand_extra(&mut self) {
        let Some((word, ..)) = self.place() else { return };
        self.attach(word);
        let reach = self.faults.reader_before(word).reach();
        // A name without its dashes.
        let typed = self.line[word].typed.to_string_lossy().into_owned();
        if reach.iter().any(|param| !param.is_hidden() && param.is_called(&typed)) {
            self.replace(NAMED, Word::text(("--".to_owned() + &typed).as_ref()));
        }
        self.drop_terminator();
        self.add(DROPPED, vec![Edit::Drop { word }]);
    }

    /// A value that the option in front takes only attached: `--color always`.
    fn attach(&mut self, word: usize) {
        let before = self.steps().into_iter().rfind(|step| step.word() + 1 == word);
        let Some(before) = before.filter(|step| step.meaning() == Meaning::Name) else { return };
        let (start, end) = (before.bytes().start, before.bytes().end);
        let spelled = part(&self.line[word - 1].typed, start, end).to_string_lossy().into_owned();
        let is_meant = |param: &&&Param<'_>| {
            let letter = || [b'-', param.short].as_slice() == spelled.as_bytes();
            param.is_attached() && (param.spelled() == spelled || letter())
        };
        let reach = self.faults.reader_before(word).reach();
        if let Some(param) = reach.iter().find(is_meant) {
            let mut with = Word::text((param.spelled() + "=").as_ref());
            with.push_text(&self.line[word].typed);
            let edit = Edit::Replace { word: word - 1, start, end, with, apart: start > 1 };
            self.add(NAMED, vec![edit, Edit::Drop { word }]);
        }
    }

    /// Without the `--` a word may be a subcommand's name.
    pub(super) fn drop_terminator(&mut self) {
        let steps = self.steps();
        if let Some(end) = steps.iter().find(|step| step.meaning() == Meaning::Terminator) {
            self.add(MOVED, vec![Edit::Drop { word: end.word() }]);
        }
    }

    pub(super) fn miscounted(&mut self) {
        if self.fault.param.is_some_and(|param| param.role() == Role::Operand) {
            self.operands_missing();
            self.drop_value();
        } else if matches!(self.fault.place, Place::Before(_)) {
            self.missing();
        } else {
            self.drop_value();
        }
    }

    /// What counts is the last one: those before it go.
    pub(super) fn repeated(&mut self) {
        let steps = self.steps();
        let Some((word, start, _)) = self.place() else { return };
        let at = steps.iter().position(|s| s.word() == word && s.bytes().start == start);
        let Some(repeated) = at.map(|at| steps[at]) else { return };
        let is_same = |at: &usize| steps[*at].slot == repeated.slot && !steps[*at].is_of_value();
        let mut names: Vec<usize> = (0..steps.len()).filter(is_same).collect();
        names.pop();
        let edits = names.into_iter().flat_map(|name| dropped(&steps, name, self.line));
        self.add(DROPPED, edits.collect());
    }

    /// The value of the fault goes, with the name in front of it; one of several in a word goes with
    /// its delimiter.
    pub(super) fn drop_value(&mut self) {
        let Some((word, start, end)) = self.place() else { return };
        let steps = self.steps();
        let Some(at) = steps.iter().position(|step| {
            step.word() == word && step.bytes().contains(&start) && step.is_of_value()
        }) else {
            return;
        };
        let (bytes, step) = (steps[at].bytes(), &steps[at]);
        if bytes != (start..end) {
            let (start, end) =
                if start > bytes.start { (start - 1, end) } else { (start, end + 1) };
            let with = Word::default();
            return self.add(DROPPED, vec![Edit::Replace { word, start, end, with, apart: false }]);
        }
        let name = match step.meaning() {
            Meaning::Operand => Some(at),
            _ => steps[..at].iter().rposition(|name| name.slot == step.slot && !name.is_of_value()),
        };
        if let Some(name) = name {
            let edits = dropped(&steps, name, self.line);
            self.add(DROPPED, edits);
        }
    }

    pub(super) fn rule_broken(&mut self) {
        let Some(rule) = self.fault.rule else { return };
        let members = rule.members.iter().copied();
        if let Place::Before(word) = self.fault.place {
            let wanted: Vec<&Param<'d>> = match rule.sort {
                Sort::AtLeastOne => members.collect(),
                _ => self.fault.param.into_iter().collect(),
            };
            for param in wanted {
                self.insert(FILLED, word, given(param));
            }
            return;
        }
        // One of those that exclude each other stays.
        let steps = self.steps();
        let places = std::iter::once(self.fault.place).chain(self.fault.also.iter().copied());
        let places: Vec<Place> = places.collect();
        let at = |place: &Place| steps.iter().find(|step| step.place() == *place).copied();
        for kept in places.iter().filter_map(at) {
            let others: Vec<Step> = places.iter().filter_map(at).filter(|o| *o != kept).collect();
            // An option goes wherever it is given; which operand a word is for is not known yet.
            let goes = |step: &Step| match step.meaning() {
                Meaning::Value => false,
                Meaning::Operand => others.contains(step),
                _ => others
                    .iter()
                    .any(|other| other.meaning() != Meaning::Operand && other.slot == step.slot),
            };
            let names = (0..steps.len()).filter(|&at| goes(&steps[at]));
            let edits = names.flat_map(|name| dropped(&steps, name, self.line)).collect();
            self.add(DROPPED, edits);
        }
    }
}

/// Leaves out what was typed by a name and the words that are its value, or an operand.
fn dropped(steps: &[Step], name: usize, line: &Line) -> Vec<Edit> {
    let behind = &steps[name + 1..];
    let name = &steps[name];
    let (word, bytes) = (name.word(), name.bytes());
    let values: Vec<&Step> = behind
        .iter()
        .take_while(|step| step.meaning() == Meaning::Value && step.slot == name.slot)
        .collect();
    let here = values.iter().filter(|value| value.word() == word).map(|value| value.bytes().end);
    let end = here.max().unwrap_or(bytes.end);
    let is_whole = bytes.start == 0 && end == line[word].typed.len();
    let mut edits = vec![match bytes.start {
        _ if is_whole => Edit::Drop { word },
        // The dash of a cluster stays for the letters behind.
        0 => Edit::Replace { word, start: 1, end, with: Word::default(), apart: false },
        start => Edit::Replace { word, start, end, with: Word::default(), apart: false },
    }];
    let behind = values.iter().map(|value| value.word()).filter(|&value| value != word);
    edits.extend(behind.map(|word| Edit::Drop { word }));
    edits
}

/// A parameter as it would be given.
fn given(param: &Param<'_>) -> Line {
    let mut words = Line::new();
    if param.role() != Role::Operand {
        words.push(Word::text(param.spelled().as_ref()));
    }
    if !param.is_attached() {
        words.extend((0..param.kinds().len()).map(|at| Word::hole(param, at)));
    }
    words
}
