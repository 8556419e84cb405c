//! What may be said of parameters, in the order of a document's keys.

use crate::Role::{Flag, Operand, Option, Tally};
use crate::{Mark, Part, Request, Role, SETTING, Setting, Takes, When};

const ALL: &[Role] = &[Operand, Option, Flag, Tally];
const NAMED: &[Role] = &[Option, Flag, Tally];
const VALUED: &[Role] = &[Operand, Option];

/// What is said of a parameter's words by their type: a bit each, after those of the settings.
#[derive(Debug)]
pub struct Form {
    /// Its bit.
    pub name: &'static str,
    /// What it brings along.
    pub brings: &'static [&'static str],
    /// What is so.
    pub says: &'static str,
}

/// The forms.
pub const FORMS: &[Form] = &[
    Form { name: "warns", brings: &["special"], says: "some of its words are deprecated" },
    Form { name: "wordless", brings: &[], says: "it takes no word" },
    Form { name: "several", brings: &["manners", "several"], says: "it takes more than one word" },
    Form { name: "attached", brings: &["manners", "bare"], says: "its word is only attached" },
    Form { name: "keyed", brings: &["keyed"], says: "it takes entries of a closed list of keys" },
];

/// The rows.
pub const SETTINGS: &[Setting] = &[
    Setting {
        name: "aliases",
        of: NAMED,
        takes: Takes::Texts,
        asked: Request::Publicly("aliases"),
        may_be_alone: true,
        says: "other names that mean the same; letters among them",
        ..SETTING
    },
    Setting {
        name: "formerly",
        of: NAMED,
        takes: Takes::Texts,
        asked: Request::Publicly("former_names"),
        may_be_alone: true,
        says: "names that it had before: they read, with a warning",
        ..SETTING
    },
    Setting {
        name: "hidden",
        of: ALL,
        may_be_alone: true,
        says: "left out of pages, fixes and completion",
        ..SETTING
    },
    Setting {
        name: "letter",
        of: NAMED,
        takes: Takes::Sign,
        by_hand: &[Part::Record, Part::Export],
        may_be_alone: true,
        says: "a letter that it is called by too, after one dash",
        ..SETTING
    },
    Setting {
        name: "throughout",
        of: NAMED,
        asked: Request::Publicly("is_throughout"),
        may_be_alone: true,
        says: "every command below accepts it too",
        ..SETTING
    },
    Setting {
        name: "anew",
        of: NAMED,
        asked: Request::Publicly("is_anew"),
        may_be_alone: true,
        says: "its name is meant to hide that of a parameter of a command above",
        ..SETTING
    },
    Setting {
        name: "help",
        of: ALL,
        takes: Takes::Text,
        asked: Request::Publicly("help"),
        by_hand: &[Part::Export],
        may_be_alone: true,
        says: "what it means, in a few words without a full stop",
        ..SETTING
    },
    Setting {
        name: "description",
        of: ALL,
        takes: Takes::Text,
        asked: Request::Publicly("description"),
        brings: &["described"],
        may_be_alone: true,
        says: "a longer description for the full page, in Markdown",
        ..SETTING
    },
    Setting {
        name: "deprecated",
        of: ALL,
        takes: Takes::Text,
        asked: Request::Publicly("instead"),
        brings: &["special"],
        may_be_alone: true,
        says: "what to use instead: it is accepted, with a warning",
        ..SETTING
    },
    Setting {
        name: "deprecated_since",
        of: ALL,
        takes: Takes::Text,
        asked: Request::Publicly("deprecated_since"),
        brings: &["special"],
        may_be_alone: true,
        says: "the version or the day from which on it is deprecated",
        ..SETTING
    },
    Setting {
        name: "deprecated_until",
        of: ALL,
        takes: Takes::Text,
        asked: Request::Publicly("deprecated_until"),
        brings: &["special"],
        may_be_alone: true,
        says: "the version or the day in which it is removed",
        ..SETTING
    },
    Setting {
        name: "type",
        of: VALUED,
        takes: Takes::Key,
        says: "the kind of its word, a list of kinds for several words, or a key and a value; text unless said",
        ..SETTING
    },
    Setting {
        name: "optional",
        of: VALUED,
        takes: Takes::Key,
        says: "it may be left out",
        ..SETTING
    },
    Setting {
        name: "many",
        of: VALUED,
        takes: Takes::Key,
        says: "it may be given any number of times",
        ..SETTING
    },
    Setting {
        name: "placeholder",
        of: VALUED,
        takes: Takes::Text,
        asked: Request::Publicly("declared_placeholder"),
        may_be_alone: true,
        says: "the text shown for its value; of several words a text for each, spaces between",
        ..SETTING
    },
    Setting {
        name: "default",
        of: VALUED,
        takes: Takes::Word,
        mark: Some(Mark::Special),
        asked: Request::Publicly("default"),
        says: "the value where none is given, as a user would type it",
        ..SETTING
    },
    Setting {
        name: "valid",
        of: VALUED,
        takes: Takes::Trait("Test"),
        asked: Request::Within("test"),
        may_be_alone: true,
        says: "tests of its values, all of which must pass",
        ..SETTING
    },
    Setting {
        name: "times",
        of: VALUED,
        when: When::Many,
        takes: Takes::Own,
        mark: Some(Mark::Several(2)),
        brings: &["special", "manners"],
        says: "how often it must and may be given",
        ..SETTING
    },
    Setting {
        name: "distinct",
        of: VALUED,
        when: When::Many,
        asked: Request::Publicly("is_distinct"),
        brings: &["special"],
        says: "no value may be in the list twice",
        ..SETTING
    },
    Setting {
        name: "joined_by",
        of: VALUED,
        when: When::ManyWords,
        takes: Takes::Sign,
        asked: Request::Publicly("delimiter"),
        brings: &["manners"],
        says: "a word may hold several values, with this character between them",
        ..SETTING
    },
    Setting {
        name: "refers",
        of: VALUED,
        takes: Takes::Value("Refers"),
        asked: Request::Publicly("declared_refers"),
        may_be_alone: true,
        says: "what completion may look up",
        ..SETTING
    },
    Setting {
        name: "listed_by",
        of: VALUED,
        takes: Takes::Trait("Lister"),
        asked: Request::Publicly("list"),
        brings: &["lists"],
        says: "what lists the values when the program runs",
        ..SETTING
    },
    Setting {
        name: "secret",
        of: VALUED,
        brings: &["secrecy"],
        not_with: &["listed_by"],
        says: "it is shown as dots",
        ..SETTING
    },
    Setting {
        name: "as_in_code",
        of: VALUED,
        when: When::WholeNumbers,
        asked: Request::Publicly("is_as_in_code"),
        brings: &["manners"],
        may_be_alone: true,
        says: "whole numbers read as source code has them too",
        ..SETTING
    },
    Setting {
        name: "infinite",
        of: VALUED,
        when: When::Numbers,
        asked: Request::Publicly("is_infinite"),
        brings: &["manners"],
        may_be_alone: true,
        says: "`nan`, `inf` and `-inf` read too",
        ..SETTING
    },
    Setting {
        name: "present",
        of: VALUED,
        when: When::Paths,
        brings: &["touches"],
        not_with: &["absent", "file", "directory"],
        says: "something must be at the path",
        ..SETTING
    },
    Setting {
        name: "absent",
        of: VALUED,
        when: When::Paths,
        brings: &["touches"],
        not_with: &["file", "directory"],
        says: "nothing may be at the path yet",
        ..SETTING
    },
    Setting {
        name: "file",
        of: VALUED,
        when: When::Paths,
        brings: &["touches"],
        not_with: &["directory"],
        says: "a file must be at the path",
        ..SETTING
    },
    Setting {
        name: "directory",
        of: VALUED,
        when: When::Paths,
        brings: &["touches"],
        says: "a folder must be at the path",
        ..SETTING
    },
    Setting {
        name: "extensions",
        of: VALUED,
        when: When::Paths,
        takes: Takes::Texts,
        asked: Request::Publicly("extensions"),
        may_be_alone: true,
        says: "the path must end in one of these, written without a dot",
        ..SETTING
    },
    Setting {
        name: "opposite",
        of: &[Flag],
        takes: Takes::Text,
        asked: Request::Publicly("opposite"),
        says: "a name that turns it off",
        ..SETTING
    },
    Setting {
        name: "opposite_letter",
        of: &[Flag],
        takes: Takes::Sign,
        by_hand: &[Part::Record, Part::Export],
        needs: &["opposite"],
        says: "a letter for the opposite",
        ..SETTING
    },
    Setting {
        name: "worded",
        of: &[Flag],
        asked: Request::Publicly("is_worded"),
        brings: &["manners"],
        says: "a word may be attached that says which: `--calm=no`",
        ..SETTING
    },
    Setting {
        name: "attached",
        of: &[Option],
        takes: Takes::Key,
        says: "the value is attached to the name, or left out",
        ..SETTING
    },
    Setting {
        name: "secret_file",
        of: &[Option],
        takes: Takes::Text,
        asked: Request::Publicly("file_name"),
        brings: &["touches", "special", "secrecy", "manners"],
        not_with: &["listed_by"],
        says: "the name of the option that takes a file whose first line is the secret",
        ..SETTING
    },
    Setting {
        name: "variable",
        of: &[Operand, Option, Flag],
        takes: Takes::Text,
        asked: Request::Publicly("variable"),
        brings: &["sources"],
        says: "an environment variable that gives the value where no word does",
        ..SETTING
    },
    Setting {
        name: "once",
        of: &[Option, Flag],
        asked: Request::Publicly("is_once"),
        brings: &["special"],
        says: "a second time is a fault",
        ..SETTING
    },
    Setting {
        name: "stands_alone",
        of: &[Option, Flag],
        takes: Takes::Trait("Alone"),
        asked: Request::Publicly("alone"),
        may_be_alone: true,
        says: "what is printed where it is given; nothing else is needed then",
        ..SETTING
    },
    Setting {
        name: "tail",
        of: &[Operand],
        when: When::ManyTexts,
        takes: Takes::Value("Tail"),
        asked: Request::Publicly("tail"),
        says: "words that are not read as others are",
        ..SETTING
    },
];
