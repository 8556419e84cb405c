//! What is said of a value that a closed list does not have: which one is near, or what there is.

use crate::declare::{Known, Param};
use crate::read::{Fault, Faults, Place};
use crate::text::{Listed, Put, near, part};
use crate::wording::fill;

/// Values that are looked through for a near one: more take longer than a user waits for a fault.
pub(super) const MOST_NEAR: usize = 20_000;

pub(crate) fn unlisted<'d>(faults: &Faults<'d>, group: &[&Fault<'d>]) -> String {
    let wording = faults.path().root().phrases();
    let Some((&fault, param)) = group.first().and_then(|fault| Some((fault, fault.param()?)))
    else {
        return String::new();
    };
    let noun = param.list().map(|list| list.noun()).filter(|noun| !noun.is_empty());
    let noun = wording.own_noun(noun.unwrap_or(param.name()));
    let typed = faults.listed_by(group, Faults::typed, wording.or());
    let mut what = fill(wording.value_unlisted(), &[noun, &typed]) + wording.semicolon();
    let mut known = if group.len() > 1 { Vec::new() } else { faults.near_known(fault, param) };
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

impl<'d> Faults<'d> {
    /// The listed values that are near to the one of a fault.
    fn near_known(&self, fault: &Fault<'d>, param: &Param<'d>) -> Vec<&str> {
        let typed = match fault.place() {
            Place::At { word, start, end } => part(self.words().word(word), start, end),
            _ => return Vec::new(),
        };
        typed.to_str().map_or_else(Vec::new, |typed| near(typed, &mut self.near_words(param)).1)
    }

    /// The values of a closed list that a mistyped one may be meant as.
    pub(super) fn near_words(&self, param: &Param<'_>) -> impl Iterator<Item = &str> {
        self.known_values(param).iter().filter_map(Known::shown).take(MOST_NEAR)
    }
}
