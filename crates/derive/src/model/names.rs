//! Identifiers as the names of the command line, and as those of statics.

use proc_macro2::{Ident, Span};
use syn::ext::IdentExt;

/// `run_each` and `RunEach` are `run-each`; an underscore at the end, which keeps a name from being
/// a keyword, is none of the name.
pub(crate) fn kebab(ident: &Ident) -> String {
    let text = ident.unraw().to_string();
    let text = text.trim_matches('_');
    let mut name = String::new();
    let letters: Vec<char> = text.chars().collect();
    for (at, &letter) in letters.iter().enumerate() {
        let before = at.checked_sub(1).map(|at| letters[at]);
        let next_is_lower = letters.get(at + 1).is_some_and(|next| next.is_lowercase());
        let is_word = letter.is_uppercase()
            && before.is_some_and(|before| {
                before.is_lowercase()
                    || before.is_ascii_digit()
                    || (before.is_uppercase() && next_is_lower)
            });
        if is_word {
            name.push('-');
        }
        match letter {
            '_' if name.ends_with('-') => {}
            '_' => name.push('-'),
            letter => name.extend(letter.to_lowercase()),
        }
    }
    name
}

/// The name of a constant for a field: `FRAMES`.
pub(crate) fn upper(ident: &Ident) -> Ident {
    Ident::new(&kebab(ident).replace('-', "_").to_uppercase(), ident.span())
}

/// The name of a generated static: `__FRAMES`, and for the field of a variant `__ADD__FRAMES`. No part
/// has two underscores in a row, so no two are one.
pub(crate) fn hidden(parts: &[&Ident], span: Span) -> Ident {
    let name: String = parts.iter().map(|part| format!("__{}", upper(part))).collect();
    Ident::new(&name, span)
}

/// The static of the command itself; in lower case, as no parameter's is.
pub(crate) fn command(span: Span) -> Ident {
    Ident::new("__command", span)
}
