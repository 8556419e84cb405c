//! What is only known behind the last word: which operand each word is for, what is missing, and
//! what the line is as a whole.

use std::ops::Range;

use super::convert;
use super::fault::{Fault, FaultKind, Faults, Place};
use super::reader::{Asked, Chain, Reader, Slot};
use super::reading::{Length, Outcome, Path, Reading};
use super::relation::typed_places;
use super::step::{Meaning, NONE, Step};
use super::word::Words;
use crate::declare::{Param, Role, SHELL, Standard, TOPIC, Tail, Times};
use crate::text::in_order;

impl<'d> Reader<'d> {
    /// Ends the reading of a line whose words are those that were stepped through.
    #[inline(always)]
    pub(super) fn finish(mut self, words: Words<'d>) -> Outcome<'d> {
        if let Some(asked) = self.asked {
            let path = self.trail.path();
            return match asked {
                Asked::Page(length) => Outcome::Page(path, length),
                Asked::Version => Outcome::Version(path),
            };
        }
        self.pending_value();
        self.command_missing();
        self.assign_operands();
        self.ask_around(words);
        self.values(words);
        if self.trail.has_rules() {
            self.check_rules(words);
        }
        if self.faults.is_empty() && self.around.world.is_some() {
            self.touch(words);
        }
        if !self.faults.is_empty() {
            return Outcome::Faults(self.refused(words));
        }
        let Reader { trail, slots, steps, warned, around, .. } = self;
        Reading { trail, slots, steps, words, warned, around }.outcome()
    }

    #[cold]
    fn refused(self, words: Words<'d>) -> Faults<'d> {
        let secrets = secrets(&self.slots, &self.steps, words);
        let (path, around) = (self.trail.path(), self.around);
        Faults { path, words, list: in_order(self.faults, Fault::order), around, secrets }
    }

    #[inline]
    fn pending_value(&mut self) {
        if let Some(pending) = self.pending {
            let param = self.slots[pending.slot as usize].param;
            let fault =
                Fault::of(FaultKind::ValueMissing, Place::Before(self.word as usize), param);
            let given = param.kinds().len() - pending.wanted as usize;
            self.faults.push(Fault { count: given, ..fault });
        }
    }

    fn command_missing(&mut self) {
        while !self.leaf().acts
            && !self.lost
            && let Some(otherwise) = self.leaf().otherwise
        {
            self.enter(otherwise);
        }
        let leaf = self.leaf();
        if !self.lost && !leaf.commands.is_empty() && !leaf.acts {
            let place = Place::Before(self.word as usize);
            self.faults.push(Fault::new(FaultKind::CommandMissing, place));
        }
    }

    /// Gives the operand words to the operands. Each takes as many as it may, but leaves those
    /// behind it what they need: `SRC... DST` gives the last word to `DST`.
    fn assign_operands(&mut self) {
        let leaf = self.trail.leaf();
        let mut left = self.operands.count;
        let mut needed = leaf.command.needs;
        let is_lean = left < needed;
        if is_lean {
            let least = leaf.command.operands().map(|param| self.least(param));
            needed = least.fold(0, u32::saturating_add);
        }
        // With too few for all, the last ones go without: `move A7` lacks the place, not the code.
        let is_short = left < needed;
        let mut at = self.operands.first;
        for (slot, param) in (leaf.base as usize..).zip(leaf.command.params()) {
            if param.role != Role::Operand {
                continue;
            }
            if !param.is_positional() {
                let behind = param.tail == Some(Tail::AfterDashes);
                self.take_tail(slot, if behind { self.behind } else { self.kept });
                continue;
            }
            let Times { min, max } = param.word_count();
            let least = if is_lean { self.least(param) } else { min };
            needed = needed.saturating_sub(least);
            let share = match is_short {
                true => left.min(least),
                false => whole_units(param, left.saturating_sub(needed).min(max)),
            };
            at = self.hand_out(slot, at, share);
            left -= share;
            if share < min {
                self.operand_missing(param, share);
            }
        }
        if left > 0 {
            self.extra_operands(at);
        }
    }

    /// The words that an operand needs from the line: none where a variable stands in for it.
    #[cold]
    fn least(&self, param: &Param<'_>) -> u32 {
        if self.has_variable(param) { 0 } else { param.word_count().min }
    }

    /// Gives words that no other operand takes to the one for them.
    #[cold]
    fn take_tail(&mut self, slot: usize, chain: Chain) {
        self.slots[slot].typed = chain;
        let mut at = chain.first;
        while let Some(step) = self.steps.get_mut(at as usize) {
            (step.slot, at) = (slot as u32, step.next);
        }
        let param = self.slots[slot].param;
        if param.times().min > chain.count {
            self.operand_missing(param, chain.count);
        }
    }

    #[cold]
    fn extra_operands(&mut self, at: u32) {
        let extra = Chain { first: at, ..self.operands };
        let extra: Vec<Step> = extra.steps(&self.steps).collect();
        for step in extra {
            self.faults.push(Fault::new(FaultKind::OperandExtra, step.place()));
        }
    }

    /// Gives `count` steps from `at` on to a slot; gives the step behind them.
    fn hand_out(&mut self, slot: usize, at: u32, count: u32) -> u32 {
        let mut next = at;
        for _ in 0..count {
            let at = next;
            let step = &mut self.steps[at as usize];
            next = step.next;
            step.slot = slot as u32;
            self.slots[slot].typed.last = at;
        }
        if count > 0 {
            let typed = &mut self.slots[slot].typed;
            (typed.first, typed.count) = (at, count);
            // The chain of the slot ends here.
            let last = typed.last as usize;
            self.steps[last].next = NONE;
        }
        next
    }

    #[cold]
    fn operand_missing(&mut self, param: &'d Param<'d>, given: u32) {
        if self.lost || given == 0 && self.has_variable(param) {
            return;
        }
        let place = Place::Before(self.word as usize);
        // Of a list there are too few; of a pair the other word is missing.
        let is_list = given > 0 && param.form.many;
        let kind = if is_list { FaultKind::ValuesMiscounted } else { FaultKind::OperandMissing };
        let fault = Fault::of(kind, place, param);
        self.faults.push(Fault { count: given as usize, ..fault });
    }

    /// Counts and converts what was typed, is from elsewhere or has a default, for each parameter.
    fn values(&mut self, words: Words<'_>) {
        let mut wrong = Vec::new();
        let mut slots = std::mem::take(&mut self.slots);
        for (at, slot) in slots.iter_mut().enumerate() {
            let param = slot.param;
            if slot.typed.count == 0 && slot.outer.is_none() && param.default.is_none() {
                if param.times().min > 0 && param.role != Role::Operand {
                    self.option_missing(at, param);
                }
                continue;
            }
            if param.special && self.special(slot, words) {
                continue;
            }
            convert::value(slot, &self.steps, words, &mut wrong);
            if !wrong.is_empty() {
                let wrong = std::mem::take(&mut wrong);
                convert::faults(slot, &self.steps, words, wrong, &mut self.faults);
            } else if param.special {
                self.value_twice(slot, words);
            }
        }
        self.slots = slots;
    }

    /// What only some parameters ask for: to be given so often, once, or no more. Whether the value is
    /// in a file, and to be read last.
    #[cold]
    fn special(&mut self, slot: &Slot<'d>, words: Words<'_>) -> bool {
        let param = slot.param;
        if param.counted {
            self.count_values(slot, words);
        }
        if param.once
            && slot.typed.count as usize > param.kinds().len().max(1)
            && let Some(place) = typed_places(slot, &self.steps).nth(1)
        {
            self.faults.push(Fault::of(FaultKind::OptionRepeated, place, param));
        }
        let is_given = slot.typed.count > 0 || slot.outer.is_some();
        if !param.instead.is_empty() && is_given {
            self.warned.push((param.spelled(), param.instead.to_owned()));
        }
        if is_given && param.kinds().iter().any(|kind| kind.has_deprecated) {
            for (at, piece) in convert::pieces(slot, &self.steps, words).iter().enumerate() {
                let kind = param.kinds()[at % param.kinds().len()];
                let offered = kind.offered().filter(|offered| !offered.instead.is_empty());
                for offered in offered.filter(|offered| *piece.text == *offered.name) {
                    let warning = (offered.name.to_owned(), offered.instead.to_owned());
                    if !self.warned.contains(&warning) {
                        self.warned.push(warning);
                    }
                }
            }
        }
        self.reads_file(slot)
    }

    /// A value that stands twice in a list of distinct ones.
    #[cold]
    fn value_twice(&mut self, slot: &Slot<'d>, words: Words<'_>) {
        let Some(at) = slot.param.twin.and_then(|twin| twin(&slot.cell)) else { return };
        let at = at * slot.param.kinds().len();
        let piece = convert::pieces(slot, &self.steps, words).into_iter().nth(at);
        let place = piece.map_or(Place::Nowhere, |piece| piece.place);
        self.faults.push(Fault::of(FaultKind::ValueTwice, place, slot.param));
    }

    #[cold]
    fn option_missing(&mut self, slot: usize, param: &'d Param<'d>) {
        let waiting = self.pending.is_some_and(|pending| pending.slot as usize == slot);
        if !waiting && !self.lost {
            self.faults.push(Fault::of(FaultKind::OptionMissing, self.end_of_options(), param));
        }
    }

    /// A list that is given more or less often than it may be. For an operand without a delimiter
    /// that was seen when the words were handed out.
    fn count_values(&mut self, slot: &Slot<'d>, words: Words<'_>) {
        let (param, Times { min, max }) = (slot.param, slot.param.times());
        let each = param.kinds().len().max(1);
        let is_counted = param.role == Role::Operand && param.delimiter.is_none();
        if is_counted && slot.typed.count > 0 || slot.typed.count == 0 && slot.outer.is_none() {
            return;
        }
        let pieces = convert::pieces(slot, &self.steps, words);
        let count = pieces.len() / each;
        if (min as usize..=max as usize).contains(&count) {
            return;
        }
        let extra = pieces.get((max as usize).saturating_mul(each)).map(|piece| piece.place);
        let outer = slot.outer.as_ref().map(|outer| outer.place);
        let place = extra.or(outer).unwrap_or_else(|| self.end_of_options());
        let fault = Fault::of(FaultKind::ValuesMiscounted, place, param);
        self.faults.push(Fault { count, ..fault });
    }

    /// Where one more option would go: options end at `--`, or at the first operand where the
    /// commands say so.
    pub(super) fn end_of_options(&self) -> Place {
        let leaf = self.leaf();
        let ends_at_operand = leaf.tails.raw || self.operands_end;
        let ends = |step: &&Step| match step.meaning {
            Meaning::Terminator => true,
            Meaning::Operand => ends_at_operand,
            _ => false,
        };
        let end = self.steps.iter().find(ends);
        Place::Before(end.map_or(self.word, |step| step.word) as usize)
    }
}

impl<'d> Reading<'d> {
    /// The standard commands are answered by the library; any other line is a reading, if it passes
    /// the developers' own tests.
    #[inline(always)]
    fn outcome(self) -> Outcome<'d> {
        if self.command().standard == Some(Standard::Help) {
            return topic(&self);
        }
        if self.command().standard == Some(Standard::Completions) {
            return Outcome::Script(Path::of(self.path().root()), *self.get(&SHELL));
        }
        if self.trail.has_checks()
            && let Some(fault) = self.refusal()
        {
            return fault;
        }
        Outcome::Reading(self)
    }

    /// A line that is only tried has no values of files to be tested.
    #[cold]
    fn refusal(&self) -> Option<Outcome<'d>> {
        let is_unread = |slot: &Slot<'_>| !slot.param.file_name.is_empty();
        if self.around.is_trial && self.slots.iter().any(is_unread) {
            return None;
        }
        Some(self.refused(self.path(), self.objection()?))
    }

