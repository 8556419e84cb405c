//! The search for fixes at work: the words of a line, what is done to them, and the repairs of a fault.

use std::ffi::OsStr;

use super::fault::Fault;
use super::faults::Faults;
use super::step::Step;
use crate::wording::Speech;

/// A word of a line that is being repaired.
#[derive(Clone, Copy)]
pub(crate) struct Item<'t> {
    /// As it is read again: with an example in each placeholder.
    pub(crate) typed: &'t OsStr,
    /// As it is shown, where that is not just the typed word, quoted.
    pub(crate) shown: Option<&'t str>,
    /// Which word of the line as typed it was.
    pub(crate) from: Option<usize>,
}

/// A line that is being repaired.
pub(crate) type Line<'t> = Vec<Item<'t>>;

/// What is done to a line: the bytes from `start` to `end` of a word give way to something else.
#[derive(Clone, Copy)]
pub(crate) struct Edit<'t> {
    pub(crate) word: usize,
    pub(crate) start: usize,
    pub(crate) end: usize,
    pub(crate) with: Item<'t>,
    pub(crate) how: How,
}

/// How that stands then.
#[derive(Clone, Copy, PartialEq, Eq)]
pub(crate) enum How {
    /// As a word in front.
    Before,
    /// In the word.
    Within,
    /// In the word, of which it is the beginning: what was before it is a word of its own.
    Apart,
    /// Not at all: the word is left out.
    Gone,
}

/// The repairs of one fault in the making.
pub(crate) struct Bench<'f, 't, 'd> {
    pub(crate) faults: &'f Faults<'d>,
    pub(crate) fault: &'f Fault<'d>,
    pub(crate) line: &'f Line<'t>,
    pub(crate) pick: usize,
    pub(crate) speech: Speech<'t>,
    pub(crate) repairs: Vec<Repair<'t>>,
}

/// A line that may be right.
pub(crate) struct Repair<'t> {
    pub(crate) line: Line<'t>,
    pub(crate) cost: Cost,
    /// Whether a name is mended or moved, and no more.
    pub(crate) renames: bool,
    /// The faults that it mends, by their places in the list.
    pub(crate) mends: Vec<usize>,
}

/// How far a repair goes, compared in this order.
#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord)]
pub(crate) struct Cost {
    pub(crate) class: Class,
    /// Slips of the fingers; or words that are put in, or stand elsewhere.
    pub(crate) distance: usize,
}

/// What is done, from little to much.
#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord)]
pub(crate) enum Class {
    /// A word is spelt otherwise.
    Spelled,
    /// A value is attached to its name, or parted from it.
    Attached,
    /// Words become one.
    Quoted,
    /// Words stand elsewhere.
    Moved,
    /// Words are put in, and where a value is wrong something else for it.
    Inserted,
    /// A value goes that stands twice where it may once.
    Dropped,
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
