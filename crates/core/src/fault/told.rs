//! Which faults are told, and which of them in one sentence.
//!
//! What only follows from another fault is not told: it goes away with that one. Faults that differ in
//! names alone are one thing to put right.

use crate::record::fault::{Fault, FaultKind, Place};
use crate::record::param::Param;
use crate::record::refusal::Reason;
use crate::record::report::Report;
use crate::record::step::Meaning;
use crate::text::Put;
use crate::text::bytes::hash;
use crate::text::order::pairs_in_order;

/// Names that unknown ones are held against in all: beyond that, what they may stand for is not asked.
const NAMES: usize = 100_000;

/// A parameter, which of its words, and why that is refused; and what all that is alike is known by.
type Refused<'t> = ((usize, usize, usize), &'t str);

/// An unknown option, or one that was taken for a value, and what stands after it.
struct Unknown {
    /// The place of its fault in the list.
    at: usize,
    /// Its word, and how many after that it would take.
    word: usize,
    takes: usize,
    /// As many operands after it are told to be too many than really are.
    surplus: usize,
}

impl<'t, 'd> Report<'t, 'd> {
    /// The faults that are told, by their places in the list: all but those in the wake of another.
    #[inline(never)]
    pub(crate) fn told_alone(&self) -> Vec<usize> {
        let mut faulty = Vec::new();
        let left = self.not_taken(&self.unknown_options(&mut faulty));
        // What is in the wake of a fault that is not told itself, is told.
        self.add_params(&left, is_of_value, &mut faulty);
        pairs_in_order(&mut faulty);
        let is_faulty = |param: &Param<'_>| faulty.binary_search(&(address(param), 0)).is_ok();
        let mut attached = Vec::new();
        self.add_params(&left, |kind| kind == FaultKind::ValueAttached, &mut attached);
        pairs_in_order(&mut attached);
        let is_attached = |param: &Param<'_>| attached.binary_search(&(address(param), 0)).is_ok();
        let mut told = Vec::new();
        for at in left {
            let fault = self.faults.at(at);
            let is_in_wake = match fault.kind() {
                FaultKind::OptionMissing => fault.param().is_some_and(is_faulty),
                FaultKind::ValuesMiscounted if !is_extra(fault) => {
                    fault.param().is_some_and(is_faulty)
                }
                FaultKind::RuleBroken => fault.rule().is_some_and(|rule| {
                    let when = rule.when().map(|when| when.0);
                    rule.members().iter().any(|param| is_faulty(param))
                        || when.is_some_and(is_faulty)
                }),
                FaultKind::ValueMissing | FaultKind::ValueMisfit | FaultKind::ValueRefused => {
                    fault.param().is_some_and(is_attached)
                }
                _ => false,
            };
            if !is_in_wake {
                told.push(at);
            }
        }
        told
    }

    /// The faults but for those of words that an unknown option in front of them would take.
    fn not_taken(&self, mut unknown: &[Unknown]) -> Vec<usize> {
        let mut surplus = 0;
        let mut taken = (0, 0);
        let mut left = Vec::new();
        for (at, fault) in self.faults.list().iter().enumerate() {
            if let [first, rest @ ..] = unknown
                && first.at == at
            {
                (taken, surplus) = ((first.word, first.takes), surplus + first.surplus);
                unknown = rest;
            }
            let is_taken = match fault.place() {
                Place::At { word, .. } => word > taken.0 && word - taken.0 <= taken.1,
                _ => false,
            };
            if !is_taken && surplus > 0 && is_extra(fault) {
                surplus -= 1;
            } else if !is_taken {
                left.put(at);
            }
        }
        left
    }

    /// The parameters that faults of some kinds are about, by their addresses.
    fn add_params(
        &self,
        faults: &[usize],
        is_meant: fn(FaultKind) -> bool,
        params: &mut Vec<(usize, usize)>,
    ) {
        for &at in faults {
            let fault = self.faults.at(at);
            if let Some(param) = fault.param().filter(|_| is_meant(fault.kind())) {
                params.put((address(param), 0));
            }
        }
    }

