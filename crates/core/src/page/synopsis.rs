//! The usage line, in the notation of POSIX: brackets around what may be absent, `|` between what
//! excludes each other, `...` after what may be repeated.

use super::facts::push_name;
use crate::declare::{Command, Param, Role, Rule, Tail, is_record};
use crate::text::Put;
use crate::wording::Wording;

/// Options that a synopsis lists; with more it says `[options]`.
const MOST: usize = 12;

/// The pieces after the command's path; a line is broken between them, not within.
pub(super) fn pieces(command: &Command<'_>, wording: &Wording) -> Vec<String> {
    let (mut options, mut operands) = (Vec::new(), Vec::new());
    for (at, param) in command.params().enumerate() {
        // What stands alone is given instead of all this.
        if param.is_hidden() || param.is_throughout() || param.stands_alone() {
            continue;
        }
        if param.role() == Role::Operand {
            operands.push(piece(param));
        } else {
            // Those of which only one can be given stand where the first of them does.
            match only_one(command, param) {
                None => options.push(piece(param)),
                Some(rule) if is_first(command, rule, at) => options.push(group(rule, command)),
                Some(_) => {}
            }
        }
    }
    if options.len() > MOST {
        options = vec![wording.some_options().to_owned()];
    }
    options.append(&mut operands);
    if !command.subcommands().is_empty() {
        if command.is_acting() || command.default_subcommand().is_some() {
            options.push("[".to_owned() + wording.command_placeholder() + " ...]");
        } else {
            options.push(wording.command_placeholder().to_owned());
            options.push("...".to_owned());
        }
    }
    options
}

/// The rule by which a parameter excludes others, all of them options of the command.
fn only_one<'d>(command: &Command<'d>, param: &Param<'_>) -> Option<&'d Rule<'d>> {
    command.relations().find(|rule| {
        let is_here = |member: &&Param<'_>| {
            let known = command.params().any(|param| is_record(param, member));
            known
                && member.role() != Role::Operand
                && !member.is_throughout()
                && !member.is_hidden()
        };
        rule.relation().is_choice()
            && rule.members().iter().all(is_here)
            && rule.members().iter().any(|member| is_record(member, param))
    })
}

fn is_first(command: &Command<'_>, rule: &Rule<'_>, at: usize) -> bool {
    let is_member =
        |param: &Param<'_>| rule.members().iter().any(|member| is_record(member, param));
    !command.params().take(at).any(is_member)
}

/// `[--jars COUNT | --barrel]`; without brackets where one of them is needed.
fn group(rule: &Rule<'_>, command: &Command<'_>) -> String {
    let mut text = String::new();
    for member in rule.members() {
        text.put(if text.is_empty() { "" } else { " | " });
        let piece = piece(member);
        text.put(piece.strip_prefix('[').and_then(|p| p.strip_suffix(']')).unwrap_or(&piece));
    }
    let is_needed = command.relations().any(|other| {
        other.relation().is_any_enough()
            && other.members().len() == rule.members().len()
            && other.members().iter().all(|a| rule.members().iter().any(|b| is_record(a, b)))
    });
    if is_needed { "(".to_owned() + &text + ")" } else { "[".to_owned() + &text + "]" }
}

fn piece(param: &Param<'_>) -> String {
    let mut typed = String::new();
    let mut optional = param.times().min == 0;
    let mut repeated = param.is_list();
    match param.role() {
        Role::Operand => {
            let words = param.word_count();
            (optional, repeated) = (words.min == 0, words.max > param.kinds().len() as u32);
            if param.tail() == Some(Tail::AfterDashes) {
                typed.put("--");
            }
        }
        _ => {
            push_name(&mut typed, param.letter(), param.long());
            if !param.opposite().is_empty() {
                typed.push('|');
                push_name(&mut typed, param.opposite_letter(), Some(param.opposite()));
            }
            repeated &= param.role() != Role::Flag;
        }
    }
    let mut placeholders = param.placeholders(0);
    if param.is_attached() {
        // Attached to the long name only.
        typed.clear();
        push_name(&mut typed, None, param.long());
        typed.put(&("[=".to_owned() + &placeholders + "]"));
        placeholders.clear();
    }
    if !typed.is_empty() && !placeholders.is_empty() {
        typed.push(' ');
    }
    typed.put(&placeholders);
    // An operand's words are repeated within the brackets, an option with its name.
    let within = repeated && param.role() == Role::Operand;
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
