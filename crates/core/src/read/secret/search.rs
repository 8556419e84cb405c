//! A walk over the words of a refused line that finds what of it may be secret.

use super::known::{Letter, Names};
use crate::read::meant::bare;
use crate::record::brought::Abbreviated;
use crate::record::command::Command;
use crate::record::faults::Dark;
use crate::record::line::{Trace, Usual};
use crate::record::param::Param;
use crate::record::step::{Meaning, NONE, Step};
use crate::record::word::Words;
use crate::text::Listed;
use crate::text::near::{Near, near};

/// Names that unknown ones are held against in all: beyond that nothing is near.
const NAMES: usize = 100_000;

#[inline]
pub(crate) fn dark<'d>(trace: &Trace<'d>, words: Words<'_>, usual: Usual<'d>) -> Dark {
    let mut search = Search::new(trace, usual);
    let mut dark = Vec::new();
    let mut steps = &trace.steps[..];
    while let Some(first) = steps.first() {
        let word = first.word();
        let count = steps.iter().take_while(|step| step.word() == word).count();
        let (here, behind) = steps.split_at(count);
        if let Some(start) = search.word(word, here, words.word(word).as_encoded_bytes()) {
            dark.push((word, start));
        }
        steps = behind;
    }
    Dark(dark)
}

struct Search<'t, 'd> {
    trace: &'t Trace<'d>,
    usual: Usual<'d>,
    names: Names<'d>,
    /// The names in reach, and the number of commands on the way that they are of.
    reach: Option<(usize, Near)>,
    left: usize,
    /// Beginnings of names may stand for them.
    abbreviates: bool,
    /// An operand of the command is a secret.
    is_operand: bool,
    /// An unknown command stands before, and words after it may be secrets that have no name.
    is_lost: bool,
    /// The word at hand.
    word: usize,
    /// The last word with a name that what follows may be the secret of.
    named: Option<usize>,
    /// The slot and the meaning of the step before, for the value of a secret's file.
    before: (u32, Meaning),
}

impl<'t, 'd> Search<'t, 'd> {
    #[inline]
    fn new(trace: &'t Trace<'d>, usual: Usual<'d>) -> Self {
        Search {
            trace,
            usual,
            names: Names::new(trace.trail.root(), usual),
            reach: None,
            left: NAMES,
            abbreviates: trace
                .commands()
                .any(|command| command.abbreviated().is_some_and(Abbreviated::has_options)),
            is_operand: trace.commands().next_back().is_some_and(has_secret_operand),
            is_lost: false,
            word: 0,
            named: None,
            before: (NONE, Meaning::Unread),
        }
    }

    /// The first byte of a word that is dark.
    #[inline]
    fn word(&mut self, word: usize, steps: &[Step], bytes: &[u8]) -> Option<usize> {
        self.word = word;
        let is_dashed = bytes.len() > 1 && bytes.starts_with(b"-");
        // Right after a name `--` may be there to protect what is its value.
        let is_between = bytes == b"--" && self.named.is_some_and(|named| named + 1 == word);
        if is_dashed && !is_between {
            self.named = None;
        }
        let is_command = steps.iter().any(|step| step.meaning == Meaning::Command);
        let is_behind = self.named.is_some() && !is_dashed && !is_command;
        let mut start = None;
        for step in steps {
            let dark = self.step(step, bytes);
            start = start.or(dark);
            self.before = (step.slot, step.meaning);
        }
        if is_behind { Some(0) } else { start }
    }

    #[inline]
    fn step(&mut self, step: &Step, bytes: &[u8]) -> Option<usize> {
        let start = step.bytes().start;
        let param = self.trace.param(step);
        let is_file = self.before == (step.slot, Meaning::File);
        match step.meaning {
            Meaning::Value | Meaning::Operand
                if !is_file && param.is_some_and(Param::is_secret) =>
            {
                self.hides(start, bytes)
            }
            Meaning::Name if param.is_some_and(Param::is_secret) => self.hides(bytes.len(), bytes),
            Meaning::Operand if param.is_none() && self.is_operand => Some(start),
            Meaning::Operand if param.is_none() && bytes.starts_with(b"-") => self.dashed(0, bytes),
            Meaning::Value | Meaning::Operand => match start {
                0 if is_name(bytes) => self.taken(bytes),
                // The letter of an option, with the rest of a long name as its value.
                2 if bytes[0] == b'-' && self.names.is_secret(&bytes[1..]) => {
                    self.taken_long(bytes)
                }
                0 if step.meaning == Meaning::Operand => self.bare(bytes),
                _ => None,
            }
            .or_else(|| Some(start + self.within(&bytes[start..])?)),
            // The name is known, and is no secret's: a flag takes no value.
            Meaning::Unwanted => {
                let sign = bytes.iter().position(|&byte| byte == b'=').map_or(0, |sign| sign + 1);
                Some(sign + self.within(&bytes[sign..])?)
            }
            // The letter of a page among letters that are read.
            Meaning::Unknown if step.bytes().end < bytes.len() => None,
            Meaning::Unknown | Meaning::Unread if is_name(bytes) => self.dashed(start, bytes),
            Meaning::Unknown => {
                self.is_lost = self.may_take_secret(bytes);
                self.bare(bytes)
            }
            Meaning::Unread if self.is_lost && !self.names.is_command(bytes) => Some(start),
            Meaning::Unread => self.bare(bytes),
            _ => None,
        }
    }

