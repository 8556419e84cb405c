//! Some together, or not at all.

use super::{is_member, members, others};
use crate::declare::{Param, Relation, Rule};
use crate::facts::Fact;
use crate::read::Line;
use crate::wording::{Wording, fill};

#[derive(Debug)]
struct AllOrNone;

impl<'d> Rule<'d> {
    /// The members are given together or not at all.
    pub const fn all_or_none(members: &'d [&'d Param<'d>]) -> Self {
        Rule::new(&AllOrNone, members, None)
    }
}

impl Relation for AllOrNone {
    fn name(&self) -> &'static str {
        "all_or_none"
    }

    fn check<'d>(&self, rule: &'d Rule<'d>, line: &mut Line<'d>) {
        if !line.given(rule).is_empty() {
            line.lack(rule);
        }
    }

    fn sentence(&self, rule: &Rule<'_>, lacking: &str, wording: &Wording<'_>) -> String {
        fill(wording.all_or_none(), &[&members(rule, wording, wording.and()), lacking])
    }

    fn fact(&self, rule: &Rule<'_>, param: &Param<'_>, wording: &Wording<'_>) -> Option<Fact> {
        let others = || {
            Fact::new(|wording| wording.only_with(), [others(rule, param, wording, wording.and())])
        };
        is_member(rule, param).then(others)
    }
}
