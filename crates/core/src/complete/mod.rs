//! Stage 5, completion.
use crate::declare::{Command, Shell};
/// The completion script of a program for a shell.
pub fn script(root: &Command<'_>, shell: Shell) -> String {
    let _ = (root, shell);
    String::new()
}
