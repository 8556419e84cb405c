//! What is printed where a parameter or a command is asked for that needs nothing beside it: the record
//! brings it along.

use super::command::Command;
use super::param::Param;
use super::reading::Request;
use super::world::World;
use crate::wording::Wording;

/// What is printed when a parameter that [stands alone](crate::Flag::stands_alone) is given, instead of what
/// its command does. A function from the request to the text is one.
///
/// ```
/// # use clavret_core as clavret;
/// use clavret::{Command, Flag, Operand, Outcome};
/// use clavret::look::Look;
/// use clavret::reader::Request;
///
/// fn formats(_: &Request<'_>) -> String {
///     "table\ncsv\njson\n".to_owned()
/// }
///
/// static FILE: Operand<String> = Operand::new("file");
/// static FORMATS: Flag = Flag::new("formats").help("list the formats").stands_alone(&formats);
/// static REPORT: Command = Command::new("report").takes(&[FILE.param(), FORMATS.param()]);
///
/// let Outcome::Request(asked) = REPORT.read(&["--formats", "--nonsense"]) else { panic!() };
/// assert_eq!(asked.text(Look::PLAIN), "table\ncsv\njson\n");
/// ```
#[doc(alias("standalone option"))]
pub trait Alone: Sync {
    /// The text for standard output, its last line ended.
    fn text(&self, asked: &Request<'_>) -> String;

    /// What a page says of the parameter where its declaration has no help; `names` are those that it goes
    /// by there, dashes included. Of a command it is the summary, and there are no names.
    fn help(&self, names: &[String], wording: &Wording<'_>) -> String {
        _ = (names, wording);
        String::new()
    }

    /// What a page says of an operand of the command where its declaration has no help.
    fn operand_help(&self, wording: &Wording<'_>) -> String {
        _ = wording;
        String::new()
    }

    /// Whether a program has it among the [usual](Command::usual) ones: one without a version does not say it.
    fn is_in(&self, root: &Command<'_>) -> bool {
        _ = root;
        true
    }

    /// What another program gets that asks this one for something, such as a shell's script for candidates:
    /// see [`Command::answers`]. Nothing where it is not asked for what this gives.
    fn answer(&self, root: &Command<'_>, request: &[&str], world: &dyn World) -> Option<String> {
        _ = (root, request, world);
        None
    }

    /// Whether what it gives asks the program, such as a script of a shell: it is worth nothing where the root does not
    /// [answer](Command::answers).
    fn asks(&self) -> bool {
        false
    }

    /// What it gives: faults lead to a page, and to the version where that is mistyped.
    fn gives(&self) -> Gives {
        Gives::Text
    }
}

impl<F: Fn(&Request<'_>) -> String + Sync> Alone for F {
    fn text(&self, asked: &Request<'_>) -> String {
        self(asked)
    }
}

/// What a request is for: pages and faults say how to get a page, and what a mistyped version is.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub enum Gives {
    /// A text of the program's own.
    Text,
    /// The page of a command.
    Page,
    /// The program's version.
    Version,
    /// A completion script of a shell.
    Scripts,
    /// The declaration as a document.
    Document,
}

impl Param<'_> {
    /// Whether it gives something that the library leads to: a program's own `--help` is a page too.
    pub(crate) fn gives(&self, what: Gives) -> bool {
        self.alone().is_some_and(|alone| match alone.gives() {
            Gives::Text => what == Gives::Page && self.name() == "help",
            gives => gives == what,
        })
    }
}

impl Command<'_> {
    /// Whether it gives something that the library leads to.
    pub(crate) fn gives(&self, what: Gives) -> bool {
        self.alone().is_some_and(|alone| alone.gives() == what)
    }
}
