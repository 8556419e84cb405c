//! Where a value came from.

/// Where a value came from.
#[doc(alias("source", "provenance"))]
#[derive(Debug, Clone, PartialEq, Eq)]
#[non_exhaustive]
pub enum Origin {
    /// A word of the command line, counted from 0: the last one of the value.
    Word(usize),
    /// An environment variable, by its name.
    Variable(String),
    /// The config file, its lines and columns counted from 1.
    Setting {
        /// The file's path.
        file: String,
        /// The line, from 1.
        line: usize,
        /// The column, in characters.
        column: usize,
    },
    /// The declared default.
    Default,
    /// There is none.
    Absent,
}
