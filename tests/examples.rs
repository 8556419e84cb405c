//! Each small example, run as its file says.

use std::cell::RefCell;
use std::io;
use std::process::Command;

use clavret::{prove, rehearse};
use clavret_contributed::Station;

#[path = "shared/built.rs"]
mod built;
#[allow(dead_code)]
#[path = "../examples/files.rs"]
mod files;
#[allow(dead_code)]
#[path = "../examples/mixed.rs"]
mod mixed;
#[allow(dead_code)]
#[path = "../examples/service.rs"]
mod service;

#[test]
fn mixed_is_one_tree_whatever_declares_its_commands() {
    prove(&mixed::PROGRAM);
    let station = Station { celsius: 12.5 };
    let told = |line: &str| rehearse(&mixed::PROGRAM).words(line.split(' ')).run_in(&station);
    told("list -s 2020").succeeds().prints("no hives since 2020\n");
    told("inspect A7").succeeds().prints("A7 since 2000\n");
    told("report --since 2026").succeeds().prints("nothing since 2026\n");
    told("weather now -k").succeeds().prints("285.65\n");
    told("weather flight --from 20").succeeds().prints("no\n");
    told("weather flight --from 90")
        .refuses("--from takes a number from 0 to 40; '90' is above that");
    for page in ["list -h", "inspect -h", "report -h"] {
        told(page).succeeds().mentions("\nperiod     -s, --since SINCE    first year that counts");
    }
}

#[test]
fn service_has_a_fake_in_its_rehearsal() {
    /// A logbook that is full after so many inspections.
    struct Fake(RefCell<Vec<String>>, usize);

    impl service::Logbook for Fake {
        fn keep(&self, hive: &str) -> io::Result<usize> {
            self.0.borrow_mut().push(hive.to_owned());
            let count = self.0.borrow().len();
            if count > self.1 { Err(io::ErrorKind::StorageFull.into()) } else { Ok(count) }
        }
    }

    prove(&service::APIARY);
    let logbook: Box<dyn service::Logbook> = Box::new(Fake(RefCell::default(), 1));
    let inspect = rehearse(&service::APIARY).words(["inspect", "A7"]);
    inspect.run_in(&logbook).succeeds().prints("recorded A7; the logbook has 1 inspections\n");
    inspect.run_in(&logbook).fails(1, "apiary: no storage space\n");
}

#[test]
fn files_are_values_and_a_rehearsal_has_its_own_streams() {
    prove(&files::SIFT);
    let sift = rehearse(&files::SIFT).input("A7 calm\nB2 restless\n");
    sift.words(["A7"]).run().succeeds().prints("A7 calm\n");
}

#[test]
fn split_joins_files_by_a_line_each() {
    let run =
        |line: &str| Command::new(built::example("split")).args(line.split(' ')).output().unwrap();
    assert_eq!(run("hives list").stdout, b"A7 B2\n");
    assert_eq!(run("inspect C1").stdout, b"C1, one of 2 hives\n");
    assert!(run("hives has A7").status.success());
    let unknown = run("hives has C1");
    assert_eq!((unknown.status.code(), unknown.stderr.len()), (Some(1), 0), "it says nothing");
}
