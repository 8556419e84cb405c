//! What several stages need to put text before a user: columns, wrapping, quoting, painting.
//!
//! * `columns.rs`: how wide text is (pages and faults).
//! * `sheet.rs`: text in the making, wrapped and in columns (pages and faults).
//! * `quote.rs`: a word as a shell needs it, nothing invisible left (faults, fixes).
//! * `paint.rs`: [`Look`](crate::look::Look) and colour (pages and faults).
//! * `kept.rs`: texts that are kept until all is told (pages and faults).
//! * `near.rs`: the nearest of some names (faults and fixes).
//! * `part.rs`: parts of words, and numbers (declaring, reading, faults).
//! * `order.rs`: one sort for all (reading, faults, pages).

pub(crate) mod bytes;
pub(crate) mod columns;
pub(crate) mod kept;
pub(crate) mod near;
pub(crate) mod order;
pub(crate) mod paint;
pub(crate) mod part;
pub(crate) mod quote;
pub(crate) mod sheet;

/// What a secret is shown as.
pub(crate) const DOTS: &str = "•••";

/// Adding to a text or a list out of line: a call is a quarter of what the same takes in place, and pages,
/// faults and scripts are made of hundreds of pieces.
pub trait Put<Piece> {
    /// Adds a piece.
    fn put(&mut self, piece: Piece);
}

impl Put<&str> for String {
    #[inline(never)]
    fn put(&mut self, piece: &str) {
        self.push_str(piece);
    }
}

impl<T> Put<T> for Vec<T> {
    #[inline(never)]
    fn put(&mut self, item: T) {
        self.extend(Some(item));
    }
}

/// A text of its own, out of line.
#[inline(never)]
pub(crate) fn own(text: &str) -> String {
    text.to_owned()
}

/// The text that some pieces make, out of line.
#[inline(never)]
pub(crate) fn of(pieces: &[&str]) -> String {
    let mut text = String::new();
    for piece in pieces {
        text.push_str(piece);
    }
    text
}

/// A text with its ASCII letters in upper case, out of line.
#[inline(never)]
pub(crate) fn upper(text: &str) -> String {
    text.to_ascii_uppercase()
}

/// The same in lower case.
#[inline(never)]
pub(crate) fn lower(text: &str) -> String {
    text.to_ascii_lowercase()
}

/// A piece some times.
#[inline(never)]
pub(crate) fn times(piece: &str, count: usize) -> String {
    let mut text = String::new();
    for _ in 0..count {
        text.push_str(piece);
    }
    text
}

/// What was typed, without the quotes that it got for the eye.
pub(crate) fn unquoted(typed: &str) -> &str {
    bared(typed, b"'")
}

/// A text without some ASCII signs at its ends.
#[inline(never)]
pub(crate) fn bared<'t>(mut text: &'t str, signs: &[u8]) -> &'t str {
    while let [rest @ .., last] = text.as_bytes()
        && signs.contains(last)
    {
        text = text.split_at(rest.len()).0;
    }
    while let [first, ..] = text.as_bytes()
        && signs.contains(first)
    {
        text = text.split_at(1).1;
    }
    text
}

/// Words with a space between them.
#[inline(never)]
pub(crate) fn spaced(words: &[&str]) -> String {
    let mut text = String::new();
    for (at, word) in words.iter().enumerate() {
        text.put(if at > 0 { " " } else { "" });
        text.put(word);
    }
    text
}

/// Putting items into a list by a loop: what the standard library makes anew for each way to give them is several
/// times as much.
pub(crate) trait Listed: Iterator + Sized {
    #[inline]
    fn listed(self) -> Vec<Self::Item> {
        let mut list = Vec::new();
        for item in self {
            list.put(item);
        }
        list
    }
}

impl<I: Iterator> Listed for I {}

/// Whether a text has a piece in it that is not empty. For a few short texts: the standard library's search is quick in
/// long ones, and 2 KiB for each place that uses it.
#[inline(never)]
pub(crate) fn holds(text: &str, piece: &str) -> bool {
    let piece = piece.as_bytes();
    !piece.is_empty() && text.as_bytes().windows(piece.len()).any(|part| part == piece)
}

/// Whether a list has a number, out of line: the standard library's search takes half a KiB each time.
#[inline(never)]
pub(crate) fn has(list: &[usize], number: usize) -> bool {
    list.contains(&number)
}

/// A count in digits, out of line as well.
#[inline(never)]
pub fn digits(count: usize) -> String {
    count.to_string()
}
