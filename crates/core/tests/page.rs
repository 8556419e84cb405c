//! Pages as they are shown, at the widths where their layout changes.

use clavret_core::ask::CommandPath;
use clavret_core::look::Look;
use clavret_core::medium::{Page, PageLength};
use clavret_core::{Bundle, Command, Flag, Named, Operand, Outcome, Package, Rule};
use expect_test::{Expect, expect};

use crate::demo::{ADD, APIARY, HIVES, INSPECT, MOVE};

#[track_caller]
fn shows(command: &Command<'static>, length: PageLength, width: usize, expected: Expect) {
    let path = CommandPath::to(&APIARY, command).unwrap();
    expected.assert_eq(&Page::of(&path, length).draw(Look::PLAIN.width(width)));
}

#[test]
fn a_full_page_has_everything_in_the_gutter_layout() {
    shows(
        &INSPECT,
        PageLength::Full,
        100,
        expect![[r#"
            apiary inspect   record what an inspection found

            usage      apiary inspect [-c|-r] [-f COUNT] [-t DEGREES] [--note TEXT]... HIVE

            operand    HIVE                  hive to inspect, such as A7

            options    -c, --calm            the colony was calm; the opposite is -r, --restless
                       -f, --frames COUNT    brood frames seen: 0 to 20; 0 unless given
                       -t, --temp DEGREES    temperature in °C: a number
                                             Measured in the shade of the hive, not in the sun.

                                             Leave it out when in doubt.
                           --note TEXT       up to two times

            anywhere   -y, --yard DIR        folder of the logbook
                       -q, --quiet           say little
                       -v                    say more; may be given again
                           --color WHEN      auto, always or never; auto unless given
                       -h, --help            show this page

            examples   apiary inspect A7 -cf6
                           a calm colony with six brood frames

            status     0  recorded
                       1  could not be recorded
                       2  the command line was refused
        "#]],
    );
    shows(
        &ADD,
        PageLength::Full,
        80,
        expect![[r#"
            apiary hive add   add a hive

            usage      apiary hive add --queen COLOR [-a LAT LON] CODE

            operand    CODE

            options        --queen COLOR    colour of the mark
                                            white  hatched in a year ending in 1 or 6
                                            blue   in 5 or 0
                       -a, --at LAT LON     each a number

            anywhere   -y, --yard DIR       folder of the logbook
                       -q, --quiet          say little
                       -v                   say more; may be given again
                           --color WHEN     auto, always or never; auto unless given
                       -h, --help           show this page
        "#]],
    );
    shows(
        &APIARY,
        PageLength::Full,
        80,
        expect![[r#"
            apiary   the logbook of a bee yard

            usage      apiary COMMAND [...]

            commands   hive                the hives of the yard
                       inspect             record what an inspection found
                       help                show the page of a command
                       completions         print the completion script for a shell

            anywhere   -y, --yard DIR      folder of the logbook
                       -q, --quiet         say little
                       -v                  say more; may be given again
                           --color WHEN    auto, always or never; auto unless given
                           --version       the version
                       -h, --help          show this page
        "#]],
    );
}

#[test]
fn a_short_page_has_twelve_entries_and_says_how_many_more() {
    shows(
        &HIVES,
        PageLength::Short,
        80,
        expect![[r#"
            apiary hive   the hives of the yard

            usage      apiary hive COMMAND [...]

            commands   add                 add a hive
                       move                weigh and move

            anywhere   -y, --yard DIR      folder of the logbook
                       -q, --quiet         say little
                       -v                  say more; may be given again
                           --color WHEN    auto, always or never; auto unless given
                       -h, --help          show this page

                       full page: apiary hive --help
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

                  and three more: apiary --help
    "#]]
    .assert_eq(&Page::of(&CommandPath::of(&root), PageLength::Short).draw(Look::PLAIN));
}

#[test]
fn narrow_pages_move_headings_up_and_then_help_below() {
    shows(
        &INSPECT,
        PageLength::Full,
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
              -f, --frames COUNT    brood frames seen: 0 to 20; 0 unless
                                    given
              -t, --temp DEGREES    temperature in °C: a number
                                    Measured in the shade of the hive,
                                    not in the sun.

                                    Leave it out when in doubt.
                  --note TEXT       up to two times

            anywhere
              -y, --yard DIR        folder of the logbook
              -q, --quiet           say little
              -v                    say more; may be given again
                  --color WHEN      auto, always or never; auto unless
                                    given
              -h, --help            show this page

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
        PageLength::Full,
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
                  brood frames seen: 0 to 20; 0
                  unless given
              -t, --temp DEGREES
                  temperature in °C: a number
                  Measured in the shade of the hive,
                  not in the sun.

                  Leave it out when in doubt.
              --note TEXT
                  up to two times

            anywhere
              -y, --yard DIR
                  folder of the logbook
              -q, --quiet
                  say little
              -v  say more; may be given again
              --color WHEN
                  auto, always or never; auto unless
                  given
              -h, --help
                  show this page

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
        PageLength::Full,
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
                  a whole
                  number; up to
                  three of them
              ROW COLUMN
                  each a whole
                  number

            anywhere
              -y, --yard DIR
                  folder of the
                  logbook
              -q, --quiet
                  say little
              -v  say more; may
                  be given again
              --color WHEN
                  auto, always
                  or never; auto
                  unless given
              -h, --help
                  show this page
        "#]],
    );
}

#[test]
fn long_names_and_wide_characters_keep_their_columns() {
    static LONG: Named<Option<String>> =
        Named::new("a-name-that-is-rather-long").placeholder("蜂箱").help("stands on its own line");
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

        anywhere   -h            show this page
    "#]]
    .assert_eq(&Page::of(&CommandPath::of(&ROOT), PageLength::Full).draw(Look::PLAIN));
}

#[test]
fn bundles_have_headings_and_read_like_a_commands_own() {
    static HIVE: Operand<String> = Operand::new("hive");
    static SINCE: Named<Option<String>> = Named::new("since").letter('s').help("first day");
    static DAYS: Named<Option<u16>> = Named::new("days").help("how many");
    static UNTIL: Named<Option<String>> = Named::new("until").help("last day");
    static PERIOD: Bundle = Bundle::new("period")
        .takes(&[SINCE.param(), DAYS.param(), UNTIL.param()])
        .rules(&[Rule::only_one(&[DAYS.param(), UNTIL.param()])]);
    static ROOT: Command = Command::new("count").takes(&[HIVE.param()]).bundles(&[&PERIOD]);

    expect![[r#"
        count

        usage      count [-s TEXT] [--days NUMBER | --until TEXT] HIVE

        operand    HIVE

        period     -s, --since TEXT     first day
                       --days NUMBER    how many: a whole number; not with --until
                       --until TEXT     last day; not with --days

        anywhere   -h, --help           show this page
    "#]]
    .assert_eq(&Page::of(&CommandPath::of(&ROOT), PageLength::Full).draw(Look::PLAIN));

    let Outcome::Reading(reading) = ROOT.read(&["A7", "--days", "3", "-s", "May"]) else {
        panic!("a bundle's options read")
    };
    assert_eq!((reading.get(&SINCE).as_deref(), *reading.get(&DAYS)), (Some("May"), Some(3)));
    let refused = ROOT.read(&["A7", "--days", "3", "--until", "May"]);
    assert!(matches!(refused, Outcome::Faults(_)), "a bundle's rules hold");
    let (own, bundled) = ([SINCE.param()], [&PERIOD]);
    let twin = Command::draft("twin").takes(&own).bundles(&bundled);
    assert_eq!(twin.problems().len(), 2, "clashes of name and letter with a bundle are found");
}

#[test]
fn a_root_says_where_it_is_from_and_descriptions_keep_their_lists_and_code() {
    static ROOT: Command = Command::new("apiary")
        .summary("the logbook")
        .description(
            "Keeps what is *found*,\nin `TOML`:\n\n- a file for each hive, which is written anew \
             whenever something is recorded\n- nothing else\n  at all\n\n1. one\n10. ten\n\nLook:\n\n    \
             [hive]\n    code  = 7\n\n```text\nfenced   code\n```\nAnd that is all,\n20. at most.",
        )
        .package(
            Package::new("1.2.0")
                .authors("Ada <ada@example.org>:Bo")
                .page("https://example.org/apiary")
                .licence("MIT"),
        );

    expect![[r#"
        apiary   the logbook

        usage         apiary

        description   Keeps what is *found*, in `TOML`:

                      - a file for each hive, which is written anew
                        whenever something is recorded
                      - nothing else at all

                      1. one
                      10. ten

                      Look:

                          [hive]
                          code  = 7

                          fenced   code
                      And that is all, 20. at most.

        anywhere          --version    the version
                      -h, --help       show this page

        contact       Ada <ada@example.org>, Bo,
                      https://example.org/apiary

        licence       MIT
    "#]]
    .assert_eq(&Page::of(&CommandPath::of(&ROOT), PageLength::Full).draw(Look::PLAIN.width(64)));
}

#[test]
fn emphasis_and_code_of_a_description_are_coloured_and_keep_their_marks() {
    static FRAMES: Named<u8> =
        Named::new("frames").help("a *count*").description("A (`u8`), *not\nmore*, or *.toml.");
    static ROOT: Command = Command::new("count")
        .description("**Counts** `two words`; 2 * 3, a_b and _all of it_.")
        .takes(&[FRAMES.param()]);

    let page = Page::of(&CommandPath::of(&ROOT), PageLength::Full).draw(Look::PLAIN.color(true));
    let lines: Vec<&str> = page.lines().filter(|line| line.contains(['*', '_', '`'])).collect();
    let shown = |line: &str| line.trim_start().replace("\x1b[0m", "]").replace("\x1b[", "[");
    let lines: Vec<String> = lines.into_iter().map(shown).collect();
    assert_eq!(
        lines,
        [
            "[2mdescription]   [1m**Counts**] [1m`two] [1mwords`;] 2 * 3, a_b and [3m_all] [3mof] [3mit_.]",
            "[2moption]        [1m    --frames] [3mNUMBER]    a *count*: a whole number",
            "A [1m(`u8`),] [3m*not] [3mmore*,] or *.toml.",
        ]
    );
}

/// Pages of any width: no line is wider, but for what cannot be broken.
#[test]
fn pages_fit_their_width() {
    for width in 20..=100 {
        let page = Page::of(&CommandPath::to(&APIARY, &INSPECT).unwrap(), PageLength::Full);
        let drawn = page.draw(Look::PLAIN.width(width));
        let breakable = |line: &&str| {
            let text = line.trim();
            text.contains(' ') && !text.starts_with('[') && !text.contains("apiary inspect")
        };
        let too_wide = drawn.lines().filter(breakable).find(|line| line.chars().count() > width);
        assert_eq!(too_wide, None, "at {width} columns");
    }
}
