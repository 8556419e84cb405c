//! The apiary as its users meet it, and as its developers prove it.

mod document;
mod records;
mod refusals;
mod stage;
#[cfg(unix)]
mod surroundings;

#[path = "../../../../tests/shared/built.rs"]
mod built;
#[path = "../../../../tests/shared/lines.rs"]
mod lines;
#[cfg(unix)]
#[path = "../../../../tests/shared/nobody.rs"]
mod nobody;

use std::process::Command;

use apiary::{Desk, PROGRAM};
use stage::Stage;

#[test]
fn the_declaration_holds_what_it_promises() {
    clavret::prove(&PROGRAM);
}

#[test]
fn it_is_rehearsed_in_process_too() {
    let stage = Stage::new();
    let rehearse = |line: &str| {
        let apiary = clavret::rehearse(&PROGRAM).variable("XDG_DATA_HOME", stage.path());
        apiary.words(line.split(' ')).config("quiet = true").run_with(Desk::of)
    };
    rehearse("inspect A7 -cf6 --on 2026-10-01").prints("").mentions("put 12 made-up hives into");
    rehearse("hive list --as csv")
        .succeeds()
        .mentions("A7,south row,green,10,2026-10-01,6,calm,\n");
    rehearse("hive retire A7 --because x").refuses("3 to 200 characters");
    rehearse("inspect A77").refuses("no hive is called 'A77'; A7 is");
}

/// What the documents show is what the program prints; the README's smallest program says the same.
#[test]
fn the_look_is_as_the_documents_show_it() {
    let stage = Stage::new();
    let look = include_str!("../../../../docs/look.md");
    let mut shown = look.split("```console\n$ apiary ").skip(1).map(|block| {
        let (line, rest) = block.split_once('\n').unwrap();
        (line, rest.split_once("```").unwrap().0)
    });
    for (line, expected) in [shown.next().unwrap(), shown.next().unwrap()] {
        let output = stage.run_with("COLUMNS", "100", line);
        let said = String::from_utf8([output.stdout, output.stderr].concat()).unwrap();
        assert_eq!(said, expected, "`{line}`");
        let is_sentence = |text: &&str| text.starts_with("  1  ") || text.starts_with("  2  ");
        for sentence in expected.lines().filter(is_sentence) {
            assert!(include_str!("../../../../README.md").contains(sentence), "{sentence}");
        }
    }
}

#[test]
fn the_tour_runs() {
    let tour = Command::new(built::example("tour")).output().unwrap();
    let said = String::from_utf8(tour.stdout).unwrap();
    assert!(tour.status.success(), "{said}");
    for part in ["$ apiary inspect --help", "things to put right", "TAB", "--restless"] {
        assert!(said.contains(part), "no `{part}` in {said}");
    }
}
