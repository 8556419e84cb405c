//! At most one of some.

use super::{is_member, members, others};
use crate::page::synopsis::choice;
use crate::record::fact::Fact;
use crate::record::line::Line;
use crate::record::param::Param;
use crate::record::rule::{InSynopsis, Relation, Rule};
use crate::wording::Speech;
use crate::wording::english::Phrase;

#[derive(Debug)]
struct OnlyOne;

impl<'d> Rule<'d> {
    /// At most one of the members is given.
    #[inline]
    pub const fn only_one(members: &'d [&'d Param<'d>]) -> Self {
        Rule::new(&OnlyOne, members, None)
    }
}

impl Relation for OnlyOne {
    #[inline]
    fn name(&self) -> &'static str {
        "only_one"
    }

    #[inline]
    fn check<'d>(&self, rule: &'d Rule<'d>, line: &mut Line<'d>) {
        let given = line.given(rule);
        if given.len() > 1 {
            line.exclude(rule, &given);
        }
    }

    #[inline]
    fn sentence<'t>(&self, rule: &Rule<'t>, _: &'t str, speech: Speech<'t>) -> &'t str {
        speech.tell(Phrase::OnlyOne, &[members(rule, speech, speech.say(Phrase::And))])
    }

    #[inline]
    fn fact<'t>(&self, rule: &Rule<'t>, param: &Param<'_>, speech: Speech<'t>) -> Option<Fact<'t>> {
        let others =
            || Fact::new(Phrase::NotWith, others(rule, param, speech, speech.say(Phrase::Or)));
        is_member(rule, param).then(others)
    }

    #[inline]
    fn excludes(&self) -> bool {
        true
    }

    #[inline]
    fn choice(&self) -> Option<InSynopsis> {
        Some(choice)
    }
}
