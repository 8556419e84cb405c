//! The files that are made of the rows, each with where it stands.

mod core;
mod derive;
mod document;
mod generator;

use std::fmt::Write as _;
use std::io::Write as _;
use std::process::{Command, Stdio};

use crate::{Role, SETTINGS, Setting, Takes};

/// Each file by its path from the root of the repository, formatted.
pub fn files() -> Vec<(&'static str, String)> {
    let files = [
        ("crates/core/src/record/settings.rs", core::bits()),
        ("crates/core/src/record/param/settings.rs", core::values()),
        ("crates/core/src/record/standard.rs", core::standard()),
        ("crates/core/src/kind/types.rs", core::types()),
        ("crates/derive/src/model/settings.rs", derive::details()),
        ("crates/document/src/keys/settings.rs", document::keys()),
        ("crates/document/src/export/settings.rs", document::export()),
        ("crates/document/src/load/settings.rs", document::load()),
        ("tests/generator/src/settings.rs", generator::calls()),
    ];
    files.map(|(path, text)| (path, formatted(&(HEAD.to_owned() + &text)))).into()
}

const HEAD: &str = "\
// Written from the rows in `tables/src/`. Change those, and run `UPDATE_EXPECT=1 cargo test -p clavret-tables`.

";

/// As the formatter of the toolchain has it, which looks at this file too.
fn formatted(text: &str) -> String {
    let config = concat!(env!("CARGO_MANIFEST_DIR"), "/../rustfmt.toml");
    let mut formatter = Command::new("rustfmt")
        .args(["--edition", "2024", "--config-path", config])
        .stdin(Stdio::piped())
        .stdout(Stdio::piped())
        .spawn()
        .expect("rustfmt is part of the toolchain");
    let mut input = formatter.stdin.take().expect("its input is a pipe");
    input.write_all(text.as_bytes()).expect("it reads what it is given");
    drop(input);
    let output = formatter.wait_with_output().expect("it ends");
    assert!(output.status.success(), "what was written is not Rust:\n{text}");
    String::from_utf8(output.stdout).expect("it writes Rust")
}

/// The rows that are setters, in the order of their bits.
fn setters() -> impl Iterator<Item = &'static Setting> + Clone {
    SETTINGS.iter().filter(|setting| setting.takes != Takes::Key)
}

/// The rows by whom they may be said of, each group with a name.
fn groups() -> Vec<(String, &'static [Role], Vec<&'static Setting>)> {
    let mut groups: Vec<(String, &[Role], Vec<&Setting>)> = Vec::new();
    for setting in SETTINGS {
        match groups.iter_mut().find(|group| group.1 == setting.of) {
            Some(group) => group.2.push(setting),
            None => {
                let roles: Vec<String> =
                    setting.of.iter().map(|role| format!("{role:?}").to_uppercase()).collect();
                let name =
                    if roles.len() == ROLES.len() { "ALL".to_owned() } else { roles.join("_") };
                groups.push((format!("OF_{name}"), setting.of, vec![setting]));
            }
        }
    }
    groups
}

/// The names of the groups that a role has.
fn groups_of(role: Role) -> Vec<String> {
    groups().into_iter().filter(|group| group.1.contains(&role)).map(|group| group.0).collect()
}

/// Each role, with the name of what it has.
const ROLES: [(Role, &str); 4] = [
    (Role::Operand, "OPERANDS"),
    (Role::Option, "OPTIONS"),
    (Role::Flag, "FLAGS"),
    (Role::Tally, "TALLIES"),
];

/// The name of a bit.
fn bit(name: &str) -> String {
    name.to_uppercase()
}

/// The key of a document.
fn key(name: &str) -> String {
    name.replace('_', "-")
}

/// A sentence as a line of documentation; what a truth value says, as what it tells whether.
fn documented(setting: &Setting) -> String {
    if setting.takes == Takes::Truth {
        return format!("/// Whether {}.", setting.says);
    }
    let (first, rest) = setting.says.split_at(1);
    format!("/// {}{rest}.", first.to_uppercase())
}

/// One piece for each item.
fn all<T>(items: impl Iterator<Item = T>, mut piece: impl FnMut(&mut String, T)) -> String {
    let mut text = String::new();
    items.for_each(|item| piece(&mut text, item));
    text
}

/// A list of names, quoted.
fn quoted<'n>(names: impl Iterator<Item = &'n str>) -> String {
    all(names, |text, name| {
        let _ = write!(text, "{name:?}, ");
    })
}
