//! `clavret read --lines`: many lines, each as the library reads it.

use std::fmt::{Debug, Write as _};
use std::io::{BufRead, BufReader, Read, Write};
use std::process::{Command, Stdio};
use std::thread;

use clavret::Outcome;
use clavret::document::{Arena, Document};
use clavret_generator::{STANDARD, any_line, declaration, picks};
use proptest::strategy::{Strategy, ValueTree};
use proptest::test_runner::TestRunner;
use serde_json::{Value, json};

use crate::of_apiary::lines;
use crate::{apiary, feeding};

/// What the tool prints of some lines on its standard input, and its status.
fn read(document: &str, input: Vec<u8>) -> (String, i32) {
    let mut tool = Command::new(env!("CARGO_BIN_EXE_clavret"));
    let tool = tool.args(["read", document, "--lines", "-"]).env_remove("CLAVRET");
    let mut tool =
        tool.stdin(Stdio::piped()).stdout(Stdio::piped()).stderr(Stdio::null()).spawn().unwrap();
    let mut to = tool.stdin.take().unwrap();
    let writing = thread::spawn(move || _ = to.write_all(&input));
    let mut said = String::new();
    tool.stdout.take().unwrap().read_to_string(&mut said).unwrap();
    writing.join().unwrap();
    (said, tool.wait().unwrap().code().unwrap())
}

#[test]
fn a_hundred_thousand_lines_are_read_as_the_library_reads_them() {
    let lines = lines(100_000);
    let mut input = String::new();
    for line in &lines {
        writeln!(input, "{}", json!(line)).unwrap();
    }
    let (said, status) = read(&apiary(), input.into_bytes());
    assert_eq!((status, said.lines().count()), (0, lines.len()));
    let document = Document::read("apiary.toml", std::fs::read(apiary()).unwrap()).unwrap();
    let arena = Arena::new();
    let verdicts = compared(document.command(&arena), &lines, &said);
    assert!(verdicts.iter().all(|&count| count > 1_000), "{verdicts:?}");
}

/// Holds what the tool prints of some lines against the library; gives how many are accepted, refused, and asked.
fn compared(
    root: &clavret::Command<'_>,
    lines: &[Vec<impl clavret::reader::Word + Debug>],
    said: &str,
) -> [usize; 3] {
    let mut verdicts = [0; 3];
    for (at, (line, said)) in lines.iter().zip(said.lines()).enumerate() {
        let said: Value = serde_json::from_str(said).unwrap();
        assert_eq!(said["line"], at + 1);
        match root.read(line) {
            Outcome::Reading(reading) => {
                verdicts[0] += 1;
                let own = serde_json::to_value(&reading).unwrap();
                assert_eq!(said["verdict"], "accepted", "{line:?}");
                for key in ["command", "values", "origins"] {
                    assert_eq!(said[key], own[key], "{line:?}");
                }
            }
            Outcome::Faults(faults) => {
                verdicts[1] += 1;
                let kind = |value: &Value| value["kind"].as_str().unwrap().replace('-', "");
                let kinds: Vec<String> =
                    said["faults"].as_array().unwrap().iter().map(kind).collect();
                let own: Vec<String> = faults
                    .iter()
                    .map(|fault| format!("{:?}", fault.kind()).to_lowercase())
                    .collect();
                assert_eq!((&said["verdict"], kinds), (&json!("refused"), own), "{line:?}");
            }
            _ => {
                verdicts[2] += 1;
                assert_eq!(said["verdict"], "asks", "{line:?}");
            }
        }
    }
    verdicts
}

/// Programs of all sorts, that nobody wrote.
#[test]
fn lines_of_generated_documents_are_read_as_the_library_reads_them() {
    let (folder, mut runner) = (tempfile::tempdir().unwrap(), TestRunner::deterministic());
    let mut verdicts = [0; 3];
    for at in 0..24 {
        let spec = declaration(STANDARD).new_tree(&mut runner).unwrap().current();
        let file = folder.path().join(format!("{at}.json"));
        std::fs::write(&file, spec.document().to_string()).unwrap();
        let document = Document::read("generated.json", spec.document().to_string()).unwrap();
        let arena = Arena::new();
        let root = document.command(&arena);
        let mut lines: Vec<Vec<String>> = Vec::new();
        let mut input = String::new();
        for _ in 0..60 {
            let picks = picks().new_tree(&mut runner).unwrap().current();
            let line = any_line(root, &mut picks.pick());
            lines.push(line.into_iter().map(|word| word.into_string().unwrap()).collect());
            writeln!(input, "{}", json!(lines.last())).unwrap();
        }
        let (said, _) = read(file.to_str().unwrap(), input.into_bytes());
        assert_eq!(said.lines().count(), lines.len(), "{spec:?}");
        let counts = compared(root, &lines, &said);
        verdicts.iter_mut().zip(counts).for_each(|(all, count)| *all += count);
    }
    assert!(verdicts.iter().all(|&count| count > 10), "{verdicts:?}");
}

