//! Words into typed values: each word once, after the last one is known.

use std::borrow::Cow;
use std::ffi::OsStr;

use crate::kind::from_word::FromWord;
#[cfg(feature = "serde")]
use crate::kind::shape::sides;
use crate::record::cell::Held;
use crate::record::fault::{Fault, FaultKind, Place};
use crate::record::kind::Wrong;
use crate::record::line::{Chain, Input, Line, Outer, Piece, Slot, Trail};
use crate::record::param::{Param, Role};
use crate::record::refusal::Reason;
use crate::record::step::{Meaning, Step};
use crate::record::word::Words;
use crate::text::part::part;
use crate::text::{Listed, Put};

impl<'d> Line<'d> {
    /// Converts the words of a slot, and says what is wrong with them; whether nothing is.
    #[inline(never)]
    pub(crate) fn converts(&mut self, slot: &mut Slot<'d>) -> bool {
        let mut wrong = Vec::new();
        let input = Input { steps: &self.steps, words: self.words, trail: &self.trail };
        value(slot, &self.steps, self.words, &self.trail, &mut wrong);
        let are_right = wrong.is_empty();
        if !are_right {
            faults(slot, input, wrong, &mut self.faults);
        }
        are_right
    }
}

/// Converts the words of a slot that was typed, or has words from elsewhere or a default; gives what
/// is wrong with them.
#[inline(always)]
pub(crate) fn value(
    slot: &mut Slot<'_>,
    steps: &[Step],
    words: Words<'_>,
    trail: &Trail<'_>,
    wrong: &mut Vec<Wrong>,
) {
    match slot.param.role() {
        Role::Flag => flag(slot, steps, words, trail, wrong),
        Role::Tally => slot.cell.set(slot.typed.count),
        _ if slot.typed.count > 0 && slot.param.is_plain() => {
            let (mut at, mut first) = (slot.typed.first, 0);
            while let Some(step) = steps.get(at as usize) {
                fill(slot, first, &[&typed(step, words)], wrong);
                (at, first) = (step.next, first + 1);
            }
        }
        _ if slot.typed.count == 0 && slot.outer.is_none() && slot.param.is_plain() => {
            let default = slot.param.default().unwrap_or_default();
            fill(slot, 0, &[default.as_ref()], wrong);
        }
        _ => units(slot, Input { steps, words, trail }, wrong),
    }
}

#[inline]
fn fill(slot: &mut Slot<'_>, first: usize, words: &[&OsStr], wrong: &mut Vec<Wrong>) {
    fill_cell(slot.param, &mut slot.cell, first, words, wrong);
}

#[inline]
fn fill_cell(
    param: &Param<'_>,
    cell: &mut Held,
    first: usize,
    words: &[&OsStr],
    wrong: &mut Vec<Wrong>,
) {
    param.fill(cell, (first, words, None), wrong);
}

/// What a flag's words say: the last one wins.
#[inline]
fn flag(
    slot: &mut Slot<'_>,
    steps: &[Step],
    words: Words<'_>,
    trail: &Trail<'_>,
    wrong: &mut Vec<Wrong>,
) {
    let last = slot.typed.last as usize;
    match steps.get(last) {
        Some(step) if step.meaning != Meaning::Value => {
            slot.cell.set(step.meaning == Meaning::Name);
        }
        _ => worded_flag(slot, Input { steps, words, trail }, wrong),
    }
}

/// A flag that no name of it says: something brings along what does.
#[cold]
fn worded_flag(slot: &mut Slot<'_>, input: Input<'_, '_>, wrong: &mut Vec<Wrong>) {
    if let Some(truth) = input.trail.brought(|command| command.truth()) {
        truth(slot, input, wrong);
    }
}

/// A flag with a truth word: attached to its name, or from elsewhere.
#[cold]
#[inline]
pub(crate) fn truth(slot: &mut Slot<'_>, input: Input<'_, '_>, wrong: &mut Vec<Wrong>) {
    let last = slot.typed.last as usize;
    let is_opposite = match &slot.outer {
        Some(outer) => outer.is_opposite,
        None => {
            last > 0 && input.steps.get(last - 1).is_some_and(|s| s.meaning == Meaning::Opposite)
        }
    };
    let mut truth = None;
    let pieces = pieces(slot, input);
    if let Some(outer) = slot.outer.as_ref().filter(|outer| outer.words.len() != 1) {
        let reason = Reason::Count(outer.words.len());
        wrong.push(Wrong { at: usize::MAX, more: 0, refused: false, reason });
    }
    for (at, piece) in pieces.iter().enumerate() {
        match bool::from_word(&piece.text) {
            Ok(word) => truth = Some(word != is_opposite),
            Err(misfit) => {
                wrong.push(Wrong { at, more: 0, refused: false, reason: misfit.into_reason() });
            }
        }
    }
    if let Some(truth) = truth {
        slot.cell.set(truth);
    }
}

impl<'w> Piece<'w> {
    pub(crate) fn new(text: impl Into<Cow<'w, OsStr>>, place: Place) -> Self {
        Piece { text: text.into(), place, equals: None }
    }

    /// The key and the value of an entry.
    #[cfg(feature = "serde")]
    pub(super) fn sides(&self) -> Option<(Cow<'_, OsStr>, Cow<'_, OsStr>)> {
        sides(&self.text, self.equals)
    }
}

