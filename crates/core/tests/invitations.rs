//! What is offered under `try` and `like`, and what is not: a line that is copied without thought must
//! not harm. Each line stands beside all that is said of it.

use std::ffi::OsStr;

use clavret_core::{
    Command, Flag, FromWord, Kind, Named, Objection, Operand, Reading, Refusal, Rule, Tail, valid,
};
use expect_test::expect;

use crate::forms::refuses;

#[derive(Debug)]
pub(crate) struct Code;

impl FromWord for Code {
    const KIND: &'static Kind<'static> = &Kind::new("a hive's code", "A7");

    fn from_word(word: &OsStr) -> Result<Self, Refusal> {
        match word.as_encoded_bytes() {
            [b'A'..=b'Z', b'0'..=b'9'] => Ok(Code),
            _ => Err(Refusal::new()),
        }
    }
}

pub(crate) static HIVE: Operand<Code> = Operand::new("hive");
static FRAMES: Named<Option<u8>> = Named::new("frames").letter('f').placeholder("COUNT");
static CALM: Flag = Flag::new("calm").letter('c').opposite("restless").opposite_letter('r');
pub(crate) static QUIET: Flag = Flag::new("quiet").letter('q').throughout();
static NOTE: Named<Option<String>> = Named::new("note").letter('n');
static INSPECT: Command =
    Command::new("inspect").takes(&[HIVE.param(), FRAMES.param(), CALM.param(), NOTE.param()]);
static PLACE: Operand<String> = Operand::new("place");
static MOVE: Command = Command::new("move").takes(&[HIVE.param(), PLACE.param()]);
static FREE: Command = Command::new("free").takes(&[PLACE.param()]);
static REMOVE: Command = Command::new("remove").aliases(&["drop"]).takes(&[HIVE.param()]);
pub(crate) static MARK: Command = Command::new("mark").takes(&[HIVE.param()]);
static HIVES: Command = Command::new("hive").commands(&[&REMOVE, &MARK]);
static QUEENS: Command = Command::new("queen").commands(&[&REMOVE]);
static VISITS: Command = Command::new("visit").commands(&[&REMOVE]);
static KILOGRAMS: Operand<Vec<f64>> = Operand::new("kilograms").times(1, 20);
static JARS: Named<Option<u32>> = Named::new("jars").letter('j');
static BARREL: Flag = Flag::new("barrel");
static HARVEST: Command = Command::new("harvest")
    .takes(&[HIVE.param(), KILOGRAMS.param(), JARS.param(), BARREL.param()])
    .rules(&[Rule::only_one(&[JARS.param(), BARREL.param()])]);
static HEAT: Named<Option<u8>> = Named::new("heat").deprecated("--temp");
static TEMP: Named<Option<u8>> = Named::new("temp").formerly(&["haste"]);
static WARM: Command = Command::new("warm").takes(&[HEAT.param(), TEMP.param()]);
static CENTER: Named<Option<(f64, f64)>> = Named::new("center").letter('c').placeholder("LAT LON");
static SITE: Operand<Option<Code>> = Operand::new("site");
static MAP: Command = Command::new("map").takes(&[CENTER.param(), SITE.param()]);
static FIRST: Named<Option<u8>> = Named::new("n");
static ALL: Flag = Flag::new("a");
static HEAD: Command = Command::new("head").takes(&[FIRST.param(), ALL.param(), SITE.param()]);
static BECAUSE: Named<String> = Named::new("because");
pub(crate) static BATCH: Named<String> = Named::new("batch");
static MAIL: Named<String> = Named::new("mail");
static LABEL: Command =
    Command::new("label").takes(&[HIVE.param(), BECAUSE.param(), BATCH.param(), MAIL.param()]);
pub(crate) static APIARY: Command = Command::new("apiary").takes(&[QUIET.param()]).commands(&[
    &INSPECT, &MOVE, &FREE, &HIVES, &QUEENS, &VISITS, &HARVEST, &WARM, &MAP, &HEAD, &LABEL,
]);

static HOST: Operand<String> = Operand::new("host");
static COMMAND: Operand<Vec<String>> = Operand::new("command");
static VISIT_BY: Command = Command::new("visit-by").takes(&[HOST.param(), COMMAND.param()]);

