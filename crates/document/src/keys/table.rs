//! The tables of a document. A key is called as the setter that says the same, with dashes.

use super::{Key, Of, Table};
use crate::names::UNCHECKED;

const fn key(name: &'static str, of: Of, says: &'static str) -> Key {
    Key { name, of, is_needed: false, says }
}

const fn needed(name: &'static str, of: Of, says: &'static str) -> Key {
    Key { name, of, is_needed: true, says }
}

const PAIR: Of = Of::Row(&[Of::Text, Of::Text], 2);
const STATUS: Of = Of::Row(&[Of::Count(255), Of::Text], 2);
const TEXTS: Of = Of::List(&Of::Text);
const REFERS: Of =
    Of::Word(&["nothing", "path", "directory", "program", "account", "host", "command"]);
const ALONE: Of = Of::Word(&["page", "version", "completions", "document", UNCHECKED]);

const NAMED: &[Key] = &[
    needed("name", Of::Text, "what it is called, in lower case and without dashes"),
    key("aliases", TEXTS, "other names that mean the same; letters among them"),
    key("formerly", TEXTS, "names that it had before: they read, with a warning"),
    key("hidden", Of::Truth, "left out of pages, fixes and completion"),
];

const OF_COMMANDS: &[Key] = &[
    key("summary", Of::Text, "what it does, in a few words without a full stop"),
    key("description", Of::Text, "a longer description for the full page, in Markdown"),
    key("acts", Of::Truth, "it does something without a subcommand too"),
    key("default-command", Of::Text, "the subcommand that is meant where none is named"),
    key(
        "operands-end-options",
        Of::Truth,
        "from the first operand on no word is an option, here and below",
    ),
    key(
        "abbreviations",
        Of::Word(&["options", "commands", "both"]),
        "of which names unique beginnings mean the names, here and below",
    ),
    key("examples", Of::List(&PAIR), "examples: what each does, then the line as typed"),
    key("statuses", Of::List(&STATUS), "exit statuses, each with what it means"),
    key(
        "takes",
        TEXTS,
        "the names of its parameters in the order of pages, where that is not the one below",
    ),
    key("bundles", TEXTS, "the names of bundles that it takes"),
    key(
        "judged-by",
        Of::Word(&[UNCHECKED]),
        "its program tests the whole line in a way of its own",
    ),
    key("stands-alone", ALONE, "what is printed where it is named, which is the library's work"),
];

const OF_ROOT: &[Key] = &[
    key("$schema", Of::Text, "where an editor finds this schema"),
    needed("clavret", Of::Schema, "the version of this schema: 1"),
];

const OF_DOCUMENT: &[Key] = &[
    key("version", Of::Text, "the version that `--version` shows"),
    key("answers", Of::Truth, "the program answers requests, such as of scripts for completion"),
    key(
        "usual",
        TEXTS,
        "what every command accepts and stands alone, by name; `version` and `help` unless said",
    ),
    key("package", Of::Table(&PACKAGE), "where the program is from"),
    key("config", Of::Table(&CONFIG), "its config file"),
    key("wording", Of::Table(&WORDING), "other phrases for pages and faults"),
    key("kind", Of::Tables(&KIND), "kinds of values of its own"),
    key("bundle", Of::Tables(&BUNDLE), "parameters that several commands take together"),
];

const TAKEN: &[Key] = &[
    key("operand", Of::Tables(&OPERAND), "values by position, in the order they are typed"),
    key("option", Of::Tables(&OPTION), "named things with a value"),
    key("flag", Of::Tables(&FLAG), "named things without a value, on or off"),
    key("tally", Of::Tables(&TALLY), "named things without a value that are counted"),
    key("rule", Of::Tables(&RULE), "relations between parameters"),
];

// A static, as commands have commands.
static BELOW: [Key; 1] =
    [key("command", Of::Tables(&COMMAND), "subcommands, in the order of pages")];

/// A whole document: its root, and what all commands share.
pub(crate) static DOCUMENT: Table =
    Table { noun: "a document", keys: &[OF_ROOT, NAMED, OF_COMMANDS, OF_DOCUMENT, TAKEN, &BELOW] };

/// A subcommand.
pub(crate) static COMMAND: Table =
    Table { noun: "a command", keys: &[NAMED, OF_COMMANDS, TAKEN, &BELOW] };

