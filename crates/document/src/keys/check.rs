//! A tree of a text is held against the tables: all that does not fit is told, and the rest goes on.

use std::ops::Range;

use clavret_core::inner::{Blot, nearest};
use clavret_core::look::visible;

use super::{Key, Of, Table};
use crate::text::{Content, Node, Pair};

/// How many tables may stand in each other: more commands below each other are none that anybody wrote.
pub(crate) const DEEPEST: usize = 32;
/// The longest name or key, in bytes.
pub(crate) const LONGEST_NAME: usize = 200;

/// What is wrong with a document.
#[derive(Debug, Default)]
pub(crate) struct Blots(pub(crate) Vec<Blot>);

impl Blots {
    pub(crate) fn put(&mut self, bytes: &Range<usize>, sentence: impl Into<String>) {
        self.0.push(Blot { bytes: bytes.clone(), sentence: sentence.into() });
    }
}

/// A text of the document as a sentence shows it.
pub(crate) fn quoted(text: &str) -> String {
    let shown: String = text.chars().take(60).collect();
    let cut = if shown.len() < text.len() { "…" } else { "" };
    format!("'{}{cut}'", visible(&shown))
}

/// That a name is none of some, and which is near, or which there are.
pub(crate) fn none_of<'n>(
    told: String,
    typed: &str,
    names: impl Iterator<Item = &'n str> + Clone,
) -> String {
    // So many that they were made by a program need not all be looked through.
    if let Some(near) = nearest(typed, names.clone().take(MOST_TRIED)) {
        return format!("{told}; `{near}` is");
    }
    let few: Vec<&str> = names.take(MOST_LISTED + 1).collect();
    match few.len() {
        1 => format!("{told} (there is `{}`)", few[0]),
        2..=MOST_LISTED => format!("{told} (there are `{}`)", few.join("`, `")),
        _ => told,
    }
}

/// So many names may be near.
const MOST_TRIED: usize = 1_000;
/// So few names are all listed, where none of them is near.
const MOST_LISTED: usize = 6;

/// Says what does not fit a table.
pub(crate) fn check(entries: &[Pair], at: &Range<usize>, table: &Table, blots: &mut Blots) {
    within(entries, at, (table, 0), blots);
}

fn within(entries: &[Pair], at: &Range<usize>, (table, depth): (&Table, usize), blots: &mut Blots) {
    if depth > DEEPEST {
        return blots
            .put(at, format!("it stands in more than {DEEPEST} others, the most there may be"));
    }
    for entry in entries {
        match table.key(&entry.key) {
            Some(key) => value(&entry.value, (&key.of, depth), key, blots),
            None => blots.put(&entry.at, unknown(&entry.key, table)),
        }
    }
    let is_missing =
        |key: &&Key| key.is_needed && !entries.iter().any(|entry| entry.key == key.name);
    let missing = table.keys().filter(is_missing);
    let missing: Vec<_> =
        missing.map(|key| format!("`{} = {}`", key.name, sample(&key.of))).collect();
    if !missing.is_empty() {
        let told = format!("{} needs {}", table.noun, missing.join(" and "));
        blots.put(&(at.start..at.start), told);
    }
}

/// The nearest key, or where the key is one.
fn unknown(typed: &str, table: &Table) -> String {
    let told = format!("{} is no key of {}", quoted(typed), table.noun);
    if super::DOCUMENT.key(typed).is_some() && std::ptr::eq(table, &super::COMMAND) {
        return told + "; it is one of the whole document";
    }
    if let Some((_, meant)) = MEANT.iter().find(|(other, _)| *other == typed)
        && let Some(key) =
            table.keys().find(|key| key.name == meant.split(' ').next().unwrap_or_default())
    {
        return match meant.split_once(' ') {
            Some((_, how)) => format!("{told}: {how}"),
            None => format!("{told}; `{}` is", key.name),
        };
    }
    match nearest(typed, table.keys().map(|key| key.name)) {
        Some(near) => format!("{told}; `{near}` is"),
        None => told,
    }
}

/// Words that people have for a key, the key, and what to say of it where that is more than its name.
const MEANT: &[(&str, &str)] = &[
    ("environment", "variable"),
    ("repeated", "many"),
    ("required", "optional a value must be given, unless `optional = true`"),
    ("min", "valid `valid = { range = [LOW, HIGH] }` has both"),
    ("max", "valid `valid = { range = [LOW, HIGH] }` has both"),
    ("pattern", "valid `valid = { pattern = \"…\", example = \"…\" }` has it"),
    ("arguments", "operand"),
    (
        "parameters",
        "operand `[[operand]]`, `[[option]]`, `[[flag]]` and `[[tally]]` are parameters",
    ),
    ("subcommands", "command"),
];

