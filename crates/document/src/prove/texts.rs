//! Texts and names: is help there, does it end alike, does it fit, does a name mislead?

use super::Flaw;
use std::collections::HashMap;

use clavret_core::Command;
use clavret_core::ask::{CommandPath, Param, Role};
use clavret_core::look::{Look, columns};
use clavret_core::medium::{Page, PageLength};

/// What is missing or misleads on a command's page.
pub(super) fn look(path: &CommandPath<'_>, flaws: &mut Vec<String>) {
    let command = path.leaf();
    let wording = path.root().ask().wording();
    if command.ask().shown_summary(wording).is_empty() && !command.ask().is_hidden() {
        flaws.push("it has no summary".to_owned());
    }
    for param in command.ask().params().filter(|param| !param.is_hidden()) {
        if Page::says_little(param, path) {
            flaws.push(format!("{} has no help", param.spelled()));
        }
    }
    look_at_keys(path, flaws);
    look_at_names(command, flaws);
    look_at_placeholders(command, flaws);
    look_at_width(path, flaws);
}

/// One key at two levels of a path: a reading could not tell whose value is asked for.
fn look_at_keys(path: &CommandPath<'_>, flaws: &mut Vec<String>) {
    let Some((leaf, above)) = path.commands().split_last() else { return };
    for upper in above {
        for param in
            leaf.ask().params().filter(|param| upper.ask().params().any(|own| own.is(param)))
        {
            let (name, upper) = (param.spelled(), upper.ask().name());
            flaws
                .push(format!("{name} is a key of `{upper}` too, and its value would be either's"));
        }
    }
}

/// Names that stand for two things.
fn look_at_names(command: &Command<'_>, flaws: &mut Vec<String>) {
    let with_variable = command.ask().params().filter(|param| !param.variable().is_empty());
    for (one, two) in
        alike(with_variable.collect(), |param| param.variable().to_owned(), |_, _| true)
    {
        let (one, two, variable) = (one.spelled(), two.spelled(), one.variable());
        flaws.push(format!("${variable} stands in for both {one} and {two}"));
    }
}

/// Parameters with a text in common that others are held against: thousands are looked through once.
const MOST_ALIKE: usize = 8;

/// The pairs of parameters that have a text in common and differ, in the order of the second ones.
fn alike<'p, 'd>(
    params: Vec<&'p Param<'d>>,
    text: impl Fn(&Param<'_>) -> String,
    differ: impl Fn(&Param<'_>, &Param<'_>) -> bool,
) -> Vec<(&'p Param<'d>, &'p Param<'d>)> {
    let mut firsts: HashMap<String, Vec<&'p Param<'d>>> = HashMap::new();
    let mut pairs = Vec::new();
    for param in params {
        let firsts = firsts.entry(text(param)).or_default();
        pairs.extend(
            firsts.iter().filter(|first| differ(first, param)).map(|&first| (first, param)),
        );
        if firsts.len() < MOST_ALIKE {
            firsts.push(param);
        }
    }
    pairs
}

/// One text for values of two kinds, or for two operands.
fn look_at_placeholders(command: &Command<'_>, flaws: &mut Vec<String>) {
    let seen: Vec<&Param<'_>> = command
        .ask()
        .params()
        .filter(|param| !param.kinds().is_empty() && !param.is_hidden())
        .collect();
    let differ = |one: &Param<'_>, two: &Param<'_>| {
        let is_same_kind = one.kinds().len() == two.kinds().len()
            && one.kinds().iter().zip(two.kinds()).all(|(a, b)| {
                // Two types may share a noun; a list of offers is a kind of its own.
                a.noun() == b.noun() && a.offers().eq(b.offers())
            });
        one.role() == Role::Operand && two.role() == Role::Operand || !is_same_kind
    };
    for (one, two) in alike(seen, |param| param.placeholders(0), differ) {
        let (placeholder, one, two) = (two.placeholders(0), called(one), called(two));
        flaws.push(format!(
            "{placeholder} stands for the values of {one} and of {two}, which differ"
        ));
    }
}

fn called(param: &Param<'_>) -> String {
    match param.role() {
        Role::Operand => format!("the operand `{}`", param.name()),
        _ => param.spelled(),
    }
}

/// Names and examples that do not wrap.
fn look_at_width(path: &CommandPath<'_>, flaws: &mut Vec<String>) {
    for length in [PageLength::Short, PageLength::Full] {
        let page = Page::of(path, length).draw(Look::PLAIN);
        let wide = page.lines().find(|line| columns(line) > Look::PLAIN.columns());
        if let Some(line) = wide {
            let (count, line) = (columns(line), line.trim());
            return flaws.push(format!("its page has a line of {count} columns: `{line}`"));
        }
    }
}

/// Summaries and help that end with a full stop, where most do not; or the other way round.
pub(super) fn look_at_ends(root: &Command<'_>, flaws: &mut Vec<Flaw>) {
    let mut texts: Vec<(String, String, &str)> = Vec::new();
    for path in CommandPath::tree(root) {
        let (at, command) = (path.to_string(), path.leaf());
        texts.push((at.clone(), "its summary".to_owned(), command.ask().summary()));
        for param in command.ask().params() {
            texts.push((at.clone(), format!("the help of {}", param.spelled()), param.help()));
        }
    }
    texts.retain(|(_, _, text)| !text.is_empty());
    let ends = |text: &str| text.ends_with('.') && !text.ends_with("..");
    let stopped = texts.iter().filter(|(_, _, text)| ends(text)).count();
    let odd = stopped * 2 <= texts.len();
    if stopped == 0 || stopped == texts.len() {
        return;
    }
    for (command, what, text) in texts {
        if ends(text) == odd {
            let how = if odd { "ends with a full stop" } else { "ends without a full stop" };
            flaws.push(Flaw { command, what: format!("{what} {how}, unlike most") });
        }
    }
}
