//! A reusable set of parameters with a heading, for several commands to take.

use std::slice::Iter;

use super::command::Command;
use super::param::Param;
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
}

impl<'d> Bundle<'d> {
    /// A bundle by the heading that pages give its options; an empty one leaves them among the
    /// command's own.
    pub const fn new(heading: &'d str) -> Self {
        Bundle { heading, params: &[], rules: &[] }
    }

    /// What a command takes, under a heading.
    ///
    /// # Panics
    ///
    /// In a static, so that the build stops: when the command has subcommands, or bundles of its own.
    #[track_caller]
    pub const fn of(command: &Command<'d>, heading: &'d str) -> Self {
        assert!(command.commands.is_empty(), "a command with subcommands cannot be a bundle");
        assert!(command.bundles.is_empty(), "a bundle cannot have bundles of its own");
        Bundle { heading, params: command.params, rules: command.rules }
    }

    /// What it takes, in the order that pages show it.
    #[must_use]
    pub const fn takes(mut self, params: &'d [&'d Param<'d>]) -> Self {
        self.params = params;
        self
    }

    /// Relations between its parameters.
    #[must_use]
    pub const fn rules(mut self, rules: &'d [Rule<'d>]) -> Self {
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
