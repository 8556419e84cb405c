//! What is known where something unknown stands: the nearest names, all that begin so, all there are.

use std::borrow::Cow;
use std::ffi::OsStr;

use crate::read::meant::bare;
use crate::record::alone::Gives;
use crate::record::command::Command;
use crate::record::fault::{Fault, FaultKind, Place};
use crate::record::faults::Faults;
use crate::record::param::Param;
use crate::record::report::Report;
use crate::text::near::{near, near_marked};
use crate::text::part::part;
use crate::text::{Listed, Put, spaced};
use crate::wording::english::Phrase;

impl<'t, 'd> Report<'t, 'd> {
    /// What is said of an unknown option: which commands have it, or which ones are near.
    pub(crate) fn known_option(&self, fault: &Fault<'d>) -> &'t str {
        let speech = self.speech;
        let root = self.faults.path().root();
        let mut owners = Vec::new();
        for mut names in self.faults.owners(fault, root) {
            names.insert(0, root.program_name());
            owners.put(speech.keep(spaced(&names)));
        }
        if !owners.is_empty() {
            return speech.counted(
                speech.say(Phrase::OtherHas),
                speech.say(Phrase::OthersHave),
                &owners,
            );
        }
        match &self.near_options(fault).1[..] {
            [] => self.other_case(fault).map_or("", |letter| speech.tell(Phrase::OneIs, &[letter])),
            near => speech.counted(speech.say(Phrase::OneIs), speech.say(Phrase::ManyAre), near),
        }
    }

    /// The names that an ambiguous abbreviation may stand for, dashes included; hidden ones only where there are no two
    /// others.
    pub(crate) fn begun(&self, fault: &Fault<'d>) -> Vec<&'t str> {
        let Some((word, typed)) = self.faults.named(fault) else { return Vec::new() };
        let typed = typed.to_string_lossy();
        if fault.kind() != FaultKind::CommandAmbiguous {
            let typed = typed.trim_start_matches('-');
            let mut names = self.faults.option_names(word, false);
            names.retain(|name| name.0.starts_with(typed));
            if names.len() < 2 {
                names = self.faults.option_names(word, true);
                names.retain(|name| name.0.starts_with(typed));
            }
            return self.dashed(names);
        }
        // Of a command's names one is enough.
        let begun =
            |command: &Command<'d>| command.shown_names().find(|name| name.starts_with(&*typed));
        let names = self.faults.seen_commands().filter_map(begun).listed();
        if names.len() > 1 {
            return names;
        }
        self.faults.path().leaf().subcommands().iter().filter_map(|command| begun(command)).listed()
    }

    /// The nearest of the options that are in reach where the unknown one stands, dashes included, and
    /// how many slips away they are.
    #[inline(never)]
    pub(super) fn near_options(&self, fault: &Fault<'d>) -> (usize, Vec<&'t str>) {
        let Some((word, typed)) = self.faults.named(fault) else { return Default::default() };
        let Some(typed) = typed.to_str() else { return Default::default() };
        let is_dashed = typed.starts_with('-');
        let bare = bare(typed.as_bytes()).and_then(|bare| typed.get(typed.len() - bare.len()..));
        // Dashes that no keyboard has: the name after them may well be right.
        let name = bare.unwrap_or_else(|| typed.trim_start_matches('-'));
        match name.as_bytes() {
            // A letter of a cluster, after one dash, or after two.
            &[letter] => (1, self.near_letter(word, letter, typed).into_iter().listed()),
            _ if !is_dashed && bare.is_none() || name.chars().count() < 2 => Default::default(),
            _ => {
                if let Some(negated) = self.negated(word, name) {
                    return (1, vec![negated]);
                }
                // A name that says the contrary is far, however few letters that takes.
                let is_negated = |name: &str| name.starts_with("no-");
                let known = self.faults.option_names(word, false).into_iter();
                let known = known.filter(|known| is_negated(known.0) == is_negated(name)).listed();
                match near_marked(name, &known) {
                    (_, names) if names.is_empty() && bare.is_some() => {
                        (1, vec![self.speech.of(&["-", name])])
                    }
                    (distance, names) => (distance, self.dashed(names)),
                }
            }
        }
    }

    /// What an unknown letter may be: itself, where its dashes are wrong. All others are equally far.
    fn near_letter(&self, word: usize, letter: u8, typed: &str) -> Option<&'t str> {
        let reach = self.faults.reach_in(word);
        // A program that is asked for its version, and for nothing else.
        if typed == "-V"
            && self.faults.words().count() == 1
            && let Some(version) = reach.asks_for(Gives::Version)
        {
            return Some(self.speech.keep(version));
        }
        (typed.len() > 2 && self.has_letter(word, letter)).then(|| self.speech.letter_name(letter))
    }

    /// The same letter in the other case, which is named and not offered: it may do anything.
    fn other_case(&self, fault: &Fault<'d>) -> Option<&'t str> {
        let (word, typed) = self.faults.named(fault)?;
        let &[letter] =
            typed.as_encoded_bytes().strip_prefix(b"-").unwrap_or(typed.as_encoded_bytes())
        else {
            return None;
        };
        let other = if letter.is_ascii_uppercase() {
            letter.to_ascii_lowercase()
        } else {
            letter.to_ascii_uppercase()
        };
        (other != letter && self.has_letter(word, other)).then(|| self.speech.letter_name(other))
    }

    fn has_letter(&self, word: usize, letter: u8) -> bool {
        self.faults
            .reach_in(word)
            .params()
            .any(|param| !param.is_hidden() && param.has_letter(letter))
    }

    /// `--no-calm`: the flag's own name for that, or the flag itself where it is that name that is
    /// negated.
    fn negated(&self, word: usize, name: &str) -> Option<&'t str> {
        let name = name.strip_prefix("no-")?;
        let typed = self.speech.of(&["--", name]);
        let reach = self.faults.reach_in(word);
        let flags = reach.params().filter(|flag| !flag.is_hidden() && !flag.opposite().is_empty());
        let mut others = flags.filter(|flag| flag.name() == name || flag.opposite() == name);
        let other = others.find_map(|flag| flag.other_name(typed.as_bytes()))?;
        Some(self.speech.keep(other))
    }

    /// The parameters that a misspelt option may be: those of the nearest names.
    pub(crate) fn near_params(&self, fault: &Fault<'d>) -> Vec<&'d Param<'d>> {
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
            false => self.faults.reach_in(word).params().filter(is_near).listed(),
        }
    }

