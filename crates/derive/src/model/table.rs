//! Which details a mark may have.

use crate::Role;
use crate::model::settings::{FLAG, OPERAND, OPTION, Setter, TALLY};

impl Role {
    /// The setters of its key.
    pub(crate) const fn setters(self) -> &'static [Setter] {
        match self {
            Role::Operand => OPERAND,
            Role::Option => OPTION,
            Role::Flag => FLAG,
            Role::Tally => TALLY,
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
    pub(crate) const OTHERS: &'static [(&'static str, &'static [Setter])] =
        &[("an option", OPTION), ("an operand", OPERAND), ("a flag", FLAG)];
}
