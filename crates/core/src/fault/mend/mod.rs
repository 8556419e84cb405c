//! The search for fixes: the line repaired, and read again before it is offered.
//!
//! In come [`Faults`]; out goes a line that reads, and which faults went away with others. A program may leave it
//! out (feature `mend`): then faults are told without a line.
//!
//! * `fix.rs`: one fault after the other, and what is chosen.
//! * `edit.rs`: the words of a line, and what is done to them.
//! * `repair.rs`, `names.rs`, `surplus.rs`, `form.rs`, `keys.rs`: what may help against each kind of fault.
//! * `keep.rs`: what must stay as it is.

use std::ffi::OsStr;
use std::fmt;

use super::Report;
use crate::read::{Fault, Step};
use crate::wording::Speech;

mod edit;
mod fix;
mod form;
mod keep;
mod keys;
mod names;
mod repair;
mod surplus;

/// A word of a line that is being repaired.
#[derive(Clone, Copy)]
pub(super) struct Item<'t> {
    /// As it is read again: with an example in each placeholder.
    typed: &'t OsStr,
    /// As it is shown, where that is not just the typed word, quoted.
    shown: Option<&'t str>,
    /// Which word of the line as typed it was.
    from: Option<usize>,
}

/// A line that is being repaired.
pub(super) type Line<'t> = Vec<Item<'t>>;

/// What is done to a line: the bytes from `start` to `end` of a word give way to something else.
#[derive(Clone, Copy)]
struct Edit<'t> {
    word: usize,
    start: usize,
    end: usize,
    with: Item<'t>,
    how: How,
}

/// How that stands then.
#[derive(Clone, Copy, PartialEq, Eq)]
enum How {
    /// As a word in front.
    Before,
    /// In the word.
    Within,
    /// In the word, of which it is the beginning: what was before it is a word of its own.
    Apart,
    /// Not at all: the word is left out.
    Gone,
}

/// What may help against a fault that only some programs can have: a fault brings it along, or the form of a value.
#[derive(Clone, Copy)]
pub(crate) struct Mend(for<'f, 't, 'd> fn(&mut Bench<'f, 't, 'd>));

impl Mend {
    /// Against a value that stands twice.
    pub(crate) const TWICE: Self = Mend(|bench| bench.drop_value());
    /// Against several words that are attached to their name.
    pub(crate) const SEVERAL: Self = Mend(|bench| bench.several());
    /// Against a value that is not attached to its name.
    pub(crate) const BARE: Self = Mend(|bench| bench.bare());
    /// Against a rule that asks for more.
    pub(crate) const LACKING: Self = Mend(|bench| bench.rule_broken());
    /// Against an entry whose key is none of a closed list, or the value none that its key takes.
    pub(crate) const KEYED: Self = Mend(|bench| bench.near_entry());
}

/// Where it stands differs from run to run.
impl fmt::Debug for Mend {
    fn fmt(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {
        f.write_str("Mend")
    }
}

/// The repairs of one fault in the making.
pub(crate) struct Bench<'f, 't, 'd> {
    faults: Report<'f, 'd>,
    fault: &'f Fault<'d>,
    line: &'f Line<'t>,
    pick: usize,
    speech: Speech<'t>,
    repairs: Vec<Repair<'t>>,
}

/// A line that may be right.
struct Repair<'t> {
    line: Line<'t>,
    cost: Cost,
    /// Whether a name is mended or moved, and no more.
    renames: bool,
    /// The faults that it mends, by their places in the list.
    mends: Vec<usize>,
}

/// How far a repair goes, compared in this order.
#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord)]
struct Cost {
    class: Class,
    /// Slips of the fingers; or words that are put in, or stand elsewhere.
    distance: usize,
}

/// What is done, from little to much.
#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord)]
enum Class {
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
struct Use {
    step: Step,
    /// The slot's parameter by its address; 0 where there is none.
    param: usize,
    /// Which of the parameter's words it is, counted from 0; of names always 0.
    index: usize,
    /// Which of the line's operands it is.
    operand: usize,
}
