//! What is said of a value that is refused: what would be right, then what is amiss with this one.

use crate::declare::valid::{Says, Test};
use crate::declare::{Miss, Noun, Param, Reason};
use crate::read::{Fault, FaultKind, Faults};
use crate::text::{Listed, digits, of, own, unquoted, visible};
use crate::wording::{Wording, fill, word_kind};

impl<'d> Faults<'d> {
    /// Why a value is refused, of one or of several.
    pub(super) fn refused(&self, group: &[&Fault<'d>], name: &str, typed: &str) -> String {
        let wording = self.wording();
        let Some((&fault, param)) = group.first().and_then(|fault| Some((fault, fault.param()?)))
        else {
            return String::new();
        };
        let sentence = match &fault.reason() {
            Some(Reason::Count(count)) => {
                let wanted = wording.count(param.kinds().len().max(1));
                fill(wording.value_count(), &[name, &wanted, &wording.count(*count)])
            }
            Some(Reason::Own(reason)) if fault.kind() == FaultKind::ValueRefused => {
                let refused = fill(wording.value_refused(), &[name, typed]);
                of(&[&refused, wording.colon(), &visible(reason)])
            }
            _ => match only_choice(wording, fault, param) {
                Some(only) => fill(wording.only_be(), &[name, &only, typed]),
                None => self.takes_and_is(group, (name, typed), param),
            },
        };
        match fault.is_mistake() {
            true => self.wrong_default(fault, param, (name, typed), sentence),
            false => sentence,
        }
    }

    /// What is wrong with a default: beyond a limit, in short; else what is said of a word.
    fn wrong_default(
        &self,
        fault: &Fault<'d>,
        param: &Param<'d>,
        (name, typed): (&str, &str),
        sentence: String,
    ) -> String {
        let wording = self.wording();
        let range = param.validators().find_map(|test| match test.says() {
            Says::Range(low, high) => Some((low, high)),
            _ => None,
        });
        let what = match (&fault.reason(), range) {
            (Some(Reason::Above), Some((_, high))) => fill(wording.is_above(), &[&high]),
            (Some(Reason::Below), Some((low, _))) => fill(wording.is_below(), &[&low]),
            _ => fill(wording.is_wrong(), &[&sentence]),
        };
        fill(wording.default_of(), &[name, unquoted(typed), &what])
    }

    /// What would be right; then what this is, where that says more.
    fn takes_and_is(
        &self,
        group: &[&Fault<'d>],
        (name, typed): (&str, &str),
        param: &'d Param<'d>,
    ) -> String {
        let wording = self.wording();
        let Some(&fault) = group.first() else { return String::new() };
        let sentence = fill(wording.value_misfit(), &[name, &right(wording, fault, param)]);
        let why = match &fault.reason() {
            _ if self.takes_option(fault) => fill(wording.is_option(), &[typed]),
            Some(Reason::Own(reason)) => visible(reason),
            Some(Reason::Near(Miss::NoDay(day))) => fill(wording.no_day(), &[&visible(day)]),
            Some(Reason::Near(miss)) => {
                fill(miss_phrase(wording, miss), &[typed, &wording.endings(param)])
            }
            Some(Reason::Tested(_, refusal)) if **refusal != Reason::NotOne => match &**refusal {
                Reason::Has(count) => fill(wording.has(), &[typed, &digits(*count)]),
                Reason::Begins(with) => fill(wording.begins(), &[typed, &visible(with)]),
                Reason::Cited(said) => visible(said),
                // What would be right says it all.
                _ => return sentence,
            },
            reason => {
                let is = fill(is_phrase(wording, fault, param, group.len() > 1), &[typed]);
                match reason {
                    Some(Reason::Cited(said)) => fill(wording.cited(), &[&is, &visible(said)]),
                    _ if self.is_of_letter(fault) => {
                        of(&[&is, wording.colon(), wording.no_equals()])
                    }
                    _ => is,
                }
            }
        };
        of(&[&sentence, wording.semicolon(), &why])
    }
}

/// What is said of a word that is none of what would be right.
fn is_phrase<'w>(
    wording: &Wording<'w>,
    fault: &Fault<'_>,
    param: &Param<'_>,
    are_several: bool,
) -> &'w str {
    let [one, several] = match fault.reason() {
        Some(Reason::Above) => [wording.above(), wording.are_above()],
        Some(Reason::Below) => [wording.below(), wording.are_below()],
        Some(Reason::Absent) => return wording.nothing_at(),
        Some(Reason::Present) => return wording.something_at(),
        Some(Reason::NotFile) => return wording.is_directory(),
        Some(Reason::NotDirectory) => return wording.is_file(),
        _ => match listed(fault, param) {
            Some(2) => [wording.neither(), wording.are_neither()],
            Some(3..) => [wording.not_among(), wording.are_not_among()],
            _ => [wording.not_one(), wording.not_ones()],
        },
    };
    if are_several { several } else { one }
}

