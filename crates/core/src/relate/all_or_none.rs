//! Some together, or not at all.

use super::{LACKING, is_member, members, others};
use crate::record::fact::Fact;
use crate::record::line::Line;
use crate::record::param::Param;
use crate::record::rule::{Relation, Rule};
use crate::wording::Speech;
use crate::wording::english::Phrase;

#[derive(Debug)]
struct AllOrNone;

impl<'d> Rule<'d> {
    /// The members are given together or not at all.
    #[inline]
    pub const fn all_or_none(members: &'d [&'d Param<'d>]) -> Self {
        Rule::new(&AllOrNone, members, None)
    }
}

impl Relation for AllOrNone {
    #[inline]
    fn name(&self) -> &'static str {
        "all_or_none"
    }

    #[inline]
    fn check<'d>(&self, rule: &'d Rule<'d>, line: &mut Line<'d>) {
        if !line.given(rule).is_empty() {
            line.lack(rule, LACKING);
        }
    }

    #[inline]
    fn sentence<'t>(&self, rule: &Rule<'t>, lacking: &'t str, speech: Speech<'t>) -> &'t str {
        speech.tell(Phrase::AllOrNone, &[members(rule, speech, speech.say(Phrase::And)), lacking])
    }

    #[inline]
    fn fact<'t>(&self, rule: &Rule<'t>, param: &Param<'_>, speech: Speech<'t>) -> Option<Fact<'t>> {
        let others =
            || Fact::new(Phrase::OnlyWith, others(rule, param, speech, speech.say(Phrase::And)));
        is_member(rule, param).then(others)
    }
}
