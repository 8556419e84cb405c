//! A table in bash's own words. Everything from the declaration stands between single quotes, and
//! the walker never has any of it expanded or evaluated.

use super::table::{Named, State, Table, Value};
use crate::declare::Command;

/// The walker, with `@program@` for the program's name in function names.
const WALKER: &str = include_str!("walker.bash");

pub(super) fn script(root: &Command<'_>) -> String {
    let table = Table::new(root);
    let program = identifier(root.name);
    let mut out = format!("# bash completion for {}\n", root.name);
    out.push_str(&format!("_{program}_state() {{\n  case $1 in\n"));
    for (at, state) in table.states.iter().enumerate() {
        out.push_str(&row(at, state));
    }
    out.push_str(&format!("  esac\n}}\n_{program}_choices() {{\n  case $1 in\n"));
    for (at, choices) in table.choices.iter().enumerate() {
        let choices: Vec<String> = choices.iter().map(|choice| quoted(choice)).collect();
        out.push_str(&format!("  {at}) found=({}) ;;\n", choices.join(" ")));
    }
    out.push_str("  *) found=() ;;\n  esac\n}\n");
    out.push_str(&WALKER.replace("@program@", &program));
    out.push_str(&format!("complete -o nosort -F _{program} -- {}\n", quoted(root.name)));
    out
}

/// A state's row. A list that is empty is left out: the walker clears them all before it asks.
fn row(at: usize, state: &State) -> String {
    let commands = state.commands.iter().map(|(name, is_shown, at)| {
        format!("{} {}{at}", quoted(name), if *is_shown { "" } else { "h" })
    });
    let operands = state.operands.iter().map(|operand| {
        let words = operand.words.map_or("*".to_owned(), |words| words.to_string());
        format!("{} {}", code(operand.value), quoted(&words))
    });
    let lists = [
        ("commands", commands.collect()),
        ("own", names(&state.own)),
        ("wide", names(&state.throughout)),
        ("operands", operands.collect::<Vec<_>>()),
    ];
    let lists: String = lists
        .iter()
        .filter(|(_, words)| !words.is_empty())
        .map(|(list, words)| format!(" {list}=({})", words.join(" ")))
        .collect();
    format!("  {at}){} ;;\n", if lists.is_empty() { " :".to_owned() } else { lists })
}

fn names(names: &[Named]) -> Vec<String> {
    let one = |named: &Named| {
        let values: Vec<String> = named.values.iter().map(|value| code(*value)).collect();
        let hidden = if named.is_shown { "" } else { "h" };
        format!("{} {hidden}:{}", quoted(&named.name), values.join("+"))
    };
    names.iter().map(one).collect()
}

/// A value as the walker knows it.
fn code(value: Value) -> String {
    match value {
        Value::Free => "n".to_owned(),
        Value::Choice(at) => format!("c{at}"),
        Value::Path => "p".to_owned(),
        Value::Directory => "d".to_owned(),
        Value::Program => "x".to_owned(),
        Value::Topic => "t".to_owned(),
    }
}

fn quoted(text: &str) -> String {
    format!("'{}'", text.replace('\'', "'\\''"))
}

/// A program's name as a part of a function's name.
fn identifier(name: &str) -> String {
    name.chars().map(|letter| if letter.is_ascii_alphanumeric() { letter } else { '_' }).collect()
}
