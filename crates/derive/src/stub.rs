//! What stands in the place of a declaration with mistakes.

use proc_macro2::TokenStream;
use quote::quote;
use syn::{Generics, Item, ItemFn, ItemImpl};

use crate::items::structs::{anonymous, declared, routes};

/// Of a type by `#[derive(Declare)]`.
pub(crate) fn of_type(of: &TokenStream, generics: &Generics) -> TokenStream {
    if !generics.params.is_empty() {
        return quote!();
    }
    let items = routed(of);
    anonymous(&quote! {
        #items
        impl ::clavret::for_macros::FromReading for #of {
            fn take_from(_: &mut ::clavret::for_macros::Reading<'_>) -> Self {
                ::core::unreachable!()
            }
        }
    })
}

/// Of what `#[clavret::declare]` stands above.
pub(crate) fn of_item(item: &Item) -> TokenStream {
    match item {
        Item::Fn(ItemFn { sig, vis, .. }) if sig.generics.params.is_empty() => {
            let ident = &sig.ident;
            let items = anonymous(&routed(&quote!(#ident)));
            quote!(#[allow(non_camel_case_types, dead_code)] #vis enum #ident {} #items)
        }
        Item::Impl(ItemImpl { self_ty, generics, trait_: None, .. })
            if generics.params.is_empty() =>
        {
            anonymous(&routed(&quote!(#self_ty)))
        }
        _ => quote!(),
    }
}

fn routed(of: &TokenStream) -> TokenStream {
    let command = crate::model::names::command(proc_macro2::Span::call_site());
    let own = quote!(::clavret::for_macros::Route::below(&#command, |_| Ok(())),);
    let (declared, routes) = (declared(of, &command), routes(of, &[], &own, &quote!()));
    quote! {
        static #command: ::clavret::for_macros::Command<'static> = ::clavret::for_macros::Command::new("mistaken");
        #declared
        #routes
    }
}
