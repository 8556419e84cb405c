//! What each part of a line was taken for, a row for each.

use clavret::ask::{CommandPath, Param, Role};
use clavret::faults::Faults;
use clavret::reader::{Meaning, Step};
use clavret::{Kind, Reading};

/// Whether only the program knows which values a parameter takes: they are of a type of its own, or tested or listed in a
/// way of its own.
pub(super) fn is_unchecked(param: &Param<'_>) -> bool {
    let of_kind = |kind: &&Kind<'_>| {
        let sides =
            kind.sides().is_some_and(|(key, value)| key.is_unchecked() || value.is_unchecked());
        kind.is_unchecked() || sides
    };
    param.kinds().iter().any(of_kind)
        || param.validators().any(|test| test.data().is_none())
        || param.list().is_some()
}

/// Whether the program tests a whole line of a command, or of one above it, in a way of its own.
pub(super) fn is_judged(path: &CommandPath<'_>) -> bool {
    path.commands().iter().any(|command| command.ask().is_judged())
}

/// A part of a word, and what it was taken for.
pub(super) struct Row<'s> {
    pub(super) step: &'s Step,
    pub(super) text: String,
    /// The parameter that it is a name or a word of, as it is spelt; and its key.
    pub(super) of: Option<String>,
    pub(super) key: Option<String>,
    role: Option<Role>,
    /// Nobody here knows whether it is accepted.
    pub(super) is_unchecked: bool,
}

impl<'s> Row<'s> {
    fn new(
        step: &'s Step,
        text: String,
        param: Option<&Param<'_>>,
        path: &CommandPath<'_>,
    ) -> Self {
        let is_value = matches!(step.meaning(), Meaning::Value | Meaning::Operand);
        let is_unchecked = is_value && param.is_some_and(is_unchecked);
        Row {
            step,
            text,
            of: param.map(Param::spelled),
            key: param.map(|param| path.key_of(param)),
            role: param.map(Param::role),
            is_unchecked,
        }
    }

    pub(super) fn of_reading(reading: &'s Reading<'_>) -> Vec<Self> {
        let path = reading.path();
        let row = |step| {
            let text = reading.text_of(step).to_string_lossy().into_owned();
            Row::new(step, text, reading.param_of(step), &path)
        };
        reading.steps().iter().map(row).collect()
    }

    pub(super) fn of_faults(faults: &'s Faults<'_>) -> Vec<Self> {
        let row = |step| {
            let text = faults.text_of(step).to_string_lossy().into_owned();
            Row::new(step, text, faults.param_of(step), faults.path())
        };
        faults.steps().iter().map(row).collect()
    }

    /// What it means, in one word, for programs.
    pub(super) fn means(&self) -> &'static str {
        match self.step.meaning() {
            Meaning::Command => "command",
            Meaning::Name => "name",
            Meaning::Opposite => "opposite",
            Meaning::File => "file",
            Meaning::Value => "value",
            Meaning::Operand => "operand",
            Meaning::Terminator => "terminator",
            Meaning::Unwanted => "unwanted",
            Meaning::Unread => "unread",
            _ => "unknown",
        }
    }

    /// The same for people.
    pub(super) fn told(&self) -> &'static str {
        match (self.step.meaning(), self.role) {
            (Meaning::Name, Some(Role::Flag)) => "flag",
            (Meaning::Name, Some(Role::Tally)) => "tally",
            (Meaning::Name, _) => "option",
            (Meaning::Opposite, _) => "flag, turned off",
            (Meaning::File, _) => "option for a file",
            (Meaning::Terminator, _) => "end of the options",
            (Meaning::Unwanted, _) => "value that is not taken",
            (Meaning::Unread, _) => "not looked at",
            (Meaning::Unknown, _) => "not known",
            _ => self.means(),
        }
    }
}
