//! What the words of a value may be: Rust types, closed lists, and types that are known only at run time; their conversion, and
//! the validators of what they give.
//!
//! * `from_word.rs`, `choice.rs`: one word; `shape.rs`: which types a key may have, and how many words they take; `form.rs`: the same
//!   without the type; `typed.rs`: what converts by a kind alone; `accepted.rs`: whether a word converts.
//! * `foreign/`: the types of other crates, each behind a feature; `types.rs`, `standard.rs`, `by_name.rs`: types by their
//!   names, their limits and validators.
//! * `valid/`: extra tests of a converted value; `when.rs`: when to colour; `sealed.rs`: who may implement what.

pub(crate) mod accepted;
#[cfg(feature = "by-name")]
pub(crate) mod by_name;
pub(crate) mod choice;
pub(crate) mod foreign;
pub(crate) mod form;
pub(crate) mod from_word;
pub(crate) mod sealed;
pub(crate) mod shape;
pub(crate) mod standard;
pub(crate) mod typed;
#[cfg(feature = "by-name")]
mod types;
pub mod valid;
pub(crate) mod when;
