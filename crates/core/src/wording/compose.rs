//! What is composed of the table's phrases: lists, counts, and phrases filled in.

use std::ffi::{OsStr, OsString};

use super::english::Phrase;
use super::{Group, Speech, Wording};
use crate::text::columns::columns;
use crate::text::kept::Kept;
use crate::text::quote::{quoted, visible};
use crate::text::{Listed, Put, digits, of, own};

impl<'t> Speech<'t> {
    pub(crate) fn new(wording: &'t Wording<'t>, kept: &'t Kept) -> Self {
        Speech { wording, kept }
    }

    /// A text that was made.
    pub(crate) fn keep(self, text: String) -> &'t str {
        self.kept.text(text)
    }

    /// A word that was made.
    pub(crate) fn word(self, word: OsString) -> &'t OsStr {
        self.kept.word(word)
    }

    /// A text of somebody else's.
    #[inline(never)]
    pub(crate) fn own(self, text: &str) -> &'t str {
        self.keep(own(text))
    }

    /// The text that some pieces make.
    #[inline(never)]
    pub(crate) fn of(self, pieces: &[&str]) -> &'t str {
        self.keep(of(pieces))
    }

    /// A phrase with `{0}`, `{1}`… filled in.
    // In place, as `say`.
    #[inline(always)]
    pub(crate) fn tell(self, phrase: Phrase, with: &[&str]) -> &'t str {
        if phrase.is_general() {
            self.told_in_general(phrase, with)
        } else {
            self.told(phrase, phrase.group(), with)
        }
    }

    #[inline(never)]
    fn told_in_general(self, phrase: Phrase, with: &[&str]) -> &'t str {
        self.fill(self.wording.general(phrase), with)
    }

    #[inline(never)]
    pub(crate) fn told(self, phrase: Phrase, group: &Group, with: &[&str]) -> &'t str {
        self.fill(self.wording.phrase(phrase, group), with)
    }

    /// The same of a text that is a phrase.
    #[inline(never)]
    pub(crate) fn fill(self, phrase: &str, with: &[&str]) -> &'t str {
        self.keep(fill(phrase, with))
    }

    /// Text that may be anybody's, as it is safe to show.
    #[inline(never)]
    pub(crate) fn visible(self, text: &str) -> &'t str {
        self.keep(visible(text))
    }

    /// A letter as it is typed: `-f`.
    pub(crate) fn letter_name(self, letter: u8) -> &'t str {
        self.of(&["-", char::from(letter).encode_utf8(&mut [0; 4])])
    }

    /// A count in digits.
    #[inline(never)]
    pub(crate) fn digits(self, count: usize) -> &'t str {
        self.keep(digits(count))
    }

    /// A count in a sentence.
    #[inline(never)]
    pub(crate) fn count(self, count: usize) -> &'t str {
        let word = count.checked_sub(1).and_then(|at| self.wording.counts.get(at));
        word.copied().unwrap_or_else(|| self.digits(count))
    }

    /// Two counts beside each other, both in words or both in digits.
    #[inline]
    pub(crate) fn counts(self, low: usize, high: usize) -> [&'t str; 2] {
        if high > self.wording.counts.len() {
            [low, high].map(|n| self.digits(n))
        } else {
            [low, high].map(|n| self.count(n))
        }
    }

    /// That there are so many more than are shown.
    #[inline(never)]
    pub(crate) fn more(self, count: usize) -> &'t str {
        self.tell(Phrase::MoreFaults, &[self.count(count)])
    }

    /// What a sign is called that joins values.
    #[inline]
    pub(crate) fn sign(self, sign: char) -> &'t str {
        let named = self.wording.signs.iter().find(|named| named.0 == sign);
        named.map_or_else(|| self.keep(sign.to_string()), |named| named.1)
    }

    /// A list of what would be right, in the phrase for one or for several.
    #[inline(never)]
    pub(crate) fn counted(self, one: &str, many: &str, items: &[&str]) -> &'t str {
        let phrase = if items.len() == 1 { one } else { many };
        self.fill(phrase, &[self.choices(items, self.say(Phrase::And))])
    }

    /// What would be right; beyond eight they are counted.
    #[inline(never)]
    pub(crate) fn choices(self, items: &[&str], last: &str) -> &'t str {
        let shown = items.get(..Self::MOST_LISTED).unwrap_or(items);
        self.first(shown, items.len(), self.say(Phrase::Comma), last)
    }

    /// The first of so many items, and how many more there are, which something stands in front of.
    #[inline(never)]
    pub(crate) fn first(self, shown: &[&str], of: usize, before: &str, last: &str) -> &'t str {
        match of - shown.len() {
            0 => self.list(shown, last),
            more => self.of(&[self.list(shown, self.say(Phrase::Comma)), before, self.more(more)]),
        }
    }

    /// The same of values that are typed, in the quotes that a shell needs.
    #[inline]
    pub(crate) fn values(self, values: &[&str], last: &str) -> &'t str {
        // Beyond those that are shown they are only counted.
        let shown = values.iter().take(Self::MOST_LISTED);
        let mut shown: Vec<&str> = shown.map(|value| self.cut(quoted(value.as_ref()))).listed();
        shown.resize(values.len(), "");
        self.choices(&shown, last)
    }

    /// Things that a sentence lists.
    pub(crate) const MOST_LISTED: usize = 8;

    /// `a, b or c`.
    #[inline(never)]
    pub(crate) fn list(self, items: &[&str], last: &str) -> &'t str {
        let mut list = String::new();
        for (at, item) in items.iter().enumerate() {
            if !list.is_empty() {
                list.put(if at + 1 < items.len() { self.say(Phrase::Comma) } else { last });
            }
            list.put(item);
        }
        self.keep(list)
    }

    /// A text that is too long for a sentence loses its middle. Characters without a width count too.
    #[inline(never)]
    pub(crate) fn cut(self, shown: String) -> &'t str {
        /// Columns of a word that a sentence shows in full.
        const LONGEST: usize = 48;
        let is_short = shown.chars().take(LONGEST + 1).count() <= LONGEST;
        if is_short && columns(&shown) <= LONGEST {
            return self.keep(shown);
        }
        let place = |found: Option<(usize, char)>| found.map_or(0, |letter| letter.0);
        let (before, _) = shown.split_at(place(shown.char_indices().nth(LONGEST / 2)));
        let (_, behind) = shown.split_at(place(shown.char_indices().nth_back(LONGEST / 4 - 1)));
        self.of(&[before, "…", behind])
    }
}

impl<'d> Wording<'d> {
    /// A noun of a program's own, in this language.
    pub(crate) fn own_noun<'n>(&self, noun: &'n str) -> &'n str
    where
        'd: 'n,
    {
        self.nouns.iter().find(|other| other.0 == noun).map_or(noun, |other| other.1)
    }
}

/// A phrase with `{0}`, `{1}`… filled in.
#[inline(never)]
pub(crate) fn fill(phrase: &str, with: &[&str]) -> String {
    let mut filled = String::new();
    let mut rest = phrase;
    while let Some((before, behind)) = rest.split_once('{') {
        filled.put(before);
        let (place, after) = behind.split_once('}').unwrap_or((behind, ""));
        let at = place.bytes().next().map(|digit| usize::from(digit.wrapping_sub(b'0')));
        filled.put(at.and_then(|at| with.get(at)).copied().unwrap_or_default());
        rest = after;
    }
    filled.put(rest);
    filled
}
