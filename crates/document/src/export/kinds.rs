//! What words may be: types of the library by their names, kinds of a program's own in a list.

use clavret_core::ask::{Noun, Param, Standard};
use clavret_core::{Kind, Offer, Refers};

use super::fields::{Fields, node, text};
use super::unused;
use crate::text::{Content, Node};

/// Kinds of the program's own, each with what `type` calls it, and whether it is unchecked.
#[derive(Default)]
pub(super) struct Kinds<'d>(Vec<(&'d Kind<'d>, bool, String)>);

impl<'d> Kinds<'d> {
    /// What a parameter's words may be; nothing for a text.
    pub(super) fn of(&mut self, param: &Param<'d>) -> Option<Node> {
        if let [only] = param.kinds()
            && let Some((key, value)) = only.sides()
        {
            let mut entry = Fields::default();
            entry.put("key", text(&self.name(key, param)));
            entry.put("value", text(&self.name(value, param)));
            return Some(entry.node());
        }
        let names: Vec<String> = param.kinds().iter().map(|kind| self.name(kind, param)).collect();
        match &names[..] {
            [only] if only == Standard::Text.name() => None,
            [only] => Some(text(only)),
            names => Some(node(Content::List(names.iter().map(|name| text(name)).collect()))),
        }
    }

    fn name(&mut self, kind: &'d Kind<'d>, param: &Param<'d>) -> String {
        let is_unchecked = is_unchecked(kind, param);
        if let Some(standard) = kind.standard()
            && standard != Standard::Choice
            && !is_unchecked
        {
            return standard.name().to_owned();
        }
        let is_it = |known: &&(&'d Kind<'d>, bool, String)| {
            known.1 == is_unchecked && is_same(known.0, kind)
        };
        if let Some(known) = self.0.iter().find(is_it) {
            return known.2.clone();
        }
        let is_used = |name: &str| {
            Standard::ALL.iter().any(|standard| standard.name() == name)
                || self.0.iter().any(|known| known.2 == name)
        };
        // A closed list is called as its placeholder has it, which need not be said then.
        let called = match kind.noun() {
            Noun::Choice => kind.own_placeholder().to_ascii_lowercase(),
            _ => String::new(),
        };
        let name = unused(if called.is_empty() { param.name() } else { &called }, is_used);
        self.0.push((kind, is_unchecked, name.clone()));
        for value in kind.all_offers().iter().filter_map(Offer::kind_of_value) {
            self.name(value, param);
        }
        name
    }

    pub(super) fn tables(&self) -> Vec<Node> {
        self.0
            .iter()
            .map(|(kind, is_unchecked, name)| self.table(kind, *is_unchecked, name))
            .collect()
    }

    /// What the type of a key's value is called.
    fn value_of(&self, key: &Offer<'_>) -> String {
        let Some(kind) = key.kind_of_value() else { return String::new() };
        match kind.standard() {
            Some(standard) if standard != Standard::Choice => standard.name().to_owned(),
            _ => {
                let known = self.0.iter().find(|known| is_same(known.0, kind));
                known.map(|known| known.2.clone()).unwrap_or_default()
            }
        }
    }

    fn table(&self, kind: &Kind<'_>, is_unchecked: bool, name: &str) -> Node {
        let mut fields = Fields::default();
        fields.put("name", text(name));
        let example = kind.example_word();
        match kind.noun() {
            Noun::Own(noun) => {
                fields.put("noun", text(noun));
                fields.text("example", &example);
            }
            Noun::Choice => {}
            other => {
                fields.put("like", text(like(other, kind.bounds()).name()));
                fields.text("example", &example);
            }
        }
        fields.list(
            "offers",
            kind.all_offers().iter().map(|key| offer(key, &self.value_of(key))).collect(),
        );
        fields.truth("explained", kind.is_explained());
        fields.truth("negative", kind.is_negative());
        if kind.looks_up() != Refers::Nothing {
            fields.put("refers", text(refers(kind.looks_up())));
        }
        let called =
            if kind.noun() == Noun::Choice { name.to_ascii_uppercase() } else { String::new() };
        if kind.own_placeholder() != called {
            fields.put("placeholder", text(kind.own_placeholder()));
        }
        fields.truth("unchecked", is_unchecked);
        fields.node()
    }
}

/// Whether only the program knows what it accepts.
pub(super) fn is_unchecked(kind: &Kind<'_>, param: &Param<'_>) -> bool {
    let is_of_type = || !param.converts_by_kind() || kind.is_typed();
    // What a key takes that is a closed list is known to everybody.
    let is_list = !kind.is_typed() && kind.offers().next().is_some() && !is_of(kind, param);
    kind.is_unchecked() || kind.standard().is_none() && is_of_type() && !is_list
}

/// Whether a parameter takes words, keys or values of it.
fn is_of(kind: &Kind<'_>, param: &Param<'_>) -> bool {
    param.kinds().iter().any(|own| match own.sides() {
        Some((key, value)) => std::ptr::eq(key, kind) || std::ptr::eq(value, kind),
        None => std::ptr::eq(*own, kind),
    })
}

/// Whether two kinds are the same to everybody but their program.
fn is_same(one: &Kind<'_>, other: &Kind<'_>) -> bool {
    let data = |kind: &Kind<'_>| {
        let flags = [kind.is_negative(), kind.is_explained()];
        let texts = (kind.example_word().into_owned(), kind.own_placeholder().to_owned());
        (kind.bounds().is_some(), texts, kind.looks_up(), flags)
    };
    one.noun() == other.noun()
        && one.bounds() == other.bounds()
        && data(one) == data(other)
        && one.all_offers() == other.all_offers()
}

/// The type of the library that has a noun, and these limits.
fn like(noun: Noun<'_>, limits: Option<[&str; 2]>) -> Standard {
    match (noun, limits) {
        (Noun::Whole, Some(limits)) => {
            let is_it = |standard: &&Standard| standard.bounds() == Some(limits);
            *Standard::ALL.iter().find(is_it).unwrap_or(&Standard::I64)
        }
        (Noun::Whole, None) => Standard::I64,
        (Noun::Number, _) => Standard::F64,
        (Noun::Letter, _) => Standard::Character,
        (Noun::Path, _) => Standard::Path,
        (Noun::Truth, _) => Standard::Truth,
        _ => Standard::Text,
    }
}

fn offer(offer: &Offer<'_>, value: &str) -> Node {
    let mut fields = Fields::default();
    fields.put("name", text(offer.name()));
    fields.text("help", offer.told_help());
    fields.text("deprecated", offer.instead());
    fields.text("deprecated-since", offer.since());
    fields.text("deprecated-until", offer.until());
    fields.text("value", value);
    fields.node()
}

/// What completion may look up, as a document calls it.
pub(super) fn refers(refers: Refers) -> &'static str {
    match refers {
        Refers::Path => "path",
        Refers::Directory => "directory",
        Refers::Program => "program",
        Refers::Account => "account",
        Refers::Host => "host",
        Refers::Command => "command",
        _ => "nothing",
    }
}
