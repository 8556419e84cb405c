//! What commands and parameters may be called where they are typed.

use clavret_core::ask::{Param, Role};
use clavret_core::{Abbreviated, Command};

use super::{Making, Part, What};

impl<'d> Making<'d, '_> {
    /// What a name means at a command of the path: the nearest one wins.
    fn meant(&self, level: usize, is_name: &dyn Fn(&Param<'_>) -> bool) -> Option<&'d Param<'d>> {
        (0..=level).rev().find_map(|at| {
            let in_reach = |param: &&Param<'_>| at == level || param.is_throughout();
            self.path[at]
                .ask()
                .params()
                .filter(in_reach)
                .find(|param| param.role() != Role::Operand && is_name(param))
        })
    }

    /// The command that has a parameter.
    pub(super) fn level(&self, param: &Param<'_>) -> usize {
        self.path
            .iter()
            .position(|command| command.ask().params().any(|own| own.is(param)))
            .unwrap_or(0)
    }

    /// The names that mean a parameter at a command, dashes included: those that turn a flag on, or off.
    pub(super) fn spellings(&self, param: &'d Param<'d>, level: usize, is_on: bool) -> Vec<String> {
        let mut long: Vec<&str> = Vec::new();
        let mut letters: Vec<char> = Vec::new();
        if is_on {
            long.push(param.name());
            long.extend(param.aliases().iter().chain(param.former_names()));
            letters.extend(param.letter());
        } else {
            long.push(param.opposite());
            letters.extend(param.opposite_letter());
        }
        letters.extend(
            long.iter().filter(|name| name.chars().count() == 1).flat_map(|name| name.chars()),
        );
        long.retain(|name| name.len() > 1);
        let is_it = |meant: Option<&Param<'_>>| meant.is_some_and(|meant| meant.is(param));
        long.retain(|name| is_it(self.meant(level, &|other| has_long(other, name))));
        letters.retain(|letter| is_it(self.meant(level, &|other| has_letter(other, *letter))));
        let mut all: Vec<String> = long.iter().map(|name| format!("--{name}")).collect();
        // A beginning that is no other's.
        let is_on = self.shortens(level, Abbreviated::has_options);
        if let Some(name) = long.iter().find(|name| is_on && !param.former_names().contains(name)) {
            let others: Vec<&str> =
                self.longs(level).into_iter().filter(|other| other != name).collect();
            let is_own = |end: &usize| !others.iter().any(|other| other.starts_with(&name[..*end]));
            all.extend((1..name.len()).find(is_own).map(|end| format!("--{}", &name[..end])));
        }
        all.extend(letters.iter().map(|letter| format!("-{letter}")));
        all
    }

    /// Whether beginnings of some names stand for them at a command.
    fn shortens(&self, level: usize, names: fn(Abbreviated) -> bool) -> bool {
        self.path[..=level].iter().any(|command| command.ask().abbreviations().is_some_and(names))
    }

    /// All long names at a command.
    fn longs(&self, level: usize) -> Vec<&'d str> {
        let in_reach = |(at, command): (usize, &&'d Command<'d>)| {
            command
                .ask()
                .params()
                .filter(move |param| at == level || param.is_throughout())
                .collect::<Vec<_>>()
        };
        let params = self.path[..=level].iter().enumerate().flat_map(in_reach);
        let names = |param: &'d Param<'d>| {
            let own = [param.name(), param.opposite(), param.file_name()];
            own.into_iter()
                .chain(param.aliases().iter().copied())
                .chain(param.former_names().iter().copied())
        };
        let usual = self.path[0].ask().usual().unwrap_or_default().iter().map(|param| param.name());
        let options = params.filter(|param| param.role() != Role::Operand);
        options
            .flat_map(names)
            .chain(usual)
            .chain(["help", "version"])
            .filter(|name| name.len() > 1)
            .collect()
    }

    /// Whether a line may go on at a command as if its default were named: with what that alone knows.
    pub(super) fn may_leave_out(&self, level: usize, rest: &[Part<'d>]) -> bool {
        let (command, next) = (self.path[level], self.path[level + 1]);
        if !command.ask().default_command().is_some_and(|default| default.is(next)) {
            return false;
        }
        let is_named = |word: &str| {
            let abbreviates = self.shortens(level, Abbreviated::has_commands);
            let is_it = |name: &&str| *name == word || abbreviates && name.starts_with(word);
            command.ask().subcommands().iter().any(|below| names_of(below).iter().any(is_it))
        };
        for part in rest {
            let word = &part.words[0];
            let Some(name) =
                word.strip_prefix("--").map(|name| name.split('=').next().unwrap_or(name))
            else {
                match part.what {
                    What::Named(param)
                        if word.len() == 2 || !param.kinds().is_empty() && word.len() > 2 =>
                    {
                        let letter = word[1..].chars().next().unwrap_or_default();
                        match self.meant(level, &|other| has_letter(other, letter)) {
                            Some(meant) if meant.is(param) => continue,
                            Some(_) => return false,
                            // Letters in front of the one with a value are others.
                            None => return word.len() == 2 || has_letter(param, letter),
                        }
                    }
                    What::Named(_) => return false,
                    What::Command(command) => {
                        return !is_named(word) && names_of(command).contains(&&**word);
                    }
                    _ => return !is_named(word),
                }
            };
            if matches!(part.what, What::Dashes) {
                return true;
            }
            // The beginning of a name may not be one yet.
            let What::Named(param) = part.what else { return false };
            if name.len() < 2 || !has_long(param, name) {
                return false;
            }
            match self.meant(level, &|other| has_long(other, name)) {
                Some(meant) if meant.is(param) => {}
                Some(_) => return false,
                None => {
                    return !self.shortens(level, Abbreviated::has_options)
                        || !self.longs(level).iter().any(|long| long.starts_with(name));
                }
            }
        }
        !command.ask().is_acting()
    }

    pub(super) fn has_name(&self, param: &'d Param<'d>) -> bool {
        param.role() == Role::Operand || !self.spellings(param, self.level(param), true).is_empty()
    }

    /// A name of a command of the path.
    pub(super) fn command_name(&mut self, level: usize) -> String {
        let (above, command) = (self.path[level - 1], self.path[level]);
        let mut names: Vec<&str> = names_of(command);
        if self.shortens(level - 1, Abbreviated::has_commands) {
            let name = command.ask().name();
            let all: Vec<&str> = above
                .ask()
                .subcommands()
                .iter()
                .flat_map(|below| names_of(below))
                .filter(|other| *other != name)
                .collect();
            let is_own = |end: &usize| !all.iter().any(|other| other.starts_with(&name[..*end]));
            names.extend((1..name.len()).find(is_own).map(|end| &name[..end]));
        }
        names[(self.pick)(names.len())].to_owned()
    }
}

/// All names of a command.
fn names_of<'d>(command: &Command<'d>) -> Vec<&'d str> {
    let others = command.ask().aliases().iter().chain(command.ask().former_names()).copied();
    [command.ask().name()].into_iter().chain(others).collect()
}

fn has_long(param: &Param<'_>, name: &str) -> bool {
    let own = [param.name(), param.opposite(), param.file_name()];
    own.iter().chain(param.aliases()).chain(param.former_names()).any(|own| *own == name)
}

fn has_letter(param: &Param<'_>, letter: char) -> bool {
    param.letter() == Some(letter)
        || param.opposite_letter() == Some(letter)
        || has_long(param, &letter.to_string())
}
