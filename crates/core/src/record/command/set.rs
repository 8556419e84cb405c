//! What setters write: a method for each, which nothing else has. Which of them go together is looked at elsewhere.

use super::{Bundle, Command, Judge, Settled};
use crate::record::alone::Alone;
use crate::record::brought::{Abbreviates, Brought, Judged};
use crate::record::config::Config;
use crate::record::package::Package;
use crate::record::param::Param;
use crate::record::rule::Rule;
use crate::record::said::Said;
use crate::wording::Wording;

writes! { Command:
    set_draft(is_draft: bool) draft = is_draft;
    set_unchecked() checked = None;
    set_unsaid() said = Said::NOTHING;
    set_name(name: &'d str) name = name;
    set_unnamed(is_unnamed: bool) is_unnamed = is_unnamed;
    set_aliases(aliases: &'d [&'d str]) aliases = aliases;
    set_former_names(names: &'d [&'d str]) former = names;
    set_hidden() hidden = true;
    set_deprecated(instead: &'d str) deprecated.instead = instead;
    set_deprecated_since(since: &'d str) deprecated.since = since;
    set_deprecated_until(until: &'d str) deprecated.until = until;
    set_summary(summary: &'d str) summary = summary;
    set_description(description: &'d str) description = description;
    set_version(version: &'d str) version = version;
    set_package(package: Package<'d>) package = package;
    set_examples(examples: &'d [(&'d str, &'d str)]) examples = examples;
    set_statuses(statuses: &'d [(u8, &'d str)]) statuses = statuses;
    set_wording(wording: &'d Wording<'d>) wording = Some(wording);
    set_params(params: &'d [&'d Param<'d>]) params = params;
    set_bundles(bundles: &'d [&'d Bundle<'d>]) bundles = bundles;
    set_rules(rules: &'d [Rule<'d>]) rules = rules;
    set_settled(settled: Settled) settled = settled;
    set_brought(brought: Brought) settled.brought = brought;
    set_default_command(command: &'d Command<'d>) default_command = Some(command);
    set_childless(is_childless: bool) childless = is_childless;
    set_acts() acts = true;
    set_operands_end() operands_end = true;
    set_abbreviates(abbreviates: &'static Abbreviates) abbreviates = Some(abbreviates);
    set_judge(judge: (&'d Judge<'d>, Judged)) judge = Some(judge);
    set_config(config: &'d Config<'d>) config = Some(config);
    set_usual(params: &'d [&'d Param<'d>]) usual = Some(params);
    set_alone(alone: Option<&'d dyn Alone>) alone = alone;
    set_answers() answers = true;
}

impl<'d> Command<'d> {
    /// Notes that a setter was called, by its bit; tells whether that was the first time.
    #[inline]
    pub(crate) const fn set_said(&mut self, bit: u64) -> bool {
        self.said.note(bit)
    }

    /// The subcommands, and whether they stand in the order of their names.
    #[inline]
    pub(crate) const fn set_commands(&mut self, commands: &'d [&'d Command<'d>], are_sorted: bool) {
        (self.commands, self.sorted) = (commands, are_sorted);
    }
}
