//! What is only known behind the last word: which operand each word is for, what is missing, and
//! what the line is as a whole.

use std::ffi::OsString;

use super::convert;
use super::fault::{Fault, FaultKind, Faults, Place};
use super::reader::{Asked, Chain, Reader};
use super::reading::{Length, Outcome, Path, Reading};
use super::step::{Meaning, NONE, Step};
use super::word::Words;
use crate::declare::{COMPLETIONS, HELP, Param, Role, SHELL, TOPIC, Times};

impl<'d> Reader<'d> {
    /// Ends the reading of a line whose words are those that were stepped through.
    pub fn finish(mut self, words: &dyn Words) -> Outcome<'d> {
        if let Some(asked) = self.asked {
            let path = self.path();
            return match asked {
                Asked::Page(length) => Outcome::Page(path, length),
                Asked::Version => Outcome::Version(path),
            };
        }
        self.pending_value();
        self.command_missing();
        self.assign_operands();
        if !self.lost {
            self.count_options();
        }
        let cells = convert::values(&mut self, words);
        if !self.faults.is_empty() {
            return Outcome::Faults(self.refused(words));
        }
        Reading { reader: self, cells }.outcome(words)
    }

    fn refused(mut self, words: &dyn Words) -> Faults<'d> {
        self.faults.sort_by_key(Fault::order);
        let path = self.path();
        Faults { path, words: owned(words), list: self.faults }
    }

    fn pending_value(&mut self) {
        if let Some(pending) = self.pending {
            let param = self.slots[pending.slot as usize].param;
            let fault =
                Fault::of(FaultKind::ValueMissing, Place::Before(self.word as usize), param);
            let given = param.kinds().len() - pending.wanted as usize;
            self.faults.push(Fault { count: given, ..fault });
            // Half a value converts to nothing, and would only be a second fault.
            self.slots[pending.slot as usize].typed = Chain::EMPTY;
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
        let leaf = self.levels[self.levels.len() - 1];
        let mut left = self.operands.count;
        let mut needed: u32 = leaf.command.operands().map(|operand| operand.word_count().min).sum();
        let mut at = self.operands.first;
        for (slot, param) in (leaf.base as usize..).zip(leaf.command.params) {
            if param.role != Role::Operand {
                continue;
            }
            let Times { min, max } = param.word_count();
            needed -= min;
            let share = left.saturating_sub(needed).min(max);
            let share = whole_units(param, share);
            at = self.hand_out(slot, at, share);
            left -= share;
            if share < min {
                self.operand_missing(param, share);
            }
        }
        let extra = Chain { first: at, ..self.operands };
        let extra: Vec<Step> = extra.steps(&self.steps).map(|(_, step)| step).collect();
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

    fn operand_missing(&mut self, param: &'d Param<'d>, given: u32) {
        if self.lost {
            return;
        }
        let place = Place::Before(self.word as usize);
        let kind = if given == 0 { FaultKind::OperandMissing } else { FaultKind::ValuesMiscounted };
        let fault = Fault::of(kind, place, param);
        self.faults.push(Fault { count: given as usize, ..fault });
    }

    /// Options that are needed and missing, or given more or less often than they may be.
    fn count_options(&mut self) {
        for at in 0..self.slots.len() {
            let slot = self.slots[at];
            let Times { min, max } = slot.param.times();
            let (role, typed) = (slot.param.role, slot.typed.count);
            if role != Role::Option || (typed == 0 && min == 0) {
                continue;
            }
            let count = typed / slot.param.kinds().len().max(1) as u32;
            let waiting = self.pending.is_some_and(|pending| pending.slot as usize == at);
            let place = Place::Before(self.word as usize);
            if count == 0 && min > 0 && !waiting {
                self.faults.push(Fault::of(FaultKind::OptionMissing, place, slot.param));
            } else if count > 0 && (count < min || (slot.param.form.many && count > max)) {
                let fault = Fault::of(
                    FaultKind::ValuesMiscounted,
                    self.count_place(at, count, max),
                    slot.param,
                );
                self.faults.push(Fault { count: count as usize, ..fault });
            }
        }
    }

    /// The first value too many, or the end of the line when there are too few.
    fn count_place(&self, slot: usize, count: u32, max: u32) -> Place {
        let typed = self.slots[slot].typed;
        let extra = (count > max).then(|| typed.steps(&self.steps).nth(max as usize)).flatten();
        extra.map_or(Place::Before(self.word as usize), |(_, step)| step.place())
    }
}

impl<'d> Reading<'d> {
    /// The standard commands are answered by the library; any other line is a reading.
    fn outcome(self, words: &dyn Words) -> Outcome<'d> {
        if self.is(&HELP) {
            topic(&self, words)
        } else if self.is(&COMPLETIONS) {
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
