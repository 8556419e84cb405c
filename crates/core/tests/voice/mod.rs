//! What a program says, read aloud: a row for each mistake, the words and all that comes back. And the
//! facts of a page, each said once.

mod names;
mod values;
mod words;

use std::ffi::OsStr;
use std::num::NonZeroU8;
use std::path::PathBuf;

use clavret_complete::COMPLETIONS;
use clavret_core::{
    Attached, Choice, Command, Flag, FromWord, HELP, Kind, Look, Named, Offer, Operand, Outcome,
    Phrase, Refusal, Tail, Tally, Wording, valid,
};
use expect_test::{Expect, expect};

use crate::demo::words;

#[derive(Debug)]
struct Code;

impl FromWord for Code {
    const KIND: &'static Kind<'static> = &Kind::new("a hive's code", "A7");

    fn from_word(word: &OsStr) -> Result<Self, Refusal> {
        match word.as_encoded_bytes() {
            [b'A'..=b'Z', b'0'..=b'9'] => Ok(Code),
            _ => Err(Refusal::new()),
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

/// A row for each of some lines: the line as it is echoed, after a `$`, and all that is said of it but for
/// the head and the page, which are the same for all.
fn rows(lines: &[&str], expected: Expect) {
    let mut told = String::new();
    for line in lines {
        let Outcome::Faults(faults) = APIARY.read(words(line)) else { panic!("`{line}` reads") };
        let drawn = faults.draw(Look::PLAIN);
        says_only_what_is_declared(line);
        let said =
            drawn.lines().skip(2).filter(|line| !line.is_empty() && !line.contains("  page  "));
        for (at, line) in said.enumerate() {
            told += &format!("{}{}\n", if at == 0 { "\n$" } else { " " }, &line[1..]);
        }
    }
    expected.assert_eq(&told);
}

/// Reads a line where each phrase is no more than its places: what is left of words is typed or declared.
#[track_caller]
fn says_only_what_is_declared(line: &str) {
    let places = |phrase: &Phrase| {
        let is_there = |place: &String| phrase.english().contains(place);
        (*phrase, (0..4).map(|at| format!("{{{at}}}")).filter(is_there).collect::<Vec<_>>())
    };
    let texts: Vec<(Phrase, String)> = Phrase::ALL
        .iter()
        .map(places)
        .map(|(phrase, places)| (phrase, format!("·{}·", places.join("·"))))
        .collect();
    let mute: Vec<(Phrase, &str)> =
        texts.iter().map(|(phrase, text)| (*phrase, text.as_str())).collect();
    let wording =
        Wording::ENGLISH.with(&mute).count_words(&[]).nouns(&[("a hive's code", "")]).signs(&[]);
    let root = APIARY.adapted().wording(&wording);
    let told = match root.read(words(line)) {
        Outcome::Faults(faults) => faults.draw(Look::PLAIN),
        Outcome::Asked(asked) => asked.text(Look::PLAIN),
        other => panic!("{other:?}"),
    };
    let mut known = line.to_owned();
    for (_, command) in APIARY.tree() {
        // What the library brings speaks in phrases, too.
        let own = |text| if command.is_standard() { "" } else { text };
        known += &format!(" {} {}", command.name(), own(command.summary_text()));
        for param in command.params() {
            known += &format!(" {} {} {}", param.name(), param.opposite(), own(param.help()));
            known += &format!(" {} {}", param.placeholders(0), param.variable());
            for (name, help) in param.kinds().iter().flat_map(|kind| kind.offers()) {
                known += &format!(" {name} {help}");
            }
        }
    }
    // Names of what is usual, and the words and examples of kinds, which are typed as they stand.
    known += " help version yes no true false on off white red blue csv toml bash eval program";
    let known = known.to_lowercase();
    // Letters may have been put together anew.
    let words = told.split(|letter: char| !letter.is_ascii_alphabetic());
    for word in words.filter(|word| word.len() > 2) {
        assert!(known.contains(&word.to_lowercase()), "`{word}` is in no phrase: {told}");
    }
}

#[test]
fn a_page_says_each_fact_once() {
    for line in ["-h", "--help", "hive -h", "hive add --help", "help --help", "completions --help"]
    {
        says_only_what_is_declared(line);
    }
    let page = |line| match APIARY.read(words(line)) {
        Outcome::Asked(asked) => asked.text(Look::PLAIN),
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
