// Written from the rows in `tables/src/`. Change those, and run `UPDATE_EXPECT=1 cargo test -p clavret-tables`.

//! The settings of parameters and of commands: a bit for each, and which of them go together.

/// Those of parameters.
pub(crate) mod param {
    pub(crate) const ALIASES: u64 = 1 << 0;
    pub(crate) const FORMERLY: u64 = 1 << 1;
    pub(crate) const HIDDEN: u64 = 1 << 2;
    pub(crate) const LETTER: u64 = 1 << 3;
    pub(crate) const THROUGHOUT: u64 = 1 << 4;
    pub(crate) const ANEW: u64 = 1 << 5;
    pub(crate) const HELP: u64 = 1 << 6;
    pub(crate) const DESCRIPTION: u64 = 1 << 7;
    pub(crate) const DEPRECATED: u64 = 1 << 8;
    pub(crate) const DEPRECATED_SINCE: u64 = 1 << 9;
    pub(crate) const DEPRECATED_UNTIL: u64 = 1 << 10;
    pub(crate) const PLACEHOLDER: u64 = 1 << 11;
    pub(crate) const DEFAULT: u64 = 1 << 12;
    pub(crate) const VALID: u64 = 1 << 13;
    pub(crate) const TIMES: u64 = 1 << 14;
    pub(crate) const DISTINCT: u64 = 1 << 15;
    pub(crate) const JOINED_BY: u64 = 1 << 16;
    pub(crate) const REFERS: u64 = 1 << 17;
    pub(crate) const LISTED_BY: u64 = 1 << 18;
    pub(crate) const SECRET: u64 = 1 << 19;
    pub(crate) const AS_IN_CODE: u64 = 1 << 20;
    pub(crate) const INFINITE: u64 = 1 << 21;
    pub(crate) const PRESENT: u64 = 1 << 22;
    pub(crate) const ABSENT: u64 = 1 << 23;
    pub(crate) const FILE: u64 = 1 << 24;
    pub(crate) const DIRECTORY: u64 = 1 << 25;
    pub(crate) const EXTENSIONS: u64 = 1 << 26;
    pub(crate) const OPPOSITE: u64 = 1 << 27;
    pub(crate) const OPPOSITE_LETTER: u64 = 1 << 28;
    pub(crate) const WORDED: u64 = 1 << 29;
    pub(crate) const SECRET_FILE: u64 = 1 << 30;
    pub(crate) const VARIABLE: u64 = 1 << 31;
    pub(crate) const ONCE: u64 = 1 << 32;
    pub(crate) const STANDS_ALONE: u64 = 1 << 33;
    pub(crate) const TAIL: u64 = 1 << 34;

    /// No setter, but what its type says: some of its words are deprecated.
    pub(crate) const WARNS: u64 = 1 << 51;
    /// No setter, but what its type says: it takes no word.
    pub(crate) const WORDLESS: u64 = 1 << 52;
    /// No setter, but what its type says: it takes more than one word.
    pub(crate) const SEVERAL: u64 = 1 << 53;
    /// No setter, but what its type says: its word is only attached.
    pub(crate) const ATTACHED: u64 = 1 << 54;
    /// No setter, but what its type says: it takes entries of a closed list of keys.
    pub(crate) const KEYED: u64 = 1 << 55;

