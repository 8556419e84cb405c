//! Why a file cannot be read, and what an error says without what only programmers read.

use std::error::Error;
use std::io::{self, ErrorKind};

impl Unread {
    /// The file, as it is shown.
    pub fn file(&self) -> &str {
        &self.file
    }

    /// What the system says, as a kind.
    pub const fn kind(&self) -> ErrorKind {
        self.kind
    }

    /// Why the file cannot be read, in the words of the system or of whoever looked.
    pub fn said(&self) -> &str {
        &self.said
    }

    /// Whether the words are no system's.
    pub const fn is_own(&self) -> bool {
        self.is_own
    }

    /// Names the file, where it was found rather than named by the user, so that the fault says which it is.
    #[must_use]
    pub fn at(mut self, file: impl Into<String>) -> Self {
        self.file = file.into();
        self
    }
}

impl From<io::Error> for Unread {
    fn from(error: io::Error) -> Self {
        let (kind, is_own) = (error.kind(), error.get_ref().is_some());
        Unread { file: String::new(), kind, said: io_message(&error), is_own }
    }
}

/// The text of an error; of one of the system's without its number.
pub fn message(error: &(dyn Error + 'static)) -> String {
    error.downcast_ref().map_or_else(|| error.to_string(), io_message)
}

/// What an error of the system says. Told as any other error it would bring what debugs it.
#[doc(hidden)]
pub fn io_message(error: &io::Error) -> String {
    let mut text = error.to_string();
    if let Some(number) = error.raw_os_error()
        && let Some(end) = text.strip_suffix(&format!(" (os error {number})")).map(str::len)
    {
        text.truncate(end);
    }
    text
}

/// Why a file cannot be read. Made from an [`io::Error`]; the sentence that a user reads is composed of the
/// program's own phrases, and has the system's words in brackets only where those are all there is.
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct Unread {
    /// The file, where nobody has named it.
    file: String,
    kind: ErrorKind,
    said: String,
    /// The words are of whoever read the file, and no system's.
    is_own: bool,
}
