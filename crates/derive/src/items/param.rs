//! A parameter as a static: its typed key, declared as a person would.

use crate::{Detail, Docs, Errors, Parameter, Role, Written};
use proc_macro2::{Ident, Span, TokenStream};
use quote::{quote, quote_spanned};
use syn::spanned::Spanned;
use syn::{Expr, ExprLit, Lit, Type};

use crate::check::{refuse_beyond, refuse_range_of_text};
use crate::model::details::{known, word};
use crate::model::names::{hidden, kebab};

impl Parameter {
    pub(crate) fn new(
        role: Role,
        ident: &Ident,
        ty: &Type,
        docs: Docs,
        details: Vec<Detail>,
        owners: &[&Ident],
        errors: &mut Errors,
    ) -> Self {
        let right = known(&details, role.article(), role.setters(), Role::OTHERS, errors);
        let key = hidden(&[owners, &[ident]].concat(), ident.span());
        let kebab = kebab(ident);
        let setters = docs.setters("help", &details);
        let (mut name, mut setters, mut checks) = (quote!(#kebab), setters, quote!());
        if role == Role::Tally && !is_u32(ty) {
            errors.on(ty, "a tally is a `u32`: how often it is given");
        }
        let mut letters = Vec::new();
        refuse_beyond(&details, errors);
        refuse_range_of_text(&details, ty, errors);
        for (detail, takes) in right {
            if detail.is("name") {
                if let Some(value) = detail.value(errors) {
                    name = quote!(#value);
                }
            } else if detail.is("default") {
                let (setter, check) = default(detail, ty, errors);
                setters.extend(setter);
                checks.extend(check);
            } else {
                letters.extend(letter(detail));
                setters.extend(detail.call(takes, errors));
            }
        }
        Parameter {
            role,
            ident: ident.clone(),
            key,
            ty: ty.clone(),
            name,
            setters,
            checks,
            letters,
        }
    }

    /// The type of its key.
    pub(crate) fn key_type(&self) -> TokenStream {
        // A type that no word converts into is told where it stands.
        let (ty, span) = (&self.ty, self.ty.span());
        match self.role {
            Role::Operand => quote_spanned!(span=> ::clavret::for_macros::Operand<'static, #ty>),
            Role::Option => quote_spanned!(span=> ::clavret::for_macros::Named<'static, #ty>),
            Role::Flag => quote_spanned!(span=> ::clavret::for_macros::Flag<'static, #ty>),
            Role::Tally => quote_spanned!(span=> ::clavret::for_macros::Tally<'static>),
        }
    }

    /// The same without its arguments.
    fn key_path(&self) -> TokenStream {
        // The type is inferred from the static, so that its mistakes are told once.
        let span = self.ty.span();
        match self.role {
            Role::Operand => quote_spanned!(span=> ::clavret::for_macros::Operand::new),
            Role::Option => quote_spanned!(span=> ::clavret::for_macros::Named::new),
            Role::Flag => quote_spanned!(span=> ::clavret::for_macros::Flag::new),
            Role::Tally => quote_spanned!(span=> ::clavret::for_macros::Tally::new),
        }
    }

    /// `static __FRAMES: Named<'static, u8> = Named::new("frames").letter('f').default("0");`
    pub(crate) fn to_static(&self) -> TokenStream {
        let Parameter { key, name, setters, checks, .. } = self;
        let (key_type, path) = (self.key_type(), self.key_path());
        // A mistake in the name is shown where it is declared.
        let new = quote_spanned!(self.ident.span()=> #path(#name));
        quote! {
            static #key: #key_type = #new #setters;
            #checks
        }
    }

    /// `__FRAMES.param()`
    pub(crate) fn param(&self) -> TokenStream {
        let key = &self.key;
        quote!(#key.param())
    }

    /// `reading.take(&__FRAMES)`
    pub(crate) fn take(&self, reading: &Ident) -> TokenStream {
        let key = &self.key;
        quote!(#reading.take(&#key))
    }
}

/// As it is written: a macro knows no types.
fn is_u32(ty: &Type) -> bool {
    let Type::Path(path) = ty else { return false };
    path.path.segments.last().is_some_and(|last| last.ident == "u32")
}

/// The letter that a detail takes for the parameter, and where it stands.
fn letter(detail: &Detail) -> Option<(char, Span)> {
    match &detail.value {
        Written::Value(Expr::Lit(ExprLit { lit: Lit::Char(letter), .. }))
            if detail.is("letter") || detail.is("opposite_letter") =>
        {
            Some((letter.value(), letter.span()))
        }
        _ => None,
    }
}

/// A default as the setter takes it, a word, and a check of its type. A literal is written as a value
/// of Rust, and checked as one.
fn default(detail: &Detail, ty: &Type, errors: &mut Errors) -> (TokenStream, TokenStream) {
    let span = detail.name.span();
    let Some(value) = detail.value(errors) else { return Default::default() };
    let name = &detail.name;
    if is_variant(value) {
        // A derived choice knows the words of its variants.
        let word = quote_spanned! {value.span()=>
            ::clavret::for_macros::word_of::<<#ty as ::clavret::for_macros::Shape>::Item>(#value as isize)
        };
        return (
            quote_spanned!(span=> .#name(#word)),
            quote!(const _: <#ty as ::clavret::for_macros::Shape>::Item = #value;),
        );
    }
    match word(value) {
        Some(word) => (
            quote_spanned!(span=> .#name(#word)),
            quote!(const _: <#ty as ::clavret::for_macros::Shape>::Item = #value;),
        ),
        None => {
            let word = quote_spanned!(value.span()=> ::clavret::for_macros::word::<#ty>(#value));
            (quote_spanned!(span=> .#name(#word)), quote!())
        }
    }
}

/// `Form::Table`: a path whose last part is written as variants are.
fn is_variant(value: &Expr) -> bool {
    let Expr::Path(path) = value else { return false };
    let last = path.path.segments.last().map(|last| last.ident.to_string()).unwrap_or_default();
    path.path.segments.len() > 1
        && last.starts_with(char::is_uppercase)
        && last.contains(char::is_lowercase)
}
