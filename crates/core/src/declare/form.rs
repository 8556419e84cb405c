//! What is known of a value without its type: how many words it has, of which kinds, and what converts them.

use super::cell::Held;
use super::{Feed, Form};
use super::{Kind, Shape};

impl Form<'static> {
    /// That of a Rust type: `Form::of::<Vec<u8>>()`.
    pub const fn of<T: Shape>() -> &'static Form<'static> {
        T::FORM
    }
}

impl<'d> Form<'d> {
    /// Text of kinds that are known only at run time, a word of each, which must be given: one of the words
    /// that the kind [offers](Kind::choice), or any text where it offers none. The value is a `Vec<String>`.
    pub const fn words(kinds: &'d [&'d Kind<'d>]) -> Self {
        Form { kinds, needed: true, many: false, attached: false, fill: fill_words }
    }

    /// It need not be given.
    #[must_use]
    pub const fn optional(mut self) -> Self {
        self.needed = false;
        self
    }

    /// It may be given any number of times, or not at all.
    #[must_use]
    pub const fn many(mut self) -> Self {
        (self.needed, self.many) = (false, true);
        self
    }
}

/// Words of kinds that are known at run time.
/// Turns the words of an occurrence into the value, or adds them to it.
pub(crate) type Fill = fn(&mut Held, &mut Feed<'_>);

fn fill_words(held: &mut Held, feed: &mut Feed<'_>) {
    let mut texts = Vec::new();
    for at in 0..feed.words.len() {
        let text = feed.text(at);
        texts.extend(feed.tested(at, 1, text));
    }
    if texts.len() < feed.words.len() {
        return;
    }
    match held.peek_mut::<Vec<String>>() {
        Some(Some(before)) if feed.param.form.many => before.extend(texts),
        _ => held.set(texts),
    }
}
