//! Which faults are told, which of them in one sentence, and where what is missing stands.

use clavret_core::{Command, Named, Operand, Tail};
use expect_test::expect;

use crate::forms::refuses;
use crate::invitations::{APIARY, BATCH, HIVE, MARK, QUIET};

#[test]
fn what_is_in_the_wake_of_another_fault_is_not_told() {
    refuses(
        &APIARY,
        "map -c=-20,20",
        expect![[r#"
            apiary map -c=-20,20
                       ^^^^^^^^^
            --center takes two words, each on its own

            try   apiary map -c -20 20
        "#]],
    );
    refuses(
        &APIARY,
        "map -center 0 0",
        expect![[r#"
        apiary map -center 0 0
                   ^^^^^^^
        -center is not an option here; --center is

        try   apiary map --center 0 0
    "#]],
    );
    refuses(
        &APIARY,
        "map A7 --center 5",
        expect![[r#"
            apiary map A7 --center 5 LON
                                     ___
            --center needs LAT LON after it; LON is missing

            like  apiary map A7 --center 5 LON
        "#]],
    );
    refuses(
        &APIARY,
        "map --center=x 2",
        expect![[r#"
            apiary map --center=x 2
                       ^^^^^^^^^^
            --center takes two words, each on its own

            like  apiary map --center LAT 2
        "#]],
    );
    refuses(
        &APIARY,
        "inspect --frmes 3 A7 B8",
        expect![[r#"
        apiary inspect --frmes 3 A7 B8
                       ^^^^^^^      ^^
                       1            2
        1  --frmes is not an option here; --frames is
        2  'B8' is one word too many for apiary inspect
    "#]],
    );
    refuses(
        &APIARY,
        "inspect A7 --frost 3 4",
        expect![[r#"
        apiary inspect A7 --frost 3 4
                          ^^^^^^^   ^
                          1         2
        1  --frost is not an option here
        2  '4' is one word too many for apiary inspect
    "#]],
    );
    refuses(
        &APIARY,
        "inspect A7 --jars 3 B8",
        expect![[r#"
        apiary inspect A7 --jars 3 B8
                          ^^^^^^   ^^
                          1        2
        1  --jars is not an option here; apiary harvest has it
        2  'B8' is one word too many for apiary inspect
    "#]],
    );
    refuses(
        &APIARY,
        "lable A7 --mail x",
        expect![[r#"
            apiary lable A7 --mail x
                   ^^^^^
            'lable' is not a command here; label is

            like  apiary label A7 --mail x --because TEXT --batch TEXT
        "#]],
    );
    refuses(
        &APIARY,
        "harvest A7 1 --jars many --barrel",
        expect![[r#"
            apiary harvest A7 1 --jars many --barrel
                                       ^^^^
            --jars takes a whole number; 'many' is not one
        "#]],
    );
    refuses(
        &APIARY,
        "label A7 --becuase x --batch y --nosuch",
        expect![[r#"
            apiary label A7 --becuase x --batch y --nosuch --mail TEXT
                            ^^^^^^^^^             ^^^^^^^^ ___________
                            1                     2        3
            1  --becuase is not an option here; --because is
            2  --nosuch is not an option here
            3  --mail is needed
        "#]],
    );
}

static SHORE: Named<String> = Named::new("shore");
static COAST: Command =
    Command::new("coast").takes(&[SHORE.param(), QUIET.param()]).commands(&[&MARK]);
static RUN: Operand<Vec<String>> = Operand::new("words").tail(Tail::AfterDashes);
static EACH: Command = Command::new("each").takes(&[HIVE.param(), BATCH.param(), RUN.param()]);

#[test]
fn what_is_missing_stands_at_its_place() {
    refuses(
        &COAST,
        "-q mark A7",
        expect![[r#"
            coast -q --shore TEXT mark A7
                     ____________
            --shore is needed

            like  coast -q --shore TEXT mark A7
        "#]],
    );
    refuses(
        &APIARY,
        "inspect -c --frames",
        expect![[r#"
            apiary inspect -c --frames COUNT HIVE
                                       _____ ____
                                       1     2
            1  --frames needs a whole number after it
            2  HIVE is missing

            like  apiary inspect -c --frames COUNT HIVE
        "#]],
    );
    refuses(
        &EACH,
        "-- echo",
        expect![[r#"
            each HIVE --batch TEXT -- echo
                 ____ ____________
                 1    2
            1  HIVE is missing
            2  --batch is needed

            like  each HIVE --batch TEXT -- echo
        "#]],
    );
}
