//! What a program's package says of itself.

use super::Package;
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
}
