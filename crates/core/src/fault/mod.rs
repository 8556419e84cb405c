//! Faults: what is wrong with a line, mended where that can be proved, and drawn.
//!
//! In come the facts of [`Faults`](crate::faults::Faults), found by the reader; out goes the text for standard error.
//!
//! * `say.rs`: a sentence for each fault; `refuse.rs`: what would be right instead of a refused value, and what is amiss with this
//!   one; `mistake.rs`: what is wrong with the program, and not with the line.
//! * `known.rs`, `owners.rs`: what is known where a name is not, and which commands know the name.
//! * `facts.rs`: what a program may know of a fault, without words.
//! * `told.rs`: which faults are told, and which of them in one sentence.
//! * `mend/`: the line repaired, and read again before it is offered; `unmended.rs`: the same where a program leaves that out.
//! * `echo.rs`: the line as typed, and where each byte of it is shown.
//! * `draw.rs`: head, line with carets, sentences, foot; `file.rs`: the same of a text that is no command line.

pub(crate) mod draw;
pub(crate) mod echo;
pub(crate) mod facts;
pub(crate) mod file;
pub(crate) mod known;
#[cfg(feature = "mend")]
pub(crate) mod mend;
pub(crate) mod mistake;
pub(crate) mod owners;
pub(crate) mod refuse;
pub(crate) mod say;
pub(crate) mod told;
#[cfg(not(feature = "mend"))]
pub(crate) mod unmended;
