//! Relations between parameters, as data.

use super::Param;

/// A relation between parameters of a command, for [`Command::rules`](super::Command::rules).
///
/// A rule looks at what the words say. A value from the environment, a config file or a default
/// breaks none; a typed member silences what the environment and the config file have for the
/// others. Only what is needed is met from anywhere but the default.
///
/// ```
/// use clavret_core::{Command, Flag, Named, Outcome, Rule};
///
/// static JARS: Named<Option<u32>> = Named::new("jars");
/// static BARREL: Flag = Flag::new("barrel");
/// static HARVEST: Command = Command::new("harvest")
///     .takes(&[JARS.param(), BARREL.param()])
///     .rules(&[Rule::only_one(&[JARS.param(), BARREL.param()])]);
///
/// assert!(matches!(HARVEST.read(&["--jars", "3"]), Outcome::Reading(_)));
/// assert!(matches!(HARVEST.read(&["--jars", "3", "--barrel"]), Outcome::Faults(_)));
/// ```
#[derive(Debug, Clone, Copy)]
pub struct Rule<'d> {
    pub(crate) sort: Sort,
    /// The parameter that the rule hangs on, and the value that it must have for it.
    pub(crate) when: Option<(&'d Param<'d>, &'d str)>,
    pub(crate) members: &'d [&'d Param<'d>],
}

/// What a rule asks of its members.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub(crate) enum Sort {
    OnlyOne,
    AtLeastOne,
    AllOrNone,
    /// All of them, when another is given.
    OnlyWith,
    /// None of them, when another is given.
    NotWith,
    /// All of them, when another has a value.
    NeededWith,
}

impl<'d> Rule<'d> {
    /// At most one of the members is given.
    pub const fn only_one(members: &'d [&'d Param<'d>]) -> Self {
        Rule { sort: Sort::OnlyOne, when: None, members }
    }

    /// One of the members is given, or more.
    pub const fn at_least_one(members: &'d [&'d Param<'d>]) -> Self {
        Rule { sort: Sort::AtLeastOne, when: None, members }
    }

    /// The members are given together or not at all.
    pub const fn all_or_none(members: &'d [&'d Param<'d>]) -> Self {
        Rule { sort: Sort::AllOrNone, when: None, members }
    }

    /// `param` is given only with all of `others`.
    pub const fn only_with(param: &'d Param<'d>, others: &'d [&'d Param<'d>]) -> Self {
        Rule { sort: Sort::OnlyWith, when: Some((param, "")), members: others }
    }

    /// `param` is not given with any of `others`.
    pub const fn not_with(param: &'d Param<'d>, others: &'d [&'d Param<'d>]) -> Self {
        Rule { sort: Sort::NotWith, when: Some((param, "")), members: others }
    }

    /// The members are needed when `param` has a value, as a user would type it.
    pub const fn needed_with(
        members: &'d [&'d Param<'d>],
        param: &'d Param<'d>,
        value: &'d str,
    ) -> Self {
        Rule { sort: Sort::NeededWith, when: Some((param, value)), members }
    }
}
