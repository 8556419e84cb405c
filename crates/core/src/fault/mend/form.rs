//! What may help against less or more of a value than its form takes: several words, or one that stands attached to its
//! name alone.

use std::ffi::{OsStr, OsString};

use crate::record::bench::{Bench, Class, Edit, Item, Line};
use crate::record::command::Command;
use crate::record::fault::FaultKind;
use crate::record::mend::Mend;
use crate::record::param::Param;
use crate::text::part::part;
use crate::text::{Listed, Put, of};

impl<'t> Bench<'_, 't, '_> {
    /// What may help where a line has less or more of a value than one occurrence takes: it comes with what such values
    /// bring along.
    pub(crate) fn form_mend(&self, param: &Param<'_>) -> Option<Mend> {
        let mut commands = self.faults.trace().commands().map(Command::brought);
        match param.kinds() {
            _ if param.is_attached() => commands.find_map(|brought| brought.bare),
            [_, _, ..] => commands.find_map(|brought| brought.several),
            _ => None,
        }
    }

    /// `--at=LAT LON`, `--at=LAT,LON`: each value becomes a word of its own.
    #[inline]
    pub(super) fn several(&mut self) {
        let (Some((word, start, end)), Some(param)) = (self.place(), self.fault.param()) else {
            return;
        };
        let (cut, value) = attached(self.bytes(word), start);
        let value = part(self.typed(word), value, end);
        let text = value.to_str().unwrap_or_default().trim_start_matches('=');
        let mut values: Line<'_> = text.split(',').map(|value| self.speech.item(value)).listed();
        if values.len() != param.kinds().len() {
            values = vec![self.speech.item(&value)];
        }
        let mut edits = Vec::new();
        for (at, with) in values.into_iter().enumerate() {
            edits.put(match at {
                0 => Edit::replace(word, (cut, end), with).apart(),
                _ => Edit::insert(word + 1, with),
            });
        }
        self.add(Class::Attached.at(1), edits);
    }

    /// A value that stands apart from the name that it is to be attached to.
    #[inline]
    pub(super) fn bare(&mut self) {
        let Some((word, ..)) = self.place() else { return };
        if self.fault.kind() == FaultKind::OperandExtra {
            self.attach(word);
        }
    }

    /// `--color=always`; without a long name, `-w16`.
    #[inline]
    fn given_with(&self, param: &Param<'_>, value: &OsStr) -> Item<'t> {
        let sign = if param.long().is_some() { "=" } else { "" };
        let mut word = OsString::from(of(&[&param.spelled(), sign]));
        word.push(value);
        self.speech.item(word)
    }

    /// `--color always`.
    #[inline]
    fn attach(&mut self, word: usize) {
        let Some((before, param)) = self.named_before(word) else { return };
        let (start, end) = (before.bytes().start, before.bytes().end);
        let with = self.given_with(param, self.typed(word));
        let edit = Edit::replace(word - 1, (start, end), with);
        let edit = if start > 1 { edit.apart() } else { edit };
        self.add(Class::Attached.at(1), vec![edit, Edit::drop(word)]);
    }
}

/// Where a value begins that is attached to a name, and where the name ends: at the `=` of a long
/// name, after the letter of a short one.
#[inline]
fn attached(word: &[u8], start: usize) -> (usize, usize) {
    let is_long = word.starts_with(b"--");
    match word.iter().position(|&byte| byte == b'=') {
        Some(equals) if is_long => (equals, equals + 1),
        _ => (start.max(1) + 1, start.max(1) + 1),
    }
}