static BUNDLE: Table = Table {
    noun: "a bundle",
    keys: &[
        &[
            needed("name", Of::Text, "what commands list it by"),
            key(
                "heading",
                Of::Text,
                "what pages head its options with; none leaves them among a command's own",
            ),
            key("takes", TEXTS, "the names of its parameters in the order of pages"),
        ],
        TAKEN,
    ],
};

static PACKAGE: Table = Table {
    noun: "a package",
    keys: &[&[
        key("version", Of::Text, "its version"),
        key("binary", Of::Text, "what the binary is called"),
        key("authors", Of::Text, "who to write to, several apart by colons"),
        key("page", Of::Text, "where to read more"),
        key("licence", Of::Text, "an SPDX expression"),
    ]],
};

static CONFIG: Table = Table {
    noun: "a config file",
    keys: &[&[
        needed("file", Of::Text, "its name below the folders where such files are"),
        key("option", Of::Text, "the option that names another file"),
    ]],
};

static WORDING: Table = Table {
    noun: "a wording",
    keys: &[&[
        key("with", Of::Map, "phrases by their names, such as `one-fault`"),
        key("count-words", TEXTS, "counts in words, from one on"),
        key("nouns", Of::Map, "what nouns of kinds are called, each by its own"),
        key("signs", Of::Map, "what the signs are called that join values"),
    ]],
};

/// A kind of values of the program's own.
static KIND: Table = Table {
    noun: "a kind",
    keys: &[&[
        needed("name", Of::Text, "what `type` calls it"),
        key("noun", Of::Text, "what one is, with its article: what faults say after \"takes\""),
        key("example", Of::Text, "a word that is one"),
        key("like", Of::Text, "the type of the library whose noun and example it has"),
        key("offers", Of::Tables(&OFFER), "the words of a closed list"),
        key(
            "explained",
            Of::Truth,
            "pages say its noun and example after the help of each parameter",
        ),
        key("negative", Of::Truth, "a word may be a negative number"),
        key("refers", REFERS, "what completion may look up"),
        key(
            "valid",
            VALID,
            "tests of its words, of each parameter of the kind that has none of its own",
        ),
        key("unchecked", Of::Truth, "what it accepts is known to the program alone"),
    ]],
};

static OFFER: Table = Table {
    noun: "an offered word",
    keys: &[&[
        needed("name", Of::Text, "the word"),
        key("help", Of::Text, "what it means"),
        key("deprecated", Of::Text, "what to type instead"),
        key("value", Of::Text, "the type of the value, where the word is the key of an entry"),
    ]],
};

const OF_ALL: &[Key] = &[
    key("help", Of::Text, "what it means, in a few words without a full stop"),
    key("description", Of::Text, "a longer description for the full page, in Markdown"),
    key("deprecated", Of::Text, "what to type instead: it reads, with a warning"),
];

const OF_OPERAND: &[Key] = &[
    needed("name", Of::Text, "what it is called, in lower case"),
    key("hidden", Of::Truth, "left out of pages, fixes and completion"),
];

const OF_NAMES: &[Key] = &[
    key("letter", Of::Character, "a letter that it is called by too, after one dash"),
    key("throughout", Of::Truth, "every command below accepts it too"),
    key("anew", Of::Truth, "its name is meant to hide that of a parameter of a command above"),
];

const TYPE: Of = Of::Either(&[Of::Text, Of::List(&Of::Text), Of::Table(&ENTRY)]);

static ENTRY: Table = Table {
    noun: "an entry",
    keys: &[&[
        needed("key", Of::Text, "the kind of what stands in front of the ="),
        needed("value", Of::Text, "the kind of what stands after it"),
    ]],
};

const VALID: Of = Of::Either(&[Of::Table(&VALIDATOR), Of::Tables(&VALIDATOR)]);

const OF_VALUES: &[Key] = &[
    key(
        "type",
        TYPE,
        "the kind of its word, a list of kinds for several words, or a key and a value; text unless said",
    ),
    key("optional", Of::Truth, "it may be left out"),
    key("many", Of::Truth, "it may be given any number of times"),
    key(
        "placeholder",
        Of::Text,
        "the text shown for its value; of several words a text for each, spaces between",
    ),
    key("default", Of::Scalar, "the value where none is given, as a user would type it"),
    key("valid", VALID, "tests of its values, all of which must pass"),
    key(
        "times",
        Of::Row(&[Of::Count(u32::MAX), Of::Count(u32::MAX)], 1),
        "how often it must and may be given",
    ),
    key("distinct", Of::Truth, "no value may be in the list twice"),
    key(
        "joined-by",
        Of::Character,
        "a word may hold several values, with this character between them",
    ),
    key("refers", REFERS, "what completion may look up"),
    key("listed-by", Of::Table(&LIST), "its program lists the values when it runs"),
    key("secret", Of::Truth, "it is shown as dots"),
    key("as-in-code", Of::Truth, "whole numbers read as source code has them too"),
    key("infinite", Of::Truth, "`nan`, `inf` and `-inf` read too"),
    key("present", Of::Truth, "something must be at the path"),
    key("absent", Of::Truth, "nothing may be at the path yet"),
    key("file", Of::Truth, "a file must be at the path"),
    key("directory", Of::Truth, "a folder must be at the path"),
    key("extensions", TEXTS, "the path must end in one of these, written without a dot"),
];

