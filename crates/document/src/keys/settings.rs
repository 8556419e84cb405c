// Written from the rows in `tables/src/`. Change those, and run `UPDATE_EXPECT=1 cargo test -p clavret-tables`.

//! The keys of parameters, commands and rules that are settings.

use super::table::{
    ABBREVIATIONS, CONFIG, EXAMPLES, JUDGED_BY, LISTED_BY, NAME, OPERAND_NAME, PACKAGE, REFERS,
    STANDS_ALONE, STATUSES, TAIL, TEXTS, TIMES, TYPE, VALID, WORDING, key,
};
use super::{Key, Of};

const OF_OPTION_FLAG_TALLY: &[Key] = &[
    key("aliases", TEXTS, "other names that mean the same; letters among them"),
    key("formerly", TEXTS, "names that it had before: they read, with a warning"),
    key("letter", Of::Character, "a letter that it is called by too, after one dash"),
    key("throughout", Of::Truth, "every command below accepts it too"),
    key("anew", Of::Truth, "its name is meant to hide that of a parameter of a command above"),
];
const OF_ALL: &[Key] = &[
    key("hidden", Of::Truth, "left out of pages, fixes and completion"),
    key("help", Of::Text, "what it means, in a few words without a full stop"),
    key("description", Of::Text, "a longer description for the full page, in Markdown"),
    key("deprecated", Of::Text, "what to use instead: it is accepted, with a warning"),
    key("deprecated-since", Of::Text, "the version or the day from which on it is deprecated"),
    key("deprecated-until", Of::Text, "the version or the day in which it is removed"),
];
const OF_OPERAND_OPTION: &[Key] = &[
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
    key("times", TIMES, "how often it must and may be given"),
    key("distinct", Of::Truth, "no value may be in the list twice"),
    key(
        "joined-by",
        Of::Character,
        "a word may hold several values, with this character between them",
    ),
    key("refers", REFERS, "what completion may look up"),
    key("listed-by", LISTED_BY, "what lists the values when the program runs"),
    key("secret", Of::Truth, "it is shown as dots"),
    key("as-in-code", Of::Truth, "whole numbers read as source code has them too"),
    key("infinite", Of::Truth, "`nan`, `inf` and `-inf` read too"),
    key("present", Of::Truth, "something must be at the path"),
    key("absent", Of::Truth, "nothing may be at the path yet"),
    key("file", Of::Truth, "a file must be at the path"),
    key("directory", Of::Truth, "a folder must be at the path"),
    key("extensions", TEXTS, "the path must end in one of these, written without a dot"),
];
const OF_FLAG: &[Key] = &[
    key("opposite", Of::Text, "a name that turns it off"),
    key("opposite-letter", Of::Character, "a letter for the opposite"),
    key("worded", Of::Truth, "a word may be attached that says which: `--calm=no`"),
];
const OF_OPTION: &[Key] = &[
    key("attached", Of::Truth, "the value is attached to the name, or left out"),
    key(
        "secret-file",
        Of::Text,
        "the name of the option that takes a file whose first line is the secret",
    ),
];
const OF_OPERAND_OPTION_FLAG: &[Key] =
    &[key("variable", Of::Text, "an environment variable that gives the value where no word does")];
const OF_OPTION_FLAG: &[Key] = &[
    key("once", Of::Truth, "a second time is a fault"),
    key(
        "stands-alone",
        STANDS_ALONE,
        "what is printed where it is given; nothing else is needed then",
    ),
];
const OF_OPERAND: &[Key] = &[key("tail", TAIL, "words that are not read as others are")];

pub(super) const OPERANDS: &[&[Key]] =
    &[OPERAND_NAME, OF_ALL, OF_OPERAND_OPTION, OF_OPERAND_OPTION_FLAG, OF_OPERAND];
pub(super) const OPTIONS: &[&[Key]] = &[
    NAME,
    OF_OPTION_FLAG_TALLY,
    OF_ALL,
    OF_OPERAND_OPTION,
    OF_OPTION,
    OF_OPERAND_OPTION_FLAG,
    OF_OPTION_FLAG,
];
pub(super) const FLAGS: &[&[Key]] =
    &[NAME, OF_OPTION_FLAG_TALLY, OF_ALL, OF_FLAG, OF_OPERAND_OPTION_FLAG, OF_OPTION_FLAG];
pub(super) const TALLIES: &[&[Key]] = &[NAME, OF_OPTION_FLAG_TALLY, OF_ALL];

/// Of every command.
pub(super) const OF_COMMANDS: &[Key] = &[
    key("aliases", TEXTS, "other names that mean the same; letters among them"),
    key("formerly", TEXTS, "names that it had before: they read, with a warning"),
    key("hidden", Of::Truth, "left out of pages, fixes and completion"),
    key("deprecated", Of::Text, "what to use instead: it is accepted, with a warning"),
    key("deprecated-since", Of::Text, "the version or the day from which on it is deprecated"),
    key("deprecated-until", Of::Text, "the version or the day in which it is removed"),
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
        ABBREVIATIONS,
        "of which names unique beginnings mean the names, here and below",
    ),
    key("examples", EXAMPLES, "examples: what each does, then the line as typed"),
    key("statuses", STATUSES, "exit statuses, each with what it means"),
    key(
        "takes",
        TEXTS,
        "the names of its parameters in the order of pages, where that is not the one below",
    ),
    key("bundles", TEXTS, "the names of bundles that it takes"),
    key("judged-by", JUDGED_BY, "its program tests the whole line in a way of its own"),
    key(
        "stands-alone",
        STANDS_ALONE,
        "what is printed where it is named, which is the library's work",
    ),
];
/// Of a root alone.
pub(super) const OF_ROOT: &[Key] = &[
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
];
/// The members of rules.
pub(super) const OF_RULES: &[Key] = &[
    key("only-one", TEXTS, "at most one of these is given"),
    key("at-least-one", TEXTS, "one of these is given, or more"),
    key("all-or-none", TEXTS, "these are given together or not at all"),
    key("only-with", TEXTS, "`param` is given only with all of these"),
    key("not-with", TEXTS, "`param` is not given with any of these"),
    key("needed-with", TEXTS, "these are needed when `param` has the `value`"),
];
