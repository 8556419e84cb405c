//! What a program answers when another one asks it, by an environment variable, what it knows.

use super::Shell;
use super::{candidates, script};
use crate::declare::{Command, FromWord};
use crate::text::Put;

/// Answers a request: `candidates` with what the last word may become after the others, a line each;
/// `completions SHELL` with the script for a shell. An error says what is answered.
fn answer(root: &Command<'_>, request: &str, words: &[&str]) -> Result<String, String> {
    if request == "candidates" {
        let (prefix, before) = words.split_last().map_or(("", words), |(last, rest)| (*last, rest));
        let mut lines = String::new();
        for candidate in candidates(root, before, prefix) {
            lines.put(&candidate);
            lines.put("\n");
        }
        return Ok(lines);
    }
    let shell = request.strip_prefix("completions ").map(|shell| Shell::from_word(shell.as_ref()));
    match shell {
        Some(Ok(shell)) => Ok(script(root, shell)),
        _ => Err("what is answered is `candidates` and `completions SHELL`".to_owned()),
    }
}

impl Command<'_> {
    /// The program answers requests that are made by the environment variable `CLAVRET`, before its
    /// words are looked at; for the root. One that does not answer carries no code for it.
    ///
    /// ```
    /// use clavret_core::{Command, Flag};
    /// static CALM: Flag = Flag::new("calm");
    /// static INSPECT: Command = Command::new("inspect").takes(&[CALM.param()]).answers();
    /// assert_eq!(INSPECT.answer("candidates", &["--c"]), Some(Ok("--calm\n".to_owned())));
    /// ```
    #[must_use]
    pub const fn answers(self) -> Self {
        self.answered_by(answer)
    }

    /// Whether the program answers requests.
    pub const fn is_answering(&self) -> bool {
        self.answering().is_some()
    }

    /// The answer to a request, where the root [answers](Command::answers) any; an error says which.
    pub fn answer(&self, request: &str, words: &[&str]) -> Option<Result<String, String>> {
        self.answering().map(|answer| answer(self, request, words))
    }
}
