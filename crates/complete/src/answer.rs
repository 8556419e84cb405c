//! What a program answers when another one asks it, by an environment variable, what it knows.

use super::candidates;
use super::shells::{All, Shells};
use clavret_core::{Command, FromWord, Put};

/// Answers a request, for [`Command::answers`]: `candidates` with what the last word may become after the others, a line each;
/// `completions SHELL` with the script for a shell. An error says what is answered.
///
/// ```
/// # mod clavret { pub use clavret_core::*; pub use clavret_complete::*; }
/// use clavret::{Command, Flag, answer};
/// static CALM: Flag = Flag::new("calm");
/// static INSPECT: Command = Command::new("inspect").takes(&[CALM.param()]).answers(answer);
/// assert_eq!(INSPECT.answer("candidates", &["--c"]), Some(Ok("--calm\n".to_owned())));
/// ```
///
/// # Errors
///
/// Of any other request: which ones are answered.
pub fn answer(root: &Command<'_>, request: &str, words: &[&str]) -> Result<String, String> {
    if request == "candidates" {
        let (prefix, before) = words.split_last().map_or(("", words), |(last, rest)| (*last, rest));
        let mut lines = String::new();
        for candidate in candidates(root, before, prefix) {
            lines.put(&candidate);
            lines.push('\n');
        }
        return Ok(lines);
    }
    let shell = request.strip_prefix("completions ").map(|shell| All::from_word(shell.as_ref()));
    match shell {
        Some(Ok(shell)) => Ok(shell.shell().script(root)),
        _ => Err("what is answered is `candidates` and `completions SHELL`".to_owned()),
    }
}
