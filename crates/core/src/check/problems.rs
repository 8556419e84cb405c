//! What is wrong with a tree that is made at run time: everything at once, in time that grows with its size. The rules are
//! those of statics; where these compare each with each, names are looked up here.
//!
//! All of it is `#[inline]`: what checks a declaration is compiled where it is run.

use std::collections::hash_map::Entry;
use std::collections::{HashMap, HashSet};

use super::culprit::Problem;
use super::finder::{self, Finder};
use super::own::{absences, clashes};
use super::problem::{Finding, Shared};
use super::twins::Roll;
use super::{members, reach, rules};
use crate::record::command::Command;
use crate::record::param::{Param, is_named};
use crate::record::rule::Rule;

impl<'d> Command<'d> {
    /// What is wrong with the tree from here on, everything at once. A static has nothing to list:
    /// it would not have been built.
    #[inline]
    pub fn problems(&self) -> Vec<Problem<'d>> {
        let mut found = Found::default();
        for (_, command) in self.tree() {
            found.command(command);
        }
        found.across(self);
        Roll::offered_twins(self, &mut found.problems);
        found.problems.into_iter().map(Problem).collect()
    }

    /// What is only known of a root: rules with a member that is nowhere in reach, and names in the tree that are those of
    /// the usual ones: of these, unless it lists its own.
    #[inline]
    pub(crate) fn problems_among(&self, usual: &'d [&'d Param<'d>]) -> Vec<Problem<'d>> {
        let mut problems = Vec::new();
        Owners::of(self).strangers(self, &mut problems);
        let mut names = Names::default();
        self.declared_usual()
            .unwrap_or(usual)
            .iter()
            .for_each(|param| _ = names.add(param, self.name(), |_, _| {}));
        for (_, command) in self.tree() {
            for param in command.params() {
                names.with(param, |(usual, _), shared| {
                    let (name, command, usual) = (param.name(), command.name(), usual.name());
                    problems.push(Finding::Usual { name, command, usual, shared });
                });
            }
        }
        problems.into_iter().map(Problem).collect()
    }
}

/// The names of some parameters, each with the first that has it and the command of that.
#[derive(Default)]
struct Names<'d> {
    long: HashMap<&'d str, Known<'d>>,
    letters: HashMap<u8, Known<'d>>,
}

type Known<'d> = (&'d Param<'d>, &'d str);

impl<'d> Names<'d> {
    /// Tells of each name of a parameter that another has.
    #[inline]
    pub(crate) fn with(&self, param: &Param<'d>, mut tell: impl FnMut(Known<'d>, Shared<'d>)) {
        if !is_named(param.role()) {
            return;
        }
        for name in long_names(param) {
            if let Some(known) = self.long.get(name) {
                tell(*known, Shared::Long(name));
            }
        }
        for letter in param.letters() {
            if let Some(known) = self.letters.get(&letter) {
                tell(*known, Shared::Letter(letter));
            }
        }
    }

    /// The same, and adds those that are new: they are given back.
    #[inline]
    fn add(
        &mut self,
        param: &'d Param<'d>,
        command: &'d str,
        tell: impl FnMut(Known<'d>, Shared<'d>),
    ) -> Vec<Shared<'d>> {
        self.with(param, tell);
        let mut added = Vec::new();
        if is_named(param.role()) {
            for name in long_names(param) {
                if let Entry::Vacant(free) = self.long.entry(name) {
                    free.insert((param, command));
                    added.push(Shared::Long(name));
                }
            }
            for letter in param.letters().into_iter().filter(|letter| *letter != 0) {
                if let Entry::Vacant(free) = self.letters.entry(letter) {
                    free.insert((param, command));
                    added.push(Shared::Letter(letter));
                }
            }
        }
        added
    }

    #[inline]
    fn remove(&mut self, name: Shared<'d>) {
        match name {
            Shared::Long(name) => _ = self.long.remove(name),
            Shared::Letter(letter) => _ = self.letters.remove(&letter),
        }
    }
}

#[inline]
fn long_names<'d>(param: &Param<'d>) -> impl Iterator<Item = &'d str> {
    (0..).map_while(|k| param.long_name(k)).filter(|name| name.len() > 1)
}

