//! What a parameter is asked beside what its setters were given, which `settings.rs` has.

use std::ffi::OsStr;

use crate::record::cell::Held;
use crate::record::deprecated::Deprecated;
use crate::record::form::Form;
use crate::record::kind::{Feed, Kind, Wrong};
use crate::record::param::{Manner, Param, Role, Times, Twin};
use crate::record::path::At;
use crate::record::said::SETTERS;
use crate::record::said::Said;
use crate::record::settings::param as said;
use crate::wording::Wording;

impl<'d> Param<'d> {
    /// The name it was declared with, without dashes.
    pub const fn name(&self) -> &'d str {
        self.name
    }

    /// What it is on the command line.
    pub const fn role(&self) -> Role {
        self.role
    }

    /// The letter that it is called by.
    pub const fn letter(&self) -> Option<char> {
        letter(self.letter)
    }

    /// The letter of the same.
    pub const fn opposite_letter(&self) -> Option<char> {
        letter(self.opposite_letter)
    }

    /// The kinds of the words that one occurrence takes; none for flags and tallies.
    pub const fn kinds(&self) -> &'d [&'d Kind<'d>] {
        self.form.kinds()
    }

    /// How often it must and may be given; an operand, how many units it takes. With a default it need not be.
    pub const fn times(&self) -> Times {
        let Times { min, max } = self.times;
        Times { min: if self.said.has(said::DEFAULT) { 0 } else { min }, max }
    }

    /// Whether pages, fixes and completion leave it out: it is hidden or deprecated.
    pub const fn is_hidden(&self) -> bool {
        self.said.has(said::HIDDEN) || self.is_deprecated()
    }

    /// Whether it is accepted with a warning.
    pub const fn is_deprecated(&self) -> bool {
        self.said.has(said::DEPRECATED | said::DEPRECATED_SINCE | said::DEPRECATED_UNTIL)
    }

    pub(crate) const fn deprecation(&self) -> Deprecated<'d> {
        let (instead, since, until) =
            (self.instead(), self.deprecated_since(), self.deprecated_until());
        Deprecated { instead, since, until }
    }

    /// Whether it is shown as dots.
    pub const fn is_secret(&self) -> bool {
        self.said.has(said::SECRET | said::SECRET_FILE)
    }

    /// Whether it has several values.
    pub const fn is_list(&self) -> bool {
        self.form.is_many()
    }

    /// Whether a bare occurrence is one too: the value is attached or left out.
    pub const fn is_attached(&self) -> bool {
        self.form.is_attached()
    }

    /// Whether nothing is needed beside it, and it is answered in the place of its command.
    pub const fn stands_alone(&self) -> bool {
        self.said.has(said::STANDS_ALONE)
    }

    /// What a name of it means, dashes included, where no help was declared: in the words of what it gives.
    pub fn told_help(&self, name: &str, wording: &Wording<'_>) -> String {
        self.alone().map_or_else(String::new, |alone| alone.help(&[name.to_owned()], wording))
    }

    /// Whether there is more to a value than its kind.
    pub fn has_tests(&self) -> bool {
        self.validators().next().is_some() || !self.extensions().is_empty()
    }

    /// Where a path must lead.
    pub(crate) const fn at(&self) -> At {
        match self.said {
            said if said.has(said::PRESENT) => At::Something,
            said if said.has(said::ABSENT) => At::Nothing,
            said if said.has(said::FILE) => At::File,
            said if said.has(said::DIRECTORY) => At::Directory,
            _ => At::Anything,
        }
    }

    /// Whether its words convert by their kinds alone, as those of a form that is made at run time do.
    pub const fn converts_by_kind(&self) -> bool {
        self.form.is_by_kind()
    }

    /// The setters that were called.
    #[inline]
    pub(crate) fn setters(&self) -> impl Iterator<Item = &'static str> {
        self.said.names(SETTERS[0])
    }

    /// Whether it takes one value, and may go without it.
    pub const fn is_optional(&self) -> bool {
        !self.form.is_needed() && !self.form.is_many() && !self.form.is_attached()
    }

    pub(crate) const fn manner(&self) -> Manner {
        Manner(self.said)
    }

    /// How many words it has, and of which kinds.
    #[inline]
    pub(crate) const fn form(&self) -> &'d Form<'d> {
        self.form
    }

    /// Which setters were called.
    #[inline]
    pub(crate) const fn said(&self) -> Said {
        self.said
    }

    /// Whether it was made at run time.
    #[inline]
    pub(crate) const fn is_draft(&self) -> bool {
        self.draft
    }

    /// The hash of its name.
    #[inline]
    pub(crate) const fn hash(&self) -> u32 {
        self.hash
    }

    /// Its letter, and that of its opposite; 0 where there is none.
    #[inline]
    pub(crate) const fn letter_bytes(&self) -> [u8; 2] {
        [self.letter, self.opposite_letter]
    }

    /// Letters as they were declared that are none: its own, and the opposite's.
    #[inline]
    pub(crate) const fn no_letters(&self) -> [Option<char>; 2] {
        self.no_letters
    }

    pub(crate) const fn twin(&self) -> Option<Twin> {
        self.twin
    }

    /// Converts the words of an occurrence; `first` is the place of the first of them among all of the
    /// parameter's, `equals` where an entry is parted if not at its first sign.
    #[inline]
    pub(crate) fn fill(
        &self,
        cell: &mut Held,
        (first, words, equals): (usize, &[&OsStr], Option<usize>),
        wrong: &mut Vec<Wrong>,
    ) {
        (self.form.filler())(cell, &mut Feed { first, words, equals, param: self, wrong });
    }
}

const fn letter(letter: u8) -> Option<char> {
    if letter == 0 { None } else { Some(letter as char) }
}
