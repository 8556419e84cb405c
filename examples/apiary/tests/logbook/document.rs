//! The apiary's document says all that its declaration does, and the program gives it to whoever asks.

use std::io::Write;
use std::process::{Command, Stdio};

use apiary::APIARY;
use clavret::Outcome;
use clavret::ask::CommandPath;
use clavret::document::{Arena, Document, document_of, to_json, to_toml};
use clavret::look::Look;
use clavret::medium::{Page, PageLength};
use clavret::shell::BASH;
use expect_test::expect_file;

use super::lines::lines;

/// A page of each command, short and full, and what becomes of some lines.
fn shown(root: &clavret::Command<'_>, lines: &[Vec<&str>]) -> Vec<String> {
    let paths = CommandPath::tree(root);
    let pages = paths.flat_map(|path| {
        [PageLength::Short, PageLength::Full]
            .map(|length| Page::of(&path, length).draw(Look::PLAIN))
    });
    let read = lines.iter().map(|line| match root.read(line) {
        Outcome::Reading(reading) => format!("{reading:?}{}", reading.warnings()),
        // What is offered instead may hang on what only the program could refuse.
        Outcome::Faults(faults) => faults
            .iter()
            .map(|fault| format!("{:?} {}\n", fault.place(), faults.sentence_of(fault)))
            .collect(),
        Outcome::Request(asked) => {
            match line.contains(&"completions") || line.contains(&"document") {
                true => format!("{:?}", asked.path()),
                false => asked.text(Look::PLAIN),
            }
        }
        other => format!("{other:?}"),
    });
    pages.collect::<Vec<_>>().into_iter().chain(read).collect()
}

#[test]
fn its_document_is_the_declaration() {
    let lines = lines(10_000);
    let own = shown(&APIARY, &lines);
    expect_file!["../../apiary.toml"].assert_eq(&to_toml(&document_of(&APIARY)));
    for text in [to_toml(&document_of(&APIARY)), to_json(&document_of(&APIARY))] {
        let document = Document::read("apiary.toml", &text).unwrap();
        let arena = Arena::new();
        let again = document.command(&arena);
        assert_eq!(to_toml(&document_of(again)), to_toml(&document_of(&APIARY)));
        assert_eq!(BASH.whole_script(again), BASH.whole_script(&APIARY));
        for (own, its) in own.iter().zip(shown(again, &lines)) {
            assert_eq!(*own, its);
        }
    }
    let reading = own.iter().filter(|shown| shown.contains("  --color")).count();
    assert!(reading > 1_000, "{reading} of 10,000 read");
}

#[test]
fn the_program_gives_its_document() {
    let ask = |request: &str, input: &str| {
        let mut apiary = Command::new(env!("CARGO_BIN_EXE_apiary"));
        let apiary = apiary.arg("--version").env("CLAVRET", request);
        let apiary = apiary.stdin(Stdio::piped()).stdout(Stdio::piped()).stderr(Stdio::null());
        let mut apiary = apiary.spawn().unwrap();
        apiary.stdin.take().unwrap().write_all(input.as_bytes()).unwrap();
        String::from_utf8(apiary.wait_with_output().unwrap().stdout).unwrap()
    };
    assert_eq!(ask("1\u{1f}document", "."), to_json(&document_of(&APIARY)));
    // Nobody but who asks is answered: neither a child that inherits the variable, nor for another version.
    for (request, input) in
        [("1\u{1f}document", ""), ("2\u{1f}document", "."), ("1\u{1f}document\u{1f}x", ".")]
    {
        assert!(ask(request, input).starts_with("apiary "), "{request:?}");
    }
}
