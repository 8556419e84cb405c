//! What is known where something unknown stands: the nearest name, all that begin so, all there are.

use super::say::MOST_LISTED;
use crate::read::{Fault, FaultKind, Faults, Path, Place, Reader, Setting, is_settable};
use crate::text::{Put, digits, nearest, part};
use crate::wording::{Wording, fill};

impl<'d> Faults<'d> {
    /// What is said of an unknown option: which commands have it, or which one is near.
    pub(super) fn known_option(&self, fault: &Fault<'d>, wording: &Wording) -> Option<String> {
        let root = self.path.root();
        let mut owners = Vec::new();
        for names in self.owners(fault, root) {
            owners.push(root.name.to_owned() + " " + &names.join(" "));
        }
        let phrase = match (owners.len(), self.near_option(fault)) {
            (0, Some(near)) => return Some(fill(wording.one_is, &[&near])),
            (0, None) => return None,
            (1, _) => wording.other_has,
            _ => wording.others_have,
        };
        Some(fill(phrase, &[&wording.list(owners.iter().map(String::as_str), wording.and)]))
    }

    /// The names that an ambiguous abbreviation may stand for, dashes included.
    pub(super) fn begun(&self, fault: &Fault<'d>) -> Vec<String> {
        let Place::At { word, start, end } = fault.place else { return Vec::new() };
        let typed = part(self.words.word(word), start, end).to_string_lossy().into_owned();
        let mut names = Vec::new();
        if fault.kind == FaultKind::CommandAmbiguous {
            let known = command_names(&self.path).filter(|name| name.starts_with(&typed));
            names.extend(known.map(str::to_owned));
        } else {
            let typed = typed.trim_start_matches('-');
            for name in self.option_names(word).into_iter().filter(|name| name.starts_with(typed)) {
                names.push("--".to_owned() + name);
            }
        }
        names.truncate(MOST_LISTED);
        names
    }

    /// The nearest key to one of the config file that nothing is called, in its section.
    pub(super) fn near_setting(&self, fault: &Fault<'d>, typed: &str) -> Option<String> {
        let Place::Setting { start, .. } = fault.place else { return None };
        let entries = &self.around.settings.as_deref()?.entries;
        let is_meant = |entry: &&Setting| entry.path.iter().any(|key| key.1.start == start);
        let entry = entries.iter().find(is_meant)?;
        let mut command = self.path.root();
        for (key, place) in &entry.path {
            if place.start == start {
                break;
            }
            command = command.find(key.as_bytes())?;
        }
        let mut names: Vec<&str> = command.commands.iter().map(|command| command.name).collect();
        for param in command.params() {
            if !param.is_hidden() && is_settable(command, param) {
                names.extend(param.long_names());
            }
        }
        names.retain(|name| *name != typed.trim_matches('\''));
        nearest(typed.trim_matches('\''), &mut names.into_iter()).map(str::to_owned)
    }

    /// The nearest of the options that are in reach where the unknown one stands, dashes included.
    pub(super) fn near_option(&self, fault: &Fault<'d>) -> Option<String> {
        let Place::At { word, start, end } = fault.place else { return None };
        let typed = part(self.words.word(word), start, end);
        let typed = typed.to_str()?;
        // A short name that is not known has no near ones: all letters are equally far.
        let typed = typed
            .strip_prefix("--")
            .or_else(|| typed.strip_prefix('-').filter(|typed| typed.chars().count() > 1))?;
        nearest(typed, &mut self.option_names(word).into_iter()).map(|name| "--".to_owned() + name)
    }

    /// The long names that are known where a word stands, without dashes.
    pub(super) fn option_names(&self, word: usize) -> Vec<&'d str> {
        let reader = self.reader_before(word);
        let mut names = Vec::new();
        for param in reader.reach() {
            if !param.is_hidden() {
                names.extend(param.long_names());
            }
        }
        names.push("help");
        if !self.path.root().package.version.is_empty() {
            names.push("version");
        }
        names
    }

    /// The nearest subcommand to an unknown one.
    pub(super) fn near_command(&self, fault: &Fault<'d>) -> Option<&'d str> {
        let Place::At { word, start, end } = fault.place else { return None };
        let typed = part(self.words.word(word), start, end);
        nearest(typed.to_str()?, &mut command_names(&self.path))
    }

    pub(super) fn known_commands(&self, fault: &Fault<'d>, wording: &Wording) -> String {
        if let Some(near) = self.near_command(fault) {
            return fill(wording.one_is, &[near]);
        }
        let names: Vec<&str> = command_names(&self.path).collect();
        let more = names.len().saturating_sub(MOST_LISTED);
        let last = if more > 0 { wording.comma } else { wording.and };
        let mut list = wording.list(names.iter().take(MOST_LISTED).copied(), last);
        if more > 0 {
            list.put(wording.comma);
            list.put(&fill(wording.more_faults, &[&digits(more)]));
        }
        let phrase = match names.len() {
            0 => wording.none_here,
            1 => wording.one_is,
            _ => wording.many_are,
        };
        fill(phrase, &[&list])
    }

    /// The state of the reader in front of a word.
    pub(super) fn reader_before(&self, word: usize) -> Reader<'d> {
        let mut reader = Reader::new(self.path.root(), word);
        reader.step_all(self.words.before(word));
        reader
    }
}

fn command_names<'d>(path: &Path<'d>) -> impl Iterator<Item = &'d str> {
    path.leaf().commands.iter().filter(|command| !command.hidden).map(|command| command.name)
}
