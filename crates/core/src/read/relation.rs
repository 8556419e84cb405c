//! Rules between parameters, and a developer's own test of the whole.

use super::fault::{FaultKind, Place};
use super::source::is;
use super::step::Meaning;
use super::word::Words;
use super::{Fault, Objection, Reader, Slot, Step};
use super::{Reading, convert};
use crate::declare::{Key, Param, Reason, Rule, Sort};
use crate::text::in_order;

impl Objection {
    /// An objection in words for the user, who reads them after nothing else: "2026-05-01 comes after
    /// 2026-04-01".
    pub fn new(text: impl Into<String>) -> Self {
        Objection { text: text.into(), about: Vec::new() }
    }

    /// A key that it is about: what was typed for it is pointed at.
    #[must_use]
    pub fn about(mut self, key: &impl Key) -> Self {
        self.about.push(address(key.record()));
        self
    }
}

fn address(param: &Param<'_>) -> usize {
    std::ptr::from_ref(param).addr()
}

impl<'d> Reader<'d> {
    /// Looks at the rules of all commands of the line.
    #[cold]
    pub(super) fn check_rules(&mut self, words: Words<'_>) {
        for level in self.trail.levels().collect::<Vec<_>>() {
            for rule in level.command.relations() {
                self.check_rule(rule, words);
            }
        }
    }

    fn check_rule(&mut self, rule: &'d Rule<'d>, words: Words<'_>) {
        let given: Vec<_> = rule.members().iter().filter(|param| self.is_typed(param)).collect();
        let lacking = rule.members().iter().find(|param| !self.is_met(param)).copied();
        match rule.sort() {
            Sort::OnlyOne if given.len() > 1 => {
                let places = given.iter().filter_map(|param| self.typed_place(param)).collect();
                self.broken(rule, places);
            }
            Sort::NotWith if !given.is_empty() => {
                let Some((param, _)) = rule.when().filter(|when| self.is_typed(when.0)) else {
                    return;
                };
                let all = std::iter::once(&param).chain(given);
                let places = all.filter_map(|param| self.typed_place(param)).collect();
                self.broken(rule, places);
            }
            Sort::AtLeastOne if rule.members().iter().all(|param| !self.is_met(param)) => {
                self.lacking(rule, lacking);
            }
            Sort::AllOrNone if !given.is_empty() => self.lacking(rule, lacking),
            Sort::OnlyWith if rule.when().is_some_and(|when| self.is_typed(when.0)) => {
                self.lacking(rule, lacking);
            }
            Sort::NeededWith if rule.when().is_some_and(|when| self.has_value(when, words)) => {
                self.lacking(rule, lacking);
            }
            _ => {}
        }
    }

    /// Members that exclude each other: all are pointed at.
    fn broken(&mut self, rule: &'d Rule<'d>, mut places: Vec<Place>) {
        places = in_order(places, |place| place.order());
        let Some((&place, also)) = places.split_first() else { return };
        let fault = Fault::new(FaultKind::RuleBroken, place);
        self.faults.push(Fault { rule: Some(rule), also: also.to_vec(), ..fault });
    }

    /// A member that is needed and not there.
    fn lacking(&mut self, rule: &'d Rule<'d>, param: Option<&'d Param<'d>>) {
        let Some(param) = param else { return };
        let place = match param.is_positional() {
            true => self.end_of_operands(param),
            false => self.end_of_options(param),
        };
        let fault = Fault::of(FaultKind::RuleBroken, place, param);
        self.faults.push(Fault { rule: Some(rule), ..fault });
    }

    /// Whether a need is met: by a word, the environment or the config file. What still waits for its
    /// value is given too.
    fn is_met(&self, param: &Param<'_>) -> bool {
        let Some(at) = self.slots.iter().position(|slot| is(slot.param, param)) else {
            return false;
        };
        let waits = self.pending.is_some_and(|pending| pending.slot as usize == at);
        waits || self.slots[at].typed.count > 0 || self.slots[at].outer.is_some()
    }

    /// Whether a parameter has a value that is no default, as a user would type it.
    fn has_value(&self, (param, value): (&Param<'_>, &str), words: Words<'_>) -> bool {
        let slot = self.slots.iter().find(|slot| is(slot.param, param));
        slot.filter(|slot| slot.typed.count > 0 || slot.outer.is_some()).is_some_and(|slot| {
            convert::pieces(slot, &self.steps, words).iter().any(|piece| *piece.text == *value)
        })
    }

    /// Where a parameter was first typed.
    fn typed_place(&self, param: &Param<'_>) -> Option<Place> {
        let slot = self.slots.iter().find(|slot| is(slot.param, param))?;
        typed_places(slot, &self.steps).next()
    }
}

/// Where a parameter was typed: its names, or the words of an operand.
pub(super) fn typed_places<'s>(
    slot: &Slot<'_>,
    steps: &'s [Step],
) -> impl Iterator<Item = Place> + use<'s> {
    let first = steps.get(slot.typed.first as usize).map(|step| step.slot);
    let of_slot = steps.iter().filter(move |step| first == Some(step.slot));
    of_slot.filter(|step| step.meaning != Meaning::Value).map(Step::place)
}

impl<'d> Reading<'d> {
    /// Puts the reading to the developers' own tests, those of the root first.
    pub(super) fn objection(&self) -> Option<Fault<'d>> {
        let judges = self.trail.levels().filter_map(|level| level.command.judge());
        let objection = judges.map(|judge| judge(self)).find_map(Result::err)?;
        let is_meant = |slot: &&Slot<'d>| objection.about.contains(&address(slot.param));
        let meant: Vec<&Slot<'d>> = self.slots.iter().filter(is_meant).collect();
        let mut places: Vec<Place> = Vec::new();
        for slot in &meant {
            places.extend(typed_places(slot, &self.steps).next());
        }
        places = in_order(places, |place| place.order());
        let outer = || meant.iter().find_map(|slot| slot.outer.as_ref().map(|outer| outer.place));
        let place = places.first().copied().or_else(outer).unwrap_or(Place::Nowhere);
        let fault = Fault::new(FaultKind::ReadingRefused, place);
        let secret = meant.iter().find(|slot| slot.param.is_secret()).copied();
        let (secret, reason) = match secret.or_else(|| self.told_secret(&objection.text)) {
            // What a developer says of a secret may well repeat it.
            Some(slot) => (Some(slot.param), Reason::NotOne),
            None => (None, Reason::Own(objection.text.into())),
        };
        Some(Fault {
            param: secret.or(meant.first().map(|slot| slot.param)),
            reason: Some(reason),
            also: places.into_iter().skip(1).collect(),
            ..fault
        })
    }

    /// The secret whose value a text repeats, as it is or as it is debugged.
    fn told_secret(&self, text: &str) -> Option<&Slot<'d>> {
        let text = text.to_ascii_lowercase();
        self.slots.iter().filter(|slot| slot.param.is_secret()).find(|slot| {
            convert::pieces(slot, &self.steps, self.words).iter().any(|piece| {
                let word = piece.text.to_string_lossy().to_ascii_lowercase();
                !word.is_empty()
                    && (text.contains(&word) || text.contains(&*word.escape_debug().to_string()))
            })
        })
    }
}
