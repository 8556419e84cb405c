//! What a path must lead to. Whether it does is the world's to say; how the path is spelt is looked
//! at here.

use std::ffi::OsStr;
use std::path::Path;

/// What must be at a path.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub(crate) enum At {
    Anything,
    Something,
    Nothing,
    File,
    Directory,
}

impl PathTest<'_> {
    pub(crate) const ANY: PathTest<'static> = PathTest { at: At::Anything, extensions: &[] };

    /// Whether the path ends as it must; letters of either case.
    #[inline]
    pub(crate) fn accepts(&self, word: &OsStr) -> bool {
        self.extensions.is_empty() || self.ends(word)
    }

    #[cold]
    fn ends(&self, word: &OsStr) -> bool {
        // As it is spelt: a file may be called `.csv`, and an extension may have a dot in it.
        let name = Path::new(word).file_name().unwrap_or_default().as_encoded_bytes();
        self.extensions.iter().any(|extension| {
            let rest = name.len().checked_sub(extension.len() + 1);
            rest.map(|rest| &name[rest..]).is_some_and(|end| {
                end[0] == b'.' && end[1..].eq_ignore_ascii_case(extension.as_bytes())
            })
        })
    }
}

/// What must be at a path, and how it must end.
#[derive(Debug, Clone, Copy)]
pub(crate) struct PathTest<'d> {
    pub(crate) at: At,
    /// The extensions that it may have, without a dot; any where there are none.
    pub(crate) extensions: &'d [&'d str],
}
