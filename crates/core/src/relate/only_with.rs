//! All of some, when another is given.

use super::{hanging, hangs_on, others};
use crate::declare::{Param, Relation, Rule};
use crate::facts::Fact;
use crate::read::Line;
use crate::wording::{Wording, fill};

#[derive(Debug)]
struct OnlyWith;

impl<'d> Rule<'d> {
    /// `param` is given only with all of `others`.
    pub const fn only_with(param: &'d Param<'d>, others: &'d [&'d Param<'d>]) -> Self {
        Rule::new(&OnlyWith, others, Some((param, "")))
    }
}

impl Relation for OnlyWith {
    fn name(&self) -> &'static str {
        "only_with"
    }

    fn check<'d>(&self, rule: &'d Rule<'d>, line: &mut Line<'d>) {
        if rule.when().is_some_and(|when| line.is_typed(when.0)) {
            line.lack(rule);
        }
    }

    fn sentence(&self, rule: &Rule<'_>, lacking: &str, wording: &Wording<'_>) -> String {
        fill(wording.needs(), &[&hanging(rule).0, lacking])
    }

    fn fact(&self, rule: &Rule<'_>, param: &Param<'_>, wording: &Wording<'_>) -> Option<Fact> {
        let others = || {
            Fact::new(|wording| wording.only_with(), [others(rule, param, wording, wording.and())])
        };
        hangs_on(rule, param).then(others)
    }
}
