//! The typed keys a program declares in statics, and later asks its reading with.

use std::marker::PhantomData;

use super::cell::Cell;
use super::param::{NO_WORDS, Param, Role};
use super::problem::{Problem, stop};
use super::valid::Validator;
use super::{Shape, param};

/// What a reading is asked with: `reading.get(&FRAMES)` gives what the key's type says.
pub trait Key {
    /// The type of the value.
    type Value: 'static;
    /// The untyped record, which identifies the key by its address.
    fn record(&self) -> &Param<'_>;
    #[doc(hidden)]
    fn peek<'c>(&self, cell: &'c Cell) -> Option<&'c Self::Value>;
    #[doc(hidden)]
    fn take(&self, cell: &mut Cell) -> Option<Self::Value>;
}

/// A value by position. Its type says how many words: see [`Shape`].
///
/// ```
/// use clavret_core::Operand;
/// static HIVE: Operand<String> = Operand::new("hive").help("hive to inspect, such as A7");
/// static WEIGHTS: Operand<Vec<f64>> = Operand::new("kilograms").times(1, 3);
/// ```
#[derive(Debug)]
pub struct Operand<'d, T: Shape> {
    param: Param<'d>,
    value: PhantomData<fn() -> T>,
}

/// A named thing with a value. Its type says whether it is needed and how many words it takes: see
/// [`Shape`]. A name of one letter is a short one.
///
/// ```
/// use clavret_core::{Opt, valid};
/// static FRAMES: Opt<u8> = Opt::new("frames").short('f').default("0").valid(&valid::range(0, 20));
/// static AT: Opt<Option<(f64, f64)>> = Opt::new("at").placeholder("LAT LON");
/// static NOTES: Opt<Vec<String>> = Opt::new("note");
/// ```
#[derive(Debug)]
pub struct Opt<'d, T: Shape> {
    param: Param<'d>,
    value: PhantomData<fn() -> T>,
}

/// A named thing without a value: on or off, and off unless given.
///
/// ```
/// use clavret_core::Flag;
/// static CALM: Flag = Flag::new("calm").short('c').opposite("restless").opposite_short('r');
/// ```
#[derive(Debug)]
pub struct Flag<'d> {
    param: Param<'d>,
}

/// A named thing without a value that counts how often it is given: `-vv` is 2.
#[derive(Debug)]
pub struct Tally<'d> {
    param: Param<'d>,
}

/// The setters that several keys share, written once.
macro_rules! setters {
    (all) => {
        /// The untyped record, to be listed by [`Command::takes`](super::Command::takes).
        pub const fn param(&self) -> &Param<'d> {
            &self.param
        }

        /// What it means, in a few words without a full stop. Facts that are declared (range,
        /// default, opposite) are added by the pages: do not repeat them.
        #[must_use]
        pub const fn help(mut self, help: &'d str) -> Self {
            self.param.help = help;
            self
        }

        /// A longer description for the full page.
        #[must_use]
        pub const fn description(mut self, description: &'d str) -> Self {
            self.param.description = description;
            self
        }

        /// Leaves it out of pages, fixes and completion; it still reads.
        #[must_use]
        pub const fn hidden(mut self) -> Self {
            self.param.hidden = true;
            self
        }
    };
    (named) => {
        /// A short name: one ASCII letter or digit (POSIX guideline 3).
        #[must_use]
        #[track_caller]
        pub const fn short(mut self, short: char) -> Self {
            self.param = self.param.with_short(short);
            self
        }

        /// Other long names that mean the same.
        #[must_use]
        pub const fn aliases(mut self, aliases: &'d [&'d str]) -> Self {
            self.param.aliases = aliases;
            self
        }

        /// Every command below accepts it too.
        #[must_use]
        pub const fn throughout(mut self) -> Self {
            self.param.throughout = true;
            self
        }
    };
    (valued) => {
        /// The value when it is not given, as a user would type it.
        #[must_use]
        pub const fn default(mut self, word: &'d str) -> Self {
            self.param = self.param.with_default(word);
            self
        }

        /// Adds a validator; up to three.
        #[must_use]
        #[track_caller]
        pub const fn valid<V: Validator<T::Item>>(mut self, validator: &'d V) -> Self {
            self.param = self.param.with_test(validator);
            self
        }

        /// The text shown for its value; its name in upper case unless given. A value of several
        /// words has a text for each, with a space between: `"LAT LON"`.
        #[must_use]
        pub const fn placeholder(mut self, placeholder: &'d str) -> Self {
            self.param.placeholder = placeholder;
            self
        }
    };
    ($new:ident $draft:ident $role:expr, $form:expr, $($made:tt)*) => {
        /// Declares it by its name, in lower case and without dashes.
        ///
        /// # Panics
        ///
        /// In a static, so that the build stops: when the name is empty, begins with a dash, or
        /// has `=`, white space or an upper-case letter in it.
        #[track_caller]
        pub const fn $new(name: &'d str) -> Self {
            Self { param: Param::new($role, name, $form), $($made)* }
        }

        /// The same for a tree made at run time, whose names are checked by
        /// [`Command::problems`](super::Command::problems) instead.
        pub const fn $draft(name: &'d str) -> Self {
            Self { param: Param::draft($role, name, $form), $($made)* }
        }
    };
}

