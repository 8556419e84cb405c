//! What a line that reads turns out to be: a reading, if it passes the developers' own tests; what the
//! standard commands ask for; or a refusal.

use super::fault::{Fault, FaultKind, Faults};
use super::reading::{Length, Outcome, Path, Reading};
use super::secret::dark;
use super::step::{Meaning, Step};
use super::world::Trial;
use crate::declare::{SHELL, Standard, TOPIC};

impl<'d> Reading<'d> {
    /// The standard commands are answered by the library; any other line is a reading, if it passes
    /// the developers' own tests.
    #[inline(always)]
    pub(super) fn outcome(self) -> Outcome<'d> {
        if self.command().standard == Some(Standard::Help) {
            return topic(self);
        }
        if self.command().standard == Some(Standard::Completions) {
            return Outcome::Script(Path::of(self.path().root()), *self.get(&SHELL));
        }
        if self.trail.has_judges() {
            return self.judged();
        }
        Outcome::Reading(self)
    }

    /// The reading, if the developers' own tests hold nothing against it. What is in a file is not there
    /// for them on a line that is only tried.
    #[cold]
    fn judged(self) -> Outcome<'d> {
        let is_unread = |step: &Step| step.meaning == Meaning::File;
        let is_tested = match self.around.trial {
            Trial::No => true,
            Trial::Read => false,
            Trial::Judged => !self.steps.iter().any(is_unread),
        };
        match is_tested.then(|| self.objection()).flatten() {
            Some(fault) => self.refused(None, fault),
            None => Outcome::Reading(self),
        }
    }

    /// A line that reads, and is refused all the same.
    #[cold]
    fn refused(self, path: Option<Path<'d>>, fault: Fault<'d>) -> Outcome<'d> {
        let path = path.unwrap_or_else(|| self.path());
        let (words, around) = (self.words, self.around.clone());
        let trace = self.into_trace();
        let dark = dark(&trace, words);
        Outcome::Faults(Faults { path, words, list: vec![fault], around, trace, dark })
    }
}

/// `help hive add`: the page of the command that the words name.
fn topic(reading: Reading<'_>) -> Outcome<'_> {
    let mut path = Path::of(reading.path().root());
    let named = reading.steps().iter().filter(|step| step.meaning == Meaning::Operand);
    for (step, name) in named.zip(reading.get(&TOPIC)) {
        match path.leaf().find(name.as_bytes()) {
            Some(command) => path = path.with(command),
            None => {
                let fault = Fault::new(FaultKind::CommandUnknown, step.place());
                return reading.refused(Some(path), fault);
            }
        }
    }
    Outcome::Page(path, Length::Full)
}
