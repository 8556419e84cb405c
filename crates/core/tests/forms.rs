//! The forms that a declaration may ask for beyond the plain ones: what reads, as which values, and
//! what is said of what does not.

use std::collections::BTreeMap;
use std::ffi::OsString;

use clavret_core::look::Look;
use clavret_core::{
    Abbreviated, Attached, Command, Flag, Named, Operand, Outcome, Reading, Tail, Tally,
};
use expect_test::{Expect, expect};

use super::offered::candidates;
use crate::demo::words;

/// The reading of a line, as its table: name, value, origin.
#[track_caller]
pub(crate) fn reads(root: &'static Command<'static>, line: &str) -> Reading<'static> {
    match root.read(words(line)) {
        Outcome::Reading(reading) => reading,
        Outcome::Faults(faults) => panic!("`{line}`: {}", faults.draw(Look::PLAIN)),
        _ => panic!("`{line}` is no reading"),
    }
}

/// What is said of a line between the head and the page that tells more, outdented.
#[track_caller]
pub(crate) fn refuses(root: &'static Command<'static>, line: &str, expected: Expect) {
    match root.read(words(line)) {
        Outcome::Faults(faults) => {
            let drawn = faults.draw(Look::PLAIN);
            let lines = drawn.lines().skip(2).filter(|line| !line.starts_with("  page"));
            let lines: Vec<&str> = lines.map(|line| line.get(2..).unwrap_or_default()).collect();
            expected.assert_eq(&(lines.join("\n").trim_end().to_owned() + "\n"));
        }
        other => panic!("`{line}` gave {other:?}"),
    }
}

static FRAMES: Named<Option<u8>> = Named::new("frames").letter('f');
static FROST: Flag = Flag::new("frost").letter('o').opposite("frostless");
static QUIET: Flag = Flag::new("quiet").throughout();
static LIST: Command = Command::new("list").takes(&[FRAMES.param(), FROST.param()]);
static LISTEN: Command = Command::new("listen");
static ADD: Command = Command::new("add");
static SHORTENED: Command = Command::new("apiary")
    .version("1.0")
    .abbreviations(Abbreviated::Both)
    .takes(&[QUIET.param()])
    .commands(&[&ADD, &LIST, &LISTEN]);

