//! Programs that ask in place, named and described by their package, or called as their binary.

use std::process::{Command, Output};

fn run(line: &str) -> Output {
    run_program(env!("CARGO_BIN_EXE_clavret-contributed"), line)
}

fn run_program(program: &str, line: &str) -> Output {
    let words = line.split(' ').filter(|word| !word.is_empty());
    Command::new(program).args(words).output().unwrap()
}

#[test]
fn places_are_listed_by_number_file_and_line() {
    let page = String::from_utf8(run("--help").stdout).unwrap();
    assert_eq!(
        page,
        "\
clavret-contributed   A subtree of commands that another crate contributes to a
                      program, for tests

usage      clavret-contributed [-v]... [-k] PLACE [SENSOR...]

operands   PLACE            where they are
           SENSOR           sensors to read: a whole number

option     -v               say more; may be given again

unit       -k, --kelvin     in kelvin

anywhere       --version    the version
           -h, --help       show this page

licence    MIT OR Apache-2.0
"
    );
    assert_eq!(run("--version").stdout, b"clavret-contributed 0.1.0\n");
}

#[test]
fn the_first_place_reads_all_words() {
    let told = String::from_utf8(run("roof -k 1 2").stdout).unwrap();
    assert_eq!(told, "roof Unit { kelvin: true } [1, 2]\n");
    let wrong = run("roof 1 many --kelvn");
    assert_eq!((wrong.status.code(), wrong.stdout.len()), (Some(2), 0));
    let said = String::from_utf8(wrong.stderr).unwrap();
    assert!(said.starts_with("clavret-contributed: two things to put right"), "{said}");
}

#[test]
fn a_gap_between_operands_is_a_mistake_of_the_program() {
    for line in ["", "A7 B2", "--help"] {
        let wrong = run_program(env!("CARGO_BIN_EXE_gap"), line);
        assert_eq!((wrong.status.code(), wrong.stdout.len()), (Some(1), 0), "`{line}`");
        let said = String::from_utf8(wrong.stderr).unwrap().replace('\\', "/");
        let (before, behind) = said.split_once("`place` at ").unwrap();
        assert_eq!(before, "gap: a mistake of this program: no place asks for operand 2, and ");
        assert!(behind.ends_with("src/bin/gap.rs:7 is operand 3\n"), "{said}");
    }
}

#[test]
fn what_is_asked_for_twice_has_one_value() {
    let told =
        |line| String::from_utf8(run_program(env!("CARGO_BIN_EXE_twice"), line).stdout).unwrap();
    assert_eq!(told("-f6 --calm"), "6 true (6, true)\n");
    assert_eq!(told(""), "3 false (3, false)\n");
    assert_eq!(told("-h").matches("--frames").count(), 1, "{}", told("-h"));
}

#[test]
fn a_root_that_nobody_named_is_called_as_its_binary() {
    let weigher = |line| run_program(env!("CARGO_BIN_EXE_weigher"), line);
    let page = String::from_utf8(weigher("-h").stdout).unwrap();
    assert!(page.starts_with("weigher   weigh a hive\n\nusage      weigher HIVE\n"), "{page}");
    assert_eq!(weigher("--version").stdout, b"weigher 0.1.0\n");
    let said = String::from_utf8(weigher("").stderr).unwrap();
    assert!(
        said.starts_with("weigher: one thing to put right\n")
            && said.contains("like  weigher HIVE\n  page  weigher --help"),
        "{said}"
    );
}

#[test]
fn what_is_usual_is_said_in_place_too() {
    let aid = |line| run_program(env!("CARGO_BIN_EXE_aid"), line);
    let told = |line| String::from_utf8(aid(line).stdout).unwrap();
    assert_eq!(
        told("--aid"),
        "\
aid   write a report

usage      aid FILE

operand    FILE             the file to write

option         --formats    list the formats

anywhere   -a, --aid        show this page

licence    MIT OR Apache-2.0
"
    );
    assert_eq!(told("--formats --nonsense"), "table\ncsv\n");
    let refused = String::from_utf8(aid("--version A7").stderr).unwrap();
    assert!(refused.ends_with("page  aid --aid\n"), "{refused}");
}

/// In a debug build, whatever the line says; a release looks at what it is asked to.
#[cfg(debug_assertions)]
#[test]
fn a_root_that_is_not_all_there_is_a_mistake_of_the_program() {
    for (program, mistake) in [
        (
            "stranger",
            "a rule of the command `stranger` is about `loud`, which it does not take (list it in `takes`)",
        ),
        (
            "usual",
            "`version` of the command `usual` has the name `--version`, as the usual `version` has \
             (choose another, or list in the root's `usual` only what is to stay)",
        ),
    ] {
        let path = match program {
            "usual" => env!("CARGO_BIN_EXE_usual"),
            _ => env!("CARGO_BIN_EXE_stranger"),
        };
        for line in ["", "--calm", "--help"] {
            let wrong = run_program(path, line);
            let said = format!("{program}: a mistake of this program: {mistake}\n");
            assert_eq!(String::from_utf8(wrong.stderr).unwrap(), said, "`{line}`");
            assert_eq!((wrong.status.code(), wrong.stdout.len()), (Some(1), 0), "`{line}`");
        }
    }
}
