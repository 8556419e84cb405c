//! What once went wrong, and must not again.

use clavret_core::FaultKind::{ValueMisfit, ValueMissing};

use crate::demo::faults;

/// An option that waits for its value hid what was wrong with an earlier one.
#[test]
fn an_earlier_value_is_looked_at_although_the_last_is_missing() {
    let kinds = |line| faults(line).iter().map(|fault| fault.kind()).collect::<Vec<_>>();
    assert_eq!(kinds("--color inspect inspect A7 --color"), [ValueMisfit, ValueMissing]);
    assert_eq!(kinds("hive add B1 --queen blue --at x 1 --at 2"), [ValueMisfit, ValueMissing]);
}
