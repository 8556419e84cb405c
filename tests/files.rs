//! Files as values: opened when used, whole or not at all.
#![cfg(unix)]

use std::fs;
use std::io::{ErrorKind, Write};
use std::os::unix::fs::{MetadataExt, PermissionsExt, symlink};
use std::path::PathBuf;

use clavret::{FromWord, Input, Output, Streams};

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
    fs::set_permissions(folder.path("report"), fs::Permissions::from_mode(0o640)).unwrap();
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
    let mode = fs::metadata(folder.path("report")).unwrap().permissions().mode();
    assert_eq!(mode & 0o777, 0o640, "what may read it stays as it was");
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
fn links_stay_and_folders_that_are_not_there_are_named() {
    let folder = Folder::new();
    fs::write(folder.path("season"), "old").unwrap();
    symlink(folder.path("season"), folder.path("link")).unwrap();
    let mut writing = folder.output("link").create(&Streams::SYSTEM, true).unwrap();
    writing.write_all(b"new").unwrap();
    writing.finish().unwrap();
    assert_eq!(folder.text("season"), "new");
    assert!(folder.path("link").is_symlink());
    let error = folder.output("none/report").create(&Streams::SYSTEM, true).unwrap_err();
    assert!(error.to_string().contains("none/report cannot be written: no folder '"), "{error}");
}

#[test]
fn an_input_is_opened_when_it_is_read() {
    let folder = Folder::new();
    let input = Input::from_word(folder.path("notes").as_ref()).unwrap();
    let error = input.open(&Streams::SYSTEM).err().unwrap();
    assert!(
        error.kind() == ErrorKind::NotFound
            && error.to_string().contains("notes cannot be read: there is nothing at that path"),
        "{error}"
    );
    fs::write(folder.path("notes"), "queen seen\n").unwrap();
    assert_eq!(input.read_to_string(&Streams::SYSTEM).unwrap(), "queen seen\n");
    let standard = Input::from_word("-".as_ref()).unwrap();
    assert!(standard.is_standard() && Output::from(PathBuf::from("-")).is_standard());
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

/// What an output does with each target: what it says, and what is there after.
#[test]
fn each_target_is_written_where_it_is_or_told() {
    let folder = Folder::new();
    let write = |name: &str| {
        let mut writing = folder.output(name).create(&Streams::SYSTEM, true)?;
        writing.write_all(b"new")?;
        writing.finish()
    };
    let refused = |name: &str| {
        let said = write(name).unwrap_err().to_string();
        said.replace(&*folder.0.path().to_string_lossy(), "~")
    };
    let old = |name: &str, mode: u32| {
        fs::write(folder.path(name), "old").unwrap();
        fs::set_permissions(folder.path(name), fs::Permissions::from_mode(mode)).unwrap();
    };
    // Exactly the mode that was there, whatever the process takes from new ones.
    for mode in [0o666, 0o640, 0o600, 0o755] {
        old("report", mode);
        write("report").unwrap();
        let found = fs::metadata(folder.path("report")).unwrap();
        assert_eq!((found.mode() & 0o7777, folder.text("report").as_str()), (mode, "new"));
    }
    symlink("season", folder.path("dangling")).unwrap();
    write("dangling").unwrap();
    assert_eq!(folder.text("season"), "new");
    assert!(folder.path("dangling").is_symlink());
    symlink("there", folder.path("back")).unwrap();
    symlink("back", folder.path("there")).unwrap();
    assert_eq!(refused("back"), "~/back cannot be written: its links lead back to each other");
    old("one", 0o644);
    fs::hard_link(folder.path("one"), folder.path("other")).unwrap();
    write("one").unwrap();
    assert_eq!(
        (folder.text("other").as_str(), fs::metadata(folder.path("one")).unwrap().nlink()),
        ("new", 2)
    );
    fs::create_dir(folder.path("yard")).unwrap();
    assert_eq!(refused("yard"), "~/yard cannot be written: it is a folder");
    assert_eq!(
        refused("none/report"),
        "~/none/report cannot be written: no folder '~/none': create it, or name another"
    );
    let long = "x".repeat(256);
    assert!(refused(&long).ends_with(" cannot be written (File name too long)"));
    assert_eq!(
        folder.names(),
        ["back", "dangling", "one", "other", "report", "season", "there", "yard"],
        "nothing else is left"
    );
}
