//! `#[derive(Declare)]` on a struct: a command whose parameters are the fields.

use crate::{Below, Contents, Detail, Docs, Errors, Is, Marked, Node, Parameter, Takes};
use proc_macro2::{Ident, Span, TokenStream};
use quote::{quote, quote_spanned};
use syn::spanned::Spanned;
use syn::{DataStruct, DeriveInput, Field, Fields, Type, Visibility};

use crate::items::command::listed;
use crate::model::details::span_of;
use crate::model::marks::read;
use crate::model::names::upper;
use crate::model::settings::Setter;

/// The details of a container: those of each `#[declare(…)]` on it.
pub(crate) fn container(attributes: &[syn::Attribute], errors: &mut Errors) -> Vec<Detail> {
    let own = attributes.iter().filter(|attribute| attribute.path().is_ident("declare"));
    own.flat_map(|attribute| crate::model::details::of_mark(attribute, errors)).collect()
}

/// `owners` lead the names of the statics; `reading` is what the values are taken from.
pub(crate) fn contents(
    fields: &Fields,
    owners: &[&Ident],
    reading: &Ident,
    errors: &mut Errors,
) -> Contents {
    let mut contents =
        Contents { parameters: Vec::new(), bundles: Vec::new(), commands: None, values: quote!() };
    match fields {
        Fields::Named(named) => {
            for field in &named.named {
                add(&mut contents, field, owners, reading, errors);
            }
        }
        Fields::Unnamed(unnamed) => {
            errors.on(unnamed, "expected fields with names (a parameter is called as its field)");
        }
        Fields::Unit => {}
    }
    contents
}

