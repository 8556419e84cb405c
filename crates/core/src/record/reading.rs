//! What a line turned out to be, and the path to the command that it calls.

use super::command::Command;
use super::faults::Faults;
use super::line::{Slot, Trail, Warned};
use super::param::Param;
use super::step::Step;
use super::word::Words;
use super::world::Around;
use crate::text::paint::Look;

/// What a command line turned out to be.
#[doc(alias("parse result"))]
#[non_exhaustive]
pub enum Outcome<'d> {
    /// A command with its values.
    Reading(Reading<'d>),
    /// A request for something instead of the command's work: its page, the version, a completion script.
    Request(Request<'d>),
    /// Something is wrong.
    Faults(Faults<'d>),
}

/// How much of a page is shown.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub enum PageLength {
    /// Summary, synopsis and the first entries.
    Short,
    /// The full page, as `--help` shows it.
    Full,
}

/// The commands from the root to the one that a line reached: `apiary hive add`.
#[derive(Debug, Clone)]
pub struct CommandPath<'d>(pub(crate) Vec<&'d Command<'d>>);

impl<'d> CommandPath<'d> {
    pub(crate) fn with(mut self, next: &'d Command<'d>) -> Self {
        self.0.push(next);
        self
    }

    /// The commands, from the root on.
    pub fn commands(&self) -> &[&'d Command<'d>] {
        &self.0
    }

    /// The path to a command below the one that this leads to.
    #[must_use]
    pub fn below(&self, next: &'d Command<'d>) -> Self {
        self.clone().with(next)
    }

    /// The root: the program itself.
    #[inline(never)]
    pub fn root(&self) -> &'d Command<'d> {
        self.0[0]
    }

    /// The command itself.
    #[inline(never)]
    pub fn leaf(&self) -> &'d Command<'d> {
        self.0[self.0.len() - 1]
    }
}

/// The values of a command line, asked for by their typed keys.
///
/// Printed for debugging (`{:?}`) it is a table: the name, the value as typed and where it came from.
/// With the feature `serde` it serialises.
#[doc(alias("parsed arguments"))]
pub struct Reading<'d> {
    pub(crate) trail: Trail<'d>,
    pub(crate) slots: Vec<Slot<'d>>,
    pub(crate) steps: Vec<Step>,
    pub(crate) words: Words<'d>,
    pub(crate) warned: Vec<Warned<'d>>,
    pub(crate) around: Around<'d>,
}

/// A request for what is given instead of a command's work: by a parameter that
/// [stands alone](crate::Flag::stands_alone), or by a command whose work is the library's, such as
/// [`HELP_COMMAND`](crate::HELP_COMMAND).
pub struct Request<'d> {
    /// Boxed, so that what most lines turn out to be is moved about as it is.
    pub(crate) reading: Box<Reading<'d>>,
    pub(crate) param: Option<&'d Param<'d>>,
    pub(crate) by_letter: bool,
    pub(crate) look: Look,
}
