//! `clavret page`: the page of a command, as its users see it.

use std::ffi::OsString;
use std::io::Write;
use std::path::PathBuf;

use clavret::ask::CommandPath;
use clavret::document::Arena;
use clavret::look::visible;
use clavret::medium::{Page, PageLength};
use clavret::{Act, COLOR_OPTION, Call, Command, Declare, Done, Failure, Refers, valid};

use crate::source::document;

/// show a page of what a document declares
#[derive(Declare)]
#[declare(name = "page")]
#[declare(examples = [
    ("the page of a program", "clavret page apiary.toml"),
    ("the short one of a subcommand, in 60 columns", "clavret page apiary.toml hive add --short --width 60"),
])]
pub(crate) struct ShowPage {
    /// a document, - for one on standard input, or a program that gives its own
    #[operand(refers = Refers::Path)]
    source: PathBuf,
    /// the command, by the names that lead to it; the program itself unless given
    #[operand]
    command: Vec<OsString>,
    /// the page of -h, not the one of --help
    #[flag(letter = 's')]
    short: bool,
    /// how wide the page may be; your terminal's width, at most 100, unless given
    #[option(letter = 'w', placeholder = "COLUMNS", valid = valid::range(20, 1000))]
    width: Option<u16>,
}

impl Act for ShowPage {
    fn act(self, call: &Call<'_>) -> Done {
        let (document, arena) = (document(&self.source, call)?, Arena::new());
        let path = reached(document.command(&arena), &self.command)?;
        let length = if self.short { PageLength::Short } else { PageLength::Full };
        let mut look = call.streams().out_look(*call.get(&COLOR_OPTION));
        if let Some(width) = self.width {
            look = look.width(width.into());
        }
        Ok(write!(call.out(), "{}", Page::of(&path, length).draw(look))?)
    }
}

/// The path that names lead along from a root; a name that is none is refused, as a line would be.
pub(crate) fn reached<'d>(
    root: &'d Command<'d>,
    names: &[OsString],
) -> Result<CommandPath<'d>, Failure> {
    let mut path = CommandPath::of(root);
    for name in names {
        path = match path.leaf().ask().subcommand(name.as_encoded_bytes()) {
            Some(command) => path.below(command),
            None => return Err(Failure::new(2, unknown(&path, &name.to_string_lossy()))),
        };
    }
    Ok(path)
}

/// What a command has instead of what was named.
fn unknown(path: &CommandPath<'_>, name: &str) -> String {
    let shown = path.leaf().ask().subcommands().iter().filter(|command| !command.ask().is_hidden());
    let names: Vec<&str> = shown.map(|command| command.ask().name()).collect();
    let told = format!("'{}' is no command of {path}", visible(name));
    match names[..] {
        [] => told + ", which has none",
        _ => format!("{told}, which has {}", names.join(", ")),
    }
}