fn add(
    contents: &mut Contents,
    field: &Field,
    owners: &[&Ident],
    reading: &Ident,
    errors: &mut Errors,
) {
    let Some(ident) = &field.ident else { return };
    let (ty, span) = (&field.ty, field.ty.span());
    let value = match read(ident, ty, &field.attrs, owners, errors) {
        Marked::Parameter(parameter) => {
            let value = parameter.take(reading);
            contents.parameters.push(*parameter);
            value
        }
        Marked::Bundle(bundle) => {
            contents.bundles.push((bundle, ident.clone(), ty.clone()));
            quote_spanned!(span=> <#ty as ::clavret::for_macros::FromReading>::take_from(#reading))
        }
        Marked::Commands => {
            if contents.commands.replace(ty.clone()).is_some() {
                errors.on(field, "a command has one field of `#[commands]` at most");
            }
            quote_spanned!(span=> <#ty as ::clavret::for_macros::Subcommands>::take_from(#reading))
        }
        Marked::Nothing => {
            let message = format!(
                "`{ident}` has no mark (expected `#[operand]`, `#[option]`, `#[flag]`, `#[tally]`, \
                 `#[bundle]` or `#[commands]`)"
            );
            return errors.on(ident, message);
        }
    };
    contents.values.extend(quote!(#ident: #value,));
}

/// Beside the setters: functions, blocks and types whose commands stand below a type's.
pub(crate) const MORE: &[Setter] = &[("commands", Takes::Special, false)];

pub(crate) fn declare(input: &DeriveInput, data: &DataStruct, errors: &mut Errors) -> TokenStream {
    let ident = &input.ident;
    let details = container(&input.attrs, errors);
    let reading = Ident::new("reading", Span::mixed_site());
    let contents = contents(&data.fields, &[], &reading, errors);
    let (of, types) = (quote!(#ident), listed(&details, errors));
    let below = match contents.commands {
        Some(ty) => {
            if let Some(span) = span_of(&details, "commands") {
                errors.at(span, "the commands are those of the field marked `#[commands]`");
            }
            Below::Of(Box::new(ty))
        }
        None if types.is_empty() => Below::Nothing,
        None => Below::Listed(types.iter().cloned().map(of_type).collect()),
    };
    // A group leaves the work to its commands, unless it acts too.
    let is_group = !types.is_empty() && !details.iter().any(|detail| detail.is("acts"));
    let routes =
        if is_group { routes(&of, &types, &quote!(), &quote!()) } else { acting(&of, &types) };
    let docs = Docs::of(&input.attrs, errors);
    let (parameters, bundles) = (contents.parameters, contents.bundles);
    let node =
        Node { ident, is: Is::Command, docs, details, parameters, bundles, below, more: MORE };
    let command = crate::model::names::command(ident.span());
    let statics = node.to_statics(&command, errors);
    let keys = keys(ident, &input.vis, &node.parameters);
    let declared = declared(&quote!(#ident), &command);
    let values = contents.values;
    let value = match data.fields {
        Fields::Unit => quote!(#ident),
        _ => quote!(#ident { #values }),
    };
    anonymous(&quote! {
        #statics
        #keys
        #declared
        #[automatically_derived]
        impl ::clavret::for_macros::FromReading for #ident {
            fn take_from(#reading: &mut ::clavret::for_macros::Reading<'_>) -> Self {
                let _ = &#reading;
                #value
            }
        }
        #routes
    })
}

/// A declared type as a subcommand.
pub(crate) fn of_type(ty: Type) -> (TokenStream, TokenStream) {
    let span = ty.span();
    if is_static(&ty) {
        return (quote_spanned!(span=> &#ty), quote!(#ty));
    }
    (quote_spanned!(span=> <#ty as ::clavret::for_macros::Declare>::COMMAND), quote!(#ty))
}

/// Whether what is listed is a static by its name, such as `clavret::HELP_COMMAND`, and no type: it needs no handler.
fn is_static(ty: &Type) -> bool {
    let Type::Path(path) = ty else { return false };
    let name = path.path.segments.last().map(|last| last.ident.to_string()).unwrap_or_default();
    name.len() > 1 && !name.chars().any(char::is_lowercase)
}

/// The routes of what is declared: its own, each with a comma after it, and those of the `types` that
/// stand below it. `bounds` say what its own ones need of the context `__C`.
pub(crate) fn routes(
    of: &TokenStream,
    types: &[Type],
    own: &TokenStream,
    bounds: &TokenStream,
) -> TokenStream {
    let types: Vec<&Type> = types.iter().filter(|ty| !is_static(ty)).collect();
    let below = types.iter().map(|ty| {
        let span = ty.span();
        quote_spanned!(span=> #ty: ::clavret::for_macros::Routed<__C>)
    });
    quote! {
        #[automatically_derived]
        impl<__C: 'static> ::clavret::for_macros::Routed<__C> for #of
        where
            #bounds
            #(#below,)*
        {
            const ROUTES: &'static [::clavret::for_macros::Route<'static, __C>] = &[
                #own
                #(::clavret::for_macros::Route::several(<#types as ::clavret::for_macros::Routed<__C>>::ROUTES)),*
            ];
        }
    }
}

/// The routes of a type that does the work itself.
pub(crate) fn acting(of: &TokenStream, types: &[Type]) -> TokenStream {
    let own = quote!(::clavret::for_macros::acting::<Self, __C>(),);
    routes(of, types, &own, &quote!(#of: ::clavret::for_macros::Act<__C>,))
}

/// `impl Declare for` what is declared.
pub(crate) fn declared(of: &TokenStream, command: &Ident) -> TokenStream {
    quote! {
        #[automatically_derived]
        impl ::clavret::for_macros::Declare for #of {
            const COMMAND: &'static ::clavret::for_macros::Command<'static> = &#command;
        }
    }
}

/// The keys as constants of the type, so that other surfaces may ask for what it takes.
pub(crate) fn keys(
    ident: &Ident,
    visibility: &Visibility,
    parameters: &[Parameter],
) -> TokenStream {
    let constants = parameters.iter().map(|parameter| {
        let (mut name, key, ty) = (upper(&parameter.ident), &parameter.key, parameter.key_type());
        if name == "COMMAND" {
            // So is the command itself called.
            name = Ident::new("COMMAND_KEY", name.span());
        }
        let doc = format!("The key of `{}`.", parameter.ident);
        quote!(#[doc = #doc] #visibility const #name: &'static #ty = &#key;)
    });
    match parameters {
        [] => quote!(),
        _ => quote!(#[automatically_derived] #[allow(dead_code)] impl #ident { #(#constants)* }),
    }
}

/// Generated items where none of their names is seen from outside.
pub(crate) fn anonymous(items: &TokenStream) -> TokenStream {
    quote! {
        #[doc(hidden)]
        #[allow(non_upper_case_globals, unused_qualifications, clippy::all, clippy::pedantic)]
        const _: () = { #items };
    }
}
