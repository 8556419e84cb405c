//! Lines by structure: from a declaration's records alone come the words of a line that it accepts, and what each
//! parameter has of it. Nothing of the reader is asked, so that the reader can be held against it; and nothing but the
//! core is needed.
//!
//! * this file: what a line is made of, and that it is made.
//! * `choose.rs`: what is given, so that nothing is missing and every rule is kept, and its values.
//! * `names.rs`: what commands and parameters may be called where they are typed.
//! * `parts.rs`: the words, in an order in which they may stand.

mod choose;
mod names;
mod parts;

use clavret_core::Command;
use clavret_core::ask::{Param, Role};

/// Gives a number below another one.
pub type Pick<'p> = &'p mut dyn FnMut(usize) -> usize;

/// A line that a declaration accepts, in parts.
#[derive(Debug, Clone)]
pub struct Line<'d> {
    /// The commands from the root to the one that is meant.
    pub path: Vec<&'d Command<'d>>,
    pub parts: Vec<Part<'d>>,
    /// What each parameter of these commands has of it.
    pub given: Vec<Given<'d>>,
    /// Environment variables that stand in for words.
    pub variables: Vec<(String, String)>,
}

/// Some words of a line that belong together.
#[derive(Debug, Clone)]
pub struct Part<'d> {
    pub words: Vec<String>,
    pub what: What<'d>,
    /// At which of the commands of the path it stands.
    pub level: usize,
}

/// What some words are.
#[derive(Debug, Clone, Copy)]
pub enum What<'d> {
    Command(&'d Command<'d>),
    /// A parameter with a name, and what may be typed for it.
    Named(&'d Param<'d>),
    Operand(&'d Param<'d>),
    Dashes,
}

/// What a parameter has of a line.
#[derive(Debug, Clone)]
pub struct Given<'d> {
    pub param: &'d Param<'d>,
    /// How often it is typed; an operand, how many values it has.
    pub times: usize,
    /// The words of its value: of one value the last ones typed, of a list all of them.
    pub words: Vec<String>,
    /// Whether a flag is on.
    pub is_on: bool,
}

impl<'d> Line<'d> {
    /// The words, as they would be typed.
    pub fn words(&self) -> Vec<String> {
        self.parts.iter().flat_map(|part| part.words.iter().cloned()).collect()
    }

    pub fn leaf(&self) -> &'d Command<'d> {
        self.path[self.path.len() - 1]
    }
}

/// A line that a program accepts; none where its rules leave no way that is found at once.
pub fn line<'d>(root: &'d Command<'d>, pick: Pick<'_>) -> Option<Line<'d>> {
    let mut path = vec![root];
    loop {
        let at = path[path.len() - 1];
        let below = at.ask().subcommands();
        if below.is_empty() || at.ask().is_acting() && pick(2) == 0 {
            break;
        }
        path.push(below[pick(below.len())]);
    }
    let mut making = Making { path, pick };
    let given = making.choose()?;
    let (variables, typed): (Vec<_>, Vec<_>) =
        given.iter().map(|given| making.variable(given)).unzip();
    let typed: Vec<Given<'d>> = typed.into_iter().flatten().collect();
    let parts = making.parts(&typed)?;
    Some(Line {
        path: making.path,
        parts,
        given,
        variables: variables.into_iter().flatten().collect(),
    })
}

struct Making<'d, 'p> {
    path: Vec<&'d Command<'d>>,
    pick: Pick<'p>,
}

impl<'d> Making<'d, '_> {
    fn leaf(&self) -> &'d Command<'d> {
        self.path[self.path.len() - 1]
    }
}

/// Whether it has several values, of which each counts.
fn is_list(param: &Param<'_>) -> bool {
    param.is_list() && !param.kinds().is_empty()
}

fn can_be_off(param: &Param<'_>) -> bool {
    !param.opposite().is_empty() || param.is_worded()
}

/// Whether rules see it: a flag that is off is not given.
pub fn counts(given: &Given<'_>) -> bool {
    given.times > 0 && (given.param.role() != Role::Flag || given.is_on)
}
