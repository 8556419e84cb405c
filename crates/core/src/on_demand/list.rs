//! Values of lists that are closed: asked for once, when all else of a line reads, and what they do not have is a
//! fault. The search for fixes goes by what was listed then.

use std::ffi::OsStr;
use std::sync::{Arc, Mutex};

use super::unlisted::unlisted;
use crate::read::convert::{self, pieces};
use crate::record::brought::Brings;
use crate::record::cell::Held;
use crate::record::fault::{Fault, FaultKind};
use crate::record::line::{Line, Reader, Slot};
use crate::record::list::{Known, KnownValues};
use crate::record::param::Param;
use crate::record::reading::{CommandPath, Reading};
use crate::record::refusal::Reason;
use crate::record::so_far::{SoFar, Value, address};
use crate::record::step::Meaning;
use crate::record::word::Words;
use crate::record::world::{Trial, World};
use crate::text::Listed;
use crate::text::near::near;

impl<'d> Line<'d> {
    /// What is known so far for the values of a parameter, where there is a world to ask in. Words that are open have
    /// no value yet.
    #[inline]
    fn so_far(
        &mut self,
        param: &Param<'_>,
        is_begun: bool,
        is_open: &dyn Fn(usize) -> bool,
    ) -> Option<SoFar> {
        let environment = self.around.world?.environment()?;
        let mut slots = std::mem::take(&mut self.slots);
        let mut values = Vec::with_capacity(slots.len());
        for (at, slot) in slots.iter_mut().enumerate() {
            values.push(self.value(at, slot, is_open));
        }
        self.slots = slots;
        let path = self.trail.path().text();
        let wanted = param.spelled();
        Some(SoFar { values, path, wanted, is_begun, environment, asked: Mutex::default() })
    }

    #[inline]
    fn value(&mut self, at: usize, slot: &mut Slot<'d>, is_open: &dyn Fn(usize) -> bool) -> Value {
        let is_secret = slot.param.is_secret();
        let mut is_known = !self.reads_file(slot)
            && !slot.typed.steps(&self.steps).any(|step| is_open(step.word()))
            && self.pending.is_none_or(|pending| pending.slot as usize != at);
        let (mut words, mut held) = (Vec::new(), Held::empty());
        let param = slot.param;
        let has_value = slot.typed.count > 0 || slot.outer.is_some() || param.default().is_some();
        if is_known && has_value {
            // What the reading has converted stays with it.
            let kept = std::mem::replace(&mut slot.cell, Held::empty());
            let faults = self.faults.len();
            is_known = self.converts(slot);
            self.faults.truncate(faults);
            held = std::mem::replace(&mut slot.cell, kept);
            // What a flag or a tally says is in its names.
            let is_named = param.kinds().is_empty();
            for step in slot.typed.steps(&self.steps).filter(|_| is_named) {
                let is_opposite = step.meaning() == Meaning::Opposite;
                words.push(if is_opposite { "no" } else { "yes" }.into());
            }
            for piece in convert::pieces(slot, self.input()) {
                words.push(piece.text.into_owned());
            }
        }
        // A name may be that of several commands on the line.
        let name = format!("{at} {}", param.name());
        let variable = param.variable().to_owned();
        Value { record: address(param), name, variable, is_secret, is_known, words, held }
    }
}

/// Asks the list of a parameter with a line in the making.
#[cold]
#[inline]
pub(crate) fn list_begun<'d>(
    mut reader: Reader<'d>,
    param: &'d Param<'d>,
    words: Words<'d>,
    is_open: &dyn Fn(usize) -> bool,
    world: &'d dyn World,
) -> Option<Vec<Known>> {
    reader.line.around.world = Some(world);
    reader.line.words = words;
    reader.assign_operands();
    reader.line.ask_around();
    param.list()?.list(reader.line.so_far(param, true, is_open)?)
}

impl<'d> Reader<'d> {
    /// What the list of a parameter has for a line in the making, `words` those that were stepped through; the ones
    /// that are open have no value yet. Nothing where it has no list, or the world no environment to ask one in.
    #[inline]
    pub fn listed(
        self,
        param: &'d Param<'d>,
        words: Words<'d>,
        is_open: &dyn Fn(usize) -> bool,
        world: &'d dyn World,
    ) -> Option<Vec<Known>> {
        let lists = self.line.trail.brought(|command| command.brought().lists)?;
        (lists.list)(self, param, words, is_open, world)
    }
}

/// Values that are looked through for a near one: more take longer than a user waits for a fault.
const MOST_NEAR: usize = 20_000;

