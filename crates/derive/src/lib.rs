//! The macros of Clavret. Each turns Rust that a developer has anyway (a struct, an enum, a function,
//! an `impl` block, a question in place) into the statics that a person could have written, and the
//! few lines that move values out of a reading. They have no rules of their own: details are the
//! setters of the values surface, and the compiler checks what stands in them.
//!
//! Read in this order:
//!
//! 1. `model/`: what is read. `errors.rs`: every error, collected with its span; `docs.rs`, `names.rs`: documentation
//!    as help, identifiers as names; `settings.rs`: the details that there are, `table.rs`: whose they are; `details.rs`: what stands in a mark's
//!    parentheses; `marks.rs`: which mark a field or an argument has. Its types stand at the end of this file, where
//!    each of the others sees into them.
//! 2. `check.rs`: what is wrong with it that the compiler would tell worse.
//! 3. `items/`: what is written. `param.rs`, `command.rs`: a parameter and a command as statics; `arguments.rs`: what
//!    a function is called with; a file for each thing that is declared with: `structs.rs`, `enums.rs`, `choice.rs`,
//!    `function.rs`, `block.rs`, `asked.rs`.
//! 4. `stub.rs`: what a declaration with mistakes leaves.
//!
//! Generated code calls the hidden module `clavret::__` by its full path; its own names begin with
//! two underscores and stand in an anonymous constant.

#![forbid(unsafe_code)]

mod check;
mod items;
mod model;
mod stub;

use proc_macro::TokenStream;
use proc_macro2::{Ident, Span};
use syn::punctuated::Punctuated;
use syn::{Data, DeriveInput, Expr, Item, LitChar, LitInt, LitStr, Type, parse_macro_input};

use crate::items::arguments::When;
use crate::model::errors::ONE_STATIC;
use crate::model::settings::Setter;

