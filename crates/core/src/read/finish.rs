//! What is only known behind the last word: which operand each word is for, what is missing, and
//! what the line is as a whole.

use std::ffi::OsString;

use super::convert;
use super::fault::{Fault, FaultKind, Faults, Place};
use super::reader::{Asked, Chain, Reader, Slot};
use super::reading::{Length, Outcome, Path, Reading};
use super::step::{Meaning, NONE, Step};
use super::word::Words;
use crate::declare::{Param, Role, SHELL, TOPIC, Times};
use crate::text::in_order;

impl<'d> Reader<'d> {
    /// Ends the reading of a line whose words are those that were stepped through.
    #[inline(always)]
    pub(super) fn finish(mut self, words: &dyn Words) -> Outcome<'d> {
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
        self.values(words);
        if !self.faults.is_empty() {
            return Outcome::Faults(self.refused(words));
        }
        let Reader { trail, slots, steps, .. } = self;
        Reading { trail, slots, steps }.outcome(words)
    }

    #[cold]
    fn refused(self, words: &dyn Words) -> Faults<'d> {
        let path = self.trail.path();
        Faults { path, words: owned(words), list: in_order(self.faults, Fault::order) }
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
        if !self.lost && !self.leaf().commands.is_empty() {
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
        let mut at = self.operands.first;
        for (slot, param) in (leaf.base as usize..).zip(leaf.command.params) {
            if param.role != Role::Operand {
                continue;
            }
            let Times { min, max } = param.word_count();
            needed = needed.saturating_sub(min);
            let share = left.saturating_sub(needed).min(max);
            let share = whole_units(param, share);
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
        if self.lost {
            return;
        }
        let place = Place::Before(self.word as usize);
        let kind = if given == 0 { FaultKind::OperandMissing } else { FaultKind::ValuesMiscounted };
        let fault = Fault::of(kind, place, param);
        self.faults.push(Fault { count: given as usize, ..fault });
    }

    /// Counts and converts what was typed, or has a default, for each parameter.
    fn values(&mut self, words: &dyn Words) {
        let mut wrong = Vec::new();
        let mut slots = std::mem::take(&mut self.slots);
        for (at, slot) in slots.iter_mut().enumerate() {
            let param = slot.param;
            if slot.typed.count == 0 && param.default.is_none() {
                if param.times().min > 0 && param.role == Role::Option {
                    self.option_missing(at, param);
                }
                continue;
            }
            if param.counted {
                self.count_option(slot);
            }
            convert::value(slot, &self.steps, words, &mut wrong);
            if !wrong.is_empty() {
                convert::faults(slot, &self.steps, std::mem::take(&mut wrong), &mut self.faults);
            }
        }
        self.slots = slots;
    }

    #[cold]
    fn option_missing(&mut self, slot: usize, param: &'d Param<'d>) {
        let waiting = self.pending.is_some_and(|pending| pending.slot as usize == slot);
        if !waiting && !self.lost {
            self.faults.push(Fault::of(FaultKind::OptionMissing, self.end_of_options(), param));
        }
    }

    /// A list that is given more or less often than it may be.
    fn count_option(&mut self, slot: &Slot<'d>) {
        let (param, Times { min, max }) = (slot.param, slot.param.times());
        let words = param.kinds().len().max(1);
        let count = slot.typed.count / words as u32;
        if param.role != Role::Option || count == 0 || (min..=max).contains(&count) {
            return;
        }
        let extra = (count > max).then(|| slot.typed.steps(&self.steps).nth(max as usize * words));
        let place = extra.flatten().map_or_else(|| self.end_of_options(), |step| step.place());
        let fault = Fault::of(FaultKind::ValuesMiscounted, place, param);
        self.faults.push(Fault { count: count as usize, ..fault });
    }

    /// Where one more option would go.
    fn end_of_options(&self) -> Place {
        let terminator = self.steps.iter().find(|step| step.meaning == Meaning::Terminator);
        Place::Before(terminator.map_or(self.word, |step| step.word) as usize)
    }
}

impl<'d> Reading<'d> {
    /// The standard commands are answered by the library; any other line is a reading.
    #[inline(always)]
    fn outcome(self, words: &dyn Words) -> Outcome<'d> {
        if self.command().is_standard(&TOPIC) {
            topic(&self, words)
        } else if self.command().is_standard(&SHELL) {
            Outcome::Script(Path::of(self.path().root()), *self.get(&SHELL))
        } else {
            Outcome::Reading(self)
        }
    }
}

/// An operand of several words a unit takes whole units.
fn whole_units(param: &Param<'_>, share: u32) -> u32 {
    let words = param.kinds().len().max(1) as u32;
    if words > 1 && param.form.many { share - share % words } else { share }
}

/// `help hive add`: the page of the command that the words name.
fn topic<'d>(reading: &Reading<'d>, words: &dyn Words) -> Outcome<'d> {
    let mut path = Path::of(reading.path().root());
    let named = reading.steps().iter().filter(|step| step.meaning == Meaning::Operand);
    for (step, name) in named.zip(reading.get(&TOPIC)) {
        match path.leaf().find(name.as_bytes()) {
            Some(command) => path = path.with(command),
            None => {
                let fault = Fault::new(FaultKind::CommandUnknown, step.place());
                return Outcome::Faults(Faults { path, words: owned(words), list: vec![fault] });
            }
        }
    }
    Outcome::Page(path, Length::Full)
}

/// A refused line is kept with its faults.
fn owned(words: &dyn Words) -> Vec<OsString> {
    (0..words.count()).map(|at| words.word(at).to_owned()).collect()
}
