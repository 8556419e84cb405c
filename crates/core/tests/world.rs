//! What comes from elsewhere: the environment, the config file, secrets in files, what is at a path.

use std::collections::{BTreeMap, HashMap};
use std::ffi::OsString;
use std::io;
use std::path::{Path, PathBuf};

use clavret_core::look::Look;
use clavret_core::reader::{Origin, Words};
use clavret_core::world::{Environment, Malformed, Presence, Setting, Settings, Unread, World};
use clavret_core::{Command, Config, Flag, Named, Operand, Outcome, Reading, Rule, Tally, valid};
use expect_test::{Expect, expect};

use crate::demo::words;

/// A world of a few variables, files and settings.
#[derive(Default)]
pub(crate) struct Small {
    pub(crate) variables: HashMap<&'static str, &'static str>,
    pub(crate) files: HashMap<&'static str, &'static str>,
    pub(crate) settings: Option<Settings>,
}

impl World for Small {
    fn variable(&self, name: &str) -> Option<OsString> {
        self.variables.get(name).map(|&value| value.into())
    }

    fn presence(&self, path: &Path) -> Presence {
        match path.to_str() {
            Some("yard") => Presence::Directory,
            Some(file) if self.files.contains_key(file) => Presence::File,
            _ => Presence::Nothing,
        }
    }

    fn first_line(&self, file: &Path) -> Result<OsString, Unread> {
        let text = file.to_str().and_then(|file| self.files.get(file));
        text.map(|&text| text.into()).ok_or(io::Error::from(io::ErrorKind::NotFound).into())
    }

    fn settings(&self, name: &str, file: Option<&Path>) -> Result<Option<Settings>, Unread> {
        match file.map(|file| file.to_string_lossy().into_owned()) {
            None => assert_eq!(name, "apiary/config.toml"),
            Some(file) if file == "mine.toml" => {}
            Some(_) => return Err(io::Error::from(io::ErrorKind::NotFound).into()),
        }
        Ok(self.settings.clone())
    }

    fn environment(&self) -> Option<Environment> {
        let variables = self.variables.clone();
        Some(Environment::new(move |name| variables.get(name).map(|&value| value.into())))
    }
}

/// Settings from lines such as `hive.list.sort = code frames`, with the places in them.
pub(crate) fn settings(lines: &[&str]) -> Settings {
    let mut settings = Settings { file: "config.toml".into(), ..Settings::default() };
    for line in lines {
        let start = settings.text.len();
        let (keys, values) = line.split_once(" = ").unwrap();
        let places = |text: &str, separator: char, start: usize| {
            let mut at = start;
            let parts = text.split(separator).map(|part| {
                let place = at..at + part.len();
                at = place.end + 1;
                (part.to_owned(), place)
            });
            parts.collect::<Vec<_>>()
        };
        let path = places(keys, '.', start);
        let values = places(values, ' ', start + keys.len() + 3);
        settings.entries.push(Setting { path, values });
        settings.text += line;
        settings.text += "\n";
    }
    settings
}

static YARD: Named<Option<PathBuf>> =
    Named::new("yard").letter('y').throughout().variable("APIARY_YARD").directory();
static FILE: Named<Option<PathBuf>> = Named::new("config").variable("APIARY_CONFIG");
pub(crate) static TOKEN: Named<Option<String>> = Named::new("token")
    .secret_file("token-file")
    .variable("APIARY_TOKEN")
    .valid(&valid::length(4, 8))
    .throughout();
static SORT: Named<Vec<String>> =
    Named::new("sort").joined_by(',').variable("APIARY_SORT").times(0, 2);
static NOTE: Named<String> = Named::new("note").variable("APIARY_NOTE").default("none");
static COUNT: Named<Option<u8>> =
    Named::new("count").formerly(&["number"]).variable("APIARY_COUNT").once();
