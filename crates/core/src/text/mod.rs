//! What several stages need to put text before a user: columns, wrapping, quoting, painting.
//!
//! * `columns.rs`: how wide text is (pages and faults).
//! * `sheet.rs`: text in the making, wrapped and in columns (pages and faults).
//! * `quote.rs`: a word as a shell needs it, nothing invisible left (faults, fixes).
//! * `paint.rs`: [`Look`] and colour (pages and faults).
//! * `near.rs`: the nearest of some names (faults and fixes).
//! * `part.rs`: parts of words (declaring, reading, faults).
//! * `order.rs`: one sort for all (reading, faults, pages).

mod columns;
mod near;
mod order;
mod paint;
mod part;
mod quote;
mod sheet;

pub use columns::columns;
pub(crate) use near::{Near, near, near_marked};
pub(crate) use order::in_order;
pub(crate) use paint::Ink;
pub use paint::Look;
pub(crate) use part::part;
pub use quote::visible;
pub(crate) use quote::{Quoted, quoted};
pub(crate) use sheet::Sheet;

/// What a secret is shown as.
pub(crate) const DOTS: &str = "•••";

/// Adding to a text out of line: a call is a quarter of what the same takes in place, and pages,
/// faults and scripts are made of hundreds of pieces.
pub trait Put {
    /// Adds a piece.
    fn put(&mut self, piece: &str);
}

impl Put for String {
    #[inline(never)]
    fn put(&mut self, piece: &str) {
        self.push_str(piece);
    }
}

/// Putting items into a list, the list made in one place for all that give items of a type: what the standard library
/// makes anew for each way to give them is several times as much.
pub(crate) trait Listed: Iterator + Sized {
    fn listed(mut self) -> Vec<Self::Item> {
        list(&mut self)
    }
}

impl<I: Iterator> Listed for I {}

/// What gives items, and is asked nothing else: the table of an `Iterator`, or of a closure, has four methods.
trait Give<T> {
    fn give(&mut self) -> Option<T>;
}

impl<I: Iterator> Give<I::Item> for I {
    fn give(&mut self) -> Option<I::Item> {
        self.next()
    }
}

#[inline(never)]
fn list<T>(from: &mut dyn Give<T>) -> Vec<T> {
    let mut list = Vec::new();
    while let Some(item) = from.give() {
        list.push(item);
    }
    list
}

/// Whether a text has a piece in it that is not empty. For a few short texts: the standard library's search is quick in
/// long ones, and 2 KiB for each place that uses it.
#[inline(never)]
pub(crate) fn holds(text: &str, piece: &str) -> bool {
    let piece = piece.as_bytes();
    !piece.is_empty() && text.as_bytes().windows(piece.len()).any(|part| part == piece)
}

/// A count in digits, out of line as well.
#[inline(never)]
pub fn digits(count: usize) -> String {
    count.to_string()
}
