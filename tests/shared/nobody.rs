//! A program run by a user who may not do everything, whoever runs the tests.

use std::ffi::OsStr;
use std::os::unix::fs::{MetadataExt, chown};
use std::os::unix::process::CommandExt;
use std::path::Path;
use std::process::Command;

const NOBODY: u32 = 65_534;

/// Copies a program into a folder, as `.program`, and makes both the user's own.
pub(crate) fn install(program: impl AsRef<OsStr>, folder: &Path) {
    // Another process writes it, so that no child of this one holds it open when it is run.
    let copied =
        Command::new("cp").arg(program.as_ref()).arg(folder.join(".program")).status().unwrap();
    assert!(copied.success());
    own(folder, folder);
}

/// Makes a file or folder the user's own.
pub(crate) fn own(path: &Path, folder: &Path) {
    if is_root(folder) {
        chown(path, Some(NOBODY), Some(NOBODY)).unwrap();
    }
}

/// The user runs it, in the folder.
pub(crate) fn as_nobody(command: &mut Command, folder: &Path) {
    if is_root(folder) {
        command.uid(NOBODY).gid(NOBODY);
    }
    command.current_dir(folder);
}

fn is_root(folder: &Path) -> bool {
    std::fs::metadata(folder.join(".program")).unwrap().uid() == 0
}