    /// What each setter is called, by its number.
    pub(crate) const NAMES: &[&str] = &[
        "aliases",
        "formerly",
        "hidden",
        "letter",
        "throughout",
        "anew",
        "help",
        "description",
        "deprecated",
        "deprecated_since",
        "deprecated_until",
        "placeholder",
        "default",
        "valid",
        "times",
        "distinct",
        "joined_by",
        "refers",
        "listed_by",
        "secret",
        "as_in_code",
        "infinite",
        "present",
        "absent",
        "file",
        "directory",
        "extensions",
        "opposite",
        "opposite_letter",
        "worded",
        "secret_file",
        "variable",
        "once",
        "stands_alone",
        "tail",
    ];
    /// All setters.
    pub(crate) const SETTERS: u64 = (1 << 35) - 1;
    pub(crate) const OPERANDS: u64 =
        OF_ALL | OF_OPERAND_OPTION | OF_OPERAND_OPTION_FLAG | OF_OPERAND;
    pub(crate) const OPTIONS: u64 = OF_OPTION_FLAG_TALLY
        | OF_ALL
        | OF_OPERAND_OPTION
        | OF_OPTION
        | OF_OPERAND_OPTION_FLAG
        | OF_OPTION_FLAG;
    pub(crate) const FLAGS: u64 =
        OF_OPTION_FLAG_TALLY | OF_ALL | OF_FLAG | OF_OPERAND_OPTION_FLAG | OF_OPTION_FLAG;
    pub(crate) const TALLIES: u64 = OF_OPTION_FLAG_TALLY | OF_ALL;
    /// What may be said of [Option, Flag, Tally] alone.
    pub(crate) const OF_OPTION_FLAG_TALLY: u64 = ALIASES | FORMERLY | LETTER | THROUGHOUT | ANEW;
    /// What may be said of [Operand, Option, Flag, Tally] alone.
    pub(crate) const OF_ALL: u64 =
        HIDDEN | HELP | DESCRIPTION | DEPRECATED | DEPRECATED_SINCE | DEPRECATED_UNTIL;
    /// What may be said of [Operand, Option] alone.
    pub(crate) const OF_OPERAND_OPTION: u64 = PLACEHOLDER
        | DEFAULT
        | VALID
        | TIMES
        | DISTINCT
        | JOINED_BY
        | REFERS
        | LISTED_BY
        | SECRET
        | AS_IN_CODE
        | INFINITE
        | PRESENT
        | ABSENT
        | FILE
        | DIRECTORY
        | EXTENSIONS;
    /// What may be said of [Flag] alone.
    pub(crate) const OF_FLAG: u64 = OPPOSITE | OPPOSITE_LETTER | WORDED;
    /// What may be said of [Option] alone.
    pub(crate) const OF_OPTION: u64 = SECRET_FILE;
    /// What may be said of [Operand, Option, Flag] alone.
    pub(crate) const OF_OPERAND_OPTION_FLAG: u64 = VARIABLE;
    /// What may be said of [Option, Flag] alone.
    pub(crate) const OF_OPTION_FLAG: u64 = ONCE | STANDS_ALONE;
    /// What may be said of [Operand] alone.
    pub(crate) const OF_OPERAND: u64 = TAIL;
    /// What may be said of one that stands alone: its own value is all that is read.
    pub(crate) const OF_ALONE: u64 = ALIASES
        | FORMERLY
        | HIDDEN
        | LETTER
        | THROUGHOUT
        | ANEW
        | HELP
        | DESCRIPTION
        | DEPRECATED
        | DEPRECATED_SINCE
        | DEPRECATED_UNTIL
        | PLACEHOLDER
        | VALID
        | REFERS
        | AS_IN_CODE
        | INFINITE
        | EXTENSIONS
        | STANDS_ALONE;
    /// Whatever its words are.
    pub(crate) const WHEN_ALWAYS: u64 = ALIASES
        | FORMERLY
        | HIDDEN
        | LETTER
        | THROUGHOUT
        | ANEW
        | HELP
        | DESCRIPTION
        | DEPRECATED
        | DEPRECATED_SINCE
        | DEPRECATED_UNTIL
        | PLACEHOLDER
        | DEFAULT
        | VALID
        | REFERS
        | LISTED_BY
        | SECRET
        | OPPOSITE
        | OPPOSITE_LETTER
        | WORDED
        | SECRET_FILE
        | VARIABLE
        | ONCE
        | STANDS_ALONE;
    /// Where it has several values.
    pub(crate) const WHEN_MANY: u64 = TIMES | DISTINCT;
    /// The same, of one word each.
    pub(crate) const WHEN_MANY_WORDS: u64 = JOINED_BY;
    /// The same, of text.
    pub(crate) const WHEN_MANY_TEXTS: u64 = TAIL;
    /// Where its words are whole numbers.
    pub(crate) const WHEN_WHOLE_NUMBERS: u64 = AS_IN_CODE;
    /// Where they are other numbers.
    pub(crate) const WHEN_NUMBERS: u64 = INFINITE;
    /// Where they are paths.
    pub(crate) const WHEN_PATHS: u64 = PRESENT | ABSENT | FILE | DIRECTORY | EXTENSIONS;
    /// What brings along what the record of that calls `bare`.
    pub(crate) const BRINGS_BARE: u64 = ATTACHED;
    /// What brings along what the record of that calls `described`.
    pub(crate) const BRINGS_DESCRIBED: u64 = DESCRIPTION;
    /// What brings along what the record of that calls `keyed`.
    pub(crate) const BRINGS_KEYED: u64 = KEYED;
    /// What brings along what the record of that calls `lists`.
    pub(crate) const BRINGS_LISTS: u64 = LISTED_BY;
    /// What brings along what the record of that calls `manners`.
    pub(crate) const BRINGS_MANNERS: u64 =
        TIMES | JOINED_BY | AS_IN_CODE | INFINITE | WORDED | SECRET_FILE | SEVERAL | ATTACHED;
    /// What brings along what the record of that calls `secrecy`.
    pub(crate) const BRINGS_SECRECY: u64 = SECRET | SECRET_FILE;
    /// What brings along what the record of that calls `several`.
    pub(crate) const BRINGS_SEVERAL: u64 = SEVERAL;
    /// What brings along what the record of that calls `sources`.
    pub(crate) const BRINGS_SOURCES: u64 = VARIABLE;
    /// What brings along what the record of that calls `special`.
    pub(crate) const BRINGS_SPECIAL: u64 = DEPRECATED
        | DEPRECATED_SINCE
        | DEPRECATED_UNTIL
        | TIMES
        | DISTINCT
        | SECRET_FILE
        | ONCE
        | WARNS;
    /// What brings along what the record of that calls `touches`.
    pub(crate) const BRINGS_TOUCHES: u64 = PRESENT | ABSENT | FILE | DIRECTORY | SECRET_FILE;
    /// Settings, each with those that it must not stand beside.
    pub(crate) const CLASHES: &[(u64, u64)] = &[
        (SECRET, LISTED_BY),
        (PRESENT, ABSENT | FILE | DIRECTORY),
        (ABSENT, FILE | DIRECTORY),
        (FILE, DIRECTORY),
        (SECRET_FILE, LISTED_BY),
    ];
    /// Settings, each with those that it means nothing without.
    pub(crate) const NEEDS: &[(u64, u64)] = &[(OPPOSITE_LETTER, OPPOSITE)];
}

