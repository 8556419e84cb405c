//! The tables of a document. A key is called as the setter that says the same, with dashes; what such a key takes that is more
//! than a text, a character or a truth value stands here under the setter's name.

use super::settings::{FLAGS, OF_COMMANDS, OF_ROOT, OF_RULES, OPERANDS, OPTIONS, TALLIES};
use super::{Key, Of, Table};
use crate::names::UNCHECKED;

pub(super) const fn key(name: &'static str, of: Of, says: &'static str) -> Key {
    Key { name, of, is_needed: false, says }
}

const fn needed(name: &'static str, of: Of, says: &'static str) -> Key {
    Key { name, of, is_needed: true, says }
}

pub(super) const TEXTS: Of = Of::List(&Of::Text);
pub(super) const ABBREVIATIONS: Of = Of::Word(&["options", "commands", "both"]);
pub(super) const EXAMPLES: Of = Of::List(&Of::Row(&[Of::Text, Of::Text], 2));
pub(super) const JUDGED_BY: Of = Of::Word(&[UNCHECKED]);
pub(super) const LISTED_BY: Of = Of::Table(&LIST);
pub(super) const REFERS: Of =
    Of::Word(&["nothing", "path", "directory", "program", "account", "host", "command"]);
pub(super) const STANDS_ALONE: Of =
    Of::Word(&["page", "version", "completions", "document", UNCHECKED]);
pub(super) const STATUSES: Of = Of::List(&Of::Row(&[Of::Count(255), Of::Text], 2));
pub(super) const TAIL: Of = Of::Word(&["raw", "after-dashes", "unknown-options"]);
pub(super) const TIMES: Of = Of::Row(&[Of::Count(u32::MAX), Of::Count(u32::MAX)], 1);
pub(super) const TYPE: Of = Of::Either(&[Of::Text, Of::List(&Of::Text), Of::Table(&ENTRY)]);
pub(super) const VALID: Of = Of::Either(&[Of::Table(&VALIDATOR), Of::Tables(&VALIDATOR)]);

pub(super) const NAME: &[Key] =
    &[needed("name", Of::Text, "what it is called, in lower case and without dashes")];

const HEAD: &[Key] = &[
    key("$schema", Of::Text, "where an editor finds this schema"),
    needed("clavret", Of::Schema, "the version of this schema: 1"),
];

const SHARED: &[Key] = &[
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
    Table { noun: "a document", keys: &[HEAD, NAME, OF_COMMANDS, OF_ROOT, SHARED, TAKEN, &BELOW] };

/// A subcommand.
pub(crate) static COMMAND: Table =
    Table { noun: "a command", keys: &[NAME, OF_COMMANDS, TAKEN, &BELOW] };

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

pub(super) static PACKAGE: Table = Table {
    noun: "a package",
    keys: &[&[
        key("version", Of::Text, "its version"),
        key("binary", Of::Text, "what the binary is called"),
        key("authors", Of::Text, "who to write to, several apart by colons"),
        key("page", Of::Text, "where to read more"),
        key("licence", Of::Text, "an SPDX expression"),
    ]],
};

pub(super) static CONFIG: Table = Table {
    noun: "a config file",
    keys: &[&[
        needed("file", Of::Text, "its name below the folders where such files are"),
        key("option", Of::Text, "the option that names another file"),
    ]],
};

pub(super) static WORDING: Table = Table {
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
            "placeholder",
            Of::Text,
            "what stands for a value of an option of this kind, in upper case",
        ),
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
        key("deprecated-since", Of::Text, "the version or the day from which on it is deprecated"),
        key("deprecated-until", Of::Text, "the version or the day in which it is removed"),
        key("value", Of::Text, "the type of the value, where the word is the key of an entry"),
    ]],
};

static ENTRY: Table = Table {
    noun: "an entry",
    keys: &[&[
        needed("key", Of::Text, "the kind of what stands in front of the ="),
        needed("value", Of::Text, "the kind of what stands after it"),
    ]],
};

pub(super) const OPERAND_NAME: &[Key] =
    &[needed("name", Of::Text, "what it is called, in lower case")];

static OPERAND: Table = Table { noun: "an operand", keys: OPERANDS };
static OPTION: Table = Table { noun: "an option", keys: OPTIONS };
static FLAG: Table = Table { noun: "a flag", keys: FLAGS };
static TALLY: Table = Table { noun: "a tally", keys: TALLIES };

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
        key("any-but", Of::List(&Of::Scalar), "all values but these"),
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
    keys: &[
        OF_RULES,
        &[
            key("param", Of::Text, "the parameter that it hangs on"),
            key("value", Of::Scalar, "the value that this must have"),
        ],
    ],
};
