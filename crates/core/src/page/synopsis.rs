//! The usage line, in the notation of POSIX: brackets around what may be absent, `|` between what
//! excludes each other, `...` behind what may be repeated.

use super::facts::push_name;
use crate::declare::{Command, Param, Role};
use crate::text::Put;
use crate::wording::Wording;

/// Options that a synopsis lists; with more it says `[options]`.
const MOST: usize = 12;

/// The pieces behind the command's path; a line is broken between them, not within.
pub(super) fn pieces(command: &Command<'_>, wording: &Wording) -> Vec<String> {
    let (mut options, mut operands) = (Vec::new(), Vec::new());
    for param in command.params {
        if !param.hidden && !param.throughout {
            let is_operand = param.role == Role::Operand;
            if is_operand { &mut operands } else { &mut options }.push(piece(param));
        }
    }
    if options.len() > MOST {
        options = vec![wording.some_options.to_owned()];
    }
    options.append(&mut operands);
    if !command.commands.is_empty() {
        options.push(wording.command_hole.to_owned());
        options.push("...".to_owned());
    }
    options
}

fn piece(param: &Param<'_>) -> String {
    let mut typed = String::new();
    let mut optional = param.times().min == 0;
    let mut repeated = param.form.many;
    match param.role {
        Role::Operand => {
            let words = param.word_count();
            (optional, repeated) = (words.min == 0, words.max > param.kinds().len() as u32);
        }
        _ => {
            push_name(&mut typed, param.short, param.long());
            if !param.opposite.is_empty() {
                typed.push('|');
                push_name(&mut typed, param.opposite_short, Some(param.opposite));
            }
            repeated &= param.role != Role::Flag;
        }
    }
    let holes = param.holes(0);
    if !typed.is_empty() && !holes.is_empty() {
        typed.push(' ');
    }
    typed.put(&holes);
    // An operand's words are repeated within the brackets, an option with its name.
    let within = repeated && param.role == Role::Operand;
    if within {
        typed.put("...");
    }
    if optional {
        typed.insert(0, '[');
        typed.push(']');
    }
    if repeated && !within {
        typed.put("...");
    }
    typed
}