    /// The unknown options. The parameters that these may be are faulty.
    fn unknown_options(&self, faulty: &mut Vec<(usize, usize)>) -> Vec<Unknown> {
        let mut left = NAMES;
        let cost = self.faults.path().root().tree().count() + self.faults.trace().params();
        let mut unknown = Vec::new();
        for (at, fault) in self.faults.list().iter().enumerate() {
            let is_option =
                matches!(fault.kind(), FaultKind::OptionUnknown | FaultKind::OptionAmbiguous);
            if !is_option && fault.kind() != FaultKind::ValueMisfit {
                continue;
            }
            if left >= cost
                && let Place::At { word, .. } = fault.place()
                && let Some((takes, surplus)) = match is_option {
                    true => Some(self.words_behind(word, self.unknown_option(fault, faulty))),
                    false => self.value_behind(fault, word),
                }
            {
                unknown.put(Unknown { at, word, takes, surplus });
            }
            left -= cost.min(left);
        }
        unknown
    }

    /// How many words an unknown option may take. What it may be is faulty.
    fn unknown_option(&self, fault: &Fault<'d>, faulty: &mut Vec<(usize, usize)>) -> usize {
        let Place::At { word, start, end } = fault.place() else { return 0 };
        let mut params = self.faults.owning_params(fault);
        if params.is_empty() {
            params = self.near_params(fault);
        }
        let mut most = if params.is_empty() { usize::from(start == 0) } else { 0 };
        for param in &params {
            faulty.put((address(param), 0));
            most = most.max(param.kinds().len());
        }
        let is_alone = end == self.faults.words().word(word).len();
        if is_alone { most } else { 0 }
    }

    /// How many words after one, up to some, an option in it would take; and how many of them read as
    /// operands, so that each pushes another one out.
    fn words_behind(&self, word: usize, most: usize) -> (usize, usize) {
        let steps = self.faults.trace().steps();
        let behind = steps.iter().skip(self.faults.trace().first_in(word + 1));
        let (mut count, mut surplus) = (0, 0);
        for step in behind.take(most) {
            let is_dashed =
                self.faults.words().word(step.word()).as_encoded_bytes().starts_with(b"-");
            let is_word = match step.meaning() {
                Meaning::Operand => true,
                Meaning::Unread | Meaning::Unknown => !is_dashed,
                _ => false,
            };
            if !is_word || step.word() != word + 1 + count {
                break;
            }
            count += 1;
            surplus += usize::from(self.faults.trace().param(step).is_some());
        }
        (count, surplus)
    }

    /// An option was taken for a value: the word after it may be that.
    fn value_behind(&self, fault: &Fault<'d>, word: usize) -> Option<(usize, usize)> {
        let next = self.faults.words().word(word + 1);
        let is_meant = self.faults.takes_option(fault)
            && fault.param().is_some_and(|param| param.accepts(next));
        is_meant.then(|| self.words_behind(word, 1))
    }

    /// Told faults in groups, each of which is said in one sentence, by their places in the list; in the
    /// order of their first ones.
    #[inline(never)]
    pub(crate) fn groups(&self, told: &[usize]) -> Vec<Vec<usize>> {
        let mut left = NAMES;
        let mut keys = Vec::new();
        // What was said of a value before is said of the next one, most likely.
        let mut before = None;
        for &at in told {
            let fault = self.faults.at(at);
            let cost = if fault.is_of_name() { self.faults.trace().params() } else { 1 };
            keys.put(if left >= cost { self.key(fault, &mut before) } else { None });
            left -= cost.min(left);
        }
        let mut order = Vec::new();
        for (place, key) in keys.iter().enumerate() {
            if let Some(key) = key {
                order.put((hash(key.as_bytes()) as usize, place));
            }
        }
        pairs_in_order(&mut order);
        // The first one of each group, and the group.
        let mut firsts: Vec<usize> = Vec::new();
        let mut groups: Vec<Vec<usize>> = Vec::new();
        for (place, (&at, key)) in told.iter().zip(&keys).enumerate() {
            let is_same = |other: &usize| keys.get(*other) == Some(key);
            let first = key.and_then(|key| {
                let hash = hash(key.as_bytes()) as usize;
                let from = order.partition_point(|known| known.0 < hash);
                // Those with one key stand side by side, but for others with its hash.
                let mut same = order.iter().skip(from).map(|known| known.1);
                same.find(is_same)
            });
            let group = firsts.binary_search(&first.unwrap_or(place)).ok();
            match group.and_then(|group| groups.get_mut(group)) {
                Some(group) => group.put(at),
                None => {
                    firsts.put(place);
                    groups.put(vec![at]);
                }
            }
        }
        groups
    }

