//! What a program says, read aloud: a row for each mistake, the words and all that comes back. And the
//! facts of a page, each said once.

use std::ffi::OsStr;
use std::num::NonZeroU8;
use std::path::PathBuf;

use clavret_core::{
    Attached, COMPLETIONS, Choice, Command, Flag, FromWord, HELP, Kind, Look, Misfit, Named, Offer,
    Operand, Outcome, Page, Tail, Tally, valid,
};
use expect_test::{Expect, expect};

use crate::demo::words;

#[derive(Debug)]
struct Code;

impl FromWord for Code {
    const KIND: &'static Kind<'static> = &Kind::new("a hive's code", "A7");

    fn from_word(word: &OsStr) -> Result<Self, Misfit> {
        match word.as_encoded_bytes() {
            [b'A'..=b'Z', b'0'..=b'9'] => Ok(Code),
            _ => Err(Misfit::new()),
        }
    }
}

#[derive(Debug, Clone, Copy)]
enum Queen {
    White,
    Red,
    Blue,
}

impl Choice for Queen {
    const OFFERS: &'static [Offer<'static>] = &[
        Offer::new("white").help("years ending in 1 or 6"),
        Offer::new("red"),
        Offer::new("blue"),
    ];
    const VALUES: &'static [Self] = &[Queen::White, Queen::Red, Queen::Blue];
}

static HIVE: Operand<Code> = Operand::new("hive").help("hive to inspect");
static FRAMES: Named<u8> = Named::new("frames")
    .letter('f')
    .placeholder("COUNT")
    .default("0")
    .valid(&valid::range(0, 20))
    .help("brood frames seen");
static TEMP: Named<Option<f64>> = Named::new("temp").letter('t').help("a number, in °C");
static CALM: Flag = Flag::new("calm").letter('c').opposite("restless").opposite_letter('r');
static DRONES: Flag = Flag::new("drones").letter('d');
static LOUD: Tally = Tally::new("v").throughout().help("say more");
static NOTE: Named<Vec<String>> = Named::new("note").letter('n').valid(&valid::length(3, 200));
static QUEEN: Named<Option<Queen>> = Named::new("queen").help("colour of the mark");
static OPEN: Named<bool> =
    Named::new("open").default("false").variable("APIARY_OPEN").help("it stands in the open");
static STAND: Named<Option<u8>> = Named::new("stand").valid(&valid::not_one_of(&[13]));
static BOX: Named<Option<u8>> = Named::new("box").valid(&valid::one_of(&[5, 10, 20]));
static PAIR: Named<Option<u8>> = Named::new("pair").valid(&valid::one_of(&[1, 2]));
static ONLY: Named<Option<u8>> = Named::new("only").valid(&valid::one_of(&[1]));
static GRAMS: Named<Option<i32>> = Named::new("grams").as_in_code().help("weight");
static BEES: Named<Option<u32>> =
    Named::new("bees").valid(&valid::range(1, u32::MAX)).help("counted, 1 or more");
static ROWS: Named<Option<NonZeroU8>> = Named::new("rows").help("rows of hives");
static LIST: Named<Option<PathBuf>> =
    Named::new("list").file().extensions(&["csv", "toml"]).help("file of hives");
static AT: Named<Option<(f64, f64)>> = Named::new("at").placeholder("LAT LON").help("where");
static SORT: Named<Vec<String>> =
    Named::new("sort").joined_by(',').times(0, 3).help("keys to sort by");
