//! Validators: extra tests of a converted value, each of which says what would be right.
//!
//! A validator names the type it tests, so `Named<u8>`, `Named<Option<u8>>` and `Named<Vec<u8>>` share
//! one. [`range`], [`multiple_of`], [`one_of`], [`any_but`] and [`length`] come with the library
//! (features add `pattern` and `schemes`); a function of one's own joins by [`by`], and several by [`all`](all()).

pub(crate) mod all;
pub(crate) mod bounds;

use std::any::Any;
use std::fmt::{Debug, Display};
use std::ops::Rem;

pub use self::all::{All, all};
pub use self::bounds::{Bound, Range, at_least, at_most, range};
#[cfg(feature = "regex")]
pub use crate::kind::foreign::regex::{Pattern, pattern};
#[cfg(feature = "url")]
pub use crate::kind::foreign::url::{Schemes, schemes};
use crate::record::kind::Kind;
use crate::record::refusal::Refusal;
pub use crate::record::test::{Says, Test};
use crate::text::times;
use crate::wording::Speech;

/// A [`Test`] of values of type `T`.
#[diagnostic::on_unimplemented(
    message = "this validator does not test values of type `{T}`",
    note = "a validator must name the parameter's own type: `valid::range(0u8, 20u8)` for a `Named<u8>`; for the length of text write `valid::length(1, 20)`, for some texts `valid::one_of(&[\"a\", \"b\"])`"
)]
pub trait Validator<T>: Test {}

/// A value as text, once for all types.
#[inline(never)]
fn shown(value: &dyn Display) -> String {
    value.to_string()
}

/// A developer's own test. See [`by`].
pub struct By<'d, T> {
    test: fn(&T) -> Result<(), String>,
    says: &'d str,
}

/// The values that a function accepts; its error tells the user what would be right.
///
/// ```
/// # use clavret_core as clavret;
/// use clavret::{Named, valid};
///
/// fn even(count: &u8) -> Result<(), String> {
///     if count % 2 == 0 { Ok(()) } else { Err(format!("boxes hold pairs; {count} is odd")) }
/// }
///
/// static FRAMES: Named<u8> = Named::new("frames").default("0").valid(&valid::by(even).says("even"));
/// ```
pub const fn by<'d, T>(test: fn(&T) -> Result<(), String>) -> By<'d, T> {
    By { test, says: "" }
}

impl<'d, T> By<'d, T> {
    /// What would be right, as pages say it after the help: "an even number".
    #[must_use]
    pub const fn says(mut self, says: &'d str) -> Self {
        self.says = says;
        self
    }
}

impl<T> Debug for By<'_, T> {
    fn fmt(&self, f: &mut std::fmt::Formatter<'_>) -> std::fmt::Result {
        f.debug_struct("By").field("says", &self.says).finish_non_exhaustive()
    }
}

impl<T: 'static> Test for By<'_, T> {
    fn test(&self, value: &dyn Any) -> Result<(), Refusal> {
        match value.downcast_ref::<T>() {
            Some(value) => (self.test)(value).map_err(Refusal::because),
            None => Ok(()),
        }
    }

    fn says(&self) -> Says<'_> {
        if self.says.is_empty() { Says::Nothing } else { Says::Own(self.says, "") }
    }

    fn told<'t>(&self, _: &Kind<'_>, speech: Speech<'t>) -> &'t str {
        speech.own(self.says)
    }
}

impl<T: 'static> Validator<T> for By<'_, T> {}

/// The values that another divides. See [`multiple_of`].
#[derive(Debug, Clone, Copy)]
pub struct MultipleOf<T>(T);

/// Values that `factor` divides. No value is a multiple of zero.
///
/// ```
/// # use clavret_core as clavret;
/// use clavret::{Command, Named, Outcome, valid};
/// static JARS: Named<u32> = Named::new("jars").valid(&valid::multiple_of(6));
/// static PACK: Command = Command::new("pack").takes(&[JARS.param()]);
/// assert!(matches!(PACK.read(&["--jars", "12"]), Outcome::Reading(_)));
/// assert!(matches!(PACK.read(&["--jars", "13"]), Outcome::Faults(_)));
/// ```
pub const fn multiple_of<T: Copy>(factor: T) -> MultipleOf<T> {
    MultipleOf(factor)
}

