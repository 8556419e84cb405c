//! Which setters were called, and which of them twice: the order in which they were has no meaning, and
//! what is said twice is a problem, as one of the two would be lost.

/// The setters that were called: a bit for each; and in the upper byte the first that was called twice,
/// counted from 1.
#[derive(Debug, Clone, Copy)]
pub(crate) struct Said(u64);

/// Where the number of what was called twice begins.
const TWICE: u32 = 56;

impl Said {
    pub(crate) const NOTHING: Said = Said(0);

    pub(crate) const fn of(bits: u64) -> Self {
        Said(bits)
    }

    /// Notes a call; tells whether it is the first one.
    pub(crate) const fn note(&mut self, bit: u64) -> bool {
        let is_first = self.0 & bit == 0;
        self.0 |= bit;
        if !is_first {
            let number = bit.trailing_zeros() as u64 + 1;
            let known = self.0 >> TWICE;
            if known == 0 || number < known {
                self.0 = self.0 & (u64::MAX >> (64 - TWICE)) | number << TWICE;
            }
        }
        is_first
    }

    /// Whether one of some setters was called.
    pub(crate) const fn has(self, bits: u64) -> bool {
        self.0 & bits != 0
    }

    /// How many of some setters were called.
    pub(crate) const fn count(self, bits: u64) -> u32 {
        (self.0 & bits).count_ones()
    }

    /// The number of the first setter, of some, that was called.
    pub(crate) const fn first(self, bits: u64) -> Option<usize> {
        match self.0 & bits {
            0 => None,
            called => Some(called.trailing_zeros() as usize),
        }
    }

    /// The number of the first setter that was called twice.
    pub(crate) const fn twice(self) -> Option<usize> {
        match self.0 >> TWICE {
            0 => None,
            number => Some(number as usize - 1),
        }
    }
}

impl Said {
    /// What the setters are called that were called.
    #[inline]
    pub(crate) fn names(
        self,
        names: &'static [&'static str],
    ) -> impl Iterator<Item = &'static str> {
        names.iter().enumerate().filter(move |(at, _)| self.has(1 << at)).map(|(_, name)| *name)
    }
}

/// The setters of parameters and those of commands.
#[doc(hidden)]
pub const SETTERS: [&[&str]; 2] = [param::NAMES, command::NAMES];

/// Numbers setters: a constant with the bit of each, and their names by their numbers.
macro_rules! setters {
    (@bits $number:expr;) => {};
    (@bits $number:expr; $first:ident $($rest:ident)*) => {
        pub(crate) const $first: u64 = 1 << $number;
        setters!(@bits $number + 1; $($rest)*);
    };
    ($($bit:ident $name:literal)*) => {
        setters!(@bits 0; $($bit)*);

        /// What each setter is called.
        pub(crate) const NAMES: &[&str] = &[$($name),*];
    };
}

/// The setters of parameters.
pub(crate) mod param {
    setters! {
        HELP "help" DESCRIPTION "description" HIDDEN "hidden" DEPRECATED "deprecated"
        VARIABLE "variable" ONCE "once" LETTER "letter" ALIASES "aliases" FORMERLY "formerly"
        THROUGHOUT "throughout" DEFAULT "default" VALID "valid" REFERS "refers" SECRET "secret"
        PLACEHOLDER "placeholder" TIMES "times" DISTINCT "distinct" JOINED_BY "joined_by"
        AS_IN_CODE "as_in_code" INFINITE "infinite" PRESENT "present" ABSENT "absent" FILE "file"
        DIRECTORY "directory" EXTENSIONS "extensions" TAIL "tail" SECRET_FILE "secret_file"
        OPPOSITE "opposite" OPPOSITE_LETTER "opposite_letter" WORDED "worded"
        STANDS_ALONE "stands_alone" ANEW "anew" LISTED_BY "listed_by"
    }

    /// Where a path must lead: one of these at most.
    pub(crate) const PLACES: u64 = PRESENT | ABSENT | FILE | DIRECTORY;
    /// What every parameter may have.
    pub(crate) const OF_ALL: u64 = HELP | DESCRIPTION | HIDDEN | DEPRECATED;
    /// What has a name after dashes.
    pub(crate) const OF_NAMES: u64 = LETTER | ALIASES | FORMERLY | THROUGHOUT | ANEW;
    /// What takes words.
    pub(crate) const OF_VALUES: u64 = DEFAULT | VALID | REFERS | SECRET | PLACEHOLDER | LISTED_BY;
    pub(crate) const OF_FLAGS: u64 = OPPOSITE | OPPOSITE_LETTER | WORDED;
    /// What may be said of one that stands alone: its own value is all that is read.
    pub(crate) const OF_ALONE: u64 = OF_ALL
        | OF_NAMES
        | STANDS_ALONE
        | VALID
        | REFERS
        | PLACEHOLDER
        | AS_IN_CODE
        | INFINITE
        | EXTENSIONS;
    /// All setters.
    pub(crate) const SETTERS: u64 = WARNS - 1;
    /// No setter: what its type says. Some words are deprecated; it takes none, or more than one, or one that is only
    /// attached; or entries whose keys are a closed list.
    pub(crate) const WARNS: u64 = 1 << 51;
    pub(crate) const WORDLESS: u64 = 1 << 52;
    pub(crate) const SEVERAL: u64 = 1 << 53;
    pub(crate) const ATTACHED: u64 = 1 << 54;
    pub(crate) const KEYED: u64 = 1 << 55;
    /// What does not take one word as it stands.
    pub(crate) const COMPOUND: u64 = WORDLESS | SEVERAL | ATTACHED | JOINED_BY;
    /// What asks for more than its words to be converted: a count, a test of the whole, a warning.
    pub(crate) const SPECIAL: u64 = TIMES | ONCE | DISTINCT | DEPRECATED | SECRET_FILE | WARNS;
    /// What is read in other ways than most.
    pub(crate) const IN_A_MANNER: u64 =
        WORDED | AS_IN_CODE | INFINITE | SECRET_FILE | JOINED_BY | TIMES | SEVERAL | ATTACHED;
}

/// The setters of commands.
pub(crate) mod command {
    setters! {
        NAMED "named" SUMMARY "summary" DESCRIPTION "description" TAKES "takes" BUNDLES "bundles"
        COMMANDS "commands" DEFAULT_COMMAND "default_command" ACTS "acts" RULES "rules"
        JUDGED_BY "judged_by" ALIASES "aliases" FORMERLY "formerly" HIDDEN "hidden"
        OPERANDS_END "operands_end_options" ABBREVIATIONS "abbreviations" EXAMPLES "examples"
        STATUSES "statuses" CONFIG "config" VERSION "version" PACKAGE "package" WORDING "wording"
        ANSWERS "answers" USUAL "usual" STANDS_ALONE "stands_alone"
    }

    /// What only a root has a use for.
    pub(crate) const OF_ROOT: u64 = CONFIG | VERSION | PACKAGE | WORDING | ANSWERS | USUAL;
}
