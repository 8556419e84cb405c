//! The apiary as its users meet it: the example's own process, on a yard of its own.

use std::path::Path;
use std::process::{Command, Output};

use expect_test::{Expect, expect};

#[allow(dead_code)]
#[path = "../examples/apiary/app/mod.rs"]
mod app;

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
        self.run_with("APIARY_YARD", "", line)
    }

    /// The same with a variable of the environment; an empty one counts as unset.
    #[track_caller]
    fn run_with(&self, variable: &str, value: &str, line: &str) -> Output {
        // Examples are built beside the folder of the test binaries.
        let built = std::env::current_exe().unwrap();
        let program = built.ancestors().nth(2).unwrap().join("examples/apiary");
        let mut command = Command::new(program);
        command.args(line.split(' ').filter(|word| !word.is_empty())).current_dir(self.path());
        command
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
        let said = String::from_utf8(output.stderr).unwrap();
        expected.assert_eq(&said.replace(&*self.path().to_string_lossy(), "~"));
    }
}

#[test]
fn the_declaration_holds_what_it_promises() {
    clavret::prove(&app::PROGRAM);
}

#[test]
fn it_is_rehearsed_in_process_too() {
    let stage = Stage::new();
    let rehearse = |line: &str| {
        let apiary = clavret::rehearse(&app::PROGRAM).variable("XDG_DATA_HOME", stage.path());
        apiary.words(line.split(' ')).config("quiet = true").run_with(app::Desk::of)
    };
    rehearse("inspect A7 -cf6 --on 2026-10-01").prints("").mentions("put 12 made-up hives into");
    rehearse("hive list --as csv").succeeds().mentions("A7,,green,10,2026-10-01,6,calm,\n");
    rehearse("hive retire A7 --because x").refuses("3 to 200 characters");
    rehearse("inspect Z9").fails(1, "apiary: no hive Z9 in the yard");
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
        2,
        "-y yard hive list",
        expect![[r#"
        apiary hive list: one thing to put right

          apiary -y yard hive list
                    ^^^^
          --yard takes a folder that exists; nothing is at 'yard'

          page  apiary hive list --help
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
        code,place,queen,frames,inspected,brood,temper,remark
        C2,,,10,,,,
        D1,,white,12,2026-06-01,6,,
    "#]]
    .assert_eq(&stage.prints("-y yard hive list --as csv --sort queen"));
    assert_eq!(stage.prints("-y yard report --since 2026-01-01 -o season.json --as json"), "");
    let season = std::fs::read_to_string(stage.path().join("season.json")).unwrap();
    let season: serde_json::Value = serde_json::from_str(&season).unwrap();
    assert_eq!((&season[1]["code"], &season[1]["brood"]), (&"D1".into(), &4.5.into()));
    stage.fails(
        2,
        "-y yard report --since 2026-02-01 --until 2026-01-01",
        expect![[r#"
            apiary report: one thing to put right

              apiary -y yard report --since 2026-02-01 --until 2026-01-01
                                    ^^^^^^^            ^^^^^^^
              no day is both since 2026-02-01 and until 2026-01-01

              page  apiary report --help
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
              2  --on takes a date, such as 2026-05-01; the calendar has no 2026-02-30

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

            commands   add                  add a hive to the yard
                       list                 list the hives with their last inspections
                       move                 note that a hive stands elsewhere
                       retire               give a hive up; its records stay

            anywhere   -y, --yard DIR       folder of the logbook, else one of your own: a
                                            folder that exists; $APIARY_YARD stands in for
                                            it
                           --config FILE    settings to go by, else apiary/config.toml in
                                            your config folder: a path ending in .toml or
                                            .json
                       -q, --quiet          say only what went wrong
                       -v                   say more; may be repeated
                           --color WHEN     auto, always or never, and auto unless given
                       -h, --help           -h for this page, --help for all of it
        "#]],
    );
    assert!(stage.prints("inspect -f many --clam --help").starts_with("apiary inspect   record"));
    assert_eq!(stage.prints("--version"), concat!("apiary ", env!("CARGO_PKG_VERSION"), "\n"));
    // Nothing was recorded, so nothing was made.
    assert!(!stage.path().join("apiary").exists());
}

#[test]
fn honey_is_harvested_and_labelled() {
    let stage = Stage::new();
    let done = stage.prints("harvest B1 3.5 2.8 -m 17.2 --jars 0x0c");
    let batch = done.trim_end().strip_prefix("recorded 6.3 kg as batch ").unwrap().to_owned();
    let label = format!("label B1 --batch {batch} --mail keeper@example.org --domain Example.ORG");
    let expected = format!(
        "Honey of example.org, batch {batch}\n6.3 kg, 17.2 % water\nkeeper@example.org\n\n"
    );
    assert_eq!(stage.prints(&label), expected);
    let many: Vec<String> = (0..21).map(|_| "1".to_owned()).collect();
    stage.fails(
        2,
        &format!("harvest B1 {}", many.join(" ")),
        expect![[r#"
        apiary harvest: one thing to put right

          apiary harvest B1 1 1 1 1 1 1 1 1 1 1 1 1 1 1 1 1 1 1 1 1 1
                                                                    ^
          '1' is a word more than apiary harvest takes

          try   apiary harvest B1 1 1 1 1 1 1 1 1 1 1 1 1 1 1 1 1 1 1 1 1
          page  apiary harvest --help
    "#]],
    );
    stage.fails(
        2,
        "harvest B1 3 --barrel -j 4",
        expect![[r#"
        apiary harvest: one thing to put right

          apiary harvest B1 3 --barrel -j 4
                              ^^^^^^^^ ^^
          only one of --jars and --barrel can be given

          try   apiary harvest B1 3 --barrel
          page  apiary harvest --help
    "#]],
    );
    stage.fails(
        1,
        "label B1 --batch x",
        expect![[r#"
        apiary: hive B1 has no batch x
    "#]],
    );
}

#[test]
fn hives_are_moved_given_up_and_gone_through() {
    let stage = Stage::new();
    assert_eq!(stage.prints("hive move A7 orchard"), "A7 stands in: orchard\n");
    assert_eq!(stage.prints("hive drop C2 --because lost"), "retired C2; its records stay\n");
    let list = stage.prints("hive list --sort place,code --as csv");
    assert!(
        !list.contains("C2") && list.ends_with("A7,orchard,green,10,2026-08-26,4,calm,\n"),
        "{list}"
    );
    let each = stage.prints("run-each echo -y {} --");
    assert!(each.starts_with("-y A1 --\n-y A2 --\n") && each.lines().count() == 11, "{each}");
    stage.fails(
        2,
        "hive move A7",
        expect![[r#"
        apiary hive move: one thing to put right

          apiary hive move A7 PLACE
                              ^^^^^
          PLACE is missing: where it stands from now on, in a few words

          like  apiary hive move A7 PLACE
          page  apiary hive move --help
    "#]],
    );
    stage.fails(
        1,
        "run-each false",
        expect![[r#"
        apiary: 11 of 11 runs failed
    "#]],
    );
    stage.fails(
        2,
        "hive list --sort code,code",
        expect![[r#"
        apiary hive list: one thing to put right

          apiary hive list --sort code,code
                                       ^^^^
          --sort takes each value once, and 'code' stands there twice

          try   apiary hive list --sort code
          page  apiary hive list --help
    "#]],
    );
}

#[test]
fn settings_and_the_environment_stand_in_for_words() {
    let stage = Stage::new();
    let write = |path: &str, text: &str| {
        let path = stage.path().join(path);
        std::fs::create_dir_all(path.parent().unwrap()).unwrap();
        std::fs::write(path, text).unwrap();
    };
    write("garden/G1.toml", "code = \"G1\"\nframes = 8\n");
    let listed = stage.run_with("APIARY_YARD", "garden", "hive list --as csv");
    assert!(String::from_utf8(listed.stdout).unwrap().contains("\nG1,,,8,"));
    // The first file that is found counts, and the option names another.
    write("shared/apiary/config.toml", "quiet = true\n");
    write(
        "config/apiary/config.toml",
        "yard = \"garden\"\n[hive.list]\nas = \"csv\"\nsort = [\"code\"]\n",
    );
    assert!(stage.prints("hive list").ends_with("\nG1,,,8,,,,\n"));
    write("mine.json", "{\"yard\": \"garden\", \"hive\": {\"list\": {\"as\": \"json\"}}}");
    assert!(stage.prints("--config mine.json hive list").starts_with("[\n"));
    write(
        "config/apiary/config.toml",
        "yrd = \"garden\"\n[hive.list]\nsort = [\"code\", \"colour\"]\n[inspect]\nframes = 0x15\n",
    );
    stage.fails(
        2,
        "hive list",
        expect![[r#"
            apiary hive list: 2 things to put right

              ~/config/apiary/config.toml:1:1
              yrd = "garden"
              ^^^
              1

              ~/config/apiary/config.toml:3:17
              sort = ["code", "colour"]
                              ^^^^^^^^
                              2

              1  'yrd' is not a setting here; yard is
              2  sort takes code, place, queen, frames, inspected or temper; 'colour' is not
                 one

              page  apiary hive list --help
        "#]],
    );
    stage.fails(
        2,
        "inspect A7 --clam",
        expect![[r#"
            apiary inspect: 3 things to put right

              apiary inspect A7 --clam
                                ^^^^^^
                                1

              ~/config/apiary/config.toml:1:1
              yrd = "garden"
              ^^^
              2

              ~/config/apiary/config.toml:5:10
              frames = 0x15
                       ^^^^
                       3

              1  --clam is not an option here; --calm is
              2  'yrd' is not a setting here; yard is
              3  frames takes a whole number from 0 to 20; '0x15' is above that

              page  apiary inspect --help
        "#]],
    );
    write("config/apiary/config.toml", "yard = garden\n");
    stage.fails(
        2,
        "hive list",
        expect![[r#"
            apiary hive list: one thing to put right

              ~/config/apiary/config.toml:1:8
              yard = garden
                     ^^^^^^
              string values must be quoted, expected literal string

              page  apiary hive list --help
        "#]],
    );
    std::fs::remove_file(stage.path().join("config/apiary/config.toml")).unwrap();
    std::fs::create_dir(stage.path().join("config/apiary/config.toml")).unwrap();
    assert!(stage.prints("help hive").starts_with("apiary hive "));
    let unread = String::from_utf8(stage.run("hive list").stderr).unwrap();
    assert!(unread.contains("the config file cannot be read: "), "{unread}");
    write("mine.json", "{\"yard\": \"garden\",}");
    stage.fails(
        2,
        "--config mine.json hive list",
        expect![[r#"
            apiary hive list: one thing to put right

              mine.json:1:18
              {"yard": "garden",}
                               ^
              trailing commas are not allowed

              page  apiary hive list --help
        "#]],
    );
    write("mine.json", "{\"inspect\": {\"frames\": [1, 2], \"at\": null}}");
    stage.fails(
        2,
        "--config mine.json inspect G1",
        expect![[r#"
            apiary inspect: 2 things to put right

              mine.json:1:28
              {"inspect": {"frames": [1, 2], "at": null}}
                                         ^
                                         1

              mine.json:1:32
              {"inspect": {"frames": [1, 2], "at": null}}
                                             ^^^^
                                             2

              1  frames takes exactly 1, not 2
              2  'at' is not a setting here

              page  apiary inspect --help
        "#]],
    );
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
