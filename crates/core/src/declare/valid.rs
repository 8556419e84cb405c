//! Validators: extra tests of a converted value, each of which says what would be right.
//!
//! A validator names the type it tests, so `Opt<u8>`, `Opt<Option<u8>>` and `Opt<Vec<u8>>` share
//! one. [`range`] comes with the library; a function of one's own joins by [`by`].

use std::any::Any;
use std::fmt::{Debug, Display};

/// A test of a value, without its type: what the reader calls.
///
/// [`Validator`] ties it to the type it tests; [`range`] and [`by`] make both.
pub trait Test: Debug + Send + Sync {
    /// Tests a value of the type that the validator names.
    ///
    /// # Errors
    ///
    /// Says in which way the value is refused.
    fn test(&self, value: &dyn Any) -> Result<(), Refusal>;

    /// The lowest and the highest value that pass, as a user would type them; pages and faults say
    /// them in a phrase of their own, and the lowest stands for an example.
    fn bounds(&self) -> Option<(String, String)> {
        None
    }

    /// What would be right, as pages say it behind the help: "an even number". Empty to say nothing.
    fn says(&self) -> &str {
        ""
    }
}

/// In which way a value is refused.
#[derive(Debug, Clone, PartialEq, Eq)]
#[non_exhaustive]
pub enum Refusal {
    /// It is above the highest that is accepted.
    Above,
    /// It is below the lowest that is accepted.
    Below,
    /// In the validator's own words.
    Own(String),
}

/// A [`Test`] of values of type `T`.
#[diagnostic::on_unimplemented(
    message = "this validator does not test values of type `{T}`",
    note = "a validator must name the parameter's own type: `valid::range(0u8, 20u8)` for an `Opt<u8>`"
)]
pub trait Validator<T>: Test {}

/// The values from one to another, both included. See [`range`].
#[derive(Debug, Clone, Copy)]
pub struct Range<T> {
    low: T,
    high: T,
}

/// Values from `low` to `high`, both included.
///
/// ```
/// use clavret_core::{Opt, valid};
/// static FRAMES: Opt<u8> = Opt::new("frames").default("0").valid(&valid::range(0, 20));
/// ```
pub const fn range<T: Copy>(low: T, high: T) -> Range<T> {
    Range { low, high }
}

impl<T: PartialOrd + Display + Debug + Send + Sync + 'static> Test for Range<T> {
    fn test(&self, value: &dyn Any) -> Result<(), Refusal> {
        match value.downcast_ref::<T>() {
            Some(value) if *value < self.low => Err(Refusal::Below),
            Some(value) if *value > self.high => Err(Refusal::Above),
            _ => Ok(()),
        }
    }

    fn bounds(&self) -> Option<(String, String)> {
        Some((self.low.to_string(), self.high.to_string()))
    }
}

impl<T> Validator<T> for Range<T> where Range<T>: Test {}

/// A developer's own test. See [`by`].
pub struct By<T> {
    test: fn(&T) -> Result<(), String>,
    says: &'static str,
}

/// The values that a function accepts; its error tells the user what would be right.
///
/// ```
/// use clavret_core::{Opt, valid};
///
/// fn even(count: &u8) -> Result<(), String> {
///     if count % 2 == 0 { Ok(()) } else { Err(format!("boxes hold pairs; {count} is odd")) }
/// }
///
/// static FRAMES: Opt<u8> = Opt::new("frames").default("0").valid(&valid::by(even).says("even"));
/// ```
pub const fn by<T>(test: fn(&T) -> Result<(), String>) -> By<T> {
    By { test, says: "" }
}

impl<T> By<T> {
    /// What would be right, as pages say it after the help: "an even number".
    #[must_use]
    pub const fn says(mut self, says: &'static str) -> Self {
        self.says = says;
        self
    }
}

impl<T> Debug for By<T> {
    fn fmt(&self, f: &mut std::fmt::Formatter<'_>) -> std::fmt::Result {
        f.debug_struct("By").field("says", &self.says).finish_non_exhaustive()
    }
}

impl<T: 'static> Test for By<T> {
    fn test(&self, value: &dyn Any) -> Result<(), Refusal> {
        match value.downcast_ref::<T>() {
            Some(value) => (self.test)(value).map_err(Refusal::Own),
            None => Ok(()),
        }
    }

    fn says(&self) -> &str {
        self.says
    }
}

impl<T: 'static> Validator<T> for By<T> {}
