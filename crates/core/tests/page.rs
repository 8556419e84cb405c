//! Pages as they are shown, at the widths where their layout changes.

use clavret_core::{Command, Flag, Length, Look, Operand, Opt, Page, Path};
use expect_test::{Expect, expect};

use crate::demo::{ADD, APIARY, HIVES, INSPECT, MOVE};

#[track_caller]
fn shows(command: &Command<'static>, length: Length, width: usize, expected: Expect) {
    let path = Path::to(&APIARY, command).unwrap();
    expected.assert_eq(&Page::of(&path, length).draw(Look::PLAIN.width(width)));
}

#[test]
fn a_full_page_has_everything_in_the_gutter_layout() {
    shows(
        &INSPECT,
        Length::Full,
        100,
        expect![[r#"
            apiary inspect   record what an inspection found

            usage      apiary inspect [-c|-r] [-f COUNT] [-t DEGREES] [--note TEXT]... HIVE

            operand    HIVE                  hive to inspect, such as A7

            options    -c, --calm            the colony was calm; the opposite is -r, --restless
                       -f, --frames COUNT    brood frames seen: 0 to 20, and 0 unless given
                       -t, --temp DEGREES    temperature in °C
                                             Measured in the shade of the hive, not in the sun.

                                             Leave it out when in doubt.
                           --note TEXT       up to 2 times

            anywhere   -y, --yard DIR        folder of the logbook
                       -q, --quiet           say little
                       -v                    say more; may be repeated
                           --color WHEN      auto, always or never, and auto unless given
                       -h, --help            -h for a short page, --help for this one

            examples   apiary inspect A7 -cf6
                           a calm colony with six brood frames

            status     0  recorded
                       1  could not be recorded
                       2  the command line was refused
        "#]],
    );
    shows(
        &ADD,
        Length::Full,
        80,
        expect![[r#"
        apiary hive add   add a hive

        usage      apiary hive add --queen COLOR [-a LAT LON] CODE

        operand    CODE

        options        --queen COLOR    colour of the mark
                                        white  hatched in a year ending in 1 or 6
                                        blue   in 5 or 0
                   -a, --at LAT LON

        anywhere   -y, --yard DIR       folder of the logbook
                   -q, --quiet          say little
                   -v                   say more; may be repeated
                       --color WHEN     auto, always or never, and auto unless given
                   -h, --help           -h for a short page, --help for this one
    "#]],
    );
    shows(
        &APIARY,
        Length::Full,
        80,
        expect![[r#"
        apiary   the logbook of a bee yard

        usage      apiary COMMAND ...

        commands   hive                the hives of the yard
                   inspect             record what an inspection found
                   help                show the page of a command
                   completions         print the completion script for a shell

        anywhere   -y, --yard DIR      folder of the logbook
                   -q, --quiet         say little
                   -v                  say more; may be repeated
                       --color WHEN    auto, always or never, and auto unless given
                       --version       the version
                   -h, --help          -h for a short page, --help for this one
    "#]],
    );
}

#[test]
fn a_short_page_has_twelve_entries_and_says_how_many_more() {
    shows(
        &HIVES,
        Length::Short,
        80,
        expect![[r#"
        apiary hive   the hives of the yard

        usage      apiary hive COMMAND ...

        commands   add                 add a hive
                   move                weigh and move

        anywhere   -y, --yard DIR      folder of the logbook
                   -q, --quiet         say little
                   -v                  say more; may be repeated
                       --color WHEN    auto, always or never, and auto unless given
                   -h, --help          -h for this page, --help for all of it
    "#]],
    );
    static NAMES: [&str; 14] =
        ["a", "b", "c", "d", "e", "f", "g", "i", "j", "k", "l", "m", "n", "o"];
    let flags: [Flag; 14] = NAMES.map(Flag::new);
    let params: Vec<_> = flags.iter().map(Flag::param).collect();
    let root = Command::new("apiary").summary("many flags").takes(&params);
    expect![[r#"
        apiary   many flags

        usage     apiary [options]

        options   -a
                  -b
                  -c
                  -d
                  -e
                  -f
                  -g
                  -i
                  -j
                  -k
                  -l
                  -m

                  and 3 more: apiary --help
    "#]]
    .assert_eq(&Page::of(&Path::of(&root), Length::Short).draw(Look::PLAIN));
}

#[test]
fn narrow_pages_move_headings_up_and_then_help_below() {
    shows(
        &INSPECT,
        Length::Full,
        60,
        expect![[r#"
            apiary inspect   record what an inspection found

            usage
              apiary inspect [-c|-r] [-f COUNT] [-t DEGREES]
                             [--note TEXT]... HIVE

            operand
              HIVE                  hive to inspect, such as A7

            options
              -c, --calm            the colony was calm; the opposite is
                                    -r, --restless
              -f, --frames COUNT    brood frames seen: 0 to 20, and 0
                                    unless given
              -t, --temp DEGREES    temperature in °C
                                    Measured in the shade of the hive,
                                    not in the sun.

                                    Leave it out when in doubt.
                  --note TEXT       up to 2 times

            anywhere
              -y, --yard DIR        folder of the logbook
              -q, --quiet           say little
              -v                    say more; may be repeated
                  --color WHEN      auto, always or never, and auto
                                    unless given
              -h, --help            -h for a short page, --help for this
                                    one

            examples
              apiary inspect A7 -cf6
                  a calm colony with six brood frames

            status
              0  recorded
              1  could not be recorded
              2  the command line was refused
        "#]],
    );
    shows(
        &INSPECT,
        Length::Full,
        40,
        expect![[r#"
            apiary inspect   record what an
                             inspection found

            usage
              apiary inspect [-c|-r] [-f COUNT]
                             [-t DEGREES]
                             [--note TEXT]... HIVE

            operand
              HIVE
                  hive to inspect, such as A7

            options
              -c, --calm
                  the colony was calm; the opposite
                  is -r, --restless
              -f, --frames COUNT
                  brood frames seen: 0 to 20, and 0
                  unless given
              -t, --temp DEGREES
                  temperature in °C
                  Measured in the shade of the hive,
                  not in the sun.

                  Leave it out when in doubt.
              --note TEXT
                  up to 2 times

            anywhere
              -y, --yard DIR
                  folder of the logbook
              -q, --quiet
                  say little
              -v  say more; may be repeated
              --color WHEN
                  auto, always or never, and auto
                  unless given
              -h, --help
                  -h for a short page, --help for
                  this one

            examples
              apiary inspect A7 -cf6
                  a calm colony with six brood
                  frames

            status
              0  recorded
              1  could not be recorded
              2  the command line was refused
        "#]],
    );
    shows(
        &MOVE,
        Length::Full,
        20,
        expect![[r#"
            apiary hive move
              weigh and move

            usage
              apiary hive move
                  WEIGHT...
                  ROW COLUMN

            operands
              WEIGHT
                  up to 3 of
                  them
              ROW COLUMN

            anywhere
              -y, --yard DIR
                  folder of the
                  logbook
              -q, --quiet
                  say little
              -v  say more; may
                  be repeated
              --color WHEN
                  auto, always
                  or never, and
                  auto unless
                  given
              -h, --help
                  -h for a short
                  page, --help
                  for this one
        "#]],
    );
}

#[test]
fn long_names_and_wide_characters_keep_their_columns() {
    static LONG: Opt<Option<String>> =
        Opt::new("a-name-that-is-rather-long").placeholder("蜂箱").help("stands on its own line");
    static WIDE: Operand<Option<String>> =
        Operand::new("hive").placeholder("蜂箱").help("the help begins in its column");
    static TAKEN: Flag = Flag::new("help").help("a help of the program's own");
    static ROOT: Command =
        Command::new("apiary").takes(&[LONG.param(), WIDE.param(), TAKEN.param()]);
    expect![[r#"
        apiary

        usage      apiary [--a-name-that-is-rather-long 蜂箱] [--help] [蜂箱]

        operand    蜂箱          the help begins in its column

        options        --a-name-that-is-rather-long 蜂箱
                                 stands on its own line
                       --help    a help of the program's own

        anywhere   -h            -h for a short page, --help for this one
    "#]]
    .assert_eq(&Page::of(&Path::of(&ROOT), Length::Full).draw(Look::PLAIN));
}
