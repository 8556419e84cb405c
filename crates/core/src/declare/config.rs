//! A config file.

use crate::on_demand::outside::SOURCES;
use crate::record::config::Config;

impl<'d> Config<'d> {
    /// A config file by its name below the folders where such files are: `apiary/config.toml`. What
    /// its name ends in tells how it is written, `.toml` or `.json`.
    #[inline]
    pub const fn new(file: &'d str) -> Self {
        Config::made(SOURCES, file)
    }
}
