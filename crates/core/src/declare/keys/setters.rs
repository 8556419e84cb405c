//! The setters of keys, written once: which key has which, its type says.

/// The setters that several keys share, written once.
macro_rules! setters {
    (all) => {
        /// The untyped record, to be listed by [`Command::takes`](crate::Command::takes).
        #[inline]
        pub const fn param(&self) -> &Param<'d> {
            &self.param
        }

        #[track_caller]
        #[inline]
        const fn checked(self) -> Self {
            self.param.checked();
            self
        }

        /// What it means, in a few words without a full stop. Pages add the facts that are declared, such as
        /// its range, its default and its opposite; do not repeat them.
        #[must_use]
        #[track_caller]
        #[inline]
        pub const fn help(mut self, help: &'d str) -> Self {
            self.param.note(said::HELP);
            self.param.set_help(help);
            self
        }

        /// A longer description for the full page, as that of a
        /// [command](crate::Command::description).
        #[must_use]
        #[track_caller]
        #[inline]
        pub const fn description(mut self, description: &'d str) -> Self {
            self.param.note(said::DESCRIPTION);
            self.param.set_description(description);
            self
        }

        /// Leaves it out of pages, fixes and completion; it still reads.
        #[must_use]
        #[track_caller]
        #[inline]
        pub const fn hidden(mut self) -> Self {
            self.param.note(said::HIDDEN);
            self.param.set_hidden();
            self
        }

        /// Deprecates it: it still reads, a warning names what to type `instead`, and pages and
        /// completion leave it out.
        #[must_use]
        #[track_caller]
        #[inline]
        pub const fn deprecated(mut self, instead: &'d str) -> Self {
            self.param.note(said::DEPRECATED);
            self.param.set_instead(instead);
            self
        }
    };
    (variable) => {
        /// An environment variable that gives the value where no word does. An empty one counts
        /// as unset, unless the value may be empty text.
        ///
        /// ```
        /// # use clavret_core as clavret;
        /// use clavret::{Command, Look, Named, Outcome};
        /// static YARD: Named<Option<String>> = Named::new("yard").variable("APIARY_YARD");
        /// static APIARY: Command = Command::new("apiary").takes(&[YARD.param()]);
        ///
        /// let Outcome::Asked(page) = APIARY.read(&["--help"]) else { panic!() };
        /// assert!(page.text(Look::PLAIN).contains("--yard YARD    or set $APIARY_YARD"));
        /// ```
        #[must_use]
        #[doc(alias("environment"))]
        #[track_caller]
        #[inline]
        pub const fn variable(mut self, name: &'d str) -> Self {
            self.param.note(said::VARIABLE);
            self.param.set_variable(name);
            self
        }
    };
    (alone) => {
        /// Where it is given, nothing else is needed, and nothing else on the line counts. What it gives is printed
        /// in place of the command's work, with status 0, as by `--version`. See [`Alone`](crate::Alone).
        ///
        /// A flag's letter counts among other letters only if each is known and takes no value. A
        /// [reading](crate::Reading) never has it.
        ///
        /// # Panics
        ///
        /// In a static, so that the build stops: beside a setter that asks for more than its words to be
        /// read (an opposite, a variable, a default); and when an option needs to be given.
        #[must_use]
        #[track_caller]
        #[inline]
        pub const fn stands_alone(mut self, alone: &'d dyn Alone) -> Self {
            self.param.note(said::STANDS_ALONE);
            self.param.set_alone(alone);
            self
        }
    };
    (once) => {
        /// It may be given once: a second time is a fault. (Without this the last one wins.)
        ///
        /// ```
        /// # use clavret_core as clavret;
        /// use clavret::{Command, Look, Named, Outcome};
        /// static DATE: Named<Option<String>> = Named::new("on").once();
        /// static INSPECT: Command = Command::new("inspect").takes(&[DATE.param()]);
        ///
        /// let Outcome::Faults(faults) = INSPECT.read(&["--on", "2026-05-01", "--on", "2026-05-02"]) else { panic!() };
        /// assert!(faults.draw(Look::PLAIN).contains("--on may be given only once"));
        /// ```
        #[must_use]
        #[track_caller]
        #[inline]
        pub const fn once(mut self) -> Self {
            self.param.note(said::ONCE);
            self
        }
    };
    (named) => {
        /// A letter that it is called by too, after one dash: an ASCII letter or digit (POSIX
        /// guideline 3), or one of `?`, `#` and `:`. Further letters are [`aliases`](Self::aliases).
        ///
        /// # Panics
        ///
        /// In a static, so that the build stops: when it is another character, or the name is a letter already.
        #[doc(alias("short"))]
        #[must_use]
        #[track_caller]
        #[inline]
        pub const fn letter(mut self, letter: char) -> Self {
            self.param.note(said::LETTER);
            self.param.set_letter(letter, is_letter(letter));
            self.checked()
        }

        /// Other names that mean the same: long ones, and letters.
        ///
        /// # Panics
        ///
        /// In a static, so that the build stops: when one is empty, begins with a dash, has `=` or white space
        /// in it or, as a long name, an upper-case letter.
        #[must_use]
        #[track_caller]
        #[inline]
        pub const fn aliases(mut self, aliases: &'d [&'d str]) -> Self {
            self.param.note(said::ALIASES);
            self.param.set_aliases(aliases);
            self.checked()
        }

        /// Long names that it had before. They read, and a warning says what it is called now; pages
        /// and completion leave them out.
        ///
        /// # Panics
        ///
        /// In a static, so that the build stops: as [`aliases`](Self::aliases).
        #[must_use]
        #[track_caller]
        #[inline]
        pub const fn formerly(mut self, names: &'d [&'d str]) -> Self {
            self.param.note(said::FORMERLY);
            self.param.set_former_names(names);
            self.checked()
        }

        /// Says that the name is meant to hide that of a parameter which a command above accepts
        /// throughout. From this command on the name is this one's.
        ///
        /// ```
        /// # use clavret_core as clavret;
        /// use clavret::{Command, Flag, Named, Outcome};
        /// static SORT: Named<String> = Named::new("sort").default("code").throughout();
        /// static SORTED: Flag = Flag::new("sort").anew();
        /// static LIST: Command = Command::new("list").takes(&[SORTED.param()]);
        /// static APIARY: Command = Command::new("apiary").takes(&[SORT.param()]).commands(&[&LIST]);
        ///
        /// let Outcome::Reading(reading) = APIARY.read(&["--sort", "place", "list", "--sort"]) else { panic!() };
        /// assert_eq!(reading.get(&SORT), "place");
        /// assert!(*reading.get(&SORTED));
        /// ```
        #[must_use]
        #[track_caller]
        #[inline]
        pub const fn anew(mut self) -> Self {
            self.param.note(said::ANEW);
            self
        }

        /// Every command below accepts it too.
        ///
        /// ```
        /// # use clavret_core as clavret;
        /// use clavret::{Command, Flag, Outcome};
        /// static QUIET: Flag = Flag::new("quiet").letter('q').throughout();
        /// static LIST: Command = Command::new("list");
        /// static HIVE: Command = Command::new("hive").takes(&[QUIET.param()]).commands(&[&LIST]);
        ///
        /// for line in [["-q", "list"], ["list", "-q"]] {
        ///     let Outcome::Reading(reading) = HIVE.read(&line) else { panic!() };
        ///     assert!(*reading.get(&QUIET));
        /// }
        /// ```
        #[must_use]
        #[doc(alias("global"))]
        #[track_caller]
        #[inline]
        pub const fn throughout(mut self) -> Self {
            self.param.note(said::THROUGHOUT);
            self.param.set_throughout();
            self
        }
    };
    (valued) => {
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
        #[must_use]
        #[doc(alias("default value"))]
        #[track_caller]
        #[inline]
        pub const fn default(mut self, word: &'d str) -> Self {
            self.param.note(said::DEFAULT);
            self.param.set_default(word);
            self
        }

        /// What completion may look up for it, where that is not what its type says.
        #[must_use]
        #[track_caller]
        #[inline]
        pub const fn refers(mut self, refers: Refers) -> Self {
            self.param.note(said::REFERS);
            self.param.set_refers(refers);
            self
        }

        /// Shows its value as dots in pages, faults and traces. On a line that is refused, so is what
        /// may have been meant for it: what is attached to an unknown option, or comes after one, after
        /// an unknown command, or after a name near its own. Such a line is not offered repaired.
        ///
        /// ```
        /// # use clavret_core as clavret;
        /// use clavret::{Command, Look, Named, Outcome};
        /// static PIN: Named<Option<u32>> = Named::new("pin").secret();
        /// static UNLOCK: Command = Command::new("unlock").takes(&[PIN.param()]);
        ///
        /// let Outcome::Faults(faults) = UNLOCK.read(&["--pin", "12e4"]) else { panic!() };
        /// assert!(!faults.draw(Look::PLAIN).contains("12e4"));
        /// ```
        #[must_use]
        #[track_caller]
        #[inline]
        pub const fn secret(mut self) -> Self {
            self.param.note(said::SECRET);
            self.param.set_secret();
            self.checked()
        }

        /// What lists its values at run time: for completion; and where the list is closed, for pages, faults and
        /// fixes too, and what it does not have is refused. See the facade's `List`.
        ///
        /// # Panics
        ///
        /// In a static, so that the build stops: for a value of several words, or of a key and a value; and
        /// beside `secret`, as what is listed is shown.
        #[must_use]
        #[track_caller]
        #[inline]
        pub const fn listed_by(mut self, list: &'d dyn Lister) -> Self {
            self.param.note(said::LISTED_BY);
            self.param.set_list(list);
            self.checked()
        }

        /// The text shown for its value; its name in upper case unless given. A value of several
        /// words has a text for each, with a space between: `"LAT LON"`.
        ///
        /// # Panics
        ///
        /// In a static, so that the build stops: when it has not as many texts as a value has words.
        #[must_use]
        #[track_caller]
        #[inline]
        pub const fn placeholder(mut self, placeholder: &'d str) -> Self {
            self.param.note(said::PLACEHOLDER);
            self.param.set_placeholder(placeholder);
            self.checked()
        }
    };
    (valid) => {
        /// A validator; several are put together by [`valid::all`](crate::valid::all()).
        ///
        /// ```
        /// # use clavret_core as clavret;
        /// use clavret::{Command, Look, Named, Outcome, valid};
        /// static FRAMES: Named<u8> = Named::new("frames").default("0").valid(&valid::range(0, 20));
        /// static INSPECT: Command = Command::new("inspect").takes(&[FRAMES.param()]);
        ///
        /// let Outcome::Faults(faults) = INSPECT.read(&["--frames", "26"]) else { panic!() };
        /// assert!(faults.draw(Look::PLAIN).contains("from 0 to 20; '26' is above that"));
        /// ```
        #[must_use]
        #[track_caller]
        #[inline]
        pub const fn valid<V: Validator<T::Item>>(mut self, validator: &'d V) -> Self {
            self.param.note(said::VALID);
            self.param.set_test(validator);
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
        #[must_use]
        #[track_caller]
        #[inline]
        pub const fn joined_by(mut self, delimiter: char) -> Self
        $($bound)*
        {
            self.param.note(said::JOINED_BY);
            self.param.set_delimiter(delimiter);
            self
        }
    };
    (code) => {
        /// Reads whole numbers as source code has them too: `0x1f`, `0o17`, `0b101`, `1_000`.
        #[must_use]
        #[track_caller]
        #[inline]
        pub const fn as_in_code(mut self) -> Self {
            self.param.note(said::AS_IN_CODE);
            self.param.set_as_in_code();
            self
        }
    };
    (infinite) => {
        /// Reads `nan`, `inf` and `-inf` too, which are refused otherwise.
        #[must_use]
        #[track_caller]
        #[inline]
        pub const fn infinite(mut self) -> Self {
            self.param.note(said::INFINITE);
            self.param.set_infinite();
            self
        }
    };
    (path) => {
        /// Something must be at the path.
        ///
        /// # Panics
        ///
        /// In a static, so that the build stops: beside another setter that says what must be at the path.
        #[must_use]
        #[track_caller]
        #[inline]
        pub const fn present(mut self) -> Self {
            self.param.note(said::PRESENT);
            self.param.set_place();
            self.checked()
        }

        /// Nothing may be at the path yet.
        ///
        /// # Panics
        ///
        /// In a static, so that the build stops: beside another setter that says what must be at the path.
        #[must_use]
        #[track_caller]
        #[inline]
        pub const fn absent(mut self) -> Self {
            self.param.note(said::ABSENT);
            self.param.set_place();
            self.checked()
        }

        /// A file must be at the path.
        ///
        /// # Panics
        ///
        /// In a static, so that the build stops: beside another setter that says what must be at the path.
        #[must_use]
        #[track_caller]
        #[inline]
        pub const fn file(mut self) -> Self {
            self.param.note(said::FILE);
            self.param.set_place();
            self.checked()
        }

        /// A folder must be at the path.
        ///
        /// # Panics
        ///
        /// In a static, so that the build stops: beside another setter that says what must be at the path.
        #[must_use]
        #[track_caller]
        #[inline]
        pub const fn directory(mut self) -> Self {
            self.param.note(said::DIRECTORY);
            self.param.set_place();
            self.checked()
        }

        /// The path must end in one of these, written without a dot: `&["toml", "json"]`.
        #[must_use]
        #[track_caller]
        #[inline]
        pub const fn extensions(mut self, extensions: &'d [&'d str]) -> Self {
            self.param.note(said::EXTENSIONS);
            self.param.set_extensions(extensions);
            self
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
        /// Another name for a secret, which takes a file whose first line is the value; `-` is standard
        /// input. What is typed at a command line is seen by others who use the machine, and is kept in
        /// the shell's history.
        ///
        /// # Panics
        ///
        /// In a static, so that the build stops: when no option can have the name, as with
        /// [`new`](crate::Named::new).
        #[must_use]
        #[track_caller]
        #[inline]
        pub const fn secret_file(mut self, name: &'d str) -> Self {
            self.param.note(said::SECRET_FILE);
            self.param.set_file_name(name);
            self.param.set_secret();
            self.checked()
        }
    };
    (opposite) => {
        /// A name that turns it off: the last one given wins.
        ///
        /// # Panics
        ///
        /// In a static, so that the build stops: when no option can have the name, as with
        /// [`new`](crate::Named::new).
        #[must_use]
        #[track_caller]
        #[inline]
        pub const fn opposite(mut self, opposite: &'d str) -> Self {
            self.param.note(said::OPPOSITE);
            self.param.set_opposite(opposite);
            self.checked()
        }

        /// A letter for the opposite.
        ///
        /// # Panics
        ///
        /// In a static, so that the build stops: when it is another character than
        /// [`letter`](Self::letter) takes.
        #[must_use]
        #[track_caller]
        #[inline]
        pub const fn opposite_letter(mut self, letter: char) -> Self {
            self.param.note(said::OPPOSITE_LETTER);
            self.param.set_opposite_letter(letter, is_letter(letter));
            self.checked()
        }

        /// Lets a word be attached that says which: `--calm=no`. It is one of `yes`, `no`, `true`,
        /// `false`, `on` and `off`.
        #[must_use]
        #[track_caller]
        #[inline]
        pub const fn worded(mut self) -> Self {
            self.param.note(said::WORDED);
            self.param.set_worded();
            self
        }
    };
    (new draft $($made:tt)*) => {
        setters!(new $($made)*);
        setters!(draft $($made)*);
    };
    (new $role:expr, $form:expr, $($made:tt)*) => {
        /// Declares it by its name, in lower case and without dashes.
        ///
        /// # Panics
        ///
        /// In a static, so that the build stops: when the name is empty, begins with a dash, or
        /// has `=`, white space or an upper-case letter in it. A setter that is called a second time
        /// stops it too.
        #[track_caller]
        #[inline]
        pub const fn new(name: &'d str) -> Self {
            Self { param: Param::new($role, name, $form), $($made)* }
        }
    };
    (draft $role:expr, $form:expr, $($made:tt)*) => {
        /// The same as [`new`](Self::new) for a tree made at run time, whose names are checked by
        /// [`Command::problems`](crate::Command::problems) instead.
        #[inline]
        pub const fn draft(name: &'d str) -> Self {
            Self { param: Param::draft($role, name, $form), $($made)* }
        }
    };
}

/// What only some types of values have, shared by operands and options.
macro_rules! by_type {
    ($key:ident) => {
        impl<'d, T: Unit> $key<'d, Vec<T>> {
            setters!(times);

            /// No value may be in the list twice.
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
            setters!(joined where T: ListShape);
        }

        impl<'d, T: Shape> $key<'d, T>
        where
            T::Item: Whole,
        {
            setters!(code);
        }

        impl<'d, T: Shape> $key<'d, T>
        where
            T::Item: Fraction,
        {
            setters!(infinite);
        }

        impl<'d, T: Shape<Item = PathBuf>> $key<'d, T> {
            setters!(path);
        }
    };
}
