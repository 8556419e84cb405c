//! How the version is asked for.

use crate::declare::keys::Flag;
use crate::record::alone::{Alone, Gives};
use crate::record::command::Command;
use crate::record::reading::Request;
use crate::text::quote::visible;
use crate::text::{of, own};
use crate::wording::Wording;
use crate::wording::english::Phrase;

/// `--version`: the program's name and its version. A program that has a version has the flag too, unless it
/// lists what is [usual](Command::usual) itself.
pub static VERSION_FLAG: Flag = Flag::new("version").stands_alone(&ShowVersion);

/// Shows the version, for a flag of any name.
///
/// ```
/// # use clavret_core as clavret;
/// use clavret::Flag;
/// use clavret::handlers::ShowVersion;
/// static VERSION: Flag = Flag::new("version").letter('V').stands_alone(&ShowVersion);
/// ```
#[derive(Debug, Clone, Copy)]
pub struct ShowVersion;

impl Alone for ShowVersion {
    fn text(&self, asked: &Request<'_>) -> String {
        let path = asked.path();
        let root = path.root();
        of(&[&visible(&of(&[root.program_name(), " ", root.ask().version()])), "\n"])
    }

    fn help(&self, _: &[String], wording: &Wording<'_>) -> String {
        own(wording.say(Phrase::VersionOption))
    }

    fn is_in(&self, root: &Command<'_>) -> bool {
        !root.ask().version().is_empty()
    }

    fn gives(&self) -> Gives {
        Gives::Version
    }
}
