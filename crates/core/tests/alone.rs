//! What stands alone: the usual flags under other names, given up, and a program's own; and names that are
//! declared anew.

use clavret_core::handlers::ShowPage;
use clavret_core::look::Look;
use clavret_core::reader::Request;
use clavret_core::{
    Abbreviated, Command, Flag, HELP_COMMAND, HELP_FLAG, Named, Operand, Outcome, VERSION_FLAG,
};
use expect_test::{Expect, expect};

use super::offered::candidates;
use crate::demo::words;

/// What a line gets: the text that it asks for, or what is wrong.
#[track_caller]
fn shows(root: &'static Command<'static>, line: &'static str, expected: Expect) {
    expected.assert_eq(&match root.read(words(line)) {
        Outcome::Request(asked) => asked.text(Look::PLAIN),
        Outcome::Faults(faults) => faults.draw(Look::PLAIN),
        Outcome::Reading(reading) => format!("{reading:?}\n"),
        other => panic!("{other:?}"),
    });
}

static HIVE: Operand<String> = Operand::new("hive").help("hive to inspect, such as A7");
static CALM: Flag = Flag::new("calm").letter('c').help("the colony was calm");
static INSPECT: Command = Command::new("inspect")
    .summary("record what an inspection found")
    .takes(&[HIVE.param(), CALM.param()]);

static AID: Flag = Flag::new("aid").letter('a').throughout().stands_alone(&ShowPage);
static RENAMED: Command = Command::new("apiary")
    .version("1.2.3")
    .abbreviations(Abbreviated::Both)
    .usual(&[AID.param(), VERSION_FLAG.param()])
    .commands(&[&INSPECT, &HELP_COMMAND]);