    /// Where what is attached from a byte on begins; what follows the word is dark too.
    #[inline]
    fn hides(&mut self, start: usize, bytes: &[u8]) -> Option<usize> {
        self.named = Some(self.word);
        (start < bytes.len()).then_some(start)
    }

    /// What is attached to a name that is not known where it stands.
    #[inline]
    fn dashed(&mut self, start: usize, bytes: &[u8]) -> Option<usize> {
        let (dashes, name) = name_of(bytes);
        let is_double = bytes.starts_with(b"--");
        if name.is_empty() {
            return self.within(bytes);
        }
        let is_long = match name {
            // Of a long name the beginning may be a letter alone.
            [_] => is_double && self.abbreviates,
            name => is_double || self.names.is_option(name) || self.is_secret(name),
        };
        if !is_long {
            return self.letters(start.max(dashes), bytes);
        }
        if !self.may_be_secret(name) {
            return self.within(bytes);
        }
        // A value may stand right behind the name.
        let begun = if self.is_secret(name) { 0 } else { self.names.begins(name) };
        match begun {
            0 => self.hides(dashes + name.len() + 1, bytes),
            begun => self.hides(dashes + begun, bytes),
        }
    }

    /// What is attached to the first letter, from one on, that may be a secret's.
    #[inline]
    fn letters(&mut self, start: usize, bytes: &[u8]) -> Option<usize> {
        for (at, &letter) in bytes.iter().enumerate().skip(start) {
            match self.names.letter(letter) {
                Letter::Flag => {}
                Letter::Option => return self.within(bytes),
                Letter::Secret | Letter::Unknown => {
                    let rest = &bytes[at + 1..];
                    let more = rest.iter().take_while(|&&byte| byte & 0xc0 == 0x80).count();
                    let sign = rest.get(more).is_some_and(|byte| matches!(byte, b'=' | b':'));
                    return self.hides(at + 1 + more + usize::from(sign), bytes);
                }
            }
        }
        None
    }

    /// The name of a secret that was taken for a value: what is attached to it.
    #[inline]
    fn taken(&mut self, bytes: &[u8]) -> Option<usize> {
        match name_of(bytes) {
            (dashes, [letter, ..])
                if !bytes.starts_with(b"--") && self.names.letter(*letter) == Letter::Secret =>
            {
                self.hides(dashes + 1, bytes)
            }
            _ => self.taken_long(bytes),
        }
    }

    #[inline]
    fn taken_long(&mut self, bytes: &[u8]) -> Option<usize> {
        let (dashes, name) = name_of(bytes);
        let is_meant = name.len() > 1 && self.is_secret(name);
        if is_meant { self.hides(dashes + name.len() + 1, bytes) } else { None }
    }

    /// What follows the name of a secret and a sign within a word.
    #[inline]
    fn within(&mut self, bytes: &[u8]) -> Option<usize> {
        // The last run of letters, between which and the sign may be quotes and spaces.
        let (mut from, mut to) = (0, 0);
        for (at, &byte) in bytes.iter().enumerate() {
            match byte {
                b'=' | b':' if self.is_called(&bytes[from..to]) => {
                    return self.hides(at + 1, bytes);
                }
                b' ' | b'"' | b'\'' => {}
                _ if byte.is_ascii_alphanumeric() || !byte.is_ascii() || b"-_.".contains(&byte) => {
                    from = if to == at { from } else { at };
                    to = at + 1;
                }
                _ => (from, to) = (at + 1, at + 1),
            }
        }
        None
    }

