//! What is wrong with the program itself, and not with the line: told as that, to whoever sees it.

use super::Report;
use super::say::framed;
use crate::declare::{Command, Param};
use crate::read::{Around, Fault, FaultKind, Outcome, Usual, Word, Words};
use crate::text::{Listed, Put, unquoted};
use crate::wording::{Phrase, fill};

impl<'t, 'd> Report<'t, 'd> {
    /// What is wrong with the program: its defaults that do not read.
    #[inline]
    pub(super) fn mistakes(&self) -> String {
        let root = self.path().root();
        let mut told = String::new();
        for fault in self.list().iter().filter(|fault| fault.is_mistake()) {
            told.put(&root.mistake(self.mistake(fault)));
        }
        told
    }

    #[inline]
    pub(crate) fn mistake(&self, fault: &Fault<'d>) -> &'t str {
        let speech = self.speech;
        let sentence = self.sentence(&[fault]);
        if matches!(fault.kind(), FaultKind::ValueMisfit | FaultKind::ValueRefused) {
            return sentence;
        }
        let Some(param) = fault.param() else { return sentence };
        let what = speech.tell(Phrase::IsWrong, &[sentence]);
        speech.tell(Phrase::DefaultOf, &[&param.spelled(), unquoted(self.typed(fault)), what])
    }
}

impl Param<'_> {
    /// Why words do not read, where this is the only parameter, in a sentence for each fault; `None` where they
    /// do.
    #[inline]
    pub fn refusal<W: Word>(&self, words: &[W]) -> Option<String> {
        let params = [self];
        let command = Command::draft("prove").takes(&params);
        let around = Around::new(None, Usual::NOTHING);
        match command.read_around(Words::new(words), around) {
            Outcome::Faults(faults) => {
                let mut said = String::new();
                for fault in faults.iter() {
                    said.put(if said.is_empty() { "" } else { "; " });
                    said.put(&faults.sentence_of(fault));
                }
                Some(said)
            }
            _ => None,
        }
    }

    /// Why the default does not read, if it does not.
    #[inline]
    pub fn wrong_default(&self) -> Option<String> {
        self.default().and_then(|_| self.refusal(&[] as &[&str]))
    }
}

impl Command<'_> {
    /// The defaults of the command and of all below it that do not read: mistakes of the program, which
    /// no line is to blame for.
    #[inline]
    pub fn wrong_defaults(&self) -> Vec<String> {
        let params = self.tree().flat_map(|(_, command)| command.params());
        params.filter_map(Param::wrong_default).listed()
    }

    /// What is said where the program itself is wrong: its name, that it is a mistake of its own, and which.
    #[inline]
    pub fn mistake(&self, what: &str) -> String {
        let wording = self.phrases();
        let what = fill(wording.say(Phrase::Mistake), &[what]);
        framed(wording.say(Phrase::Error), self.program_name(), &what)
    }
}
