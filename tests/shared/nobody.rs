//! An example run by a user who may not do everything, whoever runs the tests.

use std::os::unix::fs::{MetadataExt, chown};
use std::os::unix::process::CommandExt;
use std::path::Path;
use std::process::Command;

const NOBODY: u32 = 65_534;

/// Copies an example into a folder, as `.program`, and makes both the user's own.
pub(crate) fn install(example: &str, folder: &Path) {
    let built = std::env::current_exe().unwrap();
    let program = built.ancestors().nth(2).unwrap().join("examples").join(example);
    // Another process writes it, so that no child of this one holds it open when it is run.
    let copied = Command::new("cp").arg(program).arg(folder.join(".program")).status().unwrap();
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
