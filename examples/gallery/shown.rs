//! An exhibit as it is shown: a heading, and what its program says.

use std::fmt::Write as _;

use clavret::look::Look;
use clavret::reader::Words;
use clavret::shell::{Cursor, Suggestion, complete};
use clavret::{Command, Failure, Outcome};

use super::exhibits::{Exhibit, TAB};

impl Exhibit {
    /// All of it, as wide as a look says.
    pub(crate) fn shown(&self, look: Look) -> String {
        let mut shown = format!("== {}: {}\n\n", self.name, self.line);
        for line in self.said(self.program(), look).lines() {
            // Nothing stands at the end of a line.
            writeln!(shown, "{line}").expect("text is kept in memory");
        }
        shown + "\n"
    }

    /// What a program says.
    pub(crate) fn said(&self, program: &Command<'_>, look: Look) -> String {
        let (around, words) = self.parted();
        if self.name == "failure" {
            let error = std::io::Error::other("no space is left\non the disk");
            return clavret::faults::failure(
                program,
                &Failure::new(1, "the logbook cannot be written").because(error),
            );
        }
        if let Some((last, words)) = words.split_last()
            && let Some(begun) = last.to_str().and_then(|last| last.strip_suffix(TAB))
        {
            return offered(complete(program, &Cursor::new(words, begun), Some(&around)));
        }
        match program.read_in(Words::new(&words), &around) {
            Outcome::Request(asked) => asked.warnings() + &asked.text(look),
            Outcome::Faults(faults) => faults.draw(look),
            Outcome::Reading(reading) => reading.warnings(),
            other => format!("{other:?}"),
        }
    }
}

/// What may be chosen, each with its help; where nothing can be listed, what would be right.
fn offered(blocks: Vec<Suggestion>) -> String {
    let mut text = String::new();
    for block in blocks {
        match block {
            Suggestion::Words { group, words } => {
                text += &format!("{group}\n");
                for word in words {
                    text += format!("  {:<20} {}", word.text, word.help).trim_end();
                    text += "\n";
                }
            }
            Suggestion::LookUp { what, ends, .. } => {
                text += &format!("({what:?} {})\n", ends.join(" "))
            }
            Suggestion::Line { .. } => text += "(a line)\n",
            Suggestion::Hint(hint) => text += &format!("({hint})\n"),
            other => text += &format!("{other:?}\n"),
        }
    }
    text
}
