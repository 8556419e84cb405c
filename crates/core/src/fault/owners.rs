//! Where in the tree a name is known that is not known here: for an unknown option the commands that
//! have it, for an unknown command those of that name further down.

use std::ffi::OsStr;

use crate::declare::{Command, Hit};
use crate::read::{Fault, Faults, Place};
use crate::text::part;

impl<'d> Faults<'d> {
    /// The commands below one that have the option of a fault, each as the names that lead there.
    pub(super) fn owners(&self, fault: &Fault<'_>, top: &'d Command<'d>) -> Vec<Vec<&'d str>> {
        let Place::At { word, start, end } = fault.place else { return Vec::new() };
        let typed = part(self.words.word(word), start, end);
        let typed = typed.as_encoded_bytes();
        let has = |command: &Command<'_>| {
            command.params().any(|param| {
                let letter = |letter| param.has_letter(letter);
                !param.is_hidden()
                    && match typed {
                        [b'-', b'-', name @ ..] => {
                            matches!(param.find_name(name), Some(hit) if hit != Hit::Former)
                        }
                        [b'-', short] => letter(*short),
                        [short] if start > 0 => letter(*short),
                        _ => false,
                    }
            })
        };
        search(top, &|command| has(command))
    }

    /// The names above the commands of a name, below one.
    pub(super) fn below(&self, top: &'d Command<'d>, name: &OsStr) -> Vec<Vec<&'d str>> {
        let found = search(top, &|command| command.name.as_bytes() == name.as_encoded_bytes());
        let above = |mut names: Vec<&'d str>| {
            names.pop();
            names
        };
        found.into_iter().map(above).filter(|names| !names.is_empty()).collect()
    }
}

/// The first few commands below one for which something holds, each as the names that lead there.
/// Those nearest to it come first.
fn search<'d>(top: &'d Command<'d>, holds: &dyn Fn(&Command<'d>) -> bool) -> Vec<Vec<&'d str>> {
    const MOST: usize = 4;
    let mut found = Vec::new();
    let mut level: Vec<(Vec<&'d str>, &'d Command<'d>)> = vec![(Vec::new(), top)];
    while !level.is_empty() && found.len() < MOST {
        let mut next = Vec::new();
        for (names, command) in level {
            for below in command.commands.iter().filter(|below| !below.hidden) {
                let mut names = names.clone();
                names.push(below.name);
                if holds(below) && found.len() < MOST {
                    found.push(names.clone());
                }
                next.push((names, *below));
            }
        }
        level = next;
    }
    found
}