#[test]
fn a_page_is_asked_for_by_the_name_that_the_program_gives_it() {
    shows(
        &RENAMED,
        "inspect -a",
        expect![[r#"
            apiary inspect   record what an inspection found

            usage      apiary inspect [-c] HIVE

            operand    HIVE          hive to inspect, such as A7

            option     -c, --calm    the colony was calm

            anywhere   -a, --aid     show this page

                       full page: apiary inspect --aid
        "#]],
    );
    shows(
        &RENAMED,
        "inspect --aid --clam",
        expect![[r#"
            apiary inspect   record what an inspection found

            usage      apiary inspect [-c] HIVE

            operand    HIVE          hive to inspect, such as A7

            option     -c, --calm    the colony was calm

            anywhere   -a, --aid     show this page
        "#]],
    );
    shows(
        &RENAMED,
        "--aid",
        expect![[r#"
            apiary

            usage      apiary COMMAND [...]

            commands   inspect          record what an inspection found
                       help             show the page of a command

            anywhere   -a, --aid        show this page
                           --version    the version
        "#]],
    );
    shows(
        &RENAMED,
        "inspect --help",
        expect![[r#"
            apiary inspect: two things to put right

              apiary inspect --help HIVE
                             ^^^^^^ ____
                             1      2
              1  --help is not an option here
              2  HIVE is missing: hive to inspect, such as A7

              page  apiary inspect --aid
        "#]],
    );
    shows(
        &RENAMED,
        "inspect -h -V",
        expect![[r#"
            apiary inspect: two things to put right

              apiary inspect -h -V HIVE
                             ^^ ^^ ____
                             1  1  2
              1  -h and -V are not options here
              2  HIVE is missing: hive to inspect, such as A7

              page  apiary inspect --aid
        "#]],
    );
    shows(
        &RENAMED,
        "inspect --iad",
        expect![[r#"
        apiary inspect: one thing to put right

          apiary inspect --iad
                         ^^^^^
          --iad is not an option here; --aid is

          try   apiary inspect --aid
          page  apiary inspect --aid
    "#]],
    );
    shows(
        &RENAMED,
        "inspect A7 --aid=full",
        expect![[r#"
        apiary inspect: one thing to put right

          apiary inspect A7 --aid=full
                                 ^^^^^
          --aid takes no value

          page  apiary inspect --aid
    "#]],
    );
    shows(
        &RENAMED,
        "--vers",
        expect![[r#"
        apiary 1.2.3
    "#]],
    );
    shows(
        &RENAMED,
        "-V",
        expect![[r#"
        apiary: one thing to put right

          apiary -V
                 ^^
          -V is not an option here; --version is

          try   apiary --version
          page  apiary --aid
    "#]],
    );
    assert_eq!(candidates(&RENAMED, &["inspect"], "-"), ["--calm", "--aid", "--version"]);
    let script = clavret_tab::BASH.script(&RENAMED);
    assert!(script.contains("wide=('--aid' : '-a' h: '--version' : )"), "{script}");
}

static GIVEN_UP: Command = Command::new("apiary")
    .version("1.2.3")
    .usual(&[HELP_FLAG.param()])
    .commands(&[&INSPECT, &HELP_COMMAND]);
static MUTE: Command = Command::new("apiary").usual(&[]).commands(&[&INSPECT]);
static TOLD: Command = Command::new("apiary").usual(&[]).commands(&[&INSPECT, &HELP_COMMAND]);

#[test]
fn what_is_given_up_is_nowhere() {
    shows(
        &GIVEN_UP,
        "--version",
        expect![[r#"
            apiary: one thing to put right

              apiary --version
                     ^^^^^^^^^
              --version is not an option here

              page  apiary --help
        "#]],
    );
    shows(
        &GIVEN_UP,
        "--help",
        expect![[r#"
            apiary

            usage      apiary COMMAND [...]

            commands   inspect       record what an inspection found
                       help          show the page of a command

            anywhere   -h, --help    show this page
        "#]],
    );
    assert_eq!(candidates(&GIVEN_UP, &["inspect"], "--"), ["--calm", "--help"]);
    shows(
        &MUTE,
        "inspect --help",
        expect![[r#"
            apiary inspect: two things to put right

              apiary inspect --help HIVE
                             ^^^^^^ ____
                             1      2
              1  --help is not an option here
              2  HIVE is missing: hive to inspect, such as A7
        "#]],
    );
    shows(
        &TOLD,
        "inspect --help",
        expect![[r#"
            apiary inspect: two things to put right

              apiary inspect --help HIVE
                             ^^^^^^ ____
                             1      2
              1  --help is not an option here
              2  HIVE is missing: hive to inspect, such as A7

              page  apiary help inspect
        "#]],
    );
}

fn formats(asked: &Request<'_>) -> String {
    let about = asked.get(&ABOUT).and_then(Option::as_ref);
    match about {
        Some(format) => format!("{format}: a format of {}\n", asked.path()),
        None => "table\ncsv\njson\n".to_owned(),
    }
}

static FILE: Operand<String> = Operand::new("file").help("the file to write");
static FORMATS: Flag =
    Flag::new("formats").letter('l').help("list the formats").stands_alone(&formats);
static ABOUT: Named<Option<u8>> = Named::new("about")
    .letter('n')
    .placeholder("NUMBER")
    .help("tell of a format")
    .stands_alone(&formats);
static QUIET: Flag = Flag::new("quiet").letter('q').help("say nothing");
static REPORT: Command = Command::new("report").summary("write a report").takes(&[
    FILE.param(),
    QUIET.param(),
    FORMATS.param(),
    ABOUT.param(),
]);
/// Setters come in any order.
static LEGEND: Command = Command::new("legend").stands_alone(&formats).takes(&[QUIET.param()]);
static OWN: Command = Command::new("apiary").commands(&[&REPORT, &LEGEND]);

#[test]
fn beside_what_stands_alone_nothing_is_needed_and_nothing_counts() {
    assert!(matches!(OWN.read(&["legend", "--quiet"]), Outcome::Request(_)));
    shows(
        &OWN,
        "report --help",
        expect![[r#"
            apiary report   write a report

            usage      apiary report [-q] FILE

            operand    FILE                  the file to write

            options    -q, --quiet           say nothing
                       -l, --formats         list the formats
                       -n, --about NUMBER    tell of a format: a whole number

            anywhere   -h, --help            show this page
        "#]],
    );
    shows(
        &OWN,
        "report",
        expect![[r#"
            apiary report: one thing to put right

              apiary report FILE
                            ____
              FILE is missing: the file to write

              like  apiary report FILE
              page  apiary report --help
        "#]],
    );
    for line in ["report --formats", "report -l", "report -ql", "report -x --formats a b --about x"]
    {
        shows(
            &OWN,
            line,
            expect![[r#"
            table
            csv
            json
        "#]],
        );
    }
    shows(
        &OWN,
        "report --about 7 --nonsense",
        expect![[r#"
        7: a format of apiary report
    "#]],
    );
    shows(
        &OWN,
        "report --about many --nonsense",
        expect![[r#"
            apiary report: one thing to put right

              apiary report --about many --nonsense
                                    ^^^^
              --about takes a whole number; 'many' is not one

              like  apiary report --about NUMBER --nonsense
              page  apiary report --help
        "#]],
    );
    shows(
        &OWN,
        "report a b --about",
        expect![[r#"
            apiary report: one thing to put right

              apiary report a b --about NUMBER
                                        ______
              --about needs a whole number after it

              like  apiary report a b --about NUMBER
              page  apiary report --help
        "#]],
    );
    shows(
        &OWN,
        "report --formats=csv a",
        expect![[r#"
        apiary report: one thing to put right

          apiary report --formats=csv a
                                 ^^^^
          --formats takes no value

          page  apiary report --help
    "#]],
    );
    shows(
        &OWN,
        "report -lx a",
        expect![[r#"
        apiary report: one thing to put right

          apiary report -lx a
                          ^
          -x is not an option here

          page  apiary report --help
    "#]],
    );
    shows(
        &OWN,
        "report --fromats a",
        expect![[r#"
        apiary report: one thing to put right

          apiary report --fromats a
                        ^^^^^^^^^
          --fromats is not an option here; --formats is

          try   apiary report --formats a
          page  apiary report --help
    "#]],
    );
    assert_eq!(
        candidates(&OWN, &["report", "a"], "--"),
        ["--quiet", "--formats", "--about", "--help"]
    );
}

static YARD: Named<Option<String>> = Named::new("yard")
    .letter('y')
    .aliases(&["place"])
    .placeholder("DIR")
    .help("folder")
    .throughout();
static LOUD: Flag = Flag::new("loud").letter('l').help("say more").throughout();
static PLACE: Named<String> = Named::new("place").letter('y').help("new place").anew();
static LONG: Flag = Flag::new("long").letter('l').help("all columns").anew();
static HUMAN: Flag = Flag::new("human").letter('h').help("sizes for people");
static LIST: Command = Command::new("list").summary("list").takes(&[LONG.param()]);
static MOVE: Command = Command::new("move").summary("move a hive").takes(&[PLACE.param()]);
static SIZE: Command = Command::new("size").summary("size").takes(&[HUMAN.param()]);
static ANEW: Command = Command::new("apiary")
    .abbreviations(Abbreviated::Both)
    .takes(&[YARD.param(), LOUD.param()])
    .commands(&[&LIST, &MOVE, &SIZE]);

#[test]
fn a_name_that_is_declared_anew_is_the_nearer_commands() {
    shows(
        &ANEW,
        "-l list -l",
        expect![[r#"
        apiary list
          --yard      -
          --loud  on  word 1
          --long  on  word 3
    "#]],
    );
    shows(
        &ANEW,
        "-y a move -y b --yard c",
        expect![[r#"
        apiary move
          --yard   c  word 7
          --loud      -
          --place  b  word 5
    "#]],
    );
    shows(
        &ANEW,
        "--place a move --place b",
        expect![[r#"
        apiary move
          --yard   a  word 2
          --loud      -
          --place  b  word 5
    "#]],
    );
    shows(
        &ANEW,
        "move --pla a",
        expect![[r#"
        apiary move
          --yard      -
          --loud      -
          --place  a  word 3
    "#]],
    );
    shows(
        &ANEW,
        "move --help",
        expect![[r#"
            apiary move   move a hive

            usage      apiary move -y TEXT

            option     -y, --place TEXT    new place

            anywhere       --yard DIR      folder
                       -l, --loud          say more
                       -h, --help          show this page
        "#]],
    );
    shows(
        &ANEW,
        "list -h",
        expect![[r#"
            apiary list   list

            usage      apiary list [-l]

            option     -l, --long        all columns

            anywhere   -y, --yard DIR    folder
                           --loud        say more
                       -h, --help        show this page

                       full page: apiary list --help
        "#]],
    );
    shows(
        &ANEW,
        "move --yrad a",
        expect![[r#"
            apiary move: two things to put right

              apiary move --yrad a --place TEXT
                          ^^^^^^   ____________
                          1        2
              1  --yrad is not an option here; --yard is
              2  --place is needed: new place

              like  apiary move --yard a --place TEXT
              page  apiary move --help
        "#]],
    );
    assert_eq!(candidates(&ANEW, &["move"], "-"), ["--place", "--yard", "--loud", "--help"]);
    // Not meant: it reads all the same, nearest first, and is told by whoever knows the root.
    shows(
        &ANEW,
        "size --help",
        expect![[r#"
            apiary size   size

            usage      apiary size [-h]

            option     -h, --human       sizes for people

            anywhere   -y, --yard DIR    folder
                       -l, --loud        say more
                           --help        show this page
        "#]],
    );
    let flaws: Vec<String> =
        clavret_document::flaws(&ANEW).iter().map(ToString::to_string).collect();
    expect![[r#"
        apiary: `human` of the command `size` has the letter `-h`, as the usual `help` has (choose another, or list in the root's `usual` only what is to stay)
        apiary: it has no summary"#]].assert_eq(&flaws.join("\n"));
}
