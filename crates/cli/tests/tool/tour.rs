//! What the tour shows is what the tool prints.

use std::fmt::Write;
use std::fs;
use std::path::Path;
use std::process::Command;

use expect_test::expect_file;

use crate::{example, told};

/// A line of the tour, with the tool in its path.
fn run(line: &str) -> String {
    let tool = Path::new(env!("CARGO_BIN_EXE_clavret")).parent().unwrap();
    let path = format!("{}:{}", tool.display(), std::env::var("PATH").unwrap_or_default());
    let mut shell = Command::new("sh");
    let shell = shell.args(["-c", line]).current_dir(example("")).env("PATH", path);
    let told = told(shell.env("COLUMNS", "80").env("LC_ALL", "C.UTF-8"));
    told.out + &told.err
}

#[test]
fn the_tour_shows_what_is_printed() {
    let file = Path::new(env!("CARGO_MANIFEST_DIR")).join("../../docs/tool.md");
    let shown = fs::read_to_string(&file).unwrap();
    let mut printed = String::new();
    let mut lines = shown.lines();
    while let Some(line) = lines.next() {
        writeln!(printed, "{line}").unwrap();
        let Some(command) = line.strip_prefix("$ ") else { continue };
        printed += &run(command);
        printed += "```\n";
        lines.find(|line| *line == "```");
    }
    expect_file![file].assert_eq(&printed);
}
