//! What is written: the statics that a person could have written.

pub(crate) mod arguments;
pub(crate) mod asked;
pub(crate) mod block;
pub(crate) mod choice;
pub(crate) mod command;
pub(crate) mod enums;
pub(crate) mod function;
pub(crate) mod param;
pub(crate) mod structs;
