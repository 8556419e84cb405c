//! A parameter as a static: its typed key, declared as a person would.

use super::{Detail, Docs, Errors, Given, Parameter, Role, Takes};
use proc_macro2::{Ident, Span, TokenStream, TokenTree};
use quote::{ToTokens, quote, quote_spanned};
use syn::spanned::Spanned;
use syn::{Expr, ExprLit, ExprUnary, Lit, Type, UnOp};

use crate::details::{Setter, known};
use crate::names::{hidden, kebab};

const ALL: &[Setter] = &[
    ("name", Takes::Special, false),
    ("help", Takes::Value, false),
    ("description", Takes::Value, false),
    ("hidden", Takes::Nothing, false),
    ("deprecated", Takes::Value, false),
];
const NAMED: &[Setter] = &[
    ("letter", Takes::Value, false),
    ("aliases", Takes::Reference, false),
    ("formerly", Takes::Reference, false),
    ("throughout", Takes::Nothing, false),
    ("anew", Takes::Nothing, false),
];
const ALONE: &[Setter] = &[("stands_alone", Takes::Reference, false)];
const VARIABLE: &[Setter] = &[("variable", Takes::Value, false)];
const ONCE: &[Setter] = &[("once", Takes::Nothing, false)];
const VALUED: &[Setter] = &[
    ("default", Takes::Special, false),
    ("valid", Takes::Reference, false),
    ("placeholder", Takes::Value, false),
    ("refers", Takes::Value, false),
    ("secret", Takes::Nothing, false),
    ("times", Takes::Several(2), false),
    ("distinct", Takes::Nothing, false),
    ("joined_by", Takes::Value, false),
    ("as_in_code", Takes::Nothing, false),
    ("infinite", Takes::Nothing, false),
    ("present", Takes::Nothing, false),
    ("absent", Takes::Nothing, false),
    ("file", Takes::Nothing, false),
    ("directory", Takes::Nothing, false),
    ("extensions", Takes::Reference, false),
];
const OPERAND: &[Setter] = &[("tail", Takes::Value, false)];
const OPTION: &[Setter] = &[("secret_file", Takes::Value, false)];
const FLAG: &[Setter] = &[
    ("opposite", Takes::Value, false),
    ("opposite_letter", Takes::Value, false),
    ("worded", Takes::Nothing, false),
];

/// All details of parameters.
#[cfg(test)]
pub(crate) const fn details() -> [&'static [Setter]; 9] {
    [ALL, NAMED, ALONE, VARIABLE, ONCE, VALUED, OPERAND, OPTION, FLAG]
}

impl Role {
    /// The setters of its key.
    const fn setters(self) -> &'static [&'static [Setter]] {
        match self {
            Role::Operand => &[ALL, VALUED, VARIABLE, OPERAND],
            Role::Option => &[ALL, NAMED, VALUED, VARIABLE, ONCE, ALONE, OPTION],
            Role::Flag => &[ALL, NAMED, VARIABLE, ONCE, ALONE, FLAG],
            Role::Tally => &[ALL, NAMED],
        }
    }

    const fn article(self) -> &'static str {
        match self {
            Role::Operand => "an operand",
            Role::Option => "an option",
            Role::Flag => "a flag",
            Role::Tally => "a tally",
        }
    }

    /// Who has the details that it has not.
    const OTHERS: &'static [(&'static str, &'static [Setter])] = &[
        ("an option", VALUED),
        ("an option", NAMED),
        ("an option", ONCE),
        ("an option", ALONE),
        ("an option", OPTION),
        ("an option", VARIABLE),
        ("an operand", OPERAND),
        ("a flag", FLAG),
    ];
}

