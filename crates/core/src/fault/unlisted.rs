//! What is said of a value that a closed list does not have: which one is near, or what there is.

use crate::declare::Known;
use crate::read::{Fault, Faults, Place};
use crate::text::{Listed, Put, part};
use crate::wording::fill;

pub(crate) fn unlisted<'d>(faults: &Faults<'d>, group: &[&Fault<'d>]) -> String {
    let wording = faults.path().root().phrases();
    let Some((&fault, param)) = group.first().and_then(|fault| Some((fault, fault.param()?)))
    else {
        return String::new();
    };
    let noun = param.list().map(|list| list.noun()).filter(|noun| !noun.is_empty());
    let noun = wording.own_noun(noun.unwrap_or(param.name()));
    let typed: Vec<String> = group.iter().map(|fault| faults.typed(fault)).listed();
    let typed = wording.choices(&typed, wording.or());
    let mut what = fill(wording.value_unlisted(), &[noun, &typed]) + wording.semicolon();
    let mut known = match fault.place() {
        Place::At { word, start, end } if group.len() == 1 => {
            let typed = part(faults.words().word(word), start, end);
            let near = typed.to_str().and_then(|typed| faults.near_known(typed, param));
            near.unwrap_or_default().1
        }
        _ => Vec::new(),
    };
    if known.is_empty() {
        known = faults.known_values(param).iter().filter_map(Known::shown).listed();
    }
    let phrase = match known.len() {
        0 => wording.none_listed(),
        1 => wording.one_is(),
        _ => wording.many_are(),
    };
    what.put(&fill(phrase, &[&wording.values(&known, wording.and())]));
    if !fault.is_mistake() {
        return what;
    }
    let what = fill(wording.is_wrong(), &[&what]);
    fill(wording.default_of(), &[&param.spelled(), typed.trim_matches('\''), &what])
}
