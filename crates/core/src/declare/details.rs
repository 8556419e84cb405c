//! What a command is called, and what pages tell of it.

use crate::check::stops::{check_names, check_phrases};
use crate::record::command::Command;
use crate::record::package::Package;
use crate::record::settings::command as said;
use crate::wording::Wording;

impl<'d> Command<'d> {
    /// What it does, in a few words without a full stop.
    #[must_use]
    #[track_caller]
    #[inline]
    pub const fn summary(mut self, summary: &'d str) -> Self {
        self.note(said::SUMMARY);
        self.set_summary(summary);
        self
    }

    /// A longer description for the full page, in Markdown. An empty line starts a new paragraph,
    /// lists and code keep their lines, and emphasis and code within a line keep their marks.
    #[must_use]
    #[track_caller]
    #[inline]
    pub const fn description(mut self, description: &'d str) -> Self {
        self.note(said::DESCRIPTION);
        self.set_description(description);
        self.described()
    }

    /// The version that `--version` shows; for the root.
    #[must_use]
    #[track_caller]
    #[inline]
    pub const fn version(mut self, version: &'d str) -> Self {
        self.note(said::VERSION);
        self.set_version(version);
        self
    }

    /// The version, and where the program is from: what `--version` shows, and the end of the full
    /// page; for the root.
    #[doc(alias("author", "licence"))]
    #[must_use]
    #[track_caller]
    #[inline]
    pub const fn package(mut self, package: Package<'d>) -> Self {
        self.note(said::PACKAGE);
        self.set_package(package);
        self.described()
    }

    /// What a macro knows of the package, whether the command is the root or not; and whether its name is only
    /// that of the type or the function that declares it: as a root it is called as the binary then.
    #[must_use]
    #[inline]
    pub(crate) const fn declared_in(mut self, package: Package<'d>, is_named: bool) -> Self {
        if !self.said().has(said::PACKAGE) {
            self.set_package(package);
        }
        self.set_unnamed(!is_named);
        self.described()
    }

    /// Gives the command another name, as one that is [made from another](Command::adapted) needs.
    ///
    /// # Panics
    ///
    /// As [`new`](Command::new).
    #[must_use]
    #[track_caller]
    #[inline]
    pub const fn named(mut self, name: &'d str) -> Self {
        self.note(said::NAMED);
        self.set_name(name);
        self.set_unnamed(false);
        self.well_called()
    }

    /// Other names that mean the same.
    ///
    /// # Panics
    ///
    /// As [`new`](Command::new); two commands of one name are told by the [`commands`](Command::commands) above.
    #[must_use]
    #[track_caller]
    #[inline]
    pub const fn aliases(mut self, aliases: &'d [&'d str]) -> Self {
        self.note(said::ALIASES);
        self.set_aliases(aliases);
        self.well_called()
    }

    /// Names that it had before. They read, and a warning says what it is called now; pages and
    /// completion leave them out.
    ///
    /// # Panics
    ///
    /// As [`new`](Command::new).
    #[must_use]
    #[track_caller]
    #[inline]
    pub const fn formerly(mut self, names: &'d [&'d str]) -> Self {
        self.note(said::FORMERLY);
        self.set_former_names(names);
        self.well_called()
    }

    /// Leaves it out of pages, fixes and completion. It still reads.
    #[must_use]
    #[track_caller]
    #[inline]
    pub const fn hidden(mut self) -> Self {
        self.note(said::HIDDEN);
        self.set_hidden();
        self
    }

    /// Deprecates the command: it is accepted, a warning names what to use instead, and pages and completion leave it out.
    #[must_use]
    #[track_caller]
    #[inline]
    pub const fn deprecated(mut self, instead: &'d str) -> Self {
        self.note(said::DEPRECATED);
        self.set_deprecated(instead);
        self
    }

    /// Deprecates the command, and says since when: a version, such as `0.4`, or a day.
    #[must_use]
    #[track_caller]
    #[inline]
    pub const fn deprecated_since(mut self, since: &'d str) -> Self {
        self.note(said::DEPRECATED_SINCE);
        self.set_deprecated_since(since);
        self
    }

    /// Deprecates the command, and says in which version, or on which day, it is removed.
    #[must_use]
    #[track_caller]
    #[inline]
    pub const fn deprecated_until(mut self, until: &'d str) -> Self {
        self.note(said::DEPRECATED_UNTIL);
        self.set_deprecated_until(until);
        self
    }

    /// Examples: what each does, then the line as typed, the program's name included.
    #[must_use]
    #[track_caller]
    #[inline]
    pub const fn examples(mut self, examples: &'d [(&'d str, &'d str)]) -> Self {
        self.note(said::EXAMPLES);
        self.set_examples(examples);
        self.described()
    }

    /// What the exit statuses mean; status 2, a refused line, is added by the page.
    #[doc(alias("exit code"))]
    #[must_use]
    #[track_caller]
    #[inline]
    pub const fn statuses(mut self, statuses: &'d [(u8, &'d str)]) -> Self {
        self.note(said::STATUSES);
        self.set_statuses(statuses);
        self.described()
    }

    /// Other phrases for pages and faults, such as in another language; for the root.
    ///
    /// # Panics
    ///
    /// In a static, so that the build stops: when a phrase has not the places for what is filled in (`{0}`, `{1}`)
    /// that the one in English has.
    #[must_use]
    #[track_caller]
    #[inline]
    pub const fn wording(mut self, wording: &'d Wording<'d>) -> Self {
        self.note(said::WORDING);
        self.set_wording(wording);
        if !self.is_draft() {
            check_phrases(&self);
        }
        self
    }

    #[track_caller]
    #[inline]
    const fn well_called(self) -> Self {
        if !self.is_draft() {
            check_names(&self);
        }
        self
    }
}
