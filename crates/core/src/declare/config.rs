//! A config file.

use crate::on_demand::outside::SOURCES;
use crate::record::config::Config;
use crate::record::param::Param;

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
}
