//! How a completion script is asked for.

use crate::shells::{All, Shells};
use clavret_core::{Alone, Asked, Command, Operand, Param, Wording};

/// `completions SHELL`, for the root's list: prints the completion script for a shell, one of all that there are.
/// A program that wants only some makes its own by [`completions!`](crate::completions).
pub static COMPLETIONS: Command = command(&[SHELL.param()], &PRINTS);

static SHELL: Operand<All> = operand();
static PRINTS: PrintScript<All> = PrintScript(&SHELL);

/// The command that prints the completion script for one of some shells; only their scripts are in the program.
///
/// ```
/// # mod clavret { pub use clavret_core::*; pub use clavret_complete::*; }
/// use clavret::{BASH, Command, Look, Outcome, completions};
/// static COMPLETIONS: Command = completions![BASH];
/// static APIARY: Command = Command::new("apiary").commands(&[&COMPLETIONS]);
///
/// let Outcome::Asked(asked) = APIARY.read(&["completions", "bash"]) else { panic!() };
/// assert_eq!(asked.text(Look::PLAIN), BASH.script(&APIARY));
/// ```
#[macro_export]
macro_rules! completions {
    [$($shell:path),+ $(,)?] => {{
        $crate::shells!(Listed: $($shell),+);
        static SHELL: $crate::__::Operand<Listed> = $crate::__::operand();
        static PRINTS: $crate::__::PrintScript<Listed> = $crate::__::PrintScript(&SHELL);
        $crate::__::command(&[SHELL.param()], &PRINTS)
    }};
}

/// What the macro names.
#[doc(hidden)]
pub mod __ {
    pub use super::{PrintScript, command, operand};
    pub use crate::shells::Shells;
    pub use clavret_core::{Choice, Offer, Operand};
}

/// The operand that a shell is named by.
pub const fn operand<S: Shells>() -> Operand<'static, S> {
    Operand::new("shell")
}

/// The command with its operand, and what it prints.
pub const fn command(
    params: &'static [&'static Param<'static>],
    prints: &'static dyn Alone,
) -> Command<'static> {
    Command::new("completions").takes(params).stands_alone(prints)
}

/// Prints the script for the shell that an operand names.
#[derive(Debug)]
pub struct PrintScript<S: Shells>(pub &'static Operand<'static, S>);

impl<S: Shells> Alone for PrintScript<S> {
    fn text(&self, asked: &Asked<'_>) -> String {
        let shell = asked.get(self.0).map(S::shell);
        shell.map_or_else(String::new, |shell| shell.script(asked.path().root()))
    }

    fn help(&self, _: &[String], wording: &Wording<'_>) -> String {
        wording.of_scripts()[0].to_owned()
    }

    fn operand_help(&self, wording: &Wording<'_>) -> String {
        wording.of_scripts()[1].to_owned()
    }
}
