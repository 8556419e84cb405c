//! The last word is read: what still waits, the subcommand that is missing, and which operand each word is for.

use crate::record::command::Command;
use crate::record::fault::{Fault, FaultKind, Place};
use crate::record::line::{Chain, Reader};
use crate::record::param::{Param, Role, Tail, Times};
use crate::record::step::{Meaning, NONE, Step};
use crate::record::word::Words;
use crate::text::Listed;

impl<'d> Reader<'d> {
    /// Ends the reading of a line whose words are those that were stepped through.
    /// What it comes to is its line's to tell.
    #[inline(always)]
    pub(crate) fn finish(&mut self, words: Words<'d>) {
        self.line.words = words;
        if self.asked.is_none() {
            self.line.pending_value();
            self.enter_defaults();
            self.assign_operands();
            self.command_missing();
            self.line.finish();
        }
    }

    fn enter_defaults(&mut self) {
        while !self.command().is_acting()
            && !self.line.lost
            && let Some(default) = self.command().default_subcommand()
        {
            self.enter(default);
        }
    }

    /// A line that has another thing wrong with it where a command might be named is told that: what was meant is not known.
    fn command_missing(&mut self) {
        use FaultKind::{OperandExtra, OptionUnknown, ValueUnwanted};
        let leaf = self.command();
        if self.line.lost || leaf.subcommands().is_empty() || leaf.is_acting() {
            return;
        }
        let mut faults = self.line.faults.iter();
        if !faults.any(|fault| matches!(fault.kind, OperandExtra | OptionUnknown | ValueUnwanted)) {
            let place = Place::Before(self.line.word as usize);
            self.line.blame(Fault::new(FaultKind::CommandMissing, place));
        }
    }

    /// Gives the operand words to the operands. Each takes as many as it may, but leaves those
    /// after it what they need: `SRC... DST` gives the last word to `DST`.
    pub(crate) fn assign_operands(&mut self) {
        let leaf = self.line.trail.leaf();
        let mut shares =
            Shares { left: self.operands.count, needed: leaf.command.fewest_operands() };
        let is_lean = shares.is_short();
        if is_lean {
            let least = leaf.command.operands().map(|param| self.least(param));
            shares.needed = least.fold(0, u32::saturating_add);
        }
        // With too few for all, the last ones go without: `move A7` lacks the place, not the code.
        let is_short = shares.is_short();
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
            let share = shares.next(param, (least, max), is_short);
            at = self.hand_out(slot, at, share);
            if share < min {
                self.operand_missing(param, share);
            }
        }
        if shares.left > 0 {
            self.extra_operands(at, shares.left);
        }
        for (slot, param) in tails {
            let behind = param.tail() == Some(Tail::AfterDashes);
            self.take_tail(slot, if behind { self.behind } else { self.kept });
        }
    }

    /// The words that an operand needs from the line: none where a variable stands in for it.
    #[cold]
    fn least(&self, param: &Param<'_>) -> u32 {
        if self.line.has_variable(param) { 0 } else { param.word_count().min }
    }

    /// Gives words that no other operand takes to the one for them.
    #[cold]
    fn take_tail(&mut self, slot: usize, chain: Chain) {
        self.line.slots[slot].typed = chain;
        let mut at = chain.first;
        while let Some(step) = self.line.steps.get_mut(at as usize) {
            (step.slot, at) = (slot as u32, step.next);
        }
        let param = self.line.slots[slot].param;
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
        let end = self.line.steps.iter().position(|step| step.meaning == Meaning::Terminator);
        let is_full = |list: &&Param<'_>| {
            list.is_list() && list.kinds().len() == 1 && list.word_count().max < u32::MAX
        };
        let list = leaf.operands().find(is_full);
        for (at, step) in extra {
            match end.filter(|&end| leaf.has_tail(Tail::UnknownOptions) && end < at as usize) {
                Some(end) => {
                    if self.line.steps[end].meaning == Meaning::Terminator {
                        self.line.steps[end].meaning = Meaning::Operand;
                        self.kept.push(&mut self.line.steps, end as u32);
                    }
                    self.kept.push(&mut self.line.steps, at);
                }
                None => self.line.blame(match list {
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
        let step = |at: u32| Some((at, *self.line.steps.get(at as usize)?));
        std::iter::successors(step(at), move |(_, last)| step(last.next))
    }

    /// Gives `count` steps from `at` on to a slot; gives the step after them.
    fn hand_out(&mut self, slot: usize, at: u32, count: u32) -> u32 {
        let mut next = at;
        for _ in 0..count {
            let at = next;
            let step = &mut self.line.steps[at as usize];
            next = step.next;
            step.slot = slot as u32;
            self.line.slots[slot].typed.last = at;
        }
        if count > 0 {
            let typed = &mut self.line.slots[slot].typed;
            (typed.first, typed.count) = (at, count);
            // The chain of the slot ends here.
            let last = typed.last as usize;
            self.line.steps[last].next = NONE;
        }
        next
    }

    #[cold]
    fn operand_missing(&mut self, param: &'d Param<'d>, given: u32) {
        if self.line.lost || given == 0 && self.line.has_variable(param) {
            return;
        }
        let place = self.line.end_of_operands(param);
        // Of a list there are too few; of a pair the other word is missing.
        let is_list = given > 0 && param.is_list();
        let kind = if is_list { FaultKind::ValuesMiscounted } else { FaultKind::OperandMissing };
        let fault = Fault::of(kind, place, param);
        self.line.blame(Fault { count: given as usize, ..fault });
    }
}

/// Words that are handed out to operands: how many are left, and how many those to come need.
pub(crate) struct Shares {
    left: u32,
    needed: u32,
}

impl Shares {
    fn is_short(&self) -> bool {
        self.left < self.needed
    }

    /// How many words the next operand gets.
    #[inline(always)]
    fn next(&mut self, param: &Param<'_>, (least, max): (u32, u32), is_short: bool) -> u32 {
        self.needed = self.needed.saturating_sub(least);
        let share = match is_short {
            true => self.left.min(least),
            false => whole_units(param, self.left.saturating_sub(self.needed).min(max)),
        };
        self.left -= share;
        share
    }

    /// The operands of a command, and how many of so many words each gets.
    pub(crate) fn of<'d>(
        command: &Command<'d>,
        words: u32,
    ) -> impl Iterator<Item = (&'d Param<'d>, u32)> {
        let mut shares = Shares { left: words, needed: command.fewest_operands() };
        let is_short = shares.is_short();
        command.operands().map(move |param| {
            let Times { min, max } = param.word_count();
            (param, shares.next(param, (min, max), is_short))
        })
    }
}

/// An operand of several words a unit takes whole units.
fn whole_units(param: &Param<'_>, share: u32) -> u32 {
    let words = param.kinds().len().max(1) as u32;
    if words > 1 && param.is_list() { share - share % words } else { share }
}
