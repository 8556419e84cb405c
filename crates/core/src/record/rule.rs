//! The record of a rule, and the code that it brings along.

use std::fmt::Debug;

use super::command::Command;
use super::fact::Fact;
use super::line::Line;
use super::page::Text;
use super::param::Param;
use crate::wording::Speech;

#[derive(Debug)]
pub(crate) struct Related<'d> {
    pub(crate) rules: Vec<&'d Rule<'d>>,
    /// The addresses of parameters in their order, each with the place of a rule.
    pub(crate) about: Vec<(usize, usize)>,
    /// The same, each with the place of the parameter in its command.
    pub(crate) places: Vec<(usize, usize)>,
}

/// A relation between parameters of a command, for [`Command::rules`](crate::Command::rules).
///
/// A rule looks at what the words say. A value from the environment, a config file or a default
/// breaks none; a typed member silences what the environment and the config file have for the
/// others. Only what is needed is met from anywhere but the default.
///
/// ```
/// # use clavret_core as clavret;
/// use clavret::{Command, Flag, Named, Outcome, Rule};
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
#[doc(alias("conflict", "dependency", "mutually exclusive"))]
#[derive(Debug, Clone, Copy)]
pub struct Rule<'d> {
    /// What it is: its verdict, and what is said of it.
    relation: &'d dyn Relation,
    /// The parameter that the rule hangs on, and the value that it must have for it.
    when: Option<(&'d Param<'d>, &'d str)>,
    members: &'d [&'d Param<'d>],
}

/// What stands in a synopsis at the place of a parameter of a command.
pub(crate) type InSynopsis = fn(&Rule<'_>, &Command<'_>, &Related<'_>, usize) -> Option<Text>;

/// What a rule is: its verdict on a line, and what is said of it.
pub(crate) trait Relation: Debug + Sync {
    /// The constructor that makes it.
    fn name(&self) -> &'static str;

    /// Says what is wrong with a line.
    fn check<'d>(&self, rule: &'d Rule<'d>, line: &mut Line<'d>);

    /// What a fault says; `lacking` is the name of the member that is needed and not there.
    fn sentence<'t>(&self, rule: &Rule<'t>, lacking: &'t str, speech: Speech<'t>) -> &'t str;

    /// What a page says of a parameter, if the rule is about that.
    fn fact<'t>(&self, rule: &Rule<'t>, param: &Param<'_>, speech: Speech<'t>) -> Option<Fact<'t>>;

    /// Whether what is typed silences what the environment and the config file say of the others.
    fn excludes(&self) -> bool {
        false
    }

    /// What shows the members as one choice in a synopsis, where that is what they are.
    fn choice(&self) -> Option<InSynopsis> {
        None
    }

    /// Whether any of the members is all that it asks for.
    fn is_any_enough(&self) -> bool {
        false
    }
}

impl<'d> Rule<'d> {
    pub(crate) const fn new(
        relation: &'d dyn Relation,
        members: &'d [&'d Param<'d>],
        when: Option<(&'d Param<'d>, &'d str)>,
    ) -> Self {
        Rule { relation, when, members }
    }

    /// What it is about: the members, and what it hangs on.
    pub(crate) fn params(&self) -> impl Iterator<Item = &'d Param<'d>> + use<'d> {
        self.members.iter().copied().chain(self.when.map(|when| when.0))
    }

    pub(crate) fn is_about(&self, param: &Param<'_>) -> bool {
        self.params().any(|other| other.is(param))
    }

    /// The parameters that the rule is about.
    pub const fn members(&self) -> &'d [&'d Param<'d>] {
        self.members
    }

    /// What it asks for of the members, and the value that this depends on.
    pub const fn when(&self) -> Option<(&'d Param<'d>, &'d str)> {
        self.when
    }

    /// The constructor that it was made by: `only_one`, say.
    pub fn name(&self) -> &'static str {
        self.relation.name()
    }

    /// Whether it says what may not be given together.
    pub fn forbids(&self) -> bool {
        self.relation.excludes()
    }

    pub(crate) const fn relation(&self) -> &'d dyn Relation {
        self.relation
    }
}
