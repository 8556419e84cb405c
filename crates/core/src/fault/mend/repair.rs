//! What may help against a fault: a few repairs each, the likely ones first. Whether one does is seen
//! when the line is read again.

use std::ffi::OsStr;

use crate::kind::from_word::FromWord;
use crate::read::meant::bare;
use crate::record::bench::{Bench, Class, Cost, Edit, How, Item, Line, Repair};
use crate::record::fault::{Fault, FaultKind, Place};
use crate::record::faults::Faults;
use crate::record::kind::{Kind, Noun, Refers};
use crate::record::param::{Param, Role};
use crate::record::report::Report;
use crate::record::step::Meaning;
use crate::text::near::{near, near_marked};
use crate::text::order::in_order;
use crate::text::part::part;
use crate::text::{Listed, Put, lower, of, upper};
use crate::wording::Speech;

impl Class {
    pub(crate) const fn at(self, distance: usize) -> Cost {
        Cost { class: self, distance }
    }
}

impl Report<'_, '_> {
    /// What may help against a fault of a line.
    pub(super) fn repairs<'k>(
        &self,
        line: &Line<'k>,
        pick: usize,
        speech: Speech<'k>,
    ) -> Vec<Repair<'k>> {
        let fault = self.faults.at(pick);
        let mut bench =
            Bench { faults: self.faults, fault, line, pick, speech, repairs: Vec::new() };
        match fault.kind() {
            FaultKind::OptionUnknown => bench.option_unknown(),
            FaultKind::CommandUnknown => bench.command_unknown(),
            FaultKind::OperandMissing => bench.operands_missing(),
            FaultKind::OptionMissing | FaultKind::ValueMissing => bench.missing(),
            FaultKind::OperandExtra => bench.operand_extra(),
            FaultKind::ValueUnwanted => bench.value_unwanted(),
            FaultKind::ValueAttached => {
                if let Some(mend) = fault.param().and_then(|param| bench.form_mend(param)) {
                    (mend.0)(&mut bench);
                }
            }
            FaultKind::ValueMisfit
            | FaultKind::ValueRefused
            | FaultKind::ValueNotText
            | FaultKind::PathRefused
            | FaultKind::FileUnread => bench.value(),
            FaultKind::ValuesMiscounted => bench.miscounted(),
            // What only some programs can have brings along what mends it.
            _ => {
                if let Some(mend) = fault.mend() {
                    (mend.0)(&mut bench);
                }
            }
        }
        bench.repairs
    }
}

impl Faults<'_> {
    /// Whether a word that was taken for a value begins as an option does, and is nearly one.
    fn is_nearly_option(&self, word: usize, typed: &OsStr) -> bool {
        let name = typed.to_str().and_then(|typed| typed.strip_prefix('-'));
        let name =
            name.map(|name| name.trim_start_matches('-').split('=').next().unwrap_or_default());
        name.is_some_and(|name| !near_marked(name, &self.option_names(word, false)).1.is_empty())
    }
}

