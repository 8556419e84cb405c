//! The example's own process, on a yard of its own.

use std::path::Path;
use std::process::{Command, Output};

use expect_test::Expect;

/// A folder of the test's own, and the example run in it.
pub(crate) struct Stage {
    folder: tempfile::TempDir,
}

impl Stage {
    pub(crate) fn new() -> Self {
        Stage { folder: tempfile::tempdir().unwrap() }
    }

    pub(crate) fn path(&self) -> &Path {
        self.folder.path()
    }

    #[track_caller]
    pub(crate) fn run(&self, line: &str) -> Output {
        self.run_with("APIARY_YARD", "", line)
    }

    /// The same with a variable of the environment; an empty one counts as unset.
    #[track_caller]
    pub(crate) fn run_with(&self, variable: &str, value: &str, line: &str) -> Output {
        let mut command = Command::new(env!("CARGO_BIN_EXE_apiary"));
        command.args(line.split(' ').filter(|word| !word.is_empty())).current_dir(self.path());
        command
            .env_remove("COLUMNS")
            .env(variable, value)
            .env("XDG_DATA_HOME", self.path())
            .env("XDG_CONFIG_HOME", self.path().join("config"))
            .env("XDG_CONFIG_DIRS", self.path().join("shared"))
            .env_remove("CLICOLOR_FORCE")
            .env_remove("NO_COLOR");
        command.output().unwrap()
    }

    /// What a line that works prints.
    #[track_caller]
    pub(crate) fn prints(&self, line: &str) -> String {
        let output = self.run(line);
        assert!(output.status.success(), "`{line}` gave {output:?}");
        String::from_utf8(output.stdout).unwrap()
    }

    /// What a line that fails with a status prints; on standard output that is nothing.
    #[track_caller]
    pub(crate) fn fails(&self, status: i32, line: &str, expected: Expect) {
        let output = self.run(line);
        assert_eq!(output.status.code(), Some(status), "`{line}` gave {output:?}");
        assert_eq!(String::from_utf8_lossy(&output.stdout), "", "`{line}`");
        let said = String::from_utf8(output.stderr).unwrap();
        expected.assert_eq(&said.replace(&*self.path().to_string_lossy(), "~"));
    }
}
