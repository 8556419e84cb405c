//! What is read of what a developer wrote.

pub(crate) mod details;
pub(crate) mod docs;
pub(crate) mod errors;
pub(crate) mod marks;
pub(crate) mod names;
pub(crate) mod settings;
pub(crate) mod table;
