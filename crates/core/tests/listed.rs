//! Values that are known at run time: what a closed list refuses, what it is asked with, and how often.

use std::cell::Cell;
use std::path::PathBuf;

use clavret_core::look::Look;
use clavret_core::reader::Words;
use clavret_core::shape::Untyped;
use clavret_core::world::Lister;
use clavret_core::{Command, Flag, HELP_COMMAND, Known, Named, Operand, Outcome, SoFar, Tally};
use clavret_tab::{Cursor, Typed, complete};
use expect_test::{Expect, expect};

use super::offered::candidates_in;
use crate::demo::words;
use crate::world::Small;

thread_local! {
    static ASKED: Cell<u32> = const { Cell::new(0) };
}

/// The hives of a yard. Those of `north` may be had; C9 was given up, and of `ruin` none can be read.
struct Hives;

impl Lister for Hives {
    fn list(&self, so_far: SoFar) -> Option<Vec<Known>> {
        ASKED.set(ASKED.get() + 1);
        let yard = so_far.get(&YARD)?.clone();
        let yard = yard.or_else(|| so_far.variable("HOME_YARD").map(PathBuf::from));
        match yard.as_ref().and_then(|yard| yard.to_str()).unwrap_or("north") {
            "north" => Some(vec![
                Known::of("A7").help("by the gate"),
                Known::of("A9").help("in the orchard"),
                Known::of("B 2"),
                Known::of("C9").hidden(),
            ]),
            "empty" => Some(Vec::new()),
            "nameless" => Some(vec!["".into(), "X1".into()]),
            "large" => Some((1..=5000).map(|at| format!("A{at}").into()).collect()),
            _ => None,
        }
    }

    fn is_closed(&self) -> bool {
        true
    }

    fn noun(&self) -> &str {
        "hive"
    }
}

static YARD: Named<Option<PathBuf>> =
    Named::new("yard").letter('y').throughout().variable("APIARY_YARD");
static LOUD: Tally = Tally::new("v").throughout();
static HIVE: Operand<String> = Operand::new("hive").help("hive to inspect").listed_by(&Hives);
static BESIDE: Named<Vec<String>> = Named::new("beside").joined_by(',').listed_by(&Hives);
static CALM: Flag = Flag::new("calm").letter('c');
static INSPECT: Command =
    Command::new("inspect").takes(&[HIVE.param(), BESIDE.param(), CALM.param()]);
static QUEEN: Named<String> = Named::new("of").default("Z9").listed_by(&Hives);
static MARK: Command = Command::new("mark").takes(&[QUEEN.param()]);
static APIARY: Command = Command::new("apiary")
    .version("1.0")
    .takes(&[YARD.param(), LOUD.param()])
    .commands(&[&INSPECT, &MARK, &HELP_COMMAND]);

#[track_caller]
fn told(line: &str, world: &Small, expected: Expect) {
    let words = words(line);
    ASKED.set(0);
    expected.assert_eq(&match APIARY.read_in(Words::new(words), world) {
        Outcome::Reading(_) => "reads".to_owned(),
        Outcome::Request(asked) => asked.text(Look::PLAIN),
        Outcome::Faults(faults) => faults.draw(Look::PLAIN),
        _ => String::new(),
    });
}

