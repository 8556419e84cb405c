//! Values that are known only at run time: what lists them is brought along by the record of their parameter.

use std::ffi::{OsStr, OsString};

use super::param::Param;
use super::so_far::SoFar;

/// What lists the values of a parameter at run time, for [`listed_by`](crate::Operand::listed_by). The facade has one
/// that is made of a function, and keeps to a limit of time.
#[diagnostic::on_unimplemented(
    message = "`{Self}` is no list of values",
    label = "expected a `List`",
    note = "a function becomes one by `List::new(&function)`"
)]
pub trait Lister: Sync {
    /// The values, in the order that they are shown; nothing where they cannot be had now, which is told to nobody.
    fn list(&self, so_far: SoFar) -> Option<Vec<Known>>;

    /// Whether a value that is not listed is refused.
    fn is_closed(&self) -> bool {
        false
    }

    /// What one of them is, in a word or two: "hive". The name of the parameter, where this is empty.
    fn noun(&self) -> &str {
        ""
    }
}

/// A value that is known at run time: the word as it is typed, and what it means.
#[derive(Debug, Clone, PartialEq, Eq, Default)]
pub struct Known {
    word: OsString,
    help: String,
    is_hidden: bool,
}

impl Known {
    /// A word. It may be of any bytes; completion offers it where it is text that can be typed.
    pub fn of(word: impl Into<OsString>) -> Self {
        Known { word: word.into(), ..Known::default() }
    }

    /// What it means, in a few words.
    #[must_use]
    pub fn help(mut self, help: impl Into<String>) -> Self {
        self.help = help.into();
        self
    }

    /// Leaves it out of pages, fixes and completion; a closed list takes it.
    #[must_use]
    pub fn hidden(mut self) -> Self {
        self.is_hidden = true;
        self
    }

    /// The word that is typed for the value.
    pub fn word(&self) -> &OsStr {
        &self.word
    }

    /// What it means; it may be empty.
    pub fn told_help(&self) -> &str {
        &self.help
    }

    /// Whether it is left out of pages, fixes and completion.
    pub const fn is_hidden(&self) -> bool {
        self.is_hidden
    }

    /// The word where it is shown, and is text.
    pub fn shown(&self) -> Option<&str> {
        self.word.to_str().filter(|_| !self.is_hidden)
    }
}

macro_rules! from_words {
    ($($word:ty)*) => {$(
        impl From<$word> for Known {
            fn from(word: $word) -> Self {
                Known::of(word)
            }
        }
    )*};
}

from_words! { &str String OsString std::path::PathBuf }

/// What closed lists have. Behind a pointer, so that a program without lists drops none.
pub(crate) trait KnownValues: Send + Sync {
    /// The values of a parameter, where they could be had.
    fn of(&self, param: &Param<'_>) -> Option<&[Known]>;

    /// Those that a mistyped one may be meant as, and how many slips away they are.
    fn near(&self, param: &Param<'_>, typed: &str) -> (usize, Vec<&str>);
}
