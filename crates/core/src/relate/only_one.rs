//! At most one of some.

use super::{is_member, members, others};
use crate::declare::{Param, Relation, Rule};
use crate::facts::Fact;
use crate::read::Line;
use crate::wording::{Wording, fill};

#[derive(Debug)]
struct OnlyOne;

impl<'d> Rule<'d> {
    /// At most one of the members is given.
    pub const fn only_one(members: &'d [&'d Param<'d>]) -> Self {
        Rule::new(&OnlyOne, members, None)
    }
}

impl Relation for OnlyOne {
    fn name(&self) -> &'static str {
        "only_one"
    }

    fn check<'d>(&self, rule: &'d Rule<'d>, line: &mut Line<'d>) {
        let given = line.given(rule);
        if given.len() > 1 {
            line.exclude(rule, &given);
        }
    }

    fn sentence(&self, rule: &Rule<'_>, _: &str, wording: &Wording<'_>) -> String {
        fill(wording.only_one(), &[&members(rule, wording, wording.and())])
    }

    fn fact(&self, rule: &Rule<'_>, param: &Param<'_>, wording: &Wording<'_>) -> Option<Fact> {
        let others = || {
            Fact::new(|wording| wording.not_with(), [others(rule, param, wording, wording.or())])
        };
        is_member(rule, param).then(others)
    }

    fn excludes(&self) -> bool {
        true
    }

    fn is_choice(&self) -> bool {
        true
    }
}
