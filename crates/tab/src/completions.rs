//! How a completion script is asked for.

use crate::shells::{AnyShell, Shells};
use clavret_core::ask::Param;
use clavret_core::handlers::Alone;
use clavret_core::handlers::Gives;
use clavret_core::inner;
use clavret_core::reader::Request;
use clavret_core::wording::Wording;
use clavret_core::world::World;
use clavret_core::{Command, Named, Operand};

/// `completions SHELL`, for the root's list: prints the completion script for a shell, one of all that there are.
/// A program that wants only some makes its own by [`completions!`](crate::completions).
#[doc(alias("completion script"))]
pub static COMPLETIONS_COMMAND: Command = command(&[SHELL.param()], &PRINTS);

/// `--completions SHELL`, for a root without subcommands: the same as an option.
///
/// ```
/// # mod clavret { pub use clavret_core::*; pub use clavret_tab::{self as shell, *}; }
/// use clavret::{COMPLETIONS_OPTION, Command, Operand, Outcome};
/// static HIVE: Operand<String> = Operand::new("hive");
/// static INSPECT: Command =
///     Command::new("inspect").takes(&[HIVE.param(), COMPLETIONS_OPTION.param()]).answers();
///
/// assert!(matches!(INSPECT.read(&["--completions", "zsh"]), Outcome::Request(_)));
/// ```
pub static COMPLETIONS_OPTION: Named<Option<AnyShell>> =
    Named::new("completions").placeholder("SHELL").stands_alone(&PRINTS_OF_OPTION);
static PRINTS_OF_OPTION: PrintsOfOption = PrintsOfOption;

static SHELL: Operand<AnyShell> = operand();
static PRINTS: PrintScript<AnyShell> = PrintScript(&SHELL);

/// The command that prints the completion script for one of some shells; only their scripts are in the program.
///
/// ```
/// # mod clavret { pub use clavret_core::*; pub use clavret_tab::{self as shell, *}; }
/// use clavret::{Command, Outcome, completions};
/// use clavret::look::Look;
/// use clavret::shell::BASH;
/// static COMPLETIONS_COMMAND: Command = completions![BASH];
/// static APIARY: Command = Command::new("apiary").commands(&[&COMPLETIONS_COMMAND]);
///
/// let Outcome::Request(asked) = APIARY.read(&["completions", "bash"]) else { panic!() };
/// assert_eq!(asked.text(Look::PLAIN), BASH.script(&APIARY));
/// ```
#[macro_export]
macro_rules! completions {
    [$($shell:path),+ $(,)?] => {{
        $crate::shells!(Listed: $($shell),+);
        static SHELL: $crate::for_macros::Operand<Listed> = $crate::for_macros::operand();
        static PRINTS: $crate::for_macros::PrintScript<Listed> = $crate::for_macros::PrintScript(&SHELL);
        $crate::for_macros::command(&[SHELL.param()], &PRINTS)
    }};
}

/// What the macro names.
#[doc(hidden)]
pub mod for_macros {
    pub use super::{PrintScript, command, operand};
    pub use crate::shells::Shells;
    pub use clavret_core::{Choice, Offer, Operand};
}

/// The operand that a shell is named by.
#[inline]
pub const fn operand<S: Shells>() -> Operand<'static, S> {
    Operand::new("shell")
}

/// The command with its operand, and what it prints.
#[inline]
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
    fn text(&self, asked: &Request<'_>) -> String {
        script(asked, asked.get(self.0))
    }

    fn answer(&self, root: &Command<'_>, request: &[&str], world: &dyn World) -> Option<String> {
        answer::<S>(root, request, world)
    }

    fn asks(&self) -> bool {
        asks::<S>()
    }

    fn gives(&self) -> Gives {
        Gives::Scripts
    }

    fn help(&self, _: &[String], wording: &Wording<'_>) -> String {
        inner::of_scripts(wording)[0].to_owned()
    }

    fn operand_help(&self, wording: &Wording<'_>) -> String {
        inner::of_scripts(wording)[1].to_owned()
    }
}

/// The same for an option.
struct PrintsOfOption;

impl Alone for PrintsOfOption {
    fn text(&self, asked: &Request<'_>) -> String {
        script(asked, asked.get(&COMPLETIONS_OPTION).and_then(Option::as_ref))
    }

    fn answer(&self, root: &Command<'_>, request: &[&str], world: &dyn World) -> Option<String> {
        answer::<AnyShell>(root, request, world)
    }

    fn asks(&self) -> bool {
        asks::<AnyShell>()
    }

    fn gives(&self) -> Gives {
        Gives::Scripts
    }

    fn help(&self, _: &[String], wording: &Wording<'_>) -> String {
        inner::of_scripts(wording)[0].to_owned()
    }
}

/// Whether one of the shells has no script but the one that asks.
fn asks<S: Shells>() -> bool {
    S::VALUES.iter().any(|shell| !shell.shell().has_whole())
}

/// The script of the shell that was named.
fn script<S: Shells>(asked: &Request<'_>, shell: Option<&S>) -> String {
    shell.map_or_else(String::new, |shell| shell.shell().script(asked.path().root()))
}

/// The answer to the script of one of the shells.
fn answer<S: Shells>(root: &Command<'_>, request: &[&str], world: &dyn World) -> Option<String> {
    let ["1", "complete", shell, fields @ ..] = request else { return None };
    let is_asked = |known: &&S| known.shell().offer().name() == *shell;
    S::VALUES.iter().find(is_asked)?.shell().answer(root, fields, world)
}
