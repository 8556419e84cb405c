//! What is said of a value that is refused: what would be right, then what is amiss with this one.

use super::say::joined;
use crate::record::brought::Keyed;
use crate::record::fault::{Fault, FaultKind};
use crate::record::faults::Faults;
use crate::record::kind::{Kind, Noun};
use crate::record::param::Param;
use crate::record::refusal::{Miss, Reason};
use crate::record::report::Report;
use crate::record::says::word_kind;
use crate::record::test::{Says, Test};
use crate::text::{Listed, unquoted};
use crate::wording::Speech;
use crate::wording::english::Phrase;

impl Faults<'_> {
    /// What is done with entries whose keys are a closed list, where a command has any.
    pub(super) fn keyed(&self) -> Option<&'static Keyed> {
        self.trace().commands().find_map(|command| command.brought().keyed)
    }
}

impl<'t, 'd> Report<'t, 'd> {
    /// Why a value is refused, of one or of several.
    pub(crate) fn refused(&self, group: &[&Fault<'d>], name: &str, typed: &str) -> &'t str {
        let speech = self.speech;
        let Some((&fault, param)) = group.first().and_then(|fault| Some((fault, fault.param()?)))
        else {
            return "";
        };
        let sentence = match &fault.reason() {
            Some(Reason::OfKey(key, reason)) => {
                let kind = word_kind(param, fault.which());
                self.faults.keyed().map_or("", |keyed| {
                    (keyed.refused)(speech, kind, (*key, reason), (name, typed))
                })
            }
            Some(Reason::Count(count)) => {
                let wanted = speech.count(param.kinds().len().max(1));
                speech.tell(Phrase::ValueCount, &[name, wanted, speech.count(*count)])
            }
            Some(Reason::Own(reason)) if fault.kind() == FaultKind::ValueRefused => {
                let refused = speech.tell(Phrase::ValueRefused, &[name, typed]);
                speech.of(&[refused, speech.say(Phrase::Colon), speech.visible(reason)])
            }
            // The one word or value that would be right, where there are no others.
            _ if listed(fault, param) == Some(1) => {
                speech.tell(Phrase::OnlyBe, &[name, right(speech, fault, param), typed])
            }
            _ => self.takes_and_is(group, (name, typed), param),
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
        sentence: &str,
    ) -> &'t str {
        let speech = self.speech;
        let range = param.validators().find_map(|test| match test.says() {
            Says::Range(low, high) => Some((low, high)),
            Says::AtLeast(bound) | Says::AtMost(bound) => Some((bound.clone(), bound)),
            _ => None,
        });
        let what = match (&fault.reason(), range) {
            (Some(Reason::Above), Some((_, high))) => speech.tell(Phrase::IsAbove, &[&high]),
            (Some(Reason::Below), Some((low, _))) => speech.tell(Phrase::IsBelow, &[&low]),
            _ => speech.tell(Phrase::IsWrong, &[sentence]),
        };
        speech.tell(Phrase::DefaultOf, &[name, unquoted(typed), what])
    }

    /// What would be right; then what this is, where that says more.
    fn takes_and_is(
        &self,
        group: &[&Fault<'d>],
        (name, typed): (&str, &str),
        param: &'d Param<'d>,
    ) -> &'t str {
        let speech = self.speech;
        let Some(&fault) = group.first() else { return "" };
        let sentence = speech.tell(Phrase::ValueMisfit, &[name, right(speech, fault, param)]);
        let why = match &fault.reason() {
            _ if self.faults.takes_option(fault) => speech.tell(Phrase::IsOption, &[typed]),
            Some(Reason::Own(reason)) => speech.visible(reason),
            Some(Reason::Near(Miss::NoDay(day))) => {
                speech.tell(Phrase::NoDay, &[speech.visible(day)])
            }
            Some(Reason::Near(miss)) => {
                speech.fill(miss_phrase(speech, miss), &[typed, speech.endings(param)])
            }
            Some(Reason::Tested(_, refusal)) if **refusal != Reason::NotOne => match &**refusal {
                Reason::Has(count) => speech.tell(Phrase::Has, &[typed, speech.digits(*count)]),
                Reason::Begins(with) => speech.tell(Phrase::Begins, &[typed, speech.visible(with)]),
                Reason::Cited(said) => speech.visible(said),
                // What would be right says it all.
                _ => return sentence,
            },
            reason => {
                let is = speech.fill(is_phrase(speech, fault, param, group.len() > 1), &[typed]);
                match reason {
                    Some(Reason::Cited(said)) => {
                        speech.tell(Phrase::Cited, &[is, speech.visible(said)])
                    }
                    _ if self.faults.is_of_letter(fault) => {
                        speech.of(&[is, speech.say(Phrase::Colon), speech.say(Phrase::NoEquals)])
                    }
                    _ => is,
                }
            }
        };
        joined(speech, sentence, why)
    }
}

/// What is said of a word that is none of what would be right.
fn is_phrase<'t>(
    speech: Speech<'t>,
    fault: &Fault<'_>,
    param: &Param<'_>,
    are_several: bool,
) -> &'t str {
    is_of(speech, fault.reason(), listed(fault, param), are_several)
}

