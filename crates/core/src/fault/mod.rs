//! Stage 3, faults: what is wrong with a line, mended where that can be proved, and drawn.
//!
//! In come the facts of [`Faults`](crate::Faults), found by the reader; out goes the text for
//! standard error.
//!
//! * `say.rs`: a sentence for each fault; `refuse.rs`: what would be right instead of a refused value, and
//!   what is amiss with this one.
//! * `known.rs`, `owners.rs`: what is known where a name is not, and which commands know the name.
//! * `mistake.rs`: what is wrong with the program, and not with the line.
//! * `told.rs`: which faults are told, and which of them in one sentence.
//! * `fix.rs`: the line repaired, and read again before it is offered; `edit.rs`: its words and what is
//!   done to them; `repair.rs`, `names.rs`, `surplus.rs`: what may help; `keep.rs`: what must stay as it is.
//! * `echo.rs`: the line as typed, and where each byte of it is shown.
//! * `draw.rs`: head, line with carets, sentences, foot.

use std::ffi::OsString;
use std::ops::Range;

use crate::read::{Fault, Faults, Step};

mod draw;
mod echo;
mod edit;
mod fix;
mod keep;
mod known;
mod mistake;
mod names;
mod owners;
mod refuse;
mod repair;
mod say;
mod surplus;
mod told;

/// A line as it is shown, and the columns that faults are about, in the order of the line.
struct Echo {
    text: String,
    marks: Vec<Mark>,
}

/// Columns of a line, and which of the shown things to put right they are about.
#[derive(Clone)]
struct Mark {
    number: usize,
    columns: Range<usize>,
    /// What stands there was not typed.
    is_missing: bool,
}

/// What came of the search for a line that reads.
struct Repaired {
    /// The line, where it may be offered.
    offer: Option<Mended>,
    /// The places of the faults to be told. The others went away when these were mended: a word is
    /// only one too many because the option that it is the value of is misspelt.
    told: Vec<usize>,
}

/// A repaired line that reads.
struct Mended {
    /// The line as it is shown: quoted, with placeholders in the placeholders.
    shown: String,
    /// Whether there are placeholders: then it is an outline, not a fix.
    has_placeholders: bool,
}

/// A word of a line that is being repaired.
#[derive(Clone, Default)]
struct Item {
    /// As it is read again: with an example in each placeholder.
    typed: OsString,
    /// As it is shown, where that is not just the typed word, quoted.
    shown: Option<String>,
    /// Which word of the line as typed it was.
    from: Option<usize>,
}

/// A line that is being repaired.
type Line = Vec<Item>;

/// What is done to a line.
enum Edit {
    /// The bytes from `start` to `end` of a word give way to something else; `apart`, which then
    /// begins a word of its own.
    Replace { word: usize, start: usize, end: usize, with: Item, apart: bool },
    /// Words are put in front of a word.
    Insert { word: usize, words: Line },
    /// A word is left out.
    Drop { word: usize },
}

/// The repairs of one fault in the making.
struct Bench<'f, 'd> {
    faults: &'f Faults<'d>,
    fault: &'f Fault<'d>,
    line: &'f Line,
    pick: usize,
    repairs: Vec<Repair>,
}

/// A line that may be right.
struct Repair {
    line: Line,
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
    /// Slips of the fingers; or words that are put in.
    distance: usize,
    /// Words that stand elsewhere.
    moved: usize,
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
