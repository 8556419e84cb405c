//! One of some, or more.

use super::{LACKING, is_member, members, others};
use crate::record::fact::Fact;
use crate::record::line::Line;
use crate::record::param::Param;
use crate::record::rule::{Relation, Rule};
use crate::wording::Speech;
use crate::wording::english::Phrase;

#[derive(Debug)]
struct AtLeastOne;

impl<'d> Rule<'d> {
    /// One of the members is given, or more.
    #[inline]
    pub const fn at_least_one(members: &'d [&'d Param<'d>]) -> Self {
        Rule::new(&AtLeastOne, members, None)
    }
}

impl Relation for AtLeastOne {
    #[inline]
    fn name(&self) -> &'static str {
        "at_least_one"
    }

    #[inline]
    fn check<'d>(&self, rule: &'d Rule<'d>, line: &mut Line<'d>) {
        if rule.members().iter().all(|param| !line.is_met(param)) {
            line.lack(rule, LACKING);
        }
    }

    #[inline]
    fn sentence<'t>(&self, rule: &Rule<'t>, _: &'t str, speech: Speech<'t>) -> &'t str {
        speech.tell(Phrase::AtLeastOne, &[members(rule, speech, speech.say(Phrase::And))])
    }

    #[inline]
    fn fact<'t>(&self, rule: &Rule<'t>, param: &Param<'_>, speech: Speech<'t>) -> Option<Fact<'t>> {
        let others =
            || Fact::new(Phrase::ThisOr, others(rule, param, speech, speech.say(Phrase::Or)));
        is_member(rule, param).then(others)
    }

    #[inline]
    fn is_any_enough(&self) -> bool {
        true
    }
}
