//! What a program's package says of itself.

/// A program's version, where to write to, and its licence, as its package has them: see
/// [`Command::package`](crate::Command::package).
///
/// The facade's macro `package!` reads it from the manifest of the program.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Default)]
#[non_exhaustive]
pub struct Package<'d> {
    version: &'d str,
    binary: &'d str,
    authors: &'d str,
    page: &'d str,
    licence: &'d str,
}

impl<'d> Package<'d> {
    /// A package by its version.
    pub const fn new(version: &'d str) -> Self {
        Package { version, binary: "", authors: "", page: "", licence: "" }
    }

    /// What the binary is called: the name of a root that has none of its own.
    #[must_use]
    pub const fn binary(mut self, binary: &'d str) -> Self {
        self.binary = binary;
        self
    }

    /// Who to write to, several apart by colons, as Cargo has them: `Ada <ada@example.org>`.
    #[must_use]
    pub const fn authors(mut self, authors: &'d str) -> Self {
        self.authors = authors;
        self
    }

    /// Where to read more and to report what is wrong.
    #[must_use]
    pub const fn page(mut self, page: &'d str) -> Self {
        self.page = page;
        self
    }

    /// The licence, as an SPDX expression.
    #[must_use]
    pub const fn licence(mut self, licence: &'d str) -> Self {
        self.licence = licence;
        self
    }

    /// The version of the program.
    pub const fn version(&self) -> &'d str {
        self.version
    }

    /// What the binary is called.
    pub const fn binary_name(&self) -> &'d str {
        self.binary
    }

    /// Who wrote it, a colon between.
    pub const fn author_list(&self) -> &'d str {
        self.authors
    }

    /// Where it is told of.
    pub const fn home(&self) -> &'d str {
        self.page
    }

    /// What it is licensed under.
    pub const fn licence_name(&self) -> &'d str {
        self.licence
    }
}
