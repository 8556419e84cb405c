//! What rules see of a line and say of it.

use std::ffi::OsStr;

use super::convert;
use super::split::is;
use crate::kind::from_word::FromWord;
use crate::record::brought::Brings;
use crate::record::fault::{Fault, FaultKind, Place};
use crate::record::line::{Line, Slot};
use crate::record::param::{Param, Role};
use crate::record::rule::Rule;
use crate::record::step::{Meaning, Step};
use crate::text::order::{in_order, pairs_in_order};
use crate::text::{Listed, Put};

impl<'d> Line<'d> {
    /// Looks at the rules of all commands of the line.
    #[cold]
    pub(crate) fn check_rules(&mut self) {
        self.place_slots();
        for level in self.trail.levels().listed() {
            for rule in level.command.relations() {
                rule.relation().check(rule, self);
            }
        }
    }

    /// Puts the slots in an order in which one of many is found, where there are many.
    #[inline]
    pub(crate) fn place_slots(&mut self) {
        const SCANNED: usize = 32;
        if self.slots.len() > SCANNED && self.places.is_empty() {
            for (at, slot) in self.slots.iter().enumerate() {
                self.places.put((std::ptr::from_ref(slot.param).addr(), at));
            }
            pairs_in_order(&mut self.places);
        }
    }

    /// The slot of a parameter; none where no command on the way takes it.
    #[inline(never)]
    pub(crate) fn slot_of(&self, param: &Param<'_>) -> Option<usize> {
        if self.places.is_empty() {
            return self.slots.iter().position(|slot| is(slot.param, param));
        }
        let address = std::ptr::from_ref(param).addr();
        let at = self.places.partition_point(|place| place.0 < address);
        self.places.get(at).filter(|place| place.0 == address).map(|place| place.1)
    }

    /// The members of a rule that are given in words.
    #[inline]
    pub(crate) fn given(&self, rule: &Rule<'d>) -> Vec<&'d Param<'d>> {
        rule.members().iter().copied().filter(|param| self.is_given(param)).listed()
    }

    /// Whether a parameter is given in words, as rules see it: a flag that was turned off is not.
    #[inline]
    pub(crate) fn is_given(&self, param: &Param<'_>) -> bool {
        let slot = self.slot_of(param).map(|at| &self.slots[at]);
        slot.is_some_and(|slot| slot.typed.count > 0 && !self.is_off(slot))
    }

    /// Whether a flag was turned off: by its other name, by a word, or elsewhere.
    #[inline]
    pub(crate) fn is_off(&self, slot: &Slot<'_>) -> bool {
        if slot.param.role() != Role::Flag {
            return false;
        }
        let says = |text: &OsStr, is_opposite: bool| matches!(bool::from_word(text), Ok(word) if word == is_opposite);
        if let Some(outer) = &slot.outer {
            return outer.words.last().is_some_and(|word| says(&word.text, outer.is_opposite));
        }
        let last = slot.typed.last as usize;
        self.steps.get(last).is_some_and(|step| match step.meaning {
            Meaning::Value => {
                let name = last.checked_sub(1).and_then(|name| self.steps.get(name));
                let is_opposite = name.is_some_and(|name| name.meaning == Meaning::Opposite);
                says(&convert::typed(step, self.words), is_opposite)
            }
            meaning => meaning == Meaning::Opposite,
        })
    }

    /// Whether a need is met: by a word, the environment or the config file. What still waits for its
    /// value is given too.
    #[inline]
    pub(crate) fn is_met(&self, param: &Param<'_>) -> bool {
        let Some(at) = self.slot_of(param) else { return false };
        let waits = self.pending.is_some_and(|pending| pending.slot as usize == at);
        let slot = &self.slots[at];
        waits || (slot.typed.count > 0 || slot.outer.is_some()) && !self.is_off(slot)
    }

    /// Whether a parameter has a value that is no default, as a user would type it.
    #[inline]
    pub(crate) fn has_value(&self, param: &Param<'_>, value: &str) -> bool {
        let slot = self.slot_of(param).map(|at| &self.slots[at]);
        slot.filter(|slot| slot.typed.count > 0 || slot.outer.is_some()).is_some_and(|slot| {
            let pieces = convert::that_count(slot, self.input());
            pieces.iter().any(|piece| *piece.text == *value)
        })
    }

    /// Parameters that exclude each other: all are pointed at.
    #[inline]
    pub(crate) fn exclude(&mut self, rule: &'d Rule<'d>, params: &[&Param<'_>]) {
        let mut places = params.iter().filter_map(|param| self.typed_place(param)).listed();
        in_order(&mut places, |place| place.order());
        let Some((&place, also)) = places.split_first() else { return };
        let fault = Fault::new(FaultKind::RuleBroken, place);
        self.blame(Fault { rule: Some(rule), also: also.to_vec(), ..fault });
    }

    /// The first member that is needed and not there, if there is one.
    #[inline]
    pub(crate) fn lack(&mut self, rule: &'d Rule<'d>, brings: &'static Brings) {
        let lacking = rule.members().iter().find(|param| !self.is_met(param));
        let Some(&param) = lacking else { return };
        let place = match param.is_positional() {
            true => self.end_of_operands(param),
            false => self.end_of_options(param),
        };
        let fault = Fault::of(FaultKind::RuleBroken, place, param).with(brings);
        self.blame(Fault { rule: Some(rule), ..fault });
    }

    /// Where a parameter was first typed.
    #[inline]
    fn typed_place(&self, param: &Param<'_>) -> Option<Place> {
        typed_places(&self.slots[self.slot_of(param)?], &self.steps).next()
    }
}

/// Where a parameter was typed: its names, or the words of an operand.
#[inline]
pub(crate) fn typed_places<'s>(
    slot: &Slot<'_>,
    steps: &'s [Step],
) -> impl Iterator<Item = Place> + use<'s> {
    let first = steps.get(slot.typed.first as usize).map(|step| step.slot);
    let of_slot = steps.iter().filter(move |step| first == Some(step.slot));
    of_slot.filter(|step| step.meaning != Meaning::Value).map(Step::place)
}
