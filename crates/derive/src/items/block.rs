//! `#[clavret::declare]` on an `impl` block: a group of commands, one for each function in it, that
//! share a service: `self`.

use crate::{Arguments, Below, Detail, Docs, Errors, Is, Node};
use proc_macro2::{Ident, TokenStream};
use quote::quote;
use syn::{Attribute, ImplItem, ImplItemFn, ItemImpl, Type};

use crate::items::arguments::{EXECUTOR, When, executor};
use crate::items::structs::{anonymous, declared, routes};
use crate::model::details::of_mark;
use crate::model::errors::ONE_STATIC;
use crate::model::names::hidden;

pub(crate) fn declare(
    block: &mut ItemImpl,
    details: Vec<Detail>,
    errors: &mut Errors,
) -> TokenStream {
    errors.refuse_generics(&block.generics, "a declared `impl` block", ONE_STATIC);
    if let Some((path, _)) = &block.trait_ {
        errors.on(path, "expected an `impl` block of a type, not of a trait");
    }
    let service = (*block.self_ty).clone();
    let Some(ident) = last_ident(&service) else {
        errors.on(&service, "expected the name of a type");
        return quote!();
    };
    let (mut statics, mut own, mut bounds) = (quote!(), quote!(), quote!());
    let mut commands = Vec::new();
    for item in &mut block.items {
        let ImplItem::Fn(method) = item else { continue };
        let command = hidden(&[&method.sig.ident], method.sig.ident.span());
        let (own_statics, handler, needs) =
            declare_method(method, (&service, &details), &command, errors);
        statics.extend(own_statics);
        own.extend(quote!(::clavret::for_macros::Route::new(&#command, #handler),));
        bounds.extend(needs);
        let called = &method.sig.ident;
        commands.push((quote!(&#command), quote!(#called)));
    }
    if commands.is_empty() {
        errors.on(&service, "expected a function for each command of the group, found none");
    }
    let node = Node {
        ident: &ident,
        is: Is::Group,
        docs: Docs::of(&block.attrs, errors),
        details,
        parameters: Vec::new(),
        bundles: Vec::new(),
        below: Below::Listed(commands),
        more: &[EXECUTOR],
    };
    let command = crate::model::names::command(ident.span());
    let group = node.to_statics(&command, errors);
    let of = quote!(#service);
    let (declared, routes) = (declared(&of, &command), routes(&of, &[], &own, &bounds));
    anonymous(&quote! {
        #statics
        #group
        #declared
        #routes
    })
}

/// The statics of a method's command, its handler, and what that needs of the context.
fn declare_method(
    method: &mut ImplItemFn,
    (service, block): (&Type, &[Detail]),
    command: &Ident,
    errors: &mut Errors,
) -> (TokenStream, TokenStream, TokenStream) {
    let ident = method.sig.ident.clone();
    let docs = Docs::of(&method.attrs, errors);
    let own = method.attrs.iter().filter(|attribute| is_declare(attribute));
    let details: Vec<Detail> = own.flat_map(|attribute| of_mark(attribute, errors)).collect();
    method.attrs.retain(|attribute| !is_declare(attribute));
    let arguments =
        Arguments::read(&mut method.sig, &[&ident], Some(service), When::Called, errors);
    let executor = executor(&method.sig, &details, block, errors);
    let handler = arguments.handler(&method.sig, &quote!(<#service>::#ident), executor.as_ref());
    let bounds = arguments.bounds();
    let Arguments { parameters, bundles, .. } = arguments;
    let below = Below::Nothing;
    let more = &[EXECUTOR];
    let node =
        Node { ident: &ident, is: Is::Below, docs, details, parameters, bundles, below, more };
    (node.to_statics(command, errors), handler, bounds)
}

fn is_declare(attribute: &Attribute) -> bool {
    attribute.path().segments.last().is_some_and(|last| last.ident == "declare")
}

fn last_ident(ty: &Type) -> Option<Ident> {
    match ty {
        Type::Path(path) => path.path.segments.last().map(|last| last.ident.clone()),
        _ => None,
    }
}