impl<'t, 'd> Bench<'_, 't, 'd> {
    /// Adds the line with some edits made. What stands in a placeholder is an example that was not typed, so
    /// nothing is made of a part of it.
    #[inline(never)]
    pub(crate) fn add(&mut self, cost: Cost, mut edits: Vec<Edit<'t>>) {
        let cuts = |edit: &Edit<'_>| {
            let word = self.line.get(edit.word).filter(|word| word.is_placeholder());
            matches!(edit.how, How::Within | How::Apart)
                && word.is_some_and(|word| edit.start > 0 || edit.end < word.typed.len())
        };
        if edits.iter().any(cuts) {
            return;
        }
        in_order(&mut edits, Edit::order);
        let line = self.speech.edited(self.line, &edits);
        self.add_line(cost, line);
    }

    pub(super) fn add_line(&mut self, cost: Cost, line: Line<'t>) {
        let renames = self.fault.is_of_name();
        self.repairs.push(Repair { line, cost, renames, mends: vec![self.pick] });
    }

    pub(crate) fn replace(&mut self, cost: Cost, with: &str) {
        if let Place::At { word, start, end } = self.fault.place() {
            self.add(cost, vec![Edit::replace(word, (start, end), self.speech.item(with))]);
        }
    }

    /// Puts words in, each of which is a step.
    #[inline(never)]
    pub(crate) fn insert(&mut self, word: usize, words: Line<'t>) {
        let cost = Class::Inserted.at(words.len());
        self.add(cost, words.into_iter().map(|with| Edit::insert(word, with)).listed());
    }

    /// The word of the fault and the bytes in it.
    pub(crate) fn place(&self) -> Option<(usize, usize, usize)> {
        match self.fault.place() {
            Place::At { word, start, end } => Some((word, start, end)),
            _ => None,
        }
    }

    /// A word of the line.
    pub(crate) fn typed(&self, word: usize) -> &'t OsStr {
        crate::fault::mend::edit::word(self.line, word)
    }

    /// Its bytes.
    pub(crate) fn bytes(&self, word: usize) -> &'t [u8] {
        self.typed(word).as_encoded_bytes()
    }

    /// All operands that are missing at once: a word that is put in alone may be taken for another.
    pub(super) fn operands_missing(&mut self) {
        let mut edits = Vec::new();
        let mut mends = Vec::new();
        for (at, fault) in self.faults.list().iter().enumerate() {
            let is_operand = fault.param().is_some_and(|param| param.role() == Role::Operand);
            let Place::Before(word) = fault.place() else { continue };
            let lacks =
                matches!(fault.kind(), FaultKind::OperandMissing | FaultKind::ValuesMiscounted);
            if is_operand && lacks {
                for with in self.speech.missing(fault) {
                    edits.put(Edit::insert(word, with));
                }
                mends.push(at);
            }
        }
        self.add(Class::Inserted.at(mends.len()), edits);
        if let Some(repair) = self.repairs.last_mut() {
            repair.mends = mends;
        }
    }

    pub(super) fn missing(&mut self) {
        if let Place::Before(word) = self.fault.place() {
            self.insert(word, self.speech.missing(self.fault));
        }
    }

    /// Something attached to what takes nothing: after a flag, a word that says which.
    fn value_unwanted(&mut self) {
        let Some((word, start, end)) = self.place() else { return };
        let Some(param) = self.fault.param() else { return };
        let attached = part(self.typed(word), start, end);
        // Of a cluster the other letters would be lost.
        if start > 2 && !self.bytes(word).starts_with(b"--") {
            return;
        }
        let says = bool::from_word(&part(&attached, 1, attached.len()));
        let is_opposite = self.faults.trace().steps().iter().any(|step| {
            step.word() == word && step.bytes().end == start && step.meaning() == Meaning::Opposite
        });
        let name = match (param.role(), says) {
            (Role::Flag, Ok(says)) if says != is_opposite => param.spelled(),
            (Role::Flag, Ok(_)) if !param.opposite().is_empty() => of(&["--", param.opposite()]),
            // What says neither is not left out.
            _ => return,
        };
        self.add(
            Class::Spelled.at(1),
            vec![Edit::replace(word, (0, end), self.speech.item(&name))],
        );
    }

    /// A value that is refused gives way to the choice that is near it, or to a placeholder; or its word
    /// stands where a value was left out. A value of several words has a placeholder for each.
    fn value(&mut self) {
        let (Some((word, start, end)), Some(param)) = (self.place(), self.fault.param()) else {
            return;
        };
        let at = self.fault.which();
        if start > 0 && self.letters_behind(word, start, param) {
            return;
        }
        // A text that has more words behind it.
        if start == 0 {
            self.quote(word + 1);
        }
        let typed = part(self.typed(word), start, end);
        if self.faults.is_of_letter(self.fault) && param.accepts(part(&typed, 1, typed.len())) {
            // `-t=7`: a letter takes its value without the sign, or, where it need not be attached, as the next word.
            let cut = Edit::cut(word, (start, start + 1));
            let edit = if param.is_attached() { cut } else { cut.apart() };
            return self.add(Class::Attached.at(1), vec![edit]);
        }
        let is_option = start == 0
            && (self.faults.is_option(word, &typed) || self.faults.is_nearly_option(word, &typed));
        let offers = param.word_kind(at).into_iter().flat_map(|kind| kind.offers());
        let text = typed.to_str().filter(|_| !is_option);
        let faults = self.faults;
        let listed = text.and_then(|typed| faults.near_known(typed, param));
        // A listed value is near in any case.
        let has_cases = !is_option && listed.is_none();
        let (distance, nearest) = match (listed, text) {
            (Some(listed), _) => listed,
            (None, Some(typed)) => near(typed, &offers.map(|offer| offer.0).listed()),
            (None, None) => Default::default(),
        };
        for near in &nearest {
            self.fill(Class::Spelled.at(distance), self.speech.item(near));
        }
        let is_entry = param.word_kind(at).is_some_and(|kind| kind.sides().is_some());
        if let Some(keyed) = self.faults.keyed().filter(|_| is_entry) {
            (keyed.mend.0)(self);
        }
        let is_near = !nearest.is_empty() || has_cases && self.fill_other_case(&typed, param);
        if start == 0 && !(is_option && self.fits_behind(word, param)) {
            self.insert(word, self.speech.placeholders(param, at..param.kinds().len()));
        }
        // What is an option here is not thrown away.
        if !is_near && !is_option {
            self.fill(Class::Inserted.at(1), self.speech.placeholder(param, at));
        }
    }

    /// A value that is right in another case, or with another minus sign: `a7`, `YES`, `–3`. A path in another case is another file. Tells
    /// whether there is one.
    fn fill_other_case(&mut self, typed: &OsStr, param: &Param<'_>) -> bool {
        let Some(typed) = typed.to_str() else { return false };
        let is_path =
            |kind: &&Kind<'_>| kind.noun() == Noun::Path || kind.looks_up() != Refers::Nothing;
        // Of words with more in them than a name or a number, such as JSON, other parts would change too.
        let is_simple = |letter: char| {
            letter.is_ascii_alphanumeric() || !letter.is_ascii() || "-_.:+%".contains(letter)
        };
        if param.kinds().len() > 1
            || param.kinds().iter().any(is_path)
            || !typed.chars().all(is_simple)
        {
            return false;
        }
        let mut others = vec![upper(typed), lower(typed)];
        // An editor's minus sign is as good as that of a keyboard.
        let number = bare(typed.as_bytes()).and_then(|bare| typed.get(typed.len() - bare.len()..));
        others.extend(number.map(|number| of(&["-", number])));
        let mut is_near = false;
        for other in others.iter().filter(|other| *other != typed && param.accepts(other)) {
            self.fill(Class::Spelled.at(0), self.speech.item(other));
            is_near = true;
        }
        is_near
    }

    /// Puts something else in the place of a value, and placeholders in those of the words after it that
    /// belong to it.
    pub(crate) fn fill(&mut self, cost: Cost, with: Item<'t>) {
        let (Some((word, start, end)), Some(param)) = (self.place(), self.fault.param()) else {
            return;
        };
        // After a letter a placeholder would look like letters of the cluster; after a delimiter or
        // an `=` it does not.
        let before = start.checked_sub(1).map(|at| self.bytes(word)[at]);
        let edit = Edit::replace(word, (start, end), with);
        let is_behind_letter = before.is_some_and(|byte| byte.is_ascii_alphanumeric());
        let mut edits = vec![if is_behind_letter { edit.apart() } else { edit }];
        for next in 1..=self.fault.more() {
            let (word, with) =
                (word + next, self.speech.placeholder(param, self.fault.which() + next));
            let end = self.typed(word).len();
            edits.put(Edit::replace(word, (0, end), with));
        }
        self.add(cost, edits);
    }

    /// Whether the word after one would do for a parameter: what stands between may be misplaced.
    fn fits_behind(&self, word: usize, param: &Param<'_>) -> bool {
        self.line.get(word + 1).is_some_and(|next| param.accepts(next.typed))
    }

    /// `-fc 6`: the letter that takes a value stands before others that take none. It moves after
    /// them. Tells whether the word is such a one.
    fn letters_behind(&mut self, word: usize, start: usize, param: &Param<'d>) -> bool {
        let bytes = self.bytes(word);
        let (letters, letter) = (&bytes[start..], start - 1);
        let reach = self.faults.reach_in(word);
        let is_flag =
            |letter: &u8| reach.lettered(*letter).is_some_and(|param| param.kinds().is_empty());
        let is_cluster =
            bytes[0] == b'-' && param.has_letter(bytes[letter]) && !bytes.starts_with(b"--");
        if !is_cluster || letters.is_empty() || !letters.iter().all(is_flag) {
            return false;
        }
        let whole = self.typed(word);
        let mut moved = part(whole, 0, letter).into_owned();
        moved.push(part(whole, start, whole.len()));
        moved.push(part(whole, letter, start));
        let end = whole.len();
        let mut edits = Vec::new();
        for with in self.speech.placeholders(param, 0..param.kinds().len()) {
            edits.put(Edit::insert(word + 1, with));
        }
        let edit = Edit::replace(word, (0, end), self.speech.item(&moved));
        self.add(Class::Moved.at(1), vec![edit]);
        edits.put(edit);
        self.add(Class::Inserted.at(1), edits);
        true
    }
}

/// More placeholders than that nobody fills: then what is missing is shown in part, and no line is offered.
const MOST_PLACEHOLDERS: u32 = 40;

impl<'t> Speech<'t> {
    /// What goes where something is missing.
    #[inline(never)]
    fn missing(self, fault: &Fault<'_>) -> Line<'t> {
        let Some(param) = fault.param() else { return Line::new() };
        let words = param.kinds().len();
        match (fault.kind(), param.role()) {
            (FaultKind::ValueMissing, _) => self.placeholders(param, fault.count()..words),
            (kind, Role::Option) => {
                let times = if kind == FaultKind::OptionMissing { param.times().min } else { 1 };
                let mut line = Line::new();
                for _ in 0..times.clamp(1, MOST_PLACEHOLDERS) {
                    line.put(self.item(param.spelled()));
                    line.append(&mut self.placeholders(param, 0..words));
                }
                line
            }
            _ => {
                let wanted = param.given_word_count().min.min(MOST_PLACEHOLDERS) as usize;
                self.placeholders(param, fault.count()..wanted.max(fault.count() + 1))
            }
        }
    }
}
