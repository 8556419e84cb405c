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
    let mut known = Accepted::default();
    if let Some(kind) = kind {
        for offer in kind.offers() {
            known.choices.push(offer.0.to_owned());
        }
        if let Some([low, high]) = kind.bounds() {
            known.narrow(Says::Range(low.to_owned(), high.to_owned()));
        }
    }
    for test in param.validators() {
        known.narrow(test.says());
    }
    let Accepted { choices, lowest, highest } = known;
    Facts::Word { at, more: fault.more(), choices, lowest, highest }
}

/// Which values are accepted, as far as a kind and its validators say so.
#[derive(Default)]
struct Accepted {
    choices: Vec<String>,
    lowest: Option<String>,
    highest: Option<String>,
}

impl Accepted {
    fn narrow(&mut self, says: Says) {
        let (low, high) = match says {
            Says::Range(low, high) => (Some(low), Some(high)),
            Says::AtLeast(low) => (Some(low), None),
            Says::AtMost(high) => (None, Some(high)),
            Says::OneOf(values) => return self.choices = values,
            _ => return,
        };
        bound(&mut self.lowest, low, 1.0);
        bound(&mut self.highest, high, -1.0);
    }
}

/// Puts a bound in the place of another that is wider, which for the upper one is told by signs that are turned. Of what
/// is not a number, such as dates, the later one is put there: a validator's after a type's.
fn bound(known: &mut Option<String>, bound: Option<String>, sign: f64) {
    let number = |text: &Option<String>| text.as_ref()?.parse::<f64>().ok();
    let is_wider = match (number(known), number(&bound)) {
        (Some(known), Some(bound)) => known * sign < bound * sign,
        _ => bound.is_some(),
    };
    if is_wider {
        *known = bound;
    }
}
