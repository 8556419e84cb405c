//! What stands in the parentheses of a mark: `letter = 'f', once, times(1, 3)`. Each detail is the
//! setter of the values surface that is called so, and what it is given goes there as it stands.

use crate::model::settings::Setter;
use crate::{Detail, Errors, Takes, Written};
use proc_macro2::{Ident, Span, TokenStream};
use quote::{ToTokens, quote, quote_spanned};
use syn::ext::IdentExt;
use syn::parse::discouraged::Speculative;
use syn::parse::{Parse, ParseStream, Parser};
use syn::punctuated::Punctuated;
use syn::{Attribute, Expr, ExprLit, ExprUnary, Lit, Meta, Token, UnOp, parenthesized, token};

impl Parse for Detail {
    fn parse(input: ParseStream<'_>) -> syn::Result<Self> {
        // `default` and its like are no keywords here.
        let name = input.call(Ident::parse_any)?;
        let value = if input.peek(Token![=]) {
            input.parse::<Token![=]>()?;
            Written::Value(input.parse()?)
        } else if input.peek(token::Paren) {
            let several;
            parenthesized!(several in input);
            Written::Several(Punctuated::parse_terminated(&several)?)
        } else {
            Written::Nothing
        };
        Ok(Detail { name, value })
    }
}

/// The details of a list. Each mistake is told, and what stands after it is read all the same.
pub(crate) fn parse_list(tokens: TokenStream, errors: &mut Errors) -> Vec<Detail> {
    let mut details = Vec::new();
    let list = |input: ParseStream<'_>| {
        while !input.is_empty() {
            let ahead = input.fork();
            let detail = ahead.parse::<Detail>();
            let is_followed = ahead.is_empty() || ahead.peek(Token![,]);
            match detail {
                Ok(detail) if is_followed => {
                    input.advance_to(&ahead);
                    details.push(detail);
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
    details
}

/// The details of a mark: none for `#[operand]`, those in the parentheses otherwise.
pub(crate) fn of_mark(attribute: &Attribute, errors: &mut Errors) -> Vec<Detail> {
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

impl Detail {
    pub(crate) fn is(&self, name: &str) -> bool {
        self.name.unraw() == name
    }

    /// The call of the setter: `.letter('f')`, at the place of the detail.
    pub(crate) fn call(&self, takes: Takes, errors: &mut Errors) -> TokenStream {
        let (name, span) = (&self.name, self.name.span());
        match (takes, &self.value) {
            (Takes::Nothing, Written::Nothing) => quote_spanned!(span=> .#name()),
            (Takes::Value, Written::Value(value)) => quote_spanned!(span=> .#name(#value)),
            (Takes::Reference, Written::Value(value)) => quote_spanned!(span=> .#name(&#value)),
            (Takes::Several(count), Written::Several(values)) if values.len() == count => {
                quote_spanned!(span=> .#name(#values))
            }
            (Takes::Special | Takes::Rule(_), _) => quote!(),
            (takes, _) => {
                let alone = if takes == Takes::Nothing { " alone" } else { "" };
                errors.at(span, format!("expected `{}`{alone}", takes.form(&name.to_string())));
                quote!()
            }
        }
    }

    /// The value that a detail which the macro reads is given.
    pub(crate) fn value(&self, errors: &mut Errors) -> Option<&Expr> {
        match &self.value {
            Written::Value(value) => Some(value),
            _ => {
                errors.at(self.name.span(), format!("expected `{} = …`", self.name));
                None
            }
        }
    }

    /// The values in its parentheses, of which there are some.
    pub(crate) fn values(&self, errors: &mut Errors) -> Vec<&Expr> {
        let values = self.list(errors);
        if values.is_empty() && matches!(self.value, Written::Several(_)) {
            self.expect_list(errors);
        }
        values
    }

    /// The values in its parentheses, which may be empty.
    pub(crate) fn list(&self, errors: &mut Errors) -> Vec<&Expr> {
        match &self.value {
            Written::Several(values) => values.iter().collect(),
            _ => {
                self.expect_list(errors);
                Vec::new()
            }
        }
    }

    fn expect_list(&self, errors: &mut Errors) {
        errors.at(self.name.span(), format!("expected `{}(…, …)`", self.name));
    }
}

impl Takes {
    /// How a detail is written.
    fn form(self, name: &str) -> String {
        match self {
            Takes::Nothing => name.to_owned(),
            Takes::Value | Takes::Reference | Takes::Special | Takes::Rule(_) => {
                format!("{name} = …")
            }
            Takes::Several(count) => format!("{name}({})", vec!["…"; count].join(", ")),
        }
    }
}

/// Says which details are unknown to a list of setters, and which stand there twice; gives those that
/// are right, each with how it takes its value. `others` may know a stranger: what it is for is said.
pub(crate) fn known<'s>(
    details: &'s [Detail],
    of: &str,
    setters: &[&[Setter]],
    others: &[(&str, &[&[Setter]])],
    errors: &mut Errors,
) -> Vec<(&'s Detail, Takes)> {
    let mut right: Vec<(&Detail, Takes)> = Vec::new();
    for detail in details {
        let own = setters.iter().copied().flatten().find(|setter| detail.is(setter.0));
        let Some(&(name, takes, again)) = own else {
            errors.at(detail.name.span(), unknown(detail, of, setters, others));
            continue;
        };
        if !again && right.iter().any(|(before, _)| before.is(name)) {
            let several =
                if name == "valid" { " (`valid::all(&[…])` puts several together)" } else { "" };
            errors.at(detail.name.span(), format!("`{name}` is set twice{several}"));
            continue;
        }
        right.push((detail, takes));
    }
    right
}

fn unknown(
    detail: &Detail,
    of: &str,
    setters: &[&[Setter]],
    others: &[(&str, &[&[Setter]])],
) -> String {
    let name = detail.name.unraw().to_string();
    if let Some((_, instead)) = TRADE.iter().find(|(word, _)| *word == name) {
        return format!("{of} has no `{name}` ({instead})");
    }
    let owner = others
        .iter()
        .find(|(_, setters)| setters.iter().copied().flatten().any(|setter| setter.0 == name));
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

/// Words of the trade that no detail is called by, and what to write.
const TRADE: &[(&str, &str)] = &[
    ("required", "what is no `Option`, `Vec` or flag and has no default is needed: leave it out"),
    ("optional", "make the type an `Option`"),
    ("multiple", "make the type a `Vec`"),
    ("long", "the long name is `name = \"…\"`"),
    ("short", "the letter behind one dash is `letter = '…'`"),
    ("global", "what commands below accept too is `throughout`"),
    ("environment", "the variable is `variable = \"…\"`"),
];

/// The span of the last detail with a name, for what is wrong with it.
pub(crate) fn span_of(details: &[Detail], name: &str) -> Option<Span> {
    details.iter().rev().find(|detail| detail.is(name)).map(|detail| detail.name.span())
}

/// A number, a letter or a truth as it would be typed; of a pair, both.
pub(crate) fn word(value: &Expr) -> Option<String> {
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
