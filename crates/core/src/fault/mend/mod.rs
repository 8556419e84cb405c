//! The search for fixes: the line repaired, and read again before it is offered.
//!
//! In come [`Faults`](crate::faults::Faults); out goes a line that reads, and which faults went away with others. A program may leave it
//! out (feature `mend`): then faults are told without a line.
//!
//! * `fix.rs`: one fault after the other, and what is chosen.
//! * `edit.rs`: the words of a line, and what is done to them.
//! * `repair.rs`, `names.rs`, `surplus.rs`, `form.rs`, `keys.rs`: what may help against each kind of fault.
//! * `keep.rs`: what must stay as it is.
//! * `what.rs`: the names under which a repair is brought along.

pub(crate) mod edit;
pub(crate) mod fix;
pub(crate) mod form;
pub(crate) mod keep;
pub(crate) mod keys;
pub(crate) mod names;
pub(crate) mod repair;
pub(crate) mod surplus;
pub(crate) mod what;
