//! `clavret write`: what is made of a declaration for other tools to read.
//!
//! * this file: documents, their schema, scripts for completion.
//! * `values.rs`: a JSON Schema of what `clavret read --as json` has as the values of a command.

mod values;

use std::ffi::OsString;
use std::io::Write as _;
use std::path::PathBuf;

use clavret::document::{Arena, document_of, document_schema, to_json, to_toml};
use clavret::look::visible;
use clavret::shell::{BASH, FISH, Shell, ZSH};
use clavret::{Act, Call, Choice, Declare, Done, Objection, Reading, Refers};

use crate::page::reached;
use crate::source::document;

/// write what other tools read of a declaration
#[derive(Declare)]
pub(crate) enum Write {
    Document(WriteDocument),
    /// write the JSON Schema of documents, for editors
    #[declare(examples = [("beside the documents", "clavret write schema >document.schema.json")])]
    Schema,
    Values(WriteValues),
    Completions(WriteCompletions),
}

/// How a document is written.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Choice)]
enum Language {
    Toml,
    Json,
}

/// write the document of a program, or one in another language
#[derive(Declare)]
#[declare(name = "document")]
#[declare(examples = [("what a program declares", "clavret write document apiary >apiary.toml")])]
pub(crate) struct WriteDocument {
    /// a document, - for one on standard input, or a program that gives its own
    #[operand(refers = Refers::Path)]
    source: PathBuf,
    /// the language
    #[option(name = "as", placeholder = "LANGUAGE", default = "toml")]
    language: Language,
}

/// write a JSON Schema of a command's values, as read --as json has them
#[derive(Declare)]
#[declare(name = "values")]
#[declare(examples = [("of one command", "clavret write values apiary.toml inspect")])]
pub(crate) struct WriteValues {
    /// a document, - for one on standard input, or a program that gives its own
    #[operand(refers = Refers::Path)]
    source: PathBuf,
    /// the command, by the names that lead to it; the program itself unless given
    #[operand(name = "command")]
    names: Vec<OsString>,
}

/// A shell that has completion.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Choice)]
enum For {
    Bash,
    Zsh,
    Fish,
}

/// write the script that completes a program in a shell
///
/// The script is the one that the program itself prints: it asks the program, so that needs to say that it answers. One that
/// is whole starts nothing, and knows less; there is one for bash. Both are the same whenever they are written, so a package
/// may have them without running the program.
#[derive(Declare)]
#[declare(name = "completions", judged_by = is_there)]
#[declare(examples = [
    ("for a package", "clavret write completions apiary.toml --for zsh >_apiary"),
])]
pub(crate) struct WriteCompletions {
    /// a document, - for one on standard input, or a program that gives its own
    #[operand(refers = Refers::Path)]
    source: PathBuf,
    /// the shell
    #[option(name = "for", placeholder = "SHELL")]
    shell: For,
    /// a script that starts nothing
    #[flag]
    whole: bool,
}

fn is_there(reading: &Reading<'_>) -> Result<(), Objection> {
    let shell = *reading.get(WriteCompletions::SHELL);
    if *reading.get(WriteCompletions::WHOLE) && shell != For::Bash {
        let text = "a script that starts nothing is there for bash alone";
        let objection = Objection::new(text).about(WriteCompletions::WHOLE);
        return Err(objection.about(WriteCompletions::SHELL));
    }
    Ok(())
}

impl For {
    fn shell(self) -> &'static Shell {
        match self {
            For::Bash => &BASH,
            For::Zsh => &ZSH,
            For::Fish => &FISH,
        }
    }
}

impl Act for Write {
    fn act(self, call: &Call<'_>) -> Done {
        let arena = Arena::new();
        let text = match &self {
            Write::Schema => format!("{:#}\n", document_schema()),
            Write::Document(WriteDocument { source, language }) => {
                let document = document(source, call)?;
                let tree = document_of(document.command(&arena));
                match language {
                    Language::Toml => to_toml(&tree),
                    Language::Json => to_json(&tree),
                }
            }
            Write::Values(WriteValues { source, names }) => {
                let document = document(source, call)?;
                let path = reached(document.command(&arena), names)?;
                format!("{:#}\n", values::schema(&path))
            }
            Write::Completions(WriteCompletions { source, shell, whole }) => {
                let document = document(source, call)?;
                let root = document.command(&arena);
                if !root.ask().is_answering() && *shell != For::Bash {
                    let name = visible(root.ask().program_name());
                    let told = format!(
                        "clavret: {name} does not answer, so the script asks it in vain: say `answers`\n"
                    );
                    call.err().write_all(told.as_bytes())?;
                }
                match whole {
                    true => shell.shell().whole_script(root).unwrap_or_default(),
                    false => shell.shell().script(root),
                }
            }
        };
        Ok(call.out().write_all(text.as_bytes())?)
    }
}
