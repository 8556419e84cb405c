//! What is wrong with the program itself, and not with the line: told as that, to whoever sees it.

use crate::declare::Command;
use crate::read::{Fault, FaultKind, Faults};
use crate::text::visible;
use crate::wording::fill;

impl<'d> Faults<'d> {
    /// What is wrong with the program: its defaults that do not read.
    pub(super) fn mistakes(&self) -> impl Iterator<Item = String> {
        self.list().iter().filter(|fault| fault.is_mistake()).map(|fault| self.mistake(fault))
    }

    pub(crate) fn mistake(&self, fault: &Fault<'d>) -> String {
        let sentence = self.sentence(&[fault]);
        if matches!(fault.kind(), FaultKind::ValueMisfit | FaultKind::ValueRefused) {
            return sentence;
        }
        let wording = self.path().root().phrases();
        let (Some(param), typed) = (fault.param(), self.typed(fault)) else { return sentence };
        let what = fill(wording.is_wrong, &[&sentence]);
        fill(wording.default_of, &[&param.spelled(), typed.trim_matches('\''), &what])
    }
}

impl Command<'_> {
    /// What is said where the program itself is wrong: its name, that it is a mistake of its own, and which.
    pub fn mistake(&self, what: &str) -> String {
        let wording = self.phrases();
        let what = fill(wording.mistake, &[&visible(what)]);
        fill(wording.error, &[self.program_name(), &what]) + "\n"
    }
}
