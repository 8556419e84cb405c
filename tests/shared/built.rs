//! Where an example is, once it is built: beside the folder of the test binaries.

use std::path::PathBuf;

pub(crate) fn example(name: &str) -> PathBuf {
    let test = std::env::current_exe().unwrap();
    test.ancestors().nth(2).unwrap().join("examples").join(name)
}
