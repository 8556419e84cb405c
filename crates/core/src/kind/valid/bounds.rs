//! Limits of a value: at both sides, or at one.

use std::any::Any;
use std::fmt::{Debug, Display};

use super::{Validator, shown};
use crate::record::kind::Kind;
use crate::record::refusal::Refusal;
use crate::record::test::{Says, Test};
use crate::text::of;
use crate::wording::Speech;

/// The values from one to another, both included. See [`range`].
#[derive(Clone, Copy)]
pub struct Range<T> {
    low: T,
    high: T,
}

/// Values from `low` to `high`, both included.
///
/// ```
/// # use clavret_core as clavret;
/// use clavret::{Named, valid};
/// static FRAMES: Named<u8> = Named::new("frames").default("0").valid(&valid::range(0, 20));
/// ```
pub const fn range<T: Copy>(low: T, high: T) -> Range<T> {
    Range { low, high }
}

/// The same of values that may own something.
#[cfg(feature = "by-name")]
pub(crate) fn between<T>(low: T, high: T) -> Range<T> {
    Range { low, high }
}

/// As faults tell it: what debugs the values is no part of most programs.
impl<T: Display> Debug for Range<T> {
    fn fmt(&self, f: &mut std::fmt::Formatter<'_>) -> std::fmt::Result {
        f.write_str(&of(&[&shown(&self.low), "..=", &shown(&self.high)]))
    }
}

impl<T: PartialOrd + Display + Debug + Send + Sync + 'static> Test for Range<T> {
    fn test(&self, value: &dyn Any) -> Result<(), Refusal> {
        match value.downcast_ref::<T>() {
            Some(value) if *value < self.low => Err(Refusal::below()),
            Some(value) if *value > self.high => Err(Refusal::above()),
            _ => Ok(()),
        }
    }

    // Asked for by all that a validator tells.
    #[inline(never)]
    fn says(&self) -> Says<'_> {
        Says::Range(shown(&self.low), shown(&self.high))
    }

    // Nearly every program has one: it needs no word of the others'.
    fn told<'t>(&self, kind: &Kind<'_>, speech: Speech<'t>) -> &'t str {
        speech.says_range(&self.says(), kind)
    }

    fn data(&self) -> Option<Says<'_>> {
        Some(self.says())
    }

    fn is_impossible(&self) -> bool {
        self.low > self.high
    }

    fn is_discreet(&self) -> bool {
        true
    }
}

impl<T> Validator<T> for Range<T> where Range<T>: Test {}

/// The values from one on, or up to one. See [`at_least`] and [`at_most`].
#[derive(Clone, Copy)]
pub struct Bound<T> {
    value: T,
    is_least: bool,
}

/// A value and all above it.
///
/// ```
/// # use clavret_core as clavret;
/// use clavret::{Named, valid};
/// static WEIGHT: Named<f64> = Named::new("weight").valid(&valid::at_least(0.5));
/// ```
pub const fn at_least<T>(low: T) -> Bound<T> {
    Bound { value: low, is_least: true }
}

/// A value and all below it.
pub const fn at_most<T>(high: T) -> Bound<T> {
    Bound { value: high, is_least: false }
}

impl<T: Display> Debug for Bound<T> {
    fn fmt(&self, f: &mut std::fmt::Formatter<'_>) -> std::fmt::Result {
        let value = shown(&self.value);
        f.write_str(&if self.is_least { of(&[&value, ".."]) } else { of(&["..=", &value]) })
    }
}

impl<T: PartialOrd + Display + Debug + Send + Sync + 'static> Test for Bound<T> {
    fn test(&self, value: &dyn Any) -> Result<(), Refusal> {
        match value.downcast_ref::<T>() {
            Some(value) if self.is_least && *value < self.value => Err(Refusal::below()),
            Some(value) if !self.is_least && *value > self.value => Err(Refusal::above()),
            _ => Ok(()),
        }
    }

    #[inline(never)]
    fn says(&self) -> Says<'_> {
        let value = shown(&self.value);
        if self.is_least { Says::AtLeast(value) } else { Says::AtMost(value) }
    }

    fn data(&self) -> Option<Says<'_>> {
        Some(self.says())
    }

    fn is_discreet(&self) -> bool {
        true
    }
}

impl<T> Validator<T> for Bound<T> where Bound<T>: Test {}
