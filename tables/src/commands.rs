//! What may be said of commands, in the order of a document's keys.

use crate::{CommandSetting, Mark};

const TEXT: Option<&str> = Some("Of::Text");
const TEXTS: Option<&str> = Some("TEXTS");
const TRUTH: Option<&str> = Some("Of::Truth");

const fn row(
    name: &'static str,
    mark: Option<Mark>,
    key: Option<&'static str>,
    says: &'static str,
) -> CommandSetting {
    CommandSetting { name, mark, key, is_of_root: false, says }
}

const fn of_root(
    name: &'static str,
    mark: Option<Mark>,
    key: Option<&'static str>,
    says: &'static str,
) -> CommandSetting {
    CommandSetting { name, mark, key, is_of_root: true, says }
}

const VALUE: Option<Mark> = Some(Mark::Value);
const REFERENCE: Option<Mark> = Some(Mark::Reference);
const NOTHING: Option<Mark> = Some(Mark::Nothing);
const SPECIAL: Option<Mark> = Some(Mark::Special);

/// The rows.
pub const COMMANDS: &[CommandSetting] = &[
    row("named", None, None, "what it is called, where it was made under another name"),
    row("aliases", REFERENCE, TEXTS, "other names that mean the same; letters among them"),
    row("formerly", REFERENCE, TEXTS, "names that it had before: they read, with a warning"),
    row("hidden", NOTHING, TRUTH, "left out of pages, fixes and completion"),
    row("deprecated", VALUE, TEXT, "what to use instead: it is accepted, with a warning"),
    row("deprecated_since", VALUE, TEXT, "the version or the day from which on it is deprecated"),
    row("deprecated_until", VALUE, TEXT, "the version or the day in which it is removed"),
    row("summary", VALUE, TEXT, "what it does, in a few words without a full stop"),
    row("description", VALUE, TEXT, "a longer description for the full page, in Markdown"),
    row("acts", NOTHING, TRUTH, "it does something without a subcommand too"),
    row("default_command", SPECIAL, TEXT, "the subcommand that is meant where none is named"),
    row(
        "operands_end_options",
        NOTHING,
        TRUTH,
        "from the first operand on no word is an option, here and below",
    ),
    row(
        "abbreviations",
        VALUE,
        Some("ABBREVIATIONS"),
        "of which names unique beginnings mean the names, here and below",
    ),
    row(
        "examples",
        REFERENCE,
        Some("EXAMPLES"),
        "examples: what each does, then the line as typed",
    ),
    row("statuses", REFERENCE, Some("STATUSES"), "exit statuses, each with what it means"),
    row(
        "takes",
        SPECIAL,
        TEXTS,
        "the names of its parameters in the order of pages, where that is not the one below",
    ),
    row("bundles", None, TEXTS, "the names of bundles that it takes"),
    row("commands", None, None, "its subcommands"),
    row("rules", None, None, "relations between its parameters"),
    row(
        "judged_by",
        REFERENCE,
        Some("JUDGED_BY"),
        "its program tests the whole line in a way of its own",
    ),
    row(
        "stands_alone",
        None,
        Some("STANDS_ALONE"),
        "what is printed where it is named, which is the library's work",
    ),
    of_root("version", VALUE, TEXT, "the version that `--version` shows"),
    of_root(
        "answers",
        NOTHING,
        TRUTH,
        "the program answers requests, such as of scripts for completion",
    ),
    of_root(
        "usual",
        SPECIAL,
        TEXTS,
        "what every command accepts and stands alone, by name; `version` and `help` unless said",
    ),
    of_root("package", None, Some("Of::Table(&PACKAGE)"), "where the program is from"),
    of_root("config", REFERENCE, Some("Of::Table(&CONFIG)"), "its config file"),
    of_root(
        "wording",
        REFERENCE,
        Some("Of::Table(&WORDING)"),
        "other phrases for pages and faults",
    ),
];
