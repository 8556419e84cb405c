//! The keys of a table in the making: what is not said has none.

use clavret_core::ask::Param;
use clavret_core::inner;

use crate::text::{Content, Node, Pair};

/// The entries of a table.
#[derive(Default)]
pub(super) struct Fields(Vec<Pair>);

pub(super) const fn node(content: Content) -> Node {
    Node { content, at: 0..0 }
}

pub(super) fn text(text: &str) -> Node {
    node(Content::Text(text.to_owned()))
}

pub(super) fn texts<'t>(texts: impl IntoIterator<Item = &'t str>) -> Node {
    list(texts.into_iter().map(text))
}

pub(super) fn list(items: impl IntoIterator<Item = Node>) -> Node {
    node(Content::List(items.into_iter().collect()))
}

pub(super) fn count(count: impl Into<u64>) -> Node {
    node(Content::Number(count.into().to_string()))
}

impl Fields {
    pub(super) fn put(&mut self, key: &str, value: Node) {
        self.0.push(Pair { key: key.to_owned(), at: 0..0, value });
    }

    pub(super) fn text(&mut self, key: &str, value: &str) {
        if !value.is_empty() {
            self.put(key, text(value));
        }
    }

    /// A text that may be empty.
    pub(super) fn word(&mut self, key: &str, value: Option<&str>) {
        if let Some(word) = value {
            self.put(key, text(word));
        }
    }

    pub(super) fn letter(&mut self, key: &str, value: Option<char>) {
        if let Some(letter) = value {
            self.put(key, text(letter.encode_utf8(&mut [0; 4])));
        }
    }

    pub(super) fn truth(&mut self, key: &str, value: bool) {
        if value {
            self.put(key, node(Content::Truth(true)));
        }
    }

    /// That a setter without a value is among those that were called.
    pub(super) fn called(&mut self, key: &str, param: &Param<'_>, setter: &str) {
        self.truth(key, inner::setters_of_param(param).any(|called| called == setter));
    }

    pub(super) fn texts(&mut self, key: &str, value: &[&str]) {
        if !value.is_empty() {
            self.put(key, texts(value.iter().copied()));
        }
    }

    /// A list of tables, or of lists.
    pub(super) fn list(&mut self, key: &str, items: Vec<Node>) {
        if !items.is_empty() {
            self.put(key, list(items));
        }
    }

    /// A table, if there is anything in it.
    pub(super) fn table(&mut self, key: &str, table: Fields) {
        if !table.0.is_empty() {
            self.put(key, table.node());
        }
    }

    pub(super) fn append(&mut self, other: Fields) {
        self.0.extend(other.0);
    }

    pub(super) fn node(self) -> Node {
        node(Content::Table(self.0))
    }
}