/// The values, by the records of their parameters.
#[derive(Default)]
struct Learnt(Vec<(usize, Vec<Known>)>);

impl KnownValues for Learnt {
    #[inline]
    fn of(&self, param: &Param<'_>) -> Option<&[Known]> {
        let address = std::ptr::from_ref(param).cast::<()>().addr();
        self.0.iter().find(|known| known.0 == address).map(|known| &*known.1)
    }

    #[inline]
    fn near(&self, param: &Param<'_>, typed: &str) -> (usize, Vec<&str>) {
        let known = self.of(param).unwrap_or_default().iter().filter_map(Known::shown);
        near(typed, &known.take(MOST_NEAR).listed())
    }
}

/// Looks at the values of parameters with closed lists. A list that fails, or takes too long, checks nothing.
#[cold]
#[inline]
pub(crate) fn check_lists(line: &mut Line<'_>) {
    if line.around.trial == Trial::No && line.around.lists().is_none() {
        let has_value = |slot: &Slot<'_>| {
            slot.typed.count > 0 || slot.outer.is_some() || slot.param.default().is_some()
        };
        let given = line.slots.iter().filter(|slot| has_value(slot));
        let given: Vec<&Param<'_>> = given.map(|slot| slot.param).collect();
        line.ask_lists(&given);
    }
    if line.around.lists().is_none() {
        return;
    }
    let slots = std::mem::take(&mut line.slots);
    for slot in &slots {
        line.check_list(slot);
    }
    line.slots = slots;
}

impl<'d> Line<'d> {
    /// Asks the closed lists of some parameters, each with what the line says so far.
    #[inline]
    fn ask_lists(&mut self, params: &[&'d Param<'d>]) {
        let mut known = Learnt::default();
        for param in params {
            if let Some(list) = param.list().filter(|list| list.is_closed())
                && let Some(so_far) = self.so_far(param, false, &|_| false)
                && let Some(values) = list.list(so_far)
            {
                known.0.push((std::ptr::from_ref(*param).cast::<()>().addr(), values));
            }
        }
        self.around.add_lists(Arc::new(known));
    }

    #[inline]
    fn check_list(&mut self, slot: &Slot<'d>) {
        let around = self.around.clone();
        let Some(known) = around.known(slot.param) else { return };
        let pieces = pieces(slot, self.input());
        let mut words: Vec<&OsStr> = Vec::new();
        // Of many words each is looked for in an order.
        if pieces.len() > MANY {
            words.extend(known.iter().map(Known::word));
            words.sort_unstable();
        }
        for piece in &pieces {
            let word = &*piece.text;
            let is_known = match words.is_empty() {
                true => known.iter().any(|known| known.word() == word),
                false => words.binary_search(&word).is_ok(),
            };
            // What stands in for a placeholder is an example of the kind, whatever is listed.
            let is_example = || around.trial != Trial::No && *word == *slot.param.example(0);
            if !is_known && !is_example() {
                let fault = Fault::of(FaultKind::ValueRefused, piece.place, slot.param);
                let reason = Some(Reason::NotOne);
                self.faults
                    .push(Fault { reason, ..fault.with(const { &Brings::saying(unlisted) }) });
            }
        }
    }
}

/// Words that are looked for one by one.
const MANY: usize = 16;

/// Asks the closed lists that the page of a command tells of.
#[cold]
#[inline]
pub(crate) fn learn<'d>(reading: Reading<'d>, path: &CommandPath<'d>) -> Reading<'d> {
    let mut line = reading.into_line();
    // A line that asks for a page is not looked at; what it says of the yard may be in a variable.
    let sources = path.commands().iter().find_map(|command| command.sources());
    if let Some(sources) = sources.filter(|_| line.around.world.is_some()) {
        (sources.ask)(&mut line);
        line.faults.clear();
    }
    let mut shown: Vec<&Param<'d>> = Vec::new();
    for command in path.commands() {
        let is_leaf = std::ptr::eq(*command, path.leaf());
        shown.extend(command.params().filter(|param| is_leaf || param.is_throughout()));
    }
    line.ask_lists(&shown);
    line.into_reading()
}

impl<'d> Reading<'d> {
    #[inline]
    fn into_line(self) -> Line<'d> {
        let Reading { trail, slots, steps, words, warned, around } = self;
        let (faults, word) = (Vec::new(), words.count() as u32);
        let (pending, lost, operands_end) = (None, false, false);
        Line {
            trail,
            slots,
            steps,
            faults,
            warned,
            around,
            words,
            word,
            pending,
            lost,
            operands_end,
            places: Vec::new(),
        }
    }
}