fn miss_phrase<'w>(wording: &Wording<'w>, miss: &Miss) -> &'w str {
    match miss {
        Miss::Fraction => wording.not_whole(),
        Miss::Letters => wording.letters_after(),
        Miss::Ending => wording.other_ending(),
        Miss::Scheme => wording.scheme(),
        Miss::NoScheme => wording.no_scheme(),
        Miss::NoHost => wording.no_host(),
        Miss::NoAt => wording.no_at(),
        Miss::NoDay(_) => wording.no_day(),
        Miss::Negative => wording.negative(),
    }
}

/// What would be right instead of a refused value.
fn right(wording: &Wording, fault: &Fault<'_>, param: &Param<'_>) -> String {
    if let Some(test) = refusing(fault, param) {
        return test.told(word_kind(param, fault.which()), wording);
    }
    // The ending is told with what is amiss.
    if fault.reason() == Some(&Reason::Near(Miss::Ending)) {
        let noun = wording.path_noun(param);
        return own(if noun.is_empty() { wording.any_path() } else { noun });
    }
    let (what, example) = wording.takes(param, fault.which(), fault.reason());
    wording.such_as(what, &example)
}

/// The validator that refuses a value, where that is not a range.
fn refusing<'d>(fault: &Fault<'_>, param: &Param<'d>) -> Option<&'d dyn Test> {
    match fault.reason() {
        Some(Reason::Tested(place, _)) => param.validators().nth((*place).into()),
        _ => None,
    }
}

/// How many words or values a list has that a value is none of.
fn listed(fault: &Fault<'_>, param: &Param<'_>) -> Option<usize> {
    if let Some(test) = refusing(fault, param) {
        return match test.says() {
            Says::OneOf(values) => Some(values.len()),
            _ => None,
        };
    }
    let kind = word_kind(param, fault.which());
    matches!(kind.noun(), Noun::Choice | Noun::Truth).then(|| kind.offers().count())
}

/// The one word or value that would be right, where there are no others.
fn only_choice(wording: &Wording, fault: &Fault<'_>, param: &Param<'_>) -> Option<String> {
    let is_only = listed(fault, param) == Some(1);
    is_only.then(|| right(wording, fault, param))
}

/// A value that is missing, or the rest of one of several words.
pub(super) fn value_missing(wording: &Wording, fault: &Fault<'_>, name: &str) -> String {
    let Some(param) = fault.param() else { return String::new() };
    let all = param.placeholders(0);
    if fault.count() > 0 {
        return fill(wording.value_rest(), &[name, &all, &param.placeholders(fault.count())]);
    }
    if param.kinds().len() > 1 {
        return fill(wording.value_missing(), &[name, &all]);
    }
    let right = match param.validators().listed()[..] {
        [test] => match test.says() {
            Says::Matching(pattern, example) => {
                Some((fill(wording.matching(), &[pattern]), own(example)))
            }
            // The developer's own words may be no noun.
            Says::Nothing | Says::Range(..) | Says::AnyBut(..) | Says::Own(..) => None,
            _ => Some((test.told(word_kind(param, 0), wording), String::new())),
        },
        _ => None,
    };
    let (what, example) = right.unwrap_or_else(|| wording.takes(param, 0, None));
    let is_list = matches!(word_kind(param, 0).noun(), Noun::Choice)
        && word_kind(param, 0).offers().count() > 2;
    let what = if is_list { fill(wording.one_of(), &[&what]) } else { what };
    wording.such_as(fill(wording.value_missing(), &[name, &what]), &example)
}
