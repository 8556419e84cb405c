//! None of some, when another is given.

use super::{hanging, hangs_on, is_member, members, others};
use crate::record::fact::Fact;
use crate::record::line::Line;
use crate::record::param::Param;
use crate::record::rule::{Relation, Rule};
use crate::wording::Speech;
use crate::wording::english::Phrase;

#[derive(Debug)]
struct NotWith;

impl<'d> Rule<'d> {
    /// `param` is not given with any of `others`.
    #[inline]
    pub const fn not_with(param: &'d Param<'d>, others: &'d [&'d Param<'d>]) -> Self {
        Rule::new(&NotWith, others, Some((param, "")))
    }
}

impl Relation for NotWith {
    #[inline]
    fn name(&self) -> &'static str {
        "not_with"
    }

    #[inline]
    fn check<'d>(&self, rule: &'d Rule<'d>, line: &mut Line<'d>) {
        let Some((param, _)) = rule.when() else { return };
        let mut given = line.given(rule);
        if !given.is_empty() && line.is_given(param) {
            given.insert(0, param);
            line.exclude(rule, &given);
        }
    }

    #[inline]
    fn sentence<'t>(&self, rule: &Rule<'t>, _: &'t str, speech: Speech<'t>) -> &'t str {
        speech.fill(
            speech.say(Phrase::Excludes),
            &[hanging(rule, speech).0, members(rule, speech, speech.say(Phrase::Or))],
        )
    }

    #[inline]
    fn fact<'t>(&self, rule: &Rule<'t>, param: &Param<'_>, speech: Speech<'t>) -> Option<Fact<'t>> {
        let others = match hangs_on(rule, param) {
            true => others(rule, param, speech, speech.say(Phrase::Or)),
            false if is_member(rule, param) => hanging(rule, speech).0,
            false => return None,
        };
        Some(Fact::new(Phrase::NotWith, others))
    }

    #[inline]
    fn excludes(&self) -> bool {
        true
    }
}
