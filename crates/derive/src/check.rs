//! What is wrong with a declaration that the compiler would tell worse, or elsewhere: a function for each pair of
//! details that do not go together.

use crate::{Detail, Errors, Parameter, Written};
use proc_macro2::{Ident, TokenTree};
use quote::{ToTokens, quote};
use syn::{Expr, Type};

use crate::model::details::word;

/// A default and a range, both of them literal numbers: whether the one lies in the other is seen here.
pub(crate) fn refuse_beyond(details: &[Detail], errors: &mut Errors) {
    let number = |value: &Expr| word(value)?.replace('_', "").parse::<f64>().ok();
    let value = |detail: &Detail| match &detail.value {
        Written::Value(value) => Some(value.clone()),
        _ => None,
    };
    let default = details.iter().find(|detail| detail.is("default")).and_then(value);
    let Some((default, given)) = default.and_then(|value| Some((number(&value)?, value))) else {
        return;
    };
    for validator in details.iter().filter(|detail| detail.is("valid")).filter_map(value) {
        let Expr::Call(call) = validator else { continue };
        let is_range = matches!(&*call.func, Expr::Path(path)
            if path.path.segments.last().is_some_and(|last| last.ident == "range"));
        let (Some(low), Some(high)) = (call.args.first(), call.args.last()) else { continue };
        let (Some(lowest), Some(highest)) = (number(low), number(high)) else { continue };
        let shown = |value: &Expr| word(value).unwrap_or_default();
        if is_range && default > highest {
            errors.on(&given, format!("the default {} is above {}", shown(&given), shown(high)));
        } else if is_range && default < lowest {
            errors.on(&given, format!("the default {} is below {}", shown(&given), shown(low)));
        }
    }
}

/// A range is of numbers; of text it is the length that may be limited.
pub(crate) fn refuse_range_of_text(details: &[Detail], ty: &Type, errors: &mut Errors) {
    let is_text = ty.to_token_stream().into_iter().any(|token| match token {
        TokenTree::Ident(ident) => ident == "String",
        _ => false,
    });
    for detail in details.iter().filter(|detail| is_text && detail.is("valid")) {
        if let Written::Value(Expr::Call(call)) = &detail.value
            && let Expr::Path(path) = &*call.func
            && path.path.segments.last().is_some_and(|last| last.ident == "range")
            && call.args.iter().all(|limit| word(limit).is_some())
        {
            let limits = &call.args;
            let message = format!(
                "a range is of numbers: for the length of a text write `valid::length({})`",
                quote!(#limits)
            );
            errors.on(&call.func, message);
        }
    }
}

/// Says which letters two parameters have: the compiler would say so of the whole list, and not where
/// the letter stands.
pub(crate) fn refuse_twins(parameters: &[&Parameter], errors: &mut Errors) {
    let mut taken: Vec<(char, &Ident)> = Vec::new();
    for parameter in parameters {
        for &(letter, span) in &parameter.letters {
            match taken.iter().find(|(other, _)| *other == letter) {
                Some((_, owner)) => {
                    errors.at(span, format!("`-{letter}` is a letter of `{owner}` already"));
                }
                None => taken.push((letter, &parameter.ident)),
            }
        }
    }
}
