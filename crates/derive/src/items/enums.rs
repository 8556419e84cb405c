//! `#[derive(Declare)]` on an enum: a command whose subcommands are the variants.

use crate::{Below, Docs, Errors, Is, Node};
use proc_macro2::{Ident, Span, TokenStream};
use quote::{quote, quote_spanned};
use syn::spanned::Spanned;
use syn::{DataEnum, DeriveInput, Fields, Variant};

use crate::items::command::listed;
use crate::items::structs::{MORE, acting, anonymous, container, contents, declared, of_type};
use crate::model::names::hidden;

pub(crate) fn declare(input: &DeriveInput, data: &DataEnum, errors: &mut Errors) -> TokenStream {
    let ident = &input.ident;
    let reading = Ident::new("reading", Span::mixed_site());
    let (mut statics, mut arms, mut commands) = (quote!(), quote!(), Vec::new());
    for variant in &data.variants {
        let command = hidden(&[&variant.ident], variant.ident.span());
        let (own, value) = declare_variant(ident, variant, &command, &reading, errors);
        statics.extend(own);
        arms.extend(quote! {
            if #reading.passes(&#command) {
                return #value;
            }
        });
        let called = &variant.ident;
        commands.push((quote!(&#command), quote!(#called)));
    }
    if commands.is_empty() {
        errors.on(ident, "expected a variant for each subcommand, found none");
    }
    let details = container(&input.attrs, errors);
    let types = listed(&details, errors);
    commands.extend(types.iter().cloned().map(of_type));
    let node = Node {
        ident,
        is: Is::Command,
        docs: Docs::of(&input.attrs, errors),
        details,
        parameters: Vec::new(),
        bundles: Vec::new(),
        below: Below::Listed(commands),
        more: MORE,
    };
    let command = crate::model::names::command(ident.span());
    let own = node.to_statics(&command, errors);
    let of = quote!(#ident);
    let (declared, routes) = (declared(&of, &command), acting(&of, &types));
    anonymous(&quote! {
        #statics
        #own
        #declared
        #[automatically_derived]
        impl ::clavret::for_macros::FromReading for #ident {
            fn take_from(#reading: &mut ::clavret::for_macros::Reading<'_>) -> Self {
                #arms
                ::clavret::for_macros::stray(#reading, &#command)
            }
        }
        #routes
    })
}

/// The statics of a variant, and the value of one.
fn declare_variant(
    owner: &Ident,
    variant: &Variant,
    command: &Ident,
    reading: &Ident,
    errors: &mut Errors,
) -> (TokenStream, TokenStream) {
    let ident = &variant.ident;
    let (mut parameters, mut bundles, mut below) = (Vec::new(), Vec::new(), Below::Nothing);
    let value = match &variant.fields {
        Fields::Unit => quote!(#owner::#ident),
        Fields::Unnamed(unnamed) if unnamed.unnamed.len() == 1 => {
            let ty = &unnamed.unnamed[0].ty;
            let span = ty.span();
            below = Below::Copy(
                quote_spanned!(span=> <#ty as ::clavret::for_macros::Declare>::COMMAND),
            );
            let value = quote_spanned!(span=> <#ty as ::clavret::for_macros::FromReading>::take_from(#reading));
            quote!(#owner::#ident(#value))
        }
        Fields::Unnamed(unnamed) => {
            errors.on(
                unnamed,
                "expected one type in the parentheses, or fields with names in braces",
            );
            quote!(#owner::#ident)
        }
        fields @ Fields::Named(_) => {
            let found = contents(fields, &[ident], reading, errors);
            if let Some(ty) = found.commands {
                below = Below::Of(Box::new(ty));
            }
            (parameters, bundles) = (found.parameters, found.bundles);
            let values = found.values;
            quote!(#owner::#ident { #values })
        }
    };
    let docs = Docs::of(&variant.attrs, errors);
    let details = container(&variant.attrs, errors);
    let node = Node { ident, is: Is::Below, docs, details, parameters, bundles, below, more: &[] };
    (node.to_statics(command, errors), value)
}
