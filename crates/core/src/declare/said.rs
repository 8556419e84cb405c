//! Which setters were called, and which of them twice: the order in which they were has no meaning, and
//! what is said twice is a problem, as one of the two would be lost.

/// The setters that were called.
#[derive(Debug, Clone, Copy)]
pub(crate) struct Said {
    all: u32,
    twice: u32,
}

impl Said {
    pub(crate) const NOTHING: Said = Said { all: 0, twice: 0 };

    pub(super) const fn of(bits: u32) -> Self {
        Said { all: bits, twice: 0 }
    }

    /// Notes a call; tells whether it is the first one.
    pub(super) const fn note(&mut self, bit: u32) -> bool {
        let is_first = self.all & bit == 0;
        if !is_first {
            self.twice |= bit;
        }
        self.all |= bit;
        is_first
    }

    /// Whether one of some setters was called.
    pub(crate) const fn has(self, bits: u32) -> bool {
        self.all & bits != 0
    }

    /// How many of some setters were called.
    pub(super) const fn count(self, bits: u32) -> u32 {
        (self.all & bits).count_ones()
    }

    /// The number of the first setter, of some, that was called.
    pub(super) const fn first(self, bits: u32) -> Option<usize> {
        numbered(self.all & bits)
    }

    /// The number of the first setter that was called twice.
    pub(super) const fn twice(self) -> Option<usize> {
        numbered(self.twice)
    }
}

const fn numbered(bits: u32) -> Option<usize> {
    if bits == 0 { None } else { Some(bits.trailing_zeros() as usize) }
}

/// Numbers setters: a constant with the bit of each, and their names by their numbers.
macro_rules! setters {
    (@bits $number:expr;) => {};
    (@bits $number:expr; $first:ident $($rest:ident)*) => {
        pub(crate) const $first: u32 = 1 << $number;
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
    }

    /// Where a path must lead: one of these at most.
    pub(crate) const PLACES: u32 = PRESENT | ABSENT | FILE | DIRECTORY;
    /// What every parameter may have.
    pub(crate) const OF_ALL: u32 = HELP | DESCRIPTION | HIDDEN | DEPRECATED;
    /// What has a name behind dashes.
    pub(crate) const OF_NAMES: u32 = LETTER | ALIASES | FORMERLY | THROUGHOUT;
    /// What takes words.
    pub(crate) const OF_VALUES: u32 = DEFAULT | VALID | REFERS | SECRET | PLACEHOLDER;
    pub(crate) const OF_FLAGS: u32 = OPPOSITE | OPPOSITE_LETTER | WORDED;
    /// All setters.
    pub(crate) const SETTERS: u32 = WARNS - 1;
    /// No setter: some words that its type takes are deprecated.
    pub(crate) const WARNS: u32 = 1 << 30;
    /// No setter: its type takes more than one word, or one that is only attached.
    pub(crate) const COMPOUND: u32 = 1 << 31;
    /// What asks for more than its words to be converted: a count, a test of the whole, a warning.
    pub(crate) const SPECIAL: u32 = TIMES | ONCE | DISTINCT | DEPRECATED | SECRET_FILE | WARNS;
}

/// The setters of commands.
pub(crate) mod command {
    setters! {
        NAMED "named" SUMMARY "summary" DESCRIPTION "description" TAKES "takes" BUNDLES "bundles"
        COMMANDS "commands" DEFAULT_COMMAND "default_command" ACTS "acts" RULES "rules"
        JUDGED_BY "judged_by" ALIASES "aliases" FORMERLY "formerly" HIDDEN "hidden"
        OPERANDS_END "operands_end_options" ABBREVIATIONS "abbreviations" EXAMPLES "examples"
        STATUSES "statuses" CONFIG "config" VERSION "version" PACKAGE "package" WORDING "wording"
        ANSWERS "answers"
    }

    /// What only a root has a use for.
    pub(crate) const OF_ROOT: u32 = CONFIG | VERSION | PACKAGE | WORDING | ANSWERS;
}
