//! What once went wrong, and must not again.

use clavret_complete::{BASH, COMPLETIONS, candidates};
use clavret_core::FaultKind::{ValueMisfit, ValueMissing};
use clavret_core::{Command, HELP, Look, Named, Operand, Outcome, Rule, Tail, valid};

use crate::demo::faults;

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
    static AIDE: Command = HELP.adapted().summary("montrer la page").aliases(&["aide"]);
    static SCRIPTS: Command = COMPLETIONS.adapted().hidden();
    static ROOT: Command = Command::new("rucher").commands(&[&AIDE, &SCRIPTS]);
    let text = |line: &'static str| match ROOT.read(crate::demo::words(line)) {
        Outcome::Asked(asked) => asked.text(Look::PLAIN),
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

/// A program without a version was said to take `-version` as an operand.
#[test]
fn what_asks_for_a_version_is_not_offered_as_an_operand() {
    static HIVE: Operand<String> = Operand::new("hive");
    static INSPECT: Command = Command::new("inspect").takes(&[HIVE.param()]);
    for (word, is_offered) in [("-version", false), ("-V", false), ("-x", true)] {
        let words = [word];
        let Outcome::Faults(faults) = INSPECT.read(&words) else { panic!() };
        assert_eq!(faults.draw(Look::PLAIN).contains("  try "), is_offered, "{faults:?}");
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
