//! The arguments of a function or method: the marked ones are parameters, the others borrow from the
//! program.

use crate::{Arguments, Detail, Errors, Marked, Takes};
use proc_macro2::{Ident, Span, TokenStream};
use quote::{format_ident, quote, quote_spanned};
use syn::spanned::Spanned;
use syn::{Attribute, Expr, FnArg, Pat, PatType, ReceiverKind, ReturnType, Signature, Type};

use crate::model::errors::ONE_STATIC;
use crate::model::marks::{read, strip};
use crate::model::settings::Setter;

/// Beside the setters of a command: what finishes the work of an `async` function.
pub(crate) const EXECUTOR: Setter = ("executor", Takes::Special, false);

/// When a function runs.
#[derive(Clone, Copy, PartialEq, Eq)]
pub(crate) enum When {
    /// As the work of its command.
    Called,
    /// Before a subcommand of its own, whose values it leaves.
    Before,
}

impl Arguments {
    /// Reads the arguments of a function and takes their marks away; `owners` lead the names of the
    /// statics, `service` is the type of `self`.
    pub(crate) fn read(
        signature: &mut Signature,
        owners: &[&Ident],
        service: Option<&Type>,
        when: When,
        errors: &mut Errors,
    ) -> Self {
        errors.refuse_generics(&signature.generics, "a declared function", ONE_STATIC);
        let mut arguments = Arguments {
            parameters: Vec::new(),
            bundles: Vec::new(),
            takes: quote!(),
            passed: Vec::new(),
            lent: Vec::new(),
            call: Ident::new("call", Span::mixed_site()),
            when,
        };
        for input in &mut signature.inputs {
            match input {
                FnArg::Receiver(receiver) => match service {
                    Some(service)
                        if matches!(receiver.kind, ReceiverKind::Reference(_, _, None)) =>
                    {
                        arguments.lend(service);
                    }
                    _ => errors.on(&*receiver, "expected `&self` (commands share the service)"),
                },
                FnArg::Typed(typed) => arguments.argument(typed, owners, errors),
            }
        }
        arguments
    }

    fn argument(&mut self, typed: &mut PatType, owners: &[&Ident], errors: &mut Errors) {
        let attributes: Vec<Attribute> = typed.attrs.clone();
        strip(&mut typed.attrs);
        let Pat::Ident(pattern) = &*typed.pat else {
            return errors
                .on(&typed.pat, "expected a name (a parameter is called as its argument)");
        };
        let (ident, ty, call) = (&pattern.ident, &*typed.ty, self.call.clone());
        let span = ty.span();
        let taken = format_ident!("__given_{}", ident, span = Span::mixed_site());
        match read(ident, ty, &attributes, owners, errors) {
            Marked::Parameter(parameter) => {
                let key = &parameter.key;
                let value = match self.when {
                    When::Called => parameter.take(&call),
                    When::Before => {
                        quote_spanned!(span=> ::core::clone::Clone::clone(#call.get(&#key)))
                    }
                };
                self.takes.extend(quote!(let #taken = #value;));
                self.passed.push(quote!(#taken));
                self.parameters.push(*parameter);
            }
            Marked::Bundle(_) if self.when == When::Before => {
                errors.on(
                    ident,
                    "what runs before a subcommand takes no bundle (mark its parameters)",
                );
            }
            Marked::Bundle(bundle) => {
                let value = quote_spanned!(span=> #call.values::<#ty>());
                self.takes.extend(quote!(let #taken = #value;));
                self.passed.push(quote!(#taken));
                self.bundles.push((bundle, ident.clone(), ty.clone()));
            }
            Marked::Commands => {
                errors.on(
                    ident,
                    "the subcommands of a function are set: `declare(commands(…), acts)`",
                );
            }
            Marked::Nothing => self.unmarked(ident, ty, errors),
        }
    }

    /// A reference to the streams, the reading, or what the context lends.
    fn unmarked(&mut self, ident: &Ident, ty: &Type, errors: &mut Errors) {
        let call = &self.call;
        match ty {
            Type::Reference(reference) if reference.mutability.is_none() => {
                let last = match &*reference.elem {
                    Type::Path(path) => {
                        path.path.segments.last().map(|last| last.ident.to_string())
                    }
                    _ => None,
                };
                match last.as_deref() {
                    Some("Streams") => self.passed.push(quote!(#call.streams())),
                    Some("Reading") => self.passed.push(quote!(&#call)),
                    _ => self.lend(&reference.elem),
                }
            }
            Type::Reference(reference) => {
                let shared = &reference.elem;
                let message = format!("the context is shared: expected `&{}`", quote!(#shared));
                errors.on(ty, message);
            }
            other => {
                let message = format!(
                    "`{ident}` has no mark (expected `#[operand]`, `#[option]`, `#[flag]`, `#[tally]` or \
                     `#[bundle]`; without one it is lent by the program's context, as a `&{}`)",
                    quote!(#other)
                );
                errors.on(ident, message);
            }
        }
    }

    fn lend(&mut self, ty: &Type) {
        let (call, span) = (&self.call, ty.span());
        self.passed.push(
            quote_spanned!(span=> ::clavret::for_macros::Lends::<#ty>::lend(#call.context())),
        );
        self.lent.push(ty.clone());
    }

    /// `__C: Lends<Yard>,` for each argument that the context lends.
    pub(crate) fn bounds(&self) -> TokenStream {
        let bounds = self.lent.iter().map(|ty| {
            let span = ty.span();
            quote_spanned!(span=> __C: ::clavret::for_macros::Lends<#ty>,)
        });
        quote!(#(#bounds)*)
    }

    /// A closure that calls the function with what it takes from a call.
    pub(crate) fn handler(
        &self,
        signature: &Signature,
        function: &TokenStream,
        executor: Option<&Expr>,
    ) -> TokenStream {
        let Arguments { takes, passed, call, .. } = self;
        let span = match &signature.output {
            ReturnType::Default => signature.ident.span(),
            ReturnType::Type(_, ty) => ty.span(),
        };
        let called = quote_spanned!(span=> #function(#(#passed),*));
        let done = match executor {
            None => {
                quote_spanned!(span=> ::clavret::for_macros::Ending::done(#called, #call.streams()))
            }
            Some(executor) => {
                let done = quote_spanned!(span=> ::clavret::for_macros::Ending::done(#called.await, #call.streams()));
                quote!((#executor)(async { #done }))
            }
        };
        let pattern = if self.when == When::Called { quote!(mut #call) } else { quote!(#call) };
        quote!(|#pattern| { let _ = &#call; #takes #done })
    }
}

/// What finishes the work of a function that is `async`: its own executor, or that of the block that it is in.
pub(crate) fn executor(
    signature: &Signature,
    details: &[Detail],
    block: &[Detail],
    errors: &mut Errors,
) -> Option<Expr> {
    let of = |details: &[Detail]| details.iter().find(|detail| detail.is("executor")).cloned();
    let set = of(details);
    match (signature.asyncness, set.clone().or_else(|| of(block))) {
        (Some(_), Some(executor)) => executor.value(errors).cloned(),
        (Some(_), None) => {
            let message = "the function is `async`: expected what finishes its work, `declare(executor = …)`, such as \
                           the `block_on` of the program's runtime";
            errors.on(&signature.ident, message);
            None
        }
        (None, _) => {
            if let Some(set) = set {
                errors
                    .at(set.name.span(), "expected an `async fn`, whose work an executor finishes");
            }
            None
        }
    }
}
