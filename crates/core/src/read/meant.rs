//! Words that were meant as the names of options, and read as something else: `-frames` is the letter `f`
//! with a value to a reader, `—frames`, with a dash that an editor has put there, is an operand. On a line
//! that is refused anyway they are taken for misspelt names, in a second reading, so that one mistake is told
//! as one.

use std::ffi::{OsStr, OsString};

use crate::record::fault::{Fault, FaultKind, Place};
use crate::record::faults::Faults;
use crate::record::line::Line;
use crate::record::param::Tail;
use crate::record::reading::Outcome;
use crate::record::step::{Meaning, Step};
use crate::record::word::Words;
use crate::record::world::{Around, Trial};
use crate::text::Listed;
use crate::text::kept::Kept;
use crate::text::part::part;

/// Words that are looked at: a line with more of them is beyond mending.
const MOST: usize = 16;

impl<'d> Line<'d> {
    /// Reads a refused line again, if words of it were meant as names.
    #[cold]
    pub(crate) fn read_names(&self, faults: &[Fault<'d>]) -> Option<Faults<'d>> {
        // What keeps unknown options takes such words as they are.
        if self.around.is_second || self.command().has_tail(Tail::UnknownOptions) {
            return None;
        }
        if let Some(told) = self.read_again(&self.meant_names(faults)) {
            return Some(told);
        }
        // A letter may well have its value attached: not where the line is better with the long name.
        let names = self.long_names();
        self.read_again(&names).filter(|_| self.is_better_with(&names, faults.len()))
    }

    /// Whether less is wrong with a line when some names have a second dash.
    fn is_better_with(&self, names: &[u32], faults: usize) -> bool {
        // What looks like an option is hardly meant as the value.
        let is_dashed =
            |&name: &u32| self.words.word(name as usize + 1).as_encoded_bytes().starts_with(b"-");
        if names.iter().any(is_dashed) {
            return false;
        }
        let kept = Kept::default();
        let dashed = self.changed(names, &kept, |word, dashed| {
            dashed.push("-");
            dashed.push(word);
        });
        let around = self.around.for_trial(Trial::Read);
        match self.trail.root().read_around(Words::new(&dashed), around) {
            Outcome::Faults(after) => after.list.len() < faults,
            _ => true,
        }
    }

    /// Reads a line again, in which some words are misspelt names: in their place stand long names that
    /// nothing is called.
    #[inline(never)]
    fn read_again(&self, names: &[u32]) -> Option<Faults<'d>> {
        if names.is_empty() {
            return None;
        }
        let kept = Kept::default();
        let stepped = self.changed(names, &kept, |word, unknown| {
            let end = word.as_encoded_bytes().iter().position(|&byte| byte == b'=');
            let end = end.unwrap_or(word.len());
            unknown.push("--");
            for _ in 2..end {
                unknown.push("\0");
            }
            unknown.push(part(word, end, word.len()));
        });
        let around = Around { is_second: true, ..self.around.clone() };
        match self.trail.root().read_as(self.words, Words::new(&stepped), around) {
            Outcome::Faults(told) => Some(told),
            _ => None,
        }
    }

    /// The words of the line, some of which are written anew.
    fn changed<'k>(
        &self,
        names: &[u32],
        kept: &'k Kept,
        write: fn(&OsStr, &mut OsString),
    ) -> Vec<&'k OsStr>
    where
        'd: 'k,
    {
        let mut words: Vec<&OsStr> = self.words.iter().listed();
        for &name in names {
            let mut word = OsString::new();
            write(words[name as usize], &mut word);
            words[name as usize] = kept.word(word);
        }
        words
    }

    /// The words that are a letter with a value attached, and a long name after one dash.
    pub(crate) fn long_names(&self) -> Vec<u32> {
        let is_attached = |step: &&Step| step.meaning == Meaning::Value && step.start == 2;
        let attached = self.steps.iter().filter(is_attached).take(MOST);
        let is_long = |step: &&Step| {
            let name = self.words.word(step.word()).as_encoded_bytes().strip_prefix(b"-");
            name.is_some_and(|name| name[0] != b'-' && self.is_long_in(step.word, name))
        };
        attached.filter(is_long).map(|step| step.word).listed()
    }

    /// The words that were meant as names, in their order.
    fn meant_names(&self, faults: &[Fault<'d>]) -> Vec<u32> {
        // The first operand may be one all the same where it ends the options.
        let ends_at_operand = self.command().has_tail(Tail::Raw) || self.operands_end;
        let end = self.steps.iter().position(|step| match step.meaning {
            Meaning::Terminator => true,
            Meaning::Operand => ends_at_operand,
            _ => false,
        });
        let steps = &self.steps[..end.map_or(self.steps.len(), |end| end + 1)];
        let mut names: Vec<u32> = Vec::new();
        let is_alone = |step: &&Step| {
            step.start == 0 && matches!(step.meaning, Meaning::Operand | Meaning::Unknown)
        };
        let dashed = steps.iter().filter(is_alone).filter_map(|step| {
            Some((step.word, bare(self.words.word(step.word()).as_encoded_bytes())?))
        });
        for (word, bare) in dashed.take(MOST) {
            names.extend(Some(word).filter(|&word| self.is_name_in(word, bare)));
        }
        let is_value = |fault: &&Fault<'_>| {
            matches!(fault.kind, FaultKind::ValueMisfit | FaultKind::ValueRefused)
        };
        for fault in faults.iter().filter(is_value).take(MOST) {
            if let Place::At { word, start: 1.., .. } = fault.place
                && let [b'-', name @ ..] = self.words.word(word).as_encoded_bytes()
                && self.is_long_in(word as u32, name)
            {
                names.push(word as u32);
            }
        }
        names
    }

    /// Whether a word without its dashes names an option where it stands: a long one, or letters.
    fn is_name_in(&self, word: u32, bare: &[u8]) -> bool {
        let reach = self.trail.reach_in(word, self.around.usual);
        let has = |&letter: &u8| reach.lettered(letter);
        let takes_value = |letter: &u8| !has(letter).is_some_and(|param| param.kinds().is_empty());
        // After flags there may be one that takes the rest: a number, as any text might be prose.
        let are_letters = match bare.iter().position(takes_value) {
            None => true,
            Some(at) => match (has(&bare[at]), std::str::from_utf8(&bare[at + 1..])) {
                (Some(_), Ok("")) => true,
                (Some(param), Ok(rest)) => {
                    param.kinds().iter().all(|kind| kind.is_number()) && param.accepts(rest)
                }
                _ => false,
            },
        };
        !bare.is_empty() && (are_letters || self.is_long_in(word, bare))
    }

    /// Whether a word without its dashes is a long name, and perhaps a value, where it stands.
    fn is_long_in(&self, word: u32, bare: &[u8]) -> bool {
        let end = bare.iter().position(|&byte| byte == b'=').unwrap_or(bare.len());
        self.trail.reach_in(word, self.around.usual).named(&bare[..end]).is_some()
    }
}

/// A word without the dashes in front, if these are not all those of a keyboard.
pub(crate) fn bare(word: &[u8]) -> Option<&[u8]> {
    let mut rest = word;
    let mut is_typographic = false;
    loop {
        rest = match rest {
            [b'-', rest @ ..] => rest,
            // Hyphens and dashes (U+2010 to U+2015), the minus sign (U+2212).
            [0xE2, 0x80, 0x90..=0x95, rest @ ..] | [0xE2, 0x88, 0x92, rest @ ..] => {
                is_typographic = true;
                rest
            }
            _ => return is_typographic.then_some(rest),
        };
    }
}