impl<T> Test for MultipleOf<T>
where
    T: Rem<Output = T> + PartialEq + Default + Copy + Display + Debug + Send + Sync + 'static,
{
    fn test(&self, value: &dyn Any) -> Result<(), Refusal> {
        let zero = T::default();
        let divides = |value: &T| self.0 != zero && *value % self.0 == zero;
        match value.downcast_ref::<T>() {
            Some(value) if !divides(value) => Err(Refusal::new()),
            _ => Ok(()),
        }
    }

    fn says(&self) -> Says<'_> {
        Says::MultipleOf(shown(&self.0))
    }

    fn data(&self) -> Option<Says<'_>> {
        Some(self.says())
    }

    fn is_discreet(&self) -> bool {
        true
    }

    fn example(&self) -> Option<String> {
        Some(shown(&self.0))
    }
}

impl<T> Validator<T> for MultipleOf<T> where MultipleOf<T>: Test {}

/// Some values, or all but some. See [`one_of`] and [`any_but`].
#[derive(Debug, Clone, Copy)]
pub struct Among<'d, T> {
    values: &'d [T],
    accepts: bool,
}

/// The values of a list. Where each should have help of its own, and completion should offer them, a
/// [`Choice`](crate::Choice) is better.
///
/// ```
/// # use clavret_core as clavret;
/// use clavret::{Named, valid};
/// static FRAMES: Named<u8> = Named::new("frames").valid(&valid::one_of(&[5, 10, 20]));
/// ```
pub const fn one_of<T>(values: &[T]) -> Among<'_, T> {
    Among { values, accepts: true }
}

/// All values but those of a list.
///
/// ```
/// # use clavret_core as clavret;
/// use clavret::{Named, valid};
/// static STAND: Named<u8> = Named::new("stand").valid(&valid::any_but(&[13]));
/// ```
pub const fn any_but<T>(values: &[T]) -> Among<'_, T> {
    Among { values, accepts: false }
}

impl<T: PartialEq + Display + Debug + Send + Sync + 'static> Test for Among<'_, T> {
    fn test(&self, value: &dyn Any) -> Result<(), Refusal> {
        match value.downcast_ref::<T>() {
            Some(value) => self.refuses(self.values.contains(value)),
            // Literal texts are held against text that was read.
            None => match value.downcast_ref::<String>() {
                Some(text) => self.refuses(self.values.iter().any(|one| shown(one) == *text)),
                None => Ok(()),
            },
        }
    }

    fn says(&self) -> Says<'_> {
        let values = self.values.iter().map(T::to_string).collect();
        if self.accepts { Says::OneOf(values) } else { Says::AnyBut(values) }
    }

    fn data(&self) -> Option<Says<'_>> {
        Some(self.says())
    }

    fn is_discreet(&self) -> bool {
        true
    }

    fn example(&self) -> Option<String> {
        self.values.first().filter(|_| self.accepts).map(T::to_string)
    }
}

impl<'d, T> Validator<T> for Among<'d, T> where Among<'d, T>: Test {}

impl Validator<String> for Among<'_, &'static str> {}

impl<T> Among<'_, T> {
    /// The refusal of a value that is one of the list, or none.
    fn refuses(&self, is_listed: bool) -> Result<(), Refusal> {
        match (is_listed == self.accepts, self.accepts) {
            (true, _) => Ok(()),
            (false, true) => Err(Refusal::new()),
            (false, false) => Err(Refusal::excluded()),
        }
    }
}

/// Text of a length. See [`length`].
#[derive(Debug, Clone, Copy)]
pub struct Length {
    least: usize,
    most: usize,
}

/// Text of `least` to `most` characters (Unicode scalar values), both included.
///
/// ```
/// # use clavret_core as clavret;
/// use clavret::{Named, valid};
/// static NOTE: Named<Option<String>> = Named::new("note").valid(&valid::length(1, 80));
/// ```
pub const fn length(least: usize, most: usize) -> Length {
    Length { least, most }
}

impl Test for Length {
    fn test(&self, value: &dyn Any) -> Result<(), Refusal> {
        let Some(text) = value.downcast_ref::<String>() else { return Ok(()) };
        let count = text.chars().count();
        if (self.least..=self.most).contains(&count) {
            return Ok(());
        }
        Err(Refusal::has(count))
    }

    fn says(&self) -> Says<'_> {
        Says::Characters(self.least, self.most)
    }

    fn is_impossible(&self) -> bool {
        self.least > self.most
    }

    fn data(&self) -> Option<Says<'_>> {
        Some(self.says())
    }

    fn is_discreet(&self) -> bool {
        true
    }

    fn example(&self) -> Option<String> {
        let length = 4.clamp(self.least, self.most.max(self.least)).min(1_000);
        let mut text = times("text", length.div_ceil(4));
        text.truncate(length);
        Some(text)
    }
}

impl Validator<String> for Length {}
