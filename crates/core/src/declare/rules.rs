//! What a declaration must keep to: one set of rules for statics, where the first problem stops
//! the build, and for trees made at run time, where [`Command::problems`] lists them all.
//!
//! The rules are `const fn`, which can neither push to a list nor call a closure. So each walks its
//! part of the declaration and shows what it finds to a [`Finder`], which keeps the n-th problem:
//! a static asks for the first, a list asks for one after the other.

use super::Command;
use super::command::Tails;
use super::defaults;
use super::names::{hash, name_fault, order, same};
use super::param::{Param, Role, Tail};
use super::problem::Problem;
use super::twins::Roll;

/// The n-th problem of a declaration, in the making.
pub(super) struct Finder<'d> {
    skip: usize,
    found: Option<Problem<'d>>,
}

impl<'d> Finder<'d> {
    pub(super) const fn show(&mut self, problem: Problem<'d>) {
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
    Roll::Parameters(command).show_twins(&mut finder);
    shorts(command, &mut finder);
    operands(command, &mut finder);
    Roll::Subcommands(command).show_twins(&mut finder);
    strangers(command, &mut finder);
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
    while i < command.former.len() {
        show_name(command.former[i], finder);
        i += 1;
    }
    let mut i = 0;
    while let Some(param) = command.param(i) {
        if let Some(problem) = defaults::problem(param) {
            finder.show(problem);
        }
        // In a static, a key's own names were checked where it was declared.
        if command.draft && matches!(param.role, Role::Operand) {
            show_name(param.name, finder);
        }
        if !command.draft && param.aliases.is_empty() && param.former.is_empty() {
            i += 1;
            continue;
        }
        let mut k = if command.draft { 0 } else { Param::OWN_NAMES };
        while let Some(name) = param.long_name(k) {
            // Some places are there for every parameter, and mostly empty.
            if k == 0 || k >= Param::OWN_NAMES || !name.is_empty() {
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

/// Letters that stand twice in a command.
const fn shorts<'d>(command: &Command<'d>, finder: &mut Finder<'d>) {
    let mut first: [Option<&Param<'d>>; 128] = [None; 128];
    let mut i = 0;
    while let Some(param) = command.param(i) {
        let both = [param.letter, param.opposite_letter];
        let mut k = 0;
        while k < 2 {
            let letter = both[k];
            let at = (letter & 0x7f) as usize;
            if let Some(first) = first[at]
                && letter != 0
            {
                let (first, second) = (first.name, param.name);
                let (command, above) = (command.name, command.name);
                finder.show(Problem::Letters { first, second, letter, command, above });
            }
            first[at] = Some(param);
            k += 1;
        }
        i += 1;
    }
}

const fn operands<'d>(command: &Command<'d>, finder: &mut Finder<'d>) {
    let mut unbounded: Option<&Param<'d>> = None;
    let mut optional: Option<&Param<'d>> = None;
    let mut i = 0;
    while let Some(param) = command.param(i) {
        i += 1;
        if !matches!(param.role, Role::Operand) {
            continue;
        }
        if param.tail.is_some() {
            // A tail has words of its own, which no other operand takes; a raw one comes last.
            if matches!(param.tail, Some(Tail::Raw)) && follows(command, i) {
                finder.show(Problem::Raw { operand: param.name, command: command.name });
            }
            if !matches!(param.tail, Some(Tail::Raw)) {
                continue;
            }
        }
        if !command.commands.is_empty() {
            let (operand, subcommand) = (param.name, command.commands[0].name);
            finder.show(Problem::Beside { operand, subcommand, command: command.name });
        }
        let mut j = 0;
        while let Some(other) = command.param(j)
            && j + 1 < i
        {
            if matches!(other.role, Role::Operand) && same(other.name, param.name) {
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

/// Whether an operand by position stands at `i` or behind.
const fn follows(command: &Command<'_>, mut i: usize) -> bool {
    while let Some(param) = command.param(i) {
        if matches!(param.role, Role::Operand) && by_position(param) {
            return true;
        }
        i += 1;
    }
    false
}

/// Rules without a member here, and a default subcommand that is none.
const fn strangers<'d>(command: &Command<'d>, finder: &mut Finder<'d>) {
    let mut r = 0;
    while r < command.rules.len() {
        let rule = &command.rules[r];
        let mut known = match rule.when {
            Some((param, _)) => has(command, param),
            None => false,
        };
        let mut i = 0;
        while i < rule.members.len() {
            known |= has(command, rule.members[i]);
            i += 1;
        }
        if !known && !rule.members.is_empty() {
            finder.show(Problem::Rule { param: rule.members[0].name, command: command.name });
        }
        r += 1;
    }
    if let Some(otherwise) = command.otherwise {
        let mut i = 0;
        while i < command.commands.len() && !same(command.commands[i].name, otherwise.name) {
            i += 1;
        }
        if i == command.commands.len() {
            finder.show(Problem::Otherwise { subcommand: otherwise.name, command: command.name });
        }
    }
}

/// By its name: addresses cannot be compared while compiling.
const fn has(command: &Command<'_>, param: &Param<'_>) -> bool {
    let mut i = 0;
    while let Some(own) = command.param(i) {
        if same(own.name, param.name) {
            return true;
        }
        i += 1;
    }
    false
}

/// A bit for each name that a command accepts throughout: most parameters below have none of the
/// bits, and need no closer look.
const fn reach_mask(command: &Command<'_>) -> u64 {
    let mut mask = 0;
    let mut i = 0;
    while let Some(param) = command.param(i) {
        if param.throughout {
            mask |= name_mask(param);
        }
        i += 1;
    }
    mask
}

const fn name_mask(param: &Param<'_>) -> u64 {
    let mut mask = bit(param.letter as u32) | bit(param.opposite_letter as u32);
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
        while let Some(param) = command.param(i) {
            if name_mask(param) & mask != 0 {
                clash(above, command, param, finder);
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
    while let Some(upper) = above.param(i) {
        i += 1;
        if !upper.throughout {
            continue;
        }
        let (first, second, command, above) = (upper.name, param.name, command.name, above.name);
        if let Some(name) = shared_long(upper, param) {
            finder.show(Problem::Long { first, second, name, command, above });
        }
        if let Some(letter) = shared_letter(upper, param) {
            finder.show(Problem::Letters { first, second, letter, command, above });
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

const fn shared_letter(a: &Param<'_>, b: &Param<'_>) -> Option<u8> {
    let (ours, theirs) = ([a.letter, a.opposite_letter], [b.letter, b.opposite_letter]);
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
pub(super) const fn needs(command: &Command<'_>) -> u32 {
    let (mut needs, mut i) = (0_u32, 0);
    while let Some(param) = command.param(i) {
        if matches!(param.role, Role::Operand) && by_position(param) {
            needs = needs.saturating_add(param.word_count().min);
        }
        i += 1;
    }
    needs
}

/// Whether an operand takes words by their position.
const fn by_position(param: &Param<'_>) -> bool {
    matches!(param.tail, None | Some(Tail::Raw))
}

/// Which tails the operands have.
pub(super) const fn tails(command: &Command<'_>) -> Tails {
    let mut tails = Tails { raw: false, after_dashes: false, unknown_options: false };
    let mut i = 0;
    while let Some(param) = command.param(i) {
        match param.tail {
            Some(Tail::Raw) => tails.raw = true,
            Some(Tail::AfterDashes) => tails.after_dashes = true,
            Some(Tail::UnknownOptions) => tails.unknown_options = true,
            None => {}
        }
        i += 1;
    }
    tails
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
