//! The tool as its users meet it: on documents, on programs, in scripts of shells.

mod lines;
#[path = "../../../../tests/shared/lines.rs"]
mod of_apiary;
mod outputs;
mod pages;
mod readings;
#[cfg(unix)]
mod scripts;
#[cfg(unix)]
mod tour;

use std::path::{Path, PathBuf};
use std::process::{Command, Output};

/// What the tool did with a line, in a folder of its own.
struct Told {
    status: i32,
    out: String,
    err: String,
}

fn clavret(line: &[&str]) -> Told {
    told(Command::new(env!("CARGO_BIN_EXE_clavret")).args(line).env("COLUMNS", "80"))
}

fn told(command: &mut Command) -> Told {
    for variable in ["CLICOLOR_FORCE", "APIARY_YARD", "FEEDING_LOG", "CLAVRET"] {
        command.env_remove(variable);
    }
    let Output { status, stdout, stderr } = command.output().unwrap();
    let text = |bytes| String::from_utf8(bytes).unwrap();
    Told { status: status.code().unwrap_or(-1), out: text(stdout), err: text(stderr) }
}

/// A file of the examples.
fn example(name: &str) -> PathBuf {
    Path::new(env!("CARGO_MANIFEST_DIR")).join("../../examples").join(name)
}

fn apiary() -> String {
    example("apiary/apiary.toml").display().to_string()
}

fn feeding() -> String {
    example("feeding/feeding.toml").display().to_string()
}
