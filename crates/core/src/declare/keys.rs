//! The typed keys a program declares in statics, and later asks its reading with.

use std::ffi::OsString;
use std::hash::Hash;
use std::marker::PhantomData;
use std::path::PathBuf;

use super::cell::Cell;
use super::from_word::{Fraction, Whole};
use super::param::{NO_WORDS, Param, Role, Tail};
use super::said::param as said;
use super::sealed::{Flags, Lists, Sealed, Tails};
use super::shape::twin;
use super::valid::Validator;
use super::{FromWord, Refers, Shape, Unit, param};

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
#[doc(alias("positional", "argument"))]
pub struct Operand<'d, T: Shape> {
    param: Param<'d>,
    value: PhantomData<fn() -> T>,
}

/// A named thing with a value. Its type says whether it is needed and how many words it takes: see
/// [`Shape`]. A name of one letter is that letter alone: `-n`.
///
/// ```
/// use clavret_core::{Named, valid};
/// static FRAMES: Named<u8> = Named::new("frames").letter('f').default("0").valid(&valid::range(0, 20));
/// static AT: Named<Option<(f64, f64)>> = Named::new("at").placeholder("LAT LON");
/// static NOTES: Named<Vec<String>> = Named::new("note");
/// ```
#[derive(Debug)]
#[doc(alias("option", "argument"))]
pub struct Named<'d, T: Shape> {
    param: Param<'d>,
    value: PhantomData<fn() -> T>,
}

