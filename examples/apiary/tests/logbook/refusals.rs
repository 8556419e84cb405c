//! What is refused, wherever it was said: in words, in the environment, in a config file.

use std::process::Command;

use expect_test::expect;

use crate::stage::Stage;

#[test]
fn what_is_wrong_is_said_on_standard_error_with_status_2() {
    let stage = Stage::new();
    stage.fails(
        2,
        "inspect A7 -f many --clam",
        expect![[r#"
            apiary inspect: two things to put right

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
        "hive",
        expect![[r#"
            apiary hive   the hives of the yard

            usage      apiary hive COMMAND [...]

            commands   add                 add a hive to the yard
                       list                list the hives with their last inspections
                       move                note that a hive stands elsewhere
                       retire              give a hive up; its records stay

            anywhere   -y, --yard DIR      folder of the logbook; or set $APIARY_YARD
                       -q, --quiet         say only what went wrong
                       -v                  say more; may be given again
                           --color WHEN    auto, always or never; auto unless given
                       -h, --help          show this page

                       full page: apiary hive --help
        "#]],
    );
    assert!(stage.prints("inspect -f many --clam --help").starts_with("apiary inspect   record"));
    assert_eq!(stage.prints("--version"), concat!("apiary ", env!("CARGO_PKG_VERSION"), "\n"));
    // Nothing was recorded, so nothing was made.
    assert!(!stage.path().join("apiary").exists());
}

/// A yard of very many hives: their files are not opened to tell which there are, as the pipes here, which nobody writes to,
/// would never be.
#[cfg(unix)]
#[test]
fn of_many_hives_the_names_are_enough() {
    let stage = Stage::new();
    let yard = stage.path().join("large");
    std::fs::create_dir(&yard).unwrap();
    let pipes = (1..=1_100).map(|place| yard.join(format!("A{place}.toml")));
    assert!(Command::new("mkfifo").args(pipes).status().unwrap().success());
    stage.fails(
        2,
        "-y large inspect A1101",
        expect![[r#"
            apiary inspect: one thing to put right

              apiary -y large inspect A1101
                                      ^^^^^
              no hive is called 'A1101'; A101, A110, A111, A1001, A1011 and A1100 are

              page  apiary inspect --help
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
            apiary hive list: two things to put right

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
                 among them

              page  apiary hive list --help
        "#]],
    );
    stage.fails(
        2,
        "inspect A7 --clam",
        expect![[r#"
            apiary inspect: three things to put right

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
              this is not TOML (string values must be quoted, expected literal string)

              page  apiary hive list --help
        "#]],
    );
    write("mine.json", "{\"yard\": \"garden\",}");
    stage.fails(
        2,
        "--config mine.json hive list",
        expect![[r#"
            apiary hive list: one thing to put right

              mine.json:1:18
              {"yard": "garden",}
                               ^
              this is not JSON (trailing commas are not allowed)

              page  apiary hive list --help
        "#]],
    );
    write("mine.json", "{\"inspect\": {\"frames\": [1, 2], \"at\": null}}");
    stage.fails(
        2,
        "--config mine.json inspect G1",
        expect![[r#"
            apiary inspect: two things to put right

              mine.json:1:28
              {"inspect": {"frames": [1, 2], "at": null}}
                                         ^
                                         1

              mine.json:1:32
              {"inspect": {"frames": [1, 2], "at": null}}
                                             ^^^^
                                             2

              1  frames takes exactly one, not two
              2  'at' is not a setting here

              page  apiary inspect --help
        "#]],
    );
}

#[test]
fn a_named_config_file_may_be_a_pipe() {
    let stage = Stage::new();
    let config = stage.path().join("pipe.toml");
    assert!(Command::new("mkfifo").arg(&config).status().unwrap().success());
    let line = format!(
        "echo 'quiet = true' > {0} & {1} --config {0} hive list --as csv",
        config.display(),
        env!("CARGO_BIN_EXE_apiary")
    );
    let bash = Command::new("bash").args(["-c", &line]).env("XDG_DATA_HOME", stage.path()).output();
    assert!(bash.unwrap().status.success());
}

#[test]
fn colour_is_used_when_the_line_asks_even_where_it_is_wrong() {
    let stage = Stage::new();
    assert!(stage.prints("--color always --help").contains('\u{1b}'));
    assert!(!stage.prints("--help").contains('\u{1b}'));
    let refused = stage.run("--color=always inspect --clam").stderr;
    assert!(String::from_utf8(refused).unwrap().contains("\u{1b}[1;35m^"));
}
