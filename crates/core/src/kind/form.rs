//! What is known of a value without its type: how many words it has, of which kinds, and what converts them.

use super::shape::Shape;
use super::typed::fill_by_kind;
use crate::record::form::Form;
use crate::record::kind::Kind;

impl Form<'static> {
    /// The form of a Rust type: `Form::of::<Vec<u8>>()`.
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
        Form::new(kinds, fill_by_kind).by_kind()
    }
}