/// A named thing without a value: on or off, and off unless given.
///
/// ```
/// use clavret_core::Flag;
/// static CALM: Flag = Flag::new("calm").letter('c').opposite("restless").opposite_letter('r');
/// ```
///
/// `Flag<Option<bool>>` tells a flag that is not given from one that is off:
///
/// ```
/// use clavret_core::{Command, Flag, Outcome};
/// static CALM: Flag<Option<bool>> = Flag::new("calm").opposite("restless");
/// static INSPECT: Command = Command::new("inspect").takes(&[CALM.param()]);
///
/// let Outcome::Reading(reading) = INSPECT.read(&["--restless"]) else { panic!() };
/// assert_eq!(*reading.get(&CALM), Some(false));
/// ```
#[derive(Debug)]
#[doc(alias("switch"))]
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

        #[track_caller]
        const fn checked(self) -> Self {
            self.param.checked();
            self
        }

        /// What it means, in a few words without a full stop. Facts that are declared (range,
        /// default, opposite) are added by the pages: do not repeat them.
        #[must_use]
        #[track_caller]
        pub const fn help(mut self, help: &'d str) -> Self {
            self.param.note(said::HELP);
            self.param.help = help;
            self
        }

        /// A longer description for the full page, as that of a
        /// [command](super::Command::description).
        #[must_use]
        #[track_caller]
        pub const fn description(mut self, description: &'d str) -> Self {
            self.param.note(said::DESCRIPTION);
            self.param.description = description;
            self
        }

        /// Leaves it out of pages, fixes and completion; it still reads.
        #[must_use]
        #[track_caller]
        pub const fn hidden(mut self) -> Self {
            self.param.note(said::HIDDEN);
            self.param.hidden = true;
            self
        }

        /// Deprecates it: it still reads, a warning names what to type `instead`, and pages and
        /// completion leave it out.
        #[must_use]
        #[track_caller]
        pub const fn deprecated(mut self, instead: &'d str) -> Self {
            self.param.note(said::DEPRECATED);
            self.param.instead = instead;
            self
        }
    };
    (variable) => {
        /// An environment variable that stands in for it where no word gives it. An empty one counts
        /// as unset, unless the value may be empty text.
        #[must_use]
        #[doc(alias("environment"))]
        #[track_caller]
        pub const fn variable(mut self, name: &'d str) -> Self {
            self.param.note(said::VARIABLE);
            self.param.variable = name;
            self
        }
    };
    (once) => {
        /// It may be given once: a second time is a fault. (Without this the last one wins.)
        #[must_use]
        #[track_caller]
        pub const fn once(mut self) -> Self {
            self.param.note(said::ONCE);
            self
        }
    };
    (named) => {
        /// A letter that it is called by too, behind one dash: an ASCII letter or digit (POSIX
        /// guideline 3), or one of `?`, `#` and `:`. Further letters are [`aliases`](Self::aliases).
        #[doc(alias("short"))]
        #[must_use]
        #[track_caller]
        pub const fn letter(mut self, letter: char) -> Self {
            self.param.note(said::LETTER);
            self.param.set_letter(letter);
            self.checked()
        }

        /// Other names that mean the same: long ones, and letters.
        #[must_use]
        #[track_caller]
        pub const fn aliases(mut self, aliases: &'d [&'d str]) -> Self {
            self.param.note(said::ALIASES);
            self.param.aliases = aliases;
            self.checked()
        }

        /// Long names that it had before. They read, and a warning says what it is called now; pages
        /// and completion leave them out.
        #[must_use]
        #[track_caller]
        pub const fn formerly(mut self, names: &'d [&'d str]) -> Self {
            self.param.note(said::FORMERLY);
            self.param.former = names;
            self.checked()
        }

        /// Every command below accepts it too.
        #[must_use]
        #[doc(alias("global"))]
        #[track_caller]
        pub const fn throughout(mut self) -> Self {
            self.param.note(said::THROUGHOUT);
            self.param.throughout = true;
            self
        }
    };
    (valued) => {
        /// The value when it is not given, as a user would type it.
        #[must_use]
        #[doc(alias("default value"))]
        #[track_caller]
        pub const fn default(mut self, word: &'d str) -> Self {
            self.param.note(said::DEFAULT);
            self.param.default = Some(word);
            self
        }

        /// A validator; several are put together by [`valid::all`](super::valid::all).
        #[must_use]
        #[track_caller]
        pub const fn valid<V: Validator<T::Item>>(mut self, validator: &'d V) -> Self {
            self.param.note(said::VALID);
            self.param.test = Some(validator);
            self
        }

        /// What completion may look up for it, where that is not what its type says.
        #[must_use]
        #[track_caller]
        pub const fn refers(mut self, refers: Refers) -> Self {
            self.param.note(said::REFERS);
            self.param.refers = Some(refers);
            self
        }

        /// Shows its value as dots, in pages, faults and traces; and on a line that is refused also what
        /// may have been meant for it: what is attached to an unknown option or stands behind one, behind
        /// an unknown command, or behind a name near its own. Such a line is not offered repaired.
        #[must_use]
        #[track_caller]
        pub const fn secret(mut self) -> Self {
            self.param.note(said::SECRET);
            self.param.secret = true;
            self
        }

        /// The text shown for its value; its name in upper case unless given. A value of several
        /// words has a text for each, with a space between: `"LAT LON"`.
        #[must_use]
        #[track_caller]
        pub const fn placeholder(mut self, placeholder: &'d str) -> Self {
            self.param.note(said::PLACEHOLDER);
            self.param.placeholder = placeholder;
            self.checked()
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

/// What only some types of values have, shared by operands and options.
macro_rules! by_type {
    ($key:ident) => {
        impl<'d, T: Unit> $key<'d, Vec<T>> {
            /// How often it must and may be given.
            ///
            /// # Panics
            ///
            /// In a static, so that the build stops: when `min` is above `max`, or `max` is 0.
            #[must_use]
            #[track_caller]
            pub const fn times(mut self, min: u32, max: u32) -> Self {
                self.param.note(said::TIMES);
                self.param.set_times(min, max);
                self.checked()
            }

            /// No value may stand twice in the list.
            #[must_use]
            #[track_caller]
            pub const fn distinct(mut self) -> Self
            where
                T: Eq + Hash,
            {
                self.param.note(said::DISTINCT);
                self.param.twin = Some(twin::<T>);
                self
            }
        }

        impl<'d, T: Shape> $key<'d, T> {
            /// A word may hold several values, with this character between: `--sort code,place`. A
            /// backslash in front takes the character for itself, and itself for a backslash.
            #[must_use]
            #[track_caller]
            pub const fn joined_by(mut self, delimiter: char) -> Self
            where
                T: ListShape,
            {
                self.param.note(said::JOINED_BY);
                self.param.delimiter = Some(delimiter);
                self
            }
        }

        impl<'d, T: Shape> $key<'d, T>
        where
            T::Item: Whole,
        {
            /// Reads whole numbers as source code has them too: `0x1f`, `0o17`, `0b101`, `1_000`.
            #[must_use]
            #[track_caller]
            pub const fn as_in_code(mut self) -> Self {
                self.param.note(said::AS_IN_CODE);
                self.param.manner.code = true;
                self
            }
        }

        impl<'d, T: Shape> $key<'d, T>
        where
            T::Item: Fraction,
        {
            /// Reads `nan`, `inf` and `-inf` too, which are refused otherwise.
            #[must_use]
            #[track_caller]
            pub const fn infinite(mut self) -> Self {
                self.param.note(said::INFINITE);
                self.param.manner.infinite = true;
                self
            }
        }

        impl<'d, T: Shape<Item = PathBuf>> $key<'d, T> {
            /// Something must be at the path.
            #[must_use]
            #[track_caller]
            pub const fn present(mut self) -> Self {
                self.param.note(said::PRESENT);
                self.param.set_place();
                self.checked()
            }

            /// Nothing may be at the path yet.
            #[must_use]
            #[track_caller]
            pub const fn absent(mut self) -> Self {
                self.param.note(said::ABSENT);
                self.param.set_place();
                self.checked()
            }

            /// A file must be at the path.
            #[must_use]
            #[track_caller]
            pub const fn file(mut self) -> Self {
                self.param.note(said::FILE);
                self.param.set_place();
                self.checked()
            }

            /// A folder must be at the path.
            #[must_use]
            #[track_caller]
            pub const fn directory(mut self) -> Self {
                self.param.note(said::DIRECTORY);
                self.param.set_place();
                self.checked()
            }

            /// The path must end in one of these, written without a dot: `&["toml", "json"]`.
            #[must_use]
            #[track_caller]
            pub const fn extensions(mut self, extensions: &'d [&'d str]) -> Self {
                self.param.note(said::EXTENSIONS);
                self.param.path.extensions = extensions;
                self
            }
        }
    };
}

impl<'d, T: Shape> Operand<'d, T> {
    setters!(new draft Role::Operand, T::FORM, value: PhantomData);
    setters!(all);
    setters!(valued);
    setters!(variable);

    /// Takes words that are not read as others are.
    #[must_use]
    #[track_caller]
    pub const fn tail(mut self, tail: Tail) -> Self
    where
        T: TailShape,
    {
        self.param.note(said::TAIL);
        self.param.tail = Some(tail);
        self
    }
}

/// The shapes that a [`tail`](Operand::tail) may have: lists of words. Sealed.
pub trait TailShape: Shape + Sealed<Tails> {}

/// A list, several of whose values may stand in a word. Sealed.
#[diagnostic::on_unimplemented(
    message = "`{Self}` is no list whose values a sign could join",
    label = "`joined_by` is for several values",
    note = "make the type a `Vec`: `Named<Vec<String>>`, a field of `Vec<String>`"
)]
pub trait ListShape: Sealed<Lists> {}

