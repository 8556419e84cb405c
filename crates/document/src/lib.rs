//! What is made of a declaration beside the program itself.
//!
//! * `prove/`: what a declaration promises and does not keep ([`flaws`]).

#![forbid(unsafe_code)]
#![warn(clippy::print_stdout, clippy::print_stderr)]

mod prove;

pub use prove::{Flaw, flaws};
