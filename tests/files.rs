//! Files as values: opened when used, whole or not at all.
#![cfg(unix)]

use std::fs;
use std::io::{ErrorKind, Write};
use std::os::unix::fs::{MetadataExt, PermissionsExt, symlink};
use std::path::PathBuf;
use std::process::Command;

use clavret::{FromWord, Input, Output, Streams};

#[path = "shared/built.rs"]
mod built;
#[path = "shared/nobody.rs"]
mod nobody;

struct Folder(tempfile::TempDir);

impl Folder {
    fn new() -> Self {
        Folder(tempfile::tempdir().unwrap())
    }

    fn path(&self, name: &str) -> PathBuf {
        self.0.path().join(name)
    }

    fn output(&self, name: &str) -> Output {
        Output::from_word(self.path(name).as_ref()).unwrap()
    }

    fn text(&self, name: &str) -> String {
        fs::read_to_string(self.path(name)).unwrap()
    }

    fn names(&self) -> Vec<String> {
        let names = fs::read_dir(self.0.path()).unwrap();
        let mut names: Vec<String> =
            names.map(|entry| entry.unwrap().file_name().into_string().unwrap()).collect();
        names.sort();
        names
    }
}

#[test]
fn an_old_file_stays_whole_until_the_new_one_is_finished() {
    let folder = Folder::new();
    fs::write(folder.path("report"), "old").unwrap();
    let mut failed = folder.output("report").create(&Streams::SYSTEM, true).unwrap();
    failed.write_all(b"half of the n").unwrap();
    failed.flush().unwrap();
    drop(failed);
    assert_eq!((folder.text("report").as_str(), folder.names().len()), ("old", 1));

    let mut writing = folder.output("report").create(&Streams::SYSTEM, true).unwrap();
    writing.write_all(b"new").unwrap();
    writing.flush().unwrap();
    assert_eq!(folder.text("report"), "old");
    if cfg!(target_os = "linux") {
        assert_eq!(
            folder.names(),
            ["report"],
            "what is being written has no name to be left behind"
        );
    }
    writing.finish().unwrap();
    assert_eq!((folder.text("report").as_str(), folder.names().len()), ("new", 1));
}

#[test]
fn a_file_is_only_replaced_where_that_is_asked_for() {
    let folder = Folder::new();
    let (first, second) = (folder.output("report"), folder.output("report"));
    let (mut one, two) = (
        first.create(&Streams::SYSTEM, false).unwrap(),
        second.create(&Streams::SYSTEM, false).unwrap(),
    );
    one.write_all(b"one").unwrap();
    one.finish().unwrap();
    // It was not there when the second began, and is there when it ends.
    assert_eq!(two.finish().unwrap_err().kind(), ErrorKind::AlreadyExists);
    let error = first.create(&Streams::SYSTEM, false).unwrap_err();
    assert_eq!(error.kind(), ErrorKind::AlreadyExists);
    assert!(error.to_string().contains("report cannot be written: it exists already"), "{error}");
    assert_eq!(folder.text("report"), "one");
}

#[test]
fn a_files_name_in_an_error_steers_no_terminal() {
    let folder = Folder::new();
    let missing = folder.path("\u{1b}[2J\u{202e}none/season.csv");
    let input = Input::from_word(missing.as_ref()).unwrap();
    let output = Output::from_word(missing.as_ref()).unwrap();
    let read = input.read_to_string(&Streams::SYSTEM).unwrap_err().to_string();
    let written = output.create(&Streams::SYSTEM, true).unwrap_err().to_string();
    for said in [read, written] {
        assert!(said.contains(r"\033[2J\342\200\256none/season.csv cannot be "), "{said}");
    }
}

/// The example `files` in a folder of its user's own, who is not the administrator.
struct Sift(Folder);

impl Sift {
    fn new() -> Self {
        let folder = Folder::new();
        nobody::install(built::example("files"), folder.0.path());
        Sift(folder)
    }

    fn own(&self, name: &str) {
        nobody::own(&self.0.path(name), self.0.0.path());
    }

    fn file(&self, name: &str, mode: u32) {
        fs::write(self.0.path(name), "old\n").unwrap();
        fs::set_permissions(self.0.path(name), fs::Permissions::from_mode(mode)).unwrap();
        self.own(name);
    }

    /// The status, what is printed and what is said of a line that a shell runs; `$o` is the output's name.
    fn run(&self, line: &str, output: &str) -> (i32, String, String) {
        let mut shell = Command::new("sh");
        shell.arg("-c").arg(format!("umask 027; {line}")).env("o", output);
        nobody::as_nobody(&mut shell, self.0.0.path());
        let done = shell.output().unwrap();
        let text = |bytes| String::from_utf8(bytes).unwrap();
        (done.status.code().unwrap(), text(done.stdout), text(done.stderr))
    }

