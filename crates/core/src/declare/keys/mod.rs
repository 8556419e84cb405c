//! The typed keys a program declares in statics, and later asks its reading with.

#[macro_use]
pub(crate) mod setters;
#[macro_use]
pub(crate) mod values;
pub(crate) mod untyped;

use std::ffi::OsString;
use std::hash::Hash;
use std::marker::PhantomData;
use std::path::PathBuf;

use crate::declare::param::is_letter;
use crate::kind::from_word::{Fraction, FromWord, Whole};
use crate::kind::sealed::{Flags, Joined, Sealed, Tails};
use crate::kind::shape::{Shape, Unit, twin};
use crate::kind::valid::Validator;
use crate::record::alone::Alone;
use crate::record::cell::Held;
use crate::record::form::NO_WORDS;
use crate::record::key::Key;
use crate::record::kind::Refers;
use crate::record::list::Lister;
use crate::record::param::{Param, Role, Tail, Times};
use crate::record::settings::param as said;

/// A value by position. Its type says how many words: see [`Shape`].
///
/// ```
/// # use clavret_core as clavret;
/// use clavret::Operand;
/// static HIVE: Operand<String> = Operand::new("hive").help("hive to inspect, such as A7");
/// static WEIGHTS: Operand<Vec<f64>> = Operand::new("kilograms").times(1, 3);
/// ```
#[derive(Debug)]
#[doc(alias("positional", "argument"))]
pub struct Operand<'d, T: Shape> {
    param: Param<'d>,
    value: PhantomData<fn() -> T>,
}

/// A named thing with a value. Its type says whether it is needed and how many words it takes: see
/// [`Shape`]. A name of one letter is that letter alone: `-n`.
///
/// ```
/// # use clavret_core as clavret;
/// use clavret::{Named, valid};
/// static FRAMES: Named<u8> = Named::new("frames").letter('f').default("0").valid(&valid::range(0, 20));
/// static AT: Named<Option<(f64, f64)>> = Named::new("at").placeholder("LAT LON");
/// static NOTES: Named<Vec<String>> = Named::new("note");
/// ```
#[derive(Debug)]
#[doc(alias("option", "keyword argument"))]
pub struct Named<'d, T: Shape> {
    param: Param<'d>,
    value: PhantomData<fn() -> T>,
}

/// A named thing without a value: on or off, and off unless given.
///
/// ```
/// # use clavret_core as clavret;
/// use clavret::Flag;
/// static CALM: Flag = Flag::new("calm").letter('c').opposite("restless").opposite_letter('r');
/// ```
///
/// `Flag<Option<bool>>` tells a flag that is not given from one that is off:
///
/// ```
/// # use clavret_core as clavret;
/// use clavret::{Command, Flag, Outcome};
/// static CALM: Flag<Option<bool>> = Flag::new("calm").opposite("restless");
/// static INSPECT: Command = Command::new("inspect").takes(&[CALM.param()]);
///
/// let Outcome::Reading(reading) = INSPECT.read(&["--restless"]) else { panic!() };
/// assert_eq!(*reading.get(&CALM), Some(false));
/// ```
#[derive(Debug)]
#[doc(alias("switch", "boolean option"))]
pub struct Flag<'d, T: FlagShape = bool> {
    param: Param<'d>,
    value: PhantomData<fn() -> T>,
}

/// What a [`Flag`] gives: `bool`, or `Option<bool>`, which tells a flag that is not given from one
/// that is off. Sealed.
#[diagnostic::on_unimplemented(
    message = "a flag cannot give a `{Self}`",
    label = "expected `bool`, or `Option<bool>` to tell a flag that is not given from one that is off",
    note = "what counts is a tally, and what takes a value an option"
)]
pub trait FlagShape: Shape + Sealed<Flags> {
    #[doc(hidden)]
    const UNGIVEN: &'static Self;
}

impl FlagShape for bool {
    const UNGIVEN: &'static Self = &false;
}

impl FlagShape for Option<bool> {
    const UNGIVEN: &'static Self = &None;
}

/// A named thing without a value that counts how often it is given: `-vv` is 2.
#[doc(alias("counter", "verbosity"))]
#[derive(Debug)]
pub struct Tally<'d> {
    param: Param<'d>,
}

impl<'d, T: Shape> Operand<'d, T> {
    setters!(new draft Role::Operand, T::FORM, value: PhantomData);
    setters!(all);
    of_values!(valued);
    of_values!(valid);
    setters!(variable);
    of_values!(tail where T: TailShape);
}

/// The shapes that a [`tail`](Operand::tail) may have: lists of words. Sealed.
pub trait TailShape: Shape + Sealed<Tails> {}

/// A list, several of whose values may be in one word. Sealed.
#[diagnostic::on_unimplemented(
    message = "`{Self}` is no list whose values a sign could join",
    label = "`joined_by` is for several values",
    note = "make the type a `Vec`: `Named<Vec<String>>`, a field of `Vec<String>`"
)]
pub trait ListShape: Sealed<Joined> {}

impl<T: FromWord> ListShape for Vec<T> {}

impl TailShape for Vec<OsString> {}

impl TailShape for Vec<String> {}

impl<'d, T: Shape> Named<'d, T> {
    setters!(new draft Role::Option, T::FORM, value: PhantomData);
    setters!(all);
    setters!(named);
    of_values!(valued);
    of_values!(valid);
    setters!(variable);
    setters!(once);
    setters!(alone);
    of_values!(secret_file);
}

by_type!(Operand);

by_type!(Named);

impl<'d> Flag<'d> {
    setters!(draft Role::Flag, &NO_WORDS, value: PhantomData);

    /// Makes it a flag which tells that it is not given from that it is off: what `Flag<Option<bool>>` is in a static.
    #[must_use]
    #[inline]
    pub const fn optional(self) -> Flag<'d, Option<bool>> {
        Flag { param: self.param, value: PhantomData }
    }
}

impl<'d, T: FlagShape> Flag<'d, T> {
    setters!(new Role::Flag, &NO_WORDS, value: PhantomData);
    setters!(all);
    setters!(named);
    setters!(variable);
    setters!(once);
    setters!(alone);
    setters!(opposite);
}

impl<'d> Tally<'d> {
    setters!(new draft Role::Tally, &NO_WORDS,);
    setters!(all);
    setters!(named);
}

macro_rules! keys {
    ($([$($generics:tt)*] $key:ty: $value:ty, $absent:expr, $untaken:expr;)*) => {$(
        impl<$($generics)*> Key for $key {
            type Value = $value;

            #[inline]
            fn record(&self) -> &Param<'_> {
                &self.param
            }

            #[inline]
            fn peek<'c>(&self, cell: &'c Held) -> Option<&'c $value> {
                <$value as Shape>::peek(cell).or($absent)
            }

            #[inline]
            fn take(&self, cell: &mut Held) -> Option<$value> {
                <$value as Shape>::take(cell).or($untaken)
            }
        }
    )*};
}

keys! {
    ['d, T: Shape] Operand<'d, T>: T, T::ABSENT, None;
    ['d, T: Shape] Named<'d, T>: T, T::ABSENT, None;
    ['d, T: FlagShape + Copy] Flag<'d, T>: T, Some(T::UNGIVEN), Some(*T::UNGIVEN);
    ['d] Tally<'d>: u32, Some(&0), Some(0);
}
