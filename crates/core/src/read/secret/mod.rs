//! Which parts of a refused line may be secret: the names that there are, and a walk over the words.

pub(crate) mod known;
pub(crate) mod search;
