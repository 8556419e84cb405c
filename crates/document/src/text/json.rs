//! JSON (RFC 8259): what its parser allows beyond is switched off.

use std::collections::HashSet;
use std::ops::Range;

use jsonc_parser::common::Ranged;
use jsonc_parser::{ParseOptions, ast};

use super::{Content, Misread, Node, Pair};

/// What a text in JSON says: an object, or nothing at all.
///
/// # Errors
///
/// The first that the language does not allow, with its bytes; and a key that stands twice, as RFC 8259 leaves open
/// which of the two counts.
pub fn from_json(text: &str) -> Result<Node, (Range<usize>, Misread)> {
    let options = ParseOptions {
        allow_comments: false,
        allow_loose_object_property_names: false,
        allow_trailing_commas: false,
        allow_missing_commas: false,
        allow_single_quoted_strings: false,
        allow_hexadecimal_numbers: false,
        allow_unary_plus_numbers: false,
        allow_bare_decimal_point_numbers: false,
        allow_non_finite_numbers: false,
        allow_extended_string_escapes: false,
    };
    match jsonc_parser::parse_to_ast(text, &Default::default(), &options) {
        Ok(parsed) => match parsed.value {
            Some(object @ ast::Value::Object(_)) => node(&object),
            None => Ok(Node { content: Content::Nothing, at: 0..text.len() }),
            Some(_) => Err((0..text.len().min(1), Misread::NoTable)),
        },
        Err(error) => {
            let range = error.range();
            let mut said = error.kind().to_string();
            if let Some(first) = said.get_mut(..1) {
                first.make_ascii_lowercase();
            }
            Err((range.start..range.end, Misread::Form("JSON", said)))
        }
    }
}

fn node(value: &ast::Value<'_>) -> Result<Node, (Range<usize>, Misread)> {
    let content = match value {
        ast::Value::StringLit(text) => Content::Text(text.value.to_string()),
        ast::Value::NumberLit(number) => Content::Number(number.value.to_owned()),
        ast::Value::BooleanLit(truth) => Content::Truth(truth.value),
        ast::Value::NullKeyword(_) => Content::Nothing,
        ast::Value::Array(array) => {
            Content::List(array.elements.iter().map(node).collect::<Result<_, _>>()?)
        }
        ast::Value::Object(object) => Content::Table(entries(object)?),
    };
    Ok(Node { content, at: value.start()..value.end() })
}

fn entries(object: &ast::Object<'_>) -> Result<Vec<Pair>, (Range<usize>, Misread)> {
    let mut known = HashSet::new();
    let mut entries = Vec::new();
    for ast::ObjectProp { name, value, .. } in &object.properties {
        let at = name.start()..name.end();
        if !known.insert(name.as_str()) {
            return Err((at, Misread::Twice(name.as_str().to_owned())));
        }
        entries.push(Pair { key: name.as_str().to_owned(), at, value: node(value)? });
    }
    Ok(entries)
}
