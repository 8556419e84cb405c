//! What words may be: types of the library by their names, and kinds of the document's own.

use std::collections::HashMap;

use bumpalo::Bump;
use clavret_core::ask::Standard;
use clavret_core::inner::nearest;
use clavret_core::shape::Form;
use clavret_core::{Kind, Offer, Refers};

use super::view::{View, text};
use crate::keys::check::{Blots, quoted};
use crate::text::{Content, Node};

/// What a name stands for.
#[derive(Debug, Clone, Copy)]
pub(super) enum Named {
    Standard(Standard),
    Own,
}

/// The kinds that the document lists, by their names.
pub(super) fn own<'d>(root: View<'d>) -> HashMap<&'d str, View<'d>> {
    root.tables("kind").map(|kind| (kind.name(), kind)).collect()
}

/// What a name stands for, of the library's types or the document's kinds.
pub(super) fn named(name: &str, own: &HashMap<&str, View<'_>>) -> Option<Named> {
    let is_it = |standard: &&Standard| standard.name() == name && **standard != Standard::Choice;
    match Standard::ALL.iter().find(is_it) {
        Some(standard) => Some(Named::Standard(*standard)),
        None => own.contains_key(name).then_some(Named::Own),
    }
}

/// Why a name stands for nothing.
pub(super) fn unknown(name: &str, own: &HashMap<&str, View<'_>>) -> String {
    if matches!(name, "choice" | "enum") {
        return "a closed list is a kind of its own: a `[[kind]]` with `offers`".to_owned();
    }
    let standard = Standard::ALL.iter().filter(|standard| **standard != Standard::Choice);
    let names = standard.map(|standard| standard.name()).chain(own.keys().copied());
    let meant = MEANT.iter().find(|(other, _)| *other == name).map(|(_, meant)| *meant);
    match meant.or_else(|| nearest(name, names.take(1_000))) {
        Some(near) => format!("{} is no kind that is known here; `{near}` is", quoted(name)),
        None => format!(
            "{} is no kind that is known here (list it under `kind`, or take one such as `text` or `u8`)",
            quoted(name)
        ),
    }
}

/// Words that people have for a type, and what it is called.
const MEANT: &[(&str, &str)] = &[
    ("string", "text"),
    ("str", "text"),
    ("int", "i64"),
    ("integer", "i64"),
    ("number", "f64"),
    ("float", "f64"),
    ("bool", "truth"),
    ("boolean", "truth"),
    ("char", "character"),
    ("file", "path"),
    ("folder", "path"),
    ("directory", "path"),
    ("url", "web-address"),
    ("mail", "email"),
    ("host", "domain"),
    ("size", "byte-size"),
    ("datetime", "date-time"),
    ("timestamp", "moment"),
];

/// The names of the kinds of a parameter's words, each with its place.
pub(super) fn types<'d>(param: View<'d>) -> Vec<(&'d str, &'d Node)> {
    match param.get("type") {
        Some(node) => match &node.content {
            Content::Text(name) => vec![(name, node)],
            Content::List(items) => {
                items.iter().filter_map(|item| Some((text(item)?, item))).collect()
            }
            Content::Table(_) => View::of(node)
                .map(|entry| {
                    let side = |key| entry.get(key).and_then(|side| Some((text(side)?, side)));
                    ["key", "value"].into_iter().filter_map(side).collect()
                })
                .unwrap_or_default(),
            _ => Vec::new(),
        },
        None => Vec::new(),
    }
}

/// A kind of the document's own; what the values of its words may be, where they are keys, stands beside it.
pub(super) fn kind<'d>(
    view: View<'d>,
    values: &[Option<&'d Kind<'d>>],
    arena: &'d Bump,
    blots: &mut Blots,
) -> Kind<'d> {
    let of_key = |(offer, value): (Offer<'d>, &Option<&'d Kind<'d>>)| match value {
        Some(kind) => offer.of_kind(kind),
        None => offer,
    };
    let offers: Vec<Offer<'d>> = view.tables("offers").map(offer).zip(values).map(of_key).collect();
    let is_unchecked = view.is("unchecked");
    let mut kind = match (view.text("noun"), view.text("like")) {
        _ if !offers.is_empty() => Kind::choice(arena.alloc_slice_copy(&offers)),
        (Some(noun), None) => Kind::new(noun, view.text("example").unwrap_or_default()),
        (None, Some(name)) => match like(name) {
            Some(like) => like.alike(view.text("example").unwrap_or_default()),
            None => {
                let at = view.get("like").map_or(view.at, |node| &node.at);
                blots.put(at, unknown(name, &HashMap::new()));
                Kind::new("", "")
            }
        },
        _ => {
            blots.put(view.at, "a kind has one of `noun`, `like` and `offers`");
            Kind::new("", "")
        }
    };
    if let Some(name) = view.get("name")
        && let Some(taken) = text(name)
        && Standard::ALL.iter().any(|standard| standard.name() == taken)
    {
        blots.put(&name.at, format!("`{taken}` is a type of the library already"));
    }
    if view.is("negative") {
        kind = kind.negative();
    }
    if view.is("explained") {
        kind = kind.explained();
    }
    kind = match (view.text("placeholder"), offers.is_empty()) {
        (Some(placeholder), _) => kind.placeholder(placeholder),
        // A closed list is called as the kind is.
        (None, false) => kind.placeholder(arena.alloc_str(&view.name().to_ascii_uppercase())),
        (None, true) => kind,
    };
    kind = kind.refers(view.text("refers").map_or(Refers::Nothing, refers));
    if is_unchecked { kind.unchecked() } else { kind }
}

/// The kind that one has the noun of. A pattern of it need not be made: its feature may be off.
fn like(name: &str) -> Option<Kind<'static>> {
    let is_it = |standard: &&Standard| standard.name() == name;
    Standard::ALL.iter().find(is_it).and_then(|standard| standard.kind())
}

fn offer<'d>(view: View<'d>) -> Offer<'d> {
    let text = |key| view.text(key).unwrap_or_default();
    let offer = Offer::of(view.name()).help(text("help")).deprecated(text("deprecated"));
    offer.deprecated_since(text("deprecated-since")).deprecated_until(text("deprecated-until"))
}

/// What completion may look up.
pub(super) fn refers(name: &str) -> Refers {
    match name {
        "path" => Refers::Path,
        "directory" => Refers::Directory,
        "program" => Refers::Program,
        "account" => Refers::Account,
        "host" => Refers::Host,
        "command" => Refers::Command,
        _ => Refers::Nothing,
    }
}

/// How many words of which kinds a parameter takes, and how often.
pub(super) fn form<'d>(param: View<'d>, kinds: &'d [&'d Kind<'d>]) -> Form<'d> {
    let form = Form::words(kinds);
    let is_entry = kinds.iter().any(|kind| kind.sides().is_some());
    if param.is("attached") {
        form.attached()
    } else if param.is("many") || is_entry {
        form.many()
    } else if param.is("optional") {
        form.optional()
    } else {
        form
    }
}
