//! What only some parameters ask for beyond that their words convert: to be given so often, or once; not the
//! same twice; to be warned of. Their records point here.

use std::ffi::OsStr;

use crate::read::convert;
use crate::read::relation::typed_places;
use crate::record::brought::{Brings, Say};
use crate::record::fault::{Fault, FaultKind, Place};
use crate::record::line::{Line, Slot, Term};
use crate::record::mend::Mend;
use crate::record::param::{Role, Times};
use crate::record::report::Report;
use crate::text::Listed;
use crate::wording::english::Phrase;

/// Has the value of such a parameter.
#[cold]
#[inline]
pub(crate) fn special<'d>(line: &mut Line<'d>, slot: &mut Slot<'d>) {
    line.counts(slot);
    line.warns(slot);
    // One in a file is read last.
    if !line.reads_file(slot) && line.converts(slot) {
        line.value_twice(slot);
    }
}

impl<'d> Line<'d> {
    /// How often it is given.
    #[inline]
    fn counts(&mut self, slot: &Slot<'d>) {
        let param = slot.param;
        if param.is_counted() {
            self.count_values(slot);
        }
        if param.is_once() && slot.typed.count as usize > param.kinds().len().max(1) {
            let second = typed_places(slot, &self.steps).nth(1);
            if let Some(place) = second {
                let fault = Fault::of(FaultKind::OptionRepeated, place, param);
                self.blame(fault.with(REPEATED));
            }
        }
    }

    /// What is deprecated: the parameter, or some of its words.
    #[inline]
    fn warns(&mut self, slot: &Slot<'d>) {
        let param = slot.param;
        let is_given = slot.typed.count > 0 || slot.outer.is_some();
        if param.is_deprecated() && is_given {
            self.warn(Term::Param(param), param.deprecation());
        }
        // Which word a secret was is told nobody.
        if is_given && !param.is_secret() && param.kinds().iter().any(|kind| kind.has_deprecated())
        {
            for (at, piece) in convert::pieces(slot, self.input()).iter().enumerate() {
                let kind = param.kinds()[at % param.kinds().len()];
                let offered = kind.all_offers().iter();
                let offered = offered.filter(|offered| offered.is_deprecated());
                for offered in offered.filter(|offered| *piece.text == *offered.name()) {
                    self.warn(Term::Plain(offered.name()), offered.deprecation());
                }
            }
        }
    }

    /// A value that stands twice in a list of distinct ones.
    #[inline]
    fn value_twice(&mut self, slot: &Slot<'d>) {
        let Some(twin) = slot.param.twin() else { return };
        let pieces = convert::pieces(slot, self.input());
        let each = slot.param.kinds().len().max(1);
        let texts: Vec<&OsStr> = pieces.iter().map(|piece| &*piece.text).listed();
        let Some(at) = twin(slot.param, &slot.cell, &texts) else { return };
        let place = pieces.get(at * each).map_or(Place::Nowhere, |piece| piece.place);
        let fault = Fault::of(FaultKind::ValueTwice, place, slot.param);
        self.blame(fault.with(TWICE));
    }

    /// A list that is given more or less often than it may be. For an operand without a delimiter
    /// that was seen when the words were handed out.
    #[inline]
    fn count_values(&mut self, slot: &Slot<'d>) {
        let (param, Times { min, max }) = (slot.param, slot.param.given_times());
        let each = param.kinds().len().max(1);
        let is_counted = param.role() == Role::Operand && param.delimiter().is_none();
        if is_counted && slot.typed.count > 0 || slot.typed.count == 0 && slot.outer.is_none() {
            return;
        }
        let pieces = convert::pieces(slot, self.input());
        let count = pieces.len() / each;
        if (min as usize..=max as usize).contains(&count) {
            return;
        }
        let extra = pieces.get((max as usize).saturating_mul(each)).map(|piece| piece.place);
        let outer = slot.outer.as_ref().map(|outer| outer.place);
        let end = || match param.role() {
            Role::Operand => self.end_of_operands(param),
            _ => self.end_of_options(param),
        };
        let place = extra.or(outer).unwrap_or_else(end);
        let fault = Fault::of(FaultKind::ValuesMiscounted, place, param);
        self.blame(Fault { count, ..fault });
    }
}

/// What a fault of those that are given too often, or twice, brings along.
/// Which of the two goes, only the user knows.
const REPEATED: &Brings = &Brings { say: Some(Say(repeated)), mend: None };

const TWICE: &Brings = &Brings { say: Some(Say(twice)), mend: Some(Mend::TWICE) };

/// What is said of what is given again and may not be.
#[inline]
fn repeated<'t, 'd>(report: &Report<'t, 'd>, group: &[&Fault<'d>]) -> &'t str {
    let names = report.listed(group, Report::name);
    report.speech.tell(Phrase::OptionRepeated, &[names])
}

/// What is said of a value that stands twice.
#[inline]
fn twice<'t, 'd>(report: &Report<'t, 'd>, group: &[&Fault<'d>]) -> &'t str {
    let name = group.first().map_or("", |fault| report.name(fault));
    let typed = report.listed(group, Report::typed);
    report.speech.tell(Phrase::ValueTwice, &[name, typed])
}