/// The names of a list of parameters, in its order: long ones and those of operands.
#[derive(Default)]
struct Roster<'d> {
    names: Vec<(&'d str, &'d Param<'d>)>,
    first: HashMap<(&'d str, bool), &'d Param<'d>>,
}

impl<'d> Roster<'d> {
    #[inline]
    fn of(
        params: &[&'d Param<'d>],
        mut twins: impl FnMut(&'d Param<'d>, &'d Param<'d>, &'d str),
    ) -> Self {
        let mut roster = Roster::default();
        for &param in params {
            let operand = Some(param.name()).filter(|_| !is_named(param.role()));
            for name in operand.into_iter().chain(long_names(param)) {
                match roster.get(name, param) {
                    Some(first) => twins(first, param, name),
                    None => {
                        roster.first.insert((name, is_named(param.role())), param);
                        roster.names.push((name, param));
                    }
                }
            }
        }
        roster
    }

    #[inline]
    pub(crate) fn get(&self, name: &str, param: &Param<'_>) -> Option<&'d Param<'d>> {
        self.first.get(&(name, is_named(param.role()))).copied()
    }

    /// Tells of the names that another list has too.
    #[inline]
    fn shared(
        &self,
        other: &Roster<'d>,
        mut twins: impl FnMut(&'d Param<'d>, &'d Param<'d>, &'d str),
    ) {
        let is_smaller = self.names.len() <= other.names.len();
        let (few, many) = if is_smaller { (self, other) } else { (other, self) };
        for (name, param) in &few.names {
            if let Some(twin) = many.get(name, param) {
                let (first, second) = if is_smaller { (*param, twin) } else { (twin, *param) };
                twins(first, second, name);
            }
        }
    }
}

#[derive(Default)]
struct Found<'d> {
    problems: Vec<Finding<'d>>,
    /// Parameters that were looked at, each by itself, and bundles.
    seen: HashSet<usize>,
    /// The names of bundles, and the pairs of them that were held against each other.
    bundles: HashMap<usize, Roster<'d>>,
    pairs: HashSet<(usize, usize)>,
}

impl<'d> Found<'d> {
    #[inline]
    fn all(&mut self, rule: impl Fn(&mut Finder<'d, { finder::ROOM }>)) {
        finder::all(&mut self.problems, rule);
    }

    #[inline]
    fn command(&mut self, command: &Command<'d>) {
        self.all(|finder| {
            rules::names(command, finder);
            rules::misplaced_phrases(command, finder);
            rules::bundles(command, finder);
        });
        self.params(command.own_params());
        for bundle in command.bundle_list() {
            // A bundle is looked at once, however many commands take it.
            if self.seen.insert(std::ptr::from_ref(*bundle).addr()) {
                self.params(bundle.params());
            }
        }
        self.all(|finder| _ = rules::taken::<_, false>(command, finder));
        self.twins(command);
        self.all(|finder| rules::listed(command, finder));
        Roll::Subcommands(command).twins_at_run_time(&mut self.problems);
        self.all(|finder| {
            rules::default_command(command, finder);
            members::lonely(command, command.own_rules(), finder);
            reach::beside(command, finder);
        });
        self.strangers(command);
        if let Some(usual) = command.declared_usual() {
            self.usual(command, usual);
        }
    }

    /// Parameters by themselves.
    #[inline]
    fn params(&mut self, params: &[&'d Param<'d>]) {
        for &param in params {
            if !self.seen.insert(address(param)) {
                continue;
            }
            self.all(|finder| {
                if param.is_draft() {
                    clashes(param, finder);
                }
                absences(param, finder);
            });
            if param.validators().any(|validator| validator.is_impossible()) {
                self.problems.push(Finding::Bounds { name: param.name() });
            }
        }
    }

    /// Long names and operands of a command that stand twice: among its own, in a bundle, between two of these.
    #[inline]
    pub(crate) fn twins(&mut self, command: &Command<'d>) {
        let name = command.name();
        let Found { problems, bundles, pairs, .. } = self;
        let mut twins = |first: &'d Param<'d>, second: &'d Param<'d>, twin: &'d str| {
            problems.push(match is_named(second.role()) {
                true => {
                    let (first, second) = (first.name(), second.name());
                    Finding::Long { first, second, name: twin, command: name, above: name }
                }
                false => Finding::Operands { name: twin, command: name },
            });
        };
        let own = Roster::of(command.own_params(), &mut twins);
        for (at, bundle) in command.bundle_list().iter().enumerate() {
            let place = std::ptr::from_ref(*bundle).addr();
            bundles.entry(place).or_insert_with(|| Roster::of(bundle.params(), &mut twins));
            own.shared(&bundles[&place], &mut twins);
            for before in &command.bundle_list()[..at] {
                let other = std::ptr::from_ref(*before).addr();
                if pairs.insert((other, place)) {
                    bundles[&other].shared(&bundles[&place], &mut twins);
                }
            }
        }
    }

    /// Rules of which a command takes no member.
    #[inline]
    pub(crate) fn strangers(&mut self, command: &Command<'d>) {
        if command.own_rules().is_empty() {
            return;
        }
        let own: HashSet<usize> = command.params().map(address).collect();
        for rule in command.own_rules() {
            let is_known = rule.params().any(|param| own.contains(&address(param)));
            if let (false, [first, ..]) = (is_known, rule.members()) {
                self.problems.push(Finding::Rule { param: first.name(), command: command.name() });
            }
        }
    }

    /// What a root lists as usual, each by itself and beside each other.
    #[inline]
    fn usual(&mut self, root: &Command<'d>, usual: &'d [&'d Param<'d>]) {
        self.params(usual);
        let mut names = Names::default();
        for &param in usual {
            if !param.stands_alone() {
                self.problems.push(Finding::NotAlone { name: param.name(), command: root.name() });
            }
            names.add(param, root.name(), |first, shared| {
                self.problems.push(clash(first, (param, root.name()), shared));
            });
        }
    }

    /// Names below a command that clash with what it accepts throughout.
    #[inline]
    fn across(&mut self, root: &Command<'d>) {
        let mut names = Names::default();
        // What was added by the commands above, each with its depth.
        let mut added: Vec<(usize, Vec<Shared<'d>>)> = Vec::new();
        for (depth, command) in root.tree() {
            while let Some((_, own)) = added.pop_if(|above| above.0 >= depth) {
                own.into_iter().for_each(|name| names.remove(name));
            }
            let is_free = names.long.is_empty() && names.letters.is_empty();
            for param in command.params().filter(|param| !is_free && !param.is_anew()) {
                names.with(param, |above, shared| {
                    self.problems.push(clash(above, (param, command.name()), shared));
                });
            }
            let mut own = Vec::new();
            for param in command.params().filter(|param| param.is_throughout()) {
                own.extend(names.add(param, command.name(), |_, _| {}));
            }
            added.push((depth, own));
        }
    }
}

/// Two parameters that have a name; the command above is that of the first.
#[inline]
fn clash<'d>(
    (first, above): Known<'d>,
    (second, command): Known<'d>,
    shared: Shared<'d>,
) -> Finding<'d> {
    let (first, second) = (first.name(), second.name());
    match shared {
        Shared::Long(name) => Finding::Long { first, second, name, command, above },
        Shared::Letter(letter) => Finding::Letters { first, second, letter, command, above },
    }
}

#[inline]
fn address(param: &Param<'_>) -> usize {
    std::ptr::from_ref(param).addr()
}

/// The commands of a tree by numbers, parents first, and those that take each parameter, in their order.
struct Owners {
    owners: HashMap<usize, Vec<usize>>,
    /// For each command the number after the last one below it.
    ends: Vec<usize>,
}

impl Owners {
    #[inline]
    fn of(root: &Command<'_>) -> Self {
        let (mut owners, mut ends): (HashMap<usize, Vec<usize>>, Vec<usize>) = Default::default();
        let mut above: Vec<(usize, usize)> = Vec::new();
        // Only what rules name is looked for.
        let named: HashSet<usize> = root
            .tree()
            .flat_map(|(_, command)| command.relations())
            .flat_map(Rule::params)
            .map(address)
            .collect();
        if named.is_empty() {
            return Owners { owners, ends };
        }
        for (number, (depth, command)) in root.tree().enumerate() {
            while let Some((_, closed)) = above.pop_if(|above| above.0 >= depth) {
                ends[closed] = number;
            }
            above.push((depth, number));
            ends.push(usize::MAX);
            for param in command.params().map(address).filter(|param| named.contains(param)) {
                owners.entry(param).or_default().push(number);
            }
        }
        Owners { owners, ends }
    }

    /// Rules with a member that no line of their command can have, though another is the command's own.
    #[inline]
    fn strangers<'d>(&self, root: &Command<'d>, problems: &mut Vec<Finding<'d>>) {
        if self.owners.is_empty() {
            return;
        }
        let mut above: Vec<(usize, usize)> = Vec::new();
        for (number, (depth, command)) in root.tree().enumerate() {
            while above.pop_if(|above| above.0 >= depth).is_some() {}
            above.push((depth, number));
            for rule in command.relations() {
                if !rule.params().any(|param| self.has(number, param)) {
                    continue;
                }
                for param in rule.params() {
                    let is_above = above.iter().any(|above| self.has(above.1, param));
                    if !is_above && !self.is_below(number, param) {
                        problems
                            .push(Finding::Rule { param: param.name(), command: command.name() });
                    }
                }
            }
        }
    }

    #[inline]
    fn numbers(&self, param: &Param<'_>) -> &[usize] {
        self.owners.get(&address(param)).map_or(&[], Vec::as_slice)
    }

    #[inline]
    fn has(&self, command: usize, param: &Param<'_>) -> bool {
        self.numbers(param).binary_search(&command).is_ok()
    }

    #[inline]
    fn is_below(&self, command: usize, param: &Param<'_>) -> bool {
        let numbers = self.numbers(param);
        let next = numbers.partition_point(|number| *number < command);
        numbers.get(next).is_some_and(|number| *number < self.ends[command])
    }
}
