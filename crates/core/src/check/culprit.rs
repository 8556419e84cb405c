//! What a problem is about, for whoever shows where that was declared.

use super::problem::{Problem, Shared};

/// A text of the declaration that a problem is about, and the setters beside it that say what is wrong, the likeliest
/// first. The text is the declaration's own, to be found by its address.
#[doc(hidden)]
#[derive(Debug, Clone, Copy)]
pub struct Culprit<'d> {
    pub text: &'d str,
    pub setters: &'static [&'static str],
}

const NONE: &[&str] = &[];

impl<'d> Problem<'d> {
    /// What it is about.
    #[inline]
    pub(crate) const fn culprit(&self) -> Culprit<'d> {
        let (text, setters): (&'d str, &'static [&'static str]) = match *self {
            Problem::Name { name, .. } | Problem::Long { name, .. } => (name, NONE),
            Problem::Commands { name, .. } => (name, NONE),
            Problem::Usual { name, shared: Shared::Long(_), .. } => (name, NONE),
            Problem::Usual { name, .. } => (name, &["letter"]),
            Problem::Letter { name, .. } | Problem::Lettered { name } => {
                (name, &["letter", "opposite_letter"])
            }
            Problem::Letters { second, .. } => (second, &["letter", "opposite_letter", "aliases"]),
            Problem::Default { name, .. } => (name, &["default"]),
            Problem::Operands { name, .. } => (name, NONE),
            Problem::Unbounded { second, .. } => (second, &["times", "many"]),
            Problem::NeededLate { needed, .. } => (needed, NONE),
            Problem::Beside { operand, .. } => (operand, NONE),
            Problem::Raw { operand, .. } => (operand, &["tail"]),
            Problem::Rule { command, .. } | Problem::Lonely { command, .. } => (command, &["rule"]),
            Problem::DefaultCommand { command, .. } => (command, &["default_command"]),
            Problem::Unrouted { command, .. } | Problem::Awaited { command } => (command, NONE),
            Problem::Childless { command } => (command, NONE),
            Problem::Times { name } => (name, &["times"]),
            Problem::Bounds { name } => (name, &["valid"]),
            Problem::Offers { name, .. } => (name, &["type", "offers"]),
            Problem::Wordless { name, .. } => (name, &["type"]),
            Problem::Placeholder { name, .. } => (name, &["placeholder"]),
            Problem::NeededAlone { name } | Problem::NotAlone { name, .. } => (name, NONE),
            Problem::Phrase { text, .. } => (text, NONE),
            Problem::Bundle { heading, .. } => (heading, NONE),
            Problem::Twice { name, .. }
            | Problem::Clash { name, .. }
            | Problem::Needs { name, .. }
            | Problem::Misplaced { name, .. }
            | Problem::OfRoot { name, .. } => (name, NONE),
        };
        Culprit { text, setters }
    }

    /// The setters that it names.
    #[inline]
    pub(crate) fn setters(&self) -> Vec<&'static str> {
        match self {
            Problem::Twice { setter, .. }
            | Problem::Misplaced { setter, .. }
            | Problem::Needs { setter, .. }
            | Problem::OfRoot { setter, .. } => vec![setter],
            Problem::Clash { setters, .. } => setters.iter().rev().copied().collect(),
            problem => problem.culprit().setters.to_vec(),
        }
    }
}
