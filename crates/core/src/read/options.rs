//! What the reader does with a word that has a dash in front.

use super::fault::{Fault, FaultKind};
use super::reader::{Asked, Pending, Reader};
use super::reading::Length;
use super::step::{Meaning, NONE};
use crate::declare::{Command, Hit, Param};

/// A parameter that a name means, and which of a flag's two names it was.
struct Found<'d> {
    slot: u32,
    param: &'d Param<'d>,
    hit: Hit,
}

/// What begins as an abbreviation does.
enum Begun<'d> {
    None,
    One(Found<'d>),
    Standard(Asked),
    Several,
}

impl<'d> Reader<'d> {
    /// `--name`, `--name=value`.
    pub(super) fn long(&mut self, bytes: &[u8]) {
        let name = &bytes[2..];
        let equals = name.iter().position(|&byte| byte == b'=');
        let name = equals.map_or(name, |at| &name[..at]);
        let end = name.len() + 2;
        let attached = equals.map(|_| end);
        match self.find_long(name) {
            Some(found) => {
                if found.hit == Hit::Former {
                    self.warn_former(name, found.param);
                }
                self.named(&found, 0, end, attached, bytes.len());
            }
            None => match self.standard(name) {
                Some(asked) => self.ask(asked, 0, end, attached, bytes.len()),
                None => self.other_long(bytes, name, attached),
            },
        }
    }

