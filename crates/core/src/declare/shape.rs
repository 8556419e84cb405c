//! Which Rust types a key may have: one value, an optional one, any number, a fixed number of words.
//!
//! A [`Unit`] is what one occurrence on the command line gives: a `T`, an array `[T; N]` of N words,
//! or a pair of two. A [`Shape`] is what a key gives: a unit that is needed (or defaulted), an
//! `Option` of one, a `Vec` of them.

use std::any::Any;
use std::borrow::Cow;
use std::ffi::OsStr;
use std::fmt::Debug;

use super::cell::Cell;
use super::{FromWord, Kind, Misfit};

/// Where a shape gets the words of its parameter from, and says what is wrong with them.
pub trait Feed {
    /// Whether another word is there.
    fn more(&self) -> bool;
    /// The next word.
    fn word(&mut self) -> Option<Cow<'_, OsStr>>;
    /// Says that the last word is not of its kind.
    fn misfit(&mut self, misfit: Misfit, kind: &'static Kind);
    /// Puts a value to the parameter's validators; false when one of them refused it.
    fn test(&mut self, value: &dyn Any) -> bool;
}

/// What one occurrence gives. Sealed by its supertraits: implement [`FromWord`] for own types.
#[diagnostic::on_unimplemented(
    message = "`{Self}` cannot be the value of a parameter",
    label = "a word cannot be converted into this type",
    note = "implement `FromWord` for it, or `Choice` if it is a closed list of words"
)]
pub trait Unit: Sized + Send + Sync + 'static {
    /// What the validators test: each value of an array, a pair as a whole.
    type Item: 'static;
    /// The kinds of the words that one occurrence takes.
    const KINDS: &'static [&'static Kind];
    /// Takes the words of one occurrence; `None` when one of them was refused.
    #[doc(hidden)]
    fn unit(feed: &mut dyn Feed) -> Option<Self>;
}

fn one<T: FromWord>(feed: &mut dyn Feed) -> Option<T> {
    let converted = T::from_word(&feed.word()?);
    converted.map_err(|misfit| feed.misfit(misfit, T::KIND)).ok()
}

fn tested<T: 'static>(feed: &mut dyn Feed, value: Option<T>) -> Option<T> {
    value.filter(|value| feed.test(value))
}

impl<T: FromWord> Unit for T {
    type Item = T;
    const KINDS: &'static [&'static Kind] = &[T::KIND];

    fn unit(feed: &mut dyn Feed) -> Option<Self> {
        let value = one(feed);
        tested(feed, value)
    }
}

impl<T: FromWord, const N: usize> Unit for [T; N] {
    type Item = T;
    const KINDS: &'static [&'static Kind] = &[T::KIND; N];

    fn unit(feed: &mut dyn Feed) -> Option<Self> {
        // Every word is looked at, also behind a refused one: all faults in one pass.
        let values = std::array::from_fn(|_| T::unit(feed));
        let values: [Option<T>; N] = values;
        let values: Vec<T> = values.into_iter().flatten().collect();
        values.try_into().ok()
    }
}

impl<A: FromWord, B: FromWord> Unit for (A, B) {
    type Item = (A, B);
    const KINDS: &'static [&'static Kind] = &[A::KIND, B::KIND];

    fn unit(feed: &mut dyn Feed) -> Option<Self> {
        let (first, second) = (one(feed), one(feed));
        tested(feed, first.zip(second))
    }
}

/// What is known of a shape without its type.
#[derive(Debug)]
pub struct Form {
    /// The kinds of the words of one occurrence.
    pub(crate) kinds: &'static [&'static Kind],
    /// It must be given, unless it has a default.
    pub(crate) needed: bool,
    /// It may be given again, and every occurrence counts.
    pub(crate) many: bool,
    /// Converts the words of all occurrences.
    pub(crate) make: fn(&mut dyn Feed) -> Option<Cell>,
}

/// The types that a key may have: `T`, `Option<T>` and `Vec<T>`, where `T` converts from a word
/// ([`FromWord`]), or is an array or a pair of such types.
#[diagnostic::on_unimplemented(
    message = "`{Self}` cannot be the value of a parameter",
    label = "a word cannot be converted into this type",
    note = "implement `FromWord` for it, or `Choice` if it is a closed list of words"
)]
pub trait Shape: Sized + 'static {
    /// What the validators test.
    type Item: 'static;
    #[doc(hidden)]
    const FORM: &'static Form;
    /// The value of a parameter that was not given and has no default.
    #[doc(hidden)]
    const ABSENT: Option<&'static Self>;
    #[doc(hidden)]
    fn peek(cell: &Cell) -> Option<&Self>;
    #[doc(hidden)]
    fn take(cell: &mut Cell) -> Option<Self>;
}

/// The last occurrence wins, but each is converted: a word that is wrong is wrong wherever it stands.
fn last<U: Unit>(feed: &mut dyn Feed) -> Option<Cell> {
    let mut last = U::unit(feed);
    while feed.more() {
        last = U::unit(feed);
    }
    last.map(Cell::keep)
}

impl<U: Unit> Shape for U {
    type Item = U::Item;
    const FORM: &'static Form =
        &Form { kinds: U::KINDS, needed: true, many: false, make: last::<U> };
    const ABSENT: Option<&'static Self> = None;

    fn peek(cell: &Cell) -> Option<&Self> {
        cell.peek::<U>()?.as_ref()
    }

    fn take(cell: &mut Cell) -> Option<Self> {
        cell.take::<U>()
    }
}

impl<U: Unit> Shape for Option<U> {
    type Item = U::Item;
    const FORM: &'static Form =
        &Form { kinds: U::KINDS, needed: false, many: false, make: last::<U> };
    const ABSENT: Option<&'static Self> = Some(&None);

    fn peek(cell: &Cell) -> Option<&Self> {
        cell.peek::<U>()
    }

    fn take(cell: &mut Cell) -> Option<Self> {
        Some(cell.take::<U>())
    }
}

fn all<U: Unit>(feed: &mut dyn Feed) -> Option<Cell> {
    let mut all = Vec::new();
    while feed.more() {
        all.extend(U::unit(feed));
    }
    Some(Cell::keep(all))
}

impl<U: Unit> Shape for Vec<U> {
    type Item = U::Item;
    const FORM: &'static Form =
        &Form { kinds: U::KINDS, needed: false, many: true, make: all::<U> };
    const ABSENT: Option<&'static Self> = Some(&Vec::new());

    fn peek(cell: &Cell) -> Option<&Self> {
        cell.peek::<Vec<U>>()?.as_ref()
    }

    fn take(cell: &mut Cell) -> Option<Self> {
        Some(cell.take::<Vec<U>>().unwrap_or_default())
    }
}
