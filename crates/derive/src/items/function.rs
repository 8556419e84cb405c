//! `#[clavret::declare]` on a function: a command whose parameters are the marked arguments.
//!
//! Beside the function stands an empty enum of the same name (types and functions have names of their
//! own in Rust), which carries the command: `inspect(…)` is the function, `inspect::COMMAND` its
//! command, `Route::of::<inspect>()` its handler.

use crate::{Arguments, Below, Detail, Docs, Errors, Is, Node, Takes};
use proc_macro2::{Ident, Span, TokenStream};
use quote::quote;
use syn::ItemFn;

use crate::items::arguments::{EXECUTOR, When, executor};
use crate::items::command::listed;
use crate::items::structs::{anonymous, declared, keys, of_type, routes};
use crate::model::details::span_of;
use crate::model::settings::Setter;

/// Beside the setters: what stands below the function's command, and when the function runs then.
const MORE: &[Setter] =
    &[("commands", Takes::Special, false), ("before", Takes::Nothing, false), EXECUTOR];

pub(crate) fn declare(
    function: &mut ItemFn,
    details: Vec<Detail>,
    errors: &mut Errors,
) -> TokenStream {
    let ident = function.sig.ident.clone();
    let before = span_of(&details, "before");
    let when = if before.is_some() { When::Before } else { When::Called };
    let types = listed(&details, errors);
    let acts = details.iter().any(|detail| detail.is("acts") || detail.is("default_command"));
    refuse_unclear(&ident, before, (!types.is_empty(), acts), errors);
    let docs = Docs::of(&function.attrs, errors);
    let arguments = Arguments::read(&mut function.sig, &[], None, when, errors);
    let executor = executor(&function.sig, &details, &[], errors);
    let handler = arguments.handler(&function.sig, &quote!(#ident), executor.as_ref());
    let (of, bounds) = (quote!(#ident), arguments.bounds());
    let below = match types.is_empty() {
        true => Below::Nothing,
        false => Below::Listed(types.iter().cloned().map(of_type).collect()),
    };
    let Arguments { parameters, bundles, .. } = arguments;
    let node = Node {
        ident: &ident,
        is: Is::Command,
        docs,
        details,
        parameters,
        bundles,
        below,
        more: MORE,
    };
    let command = crate::model::names::command(ident.span());
    let statics = node.to_statics(&command, errors);
    let visibility = &function.vis;
    let (keys, declared) = (keys(&ident, visibility, &node.parameters), declared(&of, &command));
    let way = if when == When::Before { quote!(before) } else { quote!(new) };
    let mut own = quote!(::clavret::for_macros::Route::#way(&#command, #handler),);
    if before.is_some() && acts {
        // Where a line names no subcommand it runs alone.
        own.extend(quote!(::clavret::for_macros::Route::new(&#command, |_| Ok(())),));
    }
    let routes = routes(&of, &types, &own, &bounds);
    let items = anonymous(&quote! {
        #statics
        #keys
        impl #ident {
            /// The command of the function.
            #[allow(dead_code)]
            #visibility const COMMAND: &'static ::clavret::for_macros::Command<'static> = &#command;
        }
        #declared
        #routes
    });
    let doc = format!("The command of the function [`{ident}`]({ident}()).");
    quote! {
        #[doc = #doc]
        #[allow(non_camel_case_types, missing_debug_implementations, clippy::pedantic)]
        #visibility enum #ident {}
        #items
    }
}

/// It is not `main`, and says when it runs where there are commands below it.
fn refuse_unclear(
    ident: &Ident,
    before: Option<Span>,
    (has_commands, acts): (bool, bool),
    errors: &mut Errors,
) {
    if ident == "main" {
        let message = "`main` runs the program: declare another function, such as `inspect`, and return \
                       `clavret::Program::of::<inspect>().run()` from `main`";
        errors.on(ident, message);
    }
    match before {
        Some(span) if !has_commands => {
            errors.at(span, "expected `commands(…)` beside it (it runs before one of them)");
        }
        None if has_commands && !acts => {
            let message = "say when it runs: `before` each of its commands, or (`acts`) where a line names none";
            errors.on(ident, message);
        }
        _ => {}
    }
}
