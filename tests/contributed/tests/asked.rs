//! A program that asks in place, named and described by its package.

use std::process::{Command, Output};

fn run(line: &str) -> Output {
    let words = line.split(' ').filter(|word| !word.is_empty());
    Command::new(env!("CARGO_BIN_EXE_clavret-contributed")).args(words).output().unwrap()
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
           -h, --help       -h for a short page, --help for all of it

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
