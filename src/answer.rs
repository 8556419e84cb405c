//! What another program gets that asks this one for something, such as the script of a shell: only where there is
//! anything that answers, which are completions and documents.

use std::ffi::OsString;
use std::io::{IsTerminal, Read};
use std::sync::atomic::Ordering;

use clavret_core::Command;
use clavret_core::inner;

use crate::run::print;
use crate::streams::Streams;
use crate::system::{IS_ANSWERING, REQUEST};

/// What parts the fields of a request.
const FIELD: char = '\u{1f}';

/// Answers a request of another program, if there is one; gives the exit status. It is made beside one word alone, so
/// that a program of the same name which answers nothing says its version, and a child that inherits the variable runs
/// as it should.
#[cold]
pub(crate) fn answer(root: &Command<'_>, words: &[OsString], streams: &Streams<'_>) -> Option<u8> {
    let is_asked = matches!(words, [only] if only == "--version");
    let request = streams.world().variable(REQUEST).filter(|_| is_asked)?;
    let request = request.to_string_lossy();
    if streams.are_of_system() {
        if !has_dot() {
            return None;
        }
        IS_ANSWERING.store(true, Ordering::Relaxed);
    }
    let text = inner::answer(root, &request.split(FIELD).collect::<Vec<_>>(), streams.world())?;
    // From when nobody else can write on, it is not late any more.
    let _lock = std::io::stdout().lock();
    IS_ANSWERING.store(false, Ordering::Relaxed);
    Some(print(root, &text, streams))
}

/// Whether standard input has the dot that a script writes there: a process that is started by the one that it is for
/// inherits the variable, and finds no second dot.
#[cold]
fn has_dot() -> bool {
    let (mut input, mut dot) = (std::io::stdin(), [0]);
    !input.is_terminal() && matches!(input.read(&mut dot), Ok(1)) && dot == *b"."
}