static AT: Named<Option<(f64, f64)>> = Named::new("at").variable("APIARY_AT");
static TAGS: Named<BTreeMap<String, u8>> = Named::new("tag");
static CALM: Flag<Option<bool>> = Flag::new("calm").opposite("restless").variable("APIARY_CALM");
static LOUD: Tally = Tally::new("loud");
static LIST: Command = Command::new("list").takes(&[
    SORT.param(),
    NOTE.param(),
    COUNT.param(),
    AT.param(),
    TAGS.param(),
    CALM.param(),
    LOUD.param(),
]);
static JARS: Named<Option<u32>> = Named::new("jars").variable("APIARY_JARS");
static BARREL: Flag = Flag::new("barrel").variable("APIARY_BARREL");
static MOISTURE: Named<Option<f64>> = Named::new("moisture").variable("APIARY_MOISTURE");
static SHED: Operand<Option<PathBuf>> = Operand::new("shed").absent().extensions(&["csv", "json"]);
static HARVEST: Command = Command::new("harvest")
    .takes(&[JARS.param(), BARREL.param(), MOISTURE.param(), SHED.param()])
    .rules(&[
        Rule::only_one(&[JARS.param(), BARREL.param()]),
        Rule::only_with(JARS.param(), &[MOISTURE.param()]),
    ]);
static CONFIG: Config = Config::new("apiary/config.toml").option(FILE.param());
pub(crate) static APIARY: Command = Command::new("apiary")
    .takes(&[YARD.param(), FILE.param(), TOKEN.param()])
    .commands(&[&LIST, &HARVEST])
    .config(&CONFIG);

pub(crate) fn world(variables: &[(&'static str, &'static str)], lines: &[&str]) -> &'static Small {
    let files = HashMap::from([("token", "hum-42"), ("short", "x"), ("old.csv", "")]);
    let variables = variables.iter().copied().collect();
    let settings = (!lines.is_empty()).then(|| settings(lines));
    Box::leak(Box::new(Small { variables, files, settings }))
}

