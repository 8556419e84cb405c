//! From the words of the process to its exit status.

use std::error::Error;
use std::ffi::OsString;
use std::io::{ErrorKind, Write};
use std::process::ExitCode;

use clavret_core::{Command, Length, Outcome, Page, Reader, Reading, Word, Words, script};

use crate::route::Done;
use crate::system::SYSTEM;
use crate::terminal::Stream;

/// The status of a refused line.
const REFUSED: u8 = 2;
/// The status of a handler's error.
const FAILED: u8 = 1;

/// Runs a program: reads the words of the process, answers a request for help, the version or a
/// completion script, refuses what is wrong, and gives everything else to `handler`.
///
/// The result is for `main` to return: 0; 1 when the handler gave an error, which is printed with
/// its causes; 2 when the line was refused.
///
/// ```no_run
#[doc = include_str!("../examples/smallest.rs")]
/// ```
pub fn run<E: Ending>(
    root: &'static Command<'static>,
    handler: impl FnOnce(Reading<'_>) -> E,
) -> ExitCode {
    let words: Vec<OsString> = std::env::args_os().skip(1).collect();
    let words = Words::new(&words);
    match root.read_in(words, &SYSTEM) {
        Outcome::Reading(reading) => {
            warn(&reading);
            let done = handler(reading).done();
            done.map_or_else(|error| failed(root, &*error), |()| ExitCode::SUCCESS)
        }
        other => print(&respond_to(root, other, words)),
    }
}

/// Says which deprecated names the line has, once each.
fn warn(reading: &Reading<'_>) {
    let warnings = reading.warnings();
    if !warnings.is_empty() {
        _ = std::io::stderr().write_all(warnings.as_bytes());
    }
}

/// What a handler may end with: nothing, or a result with any error.
pub trait Ending {
    /// The result.
    ///
    /// # Errors
    ///
    /// The handler's own.
    fn done(self) -> Done;
}

impl Ending for () {
    fn done(self) -> Done {
        Ok(())
    }
}

impl<E: Into<Box<dyn Error>>> Ending for Result<(), E> {
    fn done(self) -> Done {
        self.map_err(Into::into)
    }
}

/// What a program prints without its handler, and the status it ends with.
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct Response {
    /// For standard output.
    pub out: String,
    /// For standard error.
    pub err: String,
    /// The exit status.
    pub status: u8,
}

/// What a program would print for a line that its handler does not get: a page, the version, a
/// completion script, faults. `None` for a line that reads.
///
/// ```
/// use clavret::{Command, respond};
/// static LIST: Command = Command::new("list").summary("list the hives");
/// assert_eq!(respond(&LIST, &["extra"]).unwrap().status, 2);
/// assert_eq!(respond(&LIST, &[] as &[&str]), None);
/// ```
pub fn respond<W: Word>(root: &'static Command<'static>, words: &[W]) -> Option<Response> {
    let words = Words::new(words);
    match root.read_in(words, &SYSTEM) {
        Outcome::Reading(_) => None,
        other => Some(respond_to(root, other, words)),
    }
}

#[cold]
fn respond_to(root: &Command<'_>, outcome: Outcome<'_>, words: Words<'_>) -> Response {
    let look = |stream: Stream| stream.look(color(root, words));
    let out = |out| Response { out, err: String::new(), status: 0 };
    let refused = |err| Response { out: String::new(), err, status: REFUSED };
    match outcome {
        Outcome::Page(path, length) => out(Page::of(&path, length).draw(look(Stream::Out))),
        Outcome::Version(path) => out(format!("{} {}\n", root.name(), path.root().version_text())),
        Outcome::Script(path, shell) => out(script(path.root(), shell)),
        Outcome::Faults(faults) if faults.is_command_missing() => {
            refused(Page::of(faults.path(), Length::Short).draw(look(Stream::Error)))
        }
        Outcome::Faults(faults) => refused(faults.draw(look(Stream::Error))),
        // A reading has nothing to answer.
        _ => out(String::new()),
    }
}

/// What the line says of colour, which a faulty line may say as well.
fn color(root: &Command<'_>, words: Words<'_>) -> clavret_core::When {
    let mut reader = Reader::new(root, words.count());
    reader.step_all(words);
    reader.color(words)
}

/// A reader that went away early, such as `head`, is no failure.
fn print(response: &Response) -> ExitCode {
    let written = std::io::stdout().write_all(response.out.as_bytes());
    _ = std::io::stderr().write_all(response.err.as_bytes());
    match written.and_then(|()| std::io::stdout().flush()) {
        Err(error) if error.kind() != ErrorKind::BrokenPipe => ExitCode::from(FAILED),
        _ => ExitCode::from(response.status),
    }
}

/// A handler's error: the program's name and the message, then each cause on a line.
#[cold]
fn failed(root: &Command<'_>, error: &(dyn Error + 'static)) -> ExitCode {
    let causes = || std::iter::successors(Some(error), |&error| error.source());
    let is_broken_pipe = |error: &(dyn Error + 'static)| {
        let error = error.downcast_ref::<std::io::Error>();
        error.is_some_and(|error| error.kind() == ErrorKind::BrokenPipe)
    };
    if causes().any(is_broken_pipe) {
        return ExitCode::SUCCESS;
    }
    _ = std::io::stderr().write_all(root.failure(error).as_bytes());
    ExitCode::from(FAILED)
}