    /// A long name that nothing in reach is called: an abbreviation, an option of the default
    /// subcommand, one to be kept, or unknown.
    #[cold]
    fn other_long(&mut self, bytes: &[u8], name: &[u8], attached: Option<usize>) {
        let (leaf, end) = (self.leaf(), name.len() + 2);
        let abbreviated = self.abbreviations && !name.is_empty();
        if abbreviated {
            match self.abbreviated(name) {
                Begun::One(found) => return self.named(&found, 0, end, attached, bytes.len()),
                Begun::Standard(asked) => return self.ask(asked, 0, end, attached, bytes.len()),
                Begun::Several => {
                    self.push(Meaning::Unknown, 0, bytes.len(), NONE);
                    return self.fault(FaultKind::OptionAmbiguous, 0, end);
                }
                Begun::None => {}
            }
        }
        let begins = |param: &Param<'_>| {
            !param.is_hidden() && param.today().any(|(full, _)| full.as_bytes().starts_with(name))
        };
        let knows =
            |param: &Param<'_>| param.find_name(name).is_some() || abbreviated && begins(param);
        if self.enter_default(|default| default.params().any(knows)) {
            return self.long(bytes);
        }
        if leaf.settled.tails.unknown_options {
            return self.keep(bytes.len());
        }
        // Without a name, what is attached is all there is to point at.
        let end = if name.is_empty() { bytes.len() } else { end };
        self.unknown(0, bytes.len(), 0, end);
    }

    /// The names in reach that begin so. A name and its aliases are one; an opposite is another.
    fn abbreviated(&self, name: &[u8]) -> Begun<'d> {
        let mut begun = Begun::None;
        let seen = |(_, param): &(u32, &Param<'_>)| !param.is_hidden();
        for (slot, param) in self.slots_in_reach().into_iter().filter(seen) {
            for (_, hit) in param.today().filter(|(full, _)| full.as_bytes().starts_with(name)) {
                begun = match begun {
                    Begun::None => Begun::One(Found { slot, param, hit }),
                    Begun::One(known) if known.slot == slot && known.hit == hit => {
                        Begun::One(known)
                    }
                    _ => return Begun::Several,
                };
            }
        }
        for full in ["help", "version"] {
            if full.as_bytes().starts_with(name)
                && let Some(asked) = self.standard(full.as_bytes())
            {
                begun = match begun {
                    Begun::None => Begun::Standard(asked),
                    _ => return Begun::Several,
                };
            }
        }
        begun
    }

    #[cold]
    fn warn_former(&mut self, name: &[u8], param: &Param<'_>) {
        let old = "--".to_owned() + &String::from_utf8_lossy(name);
        if !self.warned.iter().any(|warned| warned.0 == old) {
            self.warned.push((old, param.spelled()));
        }
    }

    /// `-x`, `-xyz`, `-xVALUE`.
    pub(super) fn cluster(&mut self, bytes: &[u8]) {
        if self.leaf().settled.tails.unknown_options && !self.knows_all(bytes) {
            return self.keep(bytes.len());
        }
        let mut at = 1;
        while at < bytes.len() {
            // The first letter's range has the dash in it.
            let start = if at == 1 { 0 } else { at };
            if let Some(found) = self.find_letter(bytes[at]) {
                if self.letter(&found, bytes, at, start) {
                    return;
                }
            } else if let Some(is_last) = self.further_letter(bytes, at, start) {
                if is_last {
                    return;
                }
            } else if bytes[at] == b'h' {
                self.help_letter(bytes, at, start);
            } else if self.enter_default(|default| default.has_letter(bytes[at])) {
                continue;
            } else if at == 1 && self.enter_default_for_number(bytes) {
                return self.operand(bytes.len());
            } else {
                return self.unknown_letter(bytes, at, start);
            }
            at += 1;
        }
    }

    /// A letter of a cluster that is known; tells whether the word ends with it, or with its value.
    #[inline(always)]
    fn letter(&mut self, found: &Found<'d>, bytes: &[u8], at: usize, start: usize) -> bool {
        let takes = !found.param.kinds().is_empty();
        if at == 1 && self.is_long_name(found, bytes) {
            self.unknown_letter(bytes, at, start);
            return true;
        }
        let rest = (takes && at + 1 < bytes.len()).then_some(at);
        self.named(found, start, at + 1, rest, bytes.len());
        takes
    }

    /// The same of a letter among the aliases; nothing where it is none of those either.
    #[cold]
    fn further_letter(&mut self, bytes: &[u8], at: usize, start: usize) -> Option<bool> {
        let hit = |param: &Param<'_>| param.further_letter_hit(bytes[at]);
        let (slot, param, hit) = self.trail.find(hit)?;
        Some(self.letter(&Found { slot, param, hit }, bytes, at, start))
    }

    /// `-h` asks for a page; in a cluster only where each letter is known and none takes a value, as
    /// the word may well be meant as something else.
    #[cold]
    fn help_letter(&mut self, bytes: &[u8], at: usize, start: usize) {
        let known = |&letter: &u8| match self.known_letter(letter) {
            Some(param) => Some(param.kinds().is_empty()),
            None => (letter == b'h').then_some(true),
        };
        let letters: Vec<Option<bool>> = bytes[1..].iter().map(known).collect();
        if letters.iter().all(|known| *known == Some(true)) {
            return self.ask(Asked::Page(Length::Short), start, at + 1, None, bytes.len());
        }
        let value = letters.iter().position(|known| *known == Some(false));
        let unknown = letters.iter().position(Option::is_none);
        match (value, unknown) {
            // The letter that is not known is what is wrong; behind one with a value there is none.
            (value, Some(unknown)) if value.is_none_or(|value| unknown < value) => {
                self.push(Meaning::Help, start, at + 1, NONE);
            }
            _ => self.unknown(start, at + 1, start, at + 1),
        }
    }

    /// What a letter means here, or to the default subcommand. A search of its own: the one that each
    /// letter goes through stays in its one place.
    #[cold]
    fn known_letter(&self, letter: u8) -> Option<&'d Param<'d>> {
        let defaults = std::iter::successors(self.leaf().otherwise, |next| next.otherwise);
        let known = self.reach().into_iter().chain(defaults.flat_map(Command::params));
        known.into_iter().find(|param| param.has_letter(letter))
    }

    /// Whether a word is a long name behind a single dash, which its first letter could only take for a
    /// value where none may be attached.
    #[inline]
    fn is_long_name(&self, found: &Found<'d>, bytes: &[u8]) -> bool {
        found.param.kinds().len() > 1 && self.find_long(cut_name(bytes)).is_some()
    }

    /// Whether each letter of a cluster has a meaning, up to one whose value is the rest.
    #[cold]
    fn knows_all(&self, bytes: &[u8]) -> bool {
        let reach = self.reach();
        for &letter in &bytes[1..] {
            match reach.iter().find(|param| param.has_letter(letter)) {
                Some(param) if !param.kinds().is_empty() => return true,
                None if letter != b'h' => return false,
                _ => {}
            }
        }
        true
    }

    /// Goes to the default subcommand for a negative number, where that would read it as an operand.
    #[cold]
    fn enter_default_for_number(&mut self, bytes: &[u8]) -> bool {
        let is_digit = Param::has_digit;
        let above = self.reach().iter().any(|param| param.throughout && is_digit(param));
        !above
            && is_number(&bytes[1..])
            && self.enter_default(|default| {
                default.operands().next().is_some_and(Param::takes_negative)
                    && !default.params().any(is_digit)
            })
    }

    /// A name that is known. `attached` is the last byte before an attached value: the `=` of a
    /// long name, the letter of a short one.
    fn named(
        &mut self,
        found: &Found<'d>,
        start: usize,
        end: usize,
        attached: Option<usize>,
        len: usize,
    ) {
        let Found { slot, param, hit } = *found;
        let words = param.kinds().len() as u32;
        let meaning = match hit {
            Hit::Itself | Hit::Former => Meaning::Name,
            Hit::Opposite => Meaning::Opposite,
            Hit::File => Meaning::File,
        };
        let at = self.push(meaning, start, end, slot);
        let pending = Pending { slot, wanted: words };
        match attached {
            None if words == 0 => self.slots[slot as usize].typed.push(&mut self.steps, at),
            None if param.is_attached() => {
                self.slots[slot as usize].typed.push(&mut self.steps, at);
            }
            None => self.pending = Some(pending),
            Some(equals) if words == 0 => self.attached_to_flag(pending, param, at, (equals, len)),
            // Letters behind a letter could be other flags: its value stands behind the long one.
            Some(before) if param.is_attached() && before < end => {
                self.slots[slot as usize].typed.push(&mut self.steps, at);
                self.unwanted(Some(param), end, len);
            }
            Some(before) => {
                if words > 1 {
                    self.attached_to_several(param, start, len);
                }
                self.value(pending, before + 1, len);
            }
        }
    }

    /// A flag with something attached: a truth word, where it takes one.
    #[cold]
    fn attached_to_flag(
        &mut self,
        pending: Pending,
        param: &'d Param<'d>,
        at: u32,
        (equals, len): (usize, usize),
    ) {
        if param.worded {
            return self.value(pending, equals + 1, len);
        }
        self.slots[pending.slot as usize].typed.push(&mut self.steps, at);
        self.unwanted(Some(param), equals, len);
    }

    #[cold]
    fn attached_to_several(&mut self, param: &'d Param<'d>, start: usize, len: usize) {
        let place = self.place(start, len);
        self.faults.push(Fault::of(FaultKind::ValueAttached, place, param));
    }

    #[cold]
    fn ask(&mut self, asked: Asked, start: usize, end: usize, attached: Option<usize>, len: usize) {
        let meaning = match asked {
            Asked::Page(_) => Meaning::Help,
            Asked::Version => Meaning::Version,
        };
        self.push(meaning, start, end, NONE);
        match attached {
            // `--help=x` is no request for help: a fault must not be hidden by what it is about.
            Some(equals) => self.unwanted(None, equals, len),
            // The first request stands, but a full page is more than a short one.
            None => match (self.asked, asked) {
                (None, _) | (Some(Asked::Page(_)), Asked::Page(Length::Full)) => {
                    self.asked = Some(asked);
                }
                _ => {}
            },
        }
    }

    #[cold]
    fn unwanted(&mut self, param: Option<&'d Param<'d>>, equals: usize, len: usize) {
        self.push(Meaning::Unwanted, equals, len, NONE);
        let place = self.place(equals, len);
        let fault = Fault::new(FaultKind::ValueUnwanted, place);
        self.faults.push(Fault { param, ..fault });
    }

    #[cold]
    /// An unknown name. The step is about the rest of the word, the fault about the name.
    fn unknown(&mut self, start: usize, len: usize, name_start: usize, name_end: usize) {
        self.push(Meaning::Unknown, start, len, NONE);
        if !self.lost {
            self.fault(FaultKind::OptionUnknown, name_start, name_end);
        }
    }

    #[cold]
    /// An unknown letter in a cluster. A long name behind a single dash (`-calm`) is one fault, not
    /// one for each letter.
    fn unknown_letter(&mut self, bytes: &[u8], at: usize, start: usize) {
        // Behind a flag or a letter of help stands what was meant as its value.
        if bytes[at] == b'=' && at > 1 {
            let flag = self.known_letter(bytes[at - 1]);
            return self.unwanted(flag, at, bytes.len());
        }
        let name = cut_name(bytes);
        if self.find_long(name).is_some() || self.standard(name).is_some() {
            return self.unknown(start, bytes.len(), 0, name.len() + 1);
        }
        let continues = |&&byte: &&u8| byte & 0b1100_0000 == 0b1000_0000;
        let more = bytes[at + 1..].iter().take_while(continues).count();
        self.unknown(start, bytes.len(), start, at + 1 + more);
    }

    fn find_long(&self, name: &[u8]) -> Option<Found<'d>> {
        let found = self.trail.find(|param| param.hit(name));
        let found = found.or_else(|| self.trail.find(|param| param.find_name(name)));
        found.map(|(slot, param, hit)| Found { slot, param, hit })
    }

    #[inline(always)]
    fn find_letter(&self, letter: u8) -> Option<Found<'d>> {
        if letter == 0 {
            return None;
        }
        let found = self.trail.find(|param| param.letter_hit(letter));
        found.map(|(slot, param, hit)| Found { slot, param, hit })
    }

    /// What every program understands unless it gives the name to something else.
    fn standard(&self, name: &[u8]) -> Option<Asked> {
        match name {
            b"help" => Some(Asked::Page(Length::Full)),
            b"version" if !self.trail.root().version_text().is_empty() => Some(Asked::Version),
            _ => None,
        }
    }

    /// Whether a word with a dash is a negative number, and one is wanted.
    pub(super) fn is_negative(&self, digit: u8, bytes: &[u8]) -> bool {
        if !(digit.is_ascii_digit() || digit == b'.') || !is_number(&bytes[1..]) {
            return false;
        }
        self.wanted_operand().is_some_and(Param::takes_negative)
            && self.trail.find(|param| param.has_digit().then_some(())).is_none()
    }
}

/// The name in a word with a single dash, up to its `=`.
fn cut_name(bytes: &[u8]) -> &[u8] {
    let end = bytes.iter().position(|&byte| byte == b'=').unwrap_or(bytes.len());
    &bytes[1..end]
}

/// Digits with at most one point, and perhaps an exponent: `5`, `.5`, `1e3`.
fn is_number(bytes: &[u8]) -> bool {
    let digits = |bytes: &[u8]| bytes.iter().take_while(|byte| byte.is_ascii_digit()).count();
    let whole = digits(bytes);
    let mut rest = &bytes[whole..];
    let mut fraction = 0;
    if let [b'.', behind @ ..] = rest {
        fraction = digits(behind);
        rest = &behind[fraction..];
    }
    if whole + fraction == 0 {
        return false;
    }
    match rest {
        [] => true,
        [b'e' | b'E', b'+' | b'-', power @ ..] | [b'e' | b'E', power @ ..] => {
            !power.is_empty() && digits(power) == power.len()
        }
        _ => false,
    }
}
