//! What is said of what is given more than once and may not be.

use crate::read::{Fault, Faults};
use crate::wording::fill;

pub(crate) fn repeated<'d>(faults: &Faults<'d>, group: &[&Fault<'d>]) -> String {
    let names = faults.listed(group, |fault| faults.name(fault));
    fill(faults.path().root().phrases().option_repeated(), &[&names])
}

pub(crate) fn twice<'d>(faults: &Faults<'d>, group: &[&Fault<'d>]) -> String {
    let name = group.first().map(|fault| faults.name(fault)).unwrap_or_default();
    let typed = faults.listed(group, |fault| faults.typed(fault));
    fill(faults.path().root().phrases().value_twice(), &[&name, &typed])
}