    /// What is said when a line is written to an output that may be there already.
    fn write(&self, output: &str) -> String {
        let (status, out, said) = self.run("echo A7 new | ./.program A7 -o \"$o\"", output);
        assert_eq!((status, out.as_str()), (i32::from(!said.is_empty()), ""), "`{output}`: {said}");
        said
    }
}

/// What an output does with each target: what it says, and what is there after.
#[test]
fn each_target_is_written_where_it_is_or_told() {
    let sift = Sift::new();
    let (folder, path) = (&sift.0, |name: &str| sift.0.path(name));
    let refused = |name: &str, why: &str| {
        assert_eq!(sift.write(name), format!("sift: {name} cannot be written{why}\n"));
    };
    // Exactly the mode that was there, whatever the process takes from new ones.
    for mode in [0o666, 0o640, 0o600, 0o755] {
        sift.file("report", mode);
        assert_eq!(sift.write("report"), "");
        let found = fs::metadata(path("report")).unwrap();
        let owner = fs::metadata(path(".")).unwrap().uid();
        assert_eq!((found.mode() & 0o7777, found.uid()), (mode, owner));
        assert_eq!(folder.text("report"), "A7 new\n");
    }
    fs::create_dir(path("yard")).unwrap();
    sift.own("yard");
    symlink("report", path("link")).unwrap();
    symlink("yard/season", path("dangling")).unwrap();
    for (link, named) in [("link", "report"), ("dangling", "yard/season")] {
        assert_eq!(sift.write(link), "");
        assert_eq!(folder.text(named), "A7 new\n");
        assert!(path(link).is_symlink());
    }
    symlink("there", path("back")).unwrap();
    symlink("back", path("there")).unwrap();
    refused("back", ": its links lead back to each other");
    sift.file("one", 0o644);
    fs::hard_link(path("one"), path("other")).unwrap();
    assert_eq!(sift.write("one"), "");
    assert_eq!(folder.text("other"), "A7 new\n");
    let (status, out, _) =
        sift.run("mkfifo pipe; cat pipe & echo A7 x | ./.program A7 -o pipe; wait", "");
    assert_eq!((status, out.as_str()), (0, "A7 x\n"));
    let (_, out, _) = sift.run("echo A7 x | ./.program A7 -o /dev/stdout | cat", "");
    assert_eq!(out, "A7 x\n");
    refused("yard", ": it is a folder");
    sift.file("read-only", 0o444);
    refused("read-only", ": it is not permitted");
    fs::set_permissions(path("yard"), fs::Permissions::from_mode(0o555)).unwrap();
    refused("yard/new", ": nothing may be put into the folder 'yard'");
    refused("yard/season", ": nothing may be put into the folder 'yard'");
    assert_eq!(
        (folder.text("read-only"), folder.text("yard/season")),
        ("old\n".into(), "A7 new\n".into())
    );
    let long = "x".repeat(256);
    assert_eq!(sift.write(&long[1..]), "");
    refused(&long, ": no file can have that name here (File name too long)");
    refused("none/report", ": no folder 'none': create it, or name another");
    refused("report/one", ": 'report' is no folder: name another");
    if cfg!(target_os = "linux") {
        refused("/dev/full", " (No space left on device)");
    }
    let left = [
        ".program",
        "back",
        "dangling",
        "link",
        "one",
        "other",
        "pipe",
        "read-only",
        "report",
        "there",
    ];
    assert_eq!(folder.names(), [&left[..], &[&long[1..], "yard"]].concat(), "nothing else is left");
}

/// What cannot be read is told by the name that was typed, wherever in it that shows.
#[test]
fn an_input_that_cannot_be_read_is_told() {
    let sift = Sift::new();
    fs::write(sift.0.path("latin"), b"B2 calm\nb\xe4r\n").unwrap();
    for (line, why) in [
        ("<&-", "standard input cannot be read: it is closed"),
        ("0>written", "standard input cannot be read: it is open for writing alone"),
        ("<.", "standard input cannot be read: it is a folder"),
        ("<latin", "standard input cannot be read: it is not text in UTF-8"),
        ("latin", "latin cannot be read: it is not text in UTF-8"),
        (".", ". cannot be read: it is a folder"),
        ("none", "none cannot be read: there is nothing at that path"),
    ] {
        let told = sift.run(&format!("./.program A7 {line}"), "");
        assert_eq!(told, (1, String::new(), format!("sift: {why}\n")), "`{line}`");
    }
    assert_eq!(sift.run("./.program A7 </dev/null", ""), (0, String::new(), String::new()));
}
