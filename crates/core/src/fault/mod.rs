//! Stage 3, faults: what is wrong with a line, mended where that can be proved, and drawn.
//!
//! In come the facts of [`Faults`](crate::Faults), found by the reader; out goes the text for
//! standard error.
//!
//! * `say.rs`: a sentence for each fault; `refuse.rs`: what would be right instead of a refused value, and
//!   what is amiss with this one.
//! * `known.rs`, `owners.rs`: what is known where a name is not, and which commands know the name.
//! * `mistake.rs`: what is wrong with the program, and not with the line.
//! * `told.rs`: which faults are told, and which of them in one sentence.
//! * `fix.rs`: the line repaired, and read again before it is offered; `edit.rs`: its words and what is
//!   done to them; `repair.rs`, `names.rs`, `surplus.rs`: what may help; `keep.rs`: what must stay as it is.
//! * `echo.rs`: the line as typed, and where each byte of it is shown.
//! * `draw.rs`: head, line with carets, sentences, foot.

mod draw;
mod echo;
mod edit;
mod fix;
mod keep;
mod known;
mod mistake;
mod names;
mod owners;
mod refuse;
mod repair;
mod say;
mod surplus;
mod told;
