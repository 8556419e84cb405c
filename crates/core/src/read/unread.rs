//! Why a file cannot be read, and what an error says without what only programmers read.

use std::error::Error;
use std::io::{self, ErrorKind};

/// Why a file cannot be read. Made from an [`io::Error`]; the sentence that a user reads is composed of the
/// program's own phrases, and has the system's words in brackets only where those are all there is.
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct Unread {
    /// The file, where nobody has named it.
    pub(crate) file: String,
    pub(crate) kind: ErrorKind,
    pub(crate) said: String,
    /// The words are of whoever read the file, and no system's.
    pub(crate) is_own: bool,
}

impl Unread {
    /// The same of a file that was found and not named, so that it is told which.
    #[must_use]
    pub fn at(mut self, file: impl Into<String>) -> Self {
        self.file = file.into();
        self
    }
}

impl From<io::Error> for Unread {
    fn from(error: io::Error) -> Self {
        let (kind, is_own) = (error.kind(), error.get_ref().is_some());
        Unread { file: String::new(), kind, said: message(&error), is_own }
    }
}

/// The text of an error; of one of the system's without its number.
pub fn message(error: &(dyn Error + 'static)) -> String {
    let mut text = error.to_string();
    let number = error.downcast_ref::<io::Error>().and_then(io::Error::raw_os_error);
    if let Some(number) = number
        && let Some(end) = text.strip_suffix(&format!(" (os error {number})")).map(str::len)
    {
        text.truncate(end);
    }
    text
}