const VARIABLE: &[Key] =
    &[key("variable", Of::Text, "an environment variable that gives the value where no word does")];

const ONCE: &[Key] = &[
    key("once", Of::Truth, "it may be given once"),
    key("stands-alone", ALONE, "what is printed where it is given; nothing else is needed then"),
];

static OPERAND: Table = Table {
    noun: "an operand",
    keys: &[
        OF_OPERAND,
        OF_ALL,
        OF_VALUES,
        VARIABLE,
        &[key(
            "tail",
            Of::Word(&["raw", "after-dashes", "unknown-options"]),
            "words that are not read as others are",
        )],
    ],
};

static OPTION: Table = Table {
    noun: "an option",
    keys: &[
        NAMED,
        OF_NAMES,
        OF_ALL,
        OF_VALUES,
        &[
            key("attached", Of::Truth, "the value is attached to the name, or left out"),
            key(
                "secret-file",
                Of::Text,
                "another name for a secret, which takes a file whose first line is the value",
            ),
        ],
        VARIABLE,
        ONCE,
    ],
};

static FLAG: Table = Table {
    noun: "a flag",
    keys: &[
        NAMED,
        OF_NAMES,
        OF_ALL,
        &[
            key("opposite", Of::Text, "a name that turns it off"),
            key("opposite-letter", Of::Character, "a letter for the opposite"),
            key("worded", Of::Truth, "a word may be attached that says which: `--calm=no`"),
        ],
        VARIABLE,
        ONCE,
    ],
};

static TALLY: Table = Table { noun: "a tally", keys: &[NAMED, OF_NAMES, OF_ALL] };

static LIST: Table = Table {
    noun: "a list",
    keys: &[&[
        key("noun", Of::Text, "what one of its values is"),
        key("closed", Of::Truth, "a value that it does not have is refused"),
        key("unchecked", Of::Truth, "what it has is known to the program alone"),
    ]],
};

/// A test of values: of the library's, or in the words of the program's own.
static VALIDATOR: Table = Table {
    noun: "a validator",
    keys: &[&[
        key("range", Of::Row(&[Of::Scalar, Of::Scalar], 2), "the lowest and the highest value"),
        key("at-least", Of::Scalar, "the lowest value, where there is no highest"),
        key("at-most", Of::Scalar, "the highest value, where there is no lowest"),
        key("one-of", Of::List(&Of::Scalar), "some values, and no others"),
        key("not-one-of", Of::List(&Of::Scalar), "all values but these"),
        key("multiple-of", Of::Scalar, "what this divides"),
        key(
            "length",
            Of::Row(&[Of::Count(u32::MAX), Of::Count(u32::MAX)], 2),
            "text of so many characters, at least and at most",
        ),
        key("pattern", Of::Text, "text that a regular expression matches as a whole"),
        key("schemes", TEXTS, "addresses with one of these schemes"),
        key("says", Of::Text, "what would be right, in words that a user understands"),
        key("example", Of::Text, "a word whose value passes"),
        key("unchecked", Of::Truth, "what it accepts is known to the program alone"),
    ]],
};

/// A relation between parameters. Its members are in a list by its own name.
static RULE: Table = Table {
    noun: "a rule",
    keys: &[&[
        key("only-one", TEXTS, "at most one of these is given"),
        key("at-least-one", TEXTS, "one of these is given, or more"),
        key("all-or-none", TEXTS, "these are given together or not at all"),
        key("only-with", TEXTS, "`param` is given only with all of these"),
        key("not-with", TEXTS, "`param` is not given with any of these"),
        key("needed-with", TEXTS, "these are needed when `param` has the `value`"),
        key("param", Of::Text, "the parameter that it hangs on"),
        key("value", Of::Scalar, "the value that this must have"),
    ]],
};
