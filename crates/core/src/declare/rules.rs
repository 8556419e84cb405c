//! What a declaration must keep to: one set of rules for statics, where the first problem stops
//! the build, and for trees made at run time, where [`Command::problems`] lists them all.
//!
//! The rules are `const fn`, which can neither push to a list nor call a closure. So each walks its
//! part of the declaration and shows what it finds to a [`Finder`], which keeps the n-th problem:
//! a static asks for the first, a list asks for one after the other.

use super::Command;
use super::message::Message;
use super::names::{hash, name_fault, order, same};
use super::param::{Param, Role};

/// What is wrong with a declaration. Its text names the culprits: for a clash, both.
#[derive(Debug, Clone, Copy)]
#[non_exhaustive]
pub enum Problem<'d> {
    /// A name that no word could be, or that looks like something else.
    Name {
        /// The name as declared.
        name: &'d str,
        /// What is wrong with it.
        why: &'static str,
    },
    /// A short name that is not a letter or digit.
    Short {
        /// The long name of the parameter.
        name: &'d str,
        /// The short name as declared.
        short: char,
        /// What is wrong with it.
        why: &'static str,
    },
    /// Two parameters of a command, or of a command and one above it, answer to one long name.
    Long {
        /// The declared name of the one that came first.
        first: &'d str,
        /// The declared name of the other.
        second: &'d str,
        /// The name both answer to.
        name: &'d str,
        /// The command that has the second.
        command: &'d str,
        /// The command above it that accepts the first throughout; its own name otherwise.
        above: &'d str,
    },
    /// Two parameters have one short name.
    Shorts {
        /// The declared name of the one that came first.
        first: &'d str,
        /// The declared name of the other.
        second: &'d str,
        /// The short name both have.
        short: u8,
        /// The command that has the second.
        command: &'d str,
        /// The command above it that accepts the first throughout; its own name otherwise.
        above: &'d str,
    },
    /// Two operands of a command have one name.
    Operands {
        /// The name.
        name: &'d str,
        /// The command.
        command: &'d str,
    },
    /// Two operands may each take any number of words.
    Unbounded {
        /// The first operand.
        first: &'d str,
        /// The second operand.
        second: &'d str,
        /// The command.
        command: &'d str,
    },
    /// A needed operand follows one that may be absent.
    NeededLate {
        /// The operand that may be absent.
        optional: &'d str,
        /// The needed one.
        needed: &'d str,
        /// The command.
        command: &'d str,
    },
    /// Two subcommands answer to one name.
    Commands {
        /// The declared name of the first.
        first: &'d str,
        /// The declared name of the second.
        second: &'d str,
        /// The name both answer to.
        name: &'d str,
        /// The command above them.
        command: &'d str,
    },
    /// A command has operands beside subcommands.
    Beside {
        /// The operand.
        operand: &'d str,
        /// The first subcommand.
        subcommand: &'d str,
        /// The command.
        command: &'d str,
    },
    /// An operand said to be accepted throughout, or a count that no list can have.
    Times {
        /// The parameter.
        name: &'d str,
    },
    /// More of something than there is room for.
    Most {
        /// Of what.
        of: &'static str,
        /// The parameter or command.
        name: &'d str,
        /// How many there is room for.
        most: u8,
    },
}

