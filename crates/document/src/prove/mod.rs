//! Proving: what a declaration promises and does not keep.
//!
//! In comes a declaration; out goes a list of [`Flaw`]s, each with the command it is in: what the
//! compiler cannot see, as it takes a reading, or a page.
//!
//! * `values.rs`: defaults and examples are read.
//! * `texts.rs`: help is there, ends alike, fits the page; placeholders and names mislead nobody.
//! * `line.rs`: an example in words, as a shell would part it.

mod line;
mod texts;
mod values;

use std::fmt;

use clavret_core::Command;
use clavret_core::ask::CommandPath;
use clavret_core::faults::Problem;
use clavret_core::inner;

/// Something about a declaration that its users would stumble over; see [`flaws`].
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct Flaw {
    /// The names from the root to the command.
    pub command: String,
    /// What is wrong, in a few words.
    pub what: String,
}

impl fmt::Display for Flaw {
    fn fmt(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {
        write!(f, "{}: {}", self.command, self.what)
    }
}

/// What the declaration from here on promises and does not keep: defaults and examples that do not
/// read, help that is missing or ends unlike the rest, pages that are wider than 80 columns, names
/// and placeholders that mislead; scripts for completion that ask a program which does not answer; and, of a tree made at run time, its
/// [`problems`](Command::problems). What is hidden needs no help.
///
/// ```
/// # mod clavret { pub use clavret_core::*; pub use clavret_document::{self as faults, *}; }
/// use clavret::{Command, Named};
/// use clavret::faults::flaws;
/// static FRAMES: Named<f32> = Named::new("frames").default("many").help("frames seen");
/// static INSPECT: Command = Command::new("inspect").takes(&[FRAMES.param()]);
/// let told: Vec<String> = flaws(&INSPECT).iter().map(ToString::to_string).collect();
/// assert_eq!(told, [
///     "inspect: it has no summary",
///     "inspect: the default of --frames, many, is wrong: --frames takes a number, such as 1.5; 'many' is not one",
/// ]);
/// ```
pub fn flaws<'d>(root: &'d Command<'d>) -> Vec<Flaw> {
    let flaw = |what: String| Flaw { command: root.ask().program_name().to_owned(), what };
    let told = |problems: Vec<Problem<'_>>| {
        problems.iter().map(|problem| flaw(problem.to_string())).collect::<Vec<Flaw>>()
    };
    let problems = told(root.problems());
    // What clashes cannot be read with.
    if !problems.is_empty() {
        return problems;
    }
    let mut flaws = told(root.root_problems());
    if inner::is_asked_in_vain(root) {
        flaws.push(flaw(
            "it lists scripts of shells that ask it, and does not say `answers`".to_owned(),
        ));
    }
    for path in CommandPath::tree(root) {
        let mut found = Vec::new();
        texts::look(&path, &mut found);
        if path.leaf().ask().alone().is_none() {
            values::look(&path, &mut found);
        }
        let command = path.to_string();
        flaws.extend(found.into_iter().map(|what| Flaw { command: command.clone(), what }));
    }
    texts::look_at_ends(root, &mut flaws);
    flaws
}
