//! Candidates, from the reader's own states.

use std::collections::BTreeMap;
use std::path::PathBuf;

use clavret_core::{Attached, Choice, Command, Flag, Named, Offer, Operand, Rule, valid};
use clavret_tab::{BASH, Candidate, Cursor, Suggestion, Typed, complete};

use super::offered::candidates;
use crate::demo::{APIARY, words};

#[track_caller]
fn offers(line: &str, expected: &str) {
    let (before, prefix) = line.rsplit_once(' ').unwrap_or(("", line));
    assert_eq!(candidates(&APIARY, words(before), prefix).join(" "), expected, "{line}|");
}

#[test]
fn each_position_offers_what_may_stand_there() {
    offers("", "hive inspect help completions");
    offers("h", "hive help");
    offers("hive ", "add move");
    offers("hive add --queen ", "white blue");
    offers("hive add --queen w", "white");
    offers("--color a", "auto always");
    offers("inspect A7 --c", "--calm --color");
    offers("inspect A7 --st", "");
    offers("inspect A7 -f ", "");
    offers("inspect -- ", "");
    offers("inspect -- -", "");
    offers("help hive ", "add move");
    offers("help nosuch ", "");
    offers("completions ", "bash zsh fish");
    offers("nosuch -", "--yard --quiet -v --color --version --help");
}

#[derive(Clone, Copy)]
struct Word;

impl Choice for Word {
    const OFFERS: &'static [Offer<'static>] = &[Offer::of("$(touch sting) `sting` \"'; sting\n")];
    const VALUES: &'static [Self] = &[Word];
}

#[test]
fn text_of_a_declaration_is_data_in_a_script() {
    static NASTY: Named<Word> = Named::new("$(sting)`sting`;'sting'");
    static ROOT: Command = Command::new("a'b$(sting)").takes(&[NASTY.param()]);
    let script = BASH.script(&ROOT);
    assert!(script.contains(r"'--$(sting)`sting`;'\''sting'\'''"), "{script}");
    assert!(script.contains(r"_a_b__sting_()"), "{script}");
}

/// What is offered at the end of a line, a block after the other.
fn blocks(root: &Command<'_>, line: &str) -> String {
    let (before, begun) = line.rsplit_once(' ').unwrap_or(("", line));
    let cursor = Cursor::new(words(before), begun);
    told(complete(root, &cursor, None))
}

fn told(blocks: Vec<Suggestion>) -> String {
    let told = blocks.into_iter().map(|block| match block {
        Suggestion::Words { group, words } => {
            let word = |word: Candidate| {
                let space = if word.is_whole { "" } else { "…" };
                format!("{}{space}", word.text)
            };
            format!("{group}[{}]", words.into_iter().map(word).collect::<Vec<_>>().join(" "))
        }
        Suggestion::LookUp { what, before, ends, begun } => {
            format!("{what:?} {before}|{begun} {ends:?}")
        }
        Suggestion::Line { from } => format!("line from {from}"),
        Suggestion::Hint(sentence) => format!("({sentence})"),
        other => format!("{other:?}"),
    });
    told.collect::<Vec<_>>().join(" ")
}

#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord, Hash)]
enum Hue {
    Blue,
    Black,
}

impl Choice for Hue {
    const OFFERS: &'static [Offer<'static>] = &[Offer::of("blue"), Offer::of("black")];
    const VALUES: &'static [Self] = &[Hue::Blue, Hue::Black];
}

static HUES: Named<Vec<Hue>> = Named::new("hues").letter('u').joined_by(',').help("hues");
static PAINT: Named<BTreeMap<Hue, Hue>> = Named::new("paint").help("paints");
static PAIR: Named<Option<(i8, Hue)>> = Named::new("pair").help("pairs");
static WHEN: Named<Attached<Hue>> = Named::new("when").letter('w').help("hue of it");
static FRAMES: Named<u8> = Named::new("frames").default("0").valid(&valid::range(0, 20));
static OUT: Named<Option<PathBuf>> = Named::new("out").extensions(&["csv", "json"]);
static INTO: Named<Option<PathBuf>> = Named::new("into").directory();
static KEY: Named<Option<String>> = Named::new("key").secret().secret_file("key-file");
static CALM: Flag = Flag::new("calm").letter('c').opposite("restless").aliases(&["quiet"]);
static HOT: Flag = Flag::new("hot").letter('h');
static DEGREES: Operand<Option<i8>> = Operand::new("degrees");
static HUE: Operand<Vec<Hue>> = Operand::new("hue").help("hue");
static ODD: Command = Command::new("odd")
    .aliases(&["queer"])
    .takes(&[
        HUES.param(),
        PAINT.param(),
        PAIR.param(),
        WHEN.param(),
        FRAMES.param(),
        OUT.param(),
        INTO.param(),
        KEY.param(),
        CALM.param(),
        HOT.param(),
        DEGREES.param(),
        HUE.param(),
    ])
    .rules(&[Rule::not_with(CALM.param(), &[HOT.param()])]);
