//! Types say all that values say: two declarations of one tree, and what is read by each.

use std::collections::BTreeMap;
use std::ffi::OsString;
use std::path::PathBuf;

use clavret::ask::CommandPath;
use clavret::handlers::{FromReading, ShowPage};
use clavret::look::Look;
use clavret::medium::{Page, PageLength};
use clavret::reader::Request;
use clavret::shell::BASH;
use clavret::{
    Abbreviated, Attached, Choice, Command, Config, Declare, Flag, Named, Objection, Operand,
    Outcome, Program, Reading, Refers, Rule, Tail, Tally, VERSION_FLAG, package, prove, rehearse,
};

static AID: Flag = Flag::new("aid").letter('a').throughout().stands_alone(&ShowPage);

fn forms(_: &Request<'_>) -> String {
    "code\nplace-name\n".to_owned()
}

/// The tree by values.
mod values {
    use super::*;

    pub(super) static QUIET: Flag = Flag::new("quiet").letter('q').throughout().help("say little");
    pub(super) static SETTINGS: Named<Option<PathBuf>> =
        Named::new("settings").placeholder("FILE").file().extensions(&["toml"]).help("a file");
    static V: Tally = Tally::new("v").throughout().help("say more");
    static TOKEN: Named<Option<String>> =
        Named::new("token").secret_file("token-file").help("a key");
    static CONFIG: Config = Config::new("apiary/config.toml").option(SETTINGS.param());

    static CODE: Operand<String> = Operand::new("code").help("code of the hive");
    static AT: Named<Option<(f64, f64)>> =
        Named::new("at").placeholder("LAT LON").help("where it stands");
    static TAGS: Named<BTreeMap<String, u8>> =
        Named::new("tag").variable("APIARY_TAGS").help("tags");
    static LABELS: Named<Attached<u8>> = Named::new("labels").help("print labels");
    static SORT: Named<Vec<Form>> = Named::new("sort")
        .aliases(&["order"])
        .joined_by(',')
        .distinct()
        .times(0, 2)
        .help("what by");
    static JARS: Named<Option<u32>> = Named::new("jars").letter('j').as_in_code().help("jars");
    static BARREL: Flag<Option<bool>> =
        Flag::new("barrel").opposite("no-barrel").worded().formerly(&["cask"]).help("a barrel");
    static LIMIT: Named<f64> = Named::new("limit").default("1.5").infinite().once().help("at most");
    static HOST: Named<Option<String>> =
        Named::new("host").refers(Refers::Host).hidden().help("where");
    static OLD: Named<Option<String>> = Named::new("old")
        .deprecated("--limit")
        .deprecated_since("0.4")
        .deprecated_until("1.0")
        .help("was at most");
    static ADD: Command = Command::new("add")
        .summary("add a hive")
        .description("It is kept in a file:\n\n* one *each*\n* in `TOML`")
        .aliases(&["new"])
        .takes(&[
            CODE.param(),
            AT.param(),
            TAGS.param(),
            LABELS.param(),
            SORT.param(),
            JARS.param(),
            BARREL.param(),
            LIMIT.param(),
            HOST.param(),
            OLD.param(),
        ])
        .rules(&[
            Rule::only_one(&[JARS.param(), BARREL.param()]),
            Rule::only_with(AT.param(), &[LABELS.param()]),
            Rule::needed_with(&[TAGS.param()], LIMIT.param(), "9"),
        ])
        .examples(&[("a hive", "apiary hive add A7")])
        .statuses(&[(0, "added")]);

    static PROGRAM: Operand<OsString> = Operand::new("program").help("what to run");
    static WORDS: Operand<Vec<OsString>> = Operand::new("words").tail(Tail::Raw).help("its words");
    static EACH: Command = Command::new("run-each")
        .summary("run a program")
        .formerly(&["each"])
        .takes(&[PROGRAM.param(), WORDS.param()]);
    static FORMS: Flag = Flag::new("forms").help("list the forms").stands_alone(&super::forms);
    static LOUD: Flag = Flag::new("loud").letter('q').anew().help("say it aloud");
    static LIST: Command =
        Command::new("list").summary("list them").takes(&[FORMS.param(), LOUD.param()]);
    static HIVE: Command = Command::new("hive")
        .summary("the hives")
        .commands(&[&ADD, &EACH, &LIST])
        .default_command(&LIST);

    pub(super) static APIARY: Command = Command::new("apiary")
        .summary("the logbook")
        .package(package!())
        .version("9.9")
        .usual(&[super::AID.param(), VERSION_FLAG.param()])
        .takes(&[QUIET.param(), V.param(), SETTINGS.param(), TOKEN.param()])
        .commands(&[&HIVE])
        .acts()
        .abbreviations(Abbreviated::Both)
        .config(&CONFIG)
        .judged_by(&|reading| super::loud(*reading.get(&QUIET)));
}

fn loud(is_quiet: bool) -> Result<(), Objection> {
    if is_quiet { Err(Objection::new("say it aloud")) } else { Ok(()) }
}