/// The same for a reason, and so many words of a list that there are.
pub(crate) fn is_of<'t>(
    speech: Speech<'t>,
    reason: Option<&Reason>,
    listed: Option<usize>,
    are_several: bool,
) -> &'t str {
    let [one, several] = match reason {
        Some(Reason::Above) => [speech.say(Phrase::Above), speech.say(Phrase::AreAbove)],
        Some(Reason::Below) => [speech.say(Phrase::Below), speech.say(Phrase::AreBelow)],
        Some(Reason::Absent) => return speech.say(Phrase::NothingAt),
        Some(Reason::Present) => return speech.say(Phrase::SomethingAt),
        Some(Reason::NotFile) => return speech.say(Phrase::IsDirectory),
        Some(Reason::NotDirectory) => return speech.say(Phrase::IsFile),
        _ => match listed {
            Some(2) => [speech.say(Phrase::Neither), speech.say(Phrase::AreNeither)],
            Some(3..) => [speech.say(Phrase::NotAmong), speech.say(Phrase::AreNotAmong)],
            _ => [speech.say(Phrase::NotOne), speech.say(Phrase::NotOnes)],
        },
    };
    if are_several { several } else { one }
}

pub(crate) fn miss_phrase<'t>(speech: Speech<'t>, miss: &Miss) -> &'t str {
    match miss {
        Miss::Fraction => speech.say(Phrase::NotWhole),
        Miss::Letters => speech.say(Phrase::LettersAfter),
        Miss::Ending => speech.say(Phrase::OtherEnding),
        Miss::Scheme => speech.say(Phrase::Scheme),
        Miss::NoScheme => speech.say(Phrase::NoScheme),
        Miss::NoHost => speech.say(Phrase::NoHost),
        Miss::NoAt => speech.say(Phrase::NoAt),
        Miss::NoDay(_) => speech.say(Phrase::NoDay),
        Miss::Negative => speech.say(Phrase::Negative),
    }
}

/// What would be right instead of a refused value.
fn right<'t>(speech: Speech<'t>, fault: &Fault<'_>, param: &Param<'_>) -> &'t str {
    if let Some(test) = refusing(fault, param) {
        return test.told(word_kind(param, fault.which()), speech);
    }
    // The ending is told with what is amiss.
    if fault.reason() == Some(&Reason::Near(Miss::Ending)) {
        let noun = speech.path_noun(param);
        return if noun.is_empty() { speech.say(Phrase::Path) } else { noun };
    }
    speech.such_as(speech.takes(param, fault.which(), fault.reason()))
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
    among(word_kind(param, fault.which()))
}

/// How many words a kind has, where they are a closed list.
pub(crate) fn among(kind: &Kind<'_>) -> Option<usize> {
    matches!(kind.noun(), Noun::Choice | Noun::Truth).then(|| kind.offers().count())
}

/// A value that is missing, or the rest of one of several words.
pub(crate) fn value_missing<'t>(speech: Speech<'t>, fault: &Fault<'_>, name: &str) -> &'t str {
    let Some(param) = fault.param() else { return "" };
    let all = speech.keep(param.placeholders(0));
    if fault.count() > 0 {
        let rest = speech.keep(param.placeholders(fault.count()));
        return speech.tell(Phrase::ValueRest, &[name, all, rest]);
    }
    if param.kinds().len() > 1 {
        return speech.tell(Phrase::ValueMissing, &[name, all]);
    }
    let kind = word_kind(param, 0);
    let right = match param.validators().listed()[..] {
        [test] => match test.says() {
            Says::Matching(pattern, example) => {
                Some((speech.tell(Phrase::Matching, &[pattern]), speech.own(example)))
            }
            // The developer's own words may be no noun.
            Says::Nothing
            | Says::Range(..)
            | Says::AtLeast(_)
            | Says::AtMost(_)
            | Says::AnyBut(..)
            | Says::Own(..) => None,
            _ => Some((test.told(kind, speech), "")),
        },
        _ => None,
    };
    let (what, example) = right.unwrap_or_else(|| speech.takes(param, 0, None));
    let is_list = matches!(kind.noun(), Noun::Choice) && kind.offers().count() > 2;
    let what = if is_list { speech.tell(Phrase::OneOf, &[what]) } else { what };
    speech.such_as((speech.tell(Phrase::ValueMissing, &[name, what]), example))
}
