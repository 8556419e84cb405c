//! What is known where something unknown stands: the nearest names, all that begin so, all there are.

use std::borrow::Cow;
use std::ffi::OsStr;

use crate::declare::{Gives, Param};
use crate::read::{Fault, FaultKind, Faults, Place, bare};
use crate::text::{Listed, Put, near, near_marked, of, own, part, spaced};
use crate::wording::{Wording, fill};

impl<'d> Faults<'d> {
    /// What is said of an unknown option: which commands have it, or which ones are near.
    pub(super) fn known_option(&self, fault: &Fault<'d>, wording: &Wording) -> Option<String> {
        let root = self.path().root();
        let mut owners = Vec::new();
        for names in self.owners(fault, root) {
            let mut owner = own(root.program_name());
            for name in names {
                owner.put(" ");
                owner.put(name);
            }
            owners.push(owner);
        }
        if !owners.is_empty() {
            return Some(wording.counted(wording.other_has(), wording.others_have(), &owners));
        }
        let (_, near) = self.near_options(fault);
        (!near.is_empty()).then(|| wording.counted(wording.one_is(), wording.many_are(), &near))
    }

    /// The word of a fault about a name, and the name; nothing where it may be a secret, which even a
    /// name near to it would tell of.
    #[inline(never)]
    pub(super) fn named(&self, fault: &Fault<'_>) -> Option<(usize, Cow<'d, OsStr>)> {
        let Place::At { word, start, end } = fault.place() else { return None };
        let is_dark = self.dark().start(word).is_some_and(|dark| dark < end);
        (!is_dark).then(|| (word, part(self.words().word(word), start, end)))
    }

    /// The names that an ambiguous abbreviation may stand for, dashes included.
    pub(crate) fn begun(&self, fault: &Fault<'d>) -> Vec<String> {
        let Some((word, typed)) = self.named(fault) else { return Vec::new() };
        let typed = typed.to_string_lossy();
        let mut names = Vec::new();
        if fault.kind() == FaultKind::CommandAmbiguous {
            // Of a command's names one is enough.
            for command in
                self.path().leaf().subcommands().iter().filter(|command| !command.is_hidden())
            {
                let name = command.shown_names().find(|name| name.starts_with(&*typed));
                names.extend(name.map(str::to_owned));
            }
        } else {
            let typed = typed.trim_start_matches('-');
            let known = self.option_names(word);
            names = dashed(known.into_iter().filter(|name| name.0.starts_with(typed)).listed());
        }
        names
    }

    /// The nearest of the options that are in reach where the unknown one stands, dashes included, and
    /// how many slips away they are.
    pub(super) fn near_options(&self, fault: &Fault<'d>) -> (usize, Vec<String>) {
        let Some((word, typed)) = self.named(fault) else { return Default::default() };
        let Some(typed) = typed.to_str() else { return Default::default() };
        let is_dashed = typed.starts_with('-');
        let bare = bare(typed.as_bytes()).and_then(|bare| typed.get(typed.len() - bare.len()..));
        // Dashes that no keyboard has: the name after them may well be right.
        let name = bare.unwrap_or_else(|| typed.trim_start_matches('-'));
        match name.as_bytes() {
            // A letter of a cluster, after one dash, or after two.
            &[letter] => (1, self.near_letter(word, letter, typed)),
            _ if !is_dashed && bare.is_none() || name.chars().count() < 2 => Default::default(),
            _ => {
                let negated = self.negated(word, name);
                if !negated.is_empty() {
                    return (1, negated);
                }
                // A name that says the contrary is far, however few letters that takes.
                let is_negated = |name: &str| name.starts_with("no-");
                let known = self.option_names(word).into_iter();
                let known = known.filter(|known| is_negated(known.0) == is_negated(name)).listed();
                match near_marked(name, &known) {
                    (_, names) if names.is_empty() && bare.is_some() => (1, vec![of(&["-", name])]),
                    (distance, names) => (distance, dashed(names)),
                }
            }
        }
    }

    /// The letter that an unknown one may be: itself, where its dashes are wrong; else in the other
    /// case. All other letters are equally far.
    fn near_letter(&self, word: usize, letter: u8, typed: &str) -> Vec<String> {
        let reach = self.reach_in(word);
        let is_known = |letter: &u8| {
            reach.params().any(|param| !param.is_hidden() && param.has_letter(*letter))
        };
        // A program that is asked for its version, and for nothing else.
        if typed == "-V"
            && self.words().count() == 1
            && let Some(version) = reach.asks_for(Gives::Version)
        {
            return vec![version];
        }
        let other = if letter.is_ascii_uppercase() {
            letter.to_ascii_lowercase()
        } else {
            letter.to_ascii_uppercase()
        };
        let meant = [letter, other].into_iter().filter(|&meant| meant != letter || typed.len() > 2);
        let meant = meant.filter(is_known).take(1);
        meant.map(|letter| format!("-{}", char::from(letter))).listed()
    }

