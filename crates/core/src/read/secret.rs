//! Which parts of a refused line may be secret. A secret's own words are; and where a line is not
//! understood, whatever may have been meant for one.
//!
//! *In reach* are the secrets of the commands on the way and of all below the last one that was named.
//! Where there are any, these are dark:
//!
//! * the words of secrets, and words too many where an operand is one;
//! * after an unknown command all but names that are known;
//! * what is attached to an unknown or misplaced option, and as many words after it as a secret may
//!   take;
//! * in any other word what follows `=` or `:` after a secret's name or one near it; and where the
//!   word is such a name, as many words after it.

use super::{Dark, Reading, Step, Trace, convert};
use std::borrow::Cow;
use std::ffi::OsStr;

use super::meant::bare;
use super::reach::Usual;
use super::step::{Meaning, NONE};
use super::word::Words;
use crate::declare::{Command, Param, Role, Secrecy, hash};
use crate::text::{DOTS, Listed, Near, holds, in_order, part};

impl Dark {
    pub(crate) fn is_empty(&self) -> bool {
        self.0.is_empty()
    }

    /// The first byte of a word that is dark.
    #[inline(never)]
    pub(crate) fn start(&self, word: usize) -> Option<usize> {
        let at = self.0.binary_search_by_key(&word, |dark| dark.0).ok()?;
        Some(self.0[at].1)
    }

    /// Bytes of a word with dots for what is dark among them.
    pub(crate) fn shown<'w>(
        &self,
        words: Words<'w>,
        word: usize,
        start: usize,
        end: usize,
    ) -> Cow<'w, OsStr> {
        let whole = words.word(word);
        match self.start(word) {
            Some(dark) if dark < end => {
                let mut shown = part(whole, start.min(dark), dark).into_owned();
                shown.push(DOTS);
                shown.into()
            }
            _ => part(whole, start, end),
        }
    }

    /// Where a byte of a word stands once dots are in it.
    pub(crate) fn moved(&self, word: usize, byte: usize) -> usize {
        match self.start(word) {
            Some(dark) if byte > dark => dark + DOTS.len(),
            _ => byte,
        }
    }
}

impl<'d> Trace<'d> {
    /// What is dark on a line: nothing where no command of it, and none below, has a secret.
    pub(super) fn dark(&self, words: Words<'_>, usual: Usual<'d>) -> Dark {
        let of = |command: &Command<'d>| command.brought().secrecy;
        let secrecy = self.commands().find_map(of).or_else(|| self.certain().below().find_map(of));
        secrecy.map_or_else(Dark::default, |secrecy| (secrecy.dark)(self, words, usual))
    }
}

/// What is known of secrets. Their records point here.
pub(crate) const SECRECY: &Secrecy = &Secrecy { dark, told };

#[inline]
fn dark<'d>(trace: &Trace<'d>, words: Words<'_>, usual: Usual<'d>) -> Dark {
    let mut search = Search::new(trace, usual);
    let mut dark = Vec::new();
    let mut steps = &trace.steps[..];
    while let Some(first) = steps.first() {
        let word = first.word();
        let count = steps.iter().take_while(|step| step.word() == word).count();
        let (here, behind) = steps.split_at(count);
        if let Some(start) = search.word(here, words.word(word).as_encoded_bytes()) {
            dark.push((word, start));
        }
        steps = behind;
    }
    Dark(dark)
}

/// The secret whose value a text repeats, as it is or as it is debugged.
#[inline]
fn told<'d>(reading: &Reading<'d>, text: &str) -> Option<&'d Param<'d>> {
    let text = text.to_ascii_lowercase();
    let mut secrets = reading.slots.iter().filter(|slot| slot.param.is_secret());
    let secret = secrets.find(|slot| {
        convert::pieces(slot, reading.input()).iter().any(|piece| {
            let word = piece.text.to_string_lossy().to_ascii_lowercase();
            !word.is_empty()
                && (holds(&text, &word) || holds(&text, &word.escape_debug().to_string()))
        })
    });
    secret.map(|slot| slot.param)
}

/// A walk over a line's words.
struct Search<'t, 'd> {
    trace: &'t Trace<'d>,
    usual: Usual<'d>,
    /// The names of the secrets in reach, and their letters.
    names: Near,
    letters: Vec<u8>,
    /// What else may be named: found when an unknown name is met.
    known: Option<Known<'d>>,
    /// The most words that a secret takes.
    most: usize,
    /// An operand of the command is a secret.
    is_operand: bool,
    /// Words that are dark from here on, whatever they are.
    next: usize,
    /// An unknown command stands before.
    lost: bool,
    /// The slot and the meaning of the step before, for the value of a secret's file.
    before: (u32, Meaning),
}

