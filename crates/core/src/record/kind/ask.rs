//! What the kind of a word is asked, and what a word that it offers.

use super::Typed;
use crate::record::deprecated::Deprecated;
use crate::record::kind::{Kind, Noun, Offer, Refers};
use crate::record::standard::Standard;
use crate::text::kept::Kept;
use crate::wording::{Speech, Wording};

impl<'d> Kind<'d> {
    /// What completion may look up for it.
    pub const fn looks_up(&self) -> Refers {
        self.refers
    }

    /// What it is called.
    pub const fn noun(&self) -> Noun<'d> {
        self.noun
    }

    /// The smallest and the largest value that the Rust type holds, for a number beyond them.
    pub const fn bounds(&self) -> Option<[&'d str; 2]> {
        self.limits
    }

    /// The [placeholder](Kind::placeholder) of the kind; empty where it has none.
    pub const fn own_placeholder(&self) -> &'d str {
        self.placeholder
    }

    /// The words that it may be, deprecated ones among them, if they are a closed list.
    pub const fn all_offers(&self) -> &'d [Offer<'d>] {
        self.offers
    }

    /// What a word of it may be, as a fault says it.
    pub(crate) fn wanted(&self, wording: &Wording<'_>) -> String {
        let kept = Kept::default();
        let speech = Speech::new(wording, &kept);
        speech.such_as(speech.takes_kind(self, None)).to_owned()
    }

    /// The kinds on both sides of the `=`, of a key and its value.
    pub const fn sides(&self) -> Option<(&'d Kind<'d>, &'d Kind<'d>)> {
        self.sides
    }

    /// Whether pages say what it is after the help of each parameter.
    pub const fn is_explained(&self) -> bool {
        self.explained
    }

    /// Which of the library's own types it is of.
    pub const fn standard(&self) -> Option<Standard> {
        self.standard
    }

    /// Whether nobody here knows what is accepted.
    pub const fn is_unchecked(&self) -> bool {
        self.unchecked
    }

    /// Whether a type converts its words, in a form that is made at run time: [`typed`](Kind::typed).
    pub const fn is_typed(&self) -> bool {
        self.typed.is_some()
    }

    /// Whether a word may be a negative number.
    pub const fn is_negative(&self) -> bool {
        self.negative
    }

    /// Whether some of its words are deprecated.
    pub const fn has_deprecated(&self) -> bool {
        self.has_deprecated
    }

    /// A word that reads, of a kind that is no entry.
    pub(crate) const fn example(&self) -> &'d str {
        self.example
    }

    /// What converts its words, where that is known.
    #[inline]
    pub(crate) const fn conversion(&self) -> Option<Typed> {
        self.typed
    }

    /// What its type is known by.
    #[inline]
    pub(crate) const fn set_conversion(&mut self, typed: Typed) {
        self.typed = Some(typed);
    }

    /// Whether some of its words are keys that say what their values may be.
    pub const fn has_values(&self) -> bool {
        self.has_values
    }

    /// Whether it says when to colour what is printed.
    pub const fn is_painting(&self) -> bool {
        self.paints
    }
}

impl<'d> Offer<'d> {
    /// The word that is typed.
    pub const fn name(&self) -> &'d str {
        self.name
    }

    /// What it means.
    pub const fn told_help(&self) -> &'d str {
        self.help
    }

    /// Whether the word is deprecated.
    pub const fn is_deprecated(&self) -> bool {
        self.deprecated.is_so()
    }

    /// What to type instead of a word that is deprecated.
    pub const fn instead(&self) -> &'d str {
        self.deprecated.instead
    }

    /// The version or the day from which on the word is deprecated.
    pub const fn since(&self) -> &'d str {
        self.deprecated.since
    }

    /// The version or the day in which the word is removed.
    pub const fn until(&self) -> &'d str {
        self.deprecated.until
    }

    pub(crate) const fn deprecation(&self) -> Deprecated<'d> {
        self.deprecated
    }

    /// What the value may be where the word is the key of an entry, if that is said.
    pub const fn kind_of_value(&self) -> Option<&'d Kind<'d>> {
        self.value
    }
}
