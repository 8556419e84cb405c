//! Defaults, examples of lines and examples of values, each read as if it were typed.

use super::line;
use clavret_core::ask::{CommandPath, Param, Role};
use clavret_core::faults::Place;
use clavret_core::{Outcome, Tail};

/// What does not read, of a command and its parameters.
pub(super) fn look(path: &CommandPath<'_>, flaws: &mut Vec<String>) {
    let command = path.leaf();
    for param in command.ask().params() {
        flaws.extend(param.wrong_default());
        look_at_example(param, flaws);
    }
    for (_, example) in command.ask().examples() {
        look_at_line(path, example, flaws);
    }
}

/// The example of a parameter's kind is what stands in the placeholders of a line that is offered.
fn look_at_example(param: &Param<'_>, flaws: &mut Vec<String>) {
    let count = param.kinds().len();
    let is_tail = matches!(param.tail(), Some(Tail::AfterDashes | Tail::UnknownOptions));
    // Nobody types as many as that, and no line would show them.
    let is_endless = param.given_times().min > 1_000;
    if count == 0 || is_tail || is_endless || param.is_hidden() {
        return;
    }
    let mut words: Vec<String> = (0..count).map(|at| param.example(at)).collect();
    match param.role() {
        Role::Option if param.is_attached() => {
            words[0] = format!("{}={}", param.spelled(), words[0]);
        }
        Role::Option => words.insert(0, param.spelled()),
        _ => words.insert(0, "--".to_owned()),
    }
    let once = words.clone();
    for _ in 1..param.given_times().min {
        words.extend_from_slice(if param.role() == Role::Operand { &once[1..] } else { &once });
    }
    if let Some(why) = param.refusal(&words) {
        let name = param.spelled();
        flaws.push(format!("the example of what {name} takes does not read: {why}"));
    }
}

/// The line of an example begins with the program's name, and reaches the command.
fn look_at_line(path: &CommandPath<'_>, example: &str, flaws: &mut Vec<String>) {
    let Some(words) = line::words(example) else {
        return flaws.push(format!("the example `{example}` has a quote that is not closed"));
    };
    let (root, leaf) = (path.root(), path.leaf());
    let Some((name, words)) =
        words.split_first().filter(|(name, _)| *name == root.ask().program_name())
    else {
        let root = root.ask().program_name();
        return flaws.push(format!("the example `{example}` does not begin with `{root}`"));
    };
    let reached = match root.read(words) {
        Outcome::Reading(reading) => reading.passes(leaf),
        Outcome::Request(asked) => asked.path().commands().iter().any(|at| at.is(leaf)),
        Outcome::Faults(faults) => {
            // A default that does not read is told once, and not of each line.
            let typed = faults.iter().filter(|fault| !matches!(fault.place(), Place::Nowhere));
            let said: Vec<String> = typed.map(|fault| faults.sentence_of(fault)).collect();
            if !said.is_empty() {
                let said = said.join("; ");
                flaws.push(format!("the example `{example}` does not read: {said}"));
            }
            return;
        }
        _ => return,
    };
    if !reached {
        flaws.push(format!(
            "the example `{example}` is none of `{name}`'s command `{}`",
            leaf.ask().name()
        ));
    }
}
