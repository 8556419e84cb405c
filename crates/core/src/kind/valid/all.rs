//! Several validators put together.

use std::any::Any;
use std::fmt::{self, Debug};

use super::Validator;
use crate::record::param::part;
use crate::record::refusal::Refusal;
use crate::record::test::Test;

/// Several validators, of which each must accept a value. See [`all`].
pub struct All<'d, T: 'static>(&'d [&'d dyn Validator<T>]);

impl<T: 'static> Debug for All<'_, T> {
    fn fmt(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {
        f.debug_list().entries(self.0).finish()
    }
}

/// The values that each of some validators accepts; what each says is said in turn.
///
/// ```
/// # use clavret_core as clavret;
/// use clavret::{Command, Named, Outcome, valid};
/// static JARS: Named<u32> = Named::new("jars")
///     .valid(&valid::all(&[&valid::range(1, 600), &valid::multiple_of(6)]));
/// static PACK: Command = Command::new("pack").takes(&[JARS.param()]);
/// assert!(matches!(PACK.read(&["--jars", "12"]), Outcome::Reading(_)));
/// assert!(matches!(PACK.read(&["--jars", "13"]), Outcome::Faults(_)));
/// assert!(matches!(PACK.read(&["--jars", "606"]), Outcome::Faults(_)));
/// ```
pub const fn all<'d, T: 'static>(validators: &'d [&'d dyn Validator<T>]) -> All<'d, T> {
    All(validators)
}

impl<T: 'static> Test for All<'_, T> {
    fn test(&self, value: &dyn Any) -> Result<(), Refusal> {
        self.judge(value).map_err(|(_, refusal)| refusal)
    }

    fn judge(&self, value: &dyn Any) -> Result<(), (usize, Refusal)> {
        let mut first = 0;
        for &validator in self.0 {
            validator.judge(value).map_err(|(at, refusal)| (first + at, refusal))?;
            first += count(validator);
        }
        Ok(())
    }

    fn part(&self, mut at: usize) -> Option<&dyn Test> {
        for &validator in self.0 {
            let count = count(validator);
            if at < count {
                return part(validator, at);
            }
            at -= count;
        }
        None
    }

    fn is_list(&self) -> bool {
        true
    }

    fn is_discreet(&self) -> bool {
        self.0.iter().all(|validator| validator.is_discreet())
    }
}

/// How many validators one is.
fn count(test: &dyn Test) -> usize {
    if test.is_list() { (0..).take_while(|&at| test.part(at).is_some()).count() } else { 1 }
}

impl<T: 'static> Validator<T> for All<'_, T> {}
