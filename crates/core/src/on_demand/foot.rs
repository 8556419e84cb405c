//! The end of a full page: examples, statuses, and where the program is from.

use crate::page::build::REFUSED;
use crate::record::command::Command;
use crate::record::page::{Entry, Layout, Page};
use crate::record::reading::CommandPath;
use crate::text::Put;
use crate::wording::Speech;
use crate::wording::english::Phrase;

/// The end of a full page: examples, statuses, and where the program is from. The records of what has any of these
/// point here.
#[inline]
pub(crate) fn foot<'d>(page: &mut Page<'d>, path: &CommandPath<'d>, speech: Speech<'_>) {
    let (command, wording) = (path.leaf(), page.wording);
    page.add_entries(wording.say(Phrase::Examples), Layout::Below, examples(command));
    page.add_entries(wording.say(Phrase::Status), Layout::Close, statuses(command, speech));
    if path.0.len() == 1 {
        page.add_package(command, speech);
    }
}

#[inline]
fn examples(command: &Command<'_>) -> Vec<Entry> {
    let mut examples = Vec::new();
    for (does, line) in command.ask().examples() {
        examples.put(Entry::plain(line, does));
    }
    examples
}

/// What the statuses mean; what a refused line gives is the same for every program.
#[inline]
fn statuses(command: &Command<'_>, speech: Speech<'_>) -> Vec<Entry> {
    let declared = command.ask().statuses();
    let own = declared.iter().any(|(status, _)| *status == REFUSED);
    let refused = [(REFUSED, speech.say(Phrase::Refused))];
    let refused = if declared.is_empty() || own { &[] } else { &refused[..] };
    let mut entries = Vec::new();
    for status in 0..=u8::MAX {
        for (_, means) in declared.iter().chain(refused).filter(|known| known.0 == status) {
            entries.put(Entry::plain(speech.digits(usize::from(status)), means));
        }
    }
    entries
}