#[track_caller]
pub(crate) fn reads(world: &'static Small, line: &str) -> Reading<'static> {
    match APIARY.read_in(Words::new(words(line)), world) {
        Outcome::Reading(reading) => reading,
        Outcome::Faults(faults) => panic!("`{line}`: {}", faults.draw(Look::PLAIN)),
        _ => panic!("`{line}` is no reading"),
    }
}

#[track_caller]
pub(crate) fn refuses(world: &'static Small, line: &str, expected: Expect) {
    match APIARY.read_in(Words::new(words(line)), world) {
        Outcome::Faults(faults) => expected.assert_eq(&faults.draw(Look::PLAIN)),
        other => panic!("`{line}` gave {other:?}"),
    }
}

#[test]
fn words_win_over_variables_these_over_the_config_file_and_that_over_defaults() {
    let all = world(
        &[
            ("APIARY_NOTE", "from env"),
            ("APIARY_SORT", "a,b"),
            ("APIARY_CALM", "0"),
            ("APIARY_AT", "-3 4"),
        ],
        &[
            "list.note = filed",
            "list.count = 7",
            "list.sort = c",
            "list.calm = true",
            "list.tag.k = 3",
            "list.tag.l = 4",
        ],
    );
    let reading = reads(all, "list --note typed");
    expect![[r#"
        apiary list
          --yard             -
          --config           -
          --token            -
          --sort    a b      $APIARY_SORT
          --note    typed    word 3
          --count   7        config.toml:2:14
          --at      -3 4     $APIARY_AT
          --tag     k=3 l=4  config.toml:5:14
          --calm    off      $APIARY_CALM
          --loud    0        -"#]]
    .assert_eq(&format!("{reading:?}"));
    assert_eq!(reading.get(&SORT), &["a", "b"]);
    assert_eq!((*reading.get(&CALM), *reading.get(&AT)), (Some(false), Some((-3.0, 4.0))));
    assert_eq!(reading.get(&TAGS), &BTreeMap::from([("k".into(), 3), ("l".into(), 4)]));
    assert_eq!(reading.origin(&NOTE), Origin::Word(2));
    assert_eq!(reading.origin(&COUNT).to_string(), "config.toml:2:14");
    // An empty variable is unset, except for text.
    let empty = world(&[("APIARY_NOTE", ""), ("APIARY_COUNT", "")], &["list.count = 7"]);
    let reading = reads(empty, "list");
    assert_eq!((reading.get(&NOTE).as_str(), *reading.get(&COUNT)), ("", Some(7)));
    // A value that a higher source replaces is not converted.
    assert_eq!(
        *reads(world(&[("APIARY_COUNT", "many")], &[]), "list --count 3").get(&COUNT),
        Some(3)
    );
    let former = reads(world(&[], &["list.number = 4"]), "list");
    assert_eq!(*former.get(&COUNT), Some(4));
    assert_eq!(former.warnings(), "apiary list: number is deprecated; use count\n");
    assert_eq!(*reads(world(&[], &["list.restless = true"]), "list").get(&CALM), Some(false));
    assert_eq!(
        reads(world(&[("APIARY_CONFIG", "mine.toml")], &["list.note = mine"]), "list").get(&NOTE),
        "mine"
    );
}

#[test]
fn faults_from_elsewhere_show_their_own_line() {
    refuses(
        world(&[("APIARY_CALM", "perhaps")], &[]),
        "list",
        expect![[r#"
            apiary list: one thing to put right

              APIARY_CALM=perhaps
                          ^^^^^^^
              $APIARY_CALM takes yes or no; 'perhaps' is neither

              page  apiary list --help
        "#]],
    );
    refuses(
        world(&[("APIARY_COUNT", "many")], &[]),
        "list",
        expect![[r#"
            apiary list: one thing to put right

              APIARY_COUNT=many
                           ^^^^
              $APIARY_COUNT takes a whole number; 'many' is not one

              page  apiary list --help
        "#]],
    );
    refuses(
        world(&[("APIARY_SORT", "a,b,c")], &[]),
        "list --cuont 3",
        expect![[r#"
            apiary list: two things to put right

              apiary list --cuont 3
                          ^^^^^^^
                          1

              APIARY_SORT=a,b,c
                              ^
                              2

              1  --cuont is not an option here; --count is
              2  $APIARY_SORT takes at most two, not three

              page  apiary list --help
        "#]],
    );
    refuses(
        world(
            &[],
            &[
                "list.note = ok",
                "list.count = many",
                "list.note = x",
                "lst.note = x",
                "list.loud = 2",
            ],
        ),
        "list",
        expect![[r#"
            apiary list: four things to put right

              config.toml:2:14
              list.count = many
                           ^^^^
                           1

              config.toml:3:13
              list.note = x
                          ^
                          2

              config.toml:4:1
              lst.note = •••
              ^^^
              3

              config.toml:5:6
              list.loud = •••
                   ^^^^
                   4

              1  count takes a whole number; 'many' is not one
              2  note takes exactly one, not two
              3  'lst' is not a setting here; list is
              4  'loud' is not a setting here

              page  apiary list --help
        "#]],
    );
    refuses(
        world(&[("APIARY_YARD", "away")], &[]),
        "list",
        expect![[r#"
            apiary list: one thing to put right

              APIARY_YARD=away
                          ^^^^
              $APIARY_YARD takes a folder that exists; there is nothing at 'away'

              page  apiary list --help
        "#]],
    );
    refuses(
        world(&[], &[]),
        "--config yours.toml list --cuont 3",
        expect![[r#"
            apiary list: two things to put right

              apiary --config yours.toml list --cuont 3
                              ^^^^^^^^^^      ^^^^^^^
                              1               2
              1  --config names a file that cannot be read: there is nothing at that path
              2  --cuont is not an option here; --count is

              page  apiary list --help
        "#]],
    );
    refuses(
        world(&[], &[]),
        "--config yours.toml list",
        expect![[r#"
            apiary list: one thing to put right

              apiary --config yours.toml list
                              ^^^^^^^^^^
              --config names a file that cannot be read: there is nothing at that path

              page  apiary list --help
        "#]],
    );
    let error = Malformed::NotForm { form: "TOML", said: "expected a value".into() };
    let malformed = Settings { error: Some((5..6, error)), ..settings(&["a = b"]) };
    let malformed = Small { settings: Some(malformed), ..Small::default() };
    refuses(
        Box::leak(Box::new(malformed)),
        "list",
        expect![[r#"
            apiary list: one thing to put right

              config.toml:1:6
              •••
                 ^
              this is not TOML (expected a value)

              page  apiary list --help
        "#]],
    );
    refuses(
        world(&[], &["list = 1"]),
        "list",
        expect![[r#"
        apiary list: one thing to put right

          config.toml:1:1
          list = 1
          ^^^^
          'list' is not a setting here

          page  apiary list --help
    "#]],
    );
    refuses(
        world(&[], &["list.at = 1"]),
        "list",
        expect![[r#"
            apiary list: one thing to put right

              config.toml:1:11
              list.at = 1
                        ^
              at takes exactly two, not one

              page  apiary list --help
        "#]],
    );
}

#[test]
fn a_variable_stands_in_for_an_operand() {
    static PLACE: Operand<Vec<u8>> =
        Operand::new("place").variable("APIARY_PLACE").joined_by(',').times(2, 3);
    static MOVE: Command = Command::new("move").takes(&[PLACE.param()]);
    let with = |variables: &[(&'static str, &'static str)], line| match MOVE
        .read_in(Words::new(words(line)), world(variables, &[]))
    {
        Outcome::Reading(reading) => format!("{:?}", reading.get(&PLACE)),
        Outcome::Faults(faults) => format!("{:?}", faults.iter().next().unwrap().kind()),
        _ => unreachable!("no page is asked for"),
    };
    assert_eq!(with(&[("APIARY_PLACE", "1,2")], ""), "[1, 2]");
    assert_eq!(with(&[("APIARY_PLACE", "1,2")], "3,4"), "[3, 4]");
    assert_eq!(with(&[("APIARY_PLACE", "")], ""), "OperandMissing");
    assert_eq!(with(&[("APIARY_PLACE", "1")], ""), "ValuesMiscounted");
    assert_eq!(with(&[], "1,2,3,4"), "ValuesMiscounted");
    assert_eq!(with(&[], "1 2"), "[1, 2]");
    // It leaves the only word to the operand after it.
    static FROM: Operand<u8> = Operand::new("from").variable("APIARY_FROM");
    static TO: Operand<u8> = Operand::new("to");
    static CARRY: Command = Command::new("carry").takes(&[FROM.param(), TO.param()]);
    let with_from = world(&[("APIARY_FROM", "7")], &[]);
    let Outcome::Reading(reading) = CARRY.read_in(Words::new(words("8")), with_from) else {
        panic!("a word and a variable are two")
    };
    assert_eq!((*reading.get(&FROM), *reading.get(&TO)), (7, 8));
}

#[test]
fn rules_see_what_the_words_say() {
    let both = world(&[("APIARY_BARREL", "yes"), ("APIARY_MOISTURE", "17")], &[]);
    // A typed member silences the others; a need is met by a variable.
    let reading = reads(both, "harvest --jars 3");
    assert_eq!((*reading.get(&JARS), *reading.get(&BARREL)), (Some(3), false));
    assert!(*reads(both, "harvest").get(&BARREL));
    refuses(
        world(&[], &[]),
        "harvest --jars 3",
        expect![[r#"
            apiary harvest: one thing to put right

              apiary harvest --jars 3 --moisture AMOUNT
                                      _________________
              --jars needs --moisture as well

              like  apiary harvest --jars 3 --moisture AMOUNT
              page  apiary harvest --help
        "#]],
    );
    refuses(
        world(&[], &[]),
        "harvest --jars 3 --barrel --moisture 17",
        expect![[r#"
            apiary harvest: one thing to put right

              apiary harvest --jars 3 --barrel --moisture 17
                             ^^^^^^   ^^^^^^^^
              only one of --jars and --barrel can be given

              page  apiary harvest --help
        "#]],
    );
}

#[test]
fn what_must_be_at_a_path_is_looked_at_last() {
    let some = world(&[], &[]);
    assert!(reads(some, "-y yard harvest new.CSV").get(&SHED).is_some());
    refuses(
        some,
        "-y old.csv harvest old.csv",
        expect![[r#"
            apiary harvest: two things to put right

              apiary -y old.csv harvest old.csv
                        ^^^^^^^         ^^^^^^^
                        1               2
              1  --yard takes a folder that exists; 'old.csv' is a file
              2  SHED takes a path where there is nothing yet, ending in .csv or .json;
                 there is something at 'old.csv' already

              page  apiary harvest --help
        "#]],
    );
    refuses(
        some,
        "-y nowhere harvest new.txt",
        expect![[r#"
            apiary harvest: one thing to put right

              apiary -y nowhere harvest new.txt
                                        ^^^^^^^
              SHED takes a path where there is nothing yet; 'new.txt' does not end in .csv
              or .json

              like  apiary -y nowhere harvest SHED
              page  apiary harvest --help
        "#]],
    );
    // Without a world nothing is looked at.
    assert!(matches!(APIARY.read(&["-y", "nowhere", "list"]), Outcome::Reading(_)));
}
