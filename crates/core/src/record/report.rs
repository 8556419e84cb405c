//! Faults while they are told, and what is shown of them.

use std::ops::Range;

#[cfg(feature = "mend")]
use super::bench;
use super::faults::Faults;
use crate::wording::Speech;
#[cfg(feature = "mend")]
use std::ffi::OsString;

/// Faults while they are told, and what they are told with.
#[derive(Clone, Copy)]
pub(crate) struct Report<'t, 'd> {
    pub(crate) faults: &'t Faults<'d>,
    pub(crate) speech: Speech<'t>,
}

/// A line as it is shown, and the columns that faults are about, in the order of the line.
pub(crate) struct Echo {
    pub(crate) text: String,
    pub(crate) marks: Vec<Mark>,
}

/// Columns of a line, and which of the shown things to put right they are about.
#[derive(Clone)]
pub(crate) struct Mark {
    pub(crate) number: usize,
    pub(crate) columns: Range<usize>,
    /// What stands there was not typed.
    pub(crate) is_missing: bool,
}

/// What came of the search for a line that reads.
pub(crate) struct Repaired<'t> {
    /// The line, where it may be offered.
    pub(crate) offer: Option<Mended<'t>>,
    /// The places of the faults to be told. The others went away when these were mended: a word is
    /// only one too many because the option that it is the value of is misspelt.
    pub(crate) told: Vec<usize>,
}

/// A repaired line that reads.
pub(crate) struct Mended<'t> {
    /// The line as it is shown: quoted, with placeholders in the placeholders.
    pub(crate) shown: &'t str,
    /// Whether there are placeholders: then it is an outline, not a fix.
    pub(crate) has_placeholders: bool,
    /// Its words after the program's name.
    #[cfg(feature = "mend")]
    pub(crate) words: bench::Line<'t>,
}

/// A word of a line that a refused one may be repaired to: see [`Faults::fix`].
#[cfg(feature = "mend")]
#[derive(Debug, Clone, PartialEq, Eq)]
pub enum FixWord {
    /// To be typed as it is, without the quotes that a shell may need around it.
    Typed(OsString),
    /// With something else in place of the placeholder in it: `COUNT`, `--frames=COUNT`.
    Outline(String),
}