    /// What is said of an unknown command: which ones have it, which are near, or all there are.
    pub(crate) fn known_commands(&self, fault: &Fault<'d>) -> &'t str {
        let speech = self.speech;
        let ways =
            self.faults.ways_to(fault).iter().map(|names| speech.keep(spaced(names))).listed();
        if let Some((_, typed)) = self.faults.named(fault).filter(|_| !ways.is_empty()) {
            let phrase = if ways.len() == 1 {
                speech.say(Phrase::CommandHas)
            } else {
                speech.say(Phrase::CommandsHave)
            };
            let ways = speech.choices(&ways, speech.say(Phrase::And));
            return speech.fill(phrase, &[ways, &typed.to_string_lossy()]);
        }
        let mut known = self.faults.near_commands(fault).1;
        if known.is_empty() {
            known = self.faults.seen_names();
        }
        speech.counted(speech.say(Phrase::OneIs), speech.say(Phrase::ManyAre), &known)
    }

    /// Names with their dashes, the first of those that mean the same, which stand side by side.
    fn dashed(&self, names: Vec<(&str, usize)>) -> Vec<&'t str> {
        let mut dashed = Vec::new();
        for (at, (name, means)) in names.iter().enumerate() {
            let before = names[..at].iter().rev();
            let mut beside = before.take_while(|before| before.1 / 3 == means / 3);
            if !beside.any(|before| before.1 == *means) {
                dashed.put(self.speech.of(&["--", name]));
            }
        }
        dashed
    }
}

impl<'d> Faults<'d> {
    /// The word of a fault about a name, and the name; nothing where it may be a secret, which even a
    /// name near to it would tell of.
    #[inline(never)]
    pub(crate) fn named(&self, fault: &Fault<'_>) -> Option<(usize, Cow<'d, OsStr>)> {
        let Place::At { word, start, end } = fault.place() else { return None };
        let is_dark = self.dark().start(word).is_some_and(|dark| dark < end);
        (!is_dark).then(|| (word, part(self.words().word(word), start, end)))
    }

    /// The long names that are known in a word, without dashes, and a number for what each means: a
    /// name and its aliases are one. Hidden ones are among `all`.
    pub(super) fn option_names(&self, word: usize, all: bool) -> Vec<(&'d str, usize)> {
        let reach = self.reach_in(word);
        let names = if all { reach.all_names() } else { reach.names() };
        names.iter().map(|&(name, hit, at)| (name, 3 * at + hit as usize)).listed()
    }

    /// Whether a word is an option where it stands.
    pub(crate) fn is_option(&self, word: usize, typed: &OsStr) -> bool {
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
        let names = self.seen_commands().flat_map(|command| command.shown_names());
        // No command is called so; and what is after the sign is not to be lost.
        let typed = if typed.as_encoded_bytes().contains(&b'=') { Cow::default() } else { typed };
        typed.to_str().map_or_else(Default::default, |typed| near(typed, &names.listed()))
    }

    /// The subcommands of the command reached, but for hidden ones.
    fn seen_commands(&self) -> impl Iterator<Item = &'d Command<'d>> {
        let all = self.path().leaf().subcommands().iter();
        all.filter(|command| !command.is_hidden()).copied()
    }

    /// Their names.
    pub(crate) fn seen_names(&self) -> Vec<&'d str> {
        self.seen_commands().map(|command| command.name()).listed()
    }
}
