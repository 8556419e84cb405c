//! Which mark a field or an argument has.

use crate::{Bundle, Docs, Errors, Marked, Parameter, Role};
use proc_macro2::Ident;
use syn::{Attribute, Type};

use crate::model::details::of_mark;
use crate::model::docs::is_doc;

const MARKS: [&str; 6] = ["operand", "option", "flag", "tally", "bundle", "commands"];

/// Whether an attribute is one of the marks.
fn is_mark(attribute: &Attribute) -> bool {
    MARKS.iter().any(|mark| attribute.path().is_ident(mark))
}

/// Reads the mark of what is called `ident`; `owners` lead the name of its static.
pub(crate) fn read(
    ident: &Ident,
    ty: &Type,
    attributes: &[Attribute],
    owners: &[&Ident],
    errors: &mut Errors,
) -> Marked {
    let mut marks = attributes.iter().filter(|attribute| is_mark(attribute));
    let Some(mark) = marks.next() else { return Marked::Nothing };
    for second in marks {
        errors.on(second, format!("`{ident}` has a mark already (one at most can stand there)"));
    }
    let docs = Docs::of(attributes, errors);
    let details = of_mark(mark, errors);
    let path = mark.path();
    if path.is_ident("bundle") {
        return Marked::Bundle(Bundle { docs, details });
    }
    if path.is_ident("commands") {
        for detail in &details {
            errors
                .at(detail.name.span(), "the enum of the commands has the details, not the field");
        }
        return Marked::Commands;
    }
    let role = match () {
        () if path.is_ident("operand") => Role::Operand,
        () if path.is_ident("option") => Role::Option,
        () if path.is_ident("flag") => Role::Flag,
        () => Role::Tally,
    };
    if let Type::Reference(reference) = ty {
        let message =
            "a parameter's value is owned (write `String` for `&str`, `Vec<T>` for `&[T]`)";
        errors.on(reference, message);
    }
    Marked::Parameter(Box::new(Parameter::new(role, ident, ty, docs, details, owners, errors)))
}

/// Takes the marks and the documentation of an argument away, which stand nowhere else in Rust.
pub(crate) fn strip(attributes: &mut Vec<Attribute>) {
    attributes.retain(|attribute| !is_mark(attribute) && !is_doc(attribute));
}