fn check(reading: &Reading<'_>) -> Result<(), Objection> {
    loud(*reading.get(Apiary::QUIET))
}

/// the logbook
#[derive(Debug, PartialEq, Declare)]
#[declare(name = "apiary", version = "9.9", abbreviations = Abbreviated::Both, judged_by = check)]
#[declare(usual(AID, VERSION_FLAG))]
#[declare(config = Config::new("apiary/config.toml").option(Apiary::SETTINGS.param()))]
struct Apiary {
    /// say little
    #[flag(letter = 'q', throughout)]
    quiet: bool,
    /// say more
    #[tally(name = "v", throughout)]
    verbosity: u32,
    /// a file
    #[option(placeholder = "FILE", file, extensions = ["toml"])]
    settings: Option<PathBuf>,
    /// a key
    #[option(secret_file = "token-file")]
    token: Option<String>,
    #[commands]
    work: Option<Box<Work>>,
}

#[derive(Debug, PartialEq, Declare)]
enum Work {
    /// the hives
    Hive(Hive),
}

#[derive(Debug, PartialEq, Declare)]
#[declare(default_command = List)]
enum Hive {
    Add(Box<AddHive>),
    /// run a program
    #[declare(formerly = ["each"])]
    RunEach {
        /// what to run
        #[operand]
        program: OsString,
        /// its words
        #[operand(tail = Tail::Raw)]
        words: Vec<OsString>,
    },
    /// list them
    List {
        /// list the forms
        #[flag(stands_alone = forms)]
        forms: bool,
        /// say it aloud
        #[flag(letter = 'q', anew)]
        loud: bool,
    },
}

/// add a hive.
///
/// It is kept in a file:
///
/// * one *each*
/// * in `TOML`
#[derive(Debug, PartialEq, Declare)]
#[declare(aliases = ["new"], examples = [("a hive", "apiary hive add A7")], statuses = [(0, "added")])]
#[declare(only_one(jars, barrel), only_with(at, labels), needed_with(tag, limit = "9"))]
struct AddHive {
    /// code of the hive
    #[operand]
    code: String,
    /// where it stands
    #[option(placeholder = "LAT LON")]
    at: Option<(f64, f64)>,
    /// tags
    #[option(variable = "APIARY_TAGS")]
    tag: BTreeMap<String, u8>,
    /// print labels
    #[option]
    labels: Attached<u8>,
    /// what by
    #[option(aliases = ["order"], joined_by = ',', distinct, times(0, 2))]
    sort: Vec<Form>,
    /// jars
    #[option(letter = 'j', as_in_code)]
    jars: Option<u32>,
    #[flag(opposite = "no-barrel", worded, formerly = ["cask"], help = "a barrel")]
    barrel: Option<bool>,
    /// at most
    #[option(default = 1.5, infinite, once)]
    limit: f64,
    /// where
    #[option(refers = Refers::Host, hidden)]
    host: Option<String>,
    /// was at most
    #[option(deprecated = "--limit", deprecated_since = "0.4", deprecated_until = "1.0")]
    old: Option<String>,
}

#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, Choice)]
enum Form {
    /// by code
    Code,
    #[offer(name = "place-name", help = "by place")]
    Place,
    #[offer(deprecated = "code")]
    Name,
}

#[test]
fn pages_and_completion_are_those_of_values() {
    let mut pairs = vec![(CommandPath::of(&values::APIARY), CommandPath::of(Apiary::COMMAND))];
    let mut count = 0;
    while let Some((by_values, by_types)) = pairs.pop() {
        for length in [PageLength::Short, PageLength::Full] {
            let draw = |path| Page::of(path, length).draw(Look::PLAIN.color(true));
            assert_eq!(draw(&by_values), draw(&by_types), "`{by_values}`");
        }
        let below = |path: &CommandPath<'static>| path.leaf().ask().subcommands().iter();
        let both = below(&by_values).zip(below(&by_types));
        pairs.extend(both.map(|(ours, theirs)| (by_values.below(ours), by_types.below(theirs))));
        count += 1;
    }
    assert_eq!(count, 5);
    assert_eq!(BASH.script(&values::APIARY), BASH.script(Apiary::COMMAND));
    prove(Apiary::COMMAND);
}

/// Keys of entries, of which one says what its values are.
#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord, Choice)]
enum Part {
    #[offer(value = u8)]
    Jars,
    Ribbon,
}

#[test]
fn a_key_takes_values_of_its_own_type() {
    static BOX: Named<BTreeMap<Part, String>> = Named::new("box");
    static PACK: Command = Command::new("pack").takes(&[BOX.param()]);
    let reads = |word| matches!(PACK.read(&["--box", word]), Outcome::Reading(_));
    assert!(reads("jars=12") && reads("ribbon=red") && !reads("jars=red"));
}

