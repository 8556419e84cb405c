//! Reading: words become steps, steps become a reading with typed values, or faults.
//!
//! In come a declaration and the words of a line; out goes an [`Outcome`](crate::Outcome). One word is read at a time, and what a
//! word is depends on those before it alone; values are converted when all are known.
//!
//! * `reader.rs`: the state machine; `options.rs`: words with a dash; `operands.rs`: those without; `meant.rs`: what was meant otherwise.
//! * `reach.rs`, `trail.rs`, `many.rs`: what names may mean; `trace.rs`: what was understood.
//! * `finish.rs`: what is known after the last word; `convert.rs`, `split.rs`: values; `relation.rs`: what rules see; `asked.rs`,
//!   `outcome.rs`, `reading.rs`: what comes of it.
//! * `making.rs`: a line in the making, for completion; `show.rs`, `serialise.rs`, `warned.rs`: what a reading tells.
//! * `secret/`: which parts of a refused line may be secret.

pub(crate) mod asked;
pub(crate) mod convert;
pub(crate) mod finish;
pub(crate) mod making;
pub(crate) mod many;
pub(crate) mod meant;
pub(crate) mod operands;
pub(crate) mod options;
pub(crate) mod outcome;
pub(crate) mod reach;
pub(crate) mod reader;
pub(crate) mod reading;
pub(crate) mod relation;
pub(crate) mod secret;
#[cfg(feature = "serde")]
pub(crate) mod serialise;
pub(crate) mod show;
pub(crate) mod split;
pub(crate) mod trace;
pub(crate) mod trail;
pub(crate) mod warned;
