//! `apiary inspect`: a command in a file of its own.

use crate::hive::Hives;

/// record what an inspection found
#[clavret::declare]
pub(crate) fn inspect(
    /// hive to inspect, such as A7
    #[operand]
    hive: String,
    hives: &Hives,
) -> String {
    format!("{hive}, one of {} hives", hives.0.len())
}
