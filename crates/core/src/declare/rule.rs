//! Relations between parameters, as data.

use super::Param;
use super::Rule;

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
