//! What is composed of the table's phrases: lists, counts, and phrases filled in.

use super::Wording;
use crate::text::{Listed, Put, digits, own, quoted};

impl<'d> Wording<'d> {
    /// A count in a sentence.
    #[inline(never)]
    pub(crate) fn count(&self, count: usize) -> String {
        let word = count.checked_sub(1).and_then(|at| self.counts.get(at));
        word.map_or_else(|| digits(count), |word| own(word))
    }

    /// Two counts beside each other, both in words or both in digits.
    pub(crate) fn counts(&self, low: usize, high: usize) -> [String; 2] {
        if high > self.counts.len() {
            [low, high].map(digits)
        } else {
            [low, high].map(|n| self.count(n))
        }
    }

    /// A list of what would be right, in the phrase for one or for several.
    pub(crate) fn counted<S: AsRef<str>>(&self, one: &str, many: &str, items: &[S]) -> String {
        let phrase = if items.len() == 1 { one } else { many };
        fill(phrase, &[&self.choices(items, self.and())])
    }

    /// What would be right; beyond eight they are counted.
    pub(crate) fn choices<S: AsRef<str>>(&self, items: &[S], last: &str) -> String {
        let more = items.len().saturating_sub(Self::MOST_LISTED);
        let last = if more > 0 { self.comma() } else { last };
        let shown = items.iter().take(Self::MOST_LISTED).map(AsRef::as_ref);
        let mut list = self.list(shown, last);
        if more > 0 {
            list.put(self.comma());
            list.put(&fill(self.more_faults(), &[&self.count(more)]));
        }
        list
    }

    /// The same of values that are typed, in the quotes that a shell needs.
    pub(crate) fn values(&self, values: &[&str], last: &str) -> String {
        // Beyond those that are shown they are only counted.
        let shown = values.iter().take(Self::MOST_LISTED).map(|value| quoted(value.as_ref()));
        let mut shown: Vec<String> = shown.listed();
        shown.resize(values.len(), String::new());
        self.choices(&shown, last)
    }

    /// A noun of a program's own, in this language.
    pub(crate) fn own_noun<'n>(&self, noun: &'n str) -> &'n str
    where
        'd: 'n,
    {
        self.nouns.iter().find(|other| other.0 == noun).map_or(noun, |other| other.1)
    }

    /// Things that a sentence lists when none of them is near.
    const MOST_LISTED: usize = 8;

    /// `a, b or c`.
    pub(crate) fn list<'i>(&self, items: impl Iterator<Item = &'i str>, last: &str) -> String {
        let mut list = String::new();
        let mut items = items.peekable();
        while let Some(item) = items.next() {
            if !list.is_empty() {
                list.put(if items.peek().is_some() { self.comma() } else { last });
            }
            list.put(item);
        }
        list
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
