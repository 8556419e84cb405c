//! Every mistake in a declaration, each at the tokens at fault, all told at once.

use crate::Errors;
use std::fmt::Display;

use proc_macro2::{Span, TokenStream};
use quote::{ToTokens, quote};
use syn::{Error, Generics};

/// Why nothing that is declared is generic.
pub(crate) const ONE_STATIC: &str = "its command is one static";

impl Errors {
    pub(crate) fn new() -> Self {
        Errors { found: None, is_read: false }
    }

    /// A mistake at a span.
    pub(crate) fn at(&mut self, span: Span, message: impl Display) {
        self.add(Error::new(span, message));
    }

    /// A mistake in all of some tokens.
    pub(crate) fn on(&mut self, tokens: impl ToTokens, message: impl Display) {
        self.add(Error::new_spanned(tokens, message));
    }

    pub(crate) fn add(&mut self, error: Error) {
        match &mut self.found {
            Some(found) => found.combine(error),
            None => self.found = Some(error),
        }
    }

    /// The value, or none and a mistake more.
    pub(crate) fn check<T>(&mut self, result: syn::Result<T>) -> Option<T> {
        result.map_err(|error| self.add(error)).ok()
    }

    /// The code to generate; or the mistakes, and a stub in its place, so that whatever uses what is
    /// declared makes no mistakes more of them.
    pub(crate) fn or(
        mut self,
        tokens: TokenStream,
        stub: impl FnOnce() -> TokenStream,
    ) -> TokenStream {
        self.is_read = true;
        match self.found.take() {
            None => tokens,
            Some(error) => {
                let (error, stub) = (error.into_compile_error(), stub());
                quote!(#error #stub)
            }
        }
    }

    /// What is declared is a static, which cannot be there once for each type.
    pub(crate) fn refuse_generics(&mut self, generics: &Generics, what: &str, why: &str) {
        if !generics.params.is_empty() {
            let message = format!("{what} cannot be generic ({why})");
            self.on(&generics.params, message);
        }
    }
}

impl Drop for Errors {
    fn drop(&mut self) {
        assert!(self.is_read || std::thread::panicking(), "mistakes were not looked at");
    }
}
