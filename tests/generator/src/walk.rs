//! Lines by walking: the reader is asked what may stand next, and gets that, word by word. What completion offers and what
//! the reader accepts come from the same state, so a line that was walked along is one that the state allows.

use clavret_core::ask::{Param, Role};
use clavret_core::faults::FaultKind;
use clavret_core::reader::{Expects, Reader, Words};
use clavret_core::{Command, Outcome};

use crate::structure::Pick;
use crate::tree::Listed;
use crate::words::example;

/// A line of words each of which was expected where it stands, finished as far as that is known: rules are not looked at.
pub fn walk(root: &Command<'_>, pick: Pick<'_>) -> Vec<String> {
    let mut words: Vec<String> = Vec::new();
    let mut reader = Reader::new(root, 16);
    for _ in 0..pick(12) {
        if let Some(word) = next(&reader, pick) {
            reader.step(word.as_ref());
            words.push(word);
        }
    }
    loop {
        let word = match reader.expects() {
            Expects::Value(param, at) => value(param, at, pick),
            Expects::Command(command)
                if !command.ask().is_acting() && command.ask().default_command().is_none() =>
            {
                command.ask().subcommands()[pick(command.ask().subcommands().len())]
                    .ask()
                    .name()
                    .to_owned()
            }
            _ => break,
        };
        reader.step(word.as_ref());
        words.push(word);
    }
    // What is missing is told, and put where there is room for it.
    for _ in 0..6 {
        let Outcome::Faults(faults) = root.read(&words) else { break };
        let is_missing =
            |kind| matches!(kind, FaultKind::OptionMissing | FaultKind::OperandMissing);
        let Some(param) =
            faults.iter().find(|fault| is_missing(fault.kind())).and_then(|fault| fault.param())
        else {
            break;
        };
        let more: Vec<String> = (0..param.kinds().len()).map(|at| value(param, at, pick)).collect();
        let is_ended = words.iter().any(|word| word == "--");
        let mut reader = Reader::new(root, words.len());
        reader.step_all(Words::new(&words));
        if param.role() == Role::Operand {
            // A word might name a command in place of the one that is meant where none is named.
            if !reader.command().is(faults.path().leaf()) {
                break;
            }
            if !is_ended && more.iter().any(|word| word.starts_with('-')) {
                words.push("--".to_owned());
            }
            words.extend(more);
        } else {
            let end = words.iter().position(|word| word == "--").unwrap_or(words.len());
            // Its name may be another's here, or that of a command that is not named.
            let reach = reader.names_in_reach();
            let meant = match param.long() {
                Some(name) => reach.named(name.as_bytes()),
                None => reach.lettered(param.name().as_bytes()[0]),
            };
            if !meant.is_some_and(|meant| meant.is(param)) {
                break;
            }
            words.splice(end..end, [vec![param.spelled()], more].concat());
        }
    }
    words
}

fn next(reader: &Reader<'_>, pick: Pick<'_>) -> Option<String> {
    if let Expects::Value(param, at) = reader.expects() {
        return Some(value(param, at, pick));
    }
    let is_option = !reader.is_past_options() && pick(2) == 0;
    if is_option {
        let reach = reader.names_in_reach();
        let names = reach.names();
        let (name, _, at) = *names.get(pick(names.len().max(1)))?;
        let param = reach.list()[at].param();
        let long = if name.len() > 1 { format!("--{name}") } else { format!("-{name}") };
        let spelled =
            reach.letter(at).filter(|_| pick(2) == 0).map_or(long, |letter| format!("-{letter}"));
        return (!param.stands_alone()).then_some(spelled);
    }
    match reader.expects() {
        Expects::Command(command) => Some(
            command.ask().subcommands()[pick(command.ask().subcommands().len())]
                .ask()
                .name()
                .to_owned(),
        ),
        Expects::Operand(param) => {
            let word = value(param, 0, pick);
            let is_plain = !word.starts_with('-') || reader.is_past_options();
            if is_plain { Some(word) } else { Some("--".to_owned()) }
        }
        _ => None,
    }
}

/// A word for a place of a value: one of a list, a choice, or an example.
fn value(param: &Param<'_>, at: usize, pick: Pick<'_>) -> String {
    let mut known = vec![example(param, at)];
    known.extend(param.kinds()[at].offers().map(|offer| offer.0.to_owned()));
    if param.list().is_some() {
        known = Listed::WORDS.map(str::to_owned).to_vec();
    }
    known[pick(known.len())].clone()
}
