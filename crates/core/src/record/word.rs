//! Words as the system gives them.

use std::ffi::{OsStr, OsString};

/// The words of a command line, the program's own name not among them. They are borrowed: a reading
/// and its faults look at the words where they stand.
#[derive(Debug, Clone, Copy)]
pub struct Words<'w>(List<'w>);

/// The types that words come in. A list of types and not a trait object, so that looking at a word
/// is no call.
#[derive(Debug, Clone, Copy)]
enum List<'w> {
    Owned(&'w [OsString]),
    Borrowed(&'w [&'w OsStr]),
    Text(&'w [&'w str]),
    OwnedText(&'w [String]),
}

impl<'w> Words<'w> {
    /// The words of a list.
    #[inline]
    pub fn new<W: Word>(words: &'w [W]) -> Self {
        W::words(words)
    }

    /// How many there are.
    #[inline]
    pub fn count(self) -> usize {
        match self.0 {
            List::Owned(words) => words.len(),
            List::Borrowed(words) => words.len(),
            List::Text(words) => words.len(),
            List::OwnedText(words) => words.len(),
        }
    }

    /// The word at a place; empty beyond the last.
    #[inline(never)]
    pub fn word(self, at: usize) -> &'w OsStr {
        self.at(at)
    }

    /// The same in place, for what is done with each word that is read.
    #[inline]
    pub(crate) fn at(self, at: usize) -> &'w OsStr {
        match self.0 {
            List::Owned(words) => words.get(at).map(OsString::as_os_str),
            List::Borrowed(words) => words.get(at).copied(),
            List::Text(words) => words.get(at).map(|&word| OsStr::new(word)),
            List::OwnedText(words) => words.get(at).map(OsStr::new),
        }
        .unwrap_or_default()
    }

    pub(crate) fn iter(self) -> impl Iterator<Item = &'w OsStr> {
        (0..self.count()).map(move |at| self.word(at))
    }
}

/// A type that words come in: `OsString`, `&OsStr`, `String` or `&str`.
pub trait Word: Sized {
    #[doc(hidden)]
    fn words(words: &[Self]) -> Words<'_>;
}

macro_rules! word_types {
    ($($type:ty: $list:ident;)*) => {$(
        impl Word for $type {
            #[inline]
            fn words(words: &[Self]) -> Words<'_> {
                Words(List::$list(words))
            }
        }
    )*};
}

word_types! {
    OsString: Owned;
    &OsStr: Borrowed;
    String: OwnedText;
    &str: Text;
}
