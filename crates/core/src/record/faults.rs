//! All that is wrong with a line, with the line itself, and what of it may be secret.

use std::borrow::Cow;
use std::ffi::OsStr;

use super::fault::{Fault, FaultKind};
use super::line::Trace;
use super::reading::CommandPath;
use super::word::Words;
use super::world::{Around, Settings};
use crate::text::DOTS;
use crate::text::part::part;
use crate::wording::Wording;

/// Everything that is wrong with a command line, with the line itself. Printed for debugging (`{:?}`)
/// it is what a user would read.
#[doc(alias("errors", "usage error"))]
#[derive(Clone)]
pub struct Faults<'d> {
    pub(crate) path: CommandPath<'d>,
    pub(crate) words: Words<'d>,
    pub(crate) list: Vec<Fault<'d>>,
    pub(crate) around: Around<'d>,
    /// What was understood all the same.
    pub(crate) trace: Trace<'d>,
    /// What may be secret.
    pub(crate) dark: Dark,
}

/// The words of a line that are dark, and from which byte on; in the order of the line.
#[derive(Debug, Clone, Default)]
pub(crate) struct Dark(pub(crate) Vec<(usize, usize)>);

impl<'d> Faults<'d> {
    /// The words of the line.
    pub const fn words(&self) -> Words<'d> {
        self.words
    }

    pub(crate) fn list(&self) -> &[Fault<'d>] {
        &self.list
    }

    /// What was understood.
    pub(crate) const fn trace(&self) -> &Trace<'d> {
        &self.trace
    }

    pub(crate) const fn around(&self) -> &Around<'d> {
        &self.around
    }

    /// The config file, if one was read.
    pub(crate) fn settings(&self) -> Option<&Settings> {
        self.around.settings().map(|settings| &**settings)
    }

    /// What may be secret.
    pub(crate) const fn dark(&self) -> &Dark {
        &self.dark
    }

    /// The fault at a place of the list, which there is.
    #[inline(never)]
    pub(crate) fn at(&self, place: usize) -> &Fault<'d> {
        &self.list[place]
    }

    /// The faults, in the order of their places in the line.
    pub fn iter(&self) -> std::slice::Iter<'_, Fault<'d>> {
        self.list.iter()
    }

    /// The phrases of the program.
    #[inline(never)]
    pub(crate) fn wording(&self) -> &Wording<'_> {
        self.path.root().phrases()
    }

    /// The command that the line reached.
    pub const fn path(&self) -> &CommandPath<'d> {
        &self.path
    }

    /// Whether the program itself is wrong: then that is told, and nothing of the line.
    pub fn are_mistakes(&self) -> bool {
        self.list.iter().any(Fault::is_mistake)
    }

    /// Whether all that is wrong is that a subcommand is wanted and none is given: then a short
    /// page says more than a fault.
    pub fn is_command_missing(&self) -> bool {
        matches!(&self.list[..], [fault] if fault.kind == FaultKind::CommandMissing)
    }
}

impl<'a, 'd> IntoIterator for &'a Faults<'d> {
    type Item = &'a Fault<'d>;
    type IntoIter = std::slice::Iter<'a, Fault<'d>>;

    fn into_iter(self) -> Self::IntoIter {
        self.iter()
    }
}

impl Dark {
    pub(crate) fn is_empty(&self) -> bool {
        self.0.is_empty()
    }

    /// The first byte of a word that is dark.
    #[inline(never)]
    pub(crate) fn start(&self, word: usize) -> Option<usize> {
        let at = self.0.binary_search_by_key(&word, |dark| dark.0).ok()?;
        Some(self.0[at].1)
    }

    /// Bytes of a word with dots for what is dark among them.
    pub(crate) fn shown<'w>(
        &self,
        words: Words<'w>,
        word: usize,
        start: usize,
        end: usize,
    ) -> Cow<'w, OsStr> {
        let whole = words.word(word);
        match self.start(word) {
            Some(dark) if dark < end => {
                let mut shown = part(whole, start.min(dark), dark).into_owned();
                shown.push(DOTS);
                shown.into()
            }
            _ => part(whole, start, end),
        }
    }

    /// Where a byte of a word stands once dots are in it.
    pub(crate) fn moved(&self, word: usize, byte: usize) -> usize {
        match self.start(word) {
            Some(dark) if byte > dark => dark + DOTS.len(),
            _ => byte,
        }
    }
}
