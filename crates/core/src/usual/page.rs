//! How a page is asked for: by a flag, and by a command.

use crate::declare::keys::{Flag, Operand};
use crate::record::alone::{Alone, Gives};
use crate::record::command::Command;
use crate::record::kind::Refers;
use crate::record::page::Page;
use crate::record::reading::{PageLength, Request};
use crate::text::own;
use crate::wording::Wording;
use crate::wording::english::Phrase;

/// `-h`, `--help`: the short page by the letter, and the full one by the name. A program has it unless it
/// lists what is [usual](Command::usual) itself.
pub static HELP_FLAG: Flag = Flag::new("help").letter('h').throughout().stands_alone(&ShowPage);

static TOPIC: Operand<Vec<String>> = Operand::new("command").refers(Refers::Command);

/// `help [COMMAND...]`, for the root's list: shows the full page of a command.
///
/// It may be adapted, such as for another language: `static AIDE: Command = HELP_COMMAND.adapted().summary("…");`.
#[doc(alias("help command"))]
pub static HELP_COMMAND: Command =
    Command::new("help").takes(&[TOPIC.param()]).stands_alone(&ShowTopic);

/// Shows the page of the command that the line has reached, for a flag of any name.
///
/// ```
/// # use clavret_core as clavret;
/// use clavret::Flag;
/// use clavret::handlers::ShowPage;
/// static AID: Flag = Flag::new("aid").letter('a').throughout().stands_alone(&ShowPage);
/// ```
#[derive(Debug, Clone, Copy)]
pub struct ShowPage;

impl Alone for ShowPage {
    fn text(&self, asked: &Request<'_>) -> String {
        let is_short = asked.is_by_letter() && asked.has_both_names();
        let length = if is_short { PageLength::Short } else { PageLength::Full };
        Page::known(&asked.path(), length, asked.known()).draw(asked.look())
    }

    fn help(&self, _: &[String], wording: &Wording<'_>) -> String {
        own(wording.say(Phrase::HelpOption))
    }

    fn gives(&self) -> Gives {
        Gives::Page
    }
}

/// Shows the page of the command that the words name.
struct ShowTopic;

impl Alone for ShowTopic {
    fn text(&self, asked: &Request<'_>) -> String {
        Page::known(&asked.topic(), PageLength::Full, asked.known()).draw(asked.look())
    }

    fn help(&self, _: &[String], wording: &Wording<'_>) -> String {
        own(wording.say(Phrase::HelpCommand))
    }

    fn operand_help(&self, wording: &Wording<'_>) -> String {
        own(wording.say(Phrase::HelpTopic))
    }

    fn gives(&self) -> Gives {
        Gives::Page
    }
}
