//! How a program's own work ends: well, with what it has to say, or with an error and its status.

use std::error::Error;
use std::fmt;
use std::io::{self, ErrorKind, Write};

use clavret_core::Command;
use clavret_core::inner::{Frame, io_message};

use crate::streams::Streams;

/// The status of an error that has none of its own.
pub(crate) const FAILED: u8 = 1;

/// What a handler gives: nothing, or an error of any type.
pub type Done = Result<(), Box<dyn Error>>;

/// What a program's own work may end with: nothing, a text, or a result of these with any error.
///
/// A text is printed on standard output, in a line of its own, and an empty one is not. Where it cannot be
/// written, as on a full disk, the program says so and ends with status 1.
///
/// ```
/// use clavret::{Program, rehearse};
///
/// /// count the hives
/// #[clavret::declare]
/// fn count(
///     /// their codes
///     #[operand]
///     hives: Vec<String>,
/// ) -> Result<String, &'static str> {
///     if hives.is_empty() { Err("an empty yard") } else { Ok(format!("{} hives", hives.len())) }
/// }
///
/// static COUNT: Program = Program::of::<count>();
/// rehearse(&COUNT).words(["A7", "B2"]).run().succeeds().prints("2 hives\n");
/// rehearse(&COUNT).run().fails(1, ": an empty yard\n");
/// ```
#[diagnostic::on_unimplemented(
    message = "a program's work cannot end with `{Self}`",
    label = "expected `()`, a text or a `Result` of one of these",
    note = "for an exit status other than 0 and 1, give the error `clavret::Failure::new(3, \"…\")`"
)]
pub trait Ending {
    /// Says what there is to say.
    ///
    /// # Errors
    ///
    /// The work's own; the system's, when nothing can be written.
    fn done(self, streams: &Streams<'_>) -> Done;
}

impl Ending for () {
    fn done(self, _: &Streams<'_>) -> Done {
        Ok(())
    }
}

impl Ending for &str {
    fn done(self, streams: &Streams<'_>) -> Done {
        let mut out = streams.out();
        out.write_all(self.as_bytes())?;
        match self.is_empty() || self.ends_with('\n') {
            true => Ok(()),
            false => Ok(out.write_all(b"\n")?),
        }
    }
}

impl Ending for String {
    fn done(self, streams: &Streams<'_>) -> Done {
        self.as_str().done(streams)
    }
}

impl<T: Ending, E: Into<Box<dyn Error>>> Ending for Result<T, E> {
    fn done(self, streams: &Streams<'_>) -> Done {
        self.map_err(Into::into)?.done(streams)
    }
}

/// An error that ends the program with an exit status of its own; any other one ends it with 1.
///
/// ```
/// use clavret::Failure;
/// let failure = Failure::new(3, "hive A7 is not in the yard");
/// assert_eq!(failure.to_string(), "hive A7 is not in the yard");
/// ```
#[doc(alias("exit status"))]
#[derive(Debug)]
pub struct Failure {
    pub(crate) status: u8,
    text: String,
    cause: Option<Box<dyn Error + Send + Sync>>,
}

impl Failure {
    /// A failure by its status and its text. With an empty text nothing is printed: a search that
    /// has found nothing says so by its status alone.
    pub fn new(status: u8, text: impl Into<String>) -> Self {
        Failure { status, text: text.into(), cause: None }
    }

    /// Whether its text is empty.
    pub(crate) fn is_silent(&self) -> bool {
        self.text.is_empty()
    }

    /// The error that caused it.
    #[must_use]
    pub fn because(mut self, cause: impl Into<Box<dyn Error + Send + Sync>>) -> Self {
        self.cause = Some(cause.into());
        self
    }
}

impl fmt::Display for Failure {
    fn fmt(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {
        f.write_str(&self.text)
    }
}

impl Error for Failure {
    fn source(&self) -> Option<&(dyn Error + 'static)> {
        self.cause.as_ref().map(|cause| &**cause as _)
    }
}

/// Tells an error, the program's name and the message, then each cause on a line; gives its status.
#[cold]
pub(crate) fn failed(
    root: &Command<'_>,
    error: &(dyn Error + 'static),
    streams: &Streams<'_>,
) -> u8 {
    let causes = || std::iter::successors(Some(error), |&error| error.source());
    let is_of_system = |error: &(dyn Error + 'static)| error.downcast_ref().is_some_and(is_closed);
    if causes().any(is_of_system) {
        return 0;
    }
    let failure = causes().find_map(|error| error.downcast_ref::<Failure>());
    if !failure.is_some_and(Failure::is_silent) {
        _ = streams.err().write_all(clavret_core::faults::failure(root, error).as_bytes());
    }
    failure.map_or(FAILED, |failure| failure.status)
}

/// The same where nothing can be printed.
#[cold]
pub(crate) fn unprinted(frame: &Frame, error: &io::Error, streams: &Streams<'_>) -> u8 {
    if is_closed(error) {
        return 0;
    }
    _ = streams.err().write_all(frame.failure(&io_message(error)).as_bytes());
    FAILED
}

/// A reader that went away early, such as `head`, is no failure.
fn is_closed(error: &io::Error) -> bool {
    error.kind() == ErrorKind::BrokenPipe
}
