//! Values that are refused, and those that are nearly right.

use expect_test::expect;

use super::rows;

#[test]
fn a_value_that_is_refused() {
    rows(
        &[
            "inspect A7 --note x",
            "inspect A7 --stand 13",
            "inspect A7 --queen purple",
            "inspect A7 --open 7",
            "inspect A7 --box 7 --pair 7 --only 7",
            "inspect A7 --grams x",
            "inspect A7 --grams 2147483648",
            "inspect A7 --bees x",
            "inspect A7 --bees 0",
            "inspect A7 --bees -1",
            "inspect A7 --rows 0",
            "inspect A7 --sort a,b,c,d",
        ],
        expect![[r#"

            $ apiary inspect A7 --note x
                                       ^
              --note takes 3 to 200 characters; 'x' has 1
              like  apiary inspect A7 --note NOTE

            $ apiary inspect A7 --stand 13
                                        ^^
              --stand takes any number but 13
              like  apiary inspect A7 --stand STAND

            $ apiary inspect A7 --queen purple
                                        ^^^^^^
              --queen takes white, red or blue; 'purple' is not among them
              like  apiary inspect A7 --queen QUEEN

            $ apiary inspect A7 --open 7
                                       ^
              --open takes yes or no; '7' is neither
              like  apiary inspect A7 --open OPEN

            $ apiary inspect A7 --box 7 --pair 7 --only 7
                                      ^        ^        ^
                                      1        2        3
              1  --box takes 5, 10 or 20; '7' is not among them
              2  --pair takes 1 or 2; '7' is neither
              3  --only can only be 1 here, not '7'
              like  apiary inspect A7 --box BOX --pair PAIR --only ONLY

            $ apiary inspect A7 --grams x
                                        ^
              --grams takes a whole number; 'x' is not one
              like  apiary inspect A7 --grams GRAMS

            $ apiary inspect A7 --grams 2147483648
                                        ^^^^^^^^^^
              --grams takes a whole number from -2147483648 to 2147483647; '2147483648' is
              above that
              like  apiary inspect A7 --grams GRAMS

            $ apiary inspect A7 --bees x
                                       ^
              --bees takes a whole number, 1 or more; 'x' is not one
              like  apiary inspect A7 --bees BEES

            $ apiary inspect A7 --bees 0
                                       ^
              --bees takes a whole number, 1 or more; '0' is below that
              like  apiary inspect A7 --bees BEES

            $ apiary inspect A7 --bees -1
                                       ^^
              --bees takes a whole number, 1 or more; '-1' is below that
              like  apiary inspect A7 --bees BEES

            $ apiary inspect A7 --rows 0
                                       ^
              --rows takes a whole number, 1 or more; '0' is below that
              like  apiary inspect A7 --rows ROWS

            $ apiary inspect A7 --sort a,b,c,d
                                             ^
              --sort takes at most three, not four
        "#]],
    );
}

#[test]
fn a_value_that_is_nearly_right() {
    rows(
        &[
            "inspect A7 -t 7°C",
            "inspect A7 -f 6kg",
            "inspect A7 -f 1.5",
            "inspect A7 -t=7",
            "inspect A7 -cf=6",
            "inspect A7 --list hives.txt",
            "inspect a7",
            "inspect A7 --queen RED",
            "inspect A7 --open=YES",
        ],
        expect![[r#"

            $ apiary inspect A7 -t 7°C
                                   ^^^
              --temp takes a number, such as 1.5; '7°C' has letters after the number
              like  apiary inspect A7 -t TEMP

            $ apiary inspect A7 -f 6kg
                                   ^^^
              --frames takes a whole number from 0 to 20; '6kg' has letters after the number
              like  apiary inspect A7 -f COUNT

            $ apiary inspect A7 -f 1.5
                                   ^^^
              --frames takes a whole number from 0 to 20; '1.5' is not whole
              like  apiary inspect A7 -f COUNT

            $ apiary inspect A7 -t=7
                                  ^^
              --temp takes a number, such as 1.5; '=7' is not one: a letter takes no =
              try   apiary inspect A7 -t 7

            $ apiary inspect A7 -cf=6
                                   ^^
              --frames takes a whole number from 0 to 20; '=6' is not one: a letter takes no
              =
              try   apiary inspect A7 -cf 6

            $ apiary inspect A7 --list hives.txt
                                       ^^^^^^^^^
              --list takes a file that exists; 'hives.txt' does not end in .csv or .toml
              like  apiary inspect A7 --list LIST

            $ apiary inspect a7
                             ^^
              HIVE takes a hive's code, such as A7; 'a7' is not one
              try   apiary inspect A7

            $ apiary inspect A7 --queen RED
                                        ^^^
              --queen takes white, red or blue; 'RED' is not among them
              try   apiary inspect A7 --queen red

            $ apiary inspect A7 --open=YES
                                       ^^^
              --open takes yes or no; 'YES' is neither
              try   apiary inspect A7 --open=yes
        "#]],
    );
}
