//! Documentation as help: the first paragraph is the summary, what follows the description.

use crate::{Detail, Docs, Errors};
use proc_macro2::{Ident, Span, TokenStream};
use quote::quote;
use syn::{Attribute, Expr, ExprLit, Lit, Meta};

impl Docs {
    pub(crate) fn of(attributes: &[Attribute], errors: &mut Errors) -> Docs {
        let mut lines = Vec::new();
        for attribute in attributes {
            let Meta::NameValue(meta) = &attribute.meta else { continue };
            if !meta.path.is_ident("doc") {
                continue;
            }
            match &meta.value {
                Expr::Lit(ExprLit { lit: Lit::Str(text), .. }) => {
                    lines.extend(without_stars(&text.value()));
                }
                other => errors.on(other, "help must be written here, as a comment or a string"),
            }
        }
        Docs::from_lines(&lines)
    }

    /// The calls of the setters of both texts, unless details say otherwise; `first` is the one of the
    /// summary.
    pub(crate) fn setters(&self, first: &str, details: &[Detail]) -> TokenStream {
        let mut setters = TokenStream::new();
        for (name, text) in [(first, &self.summary), ("description", &self.description)] {
            if !text.is_empty() && !details.iter().any(|detail| detail.is(name)) {
                let name = Ident::new(name, Span::call_site());
                setters.extend(quote!(.#name(#text)));
            }
        }
        setters
    }

    fn from_lines(lines: &[String]) -> Docs {
        // `/// text` begins with a space, and so does each line of `/** … */` that is set so.
        let margin = lines.iter().filter(|line| !line.trim().is_empty());
        let spaces = |line: &String| line.len() - line.trim_start_matches(' ').len();
        let margin = margin.map(spaces).min().unwrap_or(0);
        let line = |line: &String| line.get(margin..).unwrap_or("").trim_end().to_owned();
        let lines: Vec<String> = lines.iter().map(line).collect();
        let start = lines.iter().position(|line| !line.is_empty()).unwrap_or(lines.len());
        let paragraph = lines[start..].iter().position(|line| line.is_empty());
        let end = paragraph.map_or(lines.len(), |length| start + length);
        let summary =
            lines[start..end].iter().map(|line| line.trim()).collect::<Vec<_>>().join(" ");
        let summary = match summary.strip_suffix('.') {
            Some(summary) if !summary.ends_with('.') => summary.to_owned(),
            _ => summary,
        };
        Docs { summary, description: lines[end..].join("\n").trim_matches('\n').to_owned() }
    }
}

/// The lines of a text; those of a block comment without the stars that they may begin with.
fn without_stars(text: &str) -> Vec<String> {
    let mut lines: Vec<&str> = text.split('\n').collect();
    let behind = |line: &str| line.trim_start().strip_prefix('*').is_some_and(is_behind_star);
    let rest = lines.iter().skip(1).filter(|line| !line.trim().is_empty());
    if lines.len() > 1 && rest.clone().count() > 0 && rest.clone().all(|line| behind(line)) {
        for line in lines.iter_mut().skip(1) {
            *line = line.trim_start().strip_prefix('*').unwrap_or_default();
        }
    }
    lines.into_iter().map(str::to_owned).collect()
}

/// `*text*` is emphasis, and no star of a comment.
fn is_behind_star(rest: &str) -> bool {
    rest.is_empty() || rest.starts_with(' ')
}

/// Whether an attribute is documentation.
pub(crate) fn is_doc(attribute: &Attribute) -> bool {
    attribute.path().is_ident("doc")
}
