//! From words to an exit status: the answers that need no handler, the handler's own work, and what
//! is said of its error.

use std::ffi::OsString;
use std::io::Write;
use std::process::ExitCode;

use clavret_core::inner;
use clavret_core::look::When;
use clavret_core::medium::{Page, PageLength};
use clavret_core::reader::{Reader, Words};
use clavret_core::{Command, Outcome, Reading};

use crate::call::Call;
use crate::declared::FromReading;
use crate::end::{Done, Ending, FAILED, failed, unprinted};
use crate::process::begin;
use crate::streams::Streams;
use crate::terminal::Stream;

/// The status of a refused line.
const REFUSED: u8 = 2;

/// Runs a program. It reads the words of the process, answers a request for help, the version or a
/// completion script, refuses what is wrong, and gives everything else to `handler`.
///
/// What the handler gives is its [`Ending`]: nothing, a text to print, or an error. The result is the status for
/// `main` to return. It is 0 where all went well, 2 where the line was refused, that of the
/// [`Failure`](crate::Failure) that the handler gave, and 1 for any other error. An error is printed with its
/// causes. A reader of standard output that went away early is no error. A full disk is one, and is told in a
/// sentence even where `println!` met it.
///
/// ```no_run
/// use clavret::{Command, Operand};
///
/// static HIVE: Operand<String> = Operand::new("hive").help("code of the hive");
/// static GREET: Command =
///     Command::new("greet").summary("greet a hive").takes(&[HIVE.param()]);
///
/// fn main() -> std::process::ExitCode {
///     clavret::run(&GREET, |call| format!("hello, {}", call.get(&HIVE)))
/// }
/// ```
///
/// A root that was made at run time need not outlive the call; what is wrong with it is told, with status 1:
///
/// ```no_run
/// use clavret::{Command, Operand};
///
/// fn main() -> std::process::ExitCode {
///     let name = std::env::var("GREETS").unwrap_or("hive".to_owned());
///     let who = Operand::<String>::draft(&name);
///     let params = [who.param()];
///     clavret::run(&Command::draft("greet").takes(&params), |call| format!("hello, {}", call.get(&who)))
/// }
/// ```
#[doc(alias("main"))]
#[must_use = "`main` returns it, so that a refused line ends with status 2"]
pub fn run<E: Ending>(root: &Command<'_>, handler: impl FnOnce(Call<'_>) -> E) -> ExitCode {
    let streams = Streams::SYSTEM;
    let mut handler = Some(handler);
    let mut handle = |reading: Reading<'_>| match handler.take() {
        Some(handler) => handler(Call::new(reading, &(), &streams)).done(&streams),
        None => Ok(()),
    };
    perform(root, (&begin(root), inner::mistakes(root)), &streams, &mut handle).into()
}

/// Runs a program that a type declares, and gives its values to `handler`: see [`run`].
///
/// ```no_run
/// /// greet a hive
/// #[derive(clavret::Declare)]
/// struct Greet {
///     /// code of the hive
///     #[operand]
///     hive: String,
/// }
///
/// fn main() -> std::process::ExitCode {
///     clavret::run_as(|greet: Greet| format!("hello, {}", greet.hive))
/// }
/// ```
#[must_use = "`main` returns it, so that a refused line ends with status 2"]
pub fn run_as<T: FromReading, E: Ending>(handler: impl FnOnce(T) -> E) -> ExitCode {
    run(T::COMMAND, |mut call| handler(call.values()))
}

/// Reads words and does what they ask for; gives the exit status. Of a program that was made at run time it is
/// told what is wrong, if anything is, and nothing else is done.
pub(crate) fn perform<'p>(
    root: &'p Command<'p>,
    (words, mut mistakes): (&'p [OsString], Vec<String>),
    streams: &'p Streams<'p>,
    handle: &mut dyn FnMut(Reading<'p>) -> Done,
) -> u8 {
    #[cfg(any(feature = "complete", feature = "document"))]
    if mistakes.is_empty()
        && root.ask().is_answering()
        && let Some(status) = crate::answer::answer(root, words, streams)
    {
        return status;
    }
    if cfg!(debug_assertions) && mistakes.is_empty() {
        mistakes = root.wrong_defaults();
        mistakes.extend(inner::stranger(root).map(|problem| problem.to_string()));
    }
    if !mistakes.is_empty() {
        for mistake in &mistakes {
            _ = streams.err().write_all(inner::mistake(root, mistake).as_bytes());
        }
        return FAILED;
    }
    let words = Words::new(words);
    match root.read_in(words, streams.world()) {
        Outcome::Reading(reading) => {
            warn(&reading.warnings(), streams);
            match handle(reading) {
                Ok(()) => flushed(root, streams.out().flush(), streams),
                Err(error) => failed(root, &*error, streams),
            }
        }
        other => respond(root, other, words, streams),
    }
}

/// Prints what a line gets without a handler: a page, the version, a script, faults.
#[cold]
fn respond(
    root: &Command<'_>,
    outcome: Outcome<'_>,
    words: Words<'_>,
    streams: &Streams<'_>,
) -> u8 {
    let look = |stream| streams.look(stream, color(root, words));
    let refused = |text: String| {
        _ = streams.err().write_all(text.as_bytes());
        REFUSED
    };
    match outcome {
        Outcome::Request(asked) => {
            warn(&asked.warnings(), streams);
            print(root, &asked.text(look(Stream::Out)), streams)
        }
        Outcome::Faults(faults) if faults.is_command_missing() => {
            refused(Page::of(faults.path(), PageLength::Short).draw(look(Stream::Error)))
        }
        Outcome::Faults(faults) => {
            let is_mistake = faults.are_mistakes();
            let status = refused(faults.draw(look(Stream::Error)));
            if is_mistake { FAILED } else { status }
        }
        // A reading has nothing to print.
        _ => 0,
    }
}

/// Tells of deprecated names that were used.
fn warn(warnings: &str, streams: &Streams<'_>) {
    if !warnings.is_empty() {
        _ = streams.err().write_all(warnings.as_bytes());
    }
}

/// What the line says of colour, which a faulty line may say as well.
fn color(root: &Command<'_>, words: Words<'_>) -> When {
    let mut reader = Reader::new(root, words.count());
    reader.step_all(words);
    reader.color(words)
}

pub(crate) fn print(root: &Command<'_>, text: &str, streams: &Streams<'_>) -> u8 {
    let mut out = streams.out();
    flushed(root, out.write_all(text.as_bytes()).and_then(|()| out.flush()), streams)
}

/// The status, once all is printed.
fn flushed(root: &Command<'_>, done: std::io::Result<()>, streams: &Streams<'_>) -> u8 {
    done.map_or_else(|error| unprinted(&inner::failure_frame(root), &error, streams), |()| 0)
}