    /// The same where the word may be the name of a secret without its dashes.
    #[inline]
    fn bare(&mut self, bytes: &[u8]) -> Option<usize> {
        let bare = bytes.iter().position(u8::is_ascii_alphanumeric).unwrap_or(bytes.len());
        if self.names.is_typed(&bytes[bare..]) {
            self.named = Some(self.word);
        }
        self.within(bytes)
    }

    /// Whether a name in front of a sign is a secret's, or near one where it has its dashes.
    #[inline]
    fn is_called(&mut self, name: &[u8]) -> bool {
        match name_of(name) {
            (_, [letter]) => self.names.letter(*letter) == Letter::Secret,
            (0, name) => self.names.is_secret(name),
            (_, name) => self.is_secret(name),
        }
    }

    /// Whether a name is a secret's, or near one.
    #[inline]
    fn is_secret(&mut self, name: &[u8]) -> bool {
        self.names.is_secret(name)
            || !self.names.is_option(name)
                && std::str::from_utf8(name).is_ok_and(|name| self.names.is_near_secret(name))
    }

    /// Whether an unknown name may be a secret's: it is, or nearly; or nothing is near.
    #[inline]
    fn may_be_secret(&mut self, name: &[u8]) -> bool {
        let is_open =
            |search: &mut Self| search.begun(name).unwrap_or_else(|| !search.is_near_known(name));
        self.is_secret(name) || !self.names.is_option(name) && is_open(self)
    }

    /// Whether a name in reach that begins so is a secret's, where beginnings are taken for names; nothing where none does.
    #[inline]
    fn begun(&mut self, name: &[u8]) -> Option<bool> {
        if !self.abbreviates || self.left == 0 {
            return None;
        }
        let reach = self.trace.reach_in(self.word, self.usual);
        self.left -= reach.list().len().min(self.left);
        let names = reach.all_names();
        let mut begun =
            names.iter().filter(|known| known.0.as_bytes().starts_with(name)).peekable();
        begun.peek()?;
        Some(begun.any(|known| reach.list()[known.2].param().is_secret()))
    }

    /// Whether a fault tells of a name what it is near to.
    #[inline]
    fn is_near_known(&mut self, name: &[u8]) -> bool {
        let Ok(name) = std::str::from_utf8(name) else { return false };
        if name.strip_prefix("no-").is_some_and(|flag| self.names.is_option(flag.as_bytes())) {
            return true;
        }
        let levels = self.trace.levels_before(self.word).len();
        if self.reach.as_ref().is_none_or(|reach| reach.0 != levels) {
            let names = self.trace.reach_in(self.word, self.usual).names();
            self.reach = Some((levels, Near::new(names.iter().map(|name| name.0))));
        }
        let Some((_, known)) = &mut self.reach else { return false };
        let is_affordable = self.left >= known.count();
        self.left -= known.count().min(self.left);
        is_affordable && known.has(name)
    }

    /// Whether an unknown command may have been meant as one that takes a secret as an operand.
    #[inline]
    fn may_take_secret(&self, typed: &[u8]) -> bool {
        let leaf = self.trace.leaf_before(self.word);
        let names = leaf.subcommands().iter().flat_map(|command| command.shown_names()).listed();
        let (_, mut meant) = std::str::from_utf8(typed)
            .map_or_else(|_| Default::default(), |typed| near(typed, &names));
        meant.extend(names.iter().filter(|name| name.as_bytes().starts_with(typed)));
        let takes =
            |command: &Command<'d>| command.tree().any(|(_, command)| has_secret_operand(command));
        match meant.is_empty() {
            true => takes(self.trace.trail.root()),
            false => meant.iter().filter_map(|name| leaf.subcommand(name.as_bytes())).any(takes),
        }
    }
}

fn has_secret_operand(command: &Command<'_>) -> bool {
    command.params().any(|param| param.is_secret() && param.is_positional())
}

/// Whether a word begins as the name of an option does: dashes that an editor has made are as good as those of a keyboard.
fn is_name(bytes: &[u8]) -> bool {
    bytes.len() > 1 && bytes.starts_with(b"-") || bare(bytes).is_some()
}

/// The dashes of a word, and the name after them up to a sign.
fn name_of(bytes: &[u8]) -> (usize, &[u8]) {
    let dashes = match bare(bytes) {
        Some(bare) => bytes.len() - bare.len(),
        None => bytes.iter().take_while(|&&byte| byte == b'-').count(),
    };
    let name = &bytes[dashes..];
    let cut = name.iter().position(|byte| matches!(byte, b'=' | b':'));
    (dashes, &name[..cut.unwrap_or(name.len())])
}
