//! All of some, when another is given.

use super::{LACKING, hanging, hangs_on, others};
use crate::record::fact::Fact;
use crate::record::line::Line;
use crate::record::param::Param;
use crate::record::rule::{Relation, Rule};
use crate::wording::Speech;
use crate::wording::english::Phrase;

#[derive(Debug)]
struct OnlyWith;

impl<'d> Rule<'d> {
    /// `param` is given only with all of `others`.
    #[inline]
    pub const fn only_with(param: &'d Param<'d>, others: &'d [&'d Param<'d>]) -> Self {
        Rule::new(&OnlyWith, others, Some((param, "")))
    }
}

impl Relation for OnlyWith {
    #[inline]
    fn name(&self) -> &'static str {
        "only_with"
    }

    #[inline]
    fn check<'d>(&self, rule: &'d Rule<'d>, line: &mut Line<'d>) {
        if rule.when().is_some_and(|when| line.is_given(when.0)) {
            line.lack(rule, LACKING);
        }
    }

    #[inline]
    fn sentence<'t>(&self, rule: &Rule<'t>, lacking: &'t str, speech: Speech<'t>) -> &'t str {
        speech.tell(Phrase::Needs, &[hanging(rule, speech).0, lacking])
    }

    #[inline]
    fn fact<'t>(&self, rule: &Rule<'t>, param: &Param<'_>, speech: Speech<'t>) -> Option<Fact<'t>> {
        let others =
            || Fact::new(Phrase::OnlyWith, others(rule, param, speech, speech.say(Phrase::And)));
        hangs_on(rule, param).then(others)
    }
}
