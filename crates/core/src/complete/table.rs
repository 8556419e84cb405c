//! A declaration as numbered states, which any shell's walker can follow.

use super::{shown_names, standard_names};
use crate::declare::{Command, HELP, Kind, Param, Refers, Role};

/// The states of a program; the first is its root.
pub(super) struct Table {
    pub(super) states: Vec<State>,
    /// The lists of choices; a [`Value::Choice`] counts into it.
    pub(super) choices: Vec<Vec<String>>,
}

/// A command: what may stand behind its name.
#[derive(Default)]
pub(super) struct State {
    /// Names of subcommands, whether they are offered, and their states.
    pub(super) commands: Vec<(String, bool, usize)>,
    /// Options of the command itself.
    pub(super) own: Vec<Named>,
    /// Options that the commands below accept too.
    pub(super) throughout: Vec<Named>,
    pub(super) operands: Vec<Positional>,
}

/// A name of an option or flag, dashes included.
pub(super) struct Named {
    pub(super) name: String,
    pub(super) is_shown: bool,
    /// What its words are; none for a flag.
    pub(super) values: Vec<Value>,
}

/// The words of an operand.
pub(super) struct Positional {
    pub(super) value: Value,
    /// How many words; `None` for any number.
    pub(super) words: Option<u32>,
}

/// What a word may be.
#[derive(Clone, Copy)]
pub(super) enum Value {
    /// Text that nothing is known of.
    Free,
    /// One of a list.
    Choice(usize),
    Path,
    Directory,
    Program,
    /// A command of the program itself, by its path from the root.
    Topic,
}

impl Table {
    pub(super) fn new(root: &Command<'_>) -> Self {
        let mut table = Table { states: Vec::new(), choices: Vec::new() };
        // A command's state is known before the states below it are: they wait in a list.
        let mut waiting = vec![root];
        let mut next = 0;
        while let Some(&command) = waiting.get(next) {
            let mut state = table.state(command);
            if next == 0 {
                state.throughout.extend(standard(root, &state));
            }
            for below in command.commands {
                let at = waiting.len();
                waiting.push(below);
                state.commands.push((below.name.to_owned(), !below.hidden, at));
                let aliases = below.aliases.iter().map(|alias| ((*alias).to_owned(), false, at));
                state.commands.extend(aliases);
            }
            table.states.push(state);
            next += 1;
        }
        table
    }

    fn state(&mut self, command: &Command<'_>) -> State {
        let mut state = State::default();
        for param in command.params {
            let values: Vec<Value> = param.kinds().iter().map(|kind| self.value(kind)).collect();
            if param.role() == Role::Operand {
                let words = param.word_count().max;
                let words = (words < u32::MAX).then_some(words);
                let is_topic = std::ptr::eq(command.params, HELP.params);
                let value = if is_topic { Value::Topic } else { values[0] };
                state.operands.push(Positional { value, words });
            } else {
                let names = named(param, &values);
                if param.throughout {
                    state.throughout.extend(names)
                } else {
                    state.own.extend(names)
                }
            }
        }
        state
    }

    fn value(&mut self, kind: &Kind) -> Value {
        let choices: Vec<String> = kind.offers().map(|offer| offer.0.to_owned()).collect();
        if choices.is_empty() {
            return match kind.refers {
                Refers::Path => Value::Path,
                Refers::Directory => Value::Directory,
                Refers::Program => Value::Program,
                Refers::Nothing => Value::Free,
            };
        }
        let known = self.choices.iter().position(|known| *known == choices);
        Value::Choice(known.unwrap_or_else(|| {
            self.choices.push(choices);
            self.choices.len() - 1
        }))
    }
}

/// Every name that a parameter answers to; a few of them are offered.
fn named(param: &Param<'_>, values: &[Value]) -> Vec<Named> {
    let shown = shown_names(param);
    let shorts = [param.short, param.opposite_short].into_iter().filter(|short| *short != 0);
    let mut names: Vec<String> = shown.clone();
    names.extend(shorts.map(|short| format!("-{}", char::from(short))));
    names.extend(param.aliases.iter().map(|alias| format!("--{alias}")));
    names.dedup();
    let one = |name: String| {
        let is_shown = !param.hidden && shown.contains(&name);
        Named { name, is_shown, values: values.to_vec() }
    };
    names.into_iter().map(one).collect()
}

/// What every program understands, unless it gives the names to something else.
fn standard(root: &Command<'_>, state: &State) -> Vec<Named> {
    let known =
        |name: &str| state.own.iter().chain(&state.throughout).any(|known| known.name == name);
    let names = standard_names(root).chain(["-h"]).filter(|name| !known(name));
    let one = |name: &str| Named {
        name: name.to_owned(),
        is_shown: name.starts_with("--"),
        values: Vec::new(),
    };
    names.map(one).collect()
}