    /// `--no-calm`: the flag's own name for that, or the flag itself where it is that name that is
    /// negated.
    fn negated(&self, word: usize, name: &str) -> Vec<String> {
        let Some(name) = name.strip_prefix("no-") else { return Vec::new() };
        let reach = self.reach_in(word);
        let flags = reach.params().filter(|flag| !flag.is_hidden() && !flag.opposite().is_empty());
        let mut others = flags.filter(|flag| flag.name() == name || flag.opposite() == name);
        let other = others.find_map(|flag| flag.other_name(of(&["--", name]).as_bytes()));
        other.into_iter().listed()
    }

    /// The parameters that a misspelt option may be: those of the nearest names.
    pub(super) fn near_params(&self, fault: &Fault<'d>) -> Vec<&'d Param<'d>> {
        let Place::At { word, .. } = fault.place() else { return Vec::new() };
        let (_, names) = self.near_options(fault);
        let is_near = |param: &&Param<'_>| {
            names.iter().any(|name| match name.as_bytes() {
                [b'-', b'-', ..] => param.today().any(|own| own.0 == &name[2..]),
                [b'-', letter] => param.has_letter(*letter),
                _ => false,
            })
        };
        match names.is_empty() {
            true => Vec::new(),
            false => self.reach_in(word).params().filter(is_near).listed(),
        }
    }

    /// The long names that are known in a word, without dashes, and a number for what each means: a
    /// name and its aliases are one.
    pub(super) fn option_names(&self, word: usize) -> Vec<(&'d str, usize)> {
        let reach = self.reach_in(word);
        reach.names().iter().map(|&(name, hit, at)| (name, 3 * at + hit as usize)).listed()
    }

    /// Whether a word is an option where it stands.
    pub(super) fn is_option(&self, word: usize, typed: &OsStr) -> bool {
        let reach = self.reach_in(word);
        match typed.as_encoded_bytes() {
            [b'-', b'-', name @ ..] if !name.is_empty() => {
                let name = name.split(|&byte| byte == b'=').next().unwrap_or_default();
                reach.named(name).is_some_and(|param| !param.stands_alone())
            }
            [b'-', letter] => reach.lettered(*letter).is_some_and(|param| !param.stands_alone()),
            _ => false,
        }
    }

    /// The nearest subcommands to an unknown one, and how many slips away they are.
    pub(super) fn near_commands(&self, fault: &Fault<'d>) -> (usize, Vec<&'d str>) {
        let Some((_, typed)) = self.named(fault) else { return Default::default() };
        let seen = self.path().leaf().subcommands().iter().filter(|command| !command.is_hidden());
        let names = seen.flat_map(|command| command.shown_names());
        // No command is called so; and what is after the sign is not to be lost.
        let typed = if typed.as_encoded_bytes().contains(&b'=') { Cow::default() } else { typed };
        typed.to_str().map_or_else(Default::default, |typed| near(typed, names))
    }

    /// What is said of an unknown command: which ones have it, which are near, or all there are.
    pub(super) fn known_commands(&self, fault: &Fault<'d>, wording: &Wording) -> String {
        let ways: Vec<String> = self.ways_to(fault).iter().map(|names| spaced(names)).listed();
        if let Some((_, typed)) = self.named(fault).filter(|_| !ways.is_empty()) {
            let phrase =
                if ways.len() == 1 { wording.command_has() } else { wording.commands_have() };
            let ways = wording.choices(&ways, wording.and());
            return fill(phrase, &[&ways, &typed.to_string_lossy()]);
        }
        let (_, near) = self.near_commands(fault);
        if !near.is_empty() {
            return wording.counted(wording.one_is(), wording.many_are(), &near);
        }
        wording.counted(wording.one_is(), wording.many_are(), &self.seen_commands())
    }

    /// The subcommands of the command reached, but for hidden ones.
    pub(super) fn seen_commands(&self) -> Vec<&'d str> {
        let seen = self.path().leaf().subcommands().iter().filter(|command| !command.is_hidden());
        seen.map(|command| command.name()).listed()
    }
}

/// Names with their dashes, the first of those that mean the same, which stand side by side.
fn dashed(names: Vec<(&str, usize)>) -> Vec<String> {
    let mut dashed = Vec::new();
    for (at, (name, means)) in names.iter().enumerate() {
        let mut beside = names[..at].iter().rev().take_while(|before| before.1 / 3 == means / 3);
        if !beside.any(|before| before.1 == *means) {
            dashed.push(of(&["--", name]));
        }
    }
    dashed
}
