//! What a declaration and a reading say, in words that pages and faults share: facts of a parameter, what its values may be,
//! warnings.

pub(crate) mod facts;
pub(crate) mod framed;
pub(crate) mod value;
pub(crate) mod warned;
