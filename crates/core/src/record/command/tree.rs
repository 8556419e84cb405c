//! A walk through the tree of commands.

use crate::record::command::{Command, Tree};

impl<'d> Command<'d> {
    /// Itself and all commands below it, each before those below it, in the order declared; with each how many
    /// levels it is below this one.
    ///
    /// ```
    /// # use clavret_core as clavret;
    /// use clavret::Command;
    /// static ADD: Command = Command::new("add");
    /// static HIVE: Command = Command::new("hive").commands(&[&ADD]);
    /// static APIARY: Command = Command::new("apiary").commands(&[&HIVE]);
    /// let names: Vec<_> = APIARY.tree().map(|(depth, command)| (depth, command.name())).collect();
    /// assert_eq!(names, [(0, "apiary"), (1, "hive"), (2, "add")]);
    /// ```
    pub fn tree<'t>(&'t self) -> Tree<'t, 'd> {
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
