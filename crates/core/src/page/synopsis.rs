//! The usage line, in the notation of POSIX: brackets around what may be absent, `|` between what
//! excludes each other, `...` after what may be repeated.

use crate::record::command::Command;
use crate::record::page::{InlineKind, Text};
use crate::record::param::{Param, Role, Tail, is as is_record};
use crate::record::rule::{Related, Rule};
use crate::text::Put;
use crate::wording::Wording;
use crate::wording::english::Phrase;

/// Options that a synopsis lists; with more it says `[options]`.
const MOST: usize = 12;

/// The pieces after the command's path; a line is broken between them, not within.
pub(crate) fn pieces(command: &Command<'_>, wording: &Wording) -> Vec<Text> {
    let (mut options, mut operands) = (Vec::new(), Vec::new());
    let related = Related::of(command);
    for (at, param) in command.params().enumerate() {
        // What stands alone is given instead of all this.
        if param.is_hidden() || param.is_throughout() || param.stands_alone() {
            continue;
        }
        if param.role() == Role::Operand {
            operands.put(piece(param));
        } else if options.len() <= MOST {
            let rules = related.to(param);
            let mut few = rules.iter().filter(|rule| rule.members().len() <= MOST);
            let choice =
                few.find_map(|rule| rule.relation().choice()?(rule, command, &related, at));
            let text = choice.unwrap_or_else(|| piece(param));
            if !text.is_empty() {
                options.put(text);
            }
        }
    }
    if options.len() > MOST {
        options = vec![Text::of(InlineKind::Placeholder, wording.say(Phrase::SomeOptions))];
    }
    options.append(&mut operands);
    if !command.subcommands().is_empty() {
        let placeholder =
            Text::of(InlineKind::Placeholder, wording.say(Phrase::CommandPlaceholder));
        if command.is_acting() || command.default_subcommand().is_some() {
            let mut optional = Text::of(InlineKind::Sign, "[");
            optional.append(&placeholder);
            optional.add(InlineKind::Sign, " [...]]");
            options.put(optional);
        } else {
            options.put(placeholder);
            options.put(Text::of(InlineKind::Sign, "[...]"));
        }
    }
    options
}

/// Those of which only one can be given, all of them options of the command, stand where the first of them does. What
/// stands at the place of a parameter; empty for the others, and none where it is no such thing. The record of a rule
/// points here.
pub(crate) fn choice(
    rule: &Rule<'_>,
    command: &Command<'_>,
    related: &Related<'_>,
    at: usize,
) -> Option<Text> {
    let mut first = at;
    for member in rule.members() {
        let is_shown = member.role() != Role::Operand && !member.is_throughout();
        let place = related.place(member).filter(|_| is_shown && !member.is_hidden());
        first = first.min(place?);
    }
    Some(if first == at { group(rule, command) } else { Text::default() })
}

/// `[--jars COUNT | --barrel]`; without brackets where one of them is needed.
fn group(rule: &Rule<'_>, command: &Command<'_>) -> Text {
    let is_needed = command.relations().any(|other| {
        other.relation().is_any_enough()
            && other.members().len() == rule.members().len()
            && other.members().iter().all(|a| rule.members().iter().any(|b| is_record(a, b)))
    });
    let mut text = Text::of(InlineKind::Sign, if is_needed { "(" } else { "[" });
    for (at, member) in rule.members().iter().enumerate() {
        text.add(InlineKind::Sign, if at > 0 { " | " } else { "" });
        let piece = piece(member);
        let (open, close) = (piece.inlines().next(), piece.inlines().next_back());
        let is_in_brackets = open.is_some_and(|open| open.text() == "[")
            && close.is_some_and(|close| close.text() == "]");
        text.append(&if is_in_brackets { bare(member) } else { piece });
    }
    text.add(InlineKind::Sign, if is_needed { ")" } else { "]" });
    text
}

fn piece(param: &Param<'_>) -> Text {
    let (is_operand, words) = (param.role() == Role::Operand, param.word_count());
    let is_optional = if is_operand { words.min == 0 } else { param.times().min == 0 };
    let is_repeated = match param.role() {
        Role::Operand => words.max > param.kinds().len() as u32,
        role => param.is_list() && role != Role::Flag,
    };
    let mut text = Text::of(InlineKind::Sign, if is_optional { "[" } else { "" });
    text.append(&bare(param));
    // An operand's words are repeated within the brackets, an option with its name.
    let is_within = is_repeated && is_operand;
    text.add(InlineKind::Sign, if is_within { "..." } else { "" });
    text.add(InlineKind::Sign, if is_optional { "]" } else { "" });
    text.add(InlineKind::Sign, if is_repeated && !is_within { "..." } else { "" });
    text
}

/// A parameter without brackets and dots.
fn bare(param: &Param<'_>) -> Text {
    let mut text = Text::default();
    if param.is_attached() {
        // What follows a letter in its word is the value.
        text.add_name(param.letter(), param.long());
        text.add(InlineKind::Sign, if param.letter().is_some() { "[" } else { "[=" });
        text.add(InlineKind::Placeholder, &param.placeholders(0));
        text.add(InlineKind::Sign, "]");
        return text;
    }
    if param.role() != Role::Operand {
        text.add_name(param.letter(), param.long());
        if !param.opposite().is_empty() {
            text.add(InlineKind::Sign, "|");
            text.add_name(param.opposite_letter(), Some(param.opposite()));
        }
    } else if param.tail() == Some(Tail::AfterDashes) {
        text.add(InlineKind::Name, "--");
    }
    text.add(InlineKind::Placeholder, &param.placeholders(0));
    text
}
