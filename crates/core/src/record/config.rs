//! Where a config file is.

use super::brought::Sources;
use super::param::Param;

/// The config file of a program, for [`Command::config`](crate::Command::config).
///
/// Its sections follow the tree of commands, and its keys are the long names of options and flags:
/// `sort = ["code"]` in the section `[hive.list]` means `apiary hive list --sort code`. Keys
/// of the root come first, before any section. A key that is no name here is a fault.
///
/// The file is the one that [`option`](Config::option) names, if it is given; else the first that
/// is found by the name in the folders of the XDG base-directory rules: `$XDG_CONFIG_HOME`
/// (`~/.config` where that is not set), then those of `$XDG_CONFIG_DIRS` (`/etc/xdg`).
#[doc(alias("configuration file", "preferences"))]
#[derive(Debug, Clone, Copy)]
pub struct Config<'d> {
    /// What asks for it.
    sources: &'static Sources,
    file: &'d str,
    option: Option<&'d Param<'d>>,
}

impl<'d> Config<'d> {
    /// A file, and what asks for it.
    #[inline]
    pub(crate) const fn made(sources: &'static Sources, file: &'d str) -> Self {
        Config { sources, file, option: None }
    }

    /// An option of the root that names another file.
    #[must_use]
    #[inline]
    pub const fn option(mut self, option: &'d Param<'d>) -> Self {
        self.option = Some(option);
        self
    }

    /// What asks for it.
    pub(crate) const fn sources(&self) -> &'static Sources {
        self.sources
    }

    /// The name below the folders where such files are.
    #[inline]
    pub const fn file(&self) -> &'d str {
        self.file
    }

    /// The option that names another file.
    pub const fn option_param(&self) -> Option<&'d Param<'d>> {
        self.option
    }
}
