//! One of some, or more.

use super::{is_member, members, others};
use crate::declare::{Param, Relation, Rule};
use crate::facts::Fact;
use crate::read::Line;
use crate::wording::{Wording, fill};

#[derive(Debug)]
struct AtLeastOne;

impl<'d> Rule<'d> {
    /// One of the members is given, or more.
    pub const fn at_least_one(members: &'d [&'d Param<'d>]) -> Self {
        Rule::new(&AtLeastOne, members, None)
    }
}

impl Relation for AtLeastOne {
    fn name(&self) -> &'static str {
        "at_least_one"
    }

    fn check<'d>(&self, rule: &'d Rule<'d>, line: &mut Line<'d>) {
        if rule.members().iter().all(|param| !line.is_met(param)) {
            line.lack(rule);
        }
    }

    fn sentence(&self, rule: &Rule<'_>, _: &str, wording: &Wording<'_>) -> String {
        fill(wording.at_least_one(), &[&members(rule, wording, wording.and())])
    }

    fn fact(&self, rule: &Rule<'_>, param: &Param<'_>, wording: &Wording<'_>) -> Option<Fact> {
        let others =
            || Fact::new(|wording| wording.this_or(), [others(rule, param, wording, wording.or())]);
        is_member(rule, param).then(others)
    }

    fn is_any_enough(&self) -> bool {
        true
    }
}
