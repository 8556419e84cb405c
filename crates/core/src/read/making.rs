//! What is asked of a line in the making: what was typed for each parameter so far, and what the next word may be.
//! Completion asks it; a program that has none links nothing of it.

use super::operands::Shares;
use crate::record::line::{Reached, Reader, Slot};
use crate::record::param::{Param, Tail, is as is_record};
use crate::record::reading::CommandPath;
use crate::record::step::Step;

impl<'d> Reader<'d> {
    /// The commands that the words have come through.
    #[inline]
    pub fn path(&self) -> CommandPath<'d> {
        self.line.trail.path()
    }

    /// Whether an unknown command came before: what other words mean is not known.
    #[inline]
    pub const fn is_lost(&self) -> bool {
        self.line.lost
    }

    /// The parameter that a step is about; operands have theirs when the last word is known.
    #[inline]
    pub fn param_of(&self, step: &Step) -> Option<&'d Param<'d>> {
        Some(self.line.slots.get(step.slot())?.param)
    }

    /// The words that were typed for a parameter in reach: those of its values, or its names where it has none.
    #[inline]
    pub fn typed(&self, reached: &Reached<'d>) -> Vec<Step> {
        let known = self.line.slots.get(reached.slot as usize);
        // What is usual has a slot only when it was given.
        let given = || self.line.slots.iter().find(|slot| is_record(slot.param, reached.param));
        match known.or_else(given) {
            Some(slot) => self.steps_from(slot.typed.first),
            None => Vec::new(),
        }
    }

    /// What was typed for any parameter that the words have come by, also one that is no longer in reach.
    #[inline]
    pub fn typed_for(&self, param: &Param<'_>) -> Vec<Step> {
        let slot = self.line.slots.iter().find(|slot| is_record(slot.param, param));
        slot.map_or_else(Vec::new, |slot| self.steps_from(slot.typed.first))
    }

    /// Whether the next word is a value of a parameter in reach.
    #[inline]
    pub fn waits_for(&self, reached: &Reached<'d>) -> bool {
        let waiting = self.line.pending.map(|pending| &self.line.slots[pending.slot as usize]);
        waiting.is_some_and(|slot| is_record(slot.param, reached.param))
    }

    /// Whether a parameter was typed: an option's value may still be missing.
    #[inline]
    pub fn has_typed(&self, param: &Param<'_>) -> bool {
        let waits = self.line.pending.map(|pending| pending.slot as usize);
        let mut slots = self.line.slots.iter().enumerate();
        slots.any(|(at, slot)| {
            is_record(slot.param, param) && (slot.typed.count > 0 || waits == Some(at))
        }) || self.operand_words(param).next().is_some()
    }

    /// Whether a parameter is given as rules see it: a flag that was turned off is not.
    #[inline]
    pub fn has_given(&self, param: &Param<'_>) -> bool {
        let is_off = |slot: &Slot<'_>| is_record(slot.param, param) && self.line.is_off(slot);
        self.has_typed(param) && !self.line.slots.iter().any(is_off)
    }

    /// The operand words so far, in the order typed.
    #[inline]
    pub fn operand_steps(&self) -> Vec<Step> {
        self.steps_from(self.operands.first)
    }

    /// The words of an operand, as they would be if the line ended here.
    #[inline]
    pub fn operand_words(&self, param: &Param<'_>) -> impl Iterator<Item = Step> {
        let (mut from, mut count) = (0, 0);
        let total = self.operands.count;
        for (operand, share) in Shares::of(self.command(), total) {
            if is_record(operand, param) {
                count = share as usize;
                break;
            }
            from += share as usize;
        }
        self.operand_steps().into_iter().skip(from).take(count)
    }

    /// The operands that the next word may be for, if at least so many operand words come after it; and how many of
    /// the words in front of it may be for the same one then. Which it is depends on how many follow: the last word of `SRC... DST` is `DST`'s.
    #[inline]
    pub fn next_operands(&self, after: u32) -> Vec<(&'d Param<'d>, usize)> {
        let command = self.command();
        if self.line.lost || !self.ended && !command.subcommands().is_empty() {
            return Vec::new();
        }
        if self.is_behind() {
            let behind = command.params().find(|param| param.tail() == Some(Tail::AfterDashes));
            return behind.into_iter().map(|param| (param, 0)).collect();
        }
        let at = self.operands.count;
        // With as many words as all that are bounded may take and one more, nothing new comes.
        let bounded = command.operands().map(|param| param.word_count());
        let most = bounded.fold(0_u32, |sum, times| {
            sum.saturating_add(if times.max < u32::MAX { times.max } else { times.min })
        });
        // Where those that are there fill all places, there is none for another.
        let places =
            command.operands().fold(0_u32, |sum, param| sum.saturating_add(param.word_count().max));
        let mut found: Vec<(&Param<'_>, usize)> = Vec::new();
        for more in after..=after.saturating_add(most.min(MOST)).saturating_add(1) {
            let total = at.saturating_add(1).saturating_add(more);
            if total > places {
                break;
            }
            let mut first = 0;
            for (operand, share) in Shares::of(command, total) {
                if (first..first + share).contains(&at) {
                    let (own, each) = ((at - first) as usize, operand.kinds().len().max(1));
                    let is_it = |known: &&mut (&Param<'_>, usize)| {
                        known.0.is(operand) && known.1 % each == own % each
                    };
                    match found.iter_mut().find(is_it) {
                        Some(known) => known.1 = known.1.max(own),
                        None => found.push((operand, own)),
                    }
                }
                first += share;
            }
        }
        found
    }

    #[inline]
    fn steps_from(&self, first: u32) -> Vec<Step> {
        let step = |at: u32| self.line.steps.get(at as usize).copied();
        std::iter::successors(step(first), |last| step(last.next)).collect()
    }
}

/// Words that are thought of after the next one, to see which operand that is for.
const MOST: u32 = 64;
