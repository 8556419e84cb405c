//! The whole script: a table in bash's own words, and a walker. Everything from the declaration is between single
//! quotes, and the walker never has any of it expanded or evaluated. It starts nothing.

use crate::shells::{identifier, push_quoted};
use crate::{Name, State, Table, Value};
use clavret_core::Command;
use clavret_core::inner::{Put, digits};

/// The walker, with `§` for the program's name in function names.
const WALKER: &str = include_str!("walker.bash");

pub(super) fn script(root: &Command<'_>) -> String {
    let table = Table::new(root);
    let program = &identifier(root.ask().program_name());
    let mut out = String::from("# TAB for '");
    for piece in [
        root.ask().program_name(),
        "' in bash: starts no program.\n_",
        program,
        "_state() {\n  case $1 in\n",
    ] {
        out.put(piece);
    }
    for (at, state) in table.states.iter().enumerate() {
        push_state(&mut out, at, state);
    }
    for piece in ["  esac\n}\n_", program, "_choices() {\n  case $1 in\n"] {
        out.put(piece);
    }
    for (at, choices) in table.choices.iter().enumerate() {
        out.put("  ");
        out.put(&digits(at));
        out.put(") found=(");
        for choice in choices {
            push_quoted(&mut out, choice);
            out.push(' ');
        }
        out.put(") ;;\n");
    }
    out.put("  *) found=() ;;\n  esac\n}\n");
    for (at, piece) in WALKER.split('§').enumerate() {
        out.put(if at > 0 { program } else { "" });
        out.put(piece);
    }
    // The order is kept from 4.4 on.
    for (how, end) in [("complete -o nosort -F _", " 2>/dev/null || "), ("complete -F _", "\n")] {
        for piece in [how, program, " -- "] {
            out.put(piece);
        }
        push_quoted(&mut out, root.ask().program_name());
        out.put(end);
    }
    out
}

/// A state's row. A list that is empty is left out: the walker clears them all before it asks.
fn push_state(out: &mut String, at: usize, state: &State) {
    out.put("  ");
    out.put(&digits(at));
    out.push(')');
    let before = out.len();
    open(out, "commands", state.commands.len());
    for (name, is_shown, at) in &state.commands {
        push_quoted(out, name);
        out.put(if *is_shown { " " } else { " h" });
        out.put(&digits(*at));
        out.push(' ');
    }
    close(out, state.commands.len());
    for (list, names) in [("own", &state.own), ("wide", &state.throughout)] {
        open(out, list, names.len());
        for named in names {
            push_name(out, named);
        }
        close(out, names.len());
    }
    open(out, "operands", state.operands.len());
    for operand in &state.operands {
        push_code(out, operand.value);
        push_delimiter(out, operand.delimiter);
        match operand.words {
            Some(words) => {
                out.push(' ');
                out.put(&digits(words as usize));
            }
            None => out.put(" '*'"),
        }
        out.put(if operand.is_due { " 1 " } else { " '' " });
    }
    close(out, state.operands.len());
    if let Some(behind) = state.behind {
        out.put(" behind=");
        push_code(out, behind);
    }
    if state.ends {
        out.put(" ends=1");
    }
    if let Some(at) = state.default_command {
        out.put(" default=");
        out.put(&digits(at));
    }
    out.put(if out.len() == before { " : ;;\n" } else { " ;;\n" });
}

#[inline(never)]
fn open(out: &mut String, list: &str, count: usize) {
    if count > 0 {
        for piece in [" ", list, "=("] {
            out.put(piece);
        }
    }
}

#[inline(never)]
fn close(out: &mut String, count: usize) {
    if count > 0 {
        out.push(')');
    }
}

fn push_name(out: &mut String, named: &Name) {
    push_quoted(out, &named.name);
    out.put(if named.is_shown { " :" } else { " h:" });
    out.put(if named.is_attached { "=" } else { "" });
    for (at, value) in named.values.iter().enumerate() {
        if at > 0 {
            out.push('+');
        }
        push_code(out, *value);
    }
    push_delimiter(out, named.delimiter);
    out.push(' ');
}

/// What parts several values in a word, after the code of the value.
fn push_delimiter(out: &mut String, delimiter: Option<char>) {
    if let Some(delimiter) = delimiter {
        let mut text = String::from("@");
        text.push(delimiter);
        push_quoted(out, &text);
    }
}

/// A value as the walker knows it.
#[inline(never)]
fn push_code(out: &mut String, value: Value) {
    out.put(match value {
        Value::Free => "n",
        Value::Choice(_) => "c",
        Value::Entry(_) => "e",
        Value::Path => "p",
        Value::File(_) => "f",
        Value::Directory => "d",
        Value::Program => "x",
        Value::Account => "u",
        Value::Host => "o",
        Value::Topic => "t",
    });
    if let Value::Choice(at) | Value::Entry(at) | Value::File(at) = value {
        out.put(&digits(at));
    }
}
