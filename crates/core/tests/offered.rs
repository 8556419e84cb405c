//! What completion offers for a position, as the texts of its words.

use clavret_core::Command;
use clavret_core::reader::Word;
use clavret_core::world::World;
use clavret_tab::{Cursor, Suggestion, complete};

pub(crate) fn candidates<W: Word>(root: &Command<'_>, words: &[W], begun: &str) -> Vec<String> {
    texts(&complete(root, &Cursor::new(words, begun), None))
}

pub(crate) fn candidates_in<W: Word>(
    root: &Command<'_>,
    words: &[W],
    begun: &str,
    world: &dyn World,
) -> Vec<String> {
    texts(&complete(root, &Cursor::new(words, begun), Some(world)))
}

fn texts(found: &[Suggestion]) -> Vec<String> {
    found.iter().flat_map(Suggestion::texts).map(str::to_owned).collect()
}