impl Problem<'_> {
    const fn message(&self) -> Message {
        let text = Message::new();
        match *self {
            Problem::Name { name, why } => text.text("the name `").text(name).text("` ").text(why),
            Problem::Short { name, short, why } => {
                let text = text.text("the short name of `").text(name).text("`, `");
                let mut buffer = [0; 4];
                text.text(short.encode_utf8(&mut buffer)).text("`, ").text(why)
            }
            Problem::Long { first, second, name, command, above } => {
                let text = if same(first, second) && same(command, above) {
                    text.text("`--").text(name).text("` is declared twice")
                } else {
                    let text = text.text("`").text(first).text("` and `").text(second);
                    text.text("` both answer to `--").text(name).text("`")
                };
                text.placed(command, above, first)
            }
            Problem::Shorts { first, second, short, command, above } => {
                let text = text.text("`").text(first).text("` and `").text(second);
                let text = text.text("` both have the short name `-").letter(short).text("`");
                text.placed(command, above, first)
            }
            Problem::Operands { name, command } => {
                let text = text.text("two operands are called `").text(name);
                text.text("` in the command `").text(command).text("`")
            }
            Problem::Unbounded { first, second, command } => {
                let text = text.text("the operands `").text(first).text("` and `").text(second);
                let text = text.text("` of the command `").text(command);
                text.text("` may both take any number of words (one at most can)")
            }
            Problem::NeededLate { optional, needed, command } => {
                let text = text.text("the operand `").text(needed).text("` of the command `");
                let text = text.text(command).text("` is needed, but follows `").text(optional);
                text.text("`, which may be absent (declare needed operands first)")
            }
            Problem::Commands { first, second, name, command } => {
                let text = if same(first, second) {
                    text.text("two subcommands are called `").text(first)
                } else {
                    let text = text.text("the subcommands `").text(first).text("` and `");
                    text.text(second).text("` both answer to `").text(name)
                };
                text.text("` in the command `").text(command).text("`")
            }
            Problem::Beside { operand, subcommand, command } => {
                let text = text.text("the command `").text(command).text("` has the operand `");
                let text = text.text(operand).text("` beside the subcommand `").text(subcommand);
                text.text("` (a word there could be either; use one kind)")
            }
            Problem::Times { name } => {
                text.text("`").text(name).text("` can never be given as often as `times` asks")
            }
            Problem::Most { of, name, most } => {
                let text = text.text("`").text(name).text("` has more than ").letter(most);
                text.text(" ").text(of)
            }
        }
    }
}

impl Message {
    const fn placed(self, command: &str, above: &str, first: &str) -> Self {
        let text = self.text(" in the command `").text(command).text("`");
        if same(command, above) {
            return text;
        }
        let text = text.text("; `").text(first).text("` is accepted throughout `");
        text.text(above).text("`")
    }
}

impl std::fmt::Display for Problem<'_> {
    fn fmt(&self, f: &mut std::fmt::Formatter<'_>) -> std::fmt::Result {
        f.write_str(self.message().as_str())
    }
}

/// Stops the build (in a static) or the program with the problem's text.
#[track_caller]
pub(super) const fn stop(problem: Problem<'_>) -> ! {
    let message = problem.message();
    panic!("{}", message.as_str())
}

/// The n-th problem of a declaration, in the making.
struct Finder<'d> {
    skip: usize,
    found: Option<Problem<'d>>,
}

impl<'d> Finder<'d> {
    const fn show(&mut self, problem: Problem<'d>) {
        if self.found.is_some() {
            return;
        }
        if self.skip == 0 {
            self.found = Some(problem);
        } else {
            self.skip -= 1;
        }
    }
}

/// The problem of one command, its subcommands' own left aside, after `skip` others.
pub(super) const fn problem<'d>(command: &Command<'d>, skip: usize) -> Option<Problem<'d>> {
    let mut finder = Finder { skip, found: None };
    names(command, &mut finder);
    twins(command, &mut finder);
    shorts(command, &mut finder);
    operands(command, &mut finder);
    siblings(command, &mut finder);
    if !command.commands.is_empty() {
        let mask = reach_mask(command);
        if mask != 0 {
            below(command, command, mask, &mut finder);
        }
    }
    finder.found
}

const fn names<'d>(command: &Command<'d>, finder: &mut Finder<'d>) {
    show_name(command.name, finder);
    let mut i = 0;
    while i < command.aliases.len() {
        show_name(command.aliases[i], finder);
        i += 1;
    }
    let mut i = 0;
    while i < command.params.len() {
        let param = command.params[i];
        // In a static, a key's own names were checked where it was declared.
        if command.draft && matches!(param.role, Role::Operand) {
            show_name(param.name, finder);
        }
        if !command.draft && param.aliases.is_empty() {
            i += 1;
            continue;
        }
        let mut k = if command.draft { 0 } else { 2 };
        while let Some(name) = param.long_name(k) {
            // The opposite's place is there for every parameter, and mostly empty.
            if k != 1 || !name.is_empty() {
                show_name(name, finder);
            }
            k += 1;
        }
        i += 1;
    }
}

const fn show_name<'d>(name: &'d str, finder: &mut Finder<'d>) {
    if let Some(why) = name_fault(name) {
        finder.show(Problem::Name { name, why });
    }
}

