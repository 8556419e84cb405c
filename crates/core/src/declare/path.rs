//! What a path must lead to. Whether it does is the world's to say; how the path is spelt is looked
//! at here.

use std::ffi::OsStr;
use std::path::Path;

/// What must be at a path, and how it must end.
#[derive(Debug, Clone, Copy)]
pub(crate) struct PathTest<'d> {
    pub(crate) at: At,
    /// The extensions that it may have, without a dot; any where there are none.
    pub(crate) extensions: &'d [&'d str],
}

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
        let extension = Path::new(word).extension().unwrap_or_default();
        let is = |accepted: &&str| extension.eq_ignore_ascii_case(accepted);
        self.extensions.iter().any(is)
    }
}
