//! A developer's own test of the whole. The record of a command that has one points here.

use crate::read::relation::typed_places;
use crate::record::fault::{Fault, FaultKind, Objection, Place};
use crate::record::key::Key;
use crate::record::line::Slot;
use crate::record::param::Param;
use crate::record::reading::{Outcome, Reading};
use crate::record::refusal::Reason;
use crate::record::step::{Meaning, Step};
use crate::record::world::Trial;
use crate::text::Listed;
use crate::text::order::in_order;

impl Objection {
    /// An objection in words for the user, who reads them after nothing else: "2026-05-01 comes after
    /// 2026-04-01".
    #[inline]
    pub fn new(text: impl Into<String>) -> Self {
        Objection { text: text.into(), about: Vec::new() }
    }

    /// A key that it is about: what was typed for it is pointed at.
    #[must_use]
    #[inline]
    pub fn about(mut self, key: &impl Key) -> Self {
        self.about.push(address(key.record()));
        self
    }
}

#[inline]
fn address(param: &Param<'_>) -> usize {
    std::ptr::from_ref(param).addr()
}

/// The reading, if the developers' own tests hold nothing against it. What is in a file is not there
/// for them on a line that is only tried.
#[cold]
#[inline]
pub(crate) fn judged(reading: Reading<'_>) -> Outcome<'_> {
    let is_unread = |step: &Step| step.meaning == Meaning::File;
    let is_tested = match reading.around.trial {
        Trial::No => true,
        Trial::Read => false,
        Trial::Judged => !reading.steps.iter().any(is_unread),
    };
    match is_tested.then(|| reading.objection()).flatten() {
        Some(fault) => reading.refused(None, fault),
        None => Outcome::Reading(reading),
    }
}

impl<'d> Reading<'d> {
    /// Puts the reading to the developers' own tests, those of the root first.
    #[inline]
    fn objection(&self) -> Option<Fault<'d>> {
        let judges = self.trail.levels().filter_map(|level| level.command.judge());
        let objection = judges.map(|judge| judge.0(self)).find_map(Result::err)?;
        let is_meant = |slot: &&Slot<'d>| objection.about.contains(&address(slot.param));
        let meant: Vec<&Slot<'d>> = self.slots.iter().filter(is_meant).listed();
        let mut places: Vec<Place> = Vec::new();
        for slot in &meant {
            places.extend(typed_places(slot, &self.steps).next());
        }
        in_order(&mut places, |place| place.order());
        let outer = || meant.iter().find_map(|slot| slot.outer.as_ref().map(|outer| outer.place));
        let place = places.first().copied().or_else(outer).unwrap_or(Place::Nowhere);
        let fault = Fault::new(FaultKind::ReadingRefused, place);
        let secrecy = self.trail.brought(|command| command.brought().secrecy);
        let told = secrecy.and_then(|secrecy| (secrecy.told)(self, &objection.text));
        let about = meant.first().map(|slot| slot.param);
        let secret = meant.iter().map(|slot| slot.param).find(|param| param.is_secret()).or(told);
        let reason = match secret {
            // What a developer says of a secret may well repeat it.
            Some(_) => Reason::NotOne,
            None => Reason::Own(objection.text.into()),
        };
        let also = places.into_iter().skip(1).listed();
        Some(Fault { param: secret.or(about), reason: Some(reason), also, ..fault })
    }
}
