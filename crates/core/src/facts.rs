//! Stage 4, facts: what a declaration says of a parameter beside its help, as data, in the order it is told. What
//! a value may be is asked of its kinds and validators where it is worded (`wording/value.rs`).

use crate::declare::{Command, Param, Role, Rule, Times};
use crate::text::Listed;

/// One thing that a declaration says.
pub(crate) enum Fact<'d> {
    /// What is meant where it is not given.
    Default(&'d str),
    /// Another name turns it off.
    Opposite(Option<char>, &'d str),
    /// Numbers are written as in source code.
    InCode,
    /// NaN and the infinities are numbers too.
    Infinite,
    /// A truth word may be attached.
    Worded,
    /// Its name may stand alone.
    OrAlone,
    /// An option of this name takes it from a file.
    FromFile(&'d str),
    /// What parts its values within a word.
    JoinedBy(char),
    /// It may be given again, as often as one likes.
    Again,
    /// How often it must and may be given; whether that are words, or values, and not the name once more.
    Counted(Times, bool),
    /// The variable that stands in for it.
    Variable(&'d str),
    /// A relation to other parameters.
    Rule(&'d Rule<'d>),
}

impl<'d> Param<'d> {
    /// What is declared of it; `command` is the one that takes it.
    pub(crate) fn facts(&self, command: &Command<'d>) -> Vec<Fact<'d>> {
        let mut facts = Vec::new();
        facts.extend(self.default().map(Fact::Default));
        if !self.opposite().is_empty() {
            facts.push(Fact::Opposite(self.opposite_letter(), self.opposite()));
        }
        let manners = [
            (self.is_as_in_code(), Fact::InCode),
            (self.is_infinite(), Fact::Infinite),
            (self.is_worded(), Fact::Worded),
            (self.is_attached(), Fact::OrAlone),
            (!self.file_name().is_empty(), Fact::FromFile(self.file_name())),
        ];
        facts.extend(manners.into_iter().filter(|manner| manner.0).map(|manner| manner.1));
        facts.extend(self.delimiter().map(Fact::JoinedBy));
        facts.extend(self.again());
        if !self.variable().is_empty() {
            facts.push(Fact::Variable(self.variable()));
        }
        facts.append(&mut command.relations().map(Fact::Rule).listed());
        facts
    }

    /// How often it may be given, where that is more than once.
    fn again(&self) -> Option<Fact<'d>> {
        // Words of an operand stand after each other, or several within one; an option is given again.
        let are_words = self.role() == Role::Operand || self.delimiter().is_some();
        let times = self.given_times();
        match self.role() {
            Role::Tally => Some(Fact::Again),
            _ if self.is_counted() && (times.min == times.max || times.max < u32::MAX) => {
                Some(Fact::Counted(times, are_words))
            }
            Role::Option if self.is_list() && !self.is_once() => Some(Fact::Again),
            _ => None,
        }
    }
}