impl<T: FromWord> ListShape for Vec<T> {}

impl TailShape for Vec<OsString> {}

impl TailShape for Vec<String> {}

impl<'d, T: Shape> Named<'d, T> {
    setters!(new draft Role::Option, T::FORM, value: PhantomData);
    setters!(all);
    setters!(named);
    setters!(valued);
    setters!(variable);
    setters!(once);

    /// Another name for a secret, which takes a file whose first line is the value; `-` is standard
    /// input. What is typed at a command line is seen by others who use the machine, and is kept in
    /// the shell's history.
    #[must_use]
    #[track_caller]
    pub const fn secret_file(mut self, name: &'d str) -> Self {
        self.param.note(said::SECRET_FILE);
        self.param.file_name = name;
        self.param.secret = true;
        self.checked()
    }
}

by_type!(Operand);
by_type!(Named);

impl<'d, T: FlagShape> Flag<'d, T> {
    setters!(new draft Role::Flag, &NO_WORDS, value: PhantomData);
    setters!(all);
    setters!(named);
    setters!(variable);
    setters!(once);

    /// A name that turns it off: the last one given wins.
    #[must_use]
    #[track_caller]
    pub const fn opposite(mut self, opposite: &'d str) -> Self {
        self.param.note(said::OPPOSITE);
        self.param.opposite = opposite;
        self.checked()
    }

    /// A letter for the opposite.
    #[must_use]
    #[track_caller]
    pub const fn opposite_letter(mut self, letter: char) -> Self {
        self.param.note(said::OPPOSITE_LETTER);
        self.param.set_opposite_letter(letter);
        self.checked()
    }

    /// Lets a word be attached that says which: `--calm=no`. It is one of `yes`, `no`, `true`,
    /// `false`, `on` and `off`.
    #[must_use]
    #[track_caller]
    pub const fn worded(mut self) -> Self {
        self.param.note(said::WORDED);
        self.param.worded = true;
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
    ['d, T: Shape] Named<'d, T>: T, T::ABSENT, None;
    ['d, T: FlagShape + Copy] Flag<'d, T>: T, Some(T::UNGIVEN), Some(*T::UNGIVEN);
    ['d] Tally<'d>: u32, Some(&0), Some(0);
}

/// Whether a key is that of a record.
pub(crate) fn is_key(key: &impl Key, record: &Param<'_>) -> bool {
    param::is(key.record(), record)
}
