//! What is known of a fault, for a program that acts on it.

use crate::record::fault::{Facts, Fault, FaultKind};
use crate::record::faults::Faults;
use crate::record::param::{Param, Times};
use crate::record::test::Says;
use crate::text::Listed;

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
            CommandUnknown, FileUnread, OperandExtra, OperandMissing, OptionUnknown, PathRefused,
            RuleBroken, ValueMisfit, ValueMissing, ValueNotText, ValueRefused, ValueTwice,
            ValuesMiscounted,
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
            (OperandExtra, _) => Facts::Extra { found: fault.count().max(1) },
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
    let choices = kind.map_or_else(Vec::new, |kind| kind.offers().map(|offer| offer.0).listed());
    let (mut lowest, mut highest) = (None, None);
    for test in param.validators() {
        match test.says() {
            Says::Range(low, high) => (lowest, highest) = (Some(low), Some(high)),
            Says::AtLeast(low) => lowest = Some(low),
            Says::AtMost(high) => highest = Some(high),
            _ => {}
        }
    }
    if let Some([low, high]) = kind.and_then(|kind| kind.bounds()) {
        lowest = lowest.or_else(|| Some(low.to_owned()));
        highest = highest.or_else(|| Some(high.to_owned()));
    }
    Facts::Word { at, more: fault.more(), choices, lowest, highest }
}
