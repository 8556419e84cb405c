//! What is said of a value that a closed list does not have: which one is near, or what there is.

use crate::record::fault::Fault;
use crate::record::list::Known;
use crate::record::report::Report;
use crate::text::{Listed, unquoted};
use crate::wording::english::Phrase;

#[inline]
pub(crate) fn unlisted<'t, 'd>(report: &Report<'t, 'd>, group: &[&Fault<'d>]) -> &'t str {
    let speech = report.speech;
    let Some((&fault, param)) = group.first().and_then(|fault| Some((fault, fault.param()?)))
    else {
        return "";
    };
    let noun = param.list().map(|list| list.noun()).filter(|noun| !noun.is_empty());
    let noun = speech.wording.own_noun(noun.unwrap_or(param.name()));
    let typed = group.iter().map(|fault| report.typed(fault)).listed();
    let typed = speech.choices(&typed, speech.say(Phrase::Or));
    let unlisted = speech.tell(Phrase::ValueUnlisted, &[noun, typed]);
    // What may be a secret is not told of by what is near to it.
    let word = report.faults.named(fault).filter(|_| group.len() == 1);
    let near = word.and_then(|(_, typed)| report.faults.near_known(typed.to_str()?, param));
    let mut known = near.unwrap_or_default().1;
    if known.is_empty() {
        known = report.faults.known_values(param).iter().filter_map(Known::shown).listed();
    }
    // A list may have made its values of what else is on the line.
    known.retain(|known| !report.faults.holds_dark(known));
    let phrase = match known.len() {
        0 => speech.say(Phrase::NoneListed),
        1 => speech.say(Phrase::OneIs),
        _ => speech.say(Phrase::ManyAre),
    };
    let known = speech.fill(phrase, &[speech.values(&known, speech.say(Phrase::And))]);
    let what = speech.of(&[unlisted, speech.say(Phrase::Semicolon), known]);
    if !fault.is_mistake() {
        return what;
    }
    let what = speech.tell(Phrase::IsWrong, &[what]);
    speech.tell(Phrase::DefaultOf, &[&param.spelled(), unquoted(typed), what])
}
