//! Parts that most programs want, ready to be listed: nothing is there unless a program lists it.

use super::choice::{Choice, Offer};
use super::command::Standard;
use super::{Command, Named, Operand};

/// When to colour what is printed; the value of [`COLOR`].
#[derive(Debug, Clone, Copy, PartialEq, Eq, Default)]
pub enum When {
    /// When a terminal shows it, and the environment does not ask otherwise.
    #[default]
    Auto,
    /// Always.
    Always,
    /// Never.
    Never,
}

impl Choice for When {
    const OFFERS: &'static [Offer<'static>] =
        &[Offer::new("auto"), Offer::new("always"), Offer::new("never")];
    const VALUES: &'static [Self] = &[When::Auto, When::Always, When::Never];
}

/// `--color auto|always|never`, for the root's list: pages and faults obey it.
pub static COLOR: Named<When> =
    Named::new("color").placeholder("WHEN").default("auto").throughout();

pub(crate) static TOPIC: Operand<Vec<String>> =
    Operand::new("command").help("the command to explain; the program itself unless given");

/// `help [COMMAND...]`, for the root's list: shows the full page of a command.
///
/// It may be adapted, such as for another language: `static AIDE: Command = HELP.adapted().summary("…");`.
pub static HELP: Command = Command::new("help")
    .summary("show the page of a command")
    .takes(&[TOPIC.param()])
    .standard(Standard::Help);

pub(crate) static SHELL: Operand<Shell> = Operand::new("shell").help("the shell to write it for");

/// `completions SHELL`, for the root's list: prints the completion script for a shell.
pub static COMPLETIONS: Command = Command::new("completions")
    .summary("print the completion script for a shell")
    .takes(&[SHELL.param()])
    .standard(Standard::Completions);

/// The shells that a completion script is written for.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
#[non_exhaustive]
pub enum Shell {
    /// GNU bash, from 4.4 on.
    Bash,
}

impl Choice for Shell {
    const OFFERS: &'static [Offer<'static>] =
        &[Offer::new("bash").help("eval \"$(PROGRAM completions bash)\" in ~/.bashrc")];
    const VALUES: &'static [Self] = &[Shell::Bash];
}
