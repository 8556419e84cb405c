//! What a page says of values that are known at run time: the first of them, and how many more there are.

use super::list::{check_lists, learn, list_begun};
use crate::record::brought::Lists;
use crate::record::list::Known;
use crate::record::page::{Block, Entry, Layout};
use crate::record::reading::PageLength;
use crate::text::Listed;
use crate::text::quote::{quoted, visible};
use crate::wording::Speech;
use crate::wording::english::Phrase;

/// Values that are known at run time. The records of lists point here.
pub(crate) const LISTS: &Lists = &Lists { check: check_lists, list: list_begun, learn, told };

/// Values that stand below a parameter, each with its help: of more the first ones are named beside it.
const MOST: usize = 12;

/// What is said in the help of a parameter, and below it.
#[inline]
fn told<'t>(
    known: &[Known],
    length: PageLength,
    speech: Speech<'t>,
    below: &mut Vec<Block>,
) -> &'t str {
    let words: Vec<&str> = known.iter().filter_map(Known::shown).listed();
    let is_helped = known.iter().any(|known| !known.told_help().is_empty());
    if length == PageLength::Short || !is_helped || words.len() > MOST {
        return speech.values(&words, speech.say(Phrase::Or));
    }
    let mut entries = Vec::new();
    for known in known.iter().filter(|known| known.shown().is_some()) {
        entries.push(Entry::plain(&quoted(known.word()), &visible(known.told_help())));
    }
    below.push(Block::Entries(Layout::Close, entries));
    ""
}
