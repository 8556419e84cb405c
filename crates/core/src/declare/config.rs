//! Where a program's config file is, as data. The file itself is the edge's to find and to read.

use super::Config;
use super::Param;
// The code that a record brings along.
use crate::fault::SOURCES;

impl<'d> Config<'d> {
    /// A config file by its name below the folders where such files are: `apiary/config.toml`. What
    /// its name ends in tells how it is written, `.toml` or `.json`.
    #[inline]
    pub const fn new(file: &'d str) -> Self {
        Config { sources: SOURCES, file, option: None }
    }

    /// An option of the root that names another file.
    #[must_use]
    #[inline]
    pub const fn option(mut self, option: &'d Param<'d>) -> Self {
        self.option = Some(option);
        self
    }

    /// The name below the folders where such files are.
    #[inline]
    pub const fn file(&self) -> &'d str {
        self.file
    }
}