/// What is no array of words gives an error with its number, and reading goes on; nothing of a line that is too long is kept.
#[test]
fn broken_lines_are_told_by_their_numbers() {
    let long = "a".repeat(3 << 20);
    let input = [
        b"not json\n[\"hive\", \"list\"]\n\n[1]\n[\"a\\u0000\"]\n[\"\x00\"]\n[{\"bytes\": [255, 45]}]\n[{\"byte\": [1]}]\n[\"".to_vec(),
        long.into_bytes(),
        b"\"]\n\xff\n[\"report\"]\n[\"hi".to_vec(),
    ];
    let (said, status) = read(&apiary(), input.concat());
    let said: Vec<Value> = said.lines().map(|line| serde_json::from_str(line).unwrap()).collect();
    assert_eq!(status, 1);
    let error = |at: usize| said[at - 1]["error"].as_str().unwrap_or_default();
    for (at, why) in [
        (1, "no array of words"),
        (3, "the line is empty"),
        (4, "expected a word"),
        (5, "cannot have NUL"),
        (6, "control character"),
        (8, "expected {\"bytes\": […]}"),
        (9, "more than 1 MiB"),
        (10, "no array of words"),
        (12, "EOF while parsing"),
    ] {
        assert!(error(at).contains(why), "{at}: {}", said[at - 1]);
    }
    for (at, verdict) in [(2, "accepted"), (7, "refused"), (11, "accepted")] {
        assert_eq!(
            (&said[at - 1]["verdict"], &said[at - 1]["line"]),
            (&json!(verdict), &json!(at))
        );
    }
    assert_eq!(said.len(), 12);
}

/// A word that is no text goes in and comes out as its bytes.
#[cfg(unix)]
#[test]
fn words_that_are_no_text_are_their_bytes() {
    let (said, status) =
        read(&apiary(), b"[\"run-each\", \"echo\", {\"bytes\": [255, 45]}]\n".to_vec());
    let said: Value = serde_json::from_str(&said).unwrap();
    assert_eq!((status, &said["operands"]), (0, &json!(["echo", { "bytes": [255, 45] }])));
    assert_eq!(said["values"]["run-each"]["words"], json!([{ "bytes": [255, 45] }]));
}

/// The environment counts where that is asked for; nothing is said on standard error that is no terminal.
#[test]
fn variables_count_where_that_is_asked_for() {
    let folder = tempfile::tempdir().unwrap();
    let file = folder.path().join("lines");
    std::fs::write(&file, "[\"A7\"]\n").unwrap();
    for (more, log) in [(&[][..], "feeding.log"), (&["--environment"], "elsewhere")] {
        let mut tool = Command::new(env!("CARGO_BIN_EXE_clavret"));
        let tool = tool
            .args(["read", &feeding(), "--lines"])
            .arg(&file)
            .args(more)
            .env("FEEDING_LOG", "elsewhere");
        let output = tool.output().unwrap();
        let said: Value = serde_json::from_slice(&output.stdout).unwrap();
        assert_eq!((&said["values"]["--log"], output.stderr.len()), (&json!(log), 0));
    }
}

/// Whoever writes the lines may wait for each result.
#[test]
fn a_result_is_there_before_the_next_line_is() {
    let mut tool = Command::new(env!("CARGO_BIN_EXE_clavret"));
    let tool = tool.args(["read", &apiary(), "--lines", "-"]).env_remove("CLAVRET");
    let mut tool = tool.stdin(Stdio::piped()).stdout(Stdio::piped()).spawn().unwrap();
    let (mut to, mut from) =
        (tool.stdin.take().unwrap(), BufReader::new(tool.stdout.take().unwrap()));
    for at in 1..4 {
        to.write_all(b"[\"report\"]\n").unwrap();
        let mut result = String::new();
        from.read_line(&mut result).unwrap();
        assert!(
            result.starts_with(&format!("{{\"line\":{at},\"verdict\":\"accepted\"")),
            "{result}"
        );
    }
    drop(to);
    assert!(tool.wait().unwrap().success());
}

/// The reader of the results may go away early.
#[cfg(unix)]
#[test]
fn a_closed_pipe_is_no_error() {
    let line = format!(
        "yes '[\"hive\", \"list\"]' | head -n 100000 | '{}' read '{}' --lines - | head -n 1",
        env!("CARGO_BIN_EXE_clavret"),
        apiary()
    );
    let shell = Command::new("bash")
        .args(["-c", &format!("{line}; echo ${{PIPESTATUS[2]}}")])
        .output()
        .unwrap();
    let said = String::from_utf8(shell.stdout).unwrap();
    assert!(said.ends_with("\n0\n") && shell.stderr.is_empty(), "{said}");
}
