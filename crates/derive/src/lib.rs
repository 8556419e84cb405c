//! The macros of Clavret. Each turns Rust that a developer has anyway (a struct, an enum, a function,
//! an `impl` block, a question in place) into the statics that a person could have written, and the
//! few lines that move values out of a reading. They have no rules of their own: details are the
//! setters of the values surface, and the compiler checks what stands in them.
//!
//! Read in this order:
//!
//! 1. `errors.rs`: every error, collected with its span; `docs.rs`, `names.rs`: documentation as help,
//!    identifiers as names.
//! 2. `details.rs`: what may stand in a mark's parentheses; `marks.rs`: which mark a field or an
//!    argument has.
//! 3. `param.rs`, `command.rs`: a parameter and a command as statics; `arguments.rs`: what a function is
//!    called with.
//! 4. `structs.rs`, `enums.rs`, `choice.rs`, `function.rs`, `block.rs`, `asked.rs`: one file for each
//!    thing that is declared with.
//!
//! A declaration with mistakes leaves a stub (`stub.rs`).
//!
//! Generated code calls the hidden module `clavret::__` by its full path; its own names begin with
//! two underscores and stand in an anonymous constant.

#![forbid(unsafe_code)]

mod arguments;
mod asked;
mod block;
mod choice;
mod command;
mod details;
mod docs;
mod enums;
mod errors;
mod function;
mod marks;
mod names;
mod param;
mod structs;
mod stub;

use proc_macro::TokenStream;
use syn::{Data, DeriveInput, Item, parse_macro_input};

use crate::errors::{Errors, ONE_STATIC};

/// Declares a command by a type: a struct's fields are its parameters, an enum's variants its
/// subcommands. See the crate `clavret`.
#[proc_macro_derive(Declare, attributes(declare, operand, option, flag, tally, bundle, commands))]
pub fn derive_declare(input: TokenStream) -> TokenStream {
    let input = parse_macro_input!(input as DeriveInput);
    let mut errors = Errors::new();
    errors.refuse_generics(&input.generics, "a declared type", ONE_STATIC);
    let tokens = match &input.data {
        Data::Struct(data) => structs::declare(&input, data, &mut errors),
        Data::Enum(data) => enums::declare(&input, data, &mut errors),
        Data::Union(data) => {
            errors.at(data.union_token.span, "expected a struct or an enum, found a union");
            proc_macro2::TokenStream::new()
        }
    };
    let ident = &input.ident;
    errors.or(tokens, || stub::of_type(&quote::quote!(#ident), &input.generics)).into()
}

/// Makes a plain enum a closed list of words, each with its documentation as help. See the crate
/// `clavret`.
#[proc_macro_derive(Choice, attributes(offer))]
pub fn derive_choice(input: TokenStream) -> TokenStream {
    let input = parse_macro_input!(input as DeriveInput);
    let mut errors = Errors::new();
    errors.refuse_generics(&input.generics, "a choice", "its words are one list");
    let tokens = choice::choice(&input, &mut errors);
    errors.or(tokens, || choice::stub(&input)).into()
}

/// Declares a command by a function, or a group of commands by an `impl` block. See the crate
/// `clavret`.
#[proc_macro_attribute]
pub fn declare(details: TokenStream, item: TokenStream) -> TokenStream {
    let mut item = parse_macro_input!(item as Item);
    let mut errors = Errors::new();
    let details = details::parse_list(details.into(), &mut errors);
    let tokens = match &mut item {
        Item::Fn(function) => function::declare(function, details, &mut errors),
        Item::Impl(block) => block::declare(block, details, &mut errors),
        other => {
            let message =
                "expected a function or an `impl` block (a type has `#[derive(clavret::Declare)]`)";
            errors.on(other, message);
            proc_macro2::TokenStream::new()
        }
    };
    // What was written stays, its marks taken away.
    let tokens = errors.or(tokens, || stub::of_item(&item));
    quote::quote!(#item #tokens).into()
}

/// Asks for a parameter where its value is used. See the crate `clavret`.
#[proc_macro]
pub fn asked(input: TokenStream) -> TokenStream {
    let question = parse_macro_input!(input as asked::Question);
    let mut errors = Errors::new();
    let tokens = asked::ask(question, &mut errors);
    errors.or(tokens, proc_macro2::TokenStream::new).into()
}
