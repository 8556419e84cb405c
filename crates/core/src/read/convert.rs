//! Words into typed values: each word once, after the last one is known.

use std::borrow::Cow;
use std::ffi::OsStr;

use super::fault::{Fault, FaultKind, Place};
use super::reader::{Chain, Slot};
use super::step::Step;
use super::word::{Words, part};
use crate::declare::{Feed, Param, Reason, Role, Wrong};

/// Converts the words of a slot that was typed or has a default; gives what is wrong with them.
#[inline]
pub(super) fn value(
    slot: &mut Slot<'_>,
    steps: &[Step],
    words: &dyn Words,
    wrong: &mut Vec<Wrong>,
) {
    match slot.param.role {
        Role::Flag => slot.cell.set(slot.is_on(steps)),
        Role::Tally => slot.cell.set(slot.typed.count),
        Role::Option | Role::Operand if slot.typed.count == 0 => default(slot, wrong),
        Role::Option | Role::Operand if slot.param.kinds().len() == 1 => {
            let (mut at, mut first) = (slot.typed.first, 0);
            while let Some(step) = steps.get(at as usize) {
                fill(slot, first, &[&typed(step, words)], wrong);
                (at, first) = (step.next, first + 1);
            }
        }
        Role::Option | Role::Operand => units(slot, steps, words, wrong),
    }
}

#[inline]
fn fill(slot: &mut Slot<'_>, first: usize, words: &[&OsStr], wrong: &mut Vec<Wrong>) {
    let Param { form, tests, .. } = slot.param;
    (form.fill)(&mut slot.cell, &mut Feed { first, words, tests, wrong });
}

/// Occurrences of several words each.
fn units(slot: &mut Slot<'_>, steps: &[Step], words: &dyn Words, wrong: &mut Vec<Wrong>) {
    let each = slot.param.kinds().len().max(1);
    let steps: Vec<Step> = slot.typed.steps(steps).collect();
    for (unit, steps) in steps.chunks_exact(each).enumerate() {
        let typed: Vec<Cow<'_, OsStr>> = steps.iter().map(|step| typed(step, words)).collect();
        let typed: Vec<&OsStr> = typed.iter().map(|word| &**word).collect();
        fill(slot, unit * each, &typed, wrong);
    }
}

/// A default of several words has them apart by spaces.
fn default(slot: &mut Slot<'_>, wrong: &mut Vec<Wrong>) {
    let Some(default) = slot.param.default else { return };
    if slot.param.kinds().len() == 1 {
        return fill(slot, 0, &[default.as_ref()], wrong);
    }
    let words: Vec<&OsStr> = default.split(' ').map(OsStr::new).collect();
    fill(slot, 0, &words, wrong);
}

/// The bytes of a step as a word. Most values are a whole word.
#[inline]
fn typed<'w>(step: &Step, words: &'w dyn Words) -> Cow<'w, OsStr> {
    let (word, bytes) = (words.word(step.word()), step.bytes());
    if bytes.start == 0 { Cow::Borrowed(word) } else { part(word, bytes.start, bytes.end) }
}

/// The faults of a slot whose words did not all convert.
#[cold]
pub(super) fn faults<'d>(
    slot: &Slot<'d>,
    steps: &[Step],
    wrong: Vec<Wrong>,
    faults: &mut Vec<Fault<'d>>,
) {
    let (param, mut steps, mut next) = (slot.param, slot.typed.steps(steps), 0);
    for Wrong { at, more, refused, reason } in wrong {
        // The words stand in the order of the steps, so one walk finds them all.
        let step = steps.nth(at - next.min(at));
        next = at + 1;
        let kind = match reason {
            Reason::NotText => FaultKind::ValueNotText,
            _ if refused => FaultKind::ValueRefused,
            _ => FaultKind::ValueMisfit,
        };
        let place = step.map_or(Place::Nowhere, |step| step.place());
        let which = at % param.kinds().len().max(1);
        faults.push(Fault { which, reason: Some(reason), more, ..Fault::of(kind, place, param) });
    }
}

impl Chain {
    /// The steps of the chain.
    pub(super) fn steps(self, steps: &[Step]) -> impl Iterator<Item = Step> + '_ {
        let step = |at: u32| steps.get(at as usize).copied();
        std::iter::successors(step(self.first), move |last| step(last.next))
    }
}
