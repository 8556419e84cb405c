//! What names there are in a tree: those of secrets, and all others.

use crate::record::command::Command;
use crate::record::line::Usual;
use crate::record::param::{Param, Role};
use crate::text::Listed;
use crate::text::bytes::hash;
use crate::text::near::Near;
use crate::text::order::in_order;

/// What a letter is the name of, somewhere in the tree.
#[derive(Clone, Copy, PartialEq)]
pub(crate) enum Letter {
    Unknown,
    Flag,
    /// What follows it in its word is its value.
    Option,
    Secret,
}

/// The names of a tree.
pub(crate) struct Names<'d> {
    /// Each with whether it is typed as a name: that of an operand is not.
    secrets: Vec<(&'d str, bool)>,
    near_secrets: Near,
    options: Hashed<'d>,
    commands: Hashed<'d>,
    letters: [Letter; 256],
}

impl<'d> Names<'d> {
    #[inline]
    pub(crate) fn new(root: &'d Command<'d>, usual: Usual<'d>) -> Self {
        let mut letters = [Letter::Unknown; 256];
        let (mut secrets, mut options, mut commands) = (Vec::new(), Vec::new(), Vec::new());
        let mut add = |param: &'d Param<'d>| {
            let names = (0..).map_while(|k| param.long_name(k)).filter(|name| name.len() > 1);
            match param.is_secret() {
                true => {
                    secrets.push((param.name(), !param.is_positional()));
                    secrets.push((param.variable(), true));
                    secrets.extend(names.map(|name| (name, true)));
                }
                false => options.extend(names),
            }
            let means = match param.role() {
                _ if param.is_secret() => Letter::Secret,
                Role::Flag | Role::Tally => Letter::Flag,
                _ => Letter::Option,
            };
            for letter in param.letters() {
                let known = &mut letters[letter as usize];
                // What may be a secret's is that; what may be all of its word is no value.
                *known = match (*known, means) {
                    (Letter::Secret, _) | (_, Letter::Secret) => Letter::Secret,
                    (Letter::Flag, _) | (_, Letter::Flag) => Letter::Flag,
                    _ => means,
                };
            }
        };
        for (_, command) in root.tree() {
            command.params().for_each(&mut add);
            commands.extend(command.shown_names().chain(command.former_names().iter().copied()));
        }
        usual.params().for_each(add);
        letters[0] = Letter::Unknown;
        secrets.retain(|name| !name.0.is_empty());
        Names {
            near_secrets: Near::new(secrets.iter().map(|name| name.0)),
            secrets,
            options: Hashed::new(options),
            commands: Hashed::new(commands),
            letters,
        }
    }

    /// Whether it is a secret's name: of a parameter, with its letters in whatever case, or its variable.
    #[inline]
    pub(crate) fn is_secret(&self, name: &[u8]) -> bool {
        self.secrets.iter().any(|secret| secret.0.as_bytes().eq_ignore_ascii_case(name))
    }

    /// Whether a word without dashes is one that is typed.
    #[inline]
    pub(crate) fn is_typed(&self, word: &[u8]) -> bool {
        let is_it =
            |secret: &(&str, bool)| secret.1 && secret.0.as_bytes().eq_ignore_ascii_case(word);
        self.secrets.iter().any(is_it)
    }

    /// Whether it may be one with a slip or two.
    #[inline]
    pub(crate) fn is_near_secret(&mut self, name: &str) -> bool {
        self.near_secrets.has(name)
    }

    /// The bytes of the longest name of a secret that a word begins with.
    #[inline]
    pub(crate) fn begins(&self, word: &[u8]) -> usize {
        let begun = self.secrets.iter().map(|secret| secret.0).filter(|secret| {
            let begin = word.get(..secret.len());
            begin.is_some_and(|begin| secret.as_bytes().eq_ignore_ascii_case(begin))
        });
        begun.map(str::len).max().unwrap_or(0)
    }

    #[inline]
    pub(crate) fn is_option(&self, name: &[u8]) -> bool {
        self.options.has(name)
    }

    #[inline]
    pub(crate) fn is_command(&self, name: &[u8]) -> bool {
        self.commands.has(name)
    }

    /// What a letter is, or in the other case would be.
    #[inline]
    pub(crate) fn letter(&self, letter: u8) -> Letter {
        match self.letters[letter as usize] {
            Letter::Unknown if letter.is_ascii_alphabetic() => {
                self.letters[(letter ^ 0x20) as usize]
            }
            known => known,
        }
    }
}

/// Names, found by their hashes.
struct Hashed<'d>(Vec<(usize, &'d str)>);

impl<'d> Hashed<'d> {
    #[inline]
    fn new(names: Vec<&'d str>) -> Self {
        let hashed = |name: &'d str| (hash(name.as_bytes()) as usize, name);
        let mut names = names.into_iter().map(hashed).listed();
        in_order(&mut names, |name| (name.0, 0));
        Hashed(names)
    }

    #[inline]
    fn has(&self, name: &[u8]) -> bool {
        let hash = hash(name) as usize;
        let from = self.0.partition_point(|known| known.0 < hash);
        let same = self.0[from..].iter().take_while(|known| known.0 == hash);
        !name.is_empty() && same.into_iter().any(|known| known.1.as_bytes() == name)
    }
}