impl Parameter {
    pub(crate) fn new(
        role: Role,
        ident: &Ident,
        ty: &Type,
        docs: Docs,
        details: Vec<Detail>,
        owners: &[&Ident],
        errors: &mut Errors,
    ) -> Self {
        let right = known(&details, role.article(), role.setters(), Role::OTHERS, errors);
        let key = hidden(&[owners, &[ident]].concat(), ident.span());
        let kebab = kebab(ident);
        let setters = docs.setters("help", &details);
        let (mut name, mut setters, mut checks) = (quote!(#kebab), setters, quote!());
        if role == Role::Tally && !is_u32(ty) {
            errors.on(ty, "a tally is a `u32`: how often it is given");
        }
        let mut letters = Vec::new();
        refuse_beyond(&details, errors);
        refuse_range_of_text(&details, ty, errors);
        for (detail, takes) in right {
            if detail.is("name") {
                if let Some(value) = detail.value(errors) {
                    name = quote!(#value);
                }
            } else if detail.is("default") {
                let (setter, check) = default(detail, ty, errors);
                setters.extend(setter);
                checks.extend(check);
            } else {
                letters.extend(letter(detail));
                setters.extend(detail.call(takes, errors));
            }
        }
        Parameter {
            role,
            ident: ident.clone(),
            key,
            ty: ty.clone(),
            name,
            setters,
            checks,
            letters,
        }
    }

    /// The type of its key.
    pub(crate) fn key_type(&self) -> TokenStream {
        // A type that no word converts into is told where it stands.
        let (ty, span) = (&self.ty, self.ty.span());
        match self.role {
            Role::Operand => quote_spanned!(span=> ::clavret::__::Operand<'static, #ty>),
            Role::Option => quote_spanned!(span=> ::clavret::__::Named<'static, #ty>),
            Role::Flag => quote_spanned!(span=> ::clavret::__::Flag<'static, #ty>),
            Role::Tally => quote_spanned!(span=> ::clavret::__::Tally<'static>),
        }
    }

    /// The same without its arguments.
    fn key_path(&self) -> TokenStream {
        // The type is inferred from the static, so that its mistakes are told once.
        let span = self.ty.span();
        match self.role {
            Role::Operand => quote_spanned!(span=> ::clavret::__::Operand::new),
            Role::Option => quote_spanned!(span=> ::clavret::__::Named::new),
            Role::Flag => quote_spanned!(span=> ::clavret::__::Flag::new),
            Role::Tally => quote_spanned!(span=> ::clavret::__::Tally::new),
        }
    }

    /// `static __FRAMES: Named<'static, u8> = Named::new("frames").letter('f').default("0");`
    pub(crate) fn to_static(&self) -> TokenStream {
        let Parameter { key, name, setters, checks, .. } = self;
        let (key_type, path) = (self.key_type(), self.key_path());
        // A mistake in the name is shown where it is declared.
        let new = quote_spanned!(self.ident.span()=> #path(#name));
        quote! {
            static #key: #key_type = #new #setters;
            #checks
        }
    }

    /// `__FRAMES.param()`
    pub(crate) fn param(&self) -> TokenStream {
        let key = &self.key;
        quote!(#key.param())
    }

    /// `reading.take(&__FRAMES)`
    pub(crate) fn take(&self, reading: &Ident) -> TokenStream {
        let key = &self.key;
        quote!(#reading.take(&#key))
    }
}

/// As it is written: a macro knows no types.
fn is_u32(ty: &Type) -> bool {
    let Type::Path(path) = ty else { return false };
    path.path.segments.last().is_some_and(|last| last.ident == "u32")
}

/// The letter that a detail takes for the parameter, and where it stands.
fn letter(detail: &Detail) -> Option<(char, Span)> {
    match &detail.value {
        Given::Value(Expr::Lit(ExprLit { lit: Lit::Char(letter), .. }))
            if detail.is("letter") || detail.is("opposite_letter") =>
        {
            Some((letter.value(), letter.span()))
        }
        _ => None,
    }
}

/// A default as the setter takes it, a word, and a check of its type. A literal is written as a value
/// of Rust, and checked as one.
fn default(detail: &Detail, ty: &Type, errors: &mut Errors) -> (TokenStream, TokenStream) {
    let span = detail.name.span();
    let Some(value) = detail.value(errors) else { return Default::default() };
    let name = &detail.name;
    if is_variant(value) {
        // A derived choice knows the words of its variants.
        let word = quote_spanned! {value.span()=>
            ::clavret::__::word_of::<<#ty as ::clavret::__::Shape>::Item>(#value as isize)
        };
        return (
            quote_spanned!(span=> .#name(#word)),
            quote!(const _: <#ty as ::clavret::__::Shape>::Item = #value;),
        );
    }
    match word(value) {
        Some(word) => (
            quote_spanned!(span=> .#name(#word)),
            quote!(const _: <#ty as ::clavret::__::Shape>::Item = #value;),
        ),
        None => {
            let word = quote_spanned!(value.span()=> ::clavret::__::word::<#ty>(#value));
            (quote_spanned!(span=> .#name(#word)), quote!())
        }
    }
}

/// A default and a range, both of them literal numbers: whether the one lies in the other is seen here.
fn refuse_beyond(details: &[Detail], errors: &mut Errors) {
    let number = |value: &Expr| word(value)?.replace('_', "").parse::<f64>().ok();
    let value = |detail: &Detail| match &detail.value {
        Given::Value(value) => Some(value.clone()),
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
fn refuse_range_of_text(details: &[Detail], ty: &Type, errors: &mut Errors) {
    let is_text = ty.to_token_stream().into_iter().any(|token| match token {
        TokenTree::Ident(ident) => ident == "String",
        _ => false,
    });
    for detail in details.iter().filter(|detail| is_text && detail.is("valid")) {
        if let Given::Value(Expr::Call(call)) = &detail.value
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

/// `Form::Table`: a path whose last part is written as variants are.
fn is_variant(value: &Expr) -> bool {
    let Expr::Path(path) = value else { return false };
    let last = path.path.segments.last().map(|last| last.ident.to_string()).unwrap_or_default();
    path.path.segments.len() > 1
        && last.starts_with(char::is_uppercase)
        && last.contains(char::is_lowercase)
}

/// A number, a letter or a truth as it would be typed; of a pair, both.
fn word(value: &Expr) -> Option<String> {
    match value {
        Expr::Lit(ExprLit { lit, .. }) => match lit {
            Lit::Int(number) => Some(number.base10_digits().to_owned()),
            Lit::Float(number) => Some(number.base10_digits().to_owned()),
            Lit::Char(letter) => Some(letter.value().to_string()),
            Lit::Bool(truth) => Some(truth.value.to_string()),
            _ => None,
        },
        Expr::Tuple(pair) if pair.elems.len() > 1 => {
            let words: Vec<String> = pair.elems.iter().map(word).collect::<Option<_>>()?;
            Some(words.join(" "))
        }
        Expr::Unary(ExprUnary { op: UnOp::Neg(_), expr, .. }) => match &**expr {
            Expr::Lit(ExprLit { lit: Lit::Int(_) | Lit::Float(_), .. }) => {
                word(expr).map(|word| "-".to_owned() + &word)
            }
            _ => None,
        },
        _ => None,
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
