//! TOML 1.0.

use std::borrow::Cow;
use std::ops::Range;

use toml::Spanned;
use toml::de::{DeTable, DeValue};

use super::{Content, Misread, Node, Pair};

/// What a text in TOML says.
///
/// # Errors
///
/// All that its language does not allow, each with its bytes.
pub fn from_toml(text: &str) -> Result<Node, Vec<(Range<usize>, Misread)>> {
    let (root, errors) = DeTable::parse_recoverable(text);
    if errors.is_empty() {
        return Ok(Node { content: table(root.get_ref()), at: 0..text.len() });
    }
    let told = |error: &toml::de::Error| {
        let said = error.message().lines().collect::<Vec<_>>().join("; ");
        (error.span().unwrap_or_default(), Misread::Form("TOML", said))
    };
    Err(errors.iter().map(told).collect())
}

fn table(table: &DeTable<'_>) -> Content {
    let entry = |(key, value): (&Spanned<Cow<'_, str>>, &Spanned<DeValue<'_>>)| Pair {
        key: key.get_ref().to_string(),
        at: key.span(),
        value: node(value),
    };
    let mut entries: Vec<Pair> = table.iter().map(entry).collect();
    entries.sort_by_key(|entry| entry.at.start);
    Content::Table(entries)
}

fn node(value: &Spanned<DeValue<'_>>) -> Node {
    let content = match value.get_ref() {
        DeValue::String(text) => Content::Text(text.to_string()),
        DeValue::Integer(number) => {
            // Written in another base, it is a number all the same.
            let whole = i128::from_str_radix(number.as_str(), number.radix());
            let digits = |_| number.as_str().to_owned();
            Content::Number(whole.map_or_else(digits, |whole| whole.to_string()))
        }
        DeValue::Float(number) => Content::Number(number.as_str().to_owned()),
        DeValue::Boolean(truth) => Content::Truth(*truth),
        DeValue::Datetime(moment) => Content::Text(moment.to_string()),
        DeValue::Array(items) => Content::List(items.iter().map(node).collect()),
        DeValue::Table(entries) => table(entries),
    };
    Node { content, at: value.span() }
}