/// Names that generated ones must not meet.
#[derive(Declare)]
#[declare(name = "names")]
enum Names {
    /** in a block comment.
     *
     * - a *list*
     * - of two
     */
    Add {
        #[operand]
        code: String,
    },
    AddCode {
        #[operand]
        command: String,
        #[flag]
        r#as: bool,
    },
}

/// a function
#[clavret::declare]
fn run(#[operand] command: String, #[option] reading: Option<u8>, #[flag] call: bool) {
    assert_eq!((command.as_str(), reading, call), ("A7", Some(3), true));
}

static RUN: Program = Program::of::<run>();

#[test]
fn names_that_look_alike_do_not_meet() {
    rehearse(&RUN).words(["A7", "--reading", "3", "--call"]).run().succeeds();
    let add = Names::COMMAND.ask().subcommands()[0];
    let page =
        Page::of(&CommandPath::of(Names::COMMAND).below(add), PageLength::Full).draw(Look::PLAIN);
    let about = "names add   in a block comment\n\nusage         names add CODE\n\n\
                 description   - a *list*\n              - of two\n";
    assert!(page.starts_with(about), "{page}");
    assert_eq!(run::COMMAND.ask().name(), "run");
    assert_eq!(clavret::shape::Key::record(run::COMMAND_KEY).name(), "command");
    let words = ["add-code", "A7", "--as"];
    let Outcome::Reading(mut reading) = Names::COMMAND.read(&words) else { panic!() };
    match Names::take_from(&mut reading) {
        Names::AddCode { command, r#as } => assert_eq!((command.as_str(), r#as), ("A7", true)),
        Names::Add { code } => panic!("`add {code}` was not called"),
    }
}

#[track_caller]
fn read(line: &str) -> Apiary {
    let words: Vec<&str> = line.split(' ').filter(|word| !word.is_empty()).collect();
    match Apiary::COMMAND.read(&words) {
        Outcome::Reading(mut reading) => Apiary::take_from(&mut reading),
        other => panic!("`{line}` gave {other:?}"),
    }
}

#[test]
fn values_are_moved_out_at_any_depth() {
    let apiary = |verbosity, work: Option<Work>| Apiary {
        quiet: false,
        verbosity,
        settings: None,
        token: None,
        work: work.map(Box::new),
    };
    assert_eq!(read(""), apiary(0, None));
    let list = |loud| Some(Work::Hive(Hive::List { forms: false, loud }));
    assert_eq!(read("hive -vv"), apiary(2, list(false)), "the default command");
    assert_eq!(read("hive list -q"), apiary(0, list(true)), "declared anew");
    let words = vec!["-n".into(), "x".into()];
    let each = Hive::RunEach { program: "echo".into(), words };
    assert_eq!(read("hive run-each echo -n x"), apiary(0, Some(Work::Hive(each))));
    let add = AddHive {
        code: "A7".to_owned(),
        at: Some((-33.9, 18.4)),
        tag: BTreeMap::from([("x".to_owned(), 1)]),
        labels: Attached::Bare,
        sort: vec![Form::Code, Form::Place],
        jars: Some(31),
        barrel: None,
        limit: f64::INFINITY,
        host: None,
        old: None,
    };
    let line = "-v hive add A7 --at -33.9 18.4 --tag x=1 --labels --order code,place-name -j 0x1f";
    let work = Work::Hive(Hive::Add(Box::new(add)));
    assert_eq!(read(&(line.to_owned() + " --limit inf")), apiary(1, Some(work)));
}

#[test]
fn rules_and_tests_of_the_whole_hold() {
    let refuses = |line: &str| {
        let words: Vec<&str> = line.split(' ').collect();
        let outcome = Apiary::COMMAND.read(&words);
        assert!(matches!(outcome, Outcome::Faults(_)), "`{line}` gave {outcome:?}");
    };
    refuses("hive add A7 -j 1 --barrel");
    refuses("hive add A7 --at 1 2");
    refuses("hive add A7 --limit 9");
    refuses("hive -q list");
}

#[test]
fn defaults_are_written_as_values_of_their_types() {
    #[derive(Debug, PartialEq, Declare)]
    struct Sited {
        #[option(default = (-33.9, 18.4))]
        near: (f64, f64),
        #[option(name = "as", default = Form::Place)]
        form: Form,
        #[option(default = "left", valid = clavret::valid::one_of(&["left", "right"]))]
        side: String,
    }

    let read = |words: &'static [&'static str]| match Sited::COMMAND.read(words) {
        Outcome::Reading(mut reading) => Ok(Sited::take_from(&mut reading)),
        other => Err(format!("{other:?}")),
    };
    let sited = Sited { near: (-33.9, 18.4), form: Form::Place, side: "left".into() };
    assert_eq!(read(&[]), Ok(sited));
    assert!(
        read(&["--side", "up"])
            .unwrap_err()
            .contains("--side takes left or right; 'up' is neither")
    );
    assert_eq!(Sited::COMMAND.wrong_defaults(), [""; 0]);
}
