//! Which Rust types a key may have: one value, an optional one, any number, a fixed number of words.
//!
//! A [`Unit`] is what one occurrence on the command line gives: a `T`, an array `[T; N]` of N words,
//! or a pair of two. A [`Shape`] is what a key gives: a unit that is needed (or defaulted), an
//! `Option` of one, a `Vec` of them.

use std::any::Any;
use std::borrow::Cow;
use std::collections::{BTreeMap, HashSet};
use std::ffi::OsStr;
use std::fmt::Debug;
use std::hash::Hash;
use std::marker::PhantomData;

use super::from_word::FromWord;
use super::sealed::{Sealed, Shapes, Units};
use crate::record::cell::Held;
use crate::record::form::Form;
use crate::record::kind::{Feed, Kind, Wrong};
use crate::record::param::{Param, part as nth};
use crate::record::refusal::{Miss, Reason, Refusal};
use crate::record::test::Test;
use crate::text::part::part;

impl Held {
    /// The value, if it is of this type: that of the [`Form`] that the key was given; a `bool` of
    /// a flag, a `u32` of a tally, both only where they were given.
    pub fn get<T: Shape>(&self) -> Option<&T> {
        T::peek(self).or(T::ABSENT)
    }
}

impl Feed<'_> {
    /// Converts a word.
    #[inline]
    fn one<T: FromWord>(&mut self, at: usize) -> Option<T> {
        let word = self.words.get(at)?;
        match T::from_word_in(word, self.param.manner()) {
            Ok(value) if self.param.is_ended(word) => Some(value),
            Ok(_) => {
                self.ends_otherwise(at);
                None
            }
            Err(Refusal { reason }) => {
                self.misfit(at, reason);
                None
            }
        }
    }

    #[cold]
    pub(crate) fn ends_otherwise(&mut self, at: usize) {
        self.misfit(at, Reason::Near(Miss::Ending));
    }

    #[cold]
    #[inline(never)]
    pub(crate) fn misfit(&mut self, at: usize, reason: Reason) {
        let reason = match reason {
            // What a type says of a secret may well repeat it.
            reason if self.param.is_secret() && reason.may_repeat() => Reason::NotOne,
            reason => reason,
        };
        self.wrong.push(Wrong { at: self.first + at, more: 0, refused: false, reason });
    }

    /// Puts the value of some words to the validators.
    #[inline]
    fn tested<T: 'static>(&mut self, at: usize, words: usize, value: Option<T>) -> Option<T> {
        value.filter(|value| self.passes(at, words, value))
    }

    #[inline]
    pub(crate) fn passes(&mut self, at: usize, words: usize, value: &dyn Any) -> bool {
        match self.param.test().map_or(Ok(()), |test| test.judge(value)) {
            Ok(()) => true,
            Err((place, refusal)) => {
                self.refused(at, words, place, refusal);
                false
            }
        }
    }

    #[cold]
    fn refused(&mut self, at: usize, words: usize, place: usize, refusal: Refusal) {
        let is_discreet = || {
            let test = self.param.test().and_then(|test| nth(test, place));
            test.is_some_and(Test::is_discreet)
        };
        let is_told = !self.param.is_secret() || is_discreet();
        let reason = if is_told { refusal.tested(place as u8) } else { Reason::NotOne };
        let at = self.first + at;
        self.wrong.push(Wrong { at, more: words - 1, refused: true, reason });
    }
}

/// The kind of a type, with which of the library's own it is: a type may have the kind of another, and accept less.
struct Of<T>(PhantomData<T>);

impl<T: FromWord> Of<T> {
    const KIND: &'static Kind<'static> = &T::KIND.being(T::STANDARD);
}

/// What one occurrence gives. Sealed: implement [`FromWord`] for own types.
#[diagnostic::on_unimplemented(
    message = "`{Self}` cannot be the value of a parameter",
    label = "a word cannot be converted into this type",
    note = "implement `FromWord` for it, or `Choice` if it is a closed list of words"
)]
pub trait Unit: Sized + Send + Sync + Sealed<Units> + 'static {
    /// What the validators test: each value of an array, a pair as a whole.
    type Item: 'static;
    /// The kinds of the words that one occurrence takes.
    const KINDS: &'static [&'static Kind<'static>];
    /// Converts the words of one occurrence; `None` when one of them was refused.
    #[doc(hidden)]
    fn unit(feed: &mut Feed<'_>) -> Option<Self>;
}

impl<T: FromWord> Unit for T {
    type Item = T;
    const KINDS: &'static [&'static Kind<'static>] = &[Of::<T>::KIND];

    #[inline]
    fn unit(feed: &mut Feed<'_>) -> Option<Self> {
        let value = feed.one(0);
        feed.tested(0, 1, value)
    }
}