/// Declares a command by a type: a struct's fields are its parameters, an enum's variants its
/// subcommands. See the crate `clavret`.
#[proc_macro_derive(Declare, attributes(declare, operand, option, flag, tally, bundle, commands))]
pub fn derive_declare(input: TokenStream) -> TokenStream {
    let input = parse_macro_input!(input as DeriveInput);
    let mut errors = Errors::new();
    errors.refuse_generics(&input.generics, "a declared type", ONE_STATIC);
    let tokens = match &input.data {
        Data::Struct(data) => items::structs::declare(&input, data, &mut errors),
        Data::Enum(data) => items::enums::declare(&input, data, &mut errors),
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
    let tokens = items::choice::choice(&input, &mut errors);
    errors.or(tokens, || items::choice::stub(&input)).into()
}

/// Declares a command by a function, or a group of commands by an `impl` block. See the crate
/// `clavret`.
#[proc_macro_attribute]
pub fn declare(details: TokenStream, item: TokenStream) -> TokenStream {
    let mut item = parse_macro_input!(item as Item);
    let mut errors = Errors::new();
    let details = model::details::parse_list(details.into(), &mut errors);
    let tokens = match &mut item {
        Item::Fn(function) => items::function::declare(function, details, &mut errors),
        Item::Impl(block) => items::block::declare(block, details, &mut errors),
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
    let question = parse_macro_input!(input as Question);
    let mut errors = Errors::new();
    let tokens = items::asked::ask(question, &mut errors);
    errors.or(tokens, proc_macro2::TokenStream::new).into()
}

/// What the arguments turn out to be.
struct Arguments {
    parameters: Vec<Parameter>,
    bundles: Vec<(Bundle, Ident, Type)>,
    /// Statements that take the values out of the call.
    takes: proc_macro2::TokenStream,
    /// What the function is called with, in the order of its arguments.
    passed: Vec<proc_macro2::TokenStream>,
    /// What the context must lend.
    lent: Vec<Type>,
    call: Ident,
    when: When,
}

/// What a command is made of.
struct Node<'n> {
    /// What it is called in Rust.
    ident: &'n Ident,
    is: Is,
    docs: Docs,
    details: Vec<Detail>,
    parameters: Vec<Parameter>,
    bundles: Vec<(Bundle, Ident, Type)>,
    below: Below,
    /// Details that the caller has read, such as `before` of a function.
    more: &'static [Setter],
}

/// What a command may be, for what is said of its details.
#[derive(Clone, Copy, PartialEq, Eq)]
enum Is {
    /// One that may be the root.
    Command,
    /// One of a group or an enum, which never is.
    Below,
    /// An `impl` block.
    Group,
    /// A program that asks in place.
    Program,
}

/// Where the subcommands of a command come from.
enum Below {
    Nothing,
    /// Each a `&'static Command`, and how `default_command` calls it.
    Listed(Vec<(proc_macro2::TokenStream, proc_macro2::TokenStream)>),
    /// Those of a field's type.
    Of(Box<Type>),
    /// Another command, which this one is a copy of.
    Copy(proc_macro2::TokenStream),
}

/// One detail, as it was written.
#[derive(Clone)]
struct Detail {
    name: Ident,
    value: Written,
}

/// What a detail is given.
#[derive(Clone)]
enum Written {
    /// `once`
    Nothing,
    /// `letter = 'f'`
    Value(Expr),
    /// `times(1, 3)`
    Several(Punctuated<Expr, syn::Token![,]>),
}

/// How a setter takes what it is given.
#[derive(Clone, Copy, PartialEq, Eq)]
enum Takes {
    Nothing,
    Value,
    /// A value that the declaration borrows: `valid = valid::range(0, 20)`.
    Reference,
    /// This many values, in parentheses.
    Several(usize),
    /// The members of a rule, and what that hangs on.
    Rule(Hangs),
    /// Read by the macro itself.
    Special,
}

/// What a rule hangs on.
#[derive(Clone, Copy, PartialEq, Eq)]
enum Hangs {
    Nothing,
    /// A parameter, before the members.
    Param,
    /// A parameter with the value that it must have, after the members.
    Value,
}

/// What a documentation comment says.
#[derive(Default)]
struct Docs {
    /// The first paragraph in one line, without the full stop at its end.
    summary: String,
    /// The paragraphs after it, in Markdown.
    description: String,
}

/// A field whose type is a bundle of parameters.
struct Bundle {
    docs: Docs,
    details: Vec<Detail>,
}

/// What a field or an argument is.
enum Marked {
    Parameter(Box<Parameter>),
    /// Parameters of another type.
    Bundle(Bundle),
    /// The subcommands of another type.
    Commands,
    /// It has no mark.
    Nothing,
}

/// A parameter, ready to be written as a static.
struct Parameter {
    role: Role,
    /// What it is called in Rust.
    ident: Ident,
    /// The static of its key.
    key: Ident,
    ty: Type,
    name: proc_macro2::TokenStream,
    /// The calls of its setters.
    setters: proc_macro2::TokenStream,
    /// Checks of its default's type.
    checks: proc_macro2::TokenStream,
    /// The letters it takes, each where it was written.
    letters: Vec<(char, Span)>,
}

/// What a parameter is on the command line.
#[derive(Clone, Copy, PartialEq, Eq)]
enum Role {
    Operand,
    Option,
    Flag,
    Tally,
}

/// What the fields of a struct, or of a variant, turn out to be.
struct Contents {
    parameters: Vec<Parameter>,
    bundles: Vec<(Bundle, Ident, Type)>,
    commands: Option<Type>,
    /// `field: value,` for each.
    values: proc_macro2::TokenStream,
}

/// What stands in the parentheses.
struct Question {
    what: Ident,
    /// An operand's place on the line.
    number: Option<LitInt>,
    name: Option<LitStr>,
    letter: Option<LitChar>,
    ty: Option<Type>,
    default: Option<Expr>,
    help: Option<LitStr>,
    rest: proc_macro2::TokenStream,
}

/// The mistakes found so far. To be looked at by [`or`](Errors::or): dropped unread it panics.
struct Errors {
    found: Option<syn::Error>,
    is_read: bool,
}
