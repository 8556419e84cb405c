//! A document in TOML, laid out as a person would: what commands and parameters are under headings, all else in a line
//! of its own, or a line for each item where that is too long.

use toml::Value;

use crate::text::{Content, Node, Pair};

/// What stands under a heading of its own.
const HEADED: &[&str] = &[
    "package", "config", "wording", "kind", "bundle", "operand", "option", "flag", "tally", "rule",
    "command",
];

/// The columns that a line keeps to, if it can be parted.
const WIDTH: usize = 100;

/// A document in TOML.
pub fn to_toml(document: &Node) -> String {
    let mut text = String::new();
    if let Content::Table(entries) = &document.content {
        table(entries, &mut Vec::new(), &mut text);
    }
    text
}

fn table<'n>(entries: &'n [Pair], path: &mut Vec<&'n str>, text: &mut String) {
    let is_headed = |entry: &&Pair| HEADED.contains(&&*entry.key) && is_tables(&entry.value);
    for entry in entries.iter().filter(|entry| !is_headed(entry)) {
        let key = key(&entry.key);
        let value = value(&entry.value, key.len() + 3);
        text.push_str(&format!("{key} = {value}\n"));
    }
    for entry in entries.iter().filter(is_headed) {
        path.push(&entry.key);
        match &entry.value.content {
            Content::Table(entries) => headed(entries, ["[", "]"], path, text),
            Content::List(items) => {
                for item in items {
                    if let Content::Table(entries) = &item.content {
                        headed(entries, ["[[", "]]"], path, text);
                    }
                }
            }
            _ => {}
        }
        path.pop();
    }
}

fn headed<'n>(
    entries: &'n [Pair],
    [open, close]: [&str; 2],
    path: &mut Vec<&'n str>,
    text: &mut String,
) {
    text.push_str(&format!("\n{open}{}{close}\n", path.join(".")));
    table(entries, path, text);
}

fn is_tables(node: &Node) -> bool {
    match &node.content {
        Content::Table(_) => true,
        Content::List(items) => items.iter().all(|item| matches!(item.content, Content::Table(_))),
        _ => false,
    }
}

/// A value in one line, or a list with a line for each item where that is too long.
fn value(node: &Node, column: usize) -> String {
    let line = inline(node);
    match &node.content {
        Content::List(items) if column + line.chars().count() > WIDTH => {
            let lines = items.iter().map(|item| format!("    {},\n", inline(item)));
            format!("[\n{}]", lines.collect::<String>())
        }
        _ => line,
    }
}

fn inline(node: &Node) -> String {
    match &node.content {
        Content::Text(text) => Value::from(text.as_str()).to_string(),
        Content::Number(number) => number_of(number),
        Content::Truth(truth) => truth.to_string(),
        Content::List(items) => {
            format!("[{}]", items.iter().map(inline).collect::<Vec<_>>().join(", "))
        }
        Content::Table(entries) => {
            let entry = |entry: &Pair| format!("{} = {}", key(&entry.key), inline(&entry.value));
            format!("{{ {} }}", entries.iter().map(entry).collect::<Vec<_>>().join(", "))
        }
        Content::Nothing => "\"\"".to_owned(),
    }
}

/// A number as TOML has it, which asks for a digit on each side of a point.
fn number_of(number: &str) -> String {
    match (number.parse::<i64>(), number.parse::<f64>()) {
        (Ok(whole), _) => whole.to_string(),
        (_, Ok(fraction)) => Value::from(fraction).to_string(),
        _ => Value::from(number).to_string(),
    }
}

/// A key, quoted where it must be.
fn key(key: &str) -> String {
    let is_bare = |byte: u8| byte.is_ascii_alphanumeric() || matches!(byte, b'-' | b'_');
    match !key.is_empty() && key.bytes().all(is_bare) {
        true => key.to_owned(),
        false => format!("\"{}\"", escaped(key)),
    }
}

/// A key between quotes: what TOML does not allow there as it is.
fn escaped(key: &str) -> String {
    let mut text = String::new();
    for letter in key.chars() {
        match letter {
            '"' | '\\' => text.extend(['\\', letter]),
            letter if letter.is_control() => {
                text.push_str(&format!("\\U{:08X}", u32::from(letter)))
            }
            letter => text.push(letter),
        }
    }
    text
}