/// How often a list may be given, shared by operands and options.
macro_rules! times {
    ($key:ident) => {
        impl<'d, T: super::Unit> $key<'d, Vec<T>> {
            /// How often it must and may be given.
            ///
            /// # Panics
            ///
            /// In a static, so that the build stops: when `min` is above `max`, or `max` is 0.
            #[must_use]
            #[track_caller]
            pub const fn times(mut self, min: u32, max: u32) -> Self {
                if min > max || max == 0 {
                    stop(Problem::Times { name: self.param.name });
                }
                self.param = self.param.with_times(min, max);
                self
            }
        }
    };
}

impl<'d, T: Shape> Operand<'d, T> {
    setters!(new draft Role::Operand, T::FORM, value: PhantomData);
    setters!(all);
    setters!(valued);
}

impl<'d, T: Shape> Opt<'d, T> {
    setters!(new draft Role::Option, T::FORM, value: PhantomData);
    setters!(all);
    setters!(named);
    setters!(valued);
}

times!(Operand);
times!(Opt);

impl<'d> Flag<'d> {
    setters!(new draft Role::Flag, &NO_WORDS,);
    setters!(all);
    setters!(named);

    /// A name that turns it off: the last one given wins.
    #[must_use]
    #[track_caller]
    pub const fn opposite(mut self, opposite: &'d str) -> Self {
        self.param = self.param.with_opposite(opposite);
        self
    }

    /// A short name for the opposite.
    #[must_use]
    #[track_caller]
    pub const fn opposite_short(mut self, short: char) -> Self {
        self.param = self.param.with_opposite_short(short);
        self
    }
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

            fn record(&self) -> &Param<'_> {
                &self.param
            }

            fn peek<'c>(&self, cell: &'c Cell) -> Option<&'c $value> {
                <$value as Shape>::peek(cell).or($absent)
            }

            fn take(&self, cell: &mut Cell) -> Option<$value> {
                <$value as Shape>::take(cell).or($untaken)
            }
        }
    )*};
}

keys! {
    ['d, T: Shape] Operand<'d, T>: T, T::ABSENT, None;
    ['d, T: Shape] Opt<'d, T>: T, T::ABSENT, None;
    ['d] Flag<'d>: bool, Some(&false), Some(false);
    ['d] Tally<'d>: u32, Some(&0), Some(0);
}

/// Whether a key is that of a record.
pub(crate) fn is_key(key: &impl Key, record: &Param<'_>) -> bool {
    param::is(key.record(), record)
}
