//! A table of a document, asked by its keys. What does not fit was told before, and is as if it were not there.

use std::ops::Range;

use bumpalo::Bump;

use crate::text::{Content, Node, Pair};

/// A table, and where it stands.
#[derive(Debug, Clone, Copy)]
pub(super) struct View<'d> {
    pub(super) entries: &'d [Pair],
    pub(super) at: &'d Range<usize>,
}

impl<'d> View<'d> {
    pub(super) fn of(node: &'d Node) -> Option<Self> {
        match &node.content {
            Content::Table(entries) => Some(View { entries, at: &node.at }),
            _ => None,
        }
    }

    pub(super) fn get(&self, key: &str) -> Option<&'d Node> {
        self.entries.iter().find(|entry| entry.key == key).map(|entry| &entry.value)
    }

    pub(super) fn text(&self, key: &str) -> Option<&'d str> {
        text(self.get(key)?)
    }

    pub(super) fn letter(&self, key: &str) -> Option<char> {
        self.text(key)?.chars().next()
    }

    pub(super) fn is(&self, key: &str) -> bool {
        matches!(self.get(key), Some(Node { content: Content::Truth(true), .. }))
    }

    pub(super) fn items(&self, key: &str) -> &'d [Node] {
        match self.get(key).map(|node| &node.content) {
            Some(Content::List(items)) => items,
            _ => &[],
        }
    }

    /// The texts of a list, each with its place.
    pub(super) fn names(&self, key: &str) -> impl Iterator<Item = (&'d str, &'d Range<usize>)> {
        self.items(key).iter().filter_map(|item| Some((text(item)?, &item.at)))
    }

    pub(super) fn texts(&self, key: &str, arena: &'d Bump) -> Option<&'d [&'d str]> {
        self.get(key)?;
        let texts: Vec<&str> = self.names(key).map(|name| name.0).collect();
        Some(arena.alloc_slice_copy(&texts))
    }

    pub(super) fn table(&self, key: &str) -> Option<View<'d>> {
        View::of(self.get(key)?)
    }

    pub(super) fn tables(&self, key: &str) -> impl Iterator<Item = View<'d>> + Clone + use<'d> {
        self.items(key).iter().filter_map(View::of)
    }

    /// A text, or what stands for the text that a user would type.
    pub(super) fn scalar(&self, key: &str) -> Option<&'d str> {
        scalar(self.get(key)?)
    }

    pub(super) fn name(&self) -> &'d str {
        self.text("name").unwrap_or_default()
    }
}

pub(super) fn text(node: &Node) -> Option<&str> {
    match &node.content {
        Content::Text(text) => Some(text),
        _ => None,
    }
}

pub(super) fn scalar(node: &Node) -> Option<&str> {
    match &node.content {
        Content::Text(text) | Content::Number(text) => Some(text),
        Content::Truth(true) => Some("true"),
        Content::Truth(false) => Some("false"),
        _ => None,
    }
}