impl<T: FromWord, const N: usize> Unit for [T; N] {
    type Item = T;
    const KINDS: &'static [&'static Kind<'static>] = &[Of::<T>::KIND; N];

    fn unit(feed: &mut Feed<'_>) -> Option<Self> {
        // Every word is looked at, also after a refused one: all faults in one pass.
        let values: [Option<T>; N] = std::array::from_fn(|at| {
            let value = feed.one(at);
            feed.tested(at, 1, value)
        });
        let values: Vec<T> = values.into_iter().flatten().collect();
        values.try_into().ok()
    }
}

impl<A: FromWord, B: FromWord> Unit for (A, B) {
    type Item = (A, B);
    const KINDS: &'static [&'static Kind<'static>] = &[Of::<A>::KIND, Of::<B>::KIND];

    fn unit(feed: &mut Feed<'_>) -> Option<Self> {
        let (first, second) = (feed.one(0), feed.one(1));
        feed.tested(0, 2, first.zip(second))
    }
}

/// The types that a key may have: `T`, `Option<T>` and `Vec<T>`, where `T` converts from a word
/// ([`FromWord`]), or is an array or a pair of such types; [`Attached<T>`]; and a `BTreeMap`,
/// whose entries are typed as `KEY=VALUE`, the last one given for a key winning. Sealed.
#[diagnostic::on_unimplemented(
    message = "`{Self}` cannot be the value of a parameter",
    label = "a word cannot be converted into this type",
    note = "implement `FromWord` for it, or `Choice` if it is a closed list of words"
)]
pub trait Shape: Sized + Sealed<Shapes> + 'static {
    /// What the validators test.
    type Item: 'static;
    #[doc(hidden)]
    const FORM: &'static Form<'static>;
    /// Whether each of its words is a number of the standard library.
    #[doc(hidden)]
    const IS_NUMBER: bool = Self::FORM.kinds().len() == 1 && Self::FORM.kinds()[0].is_number();
    /// The value of a parameter that was not given and has no default.
    #[doc(hidden)]
    const ABSENT: Option<&'static Self>;
    #[doc(hidden)]
    fn peek(cell: &Held) -> Option<&Self>;
    #[doc(hidden)]
    fn take(cell: &mut Held) -> Option<Self>;
}

/// The last occurrence wins, but each is converted: a word that is wrong is wrong wherever it stands.
fn last<U: Unit>(cell: &mut Held, feed: &mut Feed<'_>) {
    if let Some(unit) = U::unit(feed) {
        cell.set(unit);
    }
}

impl<U: Unit> Shape for U {
    type Item = U::Item;
    const FORM: &'static Form<'static> = &Form::new(U::KINDS, last::<U>);
    const ABSENT: Option<&'static Self> = None;

    fn peek(cell: &Held) -> Option<&Self> {
        cell.peek::<U>()?.as_ref()
    }

    fn take(cell: &mut Held) -> Option<Self> {
        cell.take::<U>()
    }
}

impl<U: Unit> Shape for Option<U> {
    type Item = U::Item;
    const FORM: &'static Form<'static> = &Form::new(U::KINDS, last::<U>).optional();
    const ABSENT: Option<&'static Self> = Some(&None);

    fn peek(cell: &Held) -> Option<&Self> {
        cell.peek::<U>()
    }

    fn take(cell: &mut Held) -> Option<Self> {
        Some(cell.take::<U>())
    }
}

fn push<U: Unit>(cell: &mut Held, feed: &mut Feed<'_>) {
    let Some(unit) = U::unit(feed) else { return };
    match cell.peek_mut::<Vec<U>>() {
        Some(Some(units)) => units.push(unit),
        _ => cell.set(vec![unit]),
    }
}

impl<U: Unit> Shape for Vec<U> {
    type Item = U::Item;
    const FORM: &'static Form<'static> = &Form::new(U::KINDS, push::<U>).many();
    const ABSENT: Option<&'static Self> = Some(&Vec::new());

    fn peek(cell: &Held) -> Option<&Self> {
        cell.peek::<Vec<U>>()?.as_ref()
    }

    fn take(cell: &mut Held) -> Option<Self> {
        Some(cell.take::<Vec<U>>().unwrap_or_default())
    }
}

