//! What a parameter is called, and what stands for its value: by names the reader finds it, with both
//! the pages, faults and fixes write it.

use crate::record::kind::{Kind, Noun, Refers};
use crate::record::param::{Param, Role};
use crate::record::path::At;
use crate::text::{Put, of, own, upper};

/// Which of a parameter's names was meant.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
#[non_exhaustive]
pub enum Hit {
    /// The parameter's own name, or an alias of it.
    Itself,
    /// The name that turns a flag off.
    Opposite,
    /// The name that reads a secret from a file.
    File,
    /// A name that it had before.
    Former,
}

impl<'d> Param<'d> {
    /// The long name, if it has one: a name of a single letter is that letter.
    pub const fn long(&self) -> Option<&'d str> {
        if self.name.len() == 1 { None } else { Some(self.name) }
    }

    /// How many of [`long_name`](Self::long_name)'s places are there for every parameter.
    pub(crate) const OWN_NAMES: usize = 3;

    /// Its `k`-th long name for the reader: the name, the opposite, the one for a file, then the
    /// aliases, then those it had before.
    pub(crate) const fn long_name(&self, k: usize) -> Option<&'d str> {
        if matches!(self.role, Role::Operand) {
            return None;
        }
        match k {
            0 => Some(self.name),
            1 => Some(self.opposite()),
            2 => Some(self.file_name()),
            _ => {
                let k = k - Self::OWN_NAMES;
                let aliases = self.aliases().len();
                if k < aliases {
                    Some(self.aliases()[k])
                } else if k < aliases + self.former_names().len() {
                    Some(self.former_names()[k - aliases])
                } else {
                    None
                }
            }
        }
    }

    /// Which of the names the `k`-th one is.
    const fn name_hit(&self, k: usize) -> Hit {
        match k {
            1 => Hit::Opposite,
            2 => Hit::File,
            _ if k >= Self::OWN_NAMES + self.aliases().len() => Hit::Former,
            _ => Hit::Itself,
        }
    }

    /// The names that pages, fixes and completion know, without dashes.
    pub fn shown_names(&self) -> impl Iterator<Item = (&'d str, Hit)> + '_ {
        let file = (self.file_name(), Hit::File);
        let names = [(self.name, Hit::Itself), (self.opposite(), Hit::Opposite), file];
        names.into_iter().filter(|name| !name.0.is_empty() && self.role != Role::Operand)
    }

    /// The long names that it goes by today, without dashes and aliases included: what is abbreviated,
    /// and near to what was mistyped. Names that it had before answer, and are offered to nobody.
    pub(crate) fn today(&self) -> impl Iterator<Item = (&'d str, Hit)> + '_ {
        let names = (0..).map_while(|k| Some((self.long_name(k)?, self.name_hit(k))));
        names.filter(|(name, hit)| name.len() > 1 && *hit != Hit::Former)
    }

    /// Whether it is called by this long name; aliases are looked at apart, as they are rare.
    #[inline]
    pub(crate) fn hit(&self, name: &[u8]) -> Option<Hit> {
        if self.name.as_bytes() == name {
            let is_long = name.len() > 1 && self.role != Role::Operand;
            return is_long.then_some(Hit::Itself);
        }
        let is_opposite = self.opposite().as_bytes() == name && !name.is_empty();
        is_opposite.then_some(Hit::Opposite)
    }

    /// Whether its name is the only long one.
    pub(crate) const fn has_one_name(&self) -> bool {
        self.opposite().is_empty()
            && self.file_name().is_empty()
            && self.aliases().is_empty()
            && self.former_names().is_empty()
    }

    /// Which of its two letters this is.
    #[inline]
    pub(crate) fn letter_hit(&self, letter: u8) -> Option<Hit> {
        if letter == self.letter {
            Some(Hit::Itself)
        } else if letter == self.opposite_letter {
            Some(Hit::Opposite)
        } else {
            None
        }
    }

    /// The same of those among the aliases, which are rare.
    pub(crate) fn further_letter_hit(&self, letter: u8) -> Option<Hit> {
        self.aliases().iter().any(|alias| alias.as_bytes() == [letter]).then_some(Hit::Itself)
    }

    /// The letters of the parameter: its own and the opposite's, 0 where there is none, then those among the aliases.
    #[inline(never)]
    pub fn letters(&self) -> Vec<u8> {
        let mut letters = vec![self.letter, self.opposite_letter];
        for alias in self.aliases() {
            if let [letter] = alias.as_bytes() {
                letters.push(*letter);
            }
        }
        letters
    }

    /// Whether it is called by a letter.
    pub(crate) fn has_letter(&self, letter: u8) -> bool {
        let hit = || self.letter_hit(letter).or_else(|| self.further_letter_hit(letter));
        letter != 0 && hit().is_some()
    }

    /// Whether one of its letters is a digit.
    pub(crate) fn has_digit(&self) -> bool {
        self.letter.is_ascii_digit()
            || self.opposite_letter.is_ascii_digit()
            || self.aliases().iter().any(|alias| matches!(alias.as_bytes(), [b'0'..=b'9']))
    }

    /// Whether a negative number may be one of its words.
    pub fn takes_negative(&self) -> bool {
        self.kinds().iter().any(|kind| kind.is_negative())
    }

    /// Whether its first word is a number.
    pub(crate) fn is_numeric(&self) -> bool {
        self.kinds().first().is_some_and(|kind| kind.is_number())
    }

    /// Which of all its long names this is, those included that are seldom typed.
    #[cold]
    pub(crate) fn find_name(&self, name: &[u8]) -> Option<Hit> {
        if self.has_one_name() && self.name.as_bytes() != name {
            return None;
        }
        let mut k = 0;
        while let Some(own) = self.long_name(k) {
            if own.len() > 1 && own.as_bytes() == name {
                return Some(self.name_hit(k));
            }
            k += 1;
        }
        None
    }

    /// The name as typed, dashes included; for an operand, its placeholder.
    #[inline(never)]
    pub fn spelled(&self) -> String {
        match (self.role, self.long()) {
            (Role::Operand, _) => self.placeholder(0),
            (_, Some(long)) => of(&["--", long]),
            (_, None) => of(&["-", self.name]),
        }
    }

    /// What it is called where values stand by their parameters, as in a reading that is serialised: its name with the dashes
    /// of an option, a flag or a tally, `--frames` or `-v`; that of an operand has none. So no two parameters of a command are
    /// called alike, whatever else is declared.
    pub fn key(&self) -> String {
        let dashes = match (self.role, self.name.len()) {
            (Role::Operand, _) => "",
            (_, 1) => "-",
            _ => "--",
        };
        of(&[dashes, self.name])
    }

    /// A flag's other name than the one that was typed.
    pub(crate) fn other_name(&self, typed: &[u8]) -> Option<String> {
        let is_opposite = match typed {
            [b'-', b'-', name @ ..] => name == self.opposite().as_bytes(),
            [b'-', letter] => *letter == self.opposite_letter,
            _ => false,
        };
        match is_opposite {
            _ if self.opposite().is_empty() => None,
            true => Some(self.spelled()),
            false => Some(of(&["--", self.opposite()])),
        }
    }

    /// The text shown for the `at`-th word of a value: the placeholder that was declared, the last one where there are
    /// fewer; else for an option the noun of its kind, such as `NUMBER`; else the name in upper case.
    #[inline(never)]
    pub fn placeholder(&self, at: usize) -> String {
        let mut found = "";
        for (place, placeholder) in self.declared_placeholder().split_ascii_whitespace().enumerate()
        {
            if place <= at {
                found = placeholder;
            }
        }
        if !found.is_empty() {
            return own(found);
        }
        match self.kinds().get(at) {
            Some(kind) if kind.sides().is_some() => own("KEY=VALUE"),
            Some(kind) if self.role == Role::Option && !self.noun(kind).is_empty() => {
                own(self.noun(kind))
            }
            None if self.is_worded() => own("WORD"),
            // `-#` and `-1` say nothing of what they take.
            _ if matches!(self.name.as_bytes(), [sign] if !sign.is_ascii_alphabetic()) => {
                own("VALUE")
            }
            _ => upper(self.name),
        }
    }

    /// The everyday noun for a value of an option, by its kind.
    #[inline]
    fn noun(&self, kind: &Kind<'d>) -> &'d str {
        match kind.noun() {
            // The values are some that the program lists, and what they are its name says.
            _ if self.list().is_some() => "",
            _ if !kind.own_placeholder().is_empty() => kind.own_placeholder(),
            Noun::Whole => "NUMBER",
            Noun::Number => "AMOUNT",
            Noun::Text => "TEXT",
            Noun::Letter => "LETTER",
            Noun::Path => match self.at() {
                At::File => "FILE",
                At::Directory => "FOLDER",
                _ if !self.extensions().is_empty() => "FILE",
                _ => "PATH",
            },
            _ if kind.looks_up() == Refers::Host => "HOST",
            _ => "",
        }
    }

    /// What the `at`-th word of a value may be; for a flag, the word that may be attached.
    pub fn word_kind(&self, at: usize) -> Option<&'d Kind<'d>> {
        match self.kinds().get(at) {
            None if self.is_worded() => Some(Kind::TRUTH),
            kind => kind.copied(),
        }
    }

    /// The texts shown for the words of one occurrence, from the `at`-th on.
    pub fn placeholders(&self, at: usize) -> String {
        let mut text = String::new();
        for at in at..self.kinds().len() {
            if !text.is_empty() {
                text.push(' ');
            }
            text.put(&self.placeholder(at));
        }
        text
    }
}
