//! The relations of a document.

use clavret_core::Rule;
use clavret_core::ask::Param;

use super::build::Build;
use super::refer::Level;
use super::settings::RULES;
use super::view::{View, text};

/// What makes a rule, by what that hangs on.
#[derive(Clone, Copy)]
pub(super) enum Makes {
    Members(for<'d> fn(&'d [&'d Param<'d>]) -> Rule<'d>),
    Param(for<'d> fn(&'d Param<'d>, &'d [&'d Param<'d>]) -> Rule<'d>),
    Value(for<'d> fn(&'d [&'d Param<'d>], &'d Param<'d>, &'d str) -> Rule<'d>),
}

impl<'d> Build<'d, '_> {
    pub(super) fn rules(&mut self, view: View<'d>, level: Level<'d, '_>) -> &'d [Rule<'d>] {
        let views: Vec<_> = view.tables("rule").collect();
        let rules: Vec<_> = views.into_iter().filter_map(|rule| self.rule(rule, level)).collect();
        self.arena.alloc_slice_copy(&rules)
    }

    fn rule(&mut self, view: View<'d>, level: Level<'d, '_>) -> Option<Rule<'d>> {
        let (sort, makes) = self.sort(view)?;
        let members = self.params_named(view, sort, level);
        // What a name that means nothing was to be a member of is no rule.
        let is_whole = members.len() == view.names(sort).count();
        let param = view.get("param").and_then(|node| Some((text(node)?, &node.at)));
        let value = view.scalar("value");
        let told_of_param = match (param, makes) {
            (Some((_, at)), Makes::Members(_)) => {
                Some((at, format!("`{sort}` hangs on no parameter")))
            }
            (None, Makes::Param(_) | Makes::Value(_)) => {
                let told = "needs `param = \"…\"`: the parameter that it hangs on";
                Some((view.at, format!("`{sort}` {told}")))
            }
            _ => None,
        };
        if let Some((at, told)) = told_of_param {
            self.blots.put(at, told);
            return None;
        }
        let param = match param {
            Some(name) => Some(self.param(name, level)?),
            None => None,
        };
        let at = view.get("value").map_or(view.at, |node| &node.at);
        let rule = match (makes, param, value) {
            (Makes::Members(make), _, None) => make(members),
            (Makes::Param(make), Some(param), None) => make(param, members),
            (Makes::Value(make), Some(param), Some(value)) => make(members, param, value),
            (_, _, Some(_)) => {
                self.blots.put(at, format!("`{sort}` hangs on no value"));
                return None;
            }
            _ => {
                let told = "needs `value = \"…\"`: the value that its parameter must have";
                self.blots.put(at, format!("`{sort}` {told}"));
                return None;
            }
        };
        is_whole.then_some(rule)
    }

    /// The one key of a table that says which rule it is.
    fn sort(&mut self, view: View<'d>) -> Option<(&'static str, Makes)> {
        let mut sorts = RULES.iter().filter(|(sort, _)| view.get(sort).is_some());
        let Some(&(sort, makes)) = sorts.next() else {
            let sorts: Vec<&str> = RULES.iter().map(|(sort, _)| *sort).collect();
            self.blots.put(view.at, format!("a rule has one of `{}`", sorts.join("`, `")));
            return None;
        };
        if let Some((other, _)) = sorts.next() {
            let at = view.get(other).map_or(view.at, |node| &node.at);
            self.blots.put(at, format!("a rule is of one sort, and this one is `{sort}` already"));
            return None;
        }
        Some((sort, makes))
    }
}
