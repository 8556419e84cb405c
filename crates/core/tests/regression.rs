//! What once went wrong, and must not again.

use clavret_core::faults::FaultKind::{ValueMisfit, ValueMissing};
use clavret_core::look::Look;
use clavret_core::reader::Words;
use clavret_core::{
    Abbreviated, Attached, Command, Flag, HELP_COMMAND, Named, Operand, Outcome, Rule, Tail, Tally,
    valid,
};
use clavret_tab::{BASH, COMPLETIONS_COMMAND, Cursor, Typed, complete};

use super::offered::candidates;
use crate::demo::faults;
use crate::world::Small;

/// An option that waits for its value hid what was wrong with an earlier one.
#[test]
fn an_earlier_value_is_looked_at_although_the_last_is_missing() {
    let kinds = |line| faults(line).iter().map(|fault| fault.kind()).collect::<Vec<_>>();
    assert_eq!(kinds("--color inspect inspect A7 --color"), [ValueMisfit, ValueMissing]);
    assert_eq!(kinds("hive add B1 --queen blue --at x 1 --at 2"), [ValueMisfit, ValueMissing]);
}

/// A program that adapted a standard command, such as to another language, got it as a reading.
#[test]
fn an_adapted_standard_command_is_still_answered() {
    static AIDE: Command = HELP_COMMAND.adapted().summary("montrer la page").aliases(&["aide"]);
    static SCRIPTS: Command = COMPLETIONS_COMMAND.adapted().hidden();
    static ROOT: Command = Command::new("rucher").commands(&[&AIDE, &SCRIPTS]);
    let text = |line: &'static str| match ROOT.read(crate::demo::words(line)) {
        Outcome::Request(asked) => asked.text(Look::PLAIN),
        other => panic!("{other:?}"),
    };
    assert!(text("aide help").starts_with("rucher help   montrer la page"));
    assert_eq!(text("completions bash"), BASH.script(&ROOT));
    assert_eq!(candidates(&ROOT, &["aide"], ""), ["help"]);
}

/// A name that was mended to one that may be given once pushed out the value that had been given.
#[test]
fn a_value_is_not_dropped_for_a_name_that_is_guessed() {
    static FRAMES: Named<Option<u8>> = Named::new("frames").letter('f').once();
    static INSPECT: Command = Command::new("inspect").takes(&[FRAMES.param()]);
    let Outcome::Faults(faults) = INSPECT.read(&["-f6", "--frmaes", "3"]) else { panic!() };
    let drawn = faults.draw(Look::PLAIN);
    assert!(!drawn.contains("  try") && !drawn.contains("  like"), "{drawn}");
}

/// Lines were offered that do something else than what was meant: an option became an operand, and a file was written that is
/// called so; a letter became the same one in the other case; of two values one was dropped, of two names one was guessed; an
/// option of another program went to this one; words that are things of their own became one text.
#[test]
fn what_was_not_meant_is_not_offered() {
    static HIVE: Operand<String> = Operand::new("hive");
    static TO: Operand<Option<String>> = Operand::new("to");
    static COPY: Command = Command::new("copy").takes(&[HIVE.param(), TO.param()]);
    static ALL: Flag = Flag::new("all").letter('a');
    static LOUD: Tally = Tally::new("v");
    static FIELD: Named<Option<u8>> = Named::new("field").letter('f').once();
    static SORT: Named<Option<String>> = Named::new("sort").letter('N');
    static SORTED: Flag = Flag::new("sorted");
    static LIST: Command = Command::new("list")
        .takes(&[ALL.param(), LOUD.param(), FIELD.param(), SORT.param(), SORTED.param()])
        .abbreviations(Abbreviated::Both);
    static WORDS: Operand<Vec<String>> = Operand::new("words").tail(Tail::Raw);
    static RUN: Command = Command::new("run").takes(&[WORDS.param()]);
    static CODE: Named<Option<String>> = Named::new("code").letter('c');
    static ROOT: Command =
        Command::new("apiary").takes(&[CODE.param()]).commands(&[&RUN]).version("1.0");
    for (command, line, said) in [
        (&COPY, "-20", "-2 is not an option here"),
        (&COPY, "A7 -1", "-1 is not an option here"),
        (&COPY, "-version", "is not an option here"),
        (&LIST, "-A", "-A is not an option here; -a is"),
        (&LIST, "-a -V -F 3", "-F is not an option here; -f is"),
        (&LIST, "-an3", "-n is not an option here; -N is"),
        (&LIST, "-f1 -f2", "--field may be given only once"),
        (&LIST, "--sor x", "--sor could be --sort or --sorted"),
        (&ROOT, "run -c true", "-c is not an option here; apiary has it"),
        (&COPY, "A7 b c d", "'c' and 'd' are two words too many for copy"),
        (&LIST, "-sort -- a --help", "is not an option here"),
        (&COPY, "A7 old new", "'new' is one word too many for copy"),
    ] {
        let words: Vec<&str> = line.split(' ').collect();
        let Outcome::Faults(faults) = command.read(&words) else { panic!("{line}") };
        let drawn = faults.draw(Look::PLAIN);
        assert!(!drawn.contains("\n  try ") && drawn.contains(said), "{drawn}");
    }
    // What is left is a negative number where one is taken, and a word that zsh would take for a path.
    static DEGREES: Operand<i8> = Operand::new("degrees");
    static EIGHT: Flag = Flag::new("8");
    static WARM: Command = Command::new("warm").takes(&[DEGREES.param(), EIGHT.param()]);
    for (command, line, offered) in
        [(&WARM, "-5", "warm -- -5"), (&LIST, "--srot =ls", "list --sort '=ls'")]
    {
        let words: Vec<&str> = line.split(' ').collect();
        let Outcome::Faults(faults) = command.read(&words) else { panic!("{line}") };
        let drawn = faults.draw(Look::PLAIN);
        assert!(drawn.contains(&format!("\n  try   {offered}\n")), "{drawn}");
    }
}

