//! One program in four surfaces: its pages, its faults and its completion are the same to the byte.

use std::io::Write;
use std::process::{Command, Output, Stdio};

#[path = "shared/built.rs"]
mod built;

const SURFACES: [&str; 4] = ["values", "types", "functions", "in_place"];

fn run(example: &str, request: Option<&str>, words: &[&str]) -> Output {
    let mut command = Command::new(built::example(example));
    command.args(words).env_remove("CLICOLOR_FORCE").env_remove("NO_COLOR");
    command.envs(request.map(|request| ("CLAVRET", request)));
    command.stdin(Stdio::piped()).stdout(Stdio::piped()).stderr(Stdio::piped());
    let mut child = command.spawn().unwrap();
    // The dot that a script writes; whoever is not asked for completion leaves it.
    _ = child.stdin.take().unwrap().write_all(b".");
    child.wait_with_output().unwrap()
}

/// What a line gives in every surface.
#[track_caller]
fn same(request: Option<&str>, line: &str) -> Output {
    let words: Vec<&str> = line.split(' ').filter(|word| !word.is_empty()).collect();
    let values = run("values", request, &words);
    for surface in &SURFACES[1..] {
        let other = run(surface, request, &words);
        assert_eq!(values, other, "`{line}` differs in `{surface}`");
    }
    values
}

#[test]
fn pages_and_values_are_the_same() {
    for line in ["-h", "--help", "--version", "A7 -cf6 --note x --note y -vv", "A7 -r --as list"] {
        let output = same(None, line);
        assert!(output.status.success() && !output.stdout.is_empty(), "`{line}` gave {output:?}");
    }
    let page = String::from_utf8(same(None, "--help").stdout).unwrap();
    assert!(page.contains("- what was *seen*\n"), "Markdown stays: {page}");
    assert!(page.contains("say more"), "a place that nothing reaches is told of: {page}");
}

#[test]
fn faults_are_the_same() {
    for line in ["", "A7 --clam", "A7 -f 33 --as lst", "A7 B2", "A7 --note", "A7 -f many -x"] {
        let output = same(None, line);
        assert_eq!(output.status.code(), Some(2), "`{line}` gave {output:?}");
        assert!(output.stdout.is_empty() && !output.stderr.is_empty(), "`{line}` gave {output:?}");
    }
}

#[test]
fn completion_is_the_same() {
    for shell in ["bash", "zsh", "fish"] {
        let script = same(None, &format!("--completions {shell}"));
        assert!(script.status.success() && script.stdout.len() > 1000, "{script:?}");
    }
    let candidates = |line: &str| {
        let (_, begun) = line.rsplit_once(' ').unwrap();
        let words = line.split(' ').count();
        let line = line.replace(' ', "\u{1f}");
        let request = format!(
            "1\u{1f}complete\u{1f}zsh\u{1f}{words}\u{1f}{begun}\u{1f}\u{1f}80\u{1f}inspect\u{1f}{line}"
        );
        String::from_utf8(same(Some(&request), "--version").stdout).unwrap()
    };
    let all = "line  -- all of it in one line\u{1e}list  -- a line for each fact\u{1e}";
    assert_eq!(
        candidates("A7 --as l"),
        format!(
            "clavret 1\u{1e}words\u{1e} \u{1e}how to print it\u{1e}2\u{1e}line\u{1e}list\u{1e}{all}"
        )
    );
    let hives = "A7  -- by the gate\u{1e}B2  -- in the orchard\u{1e}";
    assert!(candidates("-cf6 ").ends_with(&format!("2\u{1e}A7\u{1e}B2\u{1e}{hives}")));
    assert!(candidates("A7 --res").contains("\u{1e}--restless\u{1e}"));
    // What is not known is no request, and neither is one beside other words.
    assert!(
        String::from_utf8(same(Some("tea"), "--version").stdout).unwrap().starts_with("inspect ")
    );
    assert_eq!(
        same(Some("1\u{1f}complete\u{1f}zsh\u{1f}1\u{1f}\u{1f}\u{1f}x"), "A7").status.code(),
        Some(0)
    );
}
