//! Whether defaults read: mistakes of the program, which no line is to blame for.

use crate::record::command::Command;
use crate::record::line::Usual;
use crate::record::param::Param;
use crate::record::reading::Outcome;
use crate::record::word::{Word, Words};
use crate::record::world::Around;
use crate::text::{Listed, Put};

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
}
