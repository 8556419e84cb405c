//! Relations between parameters: a file for each rule, with its constructor, its verdict on a line, and what
//! faults and pages say of it.
//!
//! In comes a [`Rule`] of a declaration and a line that was read; out go faults. The record of a rule points to
//! its code, so that a program links the rules that it declares, and no stage lists them all.

pub(crate) mod all_or_none;
pub(crate) mod at_least_one;
pub(crate) mod needed_with;
pub(crate) mod not_with;
pub(crate) mod only_one;
pub(crate) mod only_with;

use crate::record::brought::Brings;
use crate::record::mend::Mend;
use crate::record::param::Param;
use crate::record::rule::Rule;
use crate::text::Listed;
use crate::wording::Speech;
use crate::wording::english::Phrase;

/// What a need that is not met brings along.
const LACKING: &Brings = &Brings { say: None, mend: Some(Mend::LACKING) };

/// The names of the members, in a list.
#[inline]
fn members<'t>(rule: &Rule<'_>, speech: Speech<'t>, last: &str) -> &'t str {
    names(rule.members(), None, speech, last)
}

/// The names of the members but for one of them.
#[inline]
fn others<'t>(rule: &Rule<'_>, param: &Param<'_>, speech: Speech<'t>, last: &str) -> &'t str {
    names(rule.members(), Some(param), speech, last)
}

#[inline]
fn names<'t>(
    params: &[&Param<'_>],
    but: Option<&Param<'_>>,
    speech: Speech<'t>,
    last: &str,
) -> &'t str {
    let left = params.iter().filter(|param| !but.is_some_and(|but| param.is(but)));
    let shown = left.take(Speech::MOST_LISTED).map(|param| speech.keep(param.spelled())).listed();
    let count = params.len() - usize::from(but.is_some());
    speech.first(&shown, count.max(shown.len()), speech.say(Phrase::Comma), last)
}

/// The parameter that a rule hangs on, and the value that it must have.
#[inline]
fn hanging<'t>(rule: &Rule<'t>, speech: Speech<'t>) -> (&'t str, &'t str) {
    rule.when().map_or(("", ""), |(param, value)| (speech.keep(param.spelled()), value))
}

#[inline]
fn is_member(rule: &Rule<'_>, param: &Param<'_>) -> bool {
    rule.members().iter().any(|member| member.is(param))
}

/// Whether a rule hangs on a parameter.
#[inline]
fn hangs_on(rule: &Rule<'_>, param: &Param<'_>) -> bool {
    rule.when().is_some_and(|when| when.0.is(param))
}
