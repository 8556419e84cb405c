//! What all commands work with: the yard that the line names, and how much is said.

use std::convert::Infallible;
use std::io::Write;

use clavret::{Call, Done};

use crate::yard::{Hive, Yard};
use crate::{QUIET, VERBOSE, YARD};

/// The context of the program, made from what the root takes.
#[derive(Debug)]
pub struct Desk {
    pub(crate) yard: Yard,
    quiet: bool,
    verbosity: u32,
}

impl Desk {
    /// What a line makes it of.
    pub fn of(call: &mut Call<'_>) -> Result<Self, Infallible> {
        let yard = match call.get(&YARD) {
            Some(folder) => Yard::at(folder),
            None => Yard::own(call.variable("XDG_DATA_HOME")),
        };
        Ok(Desk { yard, quiet: *call.get(&QUIET), verbosity: *call.get(&VERBOSE) })
    }

    /// Keeps a hive. Says in one line what was done, and with `-v` where it is kept.
    pub(crate) fn keep(&self, call: &Call<'_, Desk>, hive: &Hive, done: &str) -> Done {
        self.yard.write(hive, call.streams())?;
        if !self.quiet {
            writeln!(call.out(), "{done}")?;
            if self.verbosity > 0 {
                writeln!(call.out(), "kept in {}", self.yard.folder().display())?;
            }
        }
        Ok(())
    }
}
