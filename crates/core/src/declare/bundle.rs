//! A bundle of what a command takes.

use crate::check::problem::Finding;
use crate::record::command::{Bundle, Command};

impl<'d> Bundle<'d> {
    /// What a command takes, under a heading.
    ///
    /// # Panics
    ///
    /// In a static, so that the build stops: when the command has subcommands, or bundles of its own. Of one
    /// made at run time, whoever takes the bundle lists that among its problems.
    #[track_caller]
    #[inline]
    pub const fn of(command: &Command<'d>, heading: &'d str) -> Self {
        let flaw = if !command.subcommands().is_empty() {
            Some("a command with subcommands cannot be a bundle")
        } else if !command.bundle_list().is_empty() {
            Some("a bundle cannot have bundles of its own")
        } else {
            None
        };
        if !command.is_draft()
            && let Some(why) = flaw
        {
            Finding::Bundle { heading, why }.stop();
        }
        Bundle::made(heading, command.own_params(), command.own_rules(), flaw)
    }
}
