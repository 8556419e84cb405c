//! A declaration as numbered states, which any shell's walker can follow.

use super::engine::shown_names;
use super::{Name, Positional, State, Table, Value};
use clavret_core::ask::CommandPath;
use clavret_core::ask::{Param, Role};
use clavret_core::reader::Reach;
use clavret_core::{Command, Kind, Refers, Tail};

impl Table {
    pub(super) fn new(root: &Command<'_>) -> Self {
        let mut table = Table { states: Vec::new(), choices: Vec::new() };
        // A command's state is known before the states below it are: they wait in a list.
        let mut waiting = vec![root];
        let mut ends = vec![false];
        let mut next = 0;
        while let Some(&command) = waiting.get(next) {
            let mut state = table.state(command);
            if next == 0 {
                table.add_usual(root, &mut state);
            }
            state.ends |= ends[next];
            let ends_below = ends[next] || command.ask().is_ending_options();
            for below in command.ask().subcommands() {
                let at = waiting.len();
                waiting.push(below);
                ends.push(ends_below);
                if command
                    .ask()
                    .default_command()
                    .is_some_and(|default| default.ask().name() == below.ask().name())
                {
                    state.default_command = Some(at);
                }
                state.commands.push((below.ask().name().to_owned(), !below.ask().is_hidden(), at));
                for alias in below.ask().aliases().iter().chain(below.ask().former_names()) {
                    state.commands.push(((*alias).to_owned(), false, at));
                }
            }
            table.states.push(state);
            next += 1;
        }
        table
    }

    fn state(&mut self, command: &Command<'_>) -> State {
        let ends = command.ask().is_ending_options() || command.ask().has_tail(Tail::Raw);
        let mut state = State { ends, ..State::default() };
        for param in command.ask().params() {
            let values = self.values(param);
            if param.role() == Role::Operand {
                match param.tail() {
                    Some(Tail::UnknownOptions) => continue,
                    Some(Tail::AfterDashes) => {
                        state.behind = Some(values[0]);
                        continue;
                    }
                    Some(Tail::Raw) | None => {}
                }
                let words = param.word_count().max;
                let words = (words < u32::MAX).then_some(words);
                let (value, delimiter) = (values[0], param.delimiter());
                let is_due = param.times().min > 0;
                state.operands.push(Positional { value, words, is_due, delimiter });
            } else if param.is_throughout() {
                add_names(&mut state.throughout, param, &values);
            } else {
                add_names(&mut state.own, param, &values);
            }
        }
        state
    }

    /// What every command accepts beside its own.
    fn add_usual(&mut self, root: &Command<'_>, state: &mut State) {
        let reach = Reach::at(&CommandPath::of(root));
        for reached in reach.list().iter().filter(|reached| reached.is_usual()) {
            let values = self.values(reached.param());
            let mut names = Vec::new();
            add_names(&mut names, reached.param(), &values);
            let is_known = |named: &Name| state.throughout.iter().any(|own| own.name == named.name);
            names.retain(|named| !is_known(named));
            state.throughout.append(&mut names);
        }
    }

    /// What the words of a parameter are.
    fn values(&mut self, param: &Param<'_>) -> Vec<Value> {
        let kinds = param.kinds().iter().enumerate();
        kinds.map(|(at, kind)| self.value(param, kind, at)).collect()
    }

    fn value(&mut self, param: &Param<'_>, kind: &Kind, at: usize) -> Value {
        let mut choices = Vec::new();
        for (name, _) in kind.offers() {
            choices.push(name.to_owned());
        }
        if !choices.is_empty() {
            return Value::Choice(self.list(choices));
        }
        if let Some((key, value)) = kind.sides() {
            for (key, _) in key.offers() {
                choices.push(key.to_owned() + "=");
                let value = kind.value_of(key).unwrap_or(value);
                for (value, _) in value.offers() {
                    choices.push(key.to_owned() + "=" + value);
                }
            }
            return if choices.is_empty() { Value::Free } else { Value::Entry(self.list(choices)) };
        }
        match param.refers(at) {
            Refers::Path if !param.extensions().is_empty() => {
                for extension in param.extensions() {
                    choices.push((*extension).to_owned());
                }
                Value::File(self.list(choices))
            }
            Refers::Path => Value::Path,
            Refers::Directory => Value::Directory,
            Refers::Program => Value::Program,
            Refers::Account => Value::Account,
            Refers::Host => Value::Host,
            Refers::Command => Value::Topic,
            _ => Value::Free,
        }
    }

    /// The place of a list, put down once.
    fn list(&mut self, list: Vec<String>) -> usize {
        for (at, known) in self.choices.iter().enumerate() {
            if *known == list {
                return at;
            }
        }
        self.choices.push(list);
        self.choices.len() - 1
    }
}

/// Every name that a parameter answers to; those of [`shown_names`] are offered.
fn add_names(names: &mut Vec<Name>, param: &Param<'_>, values: &[Value]) {
    let file = "--".to_owned() + param.file_name();
    let mut add = |name: String, is_shown: bool| {
        let (is_shown, is_attached) = (is_shown && !param.is_hidden(), param.is_attached());
        let values = if name == file { vec![Value::Path] } else { values.to_vec() };
        let delimiter = param.delimiter();
        names.push(Name { name, is_shown, values, is_attached, delimiter });
    };
    for name in shown_names(param) {
        add(name, true);
    }
    for letter in param.letters() {
        if letter != 0 && (param.long().is_some() || Some(char::from(letter)) != param.letter()) {
            let mut name = "-".to_owned();
            name.push(char::from(letter));
            add(name, false);
        }
    }
    for alias in param.aliases().iter().chain(param.former_names()).filter(|alias| alias.len() > 1)
    {
        add("--".to_owned() + alias, false);
    }
}