/// A word that was too many was joined by quotes with the example in a placeholder, which was offered as typed.
#[test]
fn no_example_is_offered_as_if_it_were_typed() {
    static BECAUSE: Named<String> = Named::new("because").valid(&valid::length(3, 200));
    static RETIRE: Command = Command::new("retire").takes(&[BECAUSE.param()]);
    let Outcome::Faults(faults) = RETIRE.read(&["--because", "B2", "swarmed"]) else { panic!() };
    let drawn = faults.draw(Look::PLAIN);
    assert!(!drawn.contains("'text") && !drawn.contains("  try"), "{drawn}");
}

/// A value that a later one had taken the place of asked for what is needed with it.
#[test]
fn what_is_needed_with_a_value_is_not_needed_with_an_earlier_one() {
    static QUEEN: Named<Option<String>> = Named::new("queen");
    static YEAR: Named<Option<u16>> = Named::new("year");
    static ADD: Command = Command::new("add")
        .takes(&[QUEEN.param(), YEAR.param()])
        .rules(&[Rule::needed_with(&[YEAR.param()], QUEEN.param(), "new")]);
    assert!(matches!(ADD.read(&["--queen=new", "--queen=old"]), Outcome::Reading(_)));
    assert!(matches!(ADD.read(&["--queen=old", "--queen=new"]), Outcome::Faults(_)));
}

/// An operand that ended the options was taken for the `--` after which the words are another's.
#[test]
fn an_operand_that_ends_the_options_is_no_terminator() {
    static CODE: Operand<String> = Operand::new("code");
    static PLACE: Operand<Option<String>> = Operand::new("place");
    static WORDS: Operand<Vec<String>> = Operand::new("words").tail(Tail::AfterDashes);
    static RUN: Command = Command::new("run")
        .takes(&[CODE.param(), PLACE.param(), WORDS.param()])
        .operands_end_options();
    let read = |line: &'static str| {
        let words: Vec<&str> = line.split(' ').collect();
        let Outcome::Reading(reading) = RUN.read(&words) else { panic!("{line}") };
        (reading.get(&PLACE).clone(), reading.get(&WORDS).join(" "))
    };
    assert_eq!(read("A7 orchard"), (Some("orchard".to_owned()), String::new()));
    assert_eq!(read("A7 -x -- -y --"), (Some("-x".to_owned()), "-y --".to_owned()));
    assert_eq!(read("A7 -- echo"), (None, "echo".to_owned()));
}

/// Faults of which each was said to follow from another were not told at all.
#[test]
fn what_follows_from_something_that_is_not_told_is_told() {
    static AT: Named<Option<[u8; 2]>> = Named::new("at");
    static CODE: Named<String> = Named::new("code");
    static ADD: Command = Command::new("add").takes(&[AT.param(), CODE.param()]);
    let Outcome::Faults(faults) = ADD.read(&["--at", "--help", "--", "--at=3"]) else { panic!() };
    let drawn = faults.draw(Look::PLAIN);
    assert!(drawn.starts_with("add: two things to put right\n"), "{drawn}");
}

/// The second word of a pair was not offered where its list had room for that one pair, a pair that began as another one not
/// at all, and a list of which all words were given once more.
#[test]
fn pairs_are_completed_as_a_whole() {
    static AT: Named<Vec<[bool; 2]>> = Named::new("at").times(0, 1);
    static ON: Named<Vec<[bool; 2]>> = Named::new("on").distinct();
    static BY: Named<Vec<bool>> = Named::new("by").distinct();
    static ADD: Command = Command::new("add").takes(&[AT.param(), ON.param(), BY.param()]);
    let all = ["yes", "no"];
    assert_eq!(candidates(&ADD, &["--at", "yes"], ""), all);
    assert_eq!(candidates(&ADD, &["--at", "yes", "yes"], "--"), ["--on", "--by", "--help"]);
    assert_eq!(candidates(&ADD, &["--on", "yes", "no", "--on"], ""), all);
    assert_eq!(candidates(&ADD, &["--on", "yes", "no", "--on", "yes"], ""), ["yes"]);
    let line = ["--by", "yes", "--by=no"];
    assert_eq!(candidates(&ADD, &line, "--"), ["--at", "--on", "--help"]);
}

