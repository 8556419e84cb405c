//! `asked!`: a parameter declared where its value is used.
//!
//! ```text
//! asked!(option "frames" 'f': u8 = 0, "brood frames seen", placeholder = "COUNT")
//! asked!(operand 1 "hive": String, "hive to inspect")
//! asked!(flag "calm" 'c', "the colony was calm")
//! asked!(tally "v", "say more")
//! asked!(bundle Period)
//! asked!(program "inspect", "record what an inspection found")
//! ```
//!
//! The type stands in the macro and not with the variable: what a word becomes, and what pages say of
//! it, must be known of places that are never reached, and a static has no inferred type.

use crate::{Below, Detail, Docs, Errors, Is, Node, Parameter, Question, Role, Written};
use proc_macro2::{Ident, Span, TokenStream};
use quote::{quote, quote_spanned};
use syn::ext::IdentExt;
use syn::parse::{Parse, ParseStream};
use syn::spanned::Spanned;
use syn::{Expr, LitChar, LitInt, LitStr, Token, Type, parse_quote};

use crate::model::details::parse_list;

impl Parse for Question {
    fn parse(input: ParseStream<'_>) -> syn::Result<Self> {
        let what = input.call(Ident::parse_any)?;
        let number = match what == "operand" {
            true if !input.peek(LitInt) => {
                return Err(
                    input.error("expected the operand's number on the line: `operand 1 \"hive\"`")
                );
            }
            true => Some(input.parse()?),
            false => None,
        };
        let is_nameless = what == "bundle" || (what == "program" && !input.peek(LitStr));
        let name = if is_nameless { None } else { Some(input.parse()?) };
        let letter = if input.peek(LitChar) { Some(input.parse()?) } else { None };
        let has_type = what == "bundle" || input.parse::<Option<Token![:]>>()?.is_some();
        let ty = if has_type { Some(input.parse()?) } else { None };
        let default = match input.parse::<Option<Token![=]>>()? {
            Some(_) => Some(input.parse()?),
            None => None,
        };
        let mut help = None;
        if !input.is_empty() {
            input.parse::<Token![,]>()?;
            if input.peek(LitStr) {
                help = Some(input.parse()?);
                input.parse::<Option<Token![,]>>()?;
            }
        }
        Ok(Question { what, number, name, letter, ty, default, help, rest: input.parse()? })
    }
}