fn value(node: &Node, (of, depth): (&Of, usize), key: &Key, blots: &mut Blots) {
    if let Content::Text(text) = &node.content
        && matches!(key.name, "name" | "opposite" | "secret-file" | "variable")
        && text.len() > LONGEST_NAME
    {
        return blots.put(
            &node.at,
            format!("`{}` is longer than {LONGEST_NAME} bytes, the most there may be", key.name),
        );
    }
    let refused = |blots: &mut Blots| {
        blots.put(&node.at, format!("`{}` takes {}, {}", key.name, taken(of), not(&node.content)));
    };
    match (of, &node.content) {
        (Of::Either(several), what) => match several.iter().find(|of| fits(of, what)) {
            Some(of) => value(node, (of, depth), key, blots),
            None => refused(blots),
        },
        (of, what) if !fits(of, what) => refused(blots),
        (Of::List(of), Content::List(items)) => {
            items.iter().for_each(|item| value(item, (of, depth), key, blots));
        }
        (Of::Row(places, least), Content::List(items)) => {
            if items.len() < *least || items.len() > places.len() {
                return refused(blots);
            }
            for (of, item) in places.iter().zip(items) {
                value(item, (of, depth), key, blots);
            }
        }
        (Of::Map, Content::Table(entries)) => {
            entries.iter().for_each(|entry| value(&entry.value, (&Of::Text, depth), key, blots));
        }
        (Of::Table(table), Content::Table(entries)) => {
            within(entries, &node.at, (table, depth + 1), blots);
        }
        (Of::Tables(table), Content::List(items)) => {
            for item in items {
                match &item.content {
                    Content::Table(entries) => within(entries, &item.at, (table, depth + 1), blots),
                    what => {
                        blots.put(&item.at, format!("`{}` takes tables, {}", key.name, not(what)))
                    }
                }
            }
        }
        _ => {}
    }
}

/// Whether a value is of the sort, whatever is in it.
fn fits(of: &Of, what: &Content) -> bool {
    match (of, what) {
        (Of::Schema, Content::Number(number)) => number == "1",
        (Of::Text, Content::Text(_)) | (Of::Truth, Content::Truth(_)) => true,
        (Of::Character, Content::Text(text)) => text.chars().count() == 1,
        (Of::Count(most), Content::Number(number)) => {
            number.parse::<u32>().is_ok_and(|number| number <= *most)
        }
        (Of::Scalar, Content::Text(_) | Content::Number(_) | Content::Truth(_)) => true,
        (Of::Word(words), Content::Text(text)) => words.contains(&text.as_str()),
        (Of::List(_) | Of::Row(..) | Of::Tables(_), Content::List(_)) => true,
        (Of::Map | Of::Table(_), Content::Table(_)) => true,
        (Of::Either(several), what) => several.iter().any(|of| fits(of, what)),
        _ => false,
    }
}

/// What a key takes, as a sentence says it.
fn taken(of: &Of) -> String {
    match of {
        Of::Schema => "1, the only version that there is".to_owned(),
        Of::Text => "a text".to_owned(),
        Of::Character => "a text of one character".to_owned(),
        Of::Truth => "true or false".to_owned(),
        Of::Count(u32::MAX) => "a whole number".to_owned(),
        Of::Count(most) => format!("a whole number from 0 to {most}"),
        Of::Scalar => "a text or a number".to_owned(),
        Of::Word([word]) => format!("\"{word}\""),
        Of::Word(words) => {
            let words: Vec<String> = words.iter().map(|word| format!("\"{word}\"")).collect();
            or(&words)
        }
        Of::List(of) => format!("a list, each of {}", taken(of)),
        Of::Row(places, _) => {
            format!("a list of {}", places.iter().map(taken).collect::<Vec<_>>().join(" and "))
        }
        Of::Map => "a table of texts".to_owned(),
        Of::Table(table) => format!("a table of {}", table.noun),
        Of::Tables(table) => format!("a list of tables, each {}", table.noun),
        Of::Either(several) => or(&several.iter().map(taken).collect::<Vec<_>>()),
    }
}

fn or(texts: &[String]) -> String {
    match texts {
        [] => String::new(),
        [one] => one.clone(),
        [first @ .., last] => format!("{} or {last}", first.join(", ")),
    }
}

/// What a value is instead.
fn not(what: &Content) -> String {
    match what {
        Content::Text(text) => format!("and {} is none", quoted(text)),
        Content::Number(number) => format!("and {number} is none"),
        Content::Truth(truth) => format!("and {truth} is none"),
        Content::List(items) => format!("and this is a list of {}", items.len()),
        Content::Table(_) => "and this is a table".to_owned(),
        Content::Nothing => "and null is none".to_owned(),
    }
}

/// How a key's value may look.
fn sample(of: &Of) -> &'static str {
    match of {
        Of::Schema => "1",
        Of::Truth => "true",
        _ => "\"…\"",
    }
}
