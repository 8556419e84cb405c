//! What is said of a value that a closed list does not have: which one is near, or what there is.

use crate::declare::Known;
use crate::read::{Fault, Faults};
use crate::text::{Listed, Put, unquoted};
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
    // What may be a secret is not told of by what is near to it.
    let word = faults.named(fault).filter(|_| group.len() == 1);
    let near = word.and_then(|(_, typed)| faults.near_known(typed.to_str()?, param));
    let mut known = near.unwrap_or_default().1;
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
    fill(wording.default_of(), &[&param.spelled(), unquoted(&typed), &what])
}
