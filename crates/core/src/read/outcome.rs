//! What a line that reads turns out to be: a reading, if it passes the developers' own tests; what is asked
//! for by a command whose work is the library's; or a refusal.

use crate::record::fault::{Fault, FaultKind};
use crate::record::faults::Faults;
use crate::record::param::Param;
use crate::record::reading::{CommandPath, Outcome, Reading};
use crate::record::step::Meaning;

impl<'d> Reading<'d> {
    /// Some commands are answered by the library; any other line is a reading, if it passes the developers'
    /// own tests.
    #[inline(always)]
    pub(crate) fn outcome(self) -> Outcome<'d> {
        let command = self.command();
        if command.names_commands()
            && let (path, Some(fault)) = self.topic()
        {
            return self.refused(Some(path), fault);
        }
        if command.is_standard() {
            return self.asked(None, false);
        }
        if self.trail.has_judges() {
            return self.put_to_judges();
        }
        Outcome::Reading(self)
    }

    #[cold]
    fn put_to_judges(self) -> Outcome<'d> {
        match self.trail.brought(|command| command.judge().map(|judge| judge.1)) {
            Some(judged) => judged(self),
            None => Outcome::Reading(self),
        }
    }

    /// A line that reads, and is refused all the same.
    #[cold]
    pub(crate) fn refused(self, path: Option<CommandPath<'d>>, fault: Fault<'d>) -> Outcome<'d> {
        let path = path.unwrap_or_else(|| self.path());
        let (words, around) = (self.words, self.around.clone());
        let trace = self.into_trace();
        let dark = trace.dark(words, around.usual);
        Outcome::Faults(Faults { path, words, list: vec![fault], around, trace, dark })
    }

    /// The command that the words of the operands lead to that name one of the program's own: `help hive
    /// add`. Where a word names none, the way so far, and the fault.
    #[cold]
    pub(crate) fn topic(&self) -> (CommandPath<'d>, Option<Fault<'d>>) {
        let mut path = CommandPath::of(self.path().root());
        for step in &self.steps {
            let param = self.slots.get(step.slot as usize).map(|slot| slot.param);
            if step.meaning != Meaning::Operand || !param.is_some_and(Param::names_commands) {
                continue;
            }
            let bytes = self.words.word(step.word()).as_encoded_bytes();
            match path.leaf().subcommand(bytes) {
                Some(command) => path = path.with(command),
                None => {
                    let fault = Fault::new(FaultKind::CommandUnknown, step.place());
                    return (path, Some(fault));
                }
            }
        }
        (path, None)
    }
}
