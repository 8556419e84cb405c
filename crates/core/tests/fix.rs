//! Lines repaired: what is offered under `try` and `like`, next to the lines it mends.

use clavret_core::look::Look;
use expect_test::{Expect, expect};

use crate::demo::faults;

#[track_caller]
fn shows(line: &str, expected: Expect) {
    expected.assert_eq(&faults(line).draw(Look::PLAIN));
}

#[test]
fn one_fault_has_no_number_and_a_fix_that_reads() {
    shows(
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
    shows(
        "inspekt A7",
        expect![[r#"
        apiary: one thing to put right

          apiary inspekt A7
                 ^^^^^^^
          'inspekt' is not a command here; inspect is

          try   apiary inspect A7
          page  apiary --help
    "#]],
    );
    shows(
        "inspect A7 -calm",
        expect![[r#"
        apiary inspect: one thing to put right

          apiary inspect A7 -calm
                            ^^^^^
          -calm is not an option here; --calm is

          try   apiary inspect A7 --calm
          page  apiary inspect --help
    "#]],
    );
    shows(
        "hive add B1 --queen blu --at=1 2",
        expect![[r#"
            apiary hive add: two things to put right

              apiary hive add B1 --queen blu --at=1 2
                                         ^^^ ^^^^^^
                                         1   2
              1  --queen takes white or blue; 'blu' is neither
              2  --at takes two words, each on its own

              try   apiary hive add B1 --queen blue --at 1 2
              page  apiary hive add --help
        "#]],
    );
}

#[test]
fn an_alias_is_as_near_as_a_name() {
    shows(
        "inspect A7 --comsb 6",
        expect![[r#"
        apiary inspect: one thing to put right

          apiary inspect A7 --comsb 6
                            ^^^^^^^
          --comsb is not an option here; --combs is

          try   apiary inspect A7 --combs 6
          page  apiary inspect --help
    "#]],
    );
}

#[test]
fn an_option_in_front_of_its_command_is_moved_behind_it() {
    shows(
        "-f6 inspect A7",
        expect![[r#"
            apiary inspect: one thing to put right

              apiary -f6 inspect A7
                     ^^
              -f is not an option here; apiary inspect has it

              try   apiary inspect A7 -f6
              page  apiary inspect --help
        "#]],
    );
    shows(
        "--frames 6 inspect -- A7",
        expect![[r#"
            apiary: one thing to put right

              apiary --frames 6 inspect -- A7
                     ^^^^^^^^
              --frames is not an option here; apiary inspect has it

              try   apiary inspect --frames 6 -- A7
              page  apiary --help
        "#]],
    );
    shows(
        "hive --at 1 2 add B1 --queen blue",
        expect![[r#"
            apiary hive: one thing to put right

              apiary hive --at 1 2 add B1 --queen blue
                          ^^^^
              --at is not an option here; apiary hive add has it

              try   apiary hive add B1 --queen blue --at 1 2
              page  apiary hive --help
        "#]],
    );
}

#[test]
fn what_goes_away_with_another_fault_is_not_said() {
    shows(
        "hive move --qiet 5 x 1 2",
        expect![[r#"
            apiary hive move: two things to put right

              apiary hive move --qiet 5 x 1 2
                               ^^^^^^   ^
                               1        2
              1  --qiet is not an option here; --quiet is
              2  WEIGHT takes a whole number; 'x' is not one

              like  apiary hive move --quiet 5 WEIGHT 1 2
              page  apiary hive move --help
        "#]],
    );
    shows(
        "hive add B1 --quen blue --at x y",
        expect![[r#"
            apiary hive add: two things to put right

              apiary hive add B1 --quen blue --at x y
                                 ^^^^^^           ^ ^
                                 1                2 2
              1  --quen is not an option here; --queen is
              2  --at takes a number, such as 1.5; 'x' and 'y' do not fit

              like  apiary hive add B1 --queen blue --at LAT LON
              page  apiary hive add --help
        "#]],
    );
    shows(
        "hive add --quen blue B1 --at 1 2",
        expect![[r#"
        apiary hive add: one thing to put right

          apiary hive add --quen blue B1 --at 1 2
                          ^^^^^^
          --quen is not an option here; --queen is

          try   apiary hive add --queen blue B1 --at 1 2
          page  apiary hive add --help
    "#]],
    );
    shows(
        "inspect --frmes 6 A7",
        expect![[r#"
        apiary inspect: one thing to put right

          apiary inspect --frmes 6 A7
                         ^^^^^^^
          --frmes is not an option here; --frames is

          try   apiary inspect --frames 6 A7
          page  apiary inspect --help
    "#]],
    );
}

#[test]
fn what_no_repair_mends_is_still_explained() {
    shows(
        "inspect A7 A8",
        expect![[r#"
            apiary inspect: one thing to put right

              apiary inspect A7 A8
                                ^^
              'A8' is one word too many for apiary inspect

              page  apiary inspect --help
        "#]],
    );
    shows(
        "frob",
        expect![[r#"
        apiary: one thing to put right

          apiary frob
                 ^^^^
          'frob' is not a command here; hive, inspect, help and completions are

          page  apiary --help
    "#]],
    );
    shows(
        "inspect A7 -x --calm=no",
        expect![[r#"
            apiary inspect: two things to put right

              apiary inspect A7 -x --calm=no
                                ^^       ^^^
                                1        2
              1  -x is not an option here
              2  --calm takes no value; the opposite is --restless

              page  apiary inspect --help
        "#]],
    );
}

#[test]
fn the_second_word_of_a_pair_is_told_from_the_first() {
    shows(
        "hive add B1 --queen blue --at 1 east",
        expect![[r#"
            apiary hive add: one thing to put right

              apiary hive add B1 --queen blue --at 1 east
                                                     ^^^^
              --at takes a number, such as 1.5; 'east' is not one

              like  apiary hive add B1 --queen blue --at 1 LON
              page  apiary hive add --help
        "#]],
    );
}
