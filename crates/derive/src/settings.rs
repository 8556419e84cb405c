//! What stands in the parentheses of a mark: `letter = 'f', once, times(1, 3)`. Each setting is the
//! setter of the values surface that is called so, and what it is given goes there as it stands.

use proc_macro2::{Ident, Span, TokenStream};
use quote::{ToTokens, quote, quote_spanned};
use syn::ext::IdentExt;
use syn::parse::discouraged::Speculative;
use syn::parse::{Parse, ParseStream, Parser};
use syn::punctuated::Punctuated;
use syn::{Attribute, Expr, Meta, Token, parenthesized, token};

use crate::errors::Errors;

/// One setting, as it was written.
#[derive(Clone)]
pub(crate) struct Setting {
    pub(crate) name: Ident,
    pub(crate) value: Given,
}

/// What a setting is given.
#[derive(Clone)]
pub(crate) enum Given {
    /// `once`
    Nothing,
    /// `letter = 'f'`
    Value(Expr),
    /// `times(1, 3)`
    Several(Punctuated<Expr, Token![,]>),
}

impl Parse for Setting {
    fn parse(input: ParseStream<'_>) -> syn::Result<Self> {
        // `default` and its like are no keywords here.
        let name = input.call(Ident::parse_any)?;
        let value = if input.peek(Token![=]) {
            input.parse::<Token![=]>()?;
            Given::Value(input.parse()?)
        } else if input.peek(token::Paren) {
            let several;
            parenthesized!(several in input);
            Given::Several(Punctuated::parse_terminated(&several)?)
        } else {
            Given::Nothing
        };
        Ok(Setting { name, value })
    }
}

/// The settings of a list. Each mistake is told, and what stands behind it is read all the same.
pub(crate) fn parse_list(tokens: TokenStream, errors: &mut Errors) -> Vec<Setting> {
    let mut settings = Vec::new();
    let list = |input: ParseStream<'_>| {
        while !input.is_empty() {
            let ahead = input.fork();
            let setting = ahead.parse::<Setting>();
            let is_followed = ahead.is_empty() || ahead.peek(Token![,]);
            match setting {
                Ok(setting) if is_followed => {
                    input.advance_to(&ahead);
                    settings.push(setting);
                }
                Ok(_) => errors.add(ahead.error("expected `,`")),
                Err(error) => errors.add(error),
            }
            while !input.is_empty() && !input.peek(Token![,]) {
                input.parse::<proc_macro2::TokenTree>()?;
            }
            if !input.is_empty() {
                input.parse::<Token![,]>()?;
            }
        }
        Ok(())
    };
    let read = list.parse2(tokens);
    errors.check(read);
    settings
}

/// The settings of a mark: none for `#[operand]`, those in the parentheses otherwise.
pub(crate) fn of_mark(attribute: &Attribute, errors: &mut Errors) -> Vec<Setting> {
    match &attribute.meta {
        Meta::Path(_) => Vec::new(),
        Meta::List(list) => parse_list(list.tokens.clone(), errors),
        Meta::NameValue(value) => {
            let name = value.path.to_token_stream();
            errors.on(value, format!("expected `#[{name}]` or `#[{name}(…)]`"));
            Vec::new()
        }
    }
}

/// How a setter takes what it is given.
#[derive(Clone, Copy, PartialEq, Eq)]
pub(crate) enum Takes {
    Nothing,
    Value,
    /// A value that the declaration borrows: `valid = valid::range(0, 20)`.
    Reference,
    /// This many values, in parentheses.
    Several(usize),
    /// Read by the macro itself.
    Special,
}

