//! A walk through the tree of commands.

use crate::record::command::{Command, Tree};

impl<'d> Command<'d> {
    /// Itself and all commands below it, each before those below it, in the order declared; with each how many
    /// levels it is below this one.
    pub(crate) fn tree<'t>(&'t self) -> Tree<'t, 'd> {
        Tree { waiting: vec![(0, self)] }
    }
}

impl<'t, 'd> Iterator for Tree<'t, 'd> {
    type Item = (usize, &'t Command<'d>);

    fn next(&mut self) -> Option<Self::Item> {
        let (depth, command) = self.waiting.pop()?;
        self.waiting.extend(command.commands.iter().rev().map(|&next| (depth + 1, next)));
        Some((depth, command))
    }
}