    /// A line that reads, and is refused all the same.
    #[cold]
    fn refused(&self, path: Path<'d>, fault: Fault<'d>) -> Outcome<'d> {
        let (words, around) = (self.words, self.around.clone());
        let secrets = secrets(&self.slots, &self.steps, words);
        Outcome::Faults(Faults { path, words, list: vec![fault], around, secrets })
    }
}

/// The words that are secret, and those that are attached to an unknown option while a secret is in
/// reach: it may be that one, misspelt.
fn secrets(slots: &[Slot<'_>], steps: &[Step], words: Words<'_>) -> Vec<(usize, Range<usize>)> {
    let mut secrets = Vec::new();
    if !slots.iter().any(|slot| slot.param.secret) {
        return secrets;
    }
    for (at, step) in steps.iter().enumerate() {
        let is_file = || at > 0 && steps[at - 1].meaning == Meaning::File;
        let slot = slots.get(step.slot as usize);
        if step.is_of_value() && slot.is_some_and(|slot| slot.param.secret) && !is_file() {
            secrets.push((step.word(), step.bytes()));
        } else if step.meaning == Meaning::Unknown {
            let word = words.word(step.word()).as_encoded_bytes();
            if let Some(equals) = word.iter().position(|&byte| byte == b'=') {
                secrets.push((step.word(), equals + 1..word.len()));
            }
        }
    }
    secrets
}

/// An operand of several words a unit takes whole units.
fn whole_units(param: &Param<'_>, share: u32) -> u32 {
    let words = param.kinds().len().max(1) as u32;
    if words > 1 && param.form.many { share - share % words } else { share }
}

/// `help hive add`: the page of the command that the words name.
fn topic<'d>(reading: &Reading<'d>) -> Outcome<'d> {
    let mut path = Path::of(reading.path().root());
    let named = reading.steps().iter().filter(|step| step.meaning == Meaning::Operand);
    for (step, name) in named.zip(reading.get(&TOPIC)) {
        match path.leaf().find(name.as_bytes()) {
            Some(command) => path = path.with(command),
            None => {
                let fault = Fault::new(FaultKind::CommandUnknown, step.place());
                return reading.refused(path, fault);
            }
        }
    }
    Outcome::Page(path, Length::Full)
}
