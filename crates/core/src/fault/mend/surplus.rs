//! What may help against too much: words attached to the name in front, or made one, or a value left out
//! that stands twice; and against a broken rule that asks for more. Nothing else is left out: what was
//! typed was meant.

use std::ops::Range;

use crate::record::bench::{Bench, Class, Edit, Item, Line};
use crate::record::fault::{Fault, FaultKind, Place};
use crate::record::faults::Faults;
use crate::record::kind::Noun;
use crate::record::param::{Param, Role, Tail};
use crate::record::step::{Meaning, Step};
use crate::text::part::part;
use crate::text::{Listed, Put, of};
use crate::wording::Speech;

/// Words that become one text; with more the line is none that a person typed.
const MOST_QUOTED: usize = 64;

impl<'t, 'd> Bench<'_, 't, 'd> {
    pub(super) fn operand_extra(&mut self) {
        let Some((word, ..)) = self.place() else { return };
        let before = self.named_before(word).map(|(_, param)| param);
        if let Some(mend) =
            before.filter(|param| param.is_attached()).and_then(|param| self.form_mend(param))
        {
            (mend.0)(self);
        }
        if let Some(name) = self.faults.undashed(self.fault) {
            self.replace(Class::Spelled.at(2), &of(&["--", &name]));
        }
        self.put_dashes(word);
        self.quote(word);
    }

    /// Words for an operand that takes those after `--` stand after one. What begins with a dash stays what it is here.
    fn put_dashes(&mut self, word: usize) {
        let leaf = self.faults.trace().leaf_before(word);
        let is_ended = |step: &Step| step.meaning() == Meaning::Terminator;
        let is_option = |word: &Item<'_>| word.typed.as_encoded_bytes().starts_with(b"-");
        if !leaf.has_tail(Tail::AfterDashes)
            || self.faults.trace().steps().iter().any(is_ended)
            || self.line[word..].iter().any(is_option)
        {
            return;
        }
        self.insert(word, vec![self.speech.item("--")]);
        self.mends_all(word..self.line.len());
    }

    /// The last repair mends whatever is wrong with some of the words.
    fn mends_all(&mut self, words: Range<usize>) {
        let is_there = |&at: &usize| {
            at == self.pick
                || matches!(self.faults.at(at).place(), Place::At { word, .. } if words.contains(&word))
        };
        let mends = (0..self.faults.list().len()).filter(is_there).listed();
        if let Some(repair) = self.repairs.last_mut() {
            repair.mends = mends;
        }
    }

    /// The name that the word in front of one ends in, and what it is of.
    pub(super) fn named_before(&self, word: usize) -> Option<(Step, &'d Param<'d>)> {
        let trace = self.faults.trace();
        let step = *trace.steps().iter().rfind(|step| step.word() + 1 == word)?;
        Some((step, trace.param(&step).filter(|_| step.meaning() == Meaning::Name)?))
    }

    /// Words after a text that read as one text with it: `the old orchard`.
    pub(super) fn quote(&mut self, word: usize) {
        let trace = &self.faults.trace();
        let is_extra = |at: &usize| {
            self.faults.list().iter().any(|fault| {
                fault.kind() == FaultKind::OperandExtra
                    && matches!(fault.place(), Place::At { word, .. } if word == *at)
            })
        };
        // What stands in a placeholder was not typed.
        let text = word.checked_sub(1).filter(|text| !self.line[*text].is_placeholder());
        let Some(text) = text else { return };
        let last = (word..self.line.len()).take(MOST_QUOTED + 1).take_while(is_extra).last();
        let value = trace.steps().iter().rfind(|step| step.word() == text && step.is_of_value());
        let is_text = |step: &&Step| {
            let kind = trace.param(step).and_then(|param| param.word_kind(0));
            kind.is_some_and(|kind| kind.noun() == Noun::Text)
        };
        // Of two words each may well be a thing of its own.
        let last = last.filter(|last| (2..=MOST_QUOTED).contains(&(last - text)));
        let (Some(last), Some(value)) = (last, value.filter(is_text)) else { return };
        let first = part(self.typed(text), value.bytes().start, value.bytes().end);
        let is_number = first.as_encoded_bytes().iter().all(u8::is_ascii_digit);
        let mut rest = (word..=last).map(|at| self.typed(at).to_str());
        // Codes, paths and names of commands are several things, not one text.
        let root = self.faults.path().root();
        let is_command = |word: Option<&str>| {
            word.is_some_and(|word| root.subcommand(word.as_bytes()).is_some())
        };
        let is_one = |word| is_prose(word) && !is_command(word);
        if !(is_number || is_prose(first.to_str())) || !rest.all(is_one) {
            return;
        }
        let mut joined = self.typed(text).to_owned();
        for at in word..=last {
            joined.push(" ");
            joined.push(self.typed(at));
        }
        let (start, end) = (0, self.typed(text).len());
        let with = self.speech.item(&joined);
        let mut edits = vec![Edit::replace(text, (start, end), with)];
        for word in word..=last {
            edits.put(Edit::drop(word));
        }
        self.add(Class::Quoted.at(last - text), edits);
        self.mends_all(word..last + 1);
    }

    /// Too few are filled up; which of too many goes, only the user knows.
    pub(super) fn miscounted(&mut self) {
        if !matches!(self.fault.place(), Place::Before(_)) {
            return;
        }
        match self.fault.param().map(Param::role) {
            Some(Role::Operand) => self.operands_missing(),
            _ => self.missing(),
        }
    }

    /// The value of the fault goes, with the name in front of it; one of several in a word goes with
    /// its delimiter.
    #[inline]
    pub(super) fn drop_value(&mut self) {
        let Some((word, start, end)) = self.place() else { return };
        let steps = self.faults.trace().steps();
        let Some(at) = steps.iter().position(|step| {
            step.word() == word && step.bytes().contains(&start) && step.is_of_value()
        }) else {
            return;
        };
        let (bytes, step) = (steps[at].bytes(), &steps[at]);
        if bytes != (start..end) {
            let sign = self.fault.param().and_then(Param::delimiter).map_or(1, char::len_utf8);
            let (start, end) =
                if start > bytes.start { (start - sign, end) } else { (start, end + sign) };
            let edit = Edit::cut(word, (start, end));
            return self.add(Class::Dropped.at(1), vec![edit]);
        }
        let name = match step.meaning() {
            Meaning::Operand => Some(at),
            _ => steps[..at]
                .iter()
                .rposition(|name| name.slot() == step.slot() && !name.is_of_value()),
        };
        if let Some(name) = name {
            let edits = dropped(steps, name, self.line);
            self.add(Class::Dropped.at(1), edits);
        }
    }

    /// A rule that asks for more has it put in; which of what excludes each other stays, only the user
    /// knows.
    #[inline]
    pub(super) fn rule_broken(&mut self) {
        let (Some(rule), Place::Before(word)) = (self.fault.rule(), self.fault.place()) else {
            return;
        };
        let wanted: Vec<&Param<'_>> = match rule.relation().is_any_enough() {
            true => rule.members().to_vec(),
            false => self.fault.param().into_iter().listed(),
        };
        for param in wanted {
            let words = self.speech.given(param);
            // However many words one takes, it is one thing more.
            let edits = words.into_iter().map(|with| Edit::insert(word, with)).listed();
            self.add(Class::Inserted.at(1), edits);
        }
    }
}

