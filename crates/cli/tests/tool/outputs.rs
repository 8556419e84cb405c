//! `clavret write`: each output is read by a well-known reader of its format, and is what the program itself gives.

use std::collections::HashMap;
use std::process::Command;

use clavret::Outcome;
use clavret::document::{Arena, Document};
use serde_json::{Value, json};

use crate::of_apiary::lines;
use crate::{Told, apiary, clavret, feeding, told};

fn write(words: &[&str]) -> String {
    let Told { status, out, err } = clavret(&[&["write"], words].concat());
    assert_eq!((status, err.as_str()), (0, ""), "{words:?}");
    assert_eq!(clavret(&[&["write"], words].concat()).out, out, "another run has other bytes");
    out
}

#[test]
fn documents_are_toml_and_json() {
    let toml: toml::Table = write(&["document", &apiary()]).parse().unwrap();
    let json: Value =
        serde_json::from_str(&write(&["document", &apiary(), "--as", "json"])).unwrap();
    assert_eq!(serde_json::to_value(toml).unwrap(), json);
    let schema: Value = serde_json::from_str(&write(&["schema"])).unwrap();
    assert!(jsonschema::validator_for(&schema).unwrap().is_valid(&json));
    assert!(jsonschema::meta::is_valid(&schema));
    // The tool's own document comes from the tool.
    assert!(
        write(&["document", env!("CARGO_BIN_EXE_clavret")])
            .starts_with("clavret = 1\nname = \"clavret\"\n")
    );
}

#[test]
fn scripts_for_completion_are_those_of_the_program() {
    for shell in ["bash", "zsh", "fish"] {
        let script = write(&["completions", env!("CARGO_BIN_EXE_clavret"), "--for", shell]);
        assert_eq!(script, clavret(&["completions", shell]).out, "{shell}");
    }
    for words in [
        &["completions", &*apiary(), "--for", "bash"][..],
        &["completions", &*feeding(), "--for", "bash", "--whole"],
    ] {
        let folder = tempfile::tempdir().unwrap();
        let file = folder.path().join("script");
        std::fs::write(&file, write(words)).unwrap();
        let checked = told(Command::new("bash").arg("-n").arg(&file));
        assert_eq!((checked.status, checked.err.as_str()), (0, ""), "{words:?}");
    }
    // A program that answers nobody has a script that starts nothing in bash, and elsewhere one that asks in vain.
    let folder = tempfile::tempdir().unwrap();
    let file = folder.path().join("silent.toml");
    std::fs::write(&file, "clavret = 1\nname = \"silent\"\n[[flag]]\nname = \"calm\"\n").unwrap();
    let file = file.to_str().unwrap();
    let whole = write(&["completions", file, "--for", "bash"]);
    assert_eq!(whole, write(&["completions", file, "--for", "bash", "--whole"]));
    assert!(whole.contains("--calm"), "{whole}");
    assert!(
        clavret(&["write", "completions", file, "--for", "zsh"]).err.contains("asks it in vain")
    );
    let refused = clavret(&["write", "completions", &apiary(), "--for", "fish", "--whole"]);
    assert!(refused.status == 2 && refused.err.contains("for bash alone"), "{}", refused.err);
}

/// What any line gives that reads is valid by the schema of its command, and what none gives is not.
#[test]
fn values_keep_to_their_schema() {
    let document = Document::read("apiary.toml", std::fs::read(apiary()).unwrap()).unwrap();
    let arena = Arena::new();
    let root = document.command(&arena);
    let mut schemas = HashMap::new();
    let mut count = 0;
    for line in lines(6_000) {
        let Outcome::Reading(reading) = root.read(&line) else { continue };
        let names = reading.path().to_string();
        let schema = schemas.entry(names.clone()).or_insert_with(|| {
            let (source, mut words) = (apiary(), vec!["values"]);
            words.push(&source);
            words.extend(names.split(' ').skip(1));
            let schema = serde_json::from_str(&write(&words)).unwrap();
            jsonschema::validator_for(&schema).unwrap()
        });
        let values = serde_json::to_value(&reading).unwrap()["values"].take();
        assert!(
            schema.is_valid(&values),
            "{line:?} {values} {:?}",
            schema.iter_errors(&values).next()
        );
        count += 1;
    }
    assert!(count > 500 && schemas.len() > 6, "{count} {}", schemas.len());
    let inspect = &schemas["apiary inspect"];
    let Outcome::Reading(reading) = root.read(&["inspect", "A7", "-cf6"]) else { panic!() };
    let values = serde_json::to_value(&reading).unwrap()["values"].take();
    for (key, value) in [
        ("/inspect/--frames", json!(26)),
        ("/inspect/--frames", json!(1.5)),
        ("/inspect/--frames", json!(null)),
        ("/inspect/--calm", json!("yes")),
        ("/inspect/--note", json!([""])),
        ("/inspect/--temp", json!(99)),
        ("/inspect", json!({})),
        ("/--color", json!("blue")),
    ] {
        let mut values = values.clone();
        *values.pointer_mut(key).unwrap() = value;
        assert!(!inspect.is_valid(&values), "{values}");
    }
}

/// A feeding round's own document says what its schema does of lists and of what may be left out.
#[test]
fn lists_and_what_may_be_left_out_are_in_the_schema() {
    let schema = serde_json::from_str(&write(&["values", &feeding()])).unwrap();
    let schema = jsonschema::validator_for(&schema).unwrap();
    let read = clavret(&[
        "read",
        &feeding(),
        "--as",
        "json",
        "--",
        "A7",
        "-l2",
        "--note",
        "x",
        "--dry-run",
    ]);
    let mut values = serde_json::from_str::<Value>(&read.out).unwrap()["values"].take();
    values["--note"] = json!(["x", { "bytes": [255] }]);
    assert!(schema.is_valid(&values), "{:?}", schema.iter_errors(&values).next());
    for (key, value) in [
        ("hives", json!([])),
        ("--litres", json!(11)),
        ("--of", json!("sugar")),
        ("--note", json!("a")),
    ] {
        let mut values = values.clone();
        values[key] = value;
        assert!(!schema.is_valid(&values), "{values}");
    }
}
