//! What once went wrong, and must not again.

use clavret_complete::{BASH, COMPLETIONS, candidates};
use clavret_core::FaultKind::{ValueMisfit, ValueMissing};
use clavret_core::{Command, HELP, Look, Named, Operand, Outcome, valid};

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
