//! What a command takes, held against what is below it: its subcommands, and the names of theirs, where it
//! accepts some of its own throughout; and what a program has as usual, against the whole tree.

use super::finder::Finder;
use super::own::{absences, clashes};
use super::problem::{Finding, Shared};
use super::rules::letters_mask;
use crate::record::command::Command;
use crate::record::param::{Param, is_by_position, is_named};
use crate::text::bytes::{hash, same};

/// What a command takes, beside its subcommands.
#[inline]
pub(crate) const fn across<'d, const ROOM: usize>(
    command: &Command<'d>,
    finder: &mut Finder<'d, ROOM>,
) {
    beside(command, finder);
    if command.settled().is_throughout() && !command.subcommands().is_empty() {
        below(command, command, reach_mask(command), finder);
    }
}

/// Operands beside subcommands.
#[inline]
pub(crate) const fn beside<'d, const ROOM: usize>(
    command: &Command<'d>,
    finder: &mut Finder<'d, ROOM>,
) {
    if command.subcommands().is_empty() {
        return;
    }
    let mut i = 0;
    while let Some(param) = command.param(i) {
        if !is_named(param.role()) && is_by_position(param) {
            let (operand, subcommand) = (param.name(), command.subcommands()[0].name());
            finder.show(Finding::Beside { operand, subcommand, command: command.name() });
        }
        i += 1;
    }
}

/// A bit for each name that a command accepts throughout: most parameters below have none of the
/// bits, and need no closer look.
#[inline]
const fn reach_mask(command: &Command<'_>) -> u64 {
    let mut mask = 0;
    let mut i = 0;
    while let Some(param) = command.param(i) {
        if param.is_throughout() {
            mask |= name_mask(param);
        }
        i += 1;
    }
    mask
}

#[inline]
pub(crate) const fn name_mask(param: &Param<'_>) -> u64 {
    if !is_named(param.role()) {
        return 0;
    }
    let [letter, opposite] = param.letter_bytes();
    let mut mask = bit(param.hash()) | bit(letter as u32) | bit(opposite as u32);
    if param.has_one_name() {
        return mask;
    }
    let mut k = 1;
    while let Some(name) = param.long_name(k) {
        match name.as_bytes() {
            [] => {}
            [letter] => mask |= bit(*letter as u32),
            bytes => mask |= bit(hash(bytes)),
        }
        k += 1;
    }
    mask
}

#[inline]
const fn bit(hash: u32) -> u64 {
    if hash == 0 { 0 } else { 1 << ((hash ^ (hash >> 16)) % 64) }
}

/// Names below a command that clash with what it accepts throughout.
#[inline]
const fn below<'d, const ROOM: usize>(
    above: &Command<'d>,
    node: &Command<'d>,
    mask: u64,
    finder: &mut Finder<'d, ROOM>,
) {
    let mut c = 0;
    while c < node.subcommands().len() {
        let command = node.subcommands()[c];
        let mut i = 0;
        while let Some(param) = command.param(i) {
            if name_mask(param) & mask != 0 && !param.is_anew() {
                clash(above, command, param, finder);
            }
            i += 1;
        }
        below(above, command, mask, finder);
        c += 1;
    }
}

#[inline]
const fn clash<'d, const ROOM: usize>(
    above: &Command<'d>,
    command: &Command<'d>,
    param: &Param<'d>,
    finder: &mut Finder<'d, ROOM>,
) {
    let mut i = 0;
    while let Some(upper) = above.param(i) {
        i += 1;
        if upper.is_throughout() {
            twins(above, command, upper, param, finder);
        }
    }
}

/// Two parameters that share a name, the first of them that of a command above.
#[inline]
const fn twins<'d, const ROOM: usize>(
    above: &Command<'d>,
    command: &Command<'d>,
    upper: &Param<'d>,
    param: &Param<'d>,
    finder: &mut Finder<'d, ROOM>,
) {
    let (first, second, command, above) =
        (upper.name(), param.name(), command.name(), above.name());
    if let Some(name) = shared_long(upper, param) {
        finder.show(Finding::Long { first, second, name, command, above });
    }
    if let Some(letter) = shared_letter(upper, param) {
        finder.show(Finding::Letters { first, second, letter, command, above });
    }
}

#[inline]
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

#[inline]
const fn shared_letter(a: &Param<'_>, b: &Param<'_>) -> Option<u8> {
    match letters_mask(a) & letters_mask(b) {
        0 => None,
        shared => Some(shared.trailing_zeros() as u8),
    }
}

/// What a root lists as usual, beside each other.
#[inline]
pub(crate) const fn usual<'d, const ROOM: usize>(
    root: &Command<'d>,
    params: &'d [&'d Param<'d>],
    finder: &mut Finder<'d, ROOM>,
) {
    let mut i = 0;
    while i < params.len() {
        let param = params[i];
        if param.is_draft() {
            clashes(param, finder);
        }
        absences(param, finder);
        if !param.stands_alone() {
            finder.show(Finding::NotAlone { name: param.name(), command: root.name() });
        }
        let mut k = 0;
        while k < i {
            twins(root, root, params[k], param, finder);
            k += 1;
        }
        i += 1;
    }
}

/// Names in the tree that are those of the usual ones.
#[inline]
pub(crate) const fn unusual<'d, const ROOM: usize>(
    root: &Command<'d>,
    usual: &'d [&'d Param<'d>],
    finder: &mut Finder<'d, ROOM>,
) {
    let (mut mask, mut i) = (0, 0);
    while i < usual.len() {
        mask |= name_mask(usual[i]);
        i += 1;
    }
    if mask != 0 {
        unusual_from(root, usual, mask, finder);
    }
}

#[inline]
const fn unusual_from<'d, const ROOM: usize>(
    command: &Command<'d>,
    usual: &'d [&'d Param<'d>],
    mask: u64,
    finder: &mut Finder<'d, ROOM>,
) {
    let mut i = 0;
    while let Some(param) = command.param(i) {
        let mut k = if name_mask(param) & mask == 0 { usual.len() } else { 0 };
        while k < usual.len() {
            if let Some(shared) = shared(usual[k], param) {
                let (name, command, usual) = (param.name(), command.name(), usual[k].name());
                finder.show(Finding::Usual { name, command, usual, shared });
            }
            k += 1;
        }
        i += 1;
    }
    let mut c = 0;
    while c < command.subcommands().len() {
        unusual_from(command.subcommands()[c], usual, mask, finder);
        c += 1;
    }
}

#[inline]
const fn shared<'d>(a: &Param<'d>, b: &Param<'d>) -> Option<Shared<'d>> {
    match (shared_long(a, b), shared_letter(a, b)) {
        (Some(long), _) => Some(Shared::Long(long)),
        (None, Some(letter)) => Some(Shared::Letter(letter)),
        (None, None) => None,
    }
}
