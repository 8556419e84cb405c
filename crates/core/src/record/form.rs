//! How many words a value has and of which kinds, without its type.

use super::kind::{Fill, Kind};
use super::settings::param as said;

/// How many words a value has and of which kinds, without its type: what an [`Untyped`](crate::shape::Untyped) key
/// is given.
#[derive(Debug, Clone, Copy)]
pub struct Form<'d> {
    /// The kinds of the words of one occurrence.
    kinds: &'d [&'d Kind<'d>],
    /// It must be given, unless it has a default.
    needed: bool,
    /// It may be given again, and every occurrence counts.
    many: bool,
    /// The value is attached to the name, or left out.
    attached: bool,
    /// Its words convert by their kinds, and by nothing else.
    by_kind: bool,
    /// Converts the words of one occurrence into the cell.
    fill: Fill,
}

/// Flags and tallies take no words.
pub(crate) static NO_WORDS: Form<'static> = Form {
    kinds: &[],
    needed: false,
    many: true,
    attached: false,
    by_kind: false,
    fill: |_, _| (),
};

impl<'d> Form<'d> {
    /// Words of these kinds, one of each, which must be given, and what converts them.
    #[inline]
    pub(crate) const fn new(kinds: &'d [&'d Kind<'d>], fill: Fill) -> Self {
        let (needed, many, attached, by_kind) = (true, false, false, false);
        Form { kinds, needed, many, attached, by_kind, fill }
    }

    /// What converts its words goes by their kinds.
    #[inline]
    pub(crate) const fn by_kind(mut self) -> Self {
        self.by_kind = true;
        self
    }

    /// Lets the parameter be left out.
    #[must_use]
    #[inline]
    pub const fn optional(mut self) -> Self {
        self.needed = false;
        self
    }

    /// Lets the parameter be given any number of times, or not at all.
    #[must_use]
    #[inline]
    pub const fn many(mut self) -> Self {
        (self.needed, self.many) = (false, true);
        self
    }

    /// Makes the value one that is attached to the name of its option, or left out, as [`Attached`](crate::Attached) is: for one word.
    #[must_use]
    #[inline]
    pub const fn attached(mut self) -> Self {
        (self.needed, self.attached) = (false, true);
        self
    }

    /// The kinds of the words of one occurrence.
    #[inline]
    pub(crate) const fn kinds(&self) -> &'d [&'d Kind<'d>] {
        self.kinds
    }

    #[inline]
    pub(crate) const fn is_needed(&self) -> bool {
        self.needed
    }

    #[inline]
    pub(crate) const fn is_many(&self) -> bool {
        self.many
    }

    #[inline]
    pub(crate) const fn is_attached(&self) -> bool {
        self.attached
    }

    #[inline]
    pub(crate) const fn is_by_kind(&self) -> bool {
        self.by_kind
    }

    /// What converts the words of one occurrence into the cell.
    #[inline]
    pub(crate) const fn filler(&self) -> Fill {
        self.fill
    }

    /// What a parameter that has it is known by.
    #[inline]
    pub(crate) const fn bits(&self) -> u64 {
        let words = match self.kinds {
            [] => said::WORDLESS,
            [kind] => match kind.sides() {
                Some((key, _)) if !key.all_offers().is_empty() => said::KEYED,
                _ if kind.has_deprecated() => said::WARNS,
                _ => 0,
            },
            _ => said::SEVERAL,
        };
        words | if self.attached { said::ATTACHED } else { 0 }
    }
}