static INSPECT: Command = Command::new("inspect").summary("record an inspection").takes(&[
    HIVE.param(),
    FRAMES.param(),
    TEMP.param(),
    CALM.param(),
    DRONES.param(),
    NOTE.param(),
    QUEEN.param(),
    OPEN.param(),
    STAND.param(),
    BOX.param(),
    PAIR.param(),
    ONLY.param(),
    GRAMS.param(),
    BEES.param(),
    ROWS.param(),
    LIST.param(),
    AT.param(),
    SORT.param(),
]);
static MARK: Named<Attached<u8>> = Named::new("mark").letter('m').help("mark the queen");
static ADD: Command = Command::new("add").takes(&[HIVE.param(), MARK.param()]);
static HIVES: Command = Command::new("hive").commands(&[&ADD]);
static REST: Operand<Vec<String>> = Operand::new("words").tail(Tail::Raw);
static EACH: Command = Command::new("each").takes(&[REST.param()]);
static YARD: Named<Option<String>> = Named::new("yard").letter('y');
static APIARY: Command = Command::new("apiary")
    .version("1.2.3")
    .takes(&[YARD.param(), LOUD.param()])
    .commands(&[&HIVES, &INSPECT, &EACH, &HELP, &COMPLETIONS]);

/// A row for each of some lines: the line as it is echoed, behind a `$`, and all that is said of it but for
/// the head and the page, which are the same for all.
fn rows(lines: &[&str], expected: Expect) {
    let mut told = String::new();
    for line in lines {
        let Outcome::Faults(faults) = APIARY.read(words(line)) else { panic!("`{line}` reads") };
        let drawn = faults.draw(Look::PLAIN);
        let said =
            drawn.lines().skip(2).filter(|line| !line.is_empty() && !line.contains("  page  "));
        for (at, line) in said.enumerate() {
            told += &format!("{}{}\n", if at == 0 { "\n$" } else { " " }, &line[1..]);
        }
    }
    expected.assert_eq(&told);
}

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
              SHELL can only be bash here, not 'tcsh'
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

#[test]
fn a_page_says_each_fact_once() {
    let page = |line| match APIARY.read(words(line)) {
        Outcome::Page(path, length) => Page::of(&path, length).draw(Look::PLAIN),
        other => panic!("{other:?}"),
    };
    expect![[r#"
        apiary inspect   record an inspection

        usage      apiary inspect [options] HIVE

        operand    HIVE                  hive to inspect

        options    -f, --frames COUNT    brood frames seen: 0 to 20; 0 unless given
                   -t, --temp TEMP       a number, in °C
                   -c, --calm            the opposite is -r, --restless
                   -d, --drones
                   -n, --note NOTE       3 to 200 characters; may be given again
                       --queen QUEEN     colour of the mark
                                         white  years ending in 1 or 6
                                         red
                                         blue
                       --open OPEN       it stands in the open: yes or no; no unless
                                         given; or set $APIARY_OPEN
                       --stand STAND     any number but 13
                       --box BOX         5, 10 or 20
                       --pair PAIR       1 or 2
                       --only ONLY       1
                       --grams GRAMS     weight: a whole number; 0x1f and 1_000 are read
                                         too
                       --bees BEES       counted, 1 or more
                       --rows ROWS       rows of hives: a whole number, 1 or more
                       --list LIST       file of hives: ending in .csv or .toml
                       --at LAT LON      where: each a number
                       --sort SORT       keys to sort by; several may be joined by
                                         commas; up to three of them

        anywhere   -v                    say more; may be given again
                   -h, --help            -h for a short page, --help for all of it
    "#]]
    .assert_eq(&page("inspect --help"));
    expect![[r#"
        apiary inspect   record an inspection

        usage     apiary inspect [options] HIVE

        operand   HIVE                  hive to inspect

        options   -f, --frames COUNT    brood frames seen: 0 to 20; 0 unless given
                  -t, --temp TEMP       a number, in °C
                  -c, --calm            the opposite is -r, --restless
                  -d, --drones
                  -n, --note NOTE       3 to 200 characters; may be given again
                      --queen QUEEN     colour of the mark: white, red or blue
                      --open OPEN       it stands in the open: yes or no; no unless
                                        given; or set $APIARY_OPEN
                      --stand STAND     any number but 13
                      --box BOX         5, 10 or 20
                      --pair PAIR       1 or 2
                      --only ONLY       1

                  and eight more: apiary inspect --help
    "#]]
    .assert_eq(&page("inspect -h"));
}