static EVEN: Command = Command::new("even").hidden();
static FORMS: Command = Command::new("forms").commands(&[&ODD, &EVEN]).usual(&[]);

#[test]
fn each_form_is_completed_in_its_own_way() {
    let mut wrong = Vec::new();
    for (line, expected) in [
        // A choice in a list is not offered again, and one more may follow.
        ("odd --hues ", "hues[blue… black…]"),
        ("odd --hues blue,", "hues[blue,black…]"),
        ("odd --hues=blue,bl", "hues[--hues=blue,black…]"),
        ("odd -ublue,", "hues[-ublue,black…]"),
        ("odd --hues pink,", ""),
        // Entries of a map.
        ("odd --paint ", "paints[blue=… black=…]"),
        ("odd --paint bl", "paints[blue=… black=…]"),
        ("odd --paint blue=", "paints[blue=blue blue=black]"),
        ("odd --paint=black=bla", "paints[--paint=black=black]"),
        // Of a pair each word for itself.
        ("odd --pair ", "(pairs: a whole number)"),
        ("odd --pair -5 ", "pairs[blue black]"),
        ("odd --pair=", ""),
        // What may be attached.
        ("odd --wh", "options[--when=… --when]"),
        ("odd --when=", "hue of it[--when=blue --when=black]"),
        ("odd -w", "options[-w]"),
        ("odd -wbl", "hue of it[-wblue -wblack]"),
        (
            "odd --when ",
            "(a whole number) options[--hues --paint --pair --frames --out --into --key --key-file --calm --restless --hot]",
        ),
        // What a shell looks up, and what nobody can list.
        ("odd --frames ", "(a whole number from 0 to 20)"),
        ("odd --out re", "Path |re [\"csv\", \"json\"]"),
        ("odd --out=~/re", ""),
        ("odd --into=a/", "Directory --into=|a/ []"),
        ("odd --key ", ""),
        ("odd --key-file k", "Path |k []"),
        // Letters, and what rules leave of them.
        ("odd -c", "options[-c -cu -cw]"),
        ("odd --calm --h", "options[--hues]"),
        ("odd --hot --c", ""),
        (
            "odd --restless --",
            "options[--hues --paint --pair --when=… --when --frames --out --into --key --key-file --hot]",
        ),
        // Other names where nothing else begins so.
        ("odd --q", "options[--quiet]"),
        ("q", "commands[queer]"),
        ("e", ""),
        // Operands by position, and numbers below zero.
        (
            "odd ",
            "(a whole number) options[--hues --paint --pair --when=… --when --frames --out --into --key --key-file --calm --restless --hot]",
        ),
        ("odd -5 ", "hue[blue black]"),
        ("odd -5 bla", "hue[black]"),
        ("odd -- -5 bl", "hue[blue black]"),
    ] {
        let offered = blocks(&FORMS, line);
        if offered != expected {
            wrong.push(format!("`{line}` offers {offered}, not {expected}"));
        }
    }
    assert!(wrong.is_empty(), "{}", wrong.join("\n"));
}

/// Words after the cursor count as well, and what the shell will make something else of is one word that says nothing.
#[test]
fn what_is_around_the_cursor_counts() {
    let mut cursor = Cursor::new(&["odd"], "--c");
    assert_eq!(told(complete(&FORMS, &cursor, None)), "options[--calm]");
    cursor.after = vec![Typed::new("--hot")];
    assert_eq!(told(complete(&FORMS, &cursor, None)), "");
    let open = |text: &str| Typed { is_open: true, ..Typed::new(text) };
    let mut cursor =
        Cursor { before: ["odd", "-5", "--hues"].map(Typed::new).to_vec(), ..Cursor::default() };
    cursor.before.push(open("$hues"));
    assert_eq!(told(complete(&FORMS, &cursor, None)), "hue[blue black]");
    cursor.begun = open("$h");
    assert_eq!(told(complete(&FORMS, &cursor, None)), "");
}

/// A flag that a word turns off excludes nothing.
#[test]
fn beside_a_flag_that_is_off_all_is_offered() {
    static DRY: Flag = Flag::new("dry").worded();
    static KEEP: Flag = Flag::new("keep");
    static TIDY: Command = Command::new("tidy")
        .takes(&[DRY.param(), KEEP.param()])
        .rules(&[Rule::only_one(&[DRY.param(), KEEP.param()])]);
    for (typed, is_offered) in [("--dry=no", true), ("--dry=yes", false), ("--dry", false)] {
        let has = candidates(&TIDY, &[typed], "--k").contains(&"--keep".to_owned());
        assert_eq!(has, is_offered, "{typed}");
    }
}
