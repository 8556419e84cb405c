//! What is composed of the table's phrases: what a value may be, lists, and counts.

use super::Wording;
use crate::declare::valid::Says;
use crate::declare::{At, Kind, Noun, Param, Reason};
use crate::text::{Put, digits};

impl<'d> Wording<'d> {
    /// What a word of a kind may be, its limits left out, and an example where the noun alone says too
    /// little.
    pub(crate) fn noun(&self, kind: &Kind) -> (String, String) {
        let alone = |noun: &str| (noun.to_owned(), String::new());
        match kind.noun() {
            Noun::Whole => alone(self.whole()),
            Noun::Number => (self.number().to_owned(), kind.example_word().into_owned()),
            Noun::Text => alone(self.text()),
            Noun::Letter => alone(self.letter()),
            Noun::Path => alone(self.any_path()),
            Noun::Choice | Noun::Truth => alone(&self.offers(kind)),
            Noun::Entry => (self.entry().to_owned(), kind.example_word().into_owned()),
            Noun::Own(noun) => {
                let other = self.nouns.iter().find(|other| other.0 == noun);
                (other.map_or(noun, |other| other.1).to_owned(), kind.example_word().into_owned())
            }
        }
    }

    /// Something with an example after it, where there is one.
    pub(crate) fn such_as(&self, what: String, example: &str) -> String {
        if example.is_empty() { what } else { fill(self.such_as_phrase(), &[&what, example]) }
    }

    /// The words of a closed list.
    fn offers(&self, kind: &Kind) -> String {
        if kind.noun() == Noun::Truth {
            return self.list([self.yes(), self.no()].into_iter(), self.or());
        }
        self.list(kind.offers().map(|offer| offer.0), self.or())
    }

    /// What a validator of a kind's values says; a range, which has phrases of its own, in that for pages.
    pub(crate) fn says(&self, says: &Says<'_>, kind: &Kind) -> String {
        let list = |values: &[String]| self.list(values.iter().map(String::as_str), self.or());
        match says {
            Says::Nothing => String::new(),
            Says::Range(low, high) => self.range_of(kind, (low, high), self.range(), ""),
            Says::OneOf(values) => list(values),
            Says::AnyBut(values) => fill(self.any_but(), &[self.any(kind), &list(values)]),
            Says::MultipleOf(factor) => fill(self.multiple_of(), &[factor]),
            Says::Characters(least, most) => self.length(*least, *most),
            Says::Matching(pattern, example) => {
                self.such_as(fill(self.matching(), &[pattern]), example)
            }
            Says::Schemes(schemes) => {
                let schemes: Vec<String> =
                    schemes.iter().map(|scheme| format!("{scheme}://")).collect();
                fill(self.address_with(), &[&list(&schemes)])
            }
            Says::Own(says, example) => self.such_as((*says).to_owned(), example),
        }
    }

    /// How many characters a text has.
    fn length(&self, least: usize, most: usize) -> String {
        let (low, high) = (&*digits(least), &*digits(most));
        match (least, most) {
            (1, 1) => self.letter().to_owned(),
            (0, _) => fill(self.characters_up_to(), &[high]),
            (_, usize::MAX) => fill(self.characters_from(), &[low]),
            _ if least == most => fill(self.characters(), &[low]),
            _ => fill(self.characters(), &[&fill(self.range(), &[low, high])]),
        }
    }

    /// Any value of a kind, of which some are not accepted.
    fn any(&self, kind: &Kind) -> &'d str {
        match kind.noun() {
            Noun::Whole | Noun::Number => self.any_number(),
            Noun::Text => self.any_text(),
            _ => self.any_value(),
        }
    }

    /// What a path must lead to, where more is asked than a path, and how it must end.
    pub(crate) fn path(&self, param: &Param<'_>) -> Option<String> {
        let noun = self.path_noun(param);
        let endings = self.endings(param);
        match (noun, endings.is_empty()) {
            ("", true) => None,
            ("", false) => Some(fill(self.path_ending(), &[&endings])),
            (noun, true) => Some(noun.to_owned()),
            (noun, false) => Some(fill(self.ending_in(), &[noun, &endings])),
        }
    }

    /// What must be at a path.
    pub(crate) fn path_noun(&self, param: &Param<'_>) -> &'d str {
        match param.at() {
            At::Anything => "",
            At::Something => self.path_present(),
            At::Nothing => self.path_absent(),
            At::File => self.path_file(),
            At::Directory => self.path_directory(),
        }
    }

    /// How a path may end.
    pub(crate) fn endings(&self, param: &Param<'_>) -> String {
        let mut endings = Vec::new();
        for extension in param.extensions() {
            endings.push(".".to_owned() + extension);
        }
        self.list(endings.iter().map(String::as_str), self.or())
    }

    /// The limits of a kind's type, which only matter to a number beyond them.
    pub(crate) fn limits(&self, kind: &Kind, reason: Option<&Reason>) -> Option<String> {
        match (kind.bounds(), reason) {
            (Some([low @ ("0" | "1"), _]), Some(Reason::Below)) => {
                Some(self.comma().to_owned() + &fill(self.or_more(), &[low]))
            }
            (Some([low, high]), Some(Reason::Above | Reason::Below)) => {
                Some(" ".to_owned() + &fill(self.within_range(), &[low, high]))
            }
            _ => None,
        }
    }

    /// A range from one number to another, in a phrase; one that ends where the type does has no end.
    pub(crate) fn range_of(
        &self,
        kind: &Kind,
        (low, high): (&str, &str),
        phrase: &str,
        open: &str,
    ) -> String {
        match kind.bounds() {
            Some([_, most]) if most == high => open.to_owned() + &fill(self.or_more(), &[low]),
            Some([least, _]) if least == low && least.starts_with('-') => {
                open.to_owned() + &fill(self.or_less(), &[high])
            }
            _ => fill(phrase, &[low, high]),
        }
    }

    /// A count in a sentence.
    pub(crate) fn count(&self, count: usize) -> String {
        let word = count.checked_sub(1).and_then(|at| self.counts.get(at));
        word.map_or_else(|| digits(count), |word| (*word).to_owned())
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
    let mut filled = String::with_capacity(phrase.len() + 16);
    let mut rest = phrase;
    while let Some((before, behind)) = rest.split_once('{') {
        filled.put(before);
        let (placeholder, after) = behind.split_once('}').unwrap_or((behind, ""));
        let text = placeholder.parse().ok().and_then(|at: usize| with.get(at));
        filled.put(text.copied().unwrap_or_default());
        rest = after;
    }
    filled + rest
}
