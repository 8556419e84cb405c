//! A reusable set of parameters with a heading, for several commands to take.

use std::slice::Iter;

use super::command::Command;
use super::param::Param;
use super::problem::Problem;
use super::rule::Rule;

/// Parameters that several commands take together. Pages show their options under a heading of
/// their own; their operands stand behind the command's own ones.
///
/// ```
/// use clavret_core::{Bundle, Command, Named, Rule};
/// static SINCE: Named<Option<String>> = Named::new("since");
/// static UNTIL: Named<Option<String>> = Named::new("until");
/// static PERIOD: Bundle = Bundle::new("period").takes(&[SINCE.param(), UNTIL.param()]);
///
/// static REPORT: Command = Command::new("report").bundles(&[&PERIOD]);
/// static HARVESTS: Command = Command::new("harvests").bundles(&[&PERIOD]);
/// ```
#[derive(Debug, Clone, Copy)]
pub struct Bundle<'d> {
    pub(crate) heading: &'d str,
    pub(crate) params: &'d [&'d Param<'d>],
    pub(crate) rules: &'d [Rule<'d>],
    /// Why it can be none.
    pub(crate) flaw: Option<&'static str>,
}

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

/// The parameters of a command: its own, then those of its bundles. By hand, as nearly every step of a
/// reading goes through it.
#[derive(Debug)]
pub(super) struct Params<'d> {
    pub(super) list: Iter<'d, &'d Param<'d>>,
    pub(super) bundles: Iter<'d, &'d Bundle<'d>>,
}

impl<'d> Iterator for Params<'d> {
    type Item = &'d Param<'d>;

    #[inline]
    fn next(&mut self) -> Option<Self::Item> {
        loop {
            if let Some(param) = self.list.next() {
                return Some(param);
            }
            self.list = self.bundles.next()?.params.iter();
        }
    }
}