/// Those of commands.
pub(crate) mod command {
    pub(crate) const NAMED: u64 = 1 << 0;
    pub(crate) const ALIASES: u64 = 1 << 1;
    pub(crate) const FORMERLY: u64 = 1 << 2;
    pub(crate) const HIDDEN: u64 = 1 << 3;
    pub(crate) const DEPRECATED: u64 = 1 << 4;
    pub(crate) const DEPRECATED_SINCE: u64 = 1 << 5;
    pub(crate) const DEPRECATED_UNTIL: u64 = 1 << 6;
    pub(crate) const SUMMARY: u64 = 1 << 7;
    pub(crate) const DESCRIPTION: u64 = 1 << 8;
    pub(crate) const ACTS: u64 = 1 << 9;
    pub(crate) const DEFAULT_COMMAND: u64 = 1 << 10;
    pub(crate) const OPERANDS_END_OPTIONS: u64 = 1 << 11;
    pub(crate) const ABBREVIATIONS: u64 = 1 << 12;
    pub(crate) const EXAMPLES: u64 = 1 << 13;
    pub(crate) const STATUSES: u64 = 1 << 14;
    pub(crate) const TAKES: u64 = 1 << 15;
    pub(crate) const BUNDLES: u64 = 1 << 16;
    pub(crate) const COMMANDS: u64 = 1 << 17;
    pub(crate) const RULES: u64 = 1 << 18;
    pub(crate) const JUDGED_BY: u64 = 1 << 19;
    pub(crate) const STANDS_ALONE: u64 = 1 << 20;
    pub(crate) const VERSION: u64 = 1 << 21;
    pub(crate) const ANSWERS: u64 = 1 << 22;
    pub(crate) const USUAL: u64 = 1 << 23;
    pub(crate) const PACKAGE: u64 = 1 << 24;
    pub(crate) const CONFIG: u64 = 1 << 25;
    pub(crate) const WORDING: u64 = 1 << 26;

    /// What each setter is called, by its number.
    pub(crate) const NAMES: &[&str] = &[
        "named",
        "aliases",
        "formerly",
        "hidden",
        "deprecated",
        "deprecated_since",
        "deprecated_until",
        "summary",
        "description",
        "acts",
        "default_command",
        "operands_end_options",
        "abbreviations",
        "examples",
        "statuses",
        "takes",
        "bundles",
        "commands",
        "rules",
        "judged_by",
        "stands_alone",
        "version",
        "answers",
        "usual",
        "package",
        "config",
        "wording",
    ];
    /// What only a root has a use for.
    pub(crate) const OF_ROOT: u64 = VERSION | ANSWERS | USUAL | PACKAGE | CONFIG | WORDING;
}
