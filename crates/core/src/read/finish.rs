//! What is only known after the last word: which operand each word is for, what is missing, and
//! what the line is as a whole.

use super::{Chain, Fault, Faults, Reader, Reading, Slot, Step};

use super::convert;
use super::fault::{FaultKind, Place};
use super::reading::Outcome;
use super::source::is;
use super::step::{Meaning, NONE};
use super::word::Words;
use crate::declare::{Command, Param, Role, Tail, Times};
use crate::text::{Listed, in_order};

impl<'d> Reader<'d> {
    /// Ends the reading of a line whose words are those that were stepped through.
    #[inline(always)]
    pub(super) fn finish(mut self, words: Words<'d>) -> Outcome<'d> {
        if let Some(asked) = self.asked {
            return self.answered(asked, words);
        }
        self.pending_value();
        self.command_missing();
        self.assign_operands();
        self.ask_around(words);
        self.values(words);
        if self.trail.has_rules() {
            self.check_rules(words);
        }
        if self.faults.is_empty() {
            self.touch_around(words);
        }
        if !self.faults.is_empty() {
            return Outcome::Faults(self.refused(words));
        }
        let Reader { trail, slots, steps, warned, around, .. } = self;
        Reading { trail, slots, steps, words, warned, around }.outcome()
    }

    #[cold]
    pub(super) fn refused(mut self, words: Words<'d>) -> Faults<'d> {
        let faults = std::mem::take(&mut self.faults);
        if let Some(faults) = self.read_names(&faults, words) {
            return faults;
        }
        let (path, around) = (self.trail.path(), self.around.clone());
        let list = self.in_line_order(faults);
        let trace = self.into_trace();
        let dark = trace.dark(words, around.usual);
        Faults { path, words, list, around, trace, dark }
    }

    /// Faults as their places stand in the line; what is missing at one place in the order declared.
    fn in_line_order(&self, faults: Vec<Fault<'d>>) -> Vec<Fault<'d>> {
        if faults.iter().filter(|fault| matches!(fault.place, Place::Before(_))).count() < 2 {
            return in_order(faults, Fault::order);
        }
        let slots = self.slots.iter().enumerate();
        let slots = slots.map(|(at, slot)| (std::ptr::from_ref(slot.param).addr(), at)).listed();
        let slots = in_order(slots, |slot| *slot);
        let declared = |fault: &Fault<'d>| {
            let param = fault.param.map_or(0, |param| std::ptr::from_ref(param).addr());
            let slot = slots.binary_search_by_key(&param, |slot| slot.0);
            // A value stands right after its option; a rule comes after what it is about.
            let turn = match fault.kind {
                FaultKind::ValueMissing => 0,
                FaultKind::RuleBroken => 2,
                _ => 1,
            };
            (turn, slot.map_or(0, |at| slots[at].1))
        };
        in_order(in_order(faults, declared), Fault::order)
    }

    #[inline]
    pub(super) fn pending_value(&mut self) {
        if let Some(pending) = self.pending {
            let param = self.slots[pending.slot as usize].param;
            let fault =
                Fault::of(FaultKind::ValueMissing, Place::Before(self.word as usize), param);
            let given = param.kinds().len() - pending.wanted as usize;
            self.faults.push(Fault { count: given, ..fault });
        }
    }

    fn command_missing(&mut self) {
        while !self.command().is_acting()
            && !self.lost
            && let Some(default) = self.command().default_subcommand()
        {
            self.enter(default);
        }
        let leaf = self.command();
        if !self.lost && !leaf.subcommands().is_empty() && !leaf.is_acting() {
            let place = Place::Before(self.word as usize);
            self.faults.push(Fault::new(FaultKind::CommandMissing, place));
        }
    }

    /// Gives the operand words to the operands. Each takes as many as it may, but leaves those
    /// after it what they need: `SRC... DST` gives the last word to `DST`.
    fn assign_operands(&mut self) {
        let leaf = self.trail.leaf();
        let mut left = self.operands.count;
        let mut needed = leaf.command.fewest_operands();
        let is_lean = left < needed;
        if is_lean {
            let least = leaf.command.operands().map(|param| self.least(param));
            needed = least.fold(0, u32::saturating_add);
        }
        // With too few for all, the last ones go without: `move A7` lacks the place, not the code.
        let is_short = left < needed;
        let mut at = self.operands.first;
        let mut tails = Vec::new();
        for (slot, param) in (leaf.base as usize..).zip(leaf.command.params()) {
            if param.role() != Role::Operand {
                continue;
            }
            if !param.is_positional() {
                tails.push((slot, param));
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
            self.extra_operands(at, left);
        }
        for (slot, param) in tails {
            let behind = param.tail() == Some(Tail::AfterDashes);
            self.take_tail(slot, if behind { self.behind } else { self.kept });
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

    /// Words that no operand takes. After `--` they belong to what keeps the unknown options, with
    /// the `--`; of a list that is full they are too many, and otherwise of the command.
    #[cold]
    fn extra_operands(&mut self, at: u32, left: u32) {
        let leaf = self.command();
        let extra: Vec<(u32, Step)> = self.operands_from(at).listed();
        let end = self.steps.iter().position(|step| step.meaning == Meaning::Terminator);
        let is_full = |list: &&Param<'_>| {
            list.is_list() && list.kinds().len() == 1 && list.word_count().max < u32::MAX
        };
        let list = leaf.operands().find(is_full);
        for (at, step) in extra {
            match end.filter(|&end| leaf.has_tail(Tail::UnknownOptions) && end < at as usize) {
                Some(end) => {
                    if self.steps[end].meaning == Meaning::Terminator {
                        self.steps[end].meaning = Meaning::Operand;
                        self.kept.push(&mut self.steps, end as u32);
                    }
                    self.kept.push(&mut self.steps, at);
                }
                None => self.faults.push(match list {
                    Some(list) => {
                        let count = list.word_count().max.saturating_add(left) as usize;
                        let fault = Fault::of(FaultKind::ValuesMiscounted, step.place(), list);
                        Fault { count, ..fault }
                    }
                    None => Fault::new(FaultKind::OperandExtra, step.place()),
                }),
            }
        }
    }

    fn operands_from(&self, at: u32) -> impl Iterator<Item = (u32, Step)> + '_ {
        let step = |at: u32| Some((at, *self.steps.get(at as usize)?));
        std::iter::successors(step(at), move |(_, last)| step(last.next))
    }

    /// Gives `count` steps from `at` on to a slot; gives the step after them.
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
        let place = self.end_of_operands(param);
        // Of a list there are too few; of a pair the other word is missing.
        let is_list = given > 0 && param.is_list();
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
            if slot.typed.count == 0 && slot.outer.is_none() && param.default().is_none() {
                if param.given_times().min > 0 && param.role() != Role::Operand {
                    self.option_missing(at, param);
                }
                continue;
            }
            if param.is_special() {
                self.special(slot, words);
                continue;
            }
            convert::value(slot, &self.steps, words, &mut wrong);
            if !wrong.is_empty() {
                let wrong = std::mem::take(&mut wrong);
                convert::faults(slot, &self.steps, words, wrong, &mut self.faults);
            }
        }
        self.slots = slots;
    }

    /// The value of a parameter that asks for more than that its words convert.
    #[cold]
    fn special(&mut self, slot: &mut Slot<'d>, words: Words<'_>) {
        match self.trail.brought(|command| command.brought().special) {
            Some(special) => special(self, slot, words),
            None => _ = self.converts(slot, words),
        }
    }

    #[cold]
    fn option_missing(&mut self, slot: usize, param: &'d Param<'d>) {
        let waiting = self.pending.is_some_and(|pending| pending.slot as usize == slot);
        if !waiting && !self.lost {
            let place = self.end_of_options(param);
            self.faults.push(Fault::of(FaultKind::OptionMissing, place, param));
        }
    }

    /// Where one more option would go: in front of the next command where only its own takes it, else
    /// of `--`, or of the first operand where the commands say that options end there.
    pub(super) fn end_of_options(&self, param: &Param<'_>) -> Place {
        let levels: Vec<_> = self.trail.levels().listed();
        let has = |command: &Command<'_>| command.params().any(|own| is(own, param));
        // A name that is another's further down is written above that.
        if (!param.is_throughout() || self.trail.has_anew())
            && let Some(above) = levels.windows(2).find(|levels| has(levels[0].command))
        {
            return Place::Before(above[1].word as usize);
        }
        let ends_at_operand = self.command().has_tail(Tail::Raw) || self.operands_end;
        let ends = |step: &&Step| match step.meaning {
            Meaning::Terminator => true,
            Meaning::Operand => ends_at_operand,
            _ => false,
        };
        let end = self.steps.iter().find(ends);
        Place::Before(end.map_or(self.word, |step| step.word) as usize)
    }

    /// Where one more operand would go: after the last word, but in front of a `--` after which the
    /// words are another's.
    pub(super) fn end_of_operands(&self, param: &Param<'_>) -> Place {
        let end = self.steps.iter().find(|step| step.meaning == Meaning::Terminator);
        let is_apart =
            self.command().has_tail(Tail::AfterDashes) && param.tail() != Some(Tail::AfterDashes);
        let end = end.filter(|_| is_apart).map_or(self.word, |end| end.word);
        Place::Before(end as usize)
    }
}

/// An operand of several words a unit takes whole units.
fn whole_units(param: &Param<'_>, share: u32) -> u32 {
    let words = param.kinds().len().max(1) as u32;
    if words > 1 && param.is_list() { share - share % words } else { share }
}
