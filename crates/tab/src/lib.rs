//! Completion: what may be typed next, and a shell's script that knows it.
//!
//! In comes a declaration; out goes either what may stand at a cursor ([`complete`], asked of the reader itself) or
//! the [script](Shell::script) of a shell. A script is a table of the reader's states, written here, and a
//! walker, which is the same for every program. It starts nothing.
//!
//! * `engine/`: what may be typed at a cursor.
//! * `live/`: how a script asks the program, and what it answers.
//! * `table.rs`: the declaration as numbered states, for any shell.
//! * `shells/`: the shells, a folder for each: the table in its own words, and its walker.
//! * `completions.rs`: the command that prints a script.

#![forbid(unsafe_code)]
#![warn(clippy::print_stdout, clippy::print_stderr)]

mod completions;
mod engine;
mod live;
mod shells;
mod table;

#[doc(hidden)]
pub use completions::for_macros;
pub use completions::{COMPLETIONS_COMMAND, COMPLETIONS_OPTION};
pub use engine::{Candidate, Cursor, Suggestion, Typed, complete};
pub use shells::*;

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
    /// One must be there.
    is_due: bool,
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
    /// A key and a value with `=` between; of a list are the keys with their sign, and what may be behind it.
    Entry(usize),
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
