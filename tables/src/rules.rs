//! The rules between parameters, each with what its constructor takes.

/// A rule, by the constructor of the core's `Rule`.
#[derive(Debug, Clone, Copy)]
pub struct RuleSort {
    /// The constructor and the detail; with dashes, the key of a document that has the members.
    pub name: &'static str,
    /// What it hangs on.
    pub hangs: Hangs,
    /// A sentence without its first capital and its full stop.
    pub says: &'static str,
}

/// What a rule hangs on, and the order in which its constructor takes that.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub enum Hangs {
    /// The members are all of it.
    Nothing,
    /// A parameter, then the members.
    Param,
    /// The members, then a parameter and the value that it must have.
    Value,
}

const fn rule(name: &'static str, hangs: Hangs, says: &'static str) -> RuleSort {
    RuleSort { name, hangs, says }
}

/// The rows.
pub const RULES: &[RuleSort] = &[
    rule("only_one", Hangs::Nothing, "at most one of these is given"),
    rule("at_least_one", Hangs::Nothing, "one of these is given, or more"),
    rule("all_or_none", Hangs::Nothing, "these are given together or not at all"),
    rule("only_with", Hangs::Param, "`param` is given only with all of these"),
    rule("not_with", Hangs::Param, "`param` is not given with any of these"),
    rule("needed_with", Hangs::Value, "these are needed when `param` has the `value`"),
];
