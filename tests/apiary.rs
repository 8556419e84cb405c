//! The apiary as its users meet it: the example's own process, on a yard of its own.

use std::path::Path;
use std::process::{Command, Output};

use expect_test::{Expect, expect};

/// A folder of the test's own, and the example run in it.
struct Stage {
    folder: tempfile::TempDir,
}

impl Stage {
    fn new() -> Self {
        Stage { folder: tempfile::tempdir().unwrap() }
    }

    fn path(&self) -> &Path {
        self.folder.path()
    }

    #[track_caller]
    fn run(&self, line: &str) -> Output {
        // Examples are built beside the folder of the test binaries.
        let built = std::env::current_exe().unwrap();
        let program = built.ancestors().nth(2).unwrap().join("examples/apiary");
        let mut command = Command::new(program);
        command.args(line.split(' ').filter(|word| !word.is_empty())).current_dir(self.path());
        command
            .env("XDG_DATA_HOME", self.path())
            .env_remove("CLICOLOR_FORCE")
            .env_remove("NO_COLOR");
        command.output().unwrap()
    }

    /// What a line that works prints.
    #[track_caller]
    fn prints(&self, line: &str) -> String {
        let output = self.run(line);
        assert!(output.status.success(), "`{line}` gave {output:?}");
        String::from_utf8(output.stdout).unwrap()
    }

    /// What a line that fails with a status prints; on standard output that is nothing.
    #[track_caller]
    fn fails(&self, status: i32, line: &str, expected: Expect) {
        let output = self.run(line);
        assert_eq!(output.status.code(), Some(status), "`{line}` gave {output:?}");
        assert_eq!(String::from_utf8_lossy(&output.stdout), "", "`{line}`");
        expected.assert_eq(&String::from_utf8(output.stderr).unwrap());
    }
}

#[test]
fn an_inspection_is_recorded_and_listed() {
    let stage = Stage::new();
    let line = "inspect A7 -cf6 --on 2026-10-01 -t -3.5 --note queen";
    let output = stage.run(line);
    assert_eq!(
        String::from_utf8_lossy(&output.stdout),
        "recorded A7 on 2026-10-01: calm, 6 frames of brood, -3.5 °C, 1 remark\n"
    );
    let yard = stage.path().join("apiary/yard");
    let filled = format!("apiary: put 12 made-up hives into {} to begin with\n", yard.display());
    assert_eq!(String::from_utf8_lossy(&output.stderr), filled);
    let list = stage.prints("hive list");
    assert_eq!(list.lines().count(), 13);
    assert!(list.contains("A7    green       10  2026-10-01      6  calm      queen"), "{list}");
    // The folder has whole files only, and is filled once.
    let second = stage.run("inspect A7 -r --on 2026-10-02 -v");
    assert_eq!(String::from_utf8_lossy(&second.stderr), "");
    let said = String::from_utf8_lossy(&second.stdout).into_owned();
    let kept = format!("kept in {}", yard.display());
    assert_eq!(said, format!("recorded A7 on 2026-10-02: restless, 0 frames of brood\n{kept}\n"));
    let files: Vec<_> =
        std::fs::read_dir(&yard).unwrap().map(|file| file.unwrap().path()).collect();
    assert_eq!(files.len(), 12);
    assert!(files.iter().all(|file| file.extension() == Some("toml".as_ref())), "{files:?}");
}

