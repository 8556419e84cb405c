//! What every key is: the parameter beneath it, and how its value is taken from a reading.

use super::cell::Held;
use super::param::{self, Param};

/// What you ask a reading with: `reading.get(&FRAMES)` gives what the key's type says.
pub trait Key {
    /// The type of the value.
    type Value: 'static;
    /// The untyped record, which identifies the key by its address.
    fn record(&self) -> &Param<'_>;
    #[doc(hidden)]
    fn peek<'c>(&self, cell: &'c Held) -> Option<&'c Self::Value>;
    #[doc(hidden)]
    fn take(&self, cell: &mut Held) -> Option<Self::Value>;
}

/// Whether a key is that of a record.
#[inline]
pub(crate) fn is_key(key: &impl Key, record: &Param<'_>) -> bool {
    param::is(key.record(), record)
}
