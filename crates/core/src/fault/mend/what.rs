//! What may help against the faults that only some programs can have: each is brought along with these.

use crate::record::mend::Mend;

impl Mend {
    /// Against a value that stands twice.
    pub(crate) const TWICE: Self = Mend(|bench| bench.drop_value());

    /// Against several words that are attached to their name.
    pub(crate) const SEVERAL: Self = Mend(|bench| bench.several());

    /// Against a value that is not attached to its name.
    pub(crate) const BARE: Self = Mend(|bench| bench.bare());

    /// Against a rule that asks for more.
    pub(crate) const LACKING: Self = Mend(|bench| bench.rule_broken());

    /// Against an entry whose key is none of a closed list, or the value none that its key takes.
    pub(crate) const KEYED: Self = Mend(|bench| bench.near_entry());
}
