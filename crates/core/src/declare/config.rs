//! Where a program's config file is, as data. The file itself is the edge's to find and to read.

use super::Param;

/// The config file of a program, for [`Command::config`](super::Command::config).
///
/// Its sections follow the tree of commands, and its keys are the long names of options and flags:
/// `sort = ["code"]` in the section `[hive.list]` stands for `apiary hive list --sort code`. Keys
/// of the root stand at the top. A key that nothing is called is a fault.
///
/// The file is the one that [`option`](Config::option) names, if it is given; else the first that
/// is found by the name in the folders of the XDG base-directory rules: `$XDG_CONFIG_HOME`
/// (`~/.config` where that is not set), then those of `$XDG_CONFIG_DIRS` (`/etc/xdg`).
#[derive(Debug, Clone, Copy)]
pub struct Config<'d> {
    pub(crate) file: &'d str,
    pub(crate) option: Option<&'d Param<'d>>,
}

impl<'d> Config<'d> {
    /// A config file by its name below the folders where such files are: `apiary/config.toml`. What
    /// its name ends in tells how it is written, `.toml` or `.json`.
    pub const fn new(file: &'d str) -> Self {
        Config { file, option: None }
    }

    /// An option of the root that names another file.
    #[must_use]
    pub const fn option(mut self, option: &'d Param<'d>) -> Self {
        self.option = Some(option);
        self
    }

    /// The name below the folders where such files are.
    pub const fn file(&self) -> &'d str {
        self.file
    }
}
