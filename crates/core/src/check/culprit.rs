//! What a problem is about, for whoever shows where that was declared.

use std::fmt;

use super::problem::{Finding, ProblemKind, Shared};

/// A text of the declaration that a problem is about, and the setters beside it that say what is wrong, the likeliest
/// first. The text is the declaration's own, to be found by its address.
#[derive(Debug, Clone, Copy)]
pub struct Culprit<'d> {
    /// The text, of the declaration itself.
    pub text: &'d str,
    /// The setters beside it, the likeliest first.
    pub setters: &'static [&'static str],
}

const NONE: &[&str] = &[];

/// What is wrong with a declaration. Its text names the culprits: for a clash, both.
///
/// ```
/// # use clavret_core as clavret;
/// use clavret::faults::ProblemKind;
/// use clavret::{Command, Named};
/// let (hive, again): (Named<u8>, Named<u8>) = (Named::draft("hive"), Named::draft("hive"));
/// let params = [hive.param(), again.param()];
/// let problems = Command::draft("inspect").takes(&params).problems();
/// assert_eq!((problems[0].kind(), problems[0].places()), (ProblemKind::Long, vec!["hive", "hive"]));
/// ```
#[doc(alias("declaration error"))]
#[derive(Debug, Clone, Copy)]
pub struct Problem<'d>(pub(super) Finding<'d>);

impl<'d> Problem<'d> {
    /// What is wrong, without what it is about.
    #[inline]
    pub const fn kind(&self) -> ProblemKind {
        self.0.kind()
    }

    /// The texts of the declaration that it is about, such as two names that clash: those of the declaration itself, so that
    /// whoever knows where each was written finds the place by its address.
    #[inline]
    pub fn places(&self) -> Vec<&'d str> {
        match self.0 {
            Finding::Long { first, second, .. }
            | Finding::Letters { first, second, .. }
            | Finding::Unbounded { first, second, .. }
            | Finding::Commands { first, second, .. } => vec![first, second],
            Finding::NeededLate { optional, needed, .. } => vec![optional, needed],
            Finding::Beside { operand, subcommand, .. } => vec![operand, subcommand],
            Finding::Rule { param, command } => vec![param, command],
            Finding::DefaultCommand { subcommand, command } => vec![subcommand, command],
            finding => vec![finding.culprit().text],
        }
    }

    /// What is wrong, in a sentence that says what would be right.
    #[inline]
    pub fn message(&self) -> String {
        self.to_string()
    }

    /// What it was found as.
    #[inline]
    pub(crate) const fn finding(&self) -> &Finding<'d> {
        &self.0
    }
}

impl fmt::Display for Problem<'_> {
    #[inline]
    fn fmt(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {
        self.0.fmt(f)
    }
}

impl<'d> Finding<'d> {
    /// What it is about.
    #[inline]
    pub(crate) const fn culprit(&self) -> Culprit<'d> {
        let (text, setters): (&'d str, &'static [&'static str]) = match *self {
            Finding::Name { name, .. } | Finding::Long { name, .. } => (name, NONE),
            Finding::Commands { name, .. } => (name, NONE),
            Finding::Usual { name, shared: Shared::Long(_), .. } => (name, NONE),
            Finding::Usual { name, .. } => (name, &["letter"]),
            Finding::Letter { name, .. } | Finding::Lettered { name } => {
                (name, &["letter", "opposite_letter"])
            }
            Finding::Letters { second, .. } => (second, &["letter", "opposite_letter", "aliases"]),
            Finding::Default { name, .. } => (name, &["default"]),
            Finding::Operands { name, .. } => (name, NONE),
            Finding::Unbounded { second, .. } => (second, &["times", "many"]),
            Finding::NeededLate { needed, .. } => (needed, NONE),
            Finding::Beside { operand, .. } => (operand, NONE),
            Finding::Raw { operand, .. } => (operand, &["tail"]),
            Finding::Rule { command, .. } | Finding::Lonely { command, .. } => (command, &["rule"]),
            Finding::DefaultCommand { command, .. } => (command, &["default_command"]),
            Finding::Unrouted { command, .. } => (command, NONE),
            Finding::Childless { command } => (command, NONE),
            Finding::Times { name } => (name, &["times"]),
            Finding::Bounds { name } => (name, &["valid"]),
            Finding::Offers { name, .. } => (name, &["type", "offers"]),
            Finding::Wordless { name, .. } => (name, &["type"]),
            Finding::Placeholder { name, .. } => (name, &["placeholder"]),
            Finding::NeededAlone { name } | Finding::NotAlone { name, .. } => (name, NONE),
            Finding::Phrase { text, .. } => (text, NONE),
            Finding::Bundle { heading, .. } => (heading, NONE),
            Finding::Twice { name, .. }
            | Finding::Clash { name, .. }
            | Finding::Needs { name, .. }
            | Finding::Misplaced { name, .. }
            | Finding::OfRoot { name, .. } => (name, NONE),
        };
        Culprit { text, setters }
    }

    /// The setters that it names.
    #[inline]
    pub(crate) fn setters(&self) -> Vec<&'static str> {
        match self {
            Finding::Twice { setter, .. }
            | Finding::Misplaced { setter, .. }
            | Finding::Needs { setter, .. }
            | Finding::OfRoot { setter, .. } => vec![setter],
            Finding::Clash { setters, .. } => setters.iter().rev().copied().collect(),
            problem => problem.culprit().setters.to_vec(),
        }
    }
}