impl<'t, 'd> Search<'t, 'd> {
    #[inline]
    fn new(trace: &'t Trace<'d>, usual: Usual<'d>) -> Self {
        let mut secrets: Vec<&'d Param<'d>> = Vec::new();
        for command in trace.commands().chain(trace.certain().below()) {
            secrets.extend(command.params().filter(|param| param.is_secret()));
        }
        let names = secrets.iter().flat_map(|secret| {
            let own = [secret.name(), secret.variable(), secret.file_name()];
            own.into_iter().chain(secret.aliases().iter().chain(secret.former_names()).copied())
        });
        let leaf = trace.commands().next_back();
        let is_operand = |param: &Param<'_>| param.is_secret() && param.role() == Role::Operand;
        Search {
            trace,
            usual,
            names: Near::new(names.filter(|name| !name.is_empty())),
            letters: secrets
                .iter()
                .flat_map(|secret| secret.letters())
                .filter(|&letter| letter != 0)
                .listed(),
            known: None,
            most: secrets.iter().map(|secret| secret.kinds().len()).max().unwrap_or(0),
            is_operand: leaf.is_some_and(|leaf| leaf.params().any(is_operand)),
            next: 0,
            lost: false,
            before: (NONE, Meaning::Unread),
        }
    }

    /// The first byte of a word that is dark.
    #[inline]
    fn word(&mut self, steps: &[Step], bytes: &[u8]) -> Option<usize> {
        let is_taken = self.next > 0 && bytes != b"--";
        self.next -= usize::from(is_taken);
        let mut start = None;
        for step in steps {
            let dark =
                if self.lost { self.behind_unknown(step, bytes) } else { self.step(step, bytes) };
            start = start.or(dark);
            self.before = (step.slot, step.meaning);
        }
        if is_taken { Some(0) } else { start }
    }

    #[inline]
    fn step(&mut self, step: &Step, bytes: &[u8]) -> Option<usize> {
        let (start, end) = (step.bytes().start, step.bytes().end.min(bytes.len()));
        let param = self.trace.param(step);
        match step.meaning {
            Meaning::Value | Meaning::Operand => match param {
                Some(param) if param.is_secret() && self.before != (step.slot, Meaning::File) => {
                    // A secret that is its own name was left out, and follows.
                    self.named(&bytes[start..end]);
                    self.attached(start, bytes)
                }
                None if self.is_operand => Some(start),
                // One word too many, and may well have been meant as an option.
                None if bytes.len() > 1 && bytes.starts_with(b"-") => {
                    self.unknown_option(0, bytes).or_else(|| self.named(bytes))
                }
                _ if step.meaning == Meaning::Operand && self.is_dashed_letter(bytes) => {
                    self.unknown_option(0, bytes)
                }
                _ => self.named(&bytes[start..end]).map(|dark| start + dark),
            },
            Meaning::Unwanted => self.named(&bytes[..end]),
            // The letter of a page among letters that are read.
            Meaning::Unknown if end < bytes.len() => None,
            Meaning::Unknown
                if bytes.len() > 1 && bytes.starts_with(b"-") || bare(bytes).is_some() =>
            {
                self.unknown_option(start, bytes)
            }
            Meaning::Unknown => {
                self.lost = true;
                self.named(bytes)
            }
            Meaning::Unread => Some(start),
            _ => None,
        }
    }

    /// After an unknown command only names that are known are shown.
    #[inline]
    fn behind_unknown(&mut self, step: &Step, bytes: &[u8]) -> Option<usize> {
        match step.meaning {
            Meaning::Value | Meaning::Operand | Meaning::Unwanted => Some(step.bytes().start),
            Meaning::Unknown | Meaning::Unread => {
                let name_end = bytes.iter().position(|&byte| byte == b'=').unwrap_or(bytes.len());
                match self.is_known(&bytes[..name_end]) {
                    true if name_end == bytes.len() => None,
                    true => Some(name_end + 1),
                    false => Some(0),
                }
            }
            _ => None,
        }
    }

    /// Whether something may be called so: an option with its dashes, or a command.
    #[inline]
    fn is_known(&mut self, name: &[u8]) -> bool {
        let known = self.known();
        match name {
            [b'-', b'-', long @ ..] => known.options.has(long),
            [b'-', letter] => known.letters[*letter as usize],
            name => known.commands.has(name),
        }
    }

