//! What may help against a fault that only some programs can have. A program may leave the search for fixes out (feature
//! `mend`): then it is nothing.

use std::fmt;

#[cfg(feature = "mend")]
use super::bench::Bench;

/// What may help against a fault that only some programs can have: a fault brings it along, or what its parameter brings.
#[derive(Clone, Copy)]
pub(crate) struct Mend(
    #[cfg(feature = "mend")] pub(crate) for<'f, 't, 'd> fn(&mut Bench<'f, 't, 'd>),
);

/// Where it stands differs from run to run.
impl fmt::Debug for Mend {
    fn fmt(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {
        f.write_str("Mend")
    }
}
