//! `#[derive(Choice)]`: a plain enum as a closed list of words.

use crate::{Docs, Errors, Takes};
use proc_macro2::TokenStream;
use quote::{quote, quote_spanned};
use syn::{Data, DeriveInput, Fields, Variant};

use crate::items::structs::anonymous;
use crate::model::details::{known, of_mark};
use crate::model::names::kebab;
use crate::model::settings::Setter;

const SETTERS: &[Setter] = &[
    ("name", Takes::Special, false),
    ("help", Takes::Value, false),
    ("deprecated", Takes::Value, false),
    ("deprecated_since", Takes::Value, false),
    ("deprecated_until", Takes::Value, false),
    ("value", Takes::Special, false),
];

pub(crate) fn choice(input: &DeriveInput, errors: &mut Errors) -> TokenStream {
    let ident = &input.ident;
    let Data::Enum(data) = &input.data else {
        errors.on(ident, "expected an enum without fields (a choice is a closed list of words)");
        return quote!();
    };
    if data.variants.is_empty() {
        errors.on(ident, "expected a variant for each word, found none");
    }
    let offers: Vec<(TokenStream, TokenStream)> =
        data.variants.iter().map(|variant| offer(variant, errors)).collect();
    let variants: Vec<_> = data.variants.iter().map(|variant| &variant.ident).collect();
    let (words, offers): (Vec<_>, Vec<_>) = offers.into_iter().unzip();
    let placeholder = kebab(ident).to_uppercase();
    anonymous(&quote! {
        // What `default = …` in a mark takes of a variant.
        #[automatically_derived]
        impl ::clavret::for_macros::DerivedChoice for #ident {
            const WORDS: &'static [(isize, &'static str)] =
                &[#((Self::#variants as isize, #words)),*];
        }

        #[automatically_derived]
        impl ::clavret::for_macros::Choice for #ident {
            const OFFERS: &'static [::clavret::for_macros::Offer<'static>] = &[#(#offers),*];
            const VALUES: &'static [Self] = &[#(Self::#variants),*];
            const PLACEHOLDER: &'static str = #placeholder;
        }
    })
}

/// The word, and `Offer::of("white").help("years ending in 1 or 6")`.
fn offer(variant: &Variant, errors: &mut Errors) -> (TokenStream, TokenStream) {
    let ident = &variant.ident;
    if !matches!(variant.fields, Fields::Unit) {
        errors.on(&variant.fields, "a word of a choice carries no fields");
    }
    let own = variant.attrs.iter().filter(|attribute| attribute.path().is_ident("offer"));
    let details: Vec<_> = own.flat_map(|attribute| of_mark(attribute, errors)).collect();
    let kebab = kebab(ident);
    // A word has help alone, which is all of what is written above it.
    let docs = Docs { description: String::new(), ..Docs::of(&variant.attrs, errors) };
    let (mut name, mut setters) = (quote!(#kebab), docs.setters("help", &details));
    for (detail, takes) in known(&details, "an offer", &[SETTERS], &[], errors) {
        if detail.is("name") {
            name = detail.value(errors).map_or(name, |value| quote!(#value));
        } else if detail.is("value") {
            // A type, by its path.
            setters.extend(detail.value(errors).map(|value| quote!(.value::<#value>())));
        } else {
            setters.extend(detail.call(takes, errors));
        }
    }
    let span = ident.span();
    let offer = quote_spanned!(span=> ::clavret::for_macros::Offer::of(#name) #setters);
    (name, offer)
}

/// What stands in the place of a choice with mistakes.
pub(crate) fn stub(input: &DeriveInput) -> TokenStream {
    let ident = &input.ident;
    let is_clear = input.generics.params.is_empty();
    let stub = is_clear.then(|| {
        quote! {
            impl ::clavret::for_macros::Choice for #ident {
                const OFFERS: &'static [::clavret::for_macros::Offer<'static>] = &[];
                const VALUES: &'static [Self] = &[];
            }
        }
    });
    quote!(#stub)
}