    #[inline]
    fn known(&mut self) -> &Known<'d> {
        let (trace, usual) = (self.trace, self.usual);
        self.known.get_or_insert_with(|| Known::new(trace, usual))
    }

    /// What is attached to an option that is not known here; without that, the words after it.
    #[inline]
    fn unknown_option(&mut self, start: usize, bytes: &[u8]) -> Option<usize> {
        let cut = bytes.iter().position(|byte| matches!(byte, b'=' | b':'));
        // Dashes that an editor has made are as good as those of a keyboard.
        let dashes = bare(bytes).map_or(1, |bare| bytes.len() - bare.len());
        let name = &bytes[dashes..cut.map_or(bytes.len(), |cut| cut.max(dashes))];
        let is_long = name.starts_with(b"-") || self.known().options.has(name);
        let letter = start.max(dashes);
        if letter >= bytes.len() {
            return None;
        }
        let more = bytes[letter + 1..].iter().take_while(|&&byte| byte & 0xc0 == 0x80).count();
        let end = if is_long { cut.map_or(bytes.len(), |cut| cut + 1) } else { letter + 1 + more };
        self.attached(end, bytes).filter(|&end| end < bytes.len())
    }

    /// Whether a word is a secret's letter with a value, after dashes that an editor has made.
    #[inline]
    fn is_dashed_letter(&self, bytes: &[u8]) -> bool {
        let letter = bare(bytes).and_then(<[u8]>::first);
        letter.is_some_and(|letter| self.letters.contains(letter))
    }

    /// What follows the name of a secret in a word; where the word is all name, the words after it.
    #[inline]
    fn named(&mut self, bytes: &[u8]) -> Option<usize> {
        // The last run of letters, between which and the sign may be quotes and spaces.
        let (mut from, mut to) = (0, 0);
        for (at, &byte) in bytes.iter().enumerate() {
            match byte {
                b'=' | b':' if self.is_secret(&bytes[from..to]) => {
                    return self.attached(at + 1, bytes);
                }
                b' ' | b'"' | b'\'' => {}
                _ if byte.is_ascii_alphanumeric() || !byte.is_ascii() || b"-_.".contains(&byte) => {
                    from = if to == at { from } else { at };
                    to = at + 1;
                }
                _ => (from, to) = (at + 1, at + 1),
            }
        }
        let bare = bytes.iter().position(u8::is_ascii_alphanumeric).unwrap_or(bytes.len());
        if self.is_secret(&bytes[bare..]) {
            self.next = self.next.max(self.most);
        }
        None
    }

    /// What is attached from a byte on; where that is nothing, it may stand in the words after it.
    #[inline]
    fn attached(&mut self, start: usize, bytes: &[u8]) -> Option<usize> {
        if start >= bytes.len() {
            self.next = self.next.max(self.most);
        }
        Some(start)
    }

    /// Whether a text is a secret's name, or near one.
    #[inline]
    fn is_secret(&mut self, name: &[u8]) -> bool {
        let name = name.trim_ascii_start();
        let dashes = name.iter().take_while(|byte| **byte == b'-').count();
        match &name[dashes..] {
            [letter] => self.letters.iter().any(|known| known.eq_ignore_ascii_case(letter)),
            name => std::str::from_utf8(name).is_ok_and(|name| self.names.has(name)),
        }
    }
}

/// The names of the commands on the way and of those below, and of what they take.
struct Known<'d> {
    commands: Hashed<'d>,
    options: Hashed<'d>,
    letters: [bool; 256],
}

impl<'d> Known<'d> {
    #[inline]
    fn new(trace: &Trace<'d>, usual: Usual<'d>) -> Self {
        let (mut commands, mut options, mut letters) = (Vec::new(), Vec::new(), [false; 256]);
        let below = || trace.certain().below();
        let commands_there = trace.commands().chain(below());
        let own = commands_there.flat_map(Command::params);
        for param in own.chain(usual.params()) {
            let names = (0..).map_while(|k| param.long_name(k));
            options.extend(names.filter(|name| name.len() > 1));
            for letter in param.letters() {
                letters[letter as usize] = letter != 0;
            }
        }
        for command in below() {
            commands.extend(command.shown_names().chain(command.former_names().iter().copied()));
        }
        Known { commands: Hashed::new(commands), options: Hashed::new(options), letters }
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
