//! What was understood of a line, right or wrong: the steps, and whose they are. Two readings of nearly
//! the same line are compared by it, and what may be secret is found with it.

use super::reach::{Reach, Usual};
use super::reader::{Reader, Slot};
use super::reading::Reading;
use super::step::{Meaning, Step};
use super::trail::Trail;
use crate::declare::{Command, Param};

/// The steps of a line, the parameters that their slots are for, and the commands on the way.
#[derive(Debug, Clone)]
pub(crate) struct Trace<'d> {
    pub(crate) steps: Vec<Step>,
    /// By slot.
    params: Vec<&'d Param<'d>>,
    trail: Trail<'d>,
}

/// What a step is for.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub(crate) struct Use {
    pub(crate) step: Step,
    /// The slot's parameter by its address; 0 where there is none.
    pub(crate) param: usize,
    /// Which of the parameter's words it is, counted from 0; of names always 0.
    pub(crate) index: usize,
    /// Which of the line's operands it is.
    pub(crate) operand: usize,
}

impl<'d> Trace<'d> {
    pub(super) fn new(trail: Trail<'d>, slots: &[Slot<'d>], steps: Vec<Step>) -> Self {
        Trace { steps, params: slots.iter().map(|slot| slot.param).collect(), trail }
    }

    /// The parameter that a step is a name or a word of.
    pub(crate) fn param(&self, step: &Step) -> Option<&'d Param<'d>> {
        self.params.get(step.slot as usize).copied()
    }

    /// How many parameters the commands on the way have.
    pub(crate) fn params(&self) -> usize {
        self.params.len()
    }

    /// The commands on the way.
    pub(crate) fn commands(&self) -> impl DoubleEndedIterator<Item = &'d Command<'d>> + '_ {
        self.trail.levels().map(|level| level.command)
    }

    /// The command that the words in front of one have reached.
    pub(crate) fn leaf_before(&self, word: usize) -> &'d Command<'d> {
        let level = self.trail.levels_before(word as u32).last();
        level.map_or(self.trail.root(), |level| level.command)
    }

    /// The commands that the words in front of one have reached, each with the word that named it.
    pub(crate) fn levels_before(&self, word: usize) -> Vec<(&'d Command<'d>, usize)> {
        let levels = self.trail.levels_before(word as u32);
        levels.map(|level| (level.command, level.word as usize)).collect()
    }

    /// What names may mean in a word.
    pub(super) fn reach_in(&self, word: usize, usual: Usual<'d>) -> Reach<'d> {
        self.trail.reach_in(word as u32, usual)
    }

    /// The command that the words name for sure: what a default leads to may not be meant.
    pub(super) fn certain(&self) -> &'d Command<'d> {
        let named = self.steps.iter().rfind(|step| step.meaning == Meaning::Command);
        named.map_or(self.trail.root(), |named| self.leaf_before(named.word()))
    }

    /// What each step is for, in the order of the line.
    pub(crate) fn uses(&self) -> Vec<Use> {
        let mut counts = vec![0; self.params.len()];
        let (mut uses, mut operands) = (Vec::with_capacity(self.steps.len()), 0);
        for &step in &self.steps {
            let param = self.param(&step).map_or(0, |param| std::ptr::from_ref(param).addr());
            let mut index = 0;
            if step.is_of_value()
                && let Some(count) = counts.get_mut(step.slot as usize)
            {
                (index, *count) = (*count, *count + 1);
            }
            uses.push(Use { step, param, index, operand: operands });
            operands += usize::from(step.meaning == Meaning::Operand);
        }
        uses
    }
}

impl<'d> Reader<'d> {
    /// Ends the reading of a line that is refused.
    pub(super) fn into_trace(self) -> Trace<'d> {
        Trace::new(self.trail, &self.slots, self.steps)
    }
}

impl<'d> Reading<'d> {
    /// What was understood, without the values.
    pub(crate) fn into_trace(self) -> Trace<'d> {
        Trace::new(self.trail, &self.slots, self.steps)
    }
}