#[test]
fn beginnings_read_where_only_one_name_begins_so() {
    let reading = reads(&SHORTENED, "list --fra 3 --frost --q");
    assert_eq!((*reading.get(&FRAMES), *reading.get(&FROST)), (Some(3), true));
    assert!(reads(&SHORTENED, "a --qui").is(&ADD));
    // An exact name is one, though another begins with it.
    assert!(reads(&SHORTENED, "list").is(&LIST));
    let Outcome::Request(asked) = SHORTENED.read(&["a", "--vers"]) else { panic!() };
    assert_eq!(asked.text(Look::PLAIN), "apiary 1.0\n");
    refuses(
        &SHORTENED,
        "lis",
        expect![[r#"
            apiary lis
                   ^^^
            lis could be list or listen
        "#]],
    );
    refuses(
        &SHORTENED,
        "list --f 3",
        expect![[r#"
            apiary list --f 3
                        ^^^
            --f could be --frames, --frost or --frostless
        "#]],
    );
    // Without the switch no beginning reads; the nearest name is offered instead.
    refuses(
        &YARDS,
        "hiv",
        expect![[r#"
            apiary hiv
                   ^^^
            'hiv' is not a command here; hive is

            try   apiary hive
        "#]],
    );
}

static HIVE_LIST: Command = Command::new("list").takes(&[FRAMES.param(), CODES.param()]);
static CODES: Operand<Vec<String>> = Operand::new("code");
static HIVE: Command =
    Command::new("hive").commands(&[&ADD, &HIVE_LIST]).default_command(&HIVE_LIST);
static YARDS: Command = Command::new("apiary").takes(&[QUIET.param()]).commands(&[&HIVE, &ACTS]);
static ACTS: Command =
    Command::new("act").acts().takes(&[FROST.param()]).commands(&[&ADD, &LISTEN]);

#[test]
fn a_command_may_act_by_itself_or_have_a_default_subcommand() {
    for line in ["hive", "hive list", "hive --frames 3", "hive -f3", "--quiet hive --quiet"] {
        assert!(reads(&YARDS, line).is(&HIVE_LIST), "{line}");
    }
    assert_eq!(reads(&YARDS, "hive A7 add").get(&CODES), &["A7", "add"]);
    assert_eq!(reads(&YARDS, "hive -- add").get(&CODES), &["add"]);
    assert!(reads(&YARDS, "hive add").is(&ADD));
    assert!(reads(&YARDS, "act --frost").is(&ACTS) && reads(&YARDS, "act add").is(&ADD));
    refuses(
        &YARDS,
        "act ad",
        expect![[r#"
            apiary act ad
                       ^^
            'ad' is not a command here; add is

            try   apiary act add
        "#]],
    );
    refuses(
        &YARDS,
        "hive --frost",
        expect![[r#"
            apiary hive --frost
                        ^^^^^^^
            --frost is not an option here; apiary act has it
        "#]],
    );
}

static PROGRAM: Operand<OsString> = Operand::new("cmd");
static WORDS: Operand<Vec<OsString>> = Operand::new("words").tail(Tail::Raw);
static RUN_EACH: Command =
    Command::new("run-each").takes(&[FROST.param(), PROGRAM.param(), WORDS.param()]);
static BEHIND: Operand<Vec<String>> = Operand::new("rest").tail(Tail::AfterDashes);
static PART: Command = Command::new("part").takes(&[FROST.param(), CODES.param(), BEHIND.param()]);
static OTHERS: Operand<Vec<String>> = Operand::new("others").tail(Tail::UnknownOptions);
static WRAP: Command = Command::new("wrap").takes(&[FROST.param(), CODES.param(), OTHERS.param()]);
static POSIX: Command =
    Command::new("posix").operands_end_options().takes(&[FROST.param(), CODES.param()]);

#[test]
fn tails_take_words_that_are_not_read_as_others() {
    let raw = |line| {
        let reading = reads(&RUN_EACH, line);
        let all: Vec<_> = reading.get(&WORDS).iter().map(|word| word.to_str().unwrap()).collect();
        format!("{} {:?}: {}", reading.get(&FROST), reading.get(&PROGRAM), all.join(" "))
    };
    assert_eq!(raw("-o echo -o --frost -- x"), r#"true "echo": -o --frost -- x"#);
    assert_eq!(raw("-- -o -- -o"), r#"false "-o": -- -o"#);
    assert_eq!(raw("echo"), r#"false "echo": "#);

    let parted = reads(&PART, "A7 -o B1 -- C1 -o --");
    assert_eq!(
        (parted.get(&CODES).join(" "), parted.get(&BEHIND).join(" ")),
        ("A7 B1".into(), "C1 -o --".into())
    );
    let kept = reads(&WRAP, "--frost -z A7 -oz --colour=blue -o -- -q");
    assert_eq!(kept.get(&OTHERS), &["-z", "-oz", "--colour=blue"]);
    assert_eq!((kept.get(&CODES).join(" "), kept.times_typed(&FROST)), ("A7 -q".into(), 2));
    assert_eq!(reads(&POSIX, "-o A7 -o -- B1").get(&CODES), &["A7", "-o", "--", "B1"]);
    refuses(
        &RUN_EACH,
        "-x",
        expect![[r#"
            run-each -x CMD
                     ^^ ___
                     1  2
            1  -x is not an option here
            2  CMD is missing
        "#]],
    );
}

static COLOR: Named<Attached<String>> = Named::new("color").letter('c').placeholder("WHEN");
static NAMES: Named<Vec<String>> = Named::new("name").joined_by(',').distinct();
static WITHOUT: Named<Vec<String>> = Named::new("without");
static TAGS: Named<BTreeMap<String, u8>> = Named::new("tag");
static CALM: Flag<Option<bool>> = Flag::new("calm").opposite("restless").worded();
static ONCE: Named<Option<u8>> = Named::new("once").letter('1').once();
static LOUD: Tally = Tally::new("v");
static SHAPES: Command = Command::new("shapes").takes(&[
    COLOR.param(),
    NAMES.param(),
    WITHOUT.param(),
    TAGS.param(),
    CALM.param(),
    ONCE.param(),
    LOUD.param(),
]);

#[test]
fn a_value_may_be_attached_or_left_out() {
    let color = |line| reads(&SHAPES, line).take(&COLOR);
    assert_eq!(color(""), Attached::Absent);
    assert_eq!(color("--color=always --color"), Attached::Bare);
    assert_eq!(color("-vc --color="), Attached::Value(String::new()));
    // What follows a letter in its word is the value, as with any other option.
    assert_eq!(color("-cnever"), Attached::Value("never".to_owned()));
    assert_eq!(color("-vcv"), Attached::Value("v".to_owned()));
    assert_eq!(color("-c=never"), Attached::Value("=never".to_owned()));
    assert_eq!(color("-cnever -vc"), Attached::Bare);
    refuses(
        &SHAPES,
        "--color never",
        expect![[r#"
            shapes --color never
                           ^^^^^
            'never' is one word too many for shapes

            try   shapes --color=never
        "#]],
    );
    assert_eq!(candidates(&SHAPES, &["--color"], "--on"), ["--once"]);
}

#[test]
fn one_word_may_hold_several_values() {
    let names = |line| reads(&SHAPES, line).take(&NAMES);
    assert_eq!(names(r"--name a,b\,c --name=d\\,\e"), ["a", "b,c", r"d\", r"\e"]);
    assert_eq!(names("--name a,,b"), ["a", "", "b"]);
    static WHEN: Named<Vec<clavret_core::look::When>> =
        Named::new("when").joined_by(',').times(0, 3);
    static SPLIT: Command = Command::new("split").takes(&[WHEN.param()]);
    assert_eq!(candidates(&SPLIT, &["--when"], "never,a"), ["never,auto", "never,always"]);
    refuses(
        &SPLIT,
        "--when never,auto --when auto,aways",
        expect![[r#"
            split --when never,auto --when auto,aways
                                                ^^^^^
                                                1
                                                ^^^^^
                                                2
            1  --when takes at most three, not four
            2  --when takes auto, always or never; 'aways' is not among them
        "#]],
    );
    refuses(
        &SHAPES,
        "--name a,b --name c,a",
        expect![[r#"
            shapes --name a,b --name c,a
                                       ^
            --name takes each value once; 'a' is there twice

            try   shapes --name a,b --name c
        "#]],
    );
    refuses(
        &SHAPES,
        "--name a,b,a",
        expect![[r#"
            shapes --name a,b,a
                              ^
            --name takes each value once; 'a' is there twice

            try   shapes --name a,b
        "#]],
    );
}

#[test]
fn entries_become_a_map_and_the_last_of_a_key_wins() {
    let tags = reads(&SHAPES, "--tag a=1 --tag=b=2 --tag a=3").take(&TAGS);
    assert_eq!(tags, BTreeMap::from([("a".into(), 3), ("b".into(), 2)]));
    refuses(
        &SHAPES,
        "--tag a --tag a=x",
        expect![[r#"
            shapes --tag a --tag a=x
                         ^       ^^^
            --tag takes a key and a value with = between them, such as text=3; 'a' and
            'a=x' do not fit

            like  shapes --tag KEY=VALUE --tag KEY=VALUE
        "#]],
    );
}

#[test]
fn a_flag_may_be_unset_and_may_say_which_in_a_word() {
    let calm = |line| reads(&SHAPES, line).take(&CALM);
    assert_eq!([calm(""), calm("--calm"), calm("--restless")], [None, Some(true), Some(false)]);
    assert_eq!([calm("--calm=no"), calm("--restless=off")], [Some(false), Some(true)]);
    assert_eq!(calm("--calm=no --calm"), Some(true));
    refuses(
        &SHAPES,
        "--calm=maybe",
        expect![[r#"
            shapes --calm=maybe
                          ^^^^^
            --calm takes yes or no; 'maybe' is neither

            like  shapes --calm=WORD
        "#]],
    );
}

#[test]
fn what_may_be_given_once_is_refused_again() {
    refuses(
        &SHAPES,
        "--once 1 -v -11",
        expect![[r#"
            shapes --once 1 -v -11
                               ^^
            --once may be given only once
        "#]],
    );
    refuses(
        &SHAPES,
        "-v1 1 -1 2 -13",
        expect![[r#"
            shapes -v1 1 -1 2 -13
                         ^^
            --once may be given only once
        "#]],
    );
}

#[test]
fn occurrences_are_told_in_the_order_typed() {
    let reading = reads(&SHAPES, "--name a,b -v --without x --color --calm=no --name c -1 2");
    let told: Vec<String> = reading
        .occurrences()
        .map(|typed| format!("{} {:?}", typed.param().name(), typed.values()))
        .collect();
    assert_eq!(
        told,
        [
            "name 0..2",
            "v 0..1",
            "without 0..1",
            "color 0..1",
            "calm 0..1",
            "name 2..3",
            "once 0..1"
        ]
    );
}

#[test]
fn a_reading_prints_as_a_table_and_serialises() {
    let reading = reads(&SHAPES, "--name a,b~c --tag k=1 --restless -vv -1 7");
    expect![[r#"
        shapes
          --color             -
          --name     a 'b c'  word 2
          --without           -
          --tag      k=1      word 4
          --calm     off      word 5
          --once     7        word 8
          -v         2        word 6"#]]
    .assert_eq(&format!("{reading:?}"));
    let json = serde_json::to_string_pretty(&reading).unwrap();
    expect![[r#"
        {
          "command": [
            "shapes"
          ],
          "values": {
            "--color": null,
            "--name": [
              "a",
              "b c"
            ],
            "--without": [],
            "--tag": {
              "k": 1
            },
            "--calm": false,
            "--once": 7,
            "-v": 2
          },
          "origins": {
            "--name": "word 2",
            "--tag": "word 4",
            "--calm": "word 5",
            "--once": "word 8",
            "-v": "word 6"
          }
        }"#]]
    .assert_eq(&json);
}
