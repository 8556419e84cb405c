//! The files that are made of the rows are as these say: `UPDATE_EXPECT=1` writes them.

use std::collections::BTreeSet;
use std::path::Path;

use clavret_tables::{FORMS, SETTINGS, files};
use expect_test::expect_file;

#[test]
fn the_files_are_those_of_the_rows() {
    let root = Path::new(env!("CARGO_MANIFEST_DIR")).join("..");
    for (path, text) in files() {
        expect_file![root.join(path)].assert_eq(&text);
    }
}

/// What a row names is there, and is named once.
#[test]
fn the_rows_name_each_other() {
    let names: BTreeSet<&str> = SETTINGS.iter().map(|setting| setting.name).collect();
    assert_eq!(names.len(), SETTINGS.len(), "two rows have one name");
    assert!(names.len() + FORMS.len() < 56, "there are bits for no more");
    for setting in SETTINGS {
        let named = setting.not_with.iter().chain(setting.needs);
        for other in named {
            assert!(names.contains(other), "{} names {other}", setting.name);
        }
    }
}