pub(crate) fn ask(question: Question, errors: &mut Errors) -> TokenStream {
    let mut details = parse_list(question.rest.clone(), errors);
    let mut set = |name: &str, span: Span, value: Expr| {
        details.insert(0, Detail { name: Ident::new(name, span), value: Written::Value(value) });
    };
    if let Some(name) = &question.name {
        set("name", name.span(), parse_quote!(#name));
    }
    if let Some(letter) = &question.letter {
        set("letter", letter.span(), parse_quote!(#letter));
    }
    if let Some(default) = &question.default {
        set("default", default.span(), default.clone());
    }
    match question.what.to_string().as_str() {
        "bundle" => bundle(&question, &details, errors),
        "program" => program(&question, details, errors),
        "operand" => parameter(Role::Operand, &question, details, errors),
        "option" => parameter(Role::Option, &question, details, errors),
        "flag" => parameter(Role::Flag, &question, details, errors),
        "tally" => parameter(Role::Tally, &question, details, errors),
        _ => {
            let message = "expected `operand`, `option`, `flag`, `tally`, `bundle` or `program`";
            errors.on(&question.what, message);
            quote!()
        }
    }
}

fn parameter(
    role: Role,
    question: &Question,
    mut details: Vec<Detail>,
    errors: &mut Errors,
) -> TokenStream {
    if let Some(help) = &question.help {
        let name = Ident::new("help", help.span());
        details.push(Detail { name, value: Written::Value(parse_quote!(#help)) });
    }
    let ident = Ident::new("asked", question.what.span());
    let ty: Type = match (&question.ty, role) {
        (Some(ty), _) => ty.clone(),
        (None, Role::Flag) => parse_quote!(bool),
        (None, Role::Tally) => parse_quote!(u32),
        (None, Role::Operand | Role::Option) => {
            let name = question.name.as_ref().map(LitStr::value).unwrap_or_default();
            let message = format!(
                "expected the type behind the name: `\"{name}\": u8` (pages tell of places that are \
                 never reached, so it cannot be inferred)"
            );
            errors.on(&question.name, message);
            parse_quote!(::std::string::String)
        }
    };
    let parameter = Parameter::new(role, &ident, &ty, Docs::default(), details, &[], errors);
    let (key, declared) = (&parameter.key, parameter.to_static());
    let number = question.number.as_ref().map_or(quote!(0), |number| quote!(#number));
    let place = place(
        &quote!(::clavret::for_macros::Subject::Param(#key.param(), #number)),
        &quote!(::clavret::for_macros::Brought::of(#key.param())),
    );
    let base = base();
    quote! {{
        #declared
        #place
        ::clavret::for_macros::ask(&#key, #base)
    }}
}

/// The values of a declared struct, by reference: they are moved out of the reading once.
fn bundle(question: &Question, details: &[Detail], errors: &mut Errors) -> TokenStream {
    for detail in details {
        errors.at(detail.name.span(), "a bundle has a heading alone: `bundle Period, \"period\"`");
    }
    let Some(ty) = &question.ty else { return quote!() };
    let of = quote_spanned!(ty.span()=> <#ty as ::clavret::for_macros::Declare>::COMMAND);
    let heading = match &question.help {
        Some(heading) => quote!(#heading),
        None => quote!(#of.ask().summary()),
    };
    let make = quote_spanned!(ty.span()=> ::clavret::for_macros::Bundle::of(#of, #heading));
    let place = place(
        &quote!(::clavret::for_macros::Subject::Bundle(&__BUNDLE)),
        &quote!(::clavret::for_macros::Brought::of_bundle(&__BUNDLE)),
    );
    let base = base();
    quote! {{
        static __BUNDLE: ::clavret::for_macros::Bundle<'static> = #make;
        static __VALUES: ::std::sync::OnceLock<#ty> = ::std::sync::OnceLock::new();
        #place
        __VALUES.get_or_init(|| ::clavret::for_macros::ask_bundle::<#ty>(#base))
    }}
}

/// What is known of the program at each place: its crate, and what it is where nothing tells.
fn base() -> TokenStream {
    let bin = bin();
    quote! {
        ::clavret::for_macros::Base {
            module: ::core::module_path!(),
            command: || const {
                ::clavret::for_macros::looked_at(
                    ::clavret::for_macros::Command::draft(#bin)
                        .summary(::core::env!("CARGO_PKG_DESCRIPTION"))
                        .package(::clavret::package!()),
                )
            },
        }
    }
}

/// What pages say of the program itself, and what goes for all of it.
fn program(question: &Question, mut details: Vec<Detail>, errors: &mut Errors) -> TokenStream {
    let ident = Ident::new("asked", question.what.span());
    if question.name.is_none() {
        let name = Ident::new("name", question.what.span());
        let bin = bin();
        let value = Written::Value(parse_quote!(#bin));
        details.push(Detail { name, value });
    }
    let node = Node {
        ident: &ident,
        is: Is::Program,
        docs: Docs {
            summary: question.help.as_ref().map(LitStr::value).unwrap_or_default(),
            description: String::new(),
        },
        details,
        parameters: Vec::new(),
        bundles: Vec::new(),
        below: Below::Nothing,
        more: &[],
    };
    let command = Ident::new("__PROGRAM", ident.span());
    let declared = node.to_statics(&command, errors);
    let place = place(
        &quote!(::clavret::for_macros::Subject::Program(&#command)),
        &quote!(::clavret::for_macros::Brought::NOTHING),
    );
    quote!({
        #declared
        #place
    })
}

/// The name of the program, which only a program has.
fn bin() -> TokenStream {
    let message =
        "`asked!` is for a program's own crate: a library takes its values from its caller";
    quote!(::core::env!("CARGO_BIN_NAME", #message))
}

/// The static that is collected when the program is linked, reached or not.
fn place(asked: &TokenStream, brings: &TokenStream) -> TokenStream {
    quote! {
        #[::clavret::for_macros::linkme::distributed_slice(::clavret::for_macros::QUESTIONS)]
        #[linkme(crate = ::clavret::for_macros::linkme)]
        static __PLACE: ::clavret::for_macros::Question = ::clavret::for_macros::Question {
            asked: #asked,
            brings: #brings,
            module: ::core::module_path!(),
            file: ::core::file!(),
            line: ::core::line!(),
            column: ::core::column!(),
        };
    }
}
