//! What a value may be, in words: said once, for pages and faults.

use super::kind::{Kind, Noun};
use super::param::Param;
use super::path::At;
use super::refusal::Reason;
use super::test::Says;
use crate::text::Listed;
use crate::wording::Speech;
use crate::wording::english::Phrase;

impl<'t> Speech<'t> {
    /// Words of a closed list that pages and faults have.
    pub(crate) const MOST_OFFERED: usize = 64;

    /// What a word of a kind may be, its limits left out, and an example where the noun alone says too
    /// little.
    #[inline(never)]
    pub(crate) fn noun(self, kind: &Kind<'_>) -> (&'t str, &'t str) {
        let alone = match kind.noun() {
            Noun::Whole => self.say(Phrase::Whole),
            Noun::Text => self.say(Phrase::Text),
            Noun::Letter => self.say(Phrase::Letter),
            Noun::Path => self.say(Phrase::Path),
            Noun::Choice | Noun::Truth => self.offers(kind),
            Noun::Entry if kind.keys().next().is_some() => self.keys(kind),
            noun => {
                let noun = match noun {
                    Noun::Own(noun) => self.own(self.wording.own_noun(noun)),
                    Noun::Entry => self.say(Phrase::Entry),
                    _ => self.say(Phrase::Number),
                };
                return (noun, self.keep(kind.example_word().into_owned()));
            }
        };
        (alone, "")
    }

