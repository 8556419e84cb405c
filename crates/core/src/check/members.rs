//! What the rules between parameters must keep to: members that are in reach, and at least two.

use super::finder::Finder;
use super::problem::Finding;
use super::rules::default_command;
use crate::record::command::Command;
use crate::record::param::{Param, is_named};
use crate::record::rule::Rule;
use crate::text::bytes::same;

/// What is only known when a command is all there: rules that have no member here, and a default subcommand that is none.
#[inline]
pub(crate) const fn strangers<'d, const ROOM: usize>(
    command: &Command<'d>,
    finder: &mut Finder<'d, ROOM>,
) {
    let mut r = 0;
    while r < command.own_rules().len() {
        let rule = &command.own_rules()[r];
        if !has_any(command, rule) && !rule.members().is_empty() {
            finder.show(Finding::Rule { param: rule.members()[0].name(), command: command.name() });
        }
        r += 1;
    }
    default_command(command, finder);
}

/// Whether a member of a rule is a parameter of a command.
#[inline]
pub(super) const fn has_any(command: &Command<'_>, rule: &Rule<'_>) -> bool {
    let mut known = match rule.when() {
        Some((param, _)) => has(command, param),
        None => false,
    };
    let mut i = 0;
    while i < rule.members().len() {
        known |= has(command, rule.members()[i]);
        i += 1;
    }
    known
}

/// A command, and those above it.
struct Way<'w, 'd> {
    command: &'w Command<'d>,
    above: Option<&'w Way<'w, 'd>>,
}

/// Rules in a tree one of whose members is neither on the way to their command nor below it, so that it could never be
/// kept: what is only known of a root.
#[inline]
pub(crate) const fn out_of_reach<'d, const ROOM: usize>(
    root: &Command<'d>,
    finder: &mut Finder<'d, ROOM>,
) {
    Way { command: root, above: None }.out_of_reach(finder);
}

impl<'d> Way<'_, 'd> {
    #[inline]
    const fn out_of_reach<const ROOM: usize>(&self, finder: &mut Finder<'d, ROOM>) {
        let command = self.command;
        self.strangers(command.own_rules(), finder);
        let mut i = 0;
        while i < command.bundle_list().len() {
            self.strangers(command.bundle_list()[i].relations(), finder);
            i += 1;
        }
        let mut c = 0;
        while c < command.subcommands().len() {
            Way { command: command.subcommands()[c], above: Some(self) }.out_of_reach(finder);
            c += 1;
        }
    }

    #[inline]
    const fn strangers<const ROOM: usize>(
        &self,
        rules: &[Rule<'d>],
        finder: &mut Finder<'d, ROOM>,
    ) {
        let command = self.command;
        let mut r = 0;
        while r < rules.len() {
            let (members, when) = (rules[r].members(), rules[r].when());
            // A rule without a member here is told of already.
            let mut i = if has_any(command, &rules[r]) { 0 } else { members.len() };
            while i < members.len() {
                if !self.reaches(members[i]) {
                    finder
                        .show(Finding::Rule { param: members[i].name(), command: command.name() });
                }
                i += 1;
            }
            if let Some((param, _)) = when
                && !self.reaches(param)
            {
                finder.show(Finding::Rule { param: param.name(), command: command.name() });
            }
            r += 1;
        }
    }

    /// Whether a line that comes to the command may have a parameter.
    #[inline]
    const fn reaches(&self, param: &Param<'_>) -> bool {
        if is_below(self.command, param) {
            return true;
        }
        let mut above = self.above;
        while let Some(way) = above {
            if has(way.command, param) {
                return true;
            }
            above = way.above;
        }
        false
    }
}

/// Whether a command or one below it has a parameter.
#[inline]
const fn is_below(command: &Command<'_>, param: &Param<'_>) -> bool {
    if has(command, param) {
        return true;
    }
    let mut c = 0;
    while c < command.subcommands().len() {
        if is_below(command.subcommands()[c], param) {
            return true;
        }
        c += 1;
    }
    false
}

/// Rules of a command, or of one of its bundles, with fewer than two members.
#[inline]
pub(crate) const fn lonely<'d, const ROOM: usize>(
    command: &Command<'d>,
    rules: &[Rule<'d>],
    finder: &mut Finder<'d, ROOM>,
) {
    let mut r = 0;
    while r < rules.len() {
        let (members, when) = (rules[r].members(), rules[r].when());
        if members.len() + when.is_some() as usize <= 1 {
            let only = match (members, when) {
                ([first, ..], _) => first.name(),
                ([], Some((first, _))) => first.name(),
                ([], None) => "",
            };
            finder.show(Finding::Lonely { only, command: command.name() });
        }
        r += 1;
    }
}

/// By its name: addresses cannot be compared while compiling.
#[inline]
const fn has(command: &Command<'_>, param: &Param<'_>) -> bool {
    let mut i = 0;
    while let Some(own) = command.param(i) {
        if own.hash() == param.hash()
            && is_named(own.role()) == is_named(param.role())
            && same(own.name(), param.name())
        {
            return true;
        }
        i += 1;
    }
    false
}