#[test]
fn no_word_changes_its_meaning() {
    refuses(
        &VISIT_BY,
        "-x h",
        expect![[r#"
        visit-by -x h
                 ^^
        -x is not an option here
    "#]],
    );
    refuses(
        &VISIT_BY,
        "h -x",
        expect![[r#"
            visit-by h -x
                       ^^
            -x is not an option here
        "#]],
    );
    refuses(
        &APIARY,
        "inspect --frmes 3 A7",
        expect![[r#"
        apiary inspect --frmes 3 A7
                       ^^^^^^^
        --frmes is not an option here; --frames is

        try   apiary inspect --frames 3 A7
    "#]],
    );
    refuses(
        &APIARY,
        "inspect A7 -- -f6",
        expect![[r#"
        apiary inspect A7 -- -f6
                             ^^^
        '-f6' is one word too many for apiary inspect
    "#]],
    );
    refuses(
        &APIARY,
        "inspect -- A7 -q",
        expect![[r#"
        apiary inspect -- A7 -q
                             ^^
        '-q' is one word too many for apiary inspect
    "#]],
    );
    refuses(
        &APIARY,
        "inspect A7 -f -c",
        expect![[r#"
            apiary inspect A7 -f -c
                                 ^^
            --frames takes a whole number; '-c' is an option here

            like  apiary inspect A7 -f COUNT -c
        "#]],
    );
    refuses(
        &APIARY,
        "inspect -f -- A7",
        expect![[r#"
            apiary inspect -f -- A7
                              ^^
            --frames takes a whole number; '--' is not one

            like  apiary inspect -f COUNT -- A7
        "#]],
    );
    refuses(
        &APIARY,
        "head -n -a 3",
        expect![[r#"
            apiary head -n -a 3
                           ^^
            -n takes a whole number; '-a' is an option here
        "#]],
    );
    refuses(
        &APIARY,
        "inspect A7 -fc 6",
        expect![[r#"
            apiary inspect A7 -fc 6
                                ^
            --frames takes a whole number; 'c' is not one

            try   apiary inspect A7 -cf 6
        "#]],
    );
    refuses(
        &APIARY,
        "--calm=no inspect A7 -cf6",
        expect![[r#"
        apiary --calm=no inspect A7 -cf6
               ^^^^^^
        --calm is not an option here; apiary inspect has it
    "#]],
    );
    refuses(
        &APIARY,
        "inspect=A7 -cf6",
        expect![[r#"
            apiary inspect=A7 -cf6
                   ^^^^^^^^^^
            'inspect=A7' is not a command here; inspect, move, free, hive, queen, visit,
            harvest, warm, and three more are
        "#]],
    );
    refuses(
        &APIARY,
        "inspect A7 -fcq",
        expect![[r#"
            apiary inspect A7 -fcq
                                ^^
            --frames takes a whole number; 'cq' is not one

            like  apiary inspect A7 -cqf COUNT
        "#]],
    );
    static WORDS: Operand<Vec<String>> = Operand::new("words").tail(Tail::Raw);
    static RUN: Command = Command::new("run").takes(&[PLACE.param(), WORDS.param()]);
    static ROOT: Command = Command::new("apiary").commands(&[&RUN]);
    refuses(
        &ROOT,
        "-c run echo hello",
        expect![[r#"
        apiary -c run echo hello
               ^^
        -c is not an option here
    "#]],
    );
}

#[test]
fn where_several_would_do_they_are_named_and_none_is_offered() {
    refuses(
        &APIARY,
        "remove A7",
        expect![[r#"
        apiary remove A7
               ^^^^^^
        'remove' is not a command here; hive, queen and visit have remove
    "#]],
    );
    refuses(
        &APIARY,
        "mark A7",
        expect![[r#"
        apiary mark A7
               ^^^^
        'mark' is not a command here; hive has mark

        try   apiary hive mark A7
    "#]],
    );
    refuses(
        &APIARY,
        "harvest A7 1 --jars 6 --barrel",
        expect![[r#"
        apiary harvest A7 1 --jars 6 --barrel
                            ^^^^^^   ^^^^^^^^
        only one of --jars and --barrel can be given
    "#]],
    );
    static LEFT: Flag = Flag::new("lift");
    static LOFT: Flag = Flag::new("loft");
    static LOOK: Command = Command::new("look").takes(&[LEFT.param(), LOFT.param()]);
    refuses(
        &LOOK,
        "--left",
        expect![[r#"
        look --left
             ^^^^^^
        --left is not an option here; --lift and --loft are
    "#]],
    );
    refuses(
        &APIARY,
        "warm --haet 3",
        expect![[r#"
        apiary warm --haet 3
                    ^^^^^^
        --haet is not an option here
    "#]],
    );
}

#[test]
fn nothing_that_was_typed_is_left_out() {
    refuses(
        &APIARY,
        "inspect A7 A8",
        expect![[r#"
        apiary inspect A7 A8
                          ^^
        'A8' is one word too many for apiary inspect
    "#]],
    );
    refuses(
        &APIARY,
        "free A7 B8",
        expect![[r#"
        apiary free A7 B8
                       ^^
        'B8' is one word too many for apiary free
    "#]],
    );
    let many = (1..=21).map(|n| n.to_string()).collect::<Vec<_>>().join(" ");
    refuses(
        &APIARY,
        &format!("harvest A7 {many}"),
        expect![[r#"
        apiary harvest A7 1 2 3 4 5 6 7 8 9 10 11 12 13 14 15 16 17 18 19 20 21
                                                                             ^^
        KILOGRAMS takes at most 20, not 21
    "#]],
    );
    refuses(
        &APIARY,
        "inspect A7 --calm=no",
        expect![[r#"
            apiary inspect A7 --calm=no
                                    ^^^
            --calm takes no value; the opposite is --restless

            try   apiary inspect A7 --restless
        "#]],
    );
    refuses(
        &APIARY,
        "inspect A7 --restless=no --calm=yes",
        expect![[r#"
        apiary inspect A7 --restless=no --calm=yes
                                    ^^^       ^^^^
        --restless and --calm take no value

        try   apiary inspect A7 --calm --calm
    "#]],
    );
    refuses(
        &APIARY,
        "inspect A7 --quiet=no",
        expect![[r#"
        apiary inspect A7 --quiet=no
                                 ^^^
        --quiet takes no value
    "#]],
    );
    refuses(
        &APIARY,
        "inspect A7 --restles=no",
        expect![[r#"
        apiary inspect A7 --restles=no
                          ^^^^^^^^^
        --restles is not an option here; --restless is

        try   apiary inspect A7 --calm
    "#]],
    );
    refuses(
        &APIARY,
        "inspect A7 --calm=x",
        expect![[r#"
            apiary inspect A7 --calm=x
                                    ^^
            --calm takes no value; the opposite is --restless
        "#]],
    );
}

#[test]
fn surplus_words_behind_a_text_become_one_text_with_it() {
    refuses(
        &APIARY,
        "move A7 the old orchard",
        expect![[r#"
        apiary move A7 the old orchard
                           ^^^ ^^^^^^^
        'old' and 'orchard' are two words too many for apiary move

        try   apiary move A7 'the old orchard'
    "#]],
    );
    refuses(
        &APIARY,
        "inspect A7 --note=very calm, today",
        expect![[r#"
        apiary inspect A7 --note=very calm, today
                                      ^^^^^ ^^^^^
        'calm,' and 'today' are two words too many for apiary inspect

        try   apiary inspect A7 '--note=very calm, today'
    "#]],
    );
    refuses(
        &APIARY,
        "inspect A7 --note 3 frames of brood -q",
        expect![[r#"
        apiary inspect A7 --note 3 frames of brood -q
                                   ^^^^^^ ^^ ^^^^^
        'frames', 'of' and 'brood' are three words too many for apiary inspect

        try   apiary inspect A7 --note '3 frames of brood' -q
    "#]],
    );
    refuses(
        &APIARY,
        "move A7 orchard hive",
        expect![[r#"
        apiary move A7 orchard hive
                               ^^^^
        'hive' is one word too many for apiary move
    "#]],
    );
    refuses(
        &APIARY,
        "mark A7 orchard",
        expect![[r#"
        apiary mark A7 orchard
               ^^^^
        'mark' is not a command here; hive has mark
    "#]],
    );
    refuses(
        &APIARY,
        "move A7 orchard B8",
        expect![[r#"
        apiary move A7 orchard B8
                               ^^
        'B8' is one word too many for apiary move
    "#]],
    );
}

static SINCE: Named<u16> = Named::new("since").default("2000");
static UNTIL: Named<u16> = Named::new("until").default("2100").valid(&valid::range(1900, 2100));
static REPORT: Command = Command::new("report")
    .takes(&[SINCE.param(), UNTIL.param(), QUIET.param()])
    .judged_by(&in_order);

fn in_order(reading: &Reading<'_>) -> Result<(), Objection> {
    match reading.get(&SINCE) <= reading.get(&UNTIL) {
        true => Ok(()),
        false => Err(Objection::new("it ends before it begins").about(&SINCE)),
    }
}

#[test]
fn a_line_that_is_offered_passes_the_programs_own_test() {
    refuses(
        &REPORT,
        "--since 2026 --untill 2025",
        expect![[r#"
        report --since 2026 --untill 2025
                            ^^^^^^^^
        --untill is not an option here; --until is
    "#]],
    );
    refuses(
        &REPORT,
        "--since 2026 --untill 2027",
        expect![[r#"
        report --since 2026 --untill 2027
                            ^^^^^^^^
        --untill is not an option here; --until is

        try   report --since 2026 --until 2027
    "#]],
    );
    refuses(
        &REPORT,
        "--since 2026 --until 3000",
        expect![[r#"
            report --since 2026 --until 3000
                                        ^^^^
            --until takes a whole number from 1900 to 2100; '3000' is above that

            like  report --since 2026 --until NUMBER
        "#]],
    );
}