/// An operand was offered that moves the ones behind the cursor on, to where a rule forbids them beside it.
#[test]
fn an_operand_that_moves_others_to_where_they_may_not_be_is_not_offered() {
    static CALM: Operand<Option<bool>> = Operand::new("calm");
    static PAIR: Operand<[String; 2]> = Operand::new("pair").default("A7 A7");
    static MOVE: Command = Command::new("move")
        .takes(&[CALM.param(), PAIR.param()])
        .rules(&[Rule::not_with(CALM.param(), &[PAIR.param()])]);
    let mut cursor = Cursor::new(&[] as &[&str], "");
    let offers_yes =
        |cursor: &Cursor| format!("{:?}", complete(&MOVE, cursor, None)).contains("\"yes\"");
    assert!(offers_yes(&cursor));
    cursor.after.push(Typed::new("yes"));
    assert!(!offers_yes(&cursor));
}

/// A flag that was turned off was one that is given, and what was given silenced more than what it excludes.
#[test]
fn rules_are_about_flags_that_are_on_and_silence_what_they_exclude() {
    static DRY: Flag = Flag::new("dry-run").opposite("wet").worded().variable("DRY");
    static LOG: Named<Option<String>> = Named::new("log");
    static YARD: Named<Option<String>> = Named::new("yard").variable("YARD");
    static EDGE: Command = Command::new("edge")
        .takes(&[DRY.param(), LOG.param(), YARD.param()])
        .rules(&[Rule::not_with(DRY.param(), &[LOG.param(), YARD.param()])]);
    static ONLY: Command = Command::new("only")
        .takes(&[DRY.param(), LOG.param()])
        .rules(&[Rule::only_with(LOG.param(), &[DRY.param()])]);
    let world = |variables: &[(&'static str, &'static str)]| Small {
        variables: variables.iter().copied().collect(),
        ..Small::default()
    };
    let of_yard = world(&[("YARD", "bees")]);
    let yard = |words: &'static [&'static str]| match EDGE.read_in(Words::new(words), &of_yard) {
        Outcome::Reading(reading) => reading.get(&YARD).clone(),
        Outcome::Faults(faults) => Some(faults.draw(Look::PLAIN)),
        other => panic!("{other:?}"),
    };
    assert_eq!(yard(&["--log", "f"]).as_deref(), Some("bees"));
    assert_eq!(yard(&["--wet", "--log=f"]).as_deref(), Some("bees"));
    assert_eq!(yard(&["--dry-run=no", "--log=f"]).as_deref(), Some("bees"));
    assert_eq!(yard(&["--wet=no"]), None);
    assert!(yard(&["--dry-run", "--log=f"]).unwrap().contains("--dry-run does not go with --log"));
    let meets = |dry| {
        let world = world(&[("DRY", dry)]);
        matches!(ONLY.read_in(Words::new(&["--log=f"]), &world), Outcome::Reading(_))
    };
    assert!(meets("yes") && !meets("no"));
    assert_eq!(candidates(&EDGE, &["--wet"], "--l"), ["--log"]);
    assert_eq!(candidates(&EDGE, &["--dry-run"], "--l"), [""; 0]);
}

/// A word that is dropped from a list goes with its whole sign.
#[test]
fn a_sign_of_several_bytes_goes_whole() {
    static SORT: Named<Vec<String>> = Named::new("sort").joined_by('·').distinct();
    static LIST: Command = Command::new("list").takes(&[SORT.param()]);
    for line in [["--sort=place·code·place"], ["--sort=a·a"]] {
        let Outcome::Faults(faults) = LIST.read(&line) else { panic!("{line:?} reads") };
        let drawn = faults.draw(Look::PLAIN);
        let try_line = drawn.lines().find_map(|line| line.strip_prefix("  try   ")).unwrap();
        assert!(["list --sort=place·code", "list --sort=a"].contains(&try_line), "{drawn}");
    }
}

/// A command that one repair put in became a value of the option that the next one moved in front of it.
#[test]
fn a_command_that_is_put_in_is_no_value() {
    static CALMER: Named<Attached<String>> = Named::new("calmer");
    static ADD: Command = Command::new("add").takes(&[CALMER.param()]);
    static HIVE: Named<Option<(String, String)>> = Named::new("hive");
    static LIST: Command =
        Command::new("list").takes(&[HIVE.param()]).commands(&[&ADD]).default_command(&ADD);
    static ROOT: Command = Command::new("apiary").commands(&[&LIST]);
    let Outcome::Faults(faults) = ROOT.read(&["--calmer", "--hive="]) else { panic!() };
    assert_eq!(faults.iter().count(), 2);
    assert!(!faults.draw(Look::PLAIN).contains("try"), "{faults:?}");
}
