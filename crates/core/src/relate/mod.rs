//! Relations between parameters: a file for each rule, with its constructor, its verdict on a line, and what
//! faults and pages say of it.
//!
//! In comes a [`Rule`] of a declaration and a line that was read; out go faults. The record of a rule points to
//! its code, so that a program links the rules that it declares, and no stage lists them all.

mod all_or_none;
mod at_least_one;
mod needed_with;
mod not_with;
mod only_one;
mod only_with;

use crate::declare::{Param, Rule};
use crate::text::{Listed, own};
use crate::wording::Wording;

/// The names of the members, in a list.
fn members(rule: &Rule<'_>, wording: &Wording<'_>, last: &str) -> String {
    names(rule.members().iter().copied(), wording, last)
}

/// The names of the members but for one of them.
fn others(rule: &Rule<'_>, param: &Param<'_>, wording: &Wording<'_>, last: &str) -> String {
    names(rule.members().iter().copied().filter(|member| !member.is(param)), wording, last)
}

fn names<'p>(
    params: impl Iterator<Item = &'p Param<'p>>,
    wording: &Wording<'_>,
    last: &str,
) -> String {
    let names: Vec<String> = params.map(Param::spelled).listed();
    wording.list(names.iter().map(String::as_str), last)
}

/// The parameter that a rule hangs on, and the value that it must have.
fn hanging(rule: &Rule<'_>) -> (String, String) {
    rule.when().map_or(Default::default(), |(param, value)| (param.spelled(), own(value)))
}

fn is_member(rule: &Rule<'_>, param: &Param<'_>) -> bool {
    rule.members().iter().any(|member| member.is(param))
}

/// Whether a rule hangs on a parameter.
fn hangs_on(rule: &Rule<'_>, param: &Param<'_>) -> bool {
    rule.when().is_some_and(|when| when.0.is(param))
}