/// The words of a slot's value, wherever they come from; those of a flag's names are none.
pub(crate) fn pieces<'w>(slot: &'w Slot<'_>, input: Input<'_, 'w>) -> Vec<Piece<'w>> {
    pieces_of(slot.param, slot.typed, slot.outer.as_deref(), input)
}

/// The same of those that count: where a parameter has one value, of the last one typed.
pub(crate) fn that_count<'w>(slot: &'w Slot<'_>, input: Input<'_, 'w>) -> Vec<Piece<'w>> {
    let mut pieces = pieces(slot, input);
    let each = slot.param.kinds().len().max(1);
    if !slot.param.is_list() && pieces.len() > each {
        pieces.drain(..pieces.len() - each);
    }
    // An option that is given bare at last has no value, whatever it had before.
    let last = input.steps.get(slot.typed.last as usize);
    if slot.param.is_attached() && last.is_some_and(|step| !step.is_of_value()) {
        pieces.clear();
    }
    pieces
}

fn pieces_of<'w>(
    param: &Param<'_>,
    chain: Chain,
    outer: Option<&'w Outer>,
    input: Input<'_, 'w>,
) -> Vec<Piece<'w>> {
    let mut pieces = Vec::new();
    let add = |pieces: &mut Vec<Piece<'w>>, word: &OsStr, place: &dyn Fn(usize, usize) -> Place| {
        match input.trail.brought(|command| command.brought().manners) {
            Some(manners) => {
                for (text, place) in (manners.parts)(param, word, place) {
                    pieces.put(Piece::new(text, place));
                }
            }
            None => pieces.put(Piece::new(word.to_owned(), place(0, word.len()))),
        }
    };
    for step in chain.steps(input.steps) {
        if param.delimiter().is_some() {
            let (word, offset) = (typed(&step, input.words), step.bytes().start);
            add(&mut pieces, &word, &|start, end| Place::At {
                word: step.word(),
                start: offset + start,
                end: offset + end,
            });
        } else if step.is_of_value() {
            pieces.put(Piece::new(typed(&step, input.words), step.place()));
        }
    }
    match (outer, param.default()) {
        _ if chain.count > 0 => {}
        (Some(outer), _) => {
            for word in &outer.words {
                let (place, equals) = (word.place, word.equals);
                pieces.push(Piece { text: Cow::Borrowed(&word.text), place, equals });
            }
        }
        (None, Some(default)) => {
            add(&mut pieces, default.as_ref(), &|_, _| Place::Nowhere);
        }
        (None, None) => {}
    }
    pieces
}

/// Values of several words each, several in a word, or perhaps left out.
#[cold]
fn units(slot: &mut Slot<'_>, input: Input<'_, '_>, wrong: &mut Vec<Wrong>) {
    let Slot { param, typed: chain, outer, cell } = slot;
    if param.is_attached() && chain.count > 0 {
        // Where it was given bare there is no piece that a fault could be about.
        let mut piece = 0;
        for step in chain.steps(input.steps) {
            let word = typed(&step, input.words);
            let words: &[&OsStr] = if step.is_of_value() { &[&word] } else { &[] };
            fill_cell(param, cell, piece, words, wrong);
            piece += words.len();
        }
        return;
    }
    let each = param.kinds().len().max(1);
    let pieces = pieces_of(param, *chain, outer.as_deref(), input);
    let all: Vec<&OsStr> = pieces.iter().map(|piece| &*piece.text).listed();
    for (unit, words) in all.chunks_exact(each).enumerate() {
        let (first, equals) = (unit * each, pieces[unit * each].equals);
        param.fill(cell, (first, words, equals), wrong);
    }
    let is_whole = if param.is_list() { all.len().is_multiple_of(each) } else { all.len() == each };
    if chain.count == 0 && !is_whole {
        let (at, reason) = (all.len().saturating_sub(1), Reason::Count(all.len()));
        wrong.push(Wrong { at, more: 0, refused: false, reason });
    }
}

/// The bytes of a step as a word. Most values are a whole word.
#[inline]
pub(crate) fn typed<'w>(step: &Step, words: Words<'w>) -> Cow<'w, OsStr> {
    let (word, bytes) = (words.word(step.word()), step.bytes());
    if bytes.start == 0 { Cow::Borrowed(word) } else { part(word, bytes.start, bytes.end) }
}

/// The faults of a slot whose words did not all convert.
#[cold]
pub(crate) fn faults<'d>(
    slot: &Slot<'d>,
    input: Input<'_, '_>,
    wrong: Vec<Wrong>,
    faults: &mut Vec<Fault<'d>>,
) {
    let (param, pieces) = (slot.param, pieces(slot, input));
    let nowhere = slot.outer.as_ref().map_or(Place::Nowhere, |outer| outer.place);
    for Wrong { at, more, refused, reason } in wrong {
        let kind = match reason {
            Reason::NotText => FaultKind::ValueNotText,
            _ if refused => FaultKind::ValueRefused,
            _ => FaultKind::ValueMisfit,
        };
        let piece = pieces.get(at);
        let place = piece.map_or(nowhere, |piece| piece.place);
        let (which, more) = ((at % param.kinds().len().max(1)) as u32, more as u32);
        faults.put(Fault { which, reason: Some(reason), more, ..Fault::of(kind, place, param) });
    }
}

impl Chain {
    /// The steps of the chain.
    pub(crate) fn steps(self, steps: &[Step]) -> impl Iterator<Item = Step> + '_ {
        let step = |at: u32| steps.get(at as usize).copied();
        std::iter::successors(step(self.first), move |last| step(last.next))
    }
}
