//! `clavret page`, and how a document is had.

use std::process::{Command, Stdio};

use crate::{Told, apiary, clavret, feeding, told};

#[test]
fn a_page_is_the_programs_own() {
    let Told { status, out, err } = clavret(&["page", &apiary(), "hive", "drop", "--short"]);
    assert_eq!((status, err.as_str()), (0, ""));
    assert!(out.starts_with("apiary hive retire   give a hive up; its records stay\n"), "{out}");
    let narrow = clavret(&["page", &feeding(), "--width", "40"]).out;
    assert!(narrow.lines().all(|line| line.chars().count() <= 40), "{narrow}");
    assert!(clavret(&["page", &feeding(), "--color", "always"]).out.contains("\u{1b}["));
}

#[test]
fn a_command_that_is_not_there_is_refused() {
    for (words, why) in [
        (
            &["hive", "ad"][..],
            "'ad' is no command of apiary hive, which has add, list, move, retire\n",
        ),
        (&["inspect", "x"], "'x' is no command of apiary inspect, which has none\n"),
    ] {
        let Told { status, out, err } = clavret(&[&["page", &apiary()], words].concat());
        assert_eq!((status, out.as_str(), err), (2, "", format!("clavret: {why}")));
    }
}

#[test]
fn a_document_that_cannot_be_had_is_told() {
    let folder = tempfile::tempdir().unwrap();
    let broken = folder.path().join("broken.toml");
    std::fs::write(&broken, "clavret = 1\nname = 'x'\nsumary = 'y'\n").unwrap();
    let silent = folder.path().join("silent");
    std::fs::write(&silent, "").unwrap();
    for (source, why) in [
        ("nothing.toml", "nothing.toml cannot be read (No such file or directory)"),
        ("sh", "sh gives no document"),
        (broken.to_str().unwrap(), "'sumary' is no key of a document; `summary` is"),
        (silent.to_str().unwrap(), "a document needs `clavret = 1` and `name = \"…\"`"),
    ] {
        let Told { status, out, err } = clavret(&["page", source]);
        assert_eq!((status, out.as_str()), (3, ""), "{err}");
        assert!(err.contains(why), "{err}");
    }
}

/// Standard input is a document too, and a program that gives its own is as good as one.
#[test]
fn documents_come_from_standard_input_and_from_programs() {
    let document = std::fs::File::open(apiary()).unwrap();
    let mut command = Command::new(env!("CARGO_BIN_EXE_clavret"));
    let given = told(
        command.args(["page", "-", "inspect"]).stdin(Stdio::from(document)).env("COLUMNS", "80"),
    );
    assert_eq!(given.out, clavret(&["page", &apiary(), "inspect"]).out);
    let own = clavret(&["page", env!("CARGO_BIN_EXE_clavret"), "read"]);
    let told = clavret(&["read", "--help"]).out;
    assert_eq!(own.out, told, "{}", own.err);
}
