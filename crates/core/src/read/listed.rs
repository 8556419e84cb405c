//! Values of lists that are closed: asked for once, when all else of a line reads, and what they do not have is a
//! fault. The search for fixes goes by what was listed then.

use super::{Around, CommandPath, Fault, Faults, Line, Reading, Slot};
use std::ffi::OsStr;
use std::sync::Arc;

use super::convert::pieces;
use super::fault::FaultKind;
use super::world::Trial;
use crate::declare::{Brings, Known, Param, Reason};
// What says it.
use crate::fault::unlisted;
use crate::text::{Listed, near};

/// What closed lists have. Behind a pointer, so that a program without lists drops none.
pub(crate) trait KnownValues: Send + Sync {
    /// The values of a parameter, where they could be had.
    fn of(&self, param: &Param<'_>) -> Option<&[Known]>;

    /// Those that a mistyped one may be meant as, and how many slips away they are.
    fn near(&self, param: &Param<'_>, typed: &str) -> (usize, Vec<&str>);
}

/// Values that are looked through for a near one: more take longer than a user waits for a fault.
const MOST_NEAR: usize = 20_000;

/// The values, by the records of their parameters.
#[derive(Default)]
struct Lists(Vec<(usize, Vec<Known>)>);

impl KnownValues for Lists {
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

impl<'d> Around<'d> {
    /// The values of a parameter whose list is closed, where they were asked for.
    #[inline]
    pub(crate) fn known(&self, param: &Param<'_>) -> Option<&[Known]> {
        self.lists()?.of(param)
    }
}

impl<'d> Faults<'d> {
    /// The values of a parameter whose list is closed that a mistyped one may be meant as, and how many slips away
    /// they are; nothing where they were not asked for.
    #[inline]
    pub(crate) fn near_known(&self, typed: &str, param: &Param<'_>) -> Option<(usize, Vec<&str>)> {
        self.around.known(param)?;
        self.around.lists().map(|known| known.near(param, typed))
    }

    /// The values of a parameter whose list is closed, where they were asked for.
    #[inline]
    pub(crate) fn known_values(&self, param: &Param<'_>) -> &[Known] {
        self.around.known(param).unwrap_or_default()
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
        let mut known = Lists::default();
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
