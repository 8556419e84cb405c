//! Relations, and what parameters are called from afar.

use clavret_core::ask::{CommandPath, Param};
use clavret_core::{Command, Rule};

use super::Export;
use super::fields::{Fields, text, texts};
use crate::names::{Called, dashed};
use crate::text::Node;

impl<'d> Export<'d> {
    pub(super) fn rule(&self, rule: &Rule<'d>, levels: &[Called<'d>]) -> Node {
        let mut fields = Fields::default();
        let names: Vec<String> =
            rule.members().iter().map(|param| self.called(param, levels)).collect();
        fields.put(&rule.name().replace('_', "-"), texts(names.iter().map(String::as_str)));
        if let Some((param, value)) = rule.when() {
            fields.put("param", text(&self.called(param, levels)));
            fields.text("value", value);
        }
        fields.node()
    }

    /// The parameters that a name may mean at a command: its own, then those of the commands above.
    pub(super) fn levels(&self, path: &[&'d Command<'d>]) -> Vec<Called<'d>> {
        path.iter().rev().map(|command| Called::new(self.params(command))).collect()
    }

    /// The parameters of a command; those of the root with what is usual.
    pub(super) fn params(&self, command: &'d Command<'d>) -> Vec<&'d Param<'d>> {
        let usual = command.ask().usual().unwrap_or_default();
        command.ask().params().chain(usual.iter().copied()).collect()
    }

    /// What a parameter is called: by its name alone, if that means it.
    pub(super) fn called(&self, param: &Param<'d>, levels: &[Called<'d>]) -> String {
        let is_meant = |name: &String| {
            let mut meant = levels.iter().filter_map(|level| level.among(name));
            meant.next().is_some_and(|meant| meant.is(param))
        };
        let near = [param.name().to_owned(), dashed(param)].into_iter().find(is_meant);
        near.or_else(|| self.called_from_afar(param)).unwrap_or(param.name().to_owned())
    }

    fn called_from_afar(&self, param: &Param<'d>) -> Option<String> {
        CommandPath::tree(self.root).find_map(|path| {
            let params = self.params(path.leaf());
            let is_owner = params.iter().any(|own| own.is(param));
            let name = || Called::new(params.clone()).called(param);
            let names = path.commands().iter().enumerate();
            let way = || {
                let name = |(at, command): (usize, &&Command<'d>)| match at {
                    0 => command.ask().program_name().to_owned(),
                    _ => command.ask().name().to_owned(),
                };
                names.map(name).collect::<Vec<_>>().join(" ")
            };
            is_owner.then(|| format!("{} {}", way(), name()))
        })
    }
}
