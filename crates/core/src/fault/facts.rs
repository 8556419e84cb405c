//! What is known of a fault, for a program that acts on it.

use crate::record::fault::{Facts, Fault, FaultKind};
use crate::record::faults::Faults;
use crate::record::param::{Param, Times};
use crate::record::test::Says;

impl<'d> Faults<'d> {
    /// What is known of a fault beside its kind and its place.
    ///
    /// ```
    /// # use clavret_core as clavret;
    /// use clavret::faults::Facts;
    /// use clavret::{Command, Named, Outcome, valid};
    /// static JARS: Named<u8> = Named::new("jars").default("1").valid(&valid::range(1, 40));
    /// static HARVEST: Command = Command::new("harvest").takes(&[JARS.param()]);
    ///
    /// let Outcome::Faults(faults) = HARVEST.read(&["--jars", "60"]) else { panic!() };
    /// let fault = faults.iter().next().unwrap();
    /// let Facts::Word { lowest, highest, .. } = faults.facts_of(fault) else { panic!() };
    /// assert_eq!((lowest.as_deref(), highest.as_deref()), (Some("1"), Some("40")));
    /// ```
    pub fn facts_of<'f>(&'f self, fault: &'f Fault<'d>) -> Facts<'f> {
        use FaultKind::{
            CommandUnknown, FileUnread, OperandMissing, OptionUnknown, PathRefused, RuleBroken,
            ValueMisfit, ValueMissing, ValueNotText, ValueRefused, ValueTwice, ValuesMiscounted,
        };
        match (fault.kind(), fault.param()) {
            (OptionUnknown, _) => Facts::Unknown { owners: self.owners(fault, self.path().root()) },
            (CommandUnknown, _) => Facts::Unknown { owners: self.ways_to(fault) },
            (ValueMissing | OperandMissing, Some(param)) => {
                Facts::Part { found: fault.count(), words: param.kinds().len() }
            }
            (ValuesMiscounted, Some(param)) => {
                let Times { min: fewest, max: most } = param.miscounted_times();
                Facts::Count { found: fault.count(), fewest, most }
            }
            (ValueMisfit | ValueRefused | ValueNotText | ValueTwice | PathRefused, Some(param)) => {
                accepted(fault, param)
            }
            (RuleBroken, _) => fault.rule().map_or(Facts::Nothing, Facts::Rule),
            (FileUnread, _) => fault.unread().map_or(Facts::Nothing, Facts::File),
            _ => Facts::Nothing,
        }
    }
}

/// What is accepted in place of a value that is wrong.
fn accepted<'f>(fault: &Fault<'_>, param: &'f Param<'f>) -> Facts<'f> {
    let (kinds, at) = (param.kinds(), fault.which());
    let kind = kinds.get(at).or(kinds.last());
    let offered = kind.into_iter().flat_map(|kind| kind.offers());
    let mut choices: Vec<String> = offered.map(|offer| offer.0.to_owned()).collect();
    let (mut lowest, mut highest) = (None, None);
    let types = kind.and_then(|kind| kind.bounds());
    let types = types.map(|[low, high]| Says::Range(low.to_owned(), high.to_owned()));
    for says in param.validators().map(|test| test.says()).chain(types) {
        let (low, high) = match says {
            Says::Range(low, high) => (Some(low), Some(high)),
            Says::AtLeast(low) => (Some(low), None),
            Says::AtMost(high) => (None, Some(high)),
            Says::OneOf(values) => {
                choices = values;
                continue;
            }
            _ => continue,
        };
        narrow(&mut lowest, low, |one, other| one > other);
        narrow(&mut highest, high, |one, other| one < other);
    }
    Facts::Word { at, more: fault.more(), choices, lowest, highest }
}

/// Puts a bound in the place of another that is wider. Of what is no number, such as dates, the first one stays.
fn narrow(known: &mut Option<String>, bound: Option<String>, is_narrower: fn(f64, f64) -> bool) {
    let number = |text: &String| text.parse::<f64>().ok();
    let is_wider = match (&*known, &bound) {
        (Some(known), Some(bound)) => {
            let both = number(bound).zip(number(known));
            both.is_some_and(|(bound, known)| is_narrower(bound, known))
        }
        (known, _) => known.is_none(),
    };
    if is_wider {
        *known = bound;
    }
}
