//! `clavret read`: how a line is read.
//!
//! * `table.rs`: for people; `json.rs`: for programs; `shell.rs`: for scripts, which evaluate what is printed.
//! * `lines.rs`: many lines.

mod json;
mod lines;
mod rows;
mod shell;
mod table;

use std::ffi::OsString;
use std::io::Write;
use std::path::PathBuf;

use clavret::document::Arena;
use clavret::reader::Words;
use clavret::world::SYSTEM;
use clavret::{
    Act, COLOR_OPTION, Call, Choice, Declare, Done, Failure, Objection, Outcome, Reading, Refers,
    Tail, valid,
};

use crate::source::{document, inside};

/// What is printed of a line.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Choice)]
pub(crate) enum Form {
    /// for people
    Table,
    /// for programs
    Json,
    /// assignments for a POSIX shell: dash, busybox sh
    Sh,
    /// assignments with arrays
    Bash,
    /// the same for ksh93
    Ksh,
    /// the same for mksh
    Mksh,
    /// the same for zsh
    Zsh,
}

/// tell how a line is read
///
/// For a script, in two steps, so that a missing tool or a refused line stops it:
///
///     got=$(clavret read FILE --as sh --prefix feed -- "$@") || exit
///     eval "$got"
///
/// With --inside "$0" the document stands in the script itself, between a line : <<'CLAVRET' and a line CLAVRET.
///
/// An option `--litres` is assigned to feed_litres, an operand HIVE to feed_HIVE, and what a command below the program takes has the
/// command in front: feed_add_litres. A flag is true or false, a tally its count. feed_litres_origin tells where it is from: word,
/// variable, setting, default or absent. What has several words is an array, in sh feed_HIVE_n and feed_HIVE_1, feed_HIVE_2 and
/// so on. The operands are "$@" then, and feed_command is the command that was read.
#[derive(Declare)]
#[declare(examples = [
    ("which word is what", "clavret read apiary.toml -- inspect A7 -cf6"),
    ("the same for a program", "clavret read apiary.toml --as json -- inspect A7 -cf6"),
    ("many lines, a JSON array of words each", "clavret read apiary.toml --lines lines.json"),
])]
#[declare(statuses = [
    (0, "it reads, or asks for something"),
    (1, "it does not read; a line of many is no array of words"),
    (3, "the document cannot be had, or the file of the lines"),
])]
#[declare(judged_by = fits)]
pub(crate) struct Read {
    /// a document, - for one on standard input, or a program that gives its own
    #[operand(refers = Refers::Path)]
    source: PathBuf,
    /// the document stands inside the script SOURCE: a here-document that begins with the line : <<'CLAVRET'
    #[flag]
    inside: bool,
    /// the words of the line, without the program's name
    #[operand(tail = Tail::AfterDashes)]
    words: Vec<OsString>,
    /// read many lines: each of this file is a JSON array of words, - is standard input
    #[option(placeholder = "FILE", refers = Refers::Path)]
    lines: Option<PathBuf>,
    /// go by variables, files and the config file for many lines too
    #[flag]
    environment: bool,
    /// what is printed
    #[option(name = "as", placeholder = "FORM", default = "table")]
    form: Form,
    /// what the names of a script's variables begin with
    #[option(placeholder = "NAME", valid = valid::pattern("[A-Za-z_][A-Za-z0-9_]*", "feed").says("letters, digits and _"))]
    prefix: Option<String>,
}

/// One line or many; and the variables of a script begin with what it chose: `path` of a parameter would be the shell's own
/// in zsh.
fn fits(reading: &Reading<'_>) -> Result<(), Objection> {
    if reading.get(Read::LINES).is_some() {
        return fits_many(reading);
    }
    if *reading.get(Read::ENVIRONMENT) {
        let text = "one line is read with its environment always; --environment is for --lines";
        return Err(Objection::new(text).about(Read::ENVIRONMENT));
    }
    let (form, prefix) = (reading.get(Read::FORM), reading.get(Read::PREFIX));
    match (form, prefix) {
        (Form::Table | Form::Json, Some(_)) => {
            let text = "--prefix is for the variables of a script: --as sh, bash, ksh, mksh or zsh";
            Err(Objection::new(text).about(Read::PREFIX).about(Read::FORM))
        }
        (Form::Table | Form::Json, None) | (_, Some(_)) => Ok(()),
        (_, None) => {
            let text = "the variables of a script need --prefix NAME, which their names begin with";
            Err(Objection::new(text).about(Read::FORM))
        }
    }
}

/// Many lines are read for programs, and have their words in a file.
fn fits_many(reading: &Reading<'_>) -> Result<(), Objection> {
    let is_input = |path: Option<&PathBuf>| path.is_some_and(|path| path.as_os_str() == "-");
    if !reading.get(Read::WORDS).is_empty() {
        let text = "--lines FILE has the words of each line";
        return Err(Objection::new(text).about(Read::LINES).about(Read::WORDS));
    }
    if !matches!(reading.get(Read::FORM), Form::Table | Form::Json)
        || reading.get(Read::PREFIX).is_some()
    {
        let text = "--lines FILE gives JSON, a result for each line";
        return Err(Objection::new(text).about(Read::LINES).about(Read::FORM));
    }
    if is_input(reading.get(Read::LINES).as_ref()) && is_input(Some(reading.get(Read::SOURCE))) {
        let text = "standard input can be the document or the lines, not both";
        return Err(Objection::new(text).about(Read::SOURCE).about(Read::LINES));
    }
    Ok(())
}

impl Act for Read {
    fn act(self, call: &Call<'_>) -> Done {
        let had = if self.inside { inside } else { document };
        let (document, arena) = (had(&self.source, call)?, Arena::new());
        let root = document.command(&arena);
        if let Some(file) = &self.lines {
            return lines::read(root, file, self.environment, call);
        }
        if !matches!(self.form, Form::Table | Form::Json) {
            let prefix = self.prefix.as_deref().unwrap_or_default();
            return shell::assign(root, &self.words, (self.form, prefix), call);
        }
        let outcome = root.read_in(Words::new(&self.words), &SYSTEM);
        let text = match self.form {
            Form::Json => json::text(&outcome),
            _ => table::text(&outcome, call.streams().out_look(*call.get(&COLOR_OPTION))),
        };
        call.out().write_all(text.as_bytes())?;
        match outcome {
            Outcome::Faults(_) => Err(Failure::new(1, "").into()),
            _ => Ok(()),
        }
    }
}
