//! What is wrong with the program itself, and not with the line: told as that, to whoever sees it.

use crate::record::command::Command;
use crate::record::fault::{Fault, FaultKind};
use crate::record::report::Report;
use crate::tell::framed::framed;
use crate::text::{Put, unquoted};
use crate::wording::compose::fill;
use crate::wording::english::Phrase;

impl<'t, 'd> Report<'t, 'd> {
    /// What is wrong with the program: its defaults that do not read.
    #[inline]
    pub(crate) fn mistakes(&self) -> String {
        let root = self.faults.path().root();
        let mut told = String::new();
        for fault in self.faults.list().iter().filter(|fault| fault.is_mistake()) {
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

impl Command<'_> {
    /// What is said where the program itself is wrong: its name, that it is a mistake of its own, and which.
    #[inline]
    pub(crate) fn mistake(&self, what: &str) -> String {
        let wording = self.phrases();
        let what = fill(wording.say(Phrase::Mistake), &[what]);
        framed(wording.say(Phrase::Error), self.program_name(), &what)
    }
}
