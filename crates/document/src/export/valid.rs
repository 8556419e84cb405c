//! The tests of values: those of the library by their numbers, others by what they say.

use clavret_core::ask::{Noun, Param, Standard};
use clavret_core::valid::{Says, Test};

use super::fields::{Fields, count, list, node, text, texts};
use super::kinds::is_unchecked;
use crate::text::{Content, Node};

/// The validators of a parameter: one, or a list of them.
pub(super) fn of(param: &Param<'_>) -> Option<Node> {
    let mut tests: Vec<Node> = param.validators().map(|test| validator(test, param)).collect();
    match tests.len() {
        0 => None,
        1 => tests.pop(),
        _ => Some(list(tests)),
    }
}

fn validator(test: &dyn Test, param: &Param<'_>) -> Node {
    let mut fields = Fields::default();
    let is_known = is_known(param);
    let data = test.data();
    let is_whole = data.as_ref().is_some_and(|data| said(data, param, &mut fields));
    match test.says() {
        Says::Own(says, example) => {
            fields.text("says", says);
            if data.is_none() {
                fields.text("example", example);
            }
        }
        // What it tests is its own, and what it says may be of any sort.
        says if data.is_none() => _ = said(&says, param, &mut fields),
        _ => {}
    }
    if data.is_none() && !matches!(test.says(), Says::Own(_, example) if !example.is_empty()) {
        fields.text("example", &test.example().unwrap_or_default());
    }
    fields.truth("unchecked", !(is_known && is_whole));
    fields.node()
}

/// Whether what the parameter's validators test is known here: values of the library's types, one by one.
fn is_known(param: &Param<'_>) -> bool {
    let is_known = |standard: Option<Standard>| {
        !matches!(standard, None | Some(Standard::Choice | Standard::When | Standard::ByteSize))
    };
    let mut kinds = param.kinds().iter();
    let first = param.kinds().first().and_then(|kind| kind.standard());
    kinds.all(|kind| {
        !is_unchecked(kind, param) && is_known(kind.standard()) && kind.standard() == first
    })
}

/// Puts down what is accepted; tells whether that is all that is tested.
fn said(says: &Says<'_>, param: &Param<'_>, fields: &mut Fields) -> bool {
    let value = |text: &String| value(text, param);
    match says {
        Says::Range(low, high) => fields.put("range", list([value(low), value(high)])),
        Says::AtLeast(low) => fields.put("at-least", value(low)),
        Says::AtMost(high) => fields.put("at-most", value(high)),
        Says::OneOf(values) => fields.put("one-of", list(values.iter().map(value))),
        Says::AnyBut(values) => fields.put("any-but", list(values.iter().map(value))),
        Says::MultipleOf(factor) => fields.put("multiple-of", value(factor)),
        Says::Characters(least, most) => {
            let most = u32::try_from(*most).unwrap_or(u32::MAX);
            let least = u32::try_from(*least).unwrap_or(u32::MAX);
            fields.put("length", list([count(least), count(most)]));
        }
        Says::Matching(pattern, example) => {
            fields.put("pattern", text(pattern));
            fields.text("example", example);
        }
        Says::Schemes(schemes) => fields.put("schemes", texts(schemes.iter().copied())),
        _ => return false,
    }
    true
}

/// A value as the document writes it: a number where it is one.
fn value(value: &str, param: &Param<'_>) -> Node {
    let is_number = param.kinds().first().is_some_and(|kind| {
        matches!(kind.noun(), Noun::Whole) && value.parse::<i64>().is_ok()
            || matches!(kind.noun(), Noun::Number) && value.parse::<f64>().is_ok_and(f64::is_finite)
    });
    if is_number { node(Content::Number(value.to_owned())) } else { text(value) }
}
