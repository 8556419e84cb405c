//! What is known of a value without its type: how many words it has, of which kinds, and what converts them.

use super::shape::Shape;
use super::typed::fill_by_kind;
use crate::record::kind::Kind;
use crate::record::param::Form;

impl Form<'static> {
    /// That of a Rust type: `Form::of::<Vec<u8>>()`.
    #[inline]
    pub const fn of<T: Shape>() -> &'static Form<'static> {
        T::FORM
    }
}

impl<'d> Form<'d> {
    /// Words of kinds that are known only at run time, one of each, which must be given. What a word may be its kind
    /// says: what its [type](Kind::typed) converts, one of those that it [offers](Kind::choice), or else any text. The
    /// value is a `Vec<OsString>` of the words.
    #[inline]
    pub const fn words(kinds: &'d [&'d Kind<'d>]) -> Self {
        let (needed, many, attached) = (true, false, false);
        Form { kinds, needed, many, attached, by_kind: true, fill: fill_by_kind }
    }

    /// It need not be given.
    #[must_use]
    #[inline]
    pub const fn optional(mut self) -> Self {
        self.needed = false;
        self
    }

    /// It may be given any number of times, or not at all.
    #[must_use]
    #[inline]
    pub const fn many(mut self) -> Self {
        (self.needed, self.many) = (false, true);
        self
    }

    /// It is attached to the name of its option, or left out, as [`Attached`](crate::Attached) is: for one word.
    #[must_use]
    #[inline]
    pub const fn attached(mut self) -> Self {
        (self.needed, self.attached) = (false, true);
        self
    }
}

impl Form<'_> {
    /// Whether it is of entries whose keys are a closed list.
    #[inline]
    pub(crate) const fn has_keys(&self) -> bool {
        match self.kinds {
            [Kind { sides: Some((key, _)), .. }] => !key.offers.is_empty(),
            _ => false,
        }
    }
}
