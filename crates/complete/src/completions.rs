//! How a completion script is asked for.

use crate::{Shell, script};
use clavret_core::Asked;
use clavret_core::{Alone, Command, Operand};

static SHELL: Operand<Shell> = Operand::new("shell").help("the shell to write it for");

/// `completions SHELL`, for the root's list: prints the completion script for a shell.
pub static COMPLETIONS: Command = Command::new("completions")
    .summary("print the completion script for a shell")
    .takes(&[SHELL.param()])
    .stands_alone(&PrintScript);

struct PrintScript;

impl Alone for PrintScript {
    fn text(&self, asked: &Asked<'_>) -> String {
        asked.get(&SHELL).map_or_else(String::new, |shell| script(asked.path().root(), *shell))
    }
}
