//! Where the build of a static stops: the rules that are known then, and the first problem by them.

use super::finder::Finder;
use super::members::{lonely, strangers};
use super::reach;
use super::rules::{bundles, listed, misplaced_phrases, names, taken};
use super::twins::Roll;
use crate::record::command::{Command, Settled};

/// Stops the build where a static cannot be what is called so.
#[track_caller]
#[inline]
pub(crate) const fn check_names(command: &Command<'_>) {
    let mut finder = Finder::<1>::new(0);
    names(command, &mut finder);
    finder.stop();
}

/// Stops the build where a static cannot take what it is said to; gives what follows from it.
#[track_caller]
#[inline]
pub(crate) const fn check_taken(command: &Command<'_>) -> Settled {
    let mut finder = Finder::<1>::new(0);
    names(command, &mut finder);
    bundles(command, &mut finder);
    let mut settled_command = *command;
    settled_command.set_settled(taken::<1, true>(command, &mut finder));
    Roll::Parameters(&settled_command).show_twins(&mut finder);
    Roll::show_offered_twins(command, &mut finder);
    if settled_command.settled().operands() > 1 {
        Roll::Operands(command).show_twins(&mut finder);
    }
    finder.stop();
    *settled_command.settled()
}

/// Stops the build where a static cannot have its subcommands, or one of these is not all there.
#[track_caller]
#[inline]
pub(crate) const fn check_listed(command: &Command<'_>) {
    let mut finder = Finder::<1>::new(0);
    names(command, &mut finder);
    listed(command, &mut finder);
    Roll::Subcommands(command).show_twins(&mut finder);
    let mut i = 0;
    while i < command.subcommands().len() {
        strangers(command.subcommands()[i], &mut finder);
        i += 1;
    }
    finder.stop();
}

/// Stops the build where what a static takes cannot be beside its subcommands.
#[track_caller]
#[inline]
pub(crate) const fn check_across(command: &Command<'_>) {
    let mut finder = Finder::<1>::new(0);
    reach::across(command, &mut finder);
    finder.stop();
}

/// Stops the build where a static has phrases that cannot be filled in.
#[track_caller]
#[inline]
pub(crate) const fn check_phrases(command: &Command<'_>) {
    let mut finder = Finder::<1>::new(0);
    misplaced_phrases(command, &mut finder);
    finder.stop();
}

/// Stops the build where a static cannot list what it says is usual.
#[track_caller]
#[inline]
pub(crate) const fn check_usual(command: &Command<'_>) {
    let mut finder = Finder::<1>::new(0);
    names(command, &mut finder);
    if let Some(params) = command.declared_usual() {
        reach::usual(command, params, &mut finder);
    }
    finder.stop();
}

/// Stops the build where a static has rules that are none.
#[track_caller]
#[inline]
pub(crate) const fn check_rules(command: &Command<'_>) {
    let mut finder = Finder::<1>::new(0);
    lonely(command, command.own_rules(), &mut finder);
    finder.stop();
}