impl Faults<'_> {
    /// A word too many that is the name of an option without its dashes, or that and `=VALUE`.
    pub(super) fn undashed(&self, fault: &Fault<'_>) -> Option<String> {
        let (word, typed) = self.named(fault)?;
        let typed = typed.to_str()?;
        let name = typed.split('=').next()?;
        let is_called = |param: &Param<'_>| {
            let takes = name.len() == typed.len() || !param.kinds().is_empty();
            takes && !param.is_hidden() && param.today().any(|known| known.0 == name)
        };
        self.reach_in(word).params().any(is_called).then(|| typed.to_owned())
    }
}

/// Whether a word is one of a sentence.
fn is_prose(word: Option<&str>) -> bool {
    word.is_some_and(|word| {
        let bare = word.trim_end_matches(['.', ',', '!', '?', ';', ':']);
        // Whatever is not ASCII is a letter here: tables of all letters are not worth their size.
        let is_letter = |letter: char| letter.is_ascii_alphabetic() || !letter.is_ascii();
        // A letter alone is a code, but for these.
        (bare.len() > 1 || matches!(bare, "a" | "A" | "I"))
            && bare.starts_with(is_letter)
            && bare.chars().all(|letter| is_letter(letter) || "'-".contains(letter))
    })
}

/// Leaves out what was typed by a name and the words that are its value, or an operand.
#[inline]
fn dropped<'t>(steps: &[Step], name: usize, line: &Line<'t>) -> Vec<Edit<'t>> {
    let behind = &steps[name + 1..];
    let name = &steps[name];
    let (word, bytes) = (name.word(), name.bytes());
    let values: Vec<&Step> = behind
        .iter()
        .take_while(|step| step.meaning() == Meaning::Value && step.slot() == name.slot())
        .listed();
    let here = values.iter().filter(|value| value.word() == word).map(|value| value.bytes().end);
    let end = here.max().unwrap_or(bytes.end);
    let is_whole = bytes.start == 0 && end == crate::fault::mend::edit::word(line, word).len();
    let mut edits = vec![match bytes.start {
        _ if is_whole => Edit::drop(word),
        // The dash of a cluster stays for the letters after.
        start => Edit::cut(word, (start.max(1), end)),
    }];
    let behind = values.iter().map(|value| value.word()).filter(|&value| value != word);
    for word in behind {
        edits.put(Edit::drop(word));
    }
    edits
}

impl<'t> Speech<'t> {
    /// A parameter as it would be given.
    #[inline]
    fn given(self, param: &Param<'_>) -> Line<'t> {
        let mut words = Line::new();
        if param.role() != Role::Operand {
            words.put(self.item(param.spelled()));
        }
        if !param.is_attached() {
            words.append(&mut self.placeholders(param, 0..param.kinds().len()));
        }
        words
    }
}
