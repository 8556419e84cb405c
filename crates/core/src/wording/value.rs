//! What a value may be, in words: said once, for pages and faults.

use super::{Wording, fill};
use crate::declare::valid::Says;
use crate::declare::{At, FromWord, Kind, Noun, Param, Reason};
use crate::text::{Listed, Put, digits, of, own};

impl<'d> Wording<'d> {
    /// What a word of a kind may be, its limits left out, and an example where the noun alone says too
    /// little.
    pub(crate) fn noun(&self, kind: &Kind) -> (String, String) {
        let alone = |noun: &str| (own(noun), String::new());
        match kind.noun() {
            Noun::Whole => alone(self.whole()),
            Noun::Number => (own(self.number()), kind.example_word().into_owned()),
            Noun::Text => alone(self.text()),
            Noun::Letter => alone(self.letter()),
            Noun::Path => alone(self.any_path()),
            Noun::Choice | Noun::Truth => alone(&self.offers(kind)),
            Noun::Entry => (own(self.entry()), kind.example_word().into_owned()),
            Noun::Own(noun) => (own(self.own_noun(noun)), kind.example_word().into_owned()),
        }
    }

    /// Something with an example after it, where there is one.
    #[inline(never)]
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

    /// What a validator of a kind's values says; a range as pages have it.
    pub(crate) fn says(&self, says: &Says<'_>, kind: &Kind) -> String {
        let list = |values: &[String]| self.list(values.iter().map(String::as_str), self.or());
        match says {
            Says::Nothing => String::new(),
            Says::Range(..) => self.says_range(says, kind),
            Says::OneOf(values) => list(values),
            Says::AnyBut(values) => fill(self.any_but(), &[self.any(kind), &list(values)]),
            Says::MultipleOf(factor) => fill(self.multiple_of(), &[factor]),
            Says::Characters(least, most) => self.length(*least, *most),
            Says::Matching(pattern, example) => {
                self.such_as(fill(self.matching(), &[pattern]), example)
            }
            Says::Schemes(schemes) => {
                let schemes = schemes.iter().map(|scheme| of(&[scheme, "://"])).listed();
                fill(self.address_with(), &[&list(&schemes)])
            }
            Says::Own(says, example) => self.such_as(own(says), example),
        }
    }

    /// The same of a range alone.
    pub(crate) fn says_range(&self, says: &Says<'_>, kind: &Kind) -> String {
        match says {
            Says::Range(low, high) => self.range_in(kind, (low, high)),
            _ => String::new(),
        }
    }

    /// How many characters a text has.
    fn length(&self, least: usize, most: usize) -> String {
        let (low, high) = (&*digits(least), &*digits(most));
        match (least, most) {
            (1, 1) => own(self.letter()),
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
            (noun, true) => Some(own(noun)),
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
            endings.push(of(&[".", extension]));
        }
        self.list(endings.iter().map(String::as_str), self.or())
    }

    /// A range by itself; one that ends where the type does has no end.
    fn range_in(&self, kind: &Kind, (low, high): (&str, &str)) -> String {
        match open_end(kind, (low, high)) {
            Some(End::High) => fill(self.or_more(), &[low]),
            Some(End::Low) => fill(self.or_less(), &[high]),
            None => fill(self.range(), &[low, high]),
        }
    }

    /// The same after what it is the range of. A number beyond the end of the type is measured by that, unless
    /// it is only negative.
    fn range_after(
        &self,
        kind: &Kind,
        (low, high): (&str, &str),
        reason: Option<&Reason>,
    ) -> String {
        let bounds = kind.bounds().unwrap_or_default();
        let is_beyond = match reason {
            Some(Reason::Above) => bounds[1] == high,
            Some(Reason::Below) => bounds[0] == low && !matches!(low, "0" | "1"),
            _ => false,
        };
        let open = match open_end(kind, (low, high)).filter(|_| !is_beyond) {
            Some(End::High) => fill(self.or_more(), &[low]),
            Some(End::Low) => fill(self.or_less(), &[high]),
            None => return of(&[" ", &fill(self.within_range(), &[low, high])]),
        };
        of(&[self.comma(), &open])
    }

    /// What a parameter takes as its `at`-th word: the noun of its kind with its limits, and an example where
    /// there are none. Those of the type only matter to a number beyond them.
    pub(crate) fn takes(
        &self,
        param: &Param<'_>,
        at: usize,
        reason: Option<&Reason>,
    ) -> (String, String) {
        let kind = word_kind(param, at);
        let mut limits = String::new();
        for test in param.validators() {
            if let Says::Range(low, high) = test.says() {
                let range = self.range_after(kind, (&low, &high), reason);
                // What is behind another range has its comma already, or gets one.
                if !limits.is_empty() && range.starts_with(' ') {
                    limits.put(self.comma().trim_end());
                }
                limits.put(&range);
            }
        }
        if limits.is_empty()
            && let (Some([low, high]), Some(Reason::Above | Reason::Below)) =
                (kind.bounds(), reason)
        {
            limits = self.range_after(kind, (low, high), reason);
        }
        let (noun, example) = match self.path(param) {
            Some(noun) => (noun, String::new()),
            None => self.noun(kind),
        };
        // Limits say more than an example.
        if limits.is_empty() { (noun, example) } else { (of(&[&noun, &limits]), String::new()) }
    }
}

/// The end of a range that is that of its type.
enum End {
    Low,
    High,
}

fn open_end(kind: &Kind, (low, high): (&str, &str)) -> Option<End> {
    match kind.bounds() {
        Some([_, most]) if most == high => Some(End::High),
        Some([least, _]) if least == low && least.starts_with('-') => Some(End::Low),
        _ => None,
    }
}

/// The kind of a parameter's word; a flag has a word only where that comes from elsewhere, or is attached.
pub(crate) fn word_kind<'d>(param: &Param<'d>, at: usize) -> &'d Kind<'d> {
    param.word_kind(at).or(param.kinds().last().copied()).unwrap_or(bool::KIND)
}
