//! Pages: a command becomes a page, a page becomes text.
//!
//! * `build.rs`: which sections there are, and their entries; `related.rs`: the rules that are about each.
//! * `synopsis.rs`: the usage line, in POSIX notation.
//! * `help.rs`: the help of a parameter, and the facts that its declaration has; `of.rs`: whether that is little.
//! * `terminal.rs`: the medium of a terminal or a pipe: sections in a gutter, wrapped to a width.

pub(crate) mod build;
pub(crate) mod help;
pub(crate) mod of;
pub(crate) mod related;
pub(crate) mod synopsis;
pub(crate) mod terminal;
