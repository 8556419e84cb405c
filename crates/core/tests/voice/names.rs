//! Names that are nearly right.

use expect_test::expect;

use super::rows;

#[test]
fn a_name_that_is_nearly_right() {
    rows(
        &[
            "inspect -frames 6 A7",
            "inspect A7 -temp=7",
            "inspect A7 -note why",
            "inspect A7 --n why",
            "inspect A7 --f=3",
            "inspect A7 --CALM",
            "inspect A7 -V",
            "-V",
            "-help",
            "inspect -version",
            "inspect A7 -cD",
            "inspect —frames 6 A7",
            "inspect A7 –f 6",
            "inspect A7 –cf6",
            "inspect A7 --no-calm",
            "inspect A7 --no-restless",
            "inspect A7 --no-drones",
            "inspect A7 -fc 6",
            "INSPECT A7",
            "add hive A7",
            "inspect A7 -y meadow",
            "inspect A7 --yard=meadow --calm",
            "--clam each echo —v",
        ],
        expect![[r#"

            $ apiary inspect -frames 6 A7
                             ^^^^^^^
              -frames is not an option here; --frames is
              try   apiary inspect --frames 6 A7

            $ apiary inspect A7 -temp=7
                                ^^^^^
              -temp is not an option here; --temp is
              try   apiary inspect A7 --temp=7

            $ apiary inspect A7 -note why
                                ^^^^^
              -note is not an option here; --note is
              try   apiary inspect A7 --note why

            $ apiary inspect A7 --n why
                                ^^^
              --n is not an option here; -n is
              try   apiary inspect A7 -n why

            $ apiary inspect A7 --f=3
                                ^^^
              --f is not an option here; -f is
              try   apiary inspect A7 -f 3

            $ apiary inspect A7 --CALM
                                ^^^^^^
              --CALM is not an option here; --calm is
              try   apiary inspect A7 --calm

            $ apiary inspect A7 -V
                                ^^
              -V is not an option here; -v is
              try   apiary inspect A7 -v

            $ apiary -V
                     ^^
              -V is not an option here; --version is
              try   apiary --version

            $ apiary -help
                     ^^^^^
              -help is not an option here; --help is
              try   apiary --help

            $ apiary inspect -version
                             ^^^^^^^^
              -version is not an option here; --version is
              try   apiary inspect --version

            $ apiary inspect A7 -cD
                                  ^
              -D is not an option here; -d is
              try   apiary inspect A7 -cd

            $ apiary inspect —frames 6 A7
                             ^^^^^^^
              —frames is not an option here; --frames is
              try   apiary inspect --frames 6 A7

            $ apiary inspect A7 –f 6
                                ^^
              –f is not an option here; -f is
              try   apiary inspect A7 -f 6

            $ apiary inspect A7 –cf6
                                ^^^^
              –cf6 is not an option here; -cf6 is
              try   apiary inspect A7 -cf6

            $ apiary inspect A7 --no-calm
                                ^^^^^^^^^
              --no-calm is not an option here; --restless is
              try   apiary inspect A7 --restless

            $ apiary inspect A7 --no-restless
                                ^^^^^^^^^^^^^
              --no-restless is not an option here; --calm is
              try   apiary inspect A7 --calm

            $ apiary inspect A7 --no-drones
                                ^^^^^^^^^^^
              --no-drones is not an option here

            $ apiary inspect A7 -fc 6
                                  ^
              --frames takes a whole number from 0 to 20; 'c' is not one
              try   apiary inspect A7 -cf 6

            $ apiary INSPECT A7
                     ^^^^^^^
              'INSPECT' is not a command here; inspect is
              try   apiary inspect A7

            $ apiary add hive A7
                     ^^^
              'add' is not a command here; hive has add
              try   apiary hive add A7

            $ apiary inspect A7 -y meadow
                                ^^
              -y is not an option here; apiary has it
              try   apiary -y meadow inspect A7

            $ apiary inspect A7 --yard=meadow --calm
                                ^^^^^^
              --yard is not an option here; apiary has it
              try   apiary --yard=meadow inspect A7 --calm

            $ apiary --clam each echo —v
                     ^^^^^^
              --clam is not an option here
        "#]],
    );
}