/// Long names that stand twice in a command.
const fn twins<'d>(command: &Command<'d>, finder: &mut Finder<'d>) {
    let params = command.params;
    let passes = Table::passes(params.len());
    let mut pass = 0;
    while pass < passes {
        let mut table = Table::new();
        let mut i = 0;
        while i < params.len() {
            let param = params[i];
            i += 1;
            if matches!(param.role, Role::Operand) {
                continue;
            }
            if param.name.len() > 1 && Table::is_due(param.hash, passes, pass) {
                twin(command, finder, &mut table, (i - 1, 0), param.name, param.hash);
            }
            if param.opposite.is_empty() && param.aliases.is_empty() {
                continue;
            }
            let mut k = 1;
            while let Some(name) = param.long_name(k) {
                let hash = hash(name.as_bytes());
                if name.len() > 1 && Table::is_due(hash, passes, pass) {
                    twin(command, finder, &mut table, (i - 1, k), name, hash);
                }
                k += 1;
            }
        }
        pass += 1;
    }
}

/// Puts the `k`-th name of the `i`-th parameter into the table, unless it is there already.
const fn twin<'d>(
    command: &Command<'d>,
    finder: &mut Finder<'d>,
    table: &mut Table,
    (i, k): (usize, usize),
    name: &'d str,
    hash: u32,
) {
    let params = command.params;
    let mut at = hash as usize % Table::SIZE;
    while table.slots[at] != 0 {
        let (j, l) = Table::entry(table.slots[at]);
        if (l != 0 || params[j].hash == hash)
            && let Some(other) = params[j].long_name(l)
            && same(other, name)
        {
            let (first, second) = (params[j].name, params[i].name);
            let (command, above) = (command.name, command.name);
            finder.show(Problem::Long { first, second, name, command, above });
            return;
        }
        at = (at + 1) % Table::SIZE;
    }
    table.slots[at] = Table::slot(i, k);
}

/// Short names that stand twice in a command.
const fn shorts<'d>(command: &Command<'d>, finder: &mut Finder<'d>) {
    let params = command.params;
    let mut first = [usize::MAX; 128];
    let mut i = 0;
    while i < params.len() {
        let both = [params[i].short, params[i].opposite_short];
        let mut k = 0;
        while k < 2 {
            let short = both[k];
            let letter = (short & 0x7f) as usize;
            if short != 0 && first[letter] != usize::MAX {
                let (first, second) = (params[first[letter]].name, params[i].name);
                let (command, above) = (command.name, command.name);
                finder.show(Problem::Shorts { first, second, short, command, above });
            }
            first[letter] = i;
            k += 1;
        }
        i += 1;
    }
}

const fn operands<'d>(command: &Command<'d>, finder: &mut Finder<'d>) {
    let params = command.params;
    let mut unbounded: Option<&Param<'d>> = None;
    let mut optional: Option<&Param<'d>> = None;
    let mut i = 0;
    while i < params.len() {
        let param = params[i];
        i += 1;
        if !matches!(param.role, Role::Operand) {
            continue;
        }
        if !command.commands.is_empty() {
            let (operand, subcommand) = (param.name, command.commands[0].name);
            finder.show(Problem::Beside { operand, subcommand, command: command.name });
        }
        let mut j = 0;
        while j + 1 < i {
            if matches!(params[j].role, Role::Operand) && same(params[j].name, param.name) {
                finder.show(Problem::Operands { name: param.name, command: command.name });
            }
            j += 1;
        }
        let count = param.word_count();
        if let Some(optional) = optional
            && count.min > 0
        {
            let (optional, needed) = (optional.name, param.name);
            finder.show(Problem::NeededLate { optional, needed, command: command.name });
        }
        if count.max == u32::MAX {
            if let Some(first) = unbounded {
                let (first, second) = (first.name, param.name);
                finder.show(Problem::Unbounded { first, second, command: command.name });
            }
            unbounded = Some(param);
        } else if count.min == 0 {
            // An unbounded one may be empty before a needed one: `SRC... DST`.
            optional = Some(param);
        }
    }
}

/// Subcommands that answer to one name.
const fn siblings<'d>(command: &Command<'d>, finder: &mut Finder<'d>) {
    let commands = command.commands;
    let passes = Table::passes(commands.len());
    let mut pass = 0;
    while pass < passes {
        let mut table = Table::new();
        let mut i = 0;
        while i < commands.len() {
            let mut k = 0;
            while let Some(name) = commands[i].called(k) {
                let hash = hash(name.as_bytes());
                if Table::is_due(hash, passes, pass) {
                    sibling(command, finder, &mut table, (i, k), name, hash);
                }
                k += 1;
            }
            i += 1;
        }
        pass += 1;
    }
}

