//! What a path must lead to. Whether it does is the world's to say; how the path is spelt is looked
//! at here.

use std::ffi::OsStr;
use std::path::Path;

use super::param::Param;

/// What must be at a path.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub(crate) enum At {
    Anything,
    Something,
    Nothing,
    File,
    Directory,
}

impl Param<'_> {
    /// Whether a path ends as it must; letters of either case.
    #[inline]
    pub(crate) fn is_ended(&self, word: &OsStr) -> bool {
        self.extensions().is_empty() || self.has_extension(word)
    }

    #[cold]
    fn has_extension(&self, word: &OsStr) -> bool {
        // As it is spelt: a file may be called `.csv`, and an extension may have a dot in it.
        let name = Path::new(word).file_name().unwrap_or_default().as_encoded_bytes();
        self.extensions().iter().any(|extension| {
            let rest = name.len().checked_sub(extension.len() + 1);
            rest.map(|rest| &name[rest..]).is_some_and(|end| {
                end[0] == b'.' && end[1..].eq_ignore_ascii_case(extension.as_bytes())
            })
        })
    }
}
