//! Names that stand twice in a command: the long names of its parameters, or the names of its
//! subcommands.

use super::names::{hash, same};
use super::problem::Problem;
use super::rules::Finder;
use super::{Command, Param, Role};

/// The names to be looked through: entries, each with one or more names.
#[derive(Clone, Copy)]
pub(super) enum Roll<'c, 'd> {
    Parameters(&'c Command<'d>),
    Subcommands(&'c Command<'d>),
}

impl<'d> Roll<'_, 'd> {
    /// Shows every name that an entry has and one before it has too.
    pub(super) const fn show_twins(self, finder: &mut Finder<'d>) {
        let passes = Table::passes(self.entries());
        let mut pass = 0;
        while pass < passes {
            let mut table = Table::new();
            let mut i = 0;
            while i < self.entries() {
                let (mut k, names) = (0, self.names(i));
                while k < names {
                    let (name, hash) = self.name(i, k);
                    if !name.is_empty() && Table::is_due(hash, passes, pass) {
                        self.put(&mut table, (i, k), finder);
                    }
                    k += 1;
                }
                i += 1;
            }
            pass += 1;
        }
    }

    /// Puts the `k`-th name of the `i`-th entry into the table, unless it is there already.
    const fn put(self, table: &mut Table, (i, k): (usize, usize), finder: &mut Finder<'d>) {
        let (name, hash) = self.name(i, k);
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

    const fn twins(self, j: usize, i: usize, name: &'d str) -> Problem<'d> {
        match self {
            Roll::Parameters(command) => {
                let first = or_empty(command.param(j));
                let second = or_empty(command.param(i));
                let (command, above) = (command.name, command.name);
                Problem::Long { first, second, name, command, above }
            }
            Roll::Subcommands(command) => {
                let (first, second) = (command.commands[j].name, command.commands[i].name);
                Problem::Commands { first, second, name, command: command.name }
            }
        }
    }

    const fn entries(self) -> usize {
        match self {
            Roll::Parameters(command) => command.param_count(),
            Roll::Subcommands(command) => command.commands.len(),
        }
    }

    /// How many names an entry has. A parameter's opposite is its second name, empty or not.
    const fn names(self, i: usize) -> usize {
        match self {
            Roll::Parameters(command) => {
                let Some(param) = command.param(i) else { return 0 };
                if matches!(param.role, Role::Operand) {
                    0
                } else if param.opposite.is_empty()
                    && param.file_name.is_empty()
                    && param.aliases.is_empty()
                    && param.former.is_empty()
                {
                    1
                } else {
                    Param::OWN_NAMES + param.aliases.len() + param.former.len()
                }
            }
            Roll::Subcommands(command) => {
                let command = command.commands[i];
                1 + command.aliases.len() + command.former.len()
            }
        }
    }

    /// A name and its hash; empty where there is none, or only a letter.
    const fn name(self, i: usize, k: usize) -> (&'d str, u32) {
        let name = match self {
            Roll::Parameters(command) => {
                let Some(param) = command.param(i) else { return ("", 0) };
                if k == 0 {
                    return (if param.name.len() > 1 { param.name } else { "" }, param.hash);
                }
                param.long_name(k)
            }
            Roll::Subcommands(command) => command.commands[i].called(k),
        };
        match name {
            Some(name) => (name, hash(name.as_bytes())),
            None => ("", 0),
        }
    }
}

const fn or_empty<'d>(param: Option<&Param<'d>>) -> &'d str {
    match param {
        Some(param) => param.name,
        None => "",
    }
}

/// A hash table of names for one pass over a declaration. `const fn` cannot grow one, so it has a
/// fixed size, and a very large declaration is looked at in several passes, each at a part of the
/// hashes.
struct Table {
    slots: [u32; Table::SIZE],
}

impl Table {
    const SIZE: usize = 16_384;
    /// Entries a pass is made for: half the slots, so that a probe is short.
    const GOOD: usize = Table::SIZE / 2;
    /// Names that one entry may have in the table.
    const NAMES: usize = 64;

    const fn new() -> Self {
        Table { slots: [0; Table::SIZE] }
    }

    const fn passes(entries: usize) -> usize {
        entries.div_ceil(Table::GOOD)
    }

    /// Whether a hash belongs to this pass.
    const fn is_due(hash: u32, passes: usize, pass: usize) -> bool {
        passes == 1 || (hash as usize / Table::SIZE) % passes == pass
    }

    const fn slot(entry: usize, name: usize) -> u32 {
        (entry * Table::NAMES + name % Table::NAMES) as u32 + 1
    }

    /// The entry and which of its names a slot holds.
    const fn entry(slot: u32) -> (usize, usize) {
        ((slot as usize - 1) / Table::NAMES, (slot as usize - 1) % Table::NAMES)
    }
}