    /// What is said of a fault but for the names in it, where it may be said of several at once.
    fn key(&self, fault: &Fault<'d>, before: &mut Option<Refused<'t>>) -> Option<&'t str> {
        use FaultKind::{
            OperandExtra, OperandMissing, OptionMissing, OptionRepeated, OptionUnknown,
            ValueMisfit, ValueRefused, ValueUnwanted, ValuesMiscounted,
        };
        let speech = self.speech;
        let kind = || speech.digits(fault.kind() as usize);
        let param = || speech.digits(fault.param().map_or(0, address));
        match fault.kind() {
            // What is elsewhere is shown in a line of its own.
            _ if !fault.is_on_line() => None,
            OptionUnknown if self.lone_letter(fault).is_some() => None,
            OptionUnknown => Some(self.known_option(fault)),
            OptionMissing | OperandMissing | OperandExtra | OptionRepeated => Some(kind()),
            ValueUnwanted
                if !fault.param().is_some_and(Param::is_attached)
                    && !self.faults.is_of_letter(fault) =>
            {
                Some(kind())
            }
            ValuesMiscounted if matches!(fault.place(), Place::At { .. }) => {
                Some(speech.of(&[kind(), " ", param()]))
            }
            ValueMisfit | ValueRefused if self.is_plainly_refused(fault) => {
                let (param, reason) = (fault.param()?, fault.reason());
                let why = match reason {
                    Some(Reason::Above) => 1,
                    Some(Reason::Below) => 2,
                    Some(Reason::Tested(place, _)) => 3 + usize::from(*place),
                    _ => 0,
                };
                let refused = (address(param), fault.which(), why);
                if let Some((known, key)) = before
                    && *known == refused
                {
                    return Some(key);
                }
                let (what, example) = speech.takes(param, fault.which(), reason);
                let (address, why) = (speech.digits(refused.0), speech.digits(why));
                let key = speech.of(&[address, " ", why, what, example]);
                *before = Some((refused, key));
                Some(key)
            }
            _ => None,
        }
    }

    /// Whether a value is refused in words that may be said of several.
    fn is_plainly_refused(&self, fault: &Fault<'d>) -> bool {
        let is_plain = match &fault.reason() {
            Some(Reason::NotOne | Reason::Above | Reason::Below) => true,
            Some(Reason::Tested(_, refusal)) => {
                matches!(**refusal, Reason::NotOne | Reason::Excluded)
            }
            _ => false,
        };
        is_plain && !self.faults.takes_option(fault) && !self.faults.is_of_letter(fault)
    }
}

/// Whether a word is one too many.
fn is_extra(fault: &Fault<'_>) -> bool {
    let is_word = matches!(fault.place(), Place::At { .. });
    fault.kind() == FaultKind::OperandExtra
        || fault.kind() == FaultKind::ValuesMiscounted && is_word
}

fn address(param: &Param<'_>) -> usize {
    std::ptr::from_ref(param).addr()
}

/// Whether a fault is about what a parameter was given.
const fn is_of_value(kind: FaultKind) -> bool {
    use FaultKind::{
        FileUnread, PathRefused, ValueAttached, ValueMisfit, ValueMissing, ValueNotText,
        ValueRefused, ValueUnwanted,
    };
    matches!(
        kind,
        FileUnread
            | PathRefused
            | ValueAttached
            | ValueMisfit
            | ValueMissing
            | ValueNotText
            | ValueRefused
            | ValueUnwanted
    )
}
