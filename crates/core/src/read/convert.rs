//! Words into typed values: each word once, after the last one is known.

use std::any::Any;
use std::borrow::Cow;
use std::ffi::OsStr;

use super::fault::{Fault, FaultKind, Place};
use super::reader::{Chain, Reader, Slot};
use super::step::Step;
use super::word::{Words, part};
use crate::declare::valid::Refusal;
use crate::declare::{Cell, Feed, Kind, Misfit, Reason, Role};

/// The values of all slots; what does not convert is added to the faults.
pub(super) fn values<'d>(reader: &mut Reader<'d>, words: &dyn Words) -> Vec<Cell> {
    let Reader { slots, steps, faults, .. } = reader;
    slots.iter().map(|slot| value(slot, steps, words, faults)).collect()
}

#[inline]
fn value<'d>(
    slot: &Slot<'d>,
    steps: &[Step],
    words: &dyn Words,
    faults: &mut Vec<Fault<'d>>,
) -> Cell {
    let param = slot.param;
    if slot.typed.count == 0 && param.default.is_none() {
        return Cell::Empty;
    }
    match param.role {
        Role::Flag => Cell::keep(slot.is_on(steps)),
        Role::Tally => Cell::keep(slot.typed.count),
        Role::Option | Role::Operand => {
            let default = if slot.typed.count == 0 { param.default } else { None };
            let mut source = Source {
                slot,
                steps,
                words,
                faults,
                default,
                last: Place::Nowhere,
                at: slot.typed.first,
            };
            (param.form.make)(&mut source).unwrap_or_default()
        }
    }
}

/// The words of one parameter: those typed, else its default.
struct Source<'r, 'd> {
    slot: &'r Slot<'d>,
    steps: &'r [Step],
    words: &'r dyn Words,
    faults: &'r mut Vec<Fault<'d>>,
    default: Option<&'d str>,
    /// The step of the next word.
    at: u32,
    /// Where the last word stands.
    last: Place,
}

impl Feed for Source<'_, '_> {
    fn more(&self) -> bool {
        (self.at as usize) < self.steps.len() || self.default.is_some_and(|rest| !rest.is_empty())
    }

    fn word(&mut self) -> Option<Cow<'_, OsStr>> {
        if let Some(step) = self.steps.get(self.at as usize) {
            self.at = step.next;
            let bytes = step.bytes();
            self.last = step.place();
            let word = self.words.word(step.word());
            // Most values are a whole word.
            let whole = bytes == (0..word.len());
            return Some(if whole {
                Cow::Borrowed(word)
            } else {
                part(word, bytes.start, bytes.end)
            });
        }
        // A default of several words has them apart by spaces.
        let rest = self.default?;
        let (word, rest) = match rest.split_once(' ') {
            Some((word, rest)) if self.slot.param.kinds().len() > 1 => (word, rest),
            _ => (rest, ""),
        };
        self.default = Some(rest);
        Some(Cow::Borrowed(OsStr::new(word)))
    }

    fn misfit(&mut self, misfit: Misfit, kind: &'static Kind) {
        let fault = match misfit.reason {
            Reason::NotText => FaultKind::ValueNotText,
            _ => FaultKind::ValueMisfit,
        };
        let fault = Fault::of(fault, self.last, self.slot.param);
        self.faults.push(Fault { value_kind: Some(kind), reason: Some(misfit.reason), ..fault });
    }

    fn test(&mut self, value: &dyn Any) -> bool {
        for test in self.slot.param.tests() {
            if let Err(refusal) = test.test(value) {
                let reason = match refusal {
                    Refusal::Above => Reason::Above,
                    Refusal::Below => Reason::Below,
                    Refusal::Own(text) => Reason::Own(Cow::Owned(text)),
                };
                let fault = Fault::of(FaultKind::ValueRefused, self.last, self.slot.param);
                let value_kind = self.slot.param.kinds().last().copied();
                self.faults.push(Fault { value_kind, reason: Some(reason), ..fault });
                return false;
            }
        }
        true
    }
}

impl Chain {
    /// The steps of the chain.
    pub(super) fn steps(self, steps: &[Step]) -> impl Iterator<Item = (u32, Step)> + '_ {
        let mut at = self.first;
        std::iter::from_fn(move || {
            let step = *steps.get(at as usize)?;
            let here = at;
            at = step.next;
            Some((here, step))
        })
    }
}
