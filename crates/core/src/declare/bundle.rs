//! Parameters that several commands take together.

use crate::check::problem::Problem;
use crate::record::command::{Bundle, Command};
use crate::record::param::Param;
use crate::record::rule::Rule;

impl<'d> Bundle<'d> {
    /// A bundle by the heading that pages give its options; an empty one leaves them among the
    /// command's own.
    pub const fn new(heading: &'d str) -> Self {
        Bundle { heading, params: &[], rules: &[], flaw: None }
    }

    /// What a command takes, under a heading.
    ///
    /// # Panics
    ///
    /// In a static, so that the build stops: when the command has subcommands, or bundles of its own. Of one
    /// made at run time, whoever takes the bundle lists that among its problems.
    #[track_caller]
    #[inline]
    pub const fn of(command: &Command<'d>, heading: &'d str) -> Self {
        let flaw = if !command.commands.is_empty() {
            Some("a command with subcommands cannot be a bundle")
        } else if !command.bundles.is_empty() {
            Some("a bundle cannot have bundles of its own")
        } else {
            None
        };
        if !command.draft
            && let Some(why) = flaw
        {
            Problem::Bundle { heading, why }.stop();
        }
        Bundle { heading, params: command.params, rules: command.rules, flaw }
    }

    /// What it takes, in the order that pages show it.
    #[must_use]
    pub const fn takes(mut self, params: &'d [&'d Param<'d>]) -> Self {
        if !self.params.is_empty() {
            self.flaw = Some("`takes` is set twice");
        }
        self.params = params;
        self
    }

    /// Relations between its parameters.
    #[must_use]
    pub const fn rules(mut self, rules: &'d [Rule<'d>]) -> Self {
        if !self.rules.is_empty() {
            self.flaw = Some("`rules` is set twice");
        }
        self.rules = rules;
        self
    }
}
