//! Faults as they are shown: whole texts, next to their lines.

use clavret_core::ask::CommandPath;
use clavret_core::look::{Look, When};
use clavret_core::medium::{Page, PageLength};
use clavret_core::wording::{Phrase, Wording};
use clavret_core::{Command, Named, Outcome, valid};
use expect_test::{Expect, expect};

use crate::demo::{APIARY, faults};

#[track_caller]
fn shows(line: &str, expected: Expect) {
    expected.assert_eq(&faults(line).draw(Look::PLAIN));
}

#[test]
fn two_faults_have_carets_numbers_and_an_outline() {
    shows(
        "inspect A7 --frames many --clam",
        expect![[r#"
            apiary inspect: two things to put right

              apiary inspect A7 --frames many --clam
                                         ^^^^ ^^^^^^
                                         1    2
              1  --frames takes a whole number from 0 to 20; 'many' is not one
              2  --clam is not an option here; --calm is

              like  apiary inspect A7 --frames COUNT --calm
              page  apiary inspect --help
        "#]],
    );
}

#[test]
fn what_is_missing_is_shown_where_it_would_go() {
    shows(
        "inspect -c",
        expect![[r#"
            apiary inspect: one thing to put right

              apiary inspect -c HIVE
                                ____
              HIVE is missing: hive to inspect, such as A7

              like  apiary inspect -c HIVE
              page  apiary inspect --help
        "#]],
    );
    shows(
        "hive add -- B1",
        expect![[r#"
            apiary hive add: one thing to put right

              apiary hive add --queen COLOR -- B1
                              _____________
              --queen is needed: colour of the mark

              like  apiary hive add --queen COLOR -- B1
              page  apiary hive add --help
        "#]],
    );
    shows(
        "inspect A7 -cf",
        expect![[r#"
            apiary inspect: one thing to put right

              apiary inspect A7 -cf COUNT
                                    _____
              --frames needs a whole number from 0 to 20 after it

              like  apiary inspect A7 -cf COUNT
              page  apiary inspect --help
        "#]],
    );
    shows(
        "hive move 1 2",
        expect![[r#"
            apiary hive move: one thing to put right

              apiary hive move 1 2 COLUMN
                                   ______
              COLUMN is missing

              like  apiary hive move 1 2 COLUMN
              page  apiary hive move --help
        "#]],
    );
}

#[test]
fn values_are_refused_with_what_would_be_right() {
    shows(
        "inspect A7 -cf300",
        expect![[r#"
            apiary inspect: one thing to put right

              apiary inspect A7 -cf300
                                   ^^^
              --frames takes a whole number from 0 to 20; '300' is above that

              like  apiary inspect A7 -cf COUNT
              page  apiary inspect --help
        "#]],
    );
    shows(
        "inspect A7 --frames=-1 -t warm",
        expect![[r#"
            apiary inspect: two things to put right

              apiary inspect A7 --frames=-1 -t warm
                                         ^^    ^^^^
                                         1     2
              1  --frames takes a whole number from 0 to 20; '-1' is below that
              2  --temp takes a number, such as 1.5; 'warm' is not one

              like  apiary inspect A7 --frames=COUNT -t DEGREES
              page  apiary inspect --help
        "#]],
    );
    shows(
        "hive add B1 --queen pink",
        expect![[r#"
            apiary hive add: one thing to put right

              apiary hive add B1 --queen pink
                                         ^^^^
              --queen takes white or blue; 'pink' is neither

              like  apiary hive add B1 --queen COLOR
              page  apiary hive add --help
        "#]],
    );
    shows(
        "inspect A7 --note a --note b --note c",
        expect![[r#"
            apiary inspect: one thing to put right

              apiary inspect A7 --note a --note b --note c
                                                         ^
              --note takes at most two, not three

              page  apiary inspect --help
        "#]],
    );
}

#[test]
fn words_are_quoted_as_a_shell_needs_it_and_nothing_is_invisible() {
    shows(
        "inspect A~7 --frames=a~'b",
        expect![[r#"
            apiary inspect: one thing to put right

              apiary inspect 'A 7' '--frames=a '\''b'
                                             ^^^^^^^
              --frames takes a whole number from 0 to 20; 'a '\''b' is not one

              like  apiary inspect 'A 7' --frames=COUNT
              page  apiary inspect --help
        "#]],
    );
    shows(
        "inspect \u{202e}A7 -f \u{1b}[31m",
        expect![[r#"
            apiary inspect: one thing to put right

              apiary inspect $'\342\200\256A7' -f $'\033[31m'
                                                  ^^^^^^^^^^^
              --frames takes a whole number from 0 to 20; $'\033[31m' is not one

              like  apiary inspect $'\342\200\256A7' -f COUNT
              page  apiary inspect --help
        "#]],
    );
    shows(
        "inspect 蜂箱 --frames 蜂 -t 箱",
        expect![[r#"
            apiary inspect: two things to put right

              apiary inspect 蜂箱 --frames 蜂 -t 箱
                                           ^^    ^^
                                           1     2
              1  --frames takes a whole number from 0 to 20; '蜂' is not one
              2  --temp takes a number, such as 1.5; '箱' is not one

              like  apiary inspect 蜂箱 --frames COUNT -t DEGREES
              page  apiary inspect --help
        "#]],
    );
    shows(
        "inspect A7 --frames=",
        expect![[r#"
            apiary inspect: one thing to put right

              apiary inspect A7 --frames=
                                         ^
              --frames takes a whole number from 0 to 20; '' is not one

              like  apiary inspect A7 --frames=COUNT
              page  apiary inspect --help
        "#]],
    );
}

#[test]
fn long_lines_are_cut_around_their_faults() {
    let note = "a-long-remark-".repeat(12);
    shows(
        &format!("inspect A7 --note {note} --clam --note {note} -f x"),
        expect![[r#"
            apiary inspect: two things to put right

              apiary …ong-remark- --clam --note a-lo…-remark- -f x
                                  ^^^^^^                         ^
                                  1                              2
              1  --clam is not an option here; --calm is
              2  --frames takes a whole number from 0 to 20; 'x' is not one

              like  apiary inspect A7 --note a-long-remark-a-long-remark-a-long-remark-a-long-remark-a-long-remark-a-long-remark-a-long-remark-a-long-remark-a-long-remark-a-long-remark-a-long-remark-a-long-remark- --calm --note a-long-remark-a-long-remark-a-long-remark-a-long-remark-a-long-remark-a-long-remark-a-long-remark-a-long-remark-a-long-remark-a-long-remark-a-long-remark-a-long-remark- -f COUNT
              page  apiary inspect --help
        "#]],
    );
}

#[test]
fn long_words_are_cut_in_sentences() {
    let word = "sting".repeat(40);
    shows(
        &format!("inspect A7 -f {word} --{word}"),
        expect![[r#"
            apiary inspect: two things to put right

              apiary …spect A7 -f stingstingstingstingstin…gstingsting --stingstingstingstingst…
                                  ^^^^^^^^^^^^^^^^^^^^^^^^             ^^^^^^^^^^^^^^^^^^^^^^^^
                                  1                                    2
              1  --frames takes a whole number from 0 to 20;
                 'stingstingstingstingstin…ngstingsting' is not one
              2  --stingstingstingstingst…ngstingsting is not an option here

              page  apiary inspect --help
        "#]],
    );
}

#[test]
fn many_faults_are_counted_and_ten_are_shown() {
    shows(
        &format!("inspect A7{}", " B1".repeat(13)),
        expect![[r#"
            apiary inspect: one thing to put right

              apiary inspect A7 B1 B1 B1 B1 B1 B1 B1 B1 B1 B1 B1 B1 B1
                                ^^ ^^ ^^ ^^ ^^ ^^ ^^ ^^ ^^ ^^
              'B1', 'B1', 'B1', 'B1' and nine more are 13 words too many for apiary inspect

              page  apiary inspect --help
        "#]],
    );
}

#[test]
fn overlapping_places_take_a_row_each() {
    shows(
        "inspect A7 -xf -- -y",
        expect![[r#"
            apiary inspect: two things to put right

              apiary inspect A7 -xf -- -y
                                ^^     ^^
                                1      2
              1  -x is not an option here
              2  '-y' is one word too many for apiary inspect

              page  apiary inspect --help
        "#]],
    );
    shows(
        "hive add B1 --queen blue --at=x y",
        expect![[r#"
            apiary hive add: one thing to put right

              apiary hive add B1 --queen blue --at=x y
                                              ^^^^^^
              --at takes two words, each on its own

              like  apiary hive add B1 --queen blue --at LAT LON
              page  apiary hive add --help
        "#]],
    );
}

#[test]
fn colour_only_says_again_what_the_text_says() {
    let faults = faults("inspect A7 --clam");
    let painted = faults.draw(Look::PLAIN.color(true));
    let mut plain = String::new();
    for (at, piece) in painted.split('\u{1b}').enumerate() {
        plain += if at == 0 { piece } else { piece.split_once('m').unwrap().1 };
    }
    assert_ne!(painted, plain);
    assert_eq!(plain, faults.draw(Look::PLAIN));
}

#[test]
fn every_phrase_can_be_replaced() {
    static WORDING: Wording = Wording::ENGLISH.with(&[
        (Phrase::OneFault, "iets klopt niet"),
        (Phrase::OptionUnknown, "{0} is hier geen optie"),
        (Phrase::OneIs, "{0} wel"),
        (Phrase::Fix, "probeer"),
        (Phrase::Page, "blad"),
    ]);
    static FRAMES: Named<u8> = Named::new("frames").default("0");
    static ROOT: Command = Command::new("apiary").takes(&[FRAMES.param()]).wording(&WORDING);
    let Outcome::Faults(faults) = ROOT.read(&["--frame", "3"]) else { panic!() };
    expect![[r#"
        apiary: iets klopt niet

          apiary --frame 3
                 ^^^^^^^
          --frame is hier geen optie; --frames wel

          probeer  apiary --frames 3
          blad     apiary --help
    "#]]
    .assert_eq(&faults.draw(Look::PLAIN));
    let phrases = [(Phrase::OneIs, "die wel"), (Phrase::Fix, "{0}")];
    let wording = Wording::ENGLISH.with(&phrases);
    let problems = Command::draft("apiary").wording(&wording).problems();
    assert_eq!(
        problems[0].to_string(),
        "the phrase `die wel` of the command `apiary` has not the places of `{0} is` (each `{0}`, `{1}` of the one is \
         needed in the other)"
    );
}

#[test]
fn a_default_that_does_not_read_is_a_mistake_of_the_program_and_no_fault_of_a_line() {
    static SIZE: Named<u8> = Named::new("size").default("9").valid(&valid::range(0, 5));
    static WHEN: Named<Vec<When>> = Named::new("when").joined_by(',').default("soon");
    static KEYS: Named<Vec<String>> =
        Named::new("key").joined_by(',').distinct().default("code,code");
    static ROOT: Command =
        Command::new("apiary").takes(&[SIZE.param(), WHEN.param(), KEYS.param()]);
    let Outcome::Faults(faults) = ROOT.read(&["--sise", "3"]) else { panic!() };
    assert!(faults.are_mistakes());
    expect![[r#"
        apiary: a mistake of this program: the default of --size, 9, is above 5
        apiary: a mistake of this program: the default of --when, soon, is wrong: --when takes auto, always or never; 'soon' is not among them
        apiary: a mistake of this program: the default of --key, code,code, is wrong: --key takes each value once; 'code,code' is there twice
    "#]].assert_eq(&faults.draw(Look::PLAIN));
}

#[test]
fn a_handlers_error_is_shown_with_its_causes() {
    let cause = std::io::Error::other("the disk is full");
    let error = std::io::Error::other(Outer(cause));
    expect![[r#"
        apiary: cannot write the hive
          because: cannot write the hive
          because: the disk is full
    "#]]
    .assert_eq(&clavret_core::faults::failure(&APIARY, &Outer(error)));
}

/// What others wrote reaches a terminal as it is seen, its lines apart.
#[test]
fn no_text_of_others_steers_the_terminal() {
    let error = std::io::Error::other("no \u{1b}[2Jhive\u{202e} A7:\n\tline 2\u{9b}31m");
    let error = std::io::Error::other(Outer(error));
    expect![[r#"
        apiary: cannot write the hive
          because: no \033[2Jhive\342\200\256 A7:
            \tline 2\302\23331m
    "#]]
    .assert_eq(&clavret_core::faults::failure(&APIARY, &error));
    static FRAMES: Named<Option<u8>> = Named::new("frames").help("brood\u{9b}31m frames\u{2066}");
    static ROOT: Command =
        Command::new("apiary").summary("a\u{85}b\u{ad}").takes(&[FRAMES.param()]);
    let page = Page::of(&CommandPath::of(&ROOT), PageLength::Full).draw(Look::PLAIN);
    let is_unseen =
        |letter: char| letter != '\n' && letter.is_control() || "\u{2066}\u{ad}".contains(letter);
    assert!(!page.contains(is_unseen), "{page:?}");
    assert!(page.contains(r"brood\302\23331m frames\342\201\246"), "{page}");
}

#[derive(Debug)]
struct Outer(std::io::Error);

impl std::fmt::Display for Outer {
    fn fmt(&self, f: &mut std::fmt::Formatter<'_>) -> std::fmt::Result {
        f.write_str("cannot write the hive")
    }
}

impl std::error::Error for Outer {
    fn source(&self) -> Option<&(dyn std::error::Error + 'static)> {
        Some(&self.0)
    }
}
