//! Names that stand twice in a command: the long names of its parameters, its operands, its subcommands, or what one of its
//! parameters offers.

use std::collections::{HashMap, HashSet};

use super::finder::Finder;
use super::problem::Finding;
use crate::record::command::Command;
use crate::record::kind::Kind;
use crate::record::param::{Param, is_named};
use crate::text::bytes::{hash, same};

/// The names to be looked through: entries, each with one or more names.
#[derive(Clone, Copy)]
pub(crate) enum Roll<'c, 'd> {
    Parameters(&'c Command<'d>),
    Operands(&'c Command<'d>),
    Subcommands(&'c Command<'d>),
    /// Of a parameter, and a kind of its.
    Offers(&'c Param<'d>, &'c Kind<'d>),
}

impl<'d> Roll<'_, 'd> {
    /// Shows every name that an entry has and one before it has too, while the compiler runs.
    #[inline]
    pub(crate) const fn show_twins(self, finder: &mut Finder<'d>) {
        let passes = Table::passes(self.count());
        let mut pass = 0;
        while pass < passes {
            let mut table = Table::new();
            let mut i = 0;
            while i < self.entries() {
                // Nearly all parameters have one name, whose hash is known.
                if let Some((name, hash)) = self.only_name(i) {
                    if Table::is_due(hash, passes, pass) {
                        self.put(&mut table, (i, 0), (name, hash), finder);
                    }
                } else {
                    self.put_all(&mut table, i, (passes, pass), finder);
                }
                i += 1;
            }
            pass += 1;
        }
    }

    /// The same of what the parameters of a command offer.
    #[inline]
    pub(crate) const fn show_offered_twins(command: &Command<'d>, finder: &mut Finder<'d>) {
        let mut at = 0;
        while let Some(param) = command.param(at) {
            let (kinds, mut k) = (param.kinds(), 0);
            while k < kinds.len() {
                if kinds[k].all_offers().len() > 1 {
                    Roll::Offers(param, kinds[k]).show_twins(finder);
                }
                k += 1;
            }
            at += 1;
        }
    }

    /// The same at run time, each list once.
    #[inline]
    pub(crate) fn offered_twins(root: &Command<'d>, problems: &mut Vec<Finding<'d>>) {
        let mut seen = HashSet::new();
        for param in root.tree().flat_map(|(_, command)| command.params()) {
            for kind in param.kinds() {
                if kind.all_offers().len() > 1 && seen.insert(kind.all_offers().as_ptr()) {
                    Roll::Offers(param, kind).twins_at_run_time(problems);
                }
            }
        }
    }

    #[inline]
    const fn put_all(
        self,
        table: &mut Table,
        i: usize,
        (passes, pass): (usize, usize),
        finder: &mut Finder<'d>,
    ) {
        let (mut k, names) = (0, self.names(i));
        while k < names {
            let (name, hash) = self.name(i, k);
            if !name.is_empty() && Table::is_due(hash, passes, pass) {
                self.put(table, (i, k), (name, hash), finder);
            }
            k += 1;
        }
    }

    /// The names of all entries, or more where that does not matter.
    #[inline]
    const fn count(self) -> usize {
        let (mut i, mut count) = (0, self.entries());
        if let Roll::Parameters(command) = self
            && !command.settled().has_more_names()
        {
            return count;
        }
        while i < self.entries() {
            count += self.names(i);
            i += 1;
        }
        count
    }

    /// The name of an entry that has only one.
    #[inline]
    const fn only_name(self, i: usize) -> Option<(&'d str, u32)> {
        match self {
            Roll::Parameters(command) => match command.param(i) {
                Some(param)
                    if is_named(param.role()) && param.name().len() > 1 && param.has_one_name() =>
                {
                    Some((param.name(), param.hash()))
                }
                _ => None,
            },
            Roll::Operands(_) | Roll::Subcommands(_) | Roll::Offers(..) => None,
        }
    }

    /// The same at run time, in time that grows with the names.
    #[inline]
    pub(crate) fn twins_at_run_time(self, problems: &mut Vec<Finding<'d>>) {
        let mut first = HashMap::new();
        for i in 0..self.entries() {
            for k in 0..self.names(i) {
                let (name, _) = self.name(i, k);
                if name.is_empty() {
                    continue;
                }
                match first.get(name) {
                    Some(&j) => problems.push(self.twins(j, i, name)),
                    None => _ = first.insert(name, i),
                }
            }
        }
    }

    /// Puts the `k`-th name of the `i`-th entry into the table, unless it is there already.
    #[inline]
    const fn put(
        self,
        table: &mut Table,
        (i, k): (usize, usize),
        (name, hash): (&'d str, u32),
        finder: &mut Finder<'d>,
    ) {
        let mut at = hash as usize % Table::SIZE;
        while table.slots[at] != 0 {
            let (j, l) = Table::entry(table.slots[at]);
            let (other, other_hash) = self.name(j, l);
            if hash == other_hash && same(other, name) {
                return finder.show(self.twins(j, i, name));
            }
            at = (at + 1) % Table::SIZE;
        }
        table.slots[at] = Table::slot(i, k);
    }

    #[inline]
    const fn twins(self, j: usize, i: usize, name: &'d str) -> Finding<'d> {
        match self {
            Roll::Parameters(command) => {
                let first = or_empty(command.param(j));
                let second = or_empty(command.param(i));
                let (command, above) = (command.name(), command.name());
                Finding::Long { first, second, name, command, above }
            }
            Roll::Operands(command) => Finding::Operands { name, command: command.name() },
            Roll::Subcommands(command) => {
                let (first, second) =
                    (command.subcommands()[j].name(), command.subcommands()[i].name());
                Finding::Commands { first, second, name, command: command.name() }
            }
            Roll::Offers(param, _) => Finding::Offers { name: param.name(), offer: name },
        }
    }

    #[inline]
    const fn entries(self) -> usize {
        match self {
            Roll::Parameters(command) | Roll::Operands(command) => command.param_count(),
            Roll::Subcommands(command) => command.subcommands().len(),
            Roll::Offers(_, kind) => kind.all_offers().len(),
        }
    }

    /// How many names an entry has. A parameter's opposite is its second name, empty or not.
    #[inline]
    const fn names(self, i: usize) -> usize {
        match self {
            Roll::Parameters(command) => match command.param(i) {
                Some(param) if !is_named(param.role()) => 0,
                Some(param) if param.has_one_name() => 1,
                Some(param) => {
                    Param::OWN_NAMES + param.aliases().len() + param.former_names().len()
                }
                None => 0,
            },
            Roll::Operands(_) | Roll::Offers(..) => 1,
            Roll::Subcommands(command) => {
                let command = command.subcommands()[i];
                1 + command.ask().aliases().len() + command.former_names().len()
            }
        }
    }

    /// A name and its hash; empty where there is none, or only a letter.
    #[inline]
    const fn name(self, i: usize, k: usize) -> (&'d str, u32) {
        let name = match self {
            Roll::Parameters(command) => match command.param(i) {
                Some(param) if k == 0 && param.name().len() > 1 => {
                    return (param.name(), param.hash());
                }
                Some(param) => match param.long_name(k) {
                    Some(name) if name.len() > 1 => Some(name),
                    _ => None,
                },
                None => None,
            },
            Roll::Operands(command) => match command.param(i) {
                Some(param) if !is_named(param.role()) => return (param.name(), param.hash()),
                _ => None,
            },
            Roll::Subcommands(command) => command.subcommands()[i].called(k),
            Roll::Offers(_, kind) => Some(kind.all_offers()[i].name()),
        };
        match name {
            Some(name) => (name, hash(name.as_bytes())),
            None => ("", 0),
        }
    }
}

#[inline]
const fn or_empty<'d>(param: Option<&Param<'d>>) -> &'d str {
    match param {
        Some(param) => param.name(),
        None => "",
    }
}

/// A hash table of names for one pass over a declaration. `const fn` cannot grow one, so it has a
/// fixed size, and a very large declaration is looked at in several passes, each at a part of the
/// hashes.
struct Table {
    slots: [u64; Table::SIZE],
}

impl Table {
    const SIZE: usize = 16_384;
    /// Names a pass is made for: half the slots, so that a probe is short.
    const GOOD: usize = Table::SIZE / 2;

    #[inline]
    const fn new() -> Self {
        Table { slots: [0; Table::SIZE] }
    }

    #[inline]
    const fn passes(names: usize) -> usize {
        names.div_ceil(Table::GOOD)
    }

    /// Whether a hash belongs to this pass.
    #[inline]
    const fn is_due(hash: u32, passes: usize, pass: usize) -> bool {
        passes == 1 || (hash as usize / Table::SIZE) % passes == pass
    }

    #[inline]
    const fn slot(entry: usize, name: usize) -> u64 {
        ((entry as u64) << 32 | name as u64) + 1
    }

    /// The entry and which of its names a slot holds.
    #[inline]
    const fn entry(slot: u64) -> (usize, usize) {
        (((slot - 1) >> 32) as usize, (slot - 1) as u32 as usize)
    }
}
