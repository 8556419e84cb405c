//! How a program's own work ends: well, or with an error and its status.

use std::error::Error;
use std::fmt;

/// What a handler gives: nothing, or an error of any type.
pub type Done = Result<(), Box<dyn Error>>;

/// What a program's own work may end with: nothing, or a result with any error.
#[diagnostic::on_unimplemented(
    message = "a program's work cannot end with `{Self}`",
    label = "neither `()` nor `Result<(), E>` with an error `E`",
    note = "for an exit status other than 0 and 1, give the error `clavret::Failure::new(3, \"…\")`"
)]
pub trait Ending {
    /// The result.
    ///
    /// # Errors
    ///
    /// The work's own.
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

/// An error that ends the program with an exit status of its own; any other one ends it with 1.
///
/// ```
/// use clavret::Failure;
/// let failure = Failure::new(3, "hive A7 is not in the yard");
/// assert_eq!(failure.to_string(), "hive A7 is not in the yard");
/// ```
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