/// Puts the `k`-th name of the `i`-th subcommand into the table, unless it is there already.
const fn sibling<'d>(
    command: &Command<'d>,
    finder: &mut Finder<'d>,
    table: &mut Table,
    (i, k): (usize, usize),
    name: &'d str,
    hash: u32,
) {
    let commands = command.commands;
    let mut at = hash as usize % Table::SIZE;
    while table.slots[at] != 0 {
        let (j, l) = Table::entry(table.slots[at]);
        if let Some(other) = commands[j].called(l)
            && same(other, name)
        {
            let (first, second) = (commands[j].name, commands[i].name);
            finder.show(Problem::Commands { first, second, name, command: command.name });
            return;
        }
        at = (at + 1) % Table::SIZE;
    }
    table.slots[at] = Table::slot(i, k);
}

/// A bit for each name that a command accepts throughout: most parameters below have none of the
/// bits, and need no closer look.
const fn reach_mask(command: &Command<'_>) -> u64 {
    let mut mask = 0;
    let mut i = 0;
    while i < command.params.len() {
        if command.params[i].throughout {
            mask |= name_mask(command.params[i]);
        }
        i += 1;
    }
    mask
}

const fn name_mask(param: &Param<'_>) -> u64 {
    let mut mask = bit(param.short as u32) | bit(param.opposite_short as u32);
    let mut k = 0;
    while let Some(name) = param.long_name(k) {
        if k == 0 {
            mask |= bit(param.hash);
        } else if !name.is_empty() {
            mask |= bit(hash(name.as_bytes()));
        }
        k += 1;
    }
    mask
}

const fn bit(hash: u32) -> u64 {
    if hash == 0 { 0 } else { 1 << ((hash ^ (hash >> 16)) % 64) }
}

/// Names below a command that clash with what it accepts throughout.
const fn below<'d>(above: &Command<'d>, node: &Command<'d>, mask: u64, finder: &mut Finder<'d>) {
    let mut c = 0;
    while c < node.commands.len() {
        let command = node.commands[c];
        let mut i = 0;
        while i < command.params.len() {
            if name_mask(command.params[i]) & mask != 0 {
                clash(above, command, command.params[i], finder);
            }
            i += 1;
        }
        below(above, command, mask, finder);
        c += 1;
    }
}

const fn clash<'d>(
    above: &Command<'d>,
    command: &Command<'d>,
    param: &Param<'d>,
    finder: &mut Finder<'d>,
) {
    let mut i = 0;
    while i < above.params.len() {
        let upper = above.params[i];
        i += 1;
        if !upper.throughout {
            continue;
        }
        let (first, second, command, above) = (upper.name, param.name, command.name, above.name);
        if let Some(name) = shared_long(upper, param) {
            finder.show(Problem::Long { first, second, name, command, above });
        }
        if let Some(short) = shared_short(upper, param) {
            finder.show(Problem::Shorts { first, second, short, command, above });
        }
    }
}

const fn shared_long<'d>(a: &Param<'d>, b: &Param<'d>) -> Option<&'d str> {
    let mut k = 0;
    while let Some(name) = a.long_name(k) {
        let mut l = 0;
        while let Some(other) = b.long_name(l) {
            if name.len() > 1 && same(name, other) {
                return Some(name);
            }
            l += 1;
        }
        k += 1;
    }
    None
}

const fn shared_short(a: &Param<'_>, b: &Param<'_>) -> Option<u8> {
    let (ours, theirs) = ([a.short, a.opposite_short], [b.short, b.opposite_short]);
    let mut i = 0;
    while i < 4 {
        if ours[i / 2] != 0 && ours[i / 2] == theirs[i % 2] {
            return Some(ours[i / 2]);
        }
        i += 1;
    }
    None
}

/// The words that the operands need together.
pub(super) const fn needs(params: &[&Param<'_>]) -> u32 {
    let (mut needs, mut i) = (0_u32, 0);
    while i < params.len() {
        if matches!(params[i].role, Role::Operand) {
            needs = needs.saturating_add(params[i].word_count().min);
        }
        i += 1;
    }
    needs
}

/// Whether the subcommands stand in the order of their names, so that one is found by bisection.
pub(super) const fn in_order(commands: &[&Command<'_>]) -> bool {
    let mut i = 1;
    while i < commands.len() {
        if !order(commands[i - 1].name, commands[i].name).is_lt() {
            return false;
        }
        i += 1;
    }
    true
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