/// A setter by its name, how it takes what it is given, and whether it may be called again.
pub(crate) type Setter = (&'static str, Takes, bool);

impl Setting {
    pub(crate) fn is(&self, name: &str) -> bool {
        self.name.unraw() == name
    }

    /// The call of the setter: `.letter('f')`, at the place of the setting.
    pub(crate) fn call(&self, takes: Takes, errors: &mut Errors) -> TokenStream {
        let (name, span) = (&self.name, self.name.span());
        match (takes, &self.value) {
            (Takes::Nothing, Given::Nothing) => quote_spanned!(span=> .#name()),
            (Takes::Value, Given::Value(value)) => quote_spanned!(span=> .#name(#value)),
            (Takes::Reference, Given::Value(value)) => quote_spanned!(span=> .#name(&#value)),
            (Takes::Several(count), Given::Several(values)) if values.len() == count => {
                quote_spanned!(span=> .#name(#values))
            }
            (Takes::Special, _) => quote!(),
            (takes, _) => {
                errors.at(span, format!("expected `{}`", takes.form(&name.to_string())));
                quote!()
            }
        }
    }

    /// The value that a setting which the macro reads is given.
    pub(crate) fn value(&self, errors: &mut Errors) -> Option<&Expr> {
        match &self.value {
            Given::Value(value) => Some(value),
            _ => {
                errors.at(self.name.span(), format!("expected `{} = …`", self.name));
                None
            }
        }
    }

    /// The values in its parentheses.
    pub(crate) fn values(&self, errors: &mut Errors) -> Vec<&Expr> {
        match &self.value {
            Given::Several(values) if !values.is_empty() => values.iter().collect(),
            _ => {
                errors.at(self.name.span(), format!("expected `{}(…, …)`", self.name));
                Vec::new()
            }
        }
    }
}

impl Takes {
    /// How a setting is written.
    fn form(self, name: &str) -> String {
        match self {
            Takes::Nothing => name.to_owned(),
            Takes::Value | Takes::Reference | Takes::Special => format!("{name} = …"),
            Takes::Several(count) => format!("{name}({})", vec!["…"; count].join(", ")),
        }
    }
}

/// Says which settings are unknown to a list of setters, and which stand there twice; gives those that
/// are right, each with how it takes its value. `others` may know a stranger: what it is for is said.
pub(crate) fn known<'s>(
    settings: &'s [Setting],
    of: &str,
    setters: &[&[Setter]],
    others: &[(&str, &[Setter])],
    errors: &mut Errors,
) -> Vec<(&'s Setting, Takes)> {
    let mut right: Vec<(&Setting, Takes)> = Vec::new();
    for setting in settings {
        let own = setters.iter().copied().flatten().find(|setter| setting.is(setter.0));
        let Some(&(name, takes, again)) = own else {
            errors.at(setting.name.span(), unknown(setting, of, setters, others));
            continue;
        };
        if !again && right.iter().any(|(before, _)| before.is(name)) {
            errors.at(setting.name.span(), format!("`{name}` is set twice"));
            continue;
        }
        right.push((setting, takes));
    }
    right
}

fn unknown(
    setting: &Setting,
    of: &str,
    setters: &[&[Setter]],
    others: &[(&str, &[Setter])],
) -> String {
    let name = setting.name.unraw().to_string();
    let owner = others.iter().find(|(_, setters)| setters.iter().any(|setter| setter.0 == name));
    if let Some((owner, _)) = owner {
        return format!("{of} has no `{name}` ({owner} has)");
    }
    let near = setters.iter().copied().flatten().map(|setter| setter.0);
    let near = near.map(|known| (strsim::damerau_levenshtein(known, &name), known)).min();
    if let Some((1..=2, near)) = near {
        return format!("{of} has no `{name}` (`{near}` is one)");
    }
    let names: Vec<&str> = setters.iter().copied().flatten().map(|setter| setter.0).collect();
    format!("{of} has no `{name}` (expected one of: {})", names.join(", "))
}

/// The span of the last setting with a name, for what is wrong with it.
pub(crate) fn span_of(settings: &[Setting], name: &str) -> Option<Span> {
    settings.iter().rev().find(|setting| setting.is(name)).map(|setting| setting.name.span())
}
