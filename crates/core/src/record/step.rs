//! The record of what was understood: a meaning for each byte range of each word.

use std::ops::Range;

use super::fault::Place;

/// A byte range of a word, and what it means.
///
/// Steps stand in the order typed; they never overlap. 24 bytes each: a million words are read
/// with a record of 24 MB.
#[doc(alias("token"))]
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub struct Step {
    pub(crate) word: u32,
    pub(crate) start: u32,
    pub(crate) end: u32,
    /// The slot of the parameter, or [`NONE`].
    pub(crate) slot: u32,
    /// The next step with a word for the same parameter, or [`NONE`].
    pub(crate) next: u32,
    pub(crate) meaning: Meaning,
}

/// No slot, or no next step.
pub(crate) const NONE: u32 = u32::MAX;

/// What a byte range of a word means.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
#[non_exhaustive]
pub enum Meaning {
    /// The name of a subcommand.
    Command,
    /// The name of an option, flag or tally, dashes included.
    Name,
    /// The opposite name of a flag, dashes included.
    Opposite,
    /// The name of a secret's option that takes a file, dashes included.
    File,
    /// A value of the option before it.
    Value,
    /// The value of an operand.
    Operand,
    /// The `--` that ends the options.
    Terminator,
    /// A value attached to something that takes none.
    Unwanted,
    /// Something that has no meaning here; a fault says so.
    Unknown,
    /// Not looked at, because an unknown command stands before it.
    Unread,
}

impl Step {
    /// Which word, counted from 0.
    pub const fn word(&self) -> usize {
        self.word as usize
    }

    /// Which of its bytes.
    pub const fn bytes(&self) -> Range<usize> {
        self.start as usize..self.end as usize
    }

    /// The slot of the parameter; no parameter has a number as high as where there is none.
    pub(crate) const fn slot(&self) -> usize {
        self.slot as usize
    }

    /// Whether these are bytes of a value, and not a name.
    pub(crate) fn is_of_value(&self) -> bool {
        matches!(self.meaning, Meaning::Value | Meaning::Operand)
    }

    pub(crate) const fn place(&self) -> Place {
        Place::At { word: self.word as usize, start: self.start as usize, end: self.end as usize }
    }

    /// What they mean.
    pub const fn meaning(&self) -> Meaning {
        self.meaning
    }
}
