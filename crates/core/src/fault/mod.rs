//! Stage 5, faults: what is wrong with a line, mended where that can be proved, and drawn.
//!
//! In come the facts of [`Faults`](crate::Faults), found by the reader; out goes the text for
//! standard error.
//!
//! * `say.rs`: a sentence for each fault; `refuse.rs`: what would be right instead of a refused value, and
//!   what is amiss with this one.
//! * `unread.rs`, `unlisted.rs`: the same for a file, and for a value of a closed list, whose faults point there.
//! * `known.rs`, `owners.rs`: what is known where a name is not, and which commands know the name.
//! * `mistake.rs`: what is wrong with the program, and not with the line.
//! * `told.rs`: which faults are told, and which of them in one sentence.
//! * `mend/`: the line repaired, and read again before it is offered; `unmended.rs`: the same where a program
//!   leaves that out.
//! * `echo.rs`: the line as typed, and where each byte of it is shown; `outside.rs`: that of a variable, or of the
//!   config file, and what is said of it.
//! * `draw.rs`: head, line with carets, sentences, foot; `file.rs`: the same of a text that is no command line.

#[cfg(feature = "mend")]
use std::ffi::OsString;
use std::ops::{Deref, Range};

use crate::read::Faults;
use crate::wording::Speech;

mod draw;
mod echo;
mod file;
mod keys;
mod known;
#[cfg(feature = "mend")]
mod mend;
mod mistake;
mod outside;
mod owners;
mod refuse;
mod say;
mod told;
mod unlisted;
#[cfg(not(feature = "mend"))]
mod unmended;
mod unread;

pub use file::{Blot, draw_blots, nearest};
pub(crate) use keys::KEYED;
#[cfg(feature = "mend")]
pub(crate) use mend::Mend;
pub(crate) use outside::{SOURCES, malformed, setting_unknown};
pub use say::Frame;
pub(crate) use say::framed;
pub(crate) use unlisted::unlisted;
#[cfg(not(feature = "mend"))]
pub(crate) use unmended::Mend;
pub(crate) use unread::unread;

/// Faults while they are told, and what they are told with.
#[derive(Clone, Copy)]
pub(crate) struct Report<'t, 'd> {
    faults: &'t Faults<'d>,
    pub(crate) speech: Speech<'t>,
}

impl<'d> Deref for Report<'_, 'd> {
    type Target = Faults<'d>;

    fn deref(&self) -> &Faults<'d> {
        self.faults
    }
}

/// A line as it is shown, and the columns that faults are about, in the order of the line.
pub(crate) struct Echo {
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
struct Repaired<'t> {
    /// The line, where it may be offered.
    offer: Option<Mended<'t>>,
    /// The places of the faults to be told. The others went away when these were mended: a word is
    /// only one too many because the option that it is the value of is misspelt.
    told: Vec<usize>,
}

/// A repaired line that reads.
struct Mended<'t> {
    /// The line as it is shown: quoted, with placeholders in the placeholders.
    shown: &'t str,
    /// Whether there are placeholders: then it is an outline, not a fix.
    has_placeholders: bool,
    /// Its words after the program's name.
    #[cfg(feature = "mend")]
    words: mend::Line<'t>,
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
