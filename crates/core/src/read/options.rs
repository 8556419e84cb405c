//! What the reader does with a word that has a dash in front.

use crate::record::command::Command;
use crate::record::fault::{Fault, FaultKind};
use crate::record::line::{Found, Pending, Reader, Slot, Term, Usual};
use crate::record::param::called::Hit;
use crate::record::param::{Param, Tail, is as is_record};
use crate::record::step::{Meaning, NONE};
use crate::text::Listed;
use crate::text::part::is_number;

impl<'d> Reader<'d> {
    /// `--name`, `--name=value`.
    pub(crate) fn long(&mut self, bytes: &[u8]) {
        if self.line.slots.len() > Self::SCANNED {
            self.order_names();
        }
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
                self.long_found(&found, end, attached, bytes.len());
            }
            None => self.other_long(bytes, name, attached),
        }
    }

    #[inline(always)]
    pub(crate) fn long_found(
        &mut self,
        found: &Found<'d>,
        end: usize,
        attached: Option<usize>,
        len: usize,
    ) {
        if found.param.stands_alone() {
            return self.alone(found, 0, end, attached, len);
        }
        self.named(found, 0, end, attached, len);
    }

    /// A long name that nothing in reach is called: an abbreviation, an option of the default
    /// subcommand, one to be kept, or unknown.
    #[cold]
    fn other_long(&mut self, bytes: &[u8], name: &[u8], attached: Option<usize>) {
        let (leaf, end) = (self.command(), name.len() + 2);
        let abbreviates = self.abbreviates.filter(|code| code.of.has_options() && !name.is_empty());
        if let Some(abbreviates) = abbreviates
            && (abbreviates.option)(self, bytes, name, attached)
        {
            return;
        }
        let begins = |param: &Param<'_>| abbreviates.is_some_and(|code| (code.begins)(param, name));
        let knows = |param: &Param<'_>| param.find_name(name).is_some() || begins(param);
        if self.enter_default(&|default| default.params().any(knows)) {
            return self.long(bytes);
        }
        if leaf.has_tail(Tail::UnknownOptions) {
            return self.keep(bytes.len());
        }
        // Without a name, what is attached is all there is to point at.
        let end = if name.is_empty() { bytes.len() } else { end };
        self.unknown(0, bytes.len(), 0, end);
    }

    #[cold]
    fn warn_former(&mut self, name: &[u8], param: &'d Param<'d>) {
        if let Some(old) = param.former_names().iter().find(|old| old.as_bytes() == name) {
            self.line.warn_former(Term::Long(old), Term::Param(param));
        }
    }

    /// `-x`, `-xyz`, `-xVALUE`.
    pub(crate) fn cluster(&mut self, bytes: &[u8]) {
        if self.command().has_tail(Tail::UnknownOptions) && !self.knows_all(bytes) {
            return self.keep(bytes.len());
        }
        if self.line.slots.len() > Self::SCANNED {
            self.order_names();
        }
        let mut at = 1;
        while at < bytes.len() {
            // The first letter's range has the dash in it.
            let start = if at == 1 { 0 } else { at };
            if let Some(found) = self.find_letter(bytes[at]) {
                if self.letter(&found, bytes, at, start) {
                    return;
                }
            } else if let Some(is_last) = self.seldom_letter(bytes, at, start) {
                if is_last {
                    return;
                }
            } else if self.enter_default(&|default| default.has_letter(bytes[at])) {
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
        if found.param.stands_alone() {
            return self.alone_letter(found, bytes, at, (start, rest));
        }
        self.named(found, start, at + 1, rest, bytes.len());
        takes
    }

    /// The same of a letter among the aliases, of a usual one, and where names are declared anew; nothing where
    /// it is none of those either.
    #[cold]
    fn seldom_letter(&mut self, bytes: &[u8], at: usize, start: usize) -> Option<bool> {
        let letter = bytes[at];
        if self.lacks_letter(letter) {
            return None;
        }
        let hit = |param: &Param<'_>| param.letter_hit(letter).or(param.further_letter_hit(letter));
        let found =
            self.line.trail.find_any(self.line.around.usual, &hit).filter(|_| letter != 0)?;
        Some(self.letter(&found, bytes, at, start))
    }

    /// The letter of a flag that stands alone, such as `-h`: it counts in a cluster only where each letter is
    /// known and none takes a value, as the word may well be meant as something else.
    #[cold]
    fn alone_letter(
        &mut self,
        found: &Found<'d>,
        bytes: &[u8],
        at: usize,
        (start, rest): (usize, Option<usize>),
    ) -> bool {
        let takes = !found.param.kinds().is_empty();
        let known = |&letter: &u8| self.known_letter(letter).map(|param| param.kinds().is_empty());
        let letters: Vec<Option<bool>> = bytes[1..].iter().map(known).listed();
        if takes || letters.iter().all(|known| *known == Some(true)) {
            self.alone(found, start, at + 1, rest, bytes.len());
            return takes;
        }
        let value = letters.iter().position(|known| *known == Some(false));
        let unknown = letters.iter().position(Option::is_none);
        match (value, unknown) {
            // The letter that is not known is what is wrong; after one with a value there is none.
            (value, Some(unknown)) if value.is_none_or(|value| unknown < value) => {
                let slot = self.slot_of_alone(found);
                self.push(Meaning::Name, start, at + 1, slot);
            }
            _ => self.unknown(start, at + 1, start, at + 1),
        }
        false
    }

    /// A name of what stands alone: given it, nothing else on the line counts. With something attached to a
    /// flag it is no request: a fault must not be hidden by what it is about.
    #[cold]
    fn alone(
        &mut self,
        found: &Found<'d>,
        start: usize,
        end: usize,
        attached: Option<usize>,
        len: usize,
    ) {
        let Found { param, .. } = *found;
        let slot = self.slot_of_alone(found);
        self.named(&Found { slot, ..*found }, start, end, attached, len);
        if param.is_deprecated() {
            self.line.warn(Term::Param(param), param.deprecation());
        }
        if attached.is_none() || !param.kinds().is_empty() {
            // Two dashes stand before a long name only.
            self.ask(slot, end - start <= 2);
        }
    }

    /// The slot of what stands alone; a usual one gets it when it is given.
    fn slot_of_alone(&mut self, found: &Found<'d>) -> u32 {
        if found.slot != NONE {
            return found.slot;
        }
        let known = self.line.slots.iter().position(|slot| is_record(slot.param, found.param));
        known.unwrap_or_else(|| {
            self.line.slots.push(Slot::new(found.param));
            self.line.slots.len() - 1
        }) as u32
    }

    /// What a letter means here, or to the default subcommand. A search of its own: the one that each
    /// letter goes through stays in its one place.
    #[cold]
    fn known_letter(&self, letter: u8) -> Option<&'d Param<'d>> {
        let defaults = std::iter::successors(self.command().default_subcommand(), |next| {
            next.default_subcommand()
        });
        let mut below = defaults.flat_map(Command::params);
        let below = || below.find(|param| param.has_letter(letter));
        self.names_in_reach().lettered(letter).or_else(below)
    }

    /// Whether a word is a long name after a single dash, which its first letter could only take for a
    /// value where none may be attached.
    #[inline]
    fn is_long_name(&self, found: &Found<'d>, bytes: &[u8]) -> bool {
        found.param.kinds().len() > 1 && self.find_long(cut_name(bytes)).is_some()
    }

    /// Whether each letter of a cluster has a meaning, up to one whose value is the rest.
    #[cold]
    fn knows_all(&self, bytes: &[u8]) -> bool {
        let reach = self.names_in_reach();
        for &letter in &bytes[1..] {
            match reach.lettered(letter) {
                Some(param) if !param.kinds().is_empty() => return true,
                Some(_) => {}
                None => return false,
            }
        }
        true
    }

    /// Goes to the default subcommand for a negative number, where that would read it as an operand, or refuse it as one.
    #[cold]
    fn enter_default_for_number(&mut self, bytes: &[u8]) -> bool {
        let is_digit = Param::has_digit;
        let above = self.reach().iter().any(|param| param.is_throughout() && is_digit(param));
        !above
            && is_number(&bytes[1..])
            && self.enter_default(&|default| {
                let is_wanted = |param: &Param<'_>| param.takes_negative() || param.is_numeric();
                default.operands().next().is_some_and(is_wanted)
                    && !default.params().any(is_digit)
                    && !default.has_tail(Tail::UnknownOptions)
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
        let at = self.push_here(meaning, start, end, slot);
        let pending = Pending { slot, wanted: words };
        match attached {
            None if words == 0 => {
                self.line.slots[slot as usize].typed.push(&mut self.line.steps, at)
            }
            None if param.is_attached() => {
                self.line.slots[slot as usize].typed.push(&mut self.line.steps, at);
            }
            None => self.line.pending = Some(pending),
            Some(equals) if words == 0 => self.attached_to_flag(pending, param, at, (equals, len)),
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
        if param.is_worded() {
            return self.value(pending, equals + 1, len);
        }
        self.line.slots[pending.slot as usize].typed.push(&mut self.line.steps, at);
        self.unwanted(Some(param), equals, len);
    }

    #[cold]
    fn attached_to_several(&mut self, param: &'d Param<'d>, start: usize, len: usize) {
        let place = self.place(start, len);
        self.line.blame(Fault::of(FaultKind::ValueAttached, place, param));
    }

    #[cold]
    fn unwanted(&mut self, param: Option<&'d Param<'d>>, equals: usize, len: usize) {
        self.push(Meaning::Unwanted, equals, len, NONE);
        let place = self.place(equals, len);
        let fault = Fault::new(FaultKind::ValueUnwanted, place);
        self.line.blame(Fault { param, ..fault });
    }

    #[cold]
    /// An unknown name. The step is about the rest of the word, the fault about the name.
    fn unknown(&mut self, start: usize, len: usize, name_start: usize, name_end: usize) {
        self.push(Meaning::Unknown, start, len, NONE);
        if !self.line.lost {
            self.fault(FaultKind::OptionUnknown, name_start, name_end);
        }
    }

    #[cold]
    /// An unknown letter in a cluster. A long name after a single dash (`-calm`) is one fault, not
    /// one for each letter.
    fn unknown_letter(&mut self, bytes: &[u8], at: usize, start: usize) {
        // After a flag or a letter of help stands what was meant as its value.
        if bytes[at] == b'=' && at > 1 {
            let flag = self.known_letter(bytes[at - 1]);
            return self.unwanted(flag, at, bytes.len());
        }
        let name = cut_name(bytes);
        if self.find_long(name).is_some() {
            return self.unknown(start, bytes.len(), 0, name.len() + 1);
        }
        let continues = |&&byte: &&u8| byte & 0b1100_0000 == 0b1000_0000;
        let more = bytes[at + 1..].iter().take_while(continues).count();
        self.unknown(start, bytes.len(), start, at + 1 + more);
    }

    fn find_long(&self, name: &[u8]) -> Option<Found<'d>> {
        if self.many.is_some()
            && let Some(found) = self.find_ordered(name)
        {
            return found;
        }
        let found = self.line.trail.find(|param| param.hit(name));
        found.or_else(|| {
            self.line.trail.find_any(self.line.around.usual, &|param| param.find_name(name))
        })
    }

    #[inline(always)]
    fn find_letter(&self, letter: u8) -> Option<Found<'d>> {
        if letter == 0 || self.many.is_some() && self.lacks_letter(letter) {
            return None;
        }
        self.line.trail.find(|param| param.letter_hit(letter))
    }

    /// Whether a word with a dash is a negative number, and a number is wanted: one that may not be negative is refused as
    /// that, and not as an unknown option.
    pub(crate) fn is_negative(&mut self, digit: u8, bytes: &[u8]) -> bool {
        if !(digit.is_ascii_digit() || digit == b'.') || !is_number(&bytes[1..]) {
            return false;
        }
        let may_be_refused = !self.command().has_tail(Tail::UnknownOptions);
        let is_wanted =
            |param: &Param<'_>| param.takes_negative() || may_be_refused && param.is_numeric();
        if !self.wanted_next().is_some_and(is_wanted) {
            return false;
        }
        if self.line.slots.len() > Self::SCANNED {
            self.order_names();
            if (b'0'..=b'9').all(|digit| self.lacks_letter(digit)) {
                return true;
            }
        }
        let has_digit = |param: &Param<'_>| param.has_digit().then_some(Hit::Itself);
        self.line.trail.find_any(Usual::NOTHING, &has_digit).is_none()
    }
}

/// The name in a word with a single dash, up to its `=`.
fn cut_name(bytes: &[u8]) -> &[u8] {
    let end = bytes.iter().position(|&byte| byte == b'=').unwrap_or(bytes.len());
    &bytes[1..end]
}
