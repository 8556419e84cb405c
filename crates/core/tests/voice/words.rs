//! Words that are missing, too many, or stand where another is wanted.

use expect_test::expect;

use super::rows;

#[test]
fn a_command_or_a_word_that_is_missing_or_one_too_many() {
    rows(
        &[
            "-v",
            "hive",
            "help inspect extra",
            "inspect A7 B2",
            "inspect A7 B2 C3",
            "completions tcsh",
        ],
        expect![[r#"

            $ apiary -v COMMAND
                        +++++++
              a command is missing: hive, inspect, each, help or completions

            $ apiary hive COMMAND
                          +++++++
              a command is missing: add

            $ apiary help inspect extra
                                  ^^^^^
              apiary inspect has no subcommands, so 'extra' is one word too many

            $ apiary inspect A7 B2
                                ^^
              'B2' is one word too many for apiary inspect

            $ apiary inspect A7 B2 C3
                                ^^ ^^
              'B2' and 'C3' are two words too many for apiary inspect

            $ apiary completions tcsh
                                 ^^^^
              SHELL takes bash, zsh or fish; 'tcsh' is not among them
              like  apiary completions SHELL
        "#]],
    );
}

#[test]
fn what_follows_a_name() {
    rows(
        &[
            "inspect A7 --queen",
            "inspect A7 --open",
            "inspect A7 --frames",
            "inspect A7 --temp",
            "inspect A7 --note",
            "inspect A7 --at",
            "inspect A7 --at 1",
            "inspect A7 --at=1,2",
            "inspect A7 --calm=7",
            "inspect A7 --restless=no",
            "inspect A7 --calm=7 --drones=3",
            "inspect A7 -c=no",
            "inspect A7 -v=3",
            "inspect A7 -cd=7",
            "hive add A7 -m=3",
        ],
        expect![[r#"

            $ apiary inspect A7 --queen QUEEN
                                        +++++
              --queen needs one of white, red or blue after it
              like  apiary inspect A7 --queen QUEEN

            $ apiary inspect A7 --open OPEN
                                       ++++
              --open needs yes or no after it
              like  apiary inspect A7 --open OPEN

            $ apiary inspect A7 --frames COUNT
                                         +++++
              --frames needs a whole number from 0 to 20 after it
              like  apiary inspect A7 --frames COUNT

            $ apiary inspect A7 --temp TEMP
                                       ++++
              --temp needs a number after it, such as 1.5
              like  apiary inspect A7 --temp TEMP

            $ apiary inspect A7 --note NOTE
                                       ++++
              --note needs 3 to 200 characters after it
              like  apiary inspect A7 --note NOTE

            $ apiary inspect A7 --at LAT LON
                                     +++++++
              --at needs LAT LON after it
              like  apiary inspect A7 --at LAT LON

            $ apiary inspect A7 --at 1 LON
                                       +++
              --at needs LAT LON after it; LON is missing
              like  apiary inspect A7 --at 1 LON

            $ apiary inspect A7 --at=1,2
                                ^^^^^^^^
              --at takes two words, each on its own
              try   apiary inspect A7 --at 1 2

            $ apiary inspect A7 --calm=7
                                      ^^
              --calm takes no value; the opposite is --restless

            $ apiary inspect A7 --restless=no
                                          ^^^
              --restless takes no value; the opposite is --calm
              try   apiary inspect A7 --calm

            $ apiary inspect A7 --calm=7 --drones=3
                                      ^^         ^^
              --calm and --drones take no value

            $ apiary inspect A7 -c=no
                                  ^^^
              -c takes no value, and a letter takes no =; the opposite is --restless
              try   apiary inspect A7 --restless

            $ apiary inspect A7 -v=3
                                  ^^
              -v takes no value, and a letter takes no =

            $ apiary inspect A7 -cd=7
                                   ^^
              -d takes no value, and a letter takes no =

            $ apiary hive add A7 -m=3
                                   ^^
              -m takes a value only as --mark=MARK
              try   apiary hive add A7 --mark=3
        "#]],
    );
}
