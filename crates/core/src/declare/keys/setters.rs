//! The setters of keys, written once: which key has which, its type says.

/// A setter that says a thing of a parameter: `BIT name(what it is given) writing method`, and `, checked` where a static can be
/// wrong by what is given.
macro_rules! setter {
    ($(#[$attribute:meta])* $bit:ident $name:ident($($given:ident: $type:ty)?) $($set:ident)? $(, $checked:ident)?) => {
        $(#[$attribute])*
        #[must_use]
        #[track_caller]
        #[inline]
        pub const fn $name(mut self $(, $given: $type)?) -> Self {
            self.param.note(said::$bit);
            $(self.param.$set($given);)?
            self $(.$checked())?
        }
    };
}

/// The setters that several keys share, whatever their values are.
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

        setter! {
            /// What it means, in a few words without a full stop. Pages add the facts that are declared, such as
            /// its range, its default and its opposite; do not repeat them.
            HELP help(help: &'d str) set_help
        }

        setter! {
            /// A longer description for the full page, as that of a
            /// [command](crate::Command::description).
            DESCRIPTION description(description: &'d str) set_description
        }

        setter! {
            /// Leaves it out of pages, fixes and completion; it still reads.
            #[doc(alias("invisible"))]
            HIDDEN hidden()
        }

        setter! {
            /// Deprecates it: it is accepted, a warning names what to use `instead`, and pages and completion leave it out.
            ///
            /// ```
            /// # use clavret_core as clavret;
            /// use clavret::{Command, Named, Outcome};
            /// static COLONY: Named<Option<String>> = Named::new("colony");
            /// static HIVE: Named<Option<String>> =
            ///     Named::new("hive").deprecated("--colony").deprecated_since("0.4").deprecated_until("1.0");
            /// static LABEL: Command = Command::new("label").takes(&[COLONY.param(), HIVE.param()]);
            ///
            /// let Outcome::Reading(reading) = LABEL.read(&["--hive", "A7"]) else { panic!() };
            /// let told = "label: --hive has been deprecated since 0.4 and will be removed in 1.0; use --colony\n";
            /// assert_eq!(reading.warnings(), told);
            /// ```
            #[doc(alias("obsolete"))]
            DEPRECATED deprecated(instead: &'d str) set_deprecated
        }

        setter! {
            /// Deprecates it, and says since when: a version, such as `0.4`, or a day.
            DEPRECATED_SINCE deprecated_since(since: &'d str) set_deprecated_since
        }

        setter! {
            /// Deprecates it, and says in which version, or on which day, it is removed.
            DEPRECATED_UNTIL deprecated_until(until: &'d str) set_deprecated_until
        }
    };
    (variable) => {
        setter! {
            /// An environment variable that gives the value where no word does. An empty one counts
            /// as unset, unless the value may be empty text.
            ///
            /// ```
            /// # use clavret_core as clavret;
            /// use clavret::{Command, Named, Outcome};
            /// use clavret::look::Look;
            /// static YARD: Named<Option<String>> = Named::new("yard").variable("APIARY_YARD");
            /// static APIARY: Command = Command::new("apiary").takes(&[YARD.param()]);
            ///
            /// let Outcome::Request(page) = APIARY.read(&["--help"]) else { panic!() };
            /// assert!(page.text(Look::PLAIN).contains("--yard TEXT    or set $APIARY_YARD"));
            /// ```
            #[doc(alias("environment"))]
            VARIABLE variable(name: &'d str) set_variable
        }
    };
    (alone) => {
        setter! {
            /// Where it is given, nothing else is needed, and nothing else on the line counts. What it gives is printed
            /// in place of the command's work, with status 0, as by `--version`. See [`Alone`](crate::handlers::Alone).
            ///
            /// A flag's letter counts among other letters only if each is known and takes no value. A
            /// [reading](crate::Reading) never has it.
            ///
            /// # Panics
            ///
            /// In a static, so that the build stops: beside a setter that asks for more than its words to be
            /// read (an opposite, a variable, a default); and when an option needs to be given.
            #[doc(alias("exclusive option"))]
            STANDS_ALONE stands_alone(alone: &'d dyn Alone) set_stands_alone
        }
    };
    (once) => {
        setter! {
            /// Makes a second time a fault. (Without this the last one wins.)
            ///
            /// ```
            /// # use clavret_core as clavret;
            /// use clavret::{Command, Named, Outcome};
            /// use clavret::look::Look;
            /// static DATE: Named<Option<String>> = Named::new("on").once();
            /// static INSPECT: Command = Command::new("inspect").takes(&[DATE.param()]);
            ///
            /// let Outcome::Faults(faults) = INSPECT.read(&["--on", "2026-05-01", "--on", "2026-05-02"]) else { panic!() };
            /// assert!(faults.draw(Look::PLAIN).contains("--on may be given only once"));
            /// ```
            #[doc(alias("duplicate"))]
            ONCE once()
        }
    };
    (named) => {
        /// A letter that it is called by too, after one dash: an ASCII letter or digit (POSIX
        /// guideline 3), or one of `?`, `#` and `:`. Further letters are [`aliases`](Self::aliases).
        ///
        /// # Panics
        ///
        /// In a static, so that the build stops: when it is another character, or the name is a letter already.
        #[doc(alias("short", "short option"))]
        #[must_use]
        #[track_caller]
        #[inline]
        pub const fn letter(mut self, letter: char) -> Self {
            self.param.note(said::LETTER);
            self.param.set_letter(letter, is_letter(letter));
            self.checked()
        }

        setter! {
            /// Other names that mean the same: long ones, and letters.
            ///
            /// # Panics
            ///
            /// In a static, so that the build stops: when one is empty, begins with a dash, has `=` or white space
            /// in it or, as a long name, an upper-case letter.
            #[doc(alias("synonym"))]
            ALIASES aliases(aliases: &'d [&'d str]) set_aliases, checked
        }

        setter! {
            /// Long names that it had before. They read, and a warning says what it is called now; pages
            /// and completion leave them out.
            ///
            /// # Panics
            ///
            /// In a static, so that the build stops: as [`aliases`](Self::aliases).
            #[doc(alias("renamed"))]
            FORMERLY formerly(names: &'d [&'d str]) set_formerly, checked
        }

        setter! {
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
            #[doc(alias("override", "shadow"))]
            ANEW anew()
        }

        setter! {
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
            #[doc(alias("global", "inherited"))]
            THROUGHOUT throughout()
        }
    };
    (opposite) => {
        setter! {
            /// A name that turns it off: the last one given wins.
            ///
            /// # Panics
            ///
            /// In a static, so that the build stops: when no option can have the name, as with
            /// [`new`](crate::Named::new).
            #[doc(alias("negation"))]
            OPPOSITE opposite(opposite: &'d str) set_opposite, checked
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

        setter! {
            /// Lets a word be attached that says which: `--calm=no`. It is one of `yes`, `no`, `true`,
            /// `false`, `on` and `off`.
            WORDED worded()
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
        /// Declares it as [`new`](Self::new) does, in a tree made at run time, whose names are checked by
        /// [`Command::problems`](crate::Command::problems) instead.
        #[inline]
        pub const fn draft(name: &'d str) -> Self {
            Self { param: Param::draft($role, name, $form), $($made)* }
        }
    };
}
