//! How a program is asked for its document.

use clavret_core::handlers::Alone;
use clavret_core::handlers::Gives;
use clavret_core::inner;
use clavret_core::reader::Request;
use clavret_core::wording::Wording;
use clavret_core::world::World;
use clavret_core::{Command, Flag};

use super::document_of;
use crate::text::to_json;

/// `document`, for the root's list: prints the document of the program in JSON. It is hidden, as it is for other
/// programs, which get it of a root that [answers](Command::answers) without running the command.
///
/// ```
/// # mod clavret { pub use clavret_core::*; pub use clavret_document::{self as document, *}; }
/// use clavret::{Command, DOCUMENT_COMMAND, Outcome};
/// use clavret::document::{document_of, to_json};
/// use clavret::look::Look;
/// static LIST: Command = Command::new("list");
/// static APIARY: Command = Command::new("apiary").commands(&[&LIST, &DOCUMENT_COMMAND]).answers();
///
/// let Outcome::Request(asked) = APIARY.read(&["document"]) else { panic!() };
/// assert_eq!(asked.text(Look::PLAIN), to_json(&document_of(&APIARY)));
/// ```
pub static DOCUMENT_COMMAND: Command =
    Command::new("document").hidden().stands_alone(&GivesDocument);

/// `--document`, for a root without subcommands: the same as a flag.
///
/// ```
/// # mod clavret { pub use clavret_core::*; pub use clavret_document::{self as document, *}; }
/// use clavret::{Command, DOCUMENT_FLAG, Operand, Outcome};
/// static HIVE: Operand<String> = Operand::new("hive");
/// static INSPECT: Command =
///     Command::new("inspect").takes(&[HIVE.param(), DOCUMENT_FLAG.param()]).answers();
/// assert!(matches!(INSPECT.read(&["--document"]), Outcome::Request(_)));
/// ```
pub static DOCUMENT_FLAG: Flag = Flag::new("document").hidden().stands_alone(&GivesDocument);

/// Gives the document of the root.
struct GivesDocument;

impl Alone for GivesDocument {
    fn text(&self, asked: &Request<'_>) -> String {
        to_json(&document_of(asked.path().root()))
    }

    fn answer(&self, root: &Command<'_>, request: &[&str], _: &dyn World) -> Option<String> {
        matches!(request, ["1", "document"]).then(|| to_json(&document_of(root)))
    }

    fn help(&self, _: &[String], wording: &Wording<'_>) -> String {
        inner::of_document(wording).to_owned()
    }

    fn gives(&self) -> Gives {
        Gives::Document
    }
}
