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
        told(page).succeeds().mentions("\nperiod     -s, --since NUMBER    first year that counts");
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

/// Each document is a subcommand with its page, its faults and its completion; one that is broken is told of, and the
/// others work.
#[cfg(unix)]
#[test]
fn plugins_are_subcommands_that_are_known_at_the_start() {
    let folder = tempfile::tempdir().unwrap();
    let own = std::path::Path::new(env!("CARGO_MANIFEST_DIR")).join("examples/plugins/folder");
    for name in ["weigh.toml", "weigh.sh", "feed.toml", "feed.sh"] {
        std::fs::copy(own.join(name), folder.path().join(name)).unwrap();
    }
    let run = |line: &str| {
        let mut plugins = Command::new(built::example("plugins"));
        let plugins = plugins.args(line.split(' ')).env("PLUGINS", folder.path());
        let output = plugins.env_remove("CLICOLOR_FORCE").output().unwrap();
        let told = [output.stderr, output.stdout].concat();
        (output.status.code().unwrap(), String::from_utf8(told).unwrap())
    };
    assert_eq!(run("weigh A7 --scale old"), (0, "A7 on the old scale\n".to_owned()));
    assert_eq!(run("feed B2 1.5"), (0, "B2 was fed 1.5 litres\n".to_owned()));
    assert!(
        run("weigh -h").1.contains("operand    HIVE                 hive to weigh, such as A7")
    );
    let (status, told) = run("weigh A7 --scal old");
    assert!(status == 2 && told.contains("try   plugins weigh A7 --scale old"), "{told}");
    let script = run("completions bash").1;
    assert!(script.contains("TAB for 'plugins' in bash"), "{script}");
    let (status, told) = run("feed B2 15");
    assert!(status == 2 && told.contains("from 0.1 to 10; '15' is above that"), "{told}");
    let twice = "clavret = 1\nname = 'x'\noption = [{ name = 'x' }, { name = 'x' }]";
    for (text, why) in [("runs = [", "unclosed array"), (twice, "`x`"), ("", "needs `clavret = 1`")]
    {
        std::fs::write(folder.path().join("broken.toml"), text).unwrap();
        let (status, told) = run("weigh A7");
        let is_told = told.contains("broken.toml:") && told.contains(why);
        assert!(status == 0 && is_told && told.ends_with("A7 on the new scale\n"), "{told}");
    }
}
