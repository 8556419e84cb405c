//! What the README shows is what there is: its program is the smallest example, and its output is
//! that program's.

use std::process::Command;

const README: &str = include_str!("../README.md");

fn block(kind: &str) -> &'static str {
    let (_, rest) = README.split_once(&format!("```{kind}\n")).expect("the README has the block");
    rest.split_once("```").expect("the block ends").0
}

#[test]
fn the_program_is_the_smallest_example() {
    let example = include_str!("../examples/smallest.rs");
    let (_, program) = example.split_once("\n\n").expect("a line of documentation comes first");
    assert_eq!(block("rust,no_run"), program);
}

#[test]
fn the_output_is_the_programs_own() {
    let built = std::env::current_exe().unwrap();
    let program = built.ancestors().nth(2).unwrap().join("examples/smallest");
    let mut shown = String::new();
    for line in block("console").lines().filter_map(|line| line.strip_prefix("$ inspect ")) {
        let output = Command::new(&program).args(line.split(' ')).output().unwrap();
        let text = [output.stdout, output.stderr].concat();
        shown += &format!("$ inspect {line}\n{}\n", String::from_utf8(text).unwrap());
    }
    assert_eq!(block("console").trim_end(), shown.trim_end());
}