    /// Something with an example after it, where there is one.
    #[inline(never)]
    pub(crate) fn such_as(self, (what, example): (&'t str, &str)) -> &'t str {
        if example.is_empty() { what } else { self.tell(Phrase::SuchAs, &[what, example]) }
    }

    /// The words of a closed list.
    fn offers(self, kind: &Kind<'_>) -> &'t str {
        let offers: Vec<&str> = match kind.noun() {
            Noun::Truth => vec![self.say(Phrase::Yes), self.say(Phrase::No)],
            _ => kind.offers().take(Self::MOST_OFFERED).map(|offer| offer.0).listed(),
        };
        let count = kind.offers().count().max(offers.len());
        self.first(&offers, count, self.say(Phrase::Comma), self.say(Phrase::Or))
    }

    /// The keys of a closed list of entries.
    fn keys(self, kind: &Kind<'_>) -> &'t str {
        let first = kind.keys().take(Self::MOST_OFFERED);
        let shown = first.map(|key| self.of(&[key, "=…"])).listed();
        self.first(&shown, kind.keys().count(), self.say(Phrase::Comma), self.say(Phrase::Or))
    }

    /// What a validator of a kind's values says; a range as pages have it.
    pub(crate) fn says(self, says: &Says<'_>, kind: &Kind<'_>) -> &'t str {
        let list = |values: &[String]| {
            self.list(&values.iter().map(String::as_str).listed(), self.say(Phrase::Or))
        };
        match says {
            Says::Nothing => "",
            Says::Range(..) => self.says_range(says, kind),
            Says::AtLeast(low) => self.tell(Phrase::OrMore, &[low]),
            Says::AtMost(high) => self.tell(Phrase::OrLess, &[high]),
            Says::OneOf(values) => list(values),
            Says::AnyBut(values) => self.tell(Phrase::AnyBut, &[self.any(kind), list(values)]),
            Says::MultipleOf(factor) => self.tell(Phrase::MultipleOf, &[factor]),
            Says::Characters(least, most) => self.length(*least, *most),
            Says::Matching(pattern, example) => {
                self.such_as((self.tell(Phrase::Matching, &[pattern]), example))
            }
            Says::Schemes(schemes) => {
                let schemes = schemes.iter().map(|scheme| self.of(&[scheme, "://"])).listed();
                self.tell(Phrase::AddressWith, &[self.list(&schemes, self.say(Phrase::Or))])
            }
            Says::Own(says, example) => self.such_as((self.own(says), example)),
        }
    }

    /// The same of a range alone.
    pub(crate) fn says_range(self, says: &Says<'_>, kind: &Kind<'_>) -> &'t str {
        let Says::Range(low, high) = says else { return "" };
        self.open(kind, low, high).unwrap_or_else(|| self.tell(Phrase::Range, &[low, high]))
    }

    /// How many characters a text has.
    fn length(self, least: usize, most: usize) -> &'t str {
        let (low, high) = (self.digits(least), self.digits(most));
        match (least, most) {
            (1, 1) => self.say(Phrase::Letter),
            (0, _) => self.tell(Phrase::CharactersUpTo, &[high]),
            (_, usize::MAX) => self.tell(Phrase::CharactersFrom, &[low]),
            _ if least == most => self.tell(Phrase::Characters, &[low]),
            _ => self.tell(Phrase::Characters, &[self.tell(Phrase::Range, &[low, high])]),
        }
    }

    /// Any value of a kind, of which some are not accepted.
    fn any(self, kind: &Kind<'_>) -> &'t str {
        match kind.noun() {
            Noun::Whole | Noun::Number => self.say(Phrase::AnyNumber),
            Noun::Text => self.say(Phrase::AnyText),
            _ => self.say(Phrase::AnyValue),
        }
    }

    /// What a path must lead to, where more is asked than a path, and how it must end; empty where no more is.
    pub(crate) fn path(self, param: &Param<'_>) -> &'t str {
        let noun = self.path_noun(param);
        let endings = self.endings(param);
        match (noun, endings) {
            (noun, "") => noun,
            ("", endings) => self.tell(Phrase::PathEnding, &[endings]),
            (noun, endings) => self.tell(Phrase::EndingIn, &[noun, endings]),
        }
    }

    /// What must be at a path.
    pub(crate) fn path_noun(self, param: &Param<'_>) -> &'t str {
        match param.at() {
            At::Anything => "",
            At::Something => self.say(Phrase::PathPresent),
            At::Nothing => self.say(Phrase::PathAbsent),
            At::File => self.say(Phrase::PathFile),
            At::Directory => self.say(Phrase::PathDirectory),
        }
    }

    /// How a path may end.
    #[inline(never)]
    pub(crate) fn endings(self, param: &Param<'_>) -> &'t str {
        let endings = param.extensions().iter().map(|extension| self.of(&[".", extension]));
        self.list(&endings.listed(), self.say(Phrase::Or))
    }

    /// A range that ends where the type does has no end.
    #[inline(never)]
    fn open(self, kind: &Kind<'_>, low: &str, high: &str) -> Option<&'t str> {
        match kind.bounds() {
            Some([_, most]) if most == high => Some(self.tell(Phrase::OrMore, &[low])),
            Some([least, _]) if least == low && least.starts_with('-') => {
                Some(self.tell(Phrase::OrLess, &[high]))
            }
            _ => None,
        }
    }

    /// A range after what it is the range of. A number beyond the end of the type is measured by that, unless
    /// it is only negative.
    pub(crate) fn range_after(
        self,
        kind: &Kind<'_>,
        (low, high): (&str, &str),
        reason: Option<&Reason>,
    ) -> &'t str {
        let bounds = kind.bounds().unwrap_or_default();
        let is_beyond = match reason {
            Some(Reason::Above) => bounds[1] == high,
            Some(Reason::Below) => bounds[0] == low && !matches!(low, "0" | "1"),
            _ => false,
        };
        let open = if is_beyond { None } else { self.open(kind, low, high) };
        match open {
            Some(open) => self.of(&[self.say(Phrase::Comma), open]),
            None => self.of(&[" ", self.tell(Phrase::WithinRange, &[low, high])]),
        }
    }

    /// What the validators of a text ask of it; empty where they say nothing.
    pub(crate) fn asked_of_text(self, param: &Param<'_>, at: usize) -> &'t str {
        let kind = word_kind(param, at);
        if kind.noun() != Noun::Text || param.kinds().len() > 1 {
            return "";
        }
        let said = param.validators().map(|test| self.says(&test.says(), kind));
        self.list(&said.filter(|said| !said.is_empty()).listed(), self.say(Phrase::And))
    }

    /// The limits of a type, for a number beyond them.
    pub(crate) fn beyond(self, kind: &Kind<'_>, reason: Option<&Reason>) -> &'t str {
        match (kind.bounds(), reason) {
            (Some([low, high]), Some(Reason::Above | Reason::Below)) => {
                self.range_after(kind, (low, high), reason)
            }
            _ => "",
        }
    }

    /// What the value of a key takes that has a kind of its own.
    pub(crate) fn takes_kind(self, kind: &Kind<'_>, reason: Option<&Reason>) -> (&'t str, &'t str) {
        let (noun, example) = self.noun(kind);
        match self.beyond(kind, reason) {
            "" => (noun, example),
            limits => (self.of(&[noun, limits]), ""),
        }
    }
}

/// The kind of a parameter's word; a flag has a word only where that comes from elsewhere, or is attached.
pub(crate) fn word_kind<'d>(param: &Param<'d>, at: usize) -> &'d Kind<'d> {
    param.word_kind(at).or(param.kinds().last().copied()).unwrap_or(Kind::TRUTH)
}