#[test]
fn a_hive_is_added_to_a_yard_and_reported_on() {
    let stage = Stage::new();
    stage.fails(
        1,
        "-y yard hive list",
        expect![[r#"
            apiary: cannot read the yard in yard
              because: No such file or directory (os error 2)
        "#]],
    );
    std::fs::create_dir(stage.path().join("yard")).unwrap();
    let added = stage.prints("-y yard hive add D1 --queen white --at -33.9 18.4 -f 12");
    assert_eq!(added, "added D1 with 12 frames\n");
    assert_eq!(stage.prints("hive -qy yard add C2"), "");
    stage.fails(
        1,
        "-y yard hive add D1",
        expect![[r#"
        apiary: hive D1 is in the yard already
    "#]],
    );
    stage.fails(
        1,
        "-y yard inspect D1 -f 13",
        expect![[r#"
        apiary: hive D1 holds 12 frames, too few for 13 with brood
    "#]],
    );
    stage.fails(
        1,
        "-y yard inspect A1",
        expect![[r#"
        apiary: no hive A1 in the yard; here are C2, D1
    "#]],
    );
    stage.prints("-q -y yard inspect D1 -cf 3 --on 2026-05-01");
    stage.prints("-q -y yard inspect D1 -f 6 --on 2026-06-01");
    expect![[r#"
        code,queen,frames,inspected,brood,temper,remark
        C2,,10,,,,
        D1,white,12,2026-06-01,6,,
    "#]]
    .assert_eq(&stage.prints("-y yard hive list --as csv --sort queen"));
    assert_eq!(stage.prints("-y yard report --since 2026-01-01 -o season.json --as json"), "");
    let season = std::fs::read_to_string(stage.path().join("season.json")).unwrap();
    let season: serde_json::Value = serde_json::from_str(&season).unwrap();
    assert_eq!((&season[1]["code"], &season[1]["brood"]), (&"D1".into(), &4.5.into()));
    stage.fails(
        1,
        "-y yard report --since 2026-02-01 --until 2026-01-01",
        expect![[r#"
        apiary: no day is both since 2026-02-01 and until 2026-01-01
    "#]],
    );
    std::fs::write(stage.path().join("yard/D1.toml"), "code = 7").unwrap();
    stage.fails(
        1,
        "-y yard hive list",
        expect![[r#"
            apiary: cannot read yard/D1.toml
              because: TOML parse error at line 1, column 8
                  |
                1 | code = 7
                  |        ^
                invalid type: integer `7`, expected a string
        "#]],
    );
}

#[test]
fn what_is_wrong_is_said_on_standard_error_with_status_2() {
    let stage = Stage::new();
    stage.fails(
        2,
        "inspect A7 -f many --clam",
        expect![[r#"
        apiary inspect: 2 things to put right

          apiary inspect A7 -f many --clam
                               ^^^^ ^^^^^^
                               1    2
          1  --frames takes a whole number from 0 to 20; 'many' is not one
          2  --clam is not an option here; --calm is

          like  apiary inspect A7 -f COUNT --calm
          page  apiary inspect --help
    "#]],
    );
    stage.fails(
        2,
        "inspect A7 --clam",
        expect![[r#"
        apiary inspect: one thing to put right

          apiary inspect A7 --clam
                            ^^^^^^
          --clam is not an option here; --calm is

          try   apiary inspect A7 --calm
          page  apiary inspect --help
    "#]],
    );
    stage.fails(
        2,
        "inspect a7 --on 2026-02-30",
        expect![[r#"
        apiary inspect: 2 things to put right

          apiary inspect a7 --on 2026-02-30
                         ^^      ^^^^^^^^^^
                         1       2
          1  HIVE takes a capital letter and a number, such as A7; 'a7' is not one
          2  --on takes a day, such as 2026-05-01; the calendar has no 2026-02-30

          like  apiary inspect HIVE --on DATE
          page  apiary inspect --help
    "#]],
    );
    stage.fails(
        2,
        "hive add D1 --at -99 18.4",
        expect![[r#"
        apiary hive add: one thing to put right

          apiary hive add D1 --at -99 18.4
                                  ^^^^^^^^
          --at refuses '-99 18.4': a latitude is from -90 to 90, and -99 is not

          like  apiary hive add D1 --at LAT LON
          page  apiary hive add --help
    "#]],
    );
    stage.fails(
        2,
        "hive",
        expect![[r#"
        apiary hive   the hives of the yard

        usage      apiary hive COMMAND ...

        commands   add                 add a hive to the yard
                   list                list the hives with their last inspections

        anywhere   -y, --yard DIR      folder of the logbook; one in your data folder
                                       unless given
                   -q, --quiet         say only what went wrong
                   -v                  say more; may be repeated
                       --color WHEN    auto, always or never, and auto unless given
                   -h, --help          -h for this page, --help for all of it
    "#]],
    );
    assert!(stage.prints("inspect -f many --clam --help").starts_with("apiary inspect   record"));
    assert_eq!(stage.prints("--version"), concat!("apiary ", env!("CARGO_PKG_VERSION"), "\n"));
    // Nothing was recorded, so nothing was made.
    assert!(!stage.path().join("apiary").exists());
}

#[test]
fn colour_is_used_when_the_line_asks_even_where_it_is_wrong() {
    let stage = Stage::new();
    assert!(stage.prints("--color always --help").contains('\u{1b}'));
    assert!(!stage.prints("--help").contains('\u{1b}'));
    let refused = stage.run("--color=always inspect --clam").stderr;
    assert!(String::from_utf8(refused).unwrap().contains("\u{1b}[1;35m^"));
}

#[test]
fn a_reader_that_goes_away_is_no_failure() {
    let stage = Stage::new();
    let built = std::env::current_exe().unwrap();
    let program = built.ancestors().nth(2).unwrap().join("examples/apiary");
    for line in ["--help", "hive list", "completions bash"] {
        let mut child = Command::new(&program)
            .args(line.split(' '))
            .env("XDG_DATA_HOME", stage.path())
            .stdout(std::process::Stdio::piped())
            .stderr(std::process::Stdio::piped())
            .spawn()
            .unwrap();
        drop(child.stdout.take());
        let output = child.wait_with_output().unwrap();
        assert!(output.status.success() && output.stderr.is_empty(), "`{line}` gave {output:?}");
    }
}

#[test]
fn the_tour_and_the_smallest_program_run() {
    let built = std::env::current_exe().unwrap();
    let examples = built.ancestors().nth(2).unwrap().join("examples");
    let tour = Command::new(examples.join("tour")).output().unwrap();
    let said = String::from_utf8(tour.stdout).unwrap();
    assert!(tour.status.success(), "{said}");
    for part in ["$ apiary inspect --help", "things to put right", "TAB", "--restless"] {
        assert!(said.contains(part), "no `{part}` in {said}");
    }
    let smallest = Command::new(examples.join("smallest")).args(["A7", "-cf6"]).output().unwrap();
    assert_eq!(String::from_utf8_lossy(&smallest.stdout), "A7: 6 frames of brood, calm\n");
}
