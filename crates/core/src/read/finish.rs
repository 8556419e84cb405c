//! What is only known after the last word, and which operand each is for: values, what is missing, and what the line
//! is as a whole.

use super::convert;
use super::split::is;
use crate::record::command::Command;
use crate::record::fault::{Fault, FaultKind, Place};
use crate::record::faults::Faults;
use crate::record::kind::Noun;
use crate::record::line::{Input, Line, Slot};
use crate::record::param::{Param, Role, Tail};
use crate::record::reading::Reading;
use crate::record::step::{Meaning, Step};
use crate::text::Listed;
use crate::text::order::{in_order, pairs_in_order};

impl<'d> Line<'d> {
    /// What is known after the last word, and which operand each is for: values from elsewhere, conversion,
    /// rules, and the world.
    #[inline(always)]
    pub(crate) fn finish(&mut self) {
        self.ask_around();
        self.values();
        if self.trail.has_rules() {
            self.check_rules();
        }
        if self.faults.is_empty() {
            self.touch_around();
        }
    }

    #[inline(always)]
    pub(crate) fn into_reading(self) -> Reading<'d> {
        let Line { trail, slots, steps, words, warned, around, .. } = self;
        Reading { trail, slots, steps, words, warned, around }
    }

    /// What its values are converted from.
    pub(crate) fn input(&self) -> Input<'_, 'd> {
        Input { steps: &self.steps, words: self.words, trail: &self.trail }
    }

    /// The command that the words have reached.
    pub(crate) fn command(&self) -> &'d Command<'d> {
        self.trail.leaf().command
    }

    #[cold]
    pub(crate) fn refused(mut self) -> Faults<'d> {
        let faults = std::mem::take(&mut self.faults);
        if let Some(faults) = self.read_names(&faults) {
            return faults;
        }
        let (path, around) = (self.trail.path(), self.around.clone());
        let list = self.in_line_order(faults);
        let words = self.words;
        let trace = self.into_trace();
        let dark = trace.dark(words, around.usual);
        Faults { path, words, list, around, trace, dark }
    }

    /// Faults as their places stand in the line; what is missing at one place in the order declared.
    pub(super) fn in_line_order(&self, mut faults: Vec<Fault<'d>>) -> Vec<Fault<'d>> {
        if faults.iter().filter(|fault| matches!(fault.place, Place::Before(_))).count() < 2 {
            in_order(&mut faults, Fault::order);
            return faults;
        }
        let slots = self.slots.iter().enumerate();
        let mut slots =
            slots.map(|(at, slot)| (std::ptr::from_ref(slot.param).addr(), at)).listed();
        pairs_in_order(&mut slots);
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
        in_order(&mut faults, declared);
        in_order(&mut faults, Fault::order);
        faults
    }

    #[inline]
    pub(crate) fn pending_value(&mut self) {
        if let Some(pending) = self.pending {
            self.value_missing(self.slots[pending.slot as usize].param);
        }
    }

    /// Says that an option still waits for words.
    #[cold]
    pub(crate) fn value_missing(&mut self, param: &'d Param<'d>) {
        let wanted = self.pending.map_or(0, |pending| pending.wanted as usize);
        let fault = Fault::of(FaultKind::ValueMissing, Place::Before(self.word as usize), param);
        self.blame(Fault { count: param.kinds().len() - wanted, ..fault });
    }

    /// Counts and converts what was typed, is from elsewhere or has a default, for each parameter.
    fn values(&mut self) {
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
                self.special(slot);
                continue;
            }
            convert::value(slot, &self.steps, self.words, &self.trail, &mut wrong);
            if !wrong.is_empty() {
                let input = Input { steps: &self.steps, words: self.words, trail: &self.trail };
                let wrong = std::mem::take(&mut wrong);
                convert::faults(slot, input, wrong, &mut self.faults);
            }
        }
        self.slots = slots;
    }

    /// The value of a parameter that asks for more than that its words convert.
    #[cold]
    fn special(&mut self, slot: &mut Slot<'d>) {
        match self.trail.brought(|command| command.brought().special) {
            Some(special) => special(self, slot),
            None => _ = self.converts(slot),
        }
    }

    #[cold]
    fn option_missing(&mut self, slot: usize, param: &'d Param<'d>) {
        let waiting = self.pending.is_some_and(|pending| pending.slot as usize == slot);
        if !waiting && !self.lost {
            let place = self.end_of_options(param);
            self.blame(Fault::of(FaultKind::OptionMissing, place, param));
        }
    }

    /// Where one more option would go: in front of the next command where only its own takes it, else
    /// of `--`, or of the first operand where the commands say that options end there.
    pub(crate) fn end_of_options(&self, param: &Param<'_>) -> Place {
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
    pub(crate) fn end_of_operands(&self, param: &Param<'_>) -> Place {
        let end = self.steps.iter().find(|step| step.meaning == Meaning::Terminator);
        let is_apart =
            self.command().has_tail(Tail::AfterDashes) && param.tail() != Some(Tail::AfterDashes);
        let end = end.filter(|_| is_apart).map_or(self.word, |end| end.word);
        Place::Before(end as usize)
    }
}

/// Whether empty text is a value.
#[inline]
pub(crate) fn is_text(param: &Param<'_>) -> bool {
    matches!(param.kinds(), [kind] if kind.noun() == Noun::Text)
}

impl<'d> Line<'d> {
    /// Asks the environment and the config file for what was not typed.
    #[inline]
    pub(crate) fn ask_around(&mut self) {
        // Help and completion are there whatever a config file says.
        if self.around.world.is_some()
            && !self.command().is_standard()
            && let Some(sources) = self.trail.brought(|command| command.sources())
        {
            (sources.ask)(self);
        }
    }

    /// Whether a variable stands in for an operand that is not typed.
    #[inline]
    pub(crate) fn has_variable(&self, param: &Param<'_>) -> bool {
        let world = self.around.world.filter(|_| !param.variable().is_empty());
        let value = world.and_then(|world| world.variable(param.variable()));
        value.is_some_and(|value| !value.is_empty() || is_text(param))
    }
}

impl<'d> Line<'d> {
    /// What touches the world comes last, when nothing else is wrong: files, then lists.
    fn touch_around(&mut self) {
        if self.around.world.is_none() {
            return;
        }
        if let Some(touch) = self.trail.brought(|command| command.brought().touches) {
            touch(self);
        }
        if self.faults.is_empty()
            && let Some(lists) = self.trail.brought(|command| command.brought().lists)
        {
            (lists.check)(self);
        }
    }
}
