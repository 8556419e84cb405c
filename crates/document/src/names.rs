//! What parameters are called in a document: by a rule, a config file, a list.
//!
//! A name means the operand that is called so, or else the option, flag or tally; with dashes in front only these. It is
//! looked for where it stands, and then in the commands above, the nearest first. Behind the names of the commands
//! that lead to it, from the root on, it means that of the last of these: `apiary hive --sort`.

use clavret_core::{Param, Role};

/// The parameter that a name without a way means among some.
pub(crate) fn among<'d>(
    name: &str,
    params: impl Iterator<Item = &'d Param<'d>> + Clone,
) -> Option<&'d Param<'d>> {
    let bare = name.trim_start_matches('-');
    let mut named = params.clone().filter(|param| param.role() != Role::Operand);
    let mut operands = params.filter(|param| param.role() == Role::Operand);
    let operand = operands.find(|param| param.name() == name);
    operand.or_else(|| named.find(|param| param.name() == bare))
}

/// The name of an option, flag or tally, so that no operand is meant.
#[cfg(feature = "export")]
pub(crate) fn dashed(param: &Param<'_>) -> String {
    let dashes = if param.name().len() == 1 { "-" } else { "--" };
    format!("{dashes}{}", param.name())
}

/// What a parameter is called among some that it is one of.
#[cfg(feature = "export")]
pub(crate) fn called_among(param: &Param<'_>, params: &[&Param<'_>]) -> String {
    match among(param.name(), params.iter().copied()) {
        Some(meant) if !meant.is(param) => dashed(param),
        _ => param.name().to_owned(),
    }
}
