//! All of some, when another has a value.

use super::{LACKING, hanging, is_member};
use crate::record::fact::Fact;
use crate::record::line::Line;
use crate::record::param::Param;
use crate::record::rule::{Relation, Rule};
use crate::wording::Speech;
use crate::wording::english::Phrase;

#[derive(Debug)]
struct NeededWith;

impl<'d> Rule<'d> {
    /// The members are needed when `param` has a value, as a user would type it.
    #[inline]
    pub const fn needed_with(
        members: &'d [&'d Param<'d>],
        param: &'d Param<'d>,
        value: &'d str,
    ) -> Self {
        Rule::new(&NeededWith, members, Some((param, value)))
    }
}

impl Relation for NeededWith {
    #[inline]
    fn name(&self) -> &'static str {
        "needed_with"
    }

    #[inline]
    fn check<'d>(&self, rule: &'d Rule<'d>, line: &mut Line<'d>) {
        if rule.when().is_some_and(|(param, value)| line.has_value(param, value)) {
            line.lack(rule, LACKING);
        }
    }

    #[inline]
    fn sentence<'t>(&self, rule: &Rule<'t>, lacking: &'t str, speech: Speech<'t>) -> &'t str {
        let (when, value) = hanging(rule, speech);
        speech.tell(Phrase::NeededWith, &[lacking, when, value])
    }

    #[inline]
    fn fact<'t>(&self, rule: &Rule<'t>, param: &Param<'_>, speech: Speech<'t>) -> Option<Fact<'t>> {
        let (when, value) = hanging(rule, speech);
        let needed = || Fact::new(Phrase::NeededFor, speech.of(&[when, " ", value]));
        is_member(rule, param).then(needed)
    }
}
