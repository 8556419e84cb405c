//! Words that convert by their kinds alone, where the types are known only at run time.

use std::collections::HashSet;
use std::ffi::{OsStr, OsString};
use std::hash::{Hash, Hasher};
use std::sync::Arc;

use super::from_word::FromWord;
use super::shape::{parted, sides};
use crate::record::cell::Held;
use crate::record::kind::{Feed, Kind, Noun, Offer, Typed, Value};
use crate::record::param::{Manner, Param};
use crate::record::refusal::{Reason, Refusal};

impl Kind<'static> {
    /// The kind of a type, which converts its words in a form that is made at [run time](crate::shape::Form::words).
    ///
    /// ```
    /// # use clavret_core as clavret;
    /// use clavret::{Command, Kind, Outcome};
    /// use clavret::shape::{Form, Untyped};
    /// let (row, place) = (Kind::typed::<char>(), Kind::typed::<u8>());
    /// let kinds = [&row, &place];
    /// let form = Form::words(&kinds);
    /// let at = Untyped::option("at", &form);
    /// let params = [at.param()];
    /// let command = Command::draft("add").takes(&params);
    /// assert!(matches!(command.read(&["--at", "A", "7"]), Outcome::Reading(_)));
    /// assert!(matches!(command.read(&["--at", "A", "700"]), Outcome::Faults(_)));
    /// ```
    #[inline]
    pub const fn typed<T: FromWord>() -> Self {
        let mut kind = T::KIND.being(T::STANDARD);
        kind.set_conversion(Typed { convert: convert::<T>, mark: None });
        kind
    }

    /// A kind of a Rust type whose values can be compared with each other: for lists that are
    /// [distinct](crate::shape::Untyped::distinct). Without it their words are.
    #[inline]
    pub const fn comparable<T: FromWord + Eq + Hash>() -> Self {
        let mut kind = Kind::typed::<T>();
        kind.set_conversion(Typed { convert: convert::<T>, mark: Some(mark::<T>) });
        kind
    }
}

#[inline]
fn convert<T: FromWord>(word: &OsStr, manner: Manner) -> Result<Value, Refusal> {
    Ok(Box::new(T::from_word_in(word, manner)?))
}

#[inline]
fn mark<T: FromWord + Hash>(word: &OsStr, manner: Manner) -> Option<Vec<u8>> {
    let mut marks = Marks(Vec::new());
    T::from_word_in(word, manner).ok()?.hash(&mut marks);
    Some(marks.0)
}

/// What a value feeds to a hasher: equal values feed the same.
struct Marks(Vec<u8>);

impl Hasher for Marks {
    #[inline]
    fn write(&mut self, bytes: &[u8]) {
        self.0.extend_from_slice(bytes);
    }

    #[inline]
    fn finish(&self) -> u64 {
        0
    }
}

/// The words of an occurrence, each by its kind.
#[inline]
pub(crate) fn fill_by_kind(held: &mut Held, feed: &mut Feed<'_>) {
    let mut words: Vec<OsString> = Vec::new();
    for at in 0..feed.words.len() {
        if feed.takes(at) {
            words.push(feed.words[at].to_owned());
        }
    }
    if words.len() < feed.words.len() {
        return;
    }
    match held.peek_mut::<Vec<OsString>>() {
        Some(Some(before)) if feed.param.is_list() => before.extend(words),
        _ => held.set(words),
    }
}

impl Feed<'_> {
    /// Whether a word is of its kind, and passes what its parameter asks for.
    #[inline]
    fn takes(&mut self, at: usize) -> bool {
        let Some(kind) = self.param.kinds().get(at) else { return false };
        match kind.sides() {
            // What validates an entry tests both sides together, and knows their types.
            Some((key, value)) => parted(self, |sides| {
                let given = sides.value(0, key);
                if key.has_values() && !sides.suits_key(key) {
                    return None;
                }
                given.zip(sides.value(1, value))
            })
            .is_some(),
            None => self.value(at, kind).is_some_and(|value| self.passes(at, 1, &*value)),
        }
    }

    /// Whether the value of an entry is what its key takes, where one of the keys says what.
    #[cold]
    pub(crate) fn suits_key(&mut self, keys: &Kind<'_>) -> bool {
        let [key, value] = self.words else { return true };
        let is_it = |offer: &Offer<'_>| offer.name().as_bytes() == key.as_encoded_bytes();
        let Some(at) = keys.all_offers().iter().position(is_it) else { return true };
        let Some(kind) = keys.all_offers()[at].kind_of_value() else { return true };
        let refused = kind.convert(value, self.param.manner()).err();
        if let Some(Refusal { reason }) = refused {
            // Of a secret the key is one too.
            let reason = match self.param.is_secret() {
                true => Reason::NotOne,
                false => Reason::OfKey(at as u32, Arc::new(reason)),
            };
            self.misfit(1, reason);
            return false;
        }
        true
    }

    #[inline]
    fn value(&mut self, at: usize, kind: &Kind<'_>) -> Option<Value> {
        let word = *self.words.get(at)?;
        let value = match kind.convert(word, self.param.manner()) {
            Ok(value) => value,
            Err(Refusal { reason }) => {
                self.misfit(at, reason);
                return None;
            }
        };
        if self.param.is_ended(word) {
            return Some(value);
        }
        self.ends_otherwise(at);
        None
    }
}

impl Kind<'_> {
    #[inline]
    fn convert(&self, word: &OsStr, manner: Manner) -> Result<Value, Refusal> {
        if let Some(typed) = self.conversion() {
            return (typed.convert)(word, manner);
        }
        if self.is_unchecked() {
            return Ok(Box::new(()));
        }
        let text = word.to_str().ok_or(Refusal { reason: Reason::NotText })?;
        let is_open = self.all_offers().is_empty() && self.noun() != Noun::Choice;
        let is_among = || self.all_offers().iter().any(|offer| offer.name() == text);
        if is_open || is_among() { Ok(Box::new(text.to_owned())) } else { Err(Refusal::new()) }
    }

    /// What two words have in common that mean the same.
    #[inline]
    pub(crate) fn mark(&self, word: &OsStr, manner: Manner) -> Vec<u8> {
        if let Some((key, value)) = self.sides()
            && let Some((of_key, of_value)) = sides(word, None)
        {
            let (mut mark, of_value) = (key.mark(&of_key, manner), value.mark(&of_value, manner));
            mark.extend(mark.len().to_ne_bytes());
            mark.extend(of_value);
            return mark;
        }
        let mark = self.conversion().and_then(|typed| (typed.mark?)(word, manner));
        mark.unwrap_or_else(|| word.as_encoded_bytes().to_owned())
    }
}

/// The first value of a list that stands in it before: by what its words convert into, where that is known.
#[inline]
pub(crate) fn twin_words(param: &Param<'_>, _held: &Held, words: &[&OsStr]) -> Option<usize> {
    let kinds = param.kinds();
    let mut seen = HashSet::with_capacity(words.len());
    words.chunks(kinds.len().max(1)).position(|unit| {
        let marks = unit.iter().zip(kinds).map(|(word, kind)| kind.mark(word, param.manner()));
        !seen.insert(marks.collect::<Vec<_>>())
    })
}
