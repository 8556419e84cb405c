//! The setters of keys that have values, written once: which key has which, its type says.

/// The setters that keys with values share.
macro_rules! of_values {
    (valued) => {
        setter! {
            /// The value where none is given, as a user would type it.
            ///
            /// ```
            /// # use clavret_core as clavret;
            /// use clavret::{Command, Named, Outcome};
            /// static FRAMES: Named<u8> = Named::new("frames").default("10");
            /// static INSPECT: Command = Command::new("inspect").takes(&[FRAMES.param()]);
            ///
            /// let Outcome::Reading(reading) = INSPECT.read::<&str>(&[]) else { panic!() };
            /// assert_eq!(*reading.get(&FRAMES), 10);
            /// ```
            ///
            /// A list has several with [`joined_by`](Self::joined_by): `"code,place"`.
            ///
            /// # Panics
            ///
            /// In a static, so that the build stops where a command [takes](crate::Command::takes) it: when a whole
            /// number does not read, or it is none of the choices. `prove` looks at what only running code can read.
            #[doc(alias("default value", "fallback"))]
            DEFAULT default(word: &'d str) set_default
        }

        setter! {
            /// What completion may look up for it, where that is not what its type says.
            #[doc(alias("path completion"))]
            REFERS refers(refers: Refers) set_refers
        }

        setter! {
            /// Shows its value as dots in pages, faults and traces. On a line that is refused, so is what
            /// may have been meant for it: what is attached to an unknown option, or comes after one, after
            /// an unknown command, or after a name near its own. Such a line is not offered repaired.
            ///
            /// ```
            /// # use clavret_core as clavret;
            /// use clavret::{Command, Named, Outcome};
            /// use clavret::look::Look;
            /// static PIN: Named<Option<u32>> = Named::new("pin").secret();
            /// static UNLOCK: Command = Command::new("unlock").takes(&[PIN.param()]);
            ///
            /// let Outcome::Faults(faults) = UNLOCK.read(&["--pin", "12e4"]) else { panic!() };
            /// assert!(!faults.draw(Look::PLAIN).contains("12e4"));
            /// ```
            #[doc(alias("password"))]
            SECRET secret(), checked
        }

        setter! {
            /// What lists its values at run time: for completion; and where the list is closed, for pages, faults and
            /// fixes too, and what it does not have is refused. See the facade's `List`.
            ///
            /// # Panics
            ///
            /// In a static, so that the build stops: for a value of several words, or of a key and a value; and
            /// beside `secret` or `secret_file`, as what is listed is shown.
            #[doc(alias("run-time values"))]
            LISTED_BY listed_by(list: &'d dyn Lister) set_listed_by, checked
        }

        setter! {
            /// The text shown for its value; its name in upper case unless given. A value of several
            /// words has a text for each, with a space between: `"LAT LON"`.
            ///
            /// # Panics
            ///
            /// In a static, so that the build stops: when it has not as many texts as a value has words.
            #[doc(alias("value name"))]
            PLACEHOLDER placeholder(placeholder: &'d str) set_placeholder, checked
        }
    };
    (valid) => {
        /// A validator; several are put together by [`valid::all`](crate::valid::all()).
        ///
        /// ```
        /// # use clavret_core as clavret;
        /// use clavret::{Command, Named, Outcome, valid};
        /// use clavret::look::Look;
        /// static FRAMES: Named<u8> = Named::new("frames").default("0").valid(&valid::range(0, 20));
        /// static INSPECT: Command = Command::new("inspect").takes(&[FRAMES.param()]);
        ///
        /// let Outcome::Faults(faults) = INSPECT.read(&["--frames", "26"]) else { panic!() };
        /// assert!(faults.draw(Look::PLAIN).contains("from 0 to 20; '26' is above that"));
        /// ```
        #[doc(alias("validator"))]
        #[must_use]
        #[track_caller]
        #[inline]
        pub const fn valid<V: Validator<T::Item>>(mut self, validator: &'d V) -> Self {
            self.param.note(said::VALID);
            self.param.set_valid(validator);
            self
        }
    };
    (times) => {
        /// How often it must and may be given.
        ///
        /// ```
        /// # use clavret_core as clavret;
        /// use clavret::{Command, Operand, Outcome};
        /// static WEIGHTS: Operand<Vec<f64>> = Operand::new("kilograms").times(1, 3);
        /// static HARVEST: Command = Command::new("harvest").takes(&[WEIGHTS.param()]);
        ///
        /// let Outcome::Reading(reading) = HARVEST.read(&["12.5", "8"]) else { panic!() };
        /// assert_eq!(reading.get(&WEIGHTS), &[12.5, 8.0]);
        /// assert!(matches!(HARVEST.read::<&str>(&[]), Outcome::Faults(_)));
        /// assert!(matches!(HARVEST.read(&["1", "2", "3", "4"]), Outcome::Faults(_)));
        /// ```
        ///
        /// # Panics
        ///
        /// In a static, so that the build stops: when `min` is above `max`, or `max` is 0.
        #[doc(alias("arity"))]
        #[must_use]
        #[track_caller]
        #[inline]
        pub const fn times(mut self, min: u32, max: u32) -> Self {
            self.param.note(said::TIMES);
            self.param.set_times(Times { min, max });
            self.checked()
        }
    };
    (joined $($bound:tt)*) => {
        /// A word may hold several values, with this character between them: `--sort code,place`. A
        /// backslash before the character, or before a backslash, makes it part of a value.
        ///
        /// ```
        /// # use clavret_core as clavret;
        /// use clavret::{Command, Named, Outcome};
        /// static SORT: Named<Vec<String>> = Named::new("sort").joined_by(',');
        /// static LIST: Command = Command::new("list").takes(&[SORT.param()]);
        ///
        /// let Outcome::Reading(reading) = LIST.read(&["--sort", "code,place", "--sort=frames"]) else { panic!() };
        /// assert_eq!(reading.get(&SORT), &["code", "place", "frames"]);
        /// ```
        #[doc(alias("delimiter", "separator"))]
        #[must_use]
        #[track_caller]
        #[inline]
        pub const fn joined_by(mut self, delimiter: char) -> Self
        $($bound)*
        {
            self.param.note(said::JOINED_BY);
            self.param.set_joined_by(delimiter);
            self
        }
    };
    (code) => {
        setter! {
            /// Reads whole numbers as source code has them too: `0x1f`, `0o17`, `0b101`, `1_000`.
            AS_IN_CODE as_in_code()
        }
    };
    (infinite) => {
        setter! {
            /// Reads `nan`, `inf` and `-inf` too, which are refused otherwise.
            INFINITE infinite()
        }
    };
    (path) => {
        setter! {
            /// Something must be at the path.
            ///
            /// # Panics
            ///
            /// In a static, so that the build stops: beside another setter that says what must be at the path.
            PRESENT present(), checked
        }

        setter! {
            /// Nothing may be at the path yet.
            ///
            /// # Panics
            ///
            /// In a static, so that the build stops: beside another setter that says what must be at the path.
            ABSENT absent(), checked
        }

        setter! {
            /// A file must be at the path.
            ///
            /// # Panics
            ///
            /// In a static, so that the build stops: beside another setter that says what must be at the path.
            FILE file(), checked
        }

        setter! {
            /// A folder must be at the path.
            ///
            /// # Panics
            ///
            /// In a static, so that the build stops: beside another setter that says what must be at the path.
            DIRECTORY directory(), checked
        }

        setter! {
            /// The path must end in one of these, written without a dot: `&["toml", "json"]`.
            EXTENSIONS extensions(extensions: &'d [&'d str]) set_extensions
        }
    };
    (tail $($bound:tt)*) => {
        /// Takes words that are not read as others are.
        #[must_use]
        #[track_caller]
        #[inline]
        pub const fn tail(mut self, tail: Tail) -> Self
        $($bound)*
        {
            self.param.note(said::TAIL);
            self.param.set_tail(tail);
            self
        }
    };
    (secret_file) => {
        setter! {
            /// Declares another option for a secret, which takes a file whose first line is the value; `-` is standard
            /// input. What is typed at a command line is seen by others who use the machine, and is kept in
            /// the shell's history.
            ///
            /// # Panics
            ///
            /// In a static, so that the build stops: when no option can have the name, as with
            /// [`new`](crate::Named::new).
            SECRET_FILE secret_file(name: &'d str) set_secret_file, checked
        }
    };
}

/// What only some types of values have, shared by operands and options.
macro_rules! by_type {
    ($key:ident) => {
        impl<'d, T: Unit> $key<'d, Vec<T>> {
            of_values!(times);

            /// No value may be in the list twice.
            #[doc(alias("unique"))]
            #[must_use]
            #[track_caller]
            #[inline]
            pub const fn distinct(mut self) -> Self
            where
                T: Eq + Hash,
            {
                self.param.note(said::DISTINCT);
                self.param.set_twin(twin::<T>);
                self
            }
        }

        impl<'d, T: Shape> $key<'d, T> {
            of_values!(joined where T: ListShape);
        }

        impl<'d, T: Shape> $key<'d, T>
        where
            T::Item: Whole,
        {
            of_values!(code);
        }

        impl<'d, T: Shape> $key<'d, T>
        where
            T::Item: Fraction,
        {
            of_values!(infinite);
        }

        impl<'d, T: Shape<Item = PathBuf>> $key<'d, T> {
            of_values!(path);
        }
    };
}