#[test]
fn what_a_closed_list_does_not_have_is_refused() {
    let world = Small::default();
    told("inspect A9 --beside A7,C9", &world, expect!["reads"]);
    told(
        "inspect A99",
        &world,
        expect![[r#"
        apiary inspect: one thing to put right

          apiary inspect A99
                         ^^^
          no hive is called 'A99'; A9 is

          try   apiary inspect A9
          page  apiary inspect --help
    "#]],
    );
    // The fault, its repairs and what is offered go by one list for each parameter.
    assert_eq!(ASKED.get(), 1);
    told(
        "inspect Mabel --beside A7,x",
        &world,
        expect![[r#"
            apiary inspect: two things to put right

              apiary inspect Mabel --beside A7,x
                             ^^^^^             ^
                             1                 2
              1  no hive is called 'Mabel'; A7, A9 and 'B 2' are
              2  no hive is called 'x'; A7, A9 and 'B 2' are

              like  apiary inspect HIVE --beside A7,BESIDE
              page  apiary inspect --help
        "#]],
    );
    told(
        "inspect A7 --beside x,y,A7",
        &world,
        expect![[r#"
        apiary inspect: one thing to put right

          apiary inspect A7 --beside x,y,A7
                                     ^ ^
          no hive is called 'x' or 'y'; A7, A9 and 'B 2' are

          page  apiary inspect --help
    "#]],
    );
    told(
        "inspect B2 -y empty",
        &world,
        expect![[r#"
            apiary inspect: one thing to put right

              apiary inspect B2 -y empty
                             ^^
              no hive is called 'B2'; there is none

              like  apiary inspect HIVE -y empty
              page  apiary inspect --help
        "#]],
    );
}

#[test]
fn it_is_asked_when_all_else_reads_and_checks_nothing_where_it_fails() {
    let world = Small::default();
    told("inspect Z9 -y ruin", &world, expect!["reads"]);
    assert_eq!(ASKED.get(), 1);
    let outcome = APIARY.read_in(Words::new(&["inspect", "Z9", "--nosuch"]), &world);
    assert!(matches!(outcome, Outcome::Faults(_)));
    told(
        "inspect --version",
        &world,
        expect![[r#"
        apiary 1.0
    "#]],
    );
    assert_eq!(ASKED.get(), 0);
    // Without a world there is nobody to ask.
    assert!(matches!(APIARY.read(&["inspect", "Z9"]), Outcome::Reading(_)));
    told(
        "mark",
        &world,
        expect![[r#"
            apiary: a mistake of this program: the default of --of, Z9, is wrong: no hive is called 'Z9'; A7, A9 and 'B 2' are
        "#]],
    );
}

#[test]
fn it_knows_what_the_line_says_wherever_that_stands() {
    let mut world = Small::default();
    world.variables.insert("APIARY_YARD", "empty");
    let none = "no hive is called 'A7'; there is none";
    let is_refused = |line: &str, world: &Small| {
        let words = words(line);
        match APIARY.read_in(Words::new(words), world) {
            Outcome::Faults(faults) => {
                assert_eq!(faults.sentence_of(faults.iter().next().unwrap()), none);
                true
            }
            _ => false,
        }
    };
    assert!(is_refused("inspect A7", &world));
    assert!(!is_refused("inspect A7 -y north", &world));
    world.variables.clear();
    assert!(!is_refused("inspect A7", &world));
    world.variables.insert("HOME_YARD", "empty");
    assert!(is_refused("inspect A7", &world));
}

#[test]
fn pages_show_a_closed_list_and_its_help() {
    #[track_caller]
    fn shows(line: &str, expected: Expect) {
        let (words, world) = (words(line), Small::default());
        let Outcome::Request(asked) = APIARY.read_in(Words::new(words), &world) else { panic!() };
        let page = asked.text(Look::PLAIN);
        let (_, entries) = page.split_once("\noperand").unwrap();
        expected.assert_eq(entries.split_once("-c, --calm").unwrap().0.trim_end());
    }
    shows(
        "inspect --help",
        expect![[r#"
                HIVE                   hive to inspect
                                              A7     by the gate
                                              A9     in the orchard
                                              'B 2'

            options        --beside BESIDE    several may be joined by commas; may be given
                                              again
                                              A7     by the gate
                                              A9     in the orchard
                                              'B 2'"#]],
    );
    shows(
        "inspect -h",
        expect![[r#"
                HIVE                   hive to inspect: A7, A9 or 'B 2'

            options        --beside BESIDE    A7, A9 or 'B 2'; several may be joined by
                                              commas; may be given again"#]],
    );
    shows(
        "-y large help inspect",
        expect![[r#"
                HIVE                   hive to inspect: A1, A2, A3, A4, A5, A6, A7,
                                              A8, and 4992 more

            options        --beside BESIDE    A1, A2, A3, A4, A5, A6, A7, A8, and 4992 more;
                                              several may be joined by commas; may be given
                                              again"#]],
    );
    shows(
        "inspect -y empty -h",
        expect![[r#"
                HIVE                   hive to inspect

            options        --beside BESIDE    several may be joined by commas; may be given
                                              again"#]],
    );
}

#[test]
fn completion_offers_what_it_has() {
    let mut world = Small::default();
    let offered = |before: &str, begun: &str, expected: &str| {
        let before = words(before);
        assert_eq!(candidates_in(&APIARY, before, begun, &world).join(" "), expected, "{begun}|");
    };
    offered("inspect", "", "A7 A9 B 2");
    offered("inspect", "A", "A7 A9");
    offered("inspect A7 --beside", "A7,", "A7,A9 A7,B 2");
    offered("inspect", "--beside=B", "--beside=B 2");
    // It is to come first, and none is known.
    offered("-y empty inspect", "", "");
    offered("-y ruin inspect", "A", "");
    offered("-y nameless inspect", "", "X1");
    // What a shell has still to expand is not known, nor is what hangs on it.
    let open = |text: &str| Typed { text: text.into(), is_open: true };
    let cursor = |yard| Cursor {
        before: vec![Typed::new("inspect")],
        begun: Typed::new("A"),
        after: vec![Typed::new("-y"), yard],
    };
    assert_eq!(complete(&APIARY, &cursor(Typed::new("north")), Some(&world)).len(), 1);
    assert!(
        complete(&APIARY, &cursor(open("$YARD")), Some(&world))
            .iter()
            .all(|block| { matches!(block, clavret_tab::Suggestion::Hint(_)) })
    );
    world.variables.insert("APIARY_YARD", "large");
    assert_eq!(candidates_in(&APIARY, words("inspect"), "", &world).len(), 1000);
    assert_eq!(candidates_in(&APIARY, words("inspect"), "A499", &world).len(), 11);
}

#[test]
fn a_list_is_of_single_words_that_are_shown() {
    let at = Untyped::option("at", clavret_core::shape::Form::of::<(f64, f64)>()).listed_by(&Hives);
    let key = Named::<String>::draft("key").secret().listed_by(&Hives);
    let pin = Named::<String>::draft("pin").secret_file("pin-file").listed_by(&Hives);
    let loud = Untyped::flag("loud").listed_by(&Hives);
    let params = [at.param(), key.param(), pin.param(), loud.param()];
    let problems = Command::draft("inspect").takes(&params).problems();
    let told: Vec<String> = problems.iter().map(ToString::to_string).collect();
    assert_eq!(
        told,
        [
            "`listed_by` does not go with what `at` is",
            "`secret` and `listed_by` of `key` exclude each other",
            "`secret_file` and `listed_by` of `pin` exclude each other",
            "`listed_by` does not go with what `loud` is",
        ]
    );
}
