//! Completion: what may be typed next, and a shell's script that knows it.
//!
//! In comes a declaration; out goes either the candidates for one position ([`candidates`], asked
//! of the reader itself) or the [script](Shell::script) of a shell. A script is a table of the reader's
//! states, written here, and a walker, which is the same for every program. It starts nothing.
//!
//! * `answer.rs`: what a program answers when it is asked what it knows.
//! * `table.rs`: the declaration as numbered states, for any shell.
//! * `shells/`: the shells, a folder for each: the table in its own words, and its walker.
//! * `completions.rs`: the command that prints a script.

#![forbid(unsafe_code)]
#![warn(clippy::print_stdout, clippy::print_stderr)]

mod answer;
mod completions;
mod shells;
mod table;

pub use answer::answer;
#[doc(hidden)]
pub use completions::__;
pub use completions::COMPLETIONS;
pub use shells::*;

use clavret_core::{Command, Hit, Kind, Param, Role};
use clavret_core::{Expects, Reader, Word, Words};

/// What may be typed as the next word after `words`, when it begins with `prefix`: subcommands,
/// options, choices. Paths are left to the shell. What is offered, the reader accepts.
///
/// ```
/// # mod clavret { pub use clavret_core::*; pub use clavret_complete::*; }
/// use clavret::{Command, Flag, candidates};
/// static CALM: Flag = Flag::new("calm");
/// static INSPECT: Command = Command::new("inspect").takes(&[CALM.param()]);
/// assert_eq!(candidates(&INSPECT, &[] as &[&str], "--c"), ["--calm"]);
/// ```
pub fn candidates<W: Word>(root: &Command<'_>, words: &[W], prefix: &str) -> Vec<String> {
    let mut reader = Reader::new(root, words.len());
    reader.step_all(Words::new(words));
    if let Expects::Value(param, at) = reader.expects() {
        return values(param, at, prefix);
    }
    let mut found: Vec<String> = Vec::new();
    let mut refers = false;
    loop {
        let (mut here, can_look_up) = expected(root, &reader, words, prefix);
        here.retain(|word| word.starts_with(prefix) && !found.contains(word));
        found.extend(here);
        refers |= can_look_up;
        // What the default subcommand knows may stand here too; a name on both levels is the upper one's.
        if !reader.step_into_default() {
            break;
        }
    }
    // Where only free text or nothing is wanted, the options are what can be offered.
    if found.is_empty() && prefix.is_empty() && !refers && !reader.is_past_options() {
        found = options(&reader);
    }
    found
}

/// What a reader expects that begins so, and whether a shell can look up more.
fn expected<W: Word>(
    root: &Command<'_>,
    reader: &Reader<'_>,
    words: &[W],
    prefix: &str,
) -> (Vec<String>, bool) {
    let found = match reader.expects() {
        _ if prefix.starts_with('-') && !reader.is_past_options() => options(reader),
        Expects::Command(command) => command_names(command),
        Expects::Operand(param) if param.names_commands() => {
            // After a topic without a name of its own there is nothing to offer, options neither.
            return (topic(root, reader, words), true);
        }
        Expects::Operand(param) => return (values(param, 0, prefix), looks_up(param)),
        _ => Vec::new(),
    };
    (found, false)
}

fn begun(mut found: Vec<String>, prefix: &str) -> Vec<String> {
    found.retain(|word| word.starts_with(prefix));
    found
}

/// The choices that begin so; of several values in a word, the last one is completed.
fn values(param: &Param<'_>, at: usize, prefix: &str) -> Vec<String> {
    // What was typed of a secret is not said again.
    if param.is_secret() {
        return Vec::new();
    }
    let last =
        param.delimiter().and_then(|delimiter| prefix.rfind(delimiter).map(|at| (at, delimiter)));
    let Some((end, delimiter)) = last else { return begun(offers(param, at), prefix) };
    let head = &prefix[..end + delimiter.len_utf8()];
    let mut found = offers(param, at);
    if param.is_distinct() {
        found.retain(|word| !head.split(delimiter).any(|before| before == word));
    }
    begun(found.into_iter().map(|word| head.to_owned() + &word).collect(), prefix)
}

