//! What the README shows is what there is: its program is the smallest example, and its output is
//! that program's. And names that were given up are nowhere.

use std::fs;
use std::path::Path;
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

/// The text of each file below a folder that tells of the library.
fn texts(folder: &Path, texts: &mut Vec<(String, String)>) {
    for entry in fs::read_dir(folder).unwrap() {
        let path = entry.unwrap().path();
        let name = path.file_name().unwrap().to_string_lossy().into_owned();
        if path.is_dir() && !name.starts_with('.') && name != "target" {
            self::texts(&path, texts);
        } else if path.extension().is_some_and(|end| end == "rs" || end == "md") {
            texts.push((path.display().to_string(), fs::read_to_string(&path).unwrap()));
        }
    }
}

#[test]
fn names_that_were_given_up_are_nowhere() {
    let mut all = Vec::new();
    texts(Path::new(env!("CARGO_MANIFEST_DIR")), &mut all);
    assert!(all.len() > 100, "{} files", all.len());
    // In two parts, so that they do not stand here either.
    let gone = [
        ("Opt", "<"),
        ("Opt", "::"),
        (".sho", "rt("),
        ("sho", "rt ="),
        ("opposite", "_short"),
        ("Rule::", "needs"),
        ("Rule::", "excludes"),
    ];
    for (begin, end) in gone {
        let name = begin.to_owned() + end;
        for (path, text) in &all {
            let is_there = text.match_indices(&name).any(|(at, _)| {
                !text[..at].ends_with(|before: char| before.is_alphanumeric() || before == '_')
                    || name.starts_with('.')
            });
            assert!(!is_there, "`{name}` in {path}");
        }
    }
}
