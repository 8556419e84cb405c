//! Where in the tree a name is known that is not known here: for an unknown option the commands that
//! have it, for an unknown command those of that name further down.

use std::borrow::Cow;
use std::cell::RefCell;
use std::ffi::OsStr;

use crate::record::command::{Bundle, Command};
use crate::record::fault::{Fault, Place};
use crate::record::faults::Faults;
use crate::record::param::Param;
use crate::record::param::called::Hit;
use crate::text::Put;

impl<'d> Faults<'d> {
    /// The commands that have the option of a fault, this one and those below it, each as the names that
    /// lead there from it.
    pub(crate) fn owners(&self, fault: &Fault<'_>, top: &'d Command<'d>) -> Vec<Vec<&'d str>> {
        let Some(name) = self.called(fault) else { return Vec::new() };
        // A bundle is looked through once, however many commands take it.
        let known = RefCell::new(Vec::<(*const Bundle<'_>, bool)>::new());
        let is_in = |bundle: &&Bundle<'d>| {
            let mut known = known.borrow_mut();
            let place = std::ptr::from_ref(*bundle);
            if let Some(found) = known.iter().find(|known| known.0 == place) {
                return found.1;
            }
            let is_there = bundle.params().iter().any(|param| name.is_of(param));
            known.put((place, is_there));
            is_there
        };
        let has = |command: &Command<'d>| {
            command.own_params().iter().any(|param| name.is_of(param))
                || command.bundle_list().iter().any(&is_in)
        };
        let mut owners = search(top, &has);
        if has(top) {
            owners.insert(0, Vec::new());
        }
        owners
    }

    /// The names that lead to the commands of an unknown one's name, further down the tree.
    pub(crate) fn ways_to(&self, fault: &Fault<'_>) -> Vec<Vec<&'d str>> {
        let Some((_, typed)) = self.named(fault) else { return Vec::new() };
        let is_called = |command: &Command<'d>| {
            command.shown_names().any(|name| name.as_bytes() == typed.as_encoded_bytes())
        };
        let mut ways = Vec::new();
        for names in &search(self.path().leaf(), &is_called) {
            if let [above @ .., _] = &names[..]
                && !above.is_empty()
            {
                ways.push(above.to_vec());
            }
        }
        ways
    }

    /// The parameters of all commands that an unknown option may be: those that are called so.
    pub(crate) fn owning_params(&self, fault: &Fault<'_>) -> Vec<&'d Param<'d>> {
        let mut params = Vec::new();
        let Some(called) = self.called(fault) else { return params };
        for way in self.owners(fault, self.path().root()) {
            let mut command = self.path().root();
            for name in way {
                command = command.subcommand(name.as_bytes()).unwrap_or(command);
            }
            params.extend(command.params().find(|param| called.is_of(param)));
        }
        params
    }

    /// What an unknown option is called.
    pub(super) fn called(&self, fault: &Fault<'_>) -> Option<Called<'d>> {
        let Place::At { start, .. } = fault.place() else { return None };
        let (_, typed) = self.named(fault)?;
        Some(Called { typed, is_in_word: start > 0 })
    }
}

/// The name of an unknown option.
pub(super) struct Called<'d> {
    typed: Cow<'d, OsStr>,
    /// It is a letter among others.
    is_in_word: bool,
}

impl Called<'_> {
    /// Whether it is a parameter's.
    pub(super) fn is_of(&self, param: &Param<'_>) -> bool {
        match self.typed.as_encoded_bytes() {
            [b'-', b'-', name @ ..] => {
                matches!(param.find_name(name), Some(hit) if hit != Hit::Former)
                    && !param.is_hidden()
            }
            [b'-', letter] => param.has_letter(*letter) && !param.is_hidden(),
            [letter] if self.is_in_word => param.has_letter(*letter) && !param.is_hidden(),
            _ => false,
        }
    }
}

/// The first few commands below one for which something holds, each as the names that lead there.
/// Those nearest to it come first.
fn search<'d>(top: &'d Command<'d>, holds: &dyn Fn(&Command<'d>) -> bool) -> Vec<Vec<&'d str>> {
    const MOST: usize = 8;
    let mut found = Vec::new();
    // Level by level: each command, and the place of the one above it.
    let mut commands = vec![(0, top)];
    let mut above = 0;
    while let Some(&(_, command)) = commands.get(above).filter(|_| found.len() < MOST) {
        for below in command.subcommands().iter().filter(|below| !below.is_hidden()) {
            commands.push((above, *below));
            if holds(below) && found.len() < MOST {
                found.push(names_of(&commands));
            }
        }
        above += 1;
    }
    found
}

/// The names that lead to the last of some commands.
fn names_of<'d>(commands: &[(usize, &'d Command<'d>)]) -> Vec<&'d str> {
    let (mut names, mut at) = (Vec::new(), commands.len() - 1);
    while at > 0 {
        let (above, command) = commands[at];
        names.insert(0, command.name());
        at = above;
    }
    names
}