fn offers(param: &Param<'_>, at: usize) -> Vec<String> {
    let kind: Option<&&Kind> = param.kinds().get(at).or(param.kinds().first());
    kind.into_iter().flat_map(|kind| kind.offers()).map(|offer| offer.0.to_owned()).collect()
}

/// Whether a shell can look the operand's values up.
fn looks_up(param: &Param<'_>) -> bool {
    (0..param.kinds().len()).any(|at| param.refers(at) != clavret_core::Refers::Nothing)
}

fn command_names(command: &Command<'_>) -> Vec<String> {
    let seen = command.subcommands().iter().filter(|command| !command.is_hidden());
    seen.map(|command| command.name().to_owned()).collect()
}

/// The commands below the one that the words after `help` lead to.
fn topic<W: Word>(root: &Command<'_>, reader: &Reader<'_>, words: &[W]) -> Vec<String> {
    let mut command = root;
    for step in
        reader.steps().iter().filter(|step| step.meaning() == clavret_core::Meaning::Operand)
    {
        match command.subcommand(Words::new(words).word(step.word()).as_encoded_bytes()) {
            Some(next) => command = next,
            None => return Vec::new(),
        }
    }
    command_names(command)
}

fn options(reader: &Reader<'_>) -> Vec<String> {
    let reach = reader.names_in_reach();
    let mut names = Vec::new();
    for (at, reached) in reach.list().iter().enumerate() {
        if reached.param().role() != Role::Operand && !reached.param().is_hidden() {
            names.extend(shown_names(reached.param()).into_iter().filter(|name| {
                match name.as_bytes() {
                    [b'-', letter] => reach.has_letter(at, *letter),
                    _ => reach.has_name(at, name.trim_start_matches('-')),
                }
            }));
        }
    }
    names
}

/// The names of a parameter that completion offers: the long ones; a short one only where there is
/// no long one. Aliases and hidden parameters read, but are not offered.
fn shown_names(param: &Param<'_>) -> Vec<String> {
    let mut names = vec![param.spelled()];
    for (name, hit) in param.shown_names() {
        if hit != Hit::Itself {
            names.push("--".to_owned() + name);
        }
    }
    names
}

/// The states of a program; the first is its root.
struct Table {
    states: Vec<State>,
    /// The lists of choices and of extensions; a [`Value::Choice`] and a [`Value::File`] count into it.
    choices: Vec<Vec<String>>,
}

/// A command: what may stand after its name.
#[derive(Default)]
struct State {
    /// Names of subcommands, whether they are offered, and their states.
    commands: Vec<(String, bool, usize)>,
    /// Options of the command itself.
    own: Vec<Name>,
    /// Options that the commands below accept too.
    throughout: Vec<Name>,
    operands: Vec<Positional>,
    /// What the words after `--` are, where an operand takes these alone.
    behind: Option<Value>,
    /// From the first operand on no word is an option.
    ends: bool,
    /// The state of the default subcommand.
    default_command: Option<usize>,
}

/// A name of an option or flag, dashes included.
struct Name {
    name: String,
    is_shown: bool,
    /// What its words are; none for a flag.
    values: Vec<Value>,
    /// A value is attached, or left out: no word after it is one.
    is_attached: bool,
    /// What parts several values in a word.
    delimiter: Option<char>,
}

/// The words of an operand.
struct Positional {
    value: Value,
    /// How many words; `None` for any number.
    words: Option<u32>,
    /// What parts several values in a word.
    delimiter: Option<char>,
}

/// What a word may be.
#[derive(Clone, Copy)]
enum Value {
    /// Text that nothing is known of.
    Free,
    /// One of a list.
    Choice(usize),
    Path,
    /// A file whose name ends in one of a list.
    File(usize),
    Directory,
    Program,
    Account,
    Host,
    /// A command of the program itself, by its path from the root.
    Topic,
}
