//! The tests of values. They own what they are held against, so they are made before the tree, which borrows them.

use std::collections::HashMap;

use clavret_core::ask::Standard;
use clavret_core::document::Unfit;
use clavret_core::valid::Test;

use super::foreign::{InWords, Said, Several, Told};
use super::kinds::{Named, named, own, types};
use super::view::{View, scalar};
use crate::keys::check::{Blots, quoted};
use crate::text::{Content, Node, Pair};

/// The validators of all parameters, each by where it stands.
pub(super) fn tests(root: &[Pair], blots: &mut Blots) -> HashMap<usize, Box<dyn Test>> {
    let at = 0..0;
    let root = View { entries: root, at: &at };
    let (own, mut tests) = (own(root), HashMap::new());
    let (mut tables, mut patterns) = (vec![root], 0);
    while let Some(table) = tables.pop() {
        let kinds = table.tables("kind");
        for param in kinds.chain(table.tables("operand")).chain(table.tables("option")) {
            if let Some(valid) = param.get("valid") {
                let before = patterns;
                patterns += count_patterns(valid);
                if patterns > MOST_PATTERNS {
                    if before <= MOST_PATTERNS {
                        let told = format!("a document has {MOST_PATTERNS} patterns at most");
                        blots.put(&valid.at, told);
                    }
                    continue;
                }
                tests.extend(of(param, valid, &own, blots).map(|test| (valid.at.start, test)));
            }
        }
        tables.extend(table.tables("command").chain(table.tables("bundle")));
    }
    tests
}

/// To make one ready takes milliseconds, if its author wants it to.
const MOST_PATTERNS: usize = 200;

fn count_patterns(valid: &Node) -> usize {
    let is_one = |node: &&Node| View::of(node).is_some_and(|view| view.get("pattern").is_some());
    match &valid.content {
        Content::List(items) => items.iter().filter(is_one).count(),
        _ => usize::from(is_one(&valid)),
    }
}

fn of(
    param: View<'_>,
    valid: &Node,
    own: &HashMap<&str, View<'_>>,
    blots: &mut Blots,
) -> Option<Box<dyn Test>> {
    let standard = standard(param, own);
    match &valid.content {
        Content::List(items) => {
            let views = items.iter().filter_map(View::of);
            let tests = views.filter_map(|view| validator(view, standard, blots));
            Some(Box::new(Several(tests.collect())))
        }
        _ => validator(View::of(valid)?, standard, blots),
    }
}

/// The type of the parameter's words, if they are all of one that is known here. Those of a kind of the document's own are
/// text, unless they are a closed list or taken by the program.
fn standard(param: View<'_>, own: &HashMap<&str, View<'_>>) -> Option<Standard> {
    if is_text(param) {
        return Some(Standard::Text);
    }
    if param.get("offers").is_some() || param.get("like").is_some() {
        return None;
    }
    let mut standards = types(param).into_iter().map(|(name, _)| match named(name, own) {
        Some(Named::Standard(standard)) => Some(standard),
        Some(Named::Own) => own.get(name).filter(|kind| is_text(**kind)).map(|_| Standard::Text),
        None => None,
    });
    let Some(first) = standards.next() else { return Some(Standard::Text) };
    first.filter(|first| standards.all(|other| other == Some(*first)))
}

/// Whether it is a kind of the document's own whose words are text here.
fn is_text(kind: View<'_>) -> bool {
    kind.get("noun").is_some() && !kind.is("unchecked")
}

/// The sorts of validators that the library has.
const SORTS: &[&str] = &[
    "range",
    "at-least",
    "at-most",
    "one-of",
    "any-but",
    "multiple-of",
    "length",
    "pattern",
    "schemes",
];

fn validator(
    view: View<'_>,
    standard: Option<Standard>,
    blots: &mut Blots,
) -> Option<Box<dyn Test>> {
    let sorts: Vec<&str> = SORTS.iter().copied().filter(|sort| view.get(sort).is_some()).collect();
    let (says, example) = (view.text("says"), view.text("example"));
    let said = match sorts[..] {
        [] => Said::Own(says.unwrap_or_default().to_owned()),
        [sort] => said(view, sort),
        [_, second, ..] => {
            let at = view.get(second).map_or(view.at, |node| &node.at);
            blots.put(
                at,
                "a validator is of one sort; several stand in a list: `valid = [{ … }, { … }]`",
            );
            return None;
        }
    };
    if view.is("unchecked") {
        return Some(told(said, says, example));
    }
    let Some(&sort) = sorts.first() else {
        blots.put(view.at, "what this accepts only its program knows: add `unchecked = true`");
        return None;
    };
    let at = view.get(sort).map_or(view.at, |node| &node.at);
    let Some(standard) = standard else {
        blots.put(at, format!("`{sort}` is of values of one type of the library, which these are not (`unchecked = true` leaves it to the program)"));
        return None;
    };
    match standard.validator(&said.says("")) {
        Ok(test) => Some(match says {
            Some(says) => {
                let example = example.unwrap_or_default().to_owned();
                Box::new(InWords { test, says: says.to_owned(), example })
            }
            None => test,
        }),
        Err(unfit) => {
            blots.put(at, unfitting(sort, standard, &unfit));
            None
        }
    }
}

fn unfitting(sort: &str, standard: Standard, unfit: &Unfit) -> String {
    let name = standard.name();
    match unfit {
        Unfit::Value(text) => format!("{} is no value of the type `{name}`", quoted(text)),
        Unfit::Pattern(why) => {
            let why = why.lines().last().unwrap_or_default();
            format!("this is no regular expression ({})", why.trim_start_matches("error: "))
        }
        _ => format!("the type `{name}` has no `{sort}`"),
    }
}

fn told(said: Said, says: Option<&str>, example: Option<&str>) -> Box<dyn Test> {
    let says = match (said, says) {
        (_, Some(says)) if !says.is_empty() => Said::Own(says.to_owned()),
        (Said::Own(_), _) => Said::Nothing,
        (said, _) => said,
    };
    Box::new(Told { says, example: example.map(str::to_owned) })
}

fn said(view: View<'_>, sort: &str) -> Said {
    let text = |node: Option<&Node>| node.and_then(scalar).unwrap_or_default().to_owned();
    let items = view.items(sort);
    let texts = || items.iter().map(|item| text(Some(item))).collect();
    let count = |at: usize| text(items.get(at)).parse().unwrap_or_default();
    match sort {
        "range" => Said::Range(text(items.first()), text(items.get(1))),
        "at-least" => Said::AtLeast(text(view.get(sort))),
        "at-most" => Said::AtMost(text(view.get(sort))),
        "one-of" => Said::OneOf(texts()),
        "any-but" => Said::AnyBut(texts()),
        "multiple-of" => Said::MultipleOf(text(view.get(sort))),
        "length" => Said::Characters(count(0), count(1)),
        "pattern" => {
            let example = view.text("example").unwrap_or_default();
            Said::Matching(text(view.get(sort)), example.to_owned())
        }
        _ => Said::Schemes(texts()),
    }
}