/// An optional value that is attached to the option's name, or left out: `--color=always`, `--color`; to a letter without a
/// sign, `-w16`, so that what follows the letter in its word is the value. POSIX guideline 7 has options with optional values
/// refused; GNU's programs take them attached.
///
/// ```
/// # use clavret_core as clavret;
/// use clavret::{Attached, Command, Named, Outcome};
/// static LABELS: Named<Attached<u8>> = Named::new("labels").letter('l');
/// static PRINT: Command = Command::new("print").takes(&[LABELS.param()]);
///
/// let read = |words| match PRINT.read(words) {
///     Outcome::Reading(reading) => reading.get(&LABELS).clone(),
///     _ => panic!(),
/// };
/// assert_eq!(read(&[]), Attached::Absent);
/// assert_eq!(read(&["--labels"]), Attached::Bare);
/// assert_eq!(read(&["--labels=3"]), Attached::Value(3));
/// assert_eq!(read(&["-l3"]), Attached::Value(3));
/// ```
#[doc(alias("optional value"))]
#[derive(Debug, Clone, Copy, PartialEq, Eq, Default)]
pub enum Attached<T> {
    /// The option is not given.
    #[default]
    Absent,
    /// The option is given alone.
    Bare,
    /// The option is given with a value.
    Value(T),
}

fn attach<T: FromWord>(cell: &mut Held, feed: &mut Feed<'_>) {
    if feed.words.is_empty() {
        cell.set(Attached::<T>::Bare);
    } else if let Some(value) = T::unit(feed) {
        cell.set(Attached::Value(value));
    }
}

impl<T: FromWord> Shape for Attached<T> {
    type Item = T;
    const FORM: &'static Form<'static> = &Form::new(T::KINDS, attach::<T>).attached();
    const ABSENT: Option<&'static Self> = Some(&Attached::Absent);

    fn peek(cell: &Held) -> Option<&Self> {
        cell.peek::<Attached<T>>()?.as_ref()
    }

    fn take(cell: &mut Held) -> Option<Self> {
        Some(cell.take::<Attached<T>>().unwrap_or_default())
    }
}

/// The key and the value of an entry: in front of and after its `=`, the first one unless told.
pub(crate) fn sides(
    word: &OsStr,
    equals: Option<usize>,
) -> Option<(Cow<'_, OsStr>, Cow<'_, OsStr>)> {
    let first = || word.as_encoded_bytes().iter().position(|&byte| byte == b'=');
    let equals = equals.or_else(first)?;
    Some((part(word, 0, equals), part(word, equals + 1, word.len())))
}

/// The key and the value of an entry, tested as a pair.
fn entry<K: FromWord, V: FromWord>(feed: &mut Feed<'_>) -> Option<(K, V)> {
    parted(feed, |sides| {
        let key = sides.one(0);
        if const { K::KIND.has_values() } && !sides.suits_key(K::KIND) {
            return None;
        }
        let entry = key.zip(sides.one(1));
        sides.tested(0, 1, entry)
    })
}

/// What is made of the two sides of an entry.
pub(crate) fn parted<E>(
    feed: &mut Feed<'_>,
    make: impl FnOnce(&mut Feed<'_>) -> Option<E>,
) -> Option<E> {
    let word = *feed.words.first()?;
    let Some((key, value)) = sides(word, feed.equals) else {
        feed.misfit(0, Reason::NotOne);
        return None;
    };
    let sides: [&OsStr; 2] = [&key, &value];
    let (before, mut sides) =
        (feed.wrong.len(), Feed { words: &sides, wrong: feed.wrong, ..*feed });
    let entry = make(&mut sides);
    // What is wrong with a side is wrong with the word.
    feed.wrong.truncate(before + 1);
    for wrong in &mut feed.wrong[before..] {
        wrong.at = feed.first;
    }
    entry
}

impl<K: FromWord + Ord, V: FromWord> Shape for BTreeMap<K, V> {
    type Item = (K, V);
    const FORM: &'static Form<'static> =
        &Form::new(&[&Kind::entry(Of::<K>::KIND, Of::<V>::KIND)], insert::<K, V>).many();
    const ABSENT: Option<&'static Self> = Some(&BTreeMap::new());

    fn peek(cell: &Held) -> Option<&Self> {
        cell.peek::<Self>()?.as_ref()
    }

    fn take(cell: &mut Held) -> Option<Self> {
        Some(cell.take::<Self>().unwrap_or_default())
    }
}

fn insert<K: FromWord + Ord, V: FromWord>(cell: &mut Held, feed: &mut Feed<'_>) {
    let Some((key, value)) = entry::<K, V>(feed) else { return };
    match cell.peek_mut::<BTreeMap<K, V>>() {
        Some(Some(map)) => _ = map.insert(key, value),
        _ => cell.set(BTreeMap::from([(key, value)])),
    }
}

/// The first value of a list that stands in it before.
pub(crate) fn twin<U: Unit + Eq + Hash>(
    _param: &Param<'_>,
    held: &Held,
    _words: &[&OsStr],
) -> Option<usize> {
    let units = held.peek::<Vec<U>>()?.as_ref()?;
    let mut seen = HashSet::with_capacity(units.len());
    units.iter().position(|unit| !seen.insert(unit))
}
