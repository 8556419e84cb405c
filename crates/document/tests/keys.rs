//! The keys of a document are the setters of the library, and its schema holds what is read to the same.

use std::collections::BTreeSet;
use std::fs;
use std::path::{Path, PathBuf};

use clavret_core::inner::SETTERS;
use clavret_document::{Document, document_schema, from_toml, to_json};
use clavret_generator::declaration;
use expect_test::expect_file;
use proptest::strategy::{Strategy, ValueTree};
use proptest::test_runner::TestRunner;
use serde_json::Value;

use crate::sorts::SORTS;

/// Setters that a document has no key for, each with the reason.
const WITHOUT_KEY: &[&str] = &[
    // What takes code, or another declaration.
    "adapted", "by", // Said otherwise: by lists of tables, by the name.
    "commands", "named", "of_kind", "rules",
];

/// Keys that no setter is called as: tables and their names, and what is an argument in Rust.
const WITHOUT_SETTER: &[&str] = &[
    "$schema", "clavret", "name", "operand", "flag", "tally", "rule", "bundle", "command", "kind",
    "heading", "key", "value", "type", "like", "noun", "param", "offers", "example", "closed",
    "version", "statuses",
];

/// Those of parameters and commands, what the sources of declaring call `const fn NAME(mut self, …) -> Self`, and the
/// constructors of rules and validators.
fn setters() -> BTreeSet<String> {
    let declare = Path::new(env!("CARGO_MANIFEST_DIR")).join("../core/src");
    let mut found: BTreeSet<String> = SETTERS.concat().into_iter().map(str::to_owned).collect();
    let places = ["declare", "kind", "record", "relate", "wording/mod.rs"];
    let mut waiting: Vec<PathBuf> = places.iter().map(|place| declare.join(place)).collect();
    while let Some(path) = waiting.pop() {
        if path.is_dir() {
            let entries = fs::read_dir(&path).unwrap();
            waiting.extend(entries.map(|entry| entry.unwrap().path()));
            continue;
        }
        let text = fs::read_to_string(&path).unwrap();
        for part in text.split("pub const fn ").skip(1) {
            let name: String = part
                .chars()
                .take_while(|letter| letter.is_alphanumeric() || *letter == '_')
                .collect();
            // Those that a macro names are rows, and known.
            if is_setter(part, &path) && !name.is_empty() {
                found.insert(name);
            }
        }
    }
    found
}

fn is_setter(part: &str, path: &Path) -> bool {
    let head = part.split('{').next().unwrap_or_default();
    let gives = head.contains("-> Self") || head.contains("-> Kind");
    let makes = gives && (head.contains("mut self") || head.contains("(self"));
    let is_rule = path.parent().is_some_and(|folder| folder.ends_with("relate"));
    let is_validator = path.ends_with("valid/mod.rs")
        || path.ends_with("valid/bounds.rs")
        || path.ends_with("foreign/regex.rs")
        || path.ends_with("foreign/url.rs");
    makes || is_rule || is_validator && !head.contains("self")
}

fn keys(schema: &Value, found: &mut BTreeSet<String>) {
    if let Value::Object(object) = schema {
        if let Some(Value::Object(properties)) = object.get("properties") {
            found.extend(properties.keys().cloned());
        }
        object.values().for_each(|value| keys(value, found));
    }
}

#[test]
fn keys_are_called_as_setters() {
    let mut keys_found = BTreeSet::new();
    keys(&document_schema(), &mut keys_found);
    let setters = setters();
    let as_keys: BTreeSet<String> = setters.iter().map(|setter| setter.replace('_', "-")).collect();
    let without_key: Vec<&String> = setters
        .iter()
        .filter(|setter| !keys_found.contains(&setter.replace('_', "-")))
        .filter(|setter| !WITHOUT_KEY.contains(&setter.as_str()))
        .collect();
    let without_setter: Vec<&String> = keys_found
        .iter()
        .filter(|key| !as_keys.contains(*key) && !WITHOUT_SETTER.contains(&key.as_str()))
        .collect();
    assert!(
        without_key.is_empty() && without_setter.is_empty(),
        "{without_key:?} {without_setter:?}"
    );
    let stale = |list: &[&'static str], all: &BTreeSet<String>| -> Vec<&str> {
        list.iter().copied().filter(|name| !all.contains(*name)).collect()
    };
    assert_eq!(stale(WITHOUT_KEY, &setters), [""; 0]);
    assert_eq!(stale(WITHOUT_SETTER, &keys_found), [""; 0]);
}

/// The schema is there for editors, and the documents of the examples are valid by it.
#[test]
fn the_schema_is_published_and_the_examples_keep_to_it() {
    let root = Path::new(env!("CARGO_MANIFEST_DIR")).join("../..");
    let text = serde_json::to_string_pretty(&document_schema()).unwrap() + "\n";
    expect_file![root.join("docs/document.schema.json")].assert_eq(&text);
    let schema = jsonschema::validator_for(&document_schema()).unwrap();
    let documents = include_str!("../../../docs/documents.md");
    let shown =
        documents.split("```toml\n").nth(1).and_then(|rest| rest.split("```").next()).unwrap();
    let files = [
        "apiary/apiary.toml",
        "feeding/feeding.toml",
        "plugins/folder/weigh.toml",
        "plugins/folder/feed.toml",
    ];
    let files = files.map(|file| fs::read_to_string(root.join("examples").join(file)).unwrap());
    for text in files.iter().map(String::as_str).chain([shown]) {
        let value = serde_json::from_str(&to_json(&from_toml(text).unwrap())).unwrap();
        assert!(schema.is_valid(&value), "{text}");
        assert!(Document::read("x.toml", text).is_ok(), "{text}");
    }
    let mistakes = fs::read_to_string(root.join("examples/feeding/mistakes.toml")).unwrap();
    let value = serde_json::from_str(&to_json(&from_toml(&mistakes).unwrap())).unwrap();
    assert!(!schema.is_valid(&value));
}

/// Whatever reads is valid by the schema, and what it forbids is refused.
#[test]
fn the_schema_says_what_is_read() {
    let schema = jsonschema::validator_for(&document_schema()).unwrap();
    let mut runner = TestRunner::deterministic();
    for _ in 0..300 {
        let value = declaration(&SORTS).new_tree(&mut runner).unwrap().current().document();
        assert!(schema.is_valid(&value), "{value}");
    }
    for (key, value) in
        [("letter", "\"ab\""), ("leter", "\"a\""), ("hidden", "1"), ("times", "[]"), ("valid", "3")]
    {
        let text = format!(
            "{{\"clavret\": 1, \"name\": \"x\", \"option\": [{{\"name\": \"a\", \"{key}\": {value}}}]}}"
        );
        assert!(!schema.is_valid(&serde_json::from_str(&text).unwrap()), "{text}");
        assert!(Document::read("x", &text).is_err(), "{text}");
    }
}
