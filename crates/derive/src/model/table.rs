//! Which details a mark may have.

use crate::Role;
use crate::model::settings::{FLAGS, OPERANDS, OPTIONS, Setter, TALLIES};

impl Role {
    /// The setters of its key.
    pub(crate) const fn setters(self) -> &'static [&'static [Setter]] {
        match self {
            Role::Operand => OPERANDS,
            Role::Option => OPTIONS,
            Role::Flag => FLAGS,
            Role::Tally => TALLIES,
        }
    }

    pub(crate) const fn article(self) -> &'static str {
        match self {
            Role::Operand => "an operand",
            Role::Option => "an option",
            Role::Flag => "a flag",
            Role::Tally => "a tally",
        }
    }

    /// Who has the details that it has not.
    pub(crate) const OTHERS: &'static [(&'static str, &'static [&'static [Setter]])] =
        &[("an option", OPTIONS), ("an operand", OPERANDS), ("a flag", FLAGS)];
}
