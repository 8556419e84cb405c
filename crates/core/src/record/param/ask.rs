//! What a parameter is asked.

use std::ffi::OsStr;

use crate::record::alone::Alone;
use crate::record::cell::Held;
use crate::record::form::Form;
use crate::record::kind::{Feed, Kind, Refers, Wrong};
use crate::record::list::Lister;
use crate::record::param::{Manner, Param, Role, Tail, Times, Twin};
use crate::record::path::At;
use crate::record::said::Said;
use crate::record::said::{SETTERS, param as said};
use crate::record::test::Test;
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

    /// The name that turns a flag off.
    pub const fn opposite(&self) -> &'d str {
        self.opposite
    }

    /// The letter of the same.
    pub const fn opposite_letter(&self) -> Option<char> {
        letter(self.opposite_letter)
    }

    /// Its other names, letters among them.
    pub const fn aliases(&self) -> &'d [&'d str] {
        self.aliases
    }

    /// Names that it had before.
    pub const fn former_names(&self) -> &'d [&'d str] {
        self.former
    }

    /// What it means, in a line.
    pub const fn help(&self) -> &'d str {
        self.help
    }

    /// The longer description, in Markdown.
    pub const fn description(&self) -> &'d str {
        self.description
    }

    /// The value when it is not given, as a user would type it.
    pub const fn default(&self) -> Option<&'d str> {
        self.default
    }

    /// The environment variable that stands in for it.
    pub const fn variable(&self) -> &'d str {
        self.variable
    }

    /// The name of a secret's option that takes a file.
    pub const fn file_name(&self) -> &'d str {
        self.file_name
    }

    /// What to type instead of one that is deprecated.
    pub const fn instead(&self) -> &'d str {
        self.instead
    }

    /// What parts the values within a word.
    pub const fn delimiter(&self) -> Option<char> {
        self.delimiter
    }

    /// Which words an operand takes that are not read as others are.
    pub const fn tail(&self) -> Option<Tail> {
        self.tail
    }

    /// The kinds of the words that one occurrence takes; none for flags and tallies.
    pub const fn kinds(&self) -> &'d [&'d Kind<'d>] {
        self.form.kinds()
    }

    /// How often it must and may be given; an operand, how many units it takes. With a default it need not be.
    pub const fn times(&self) -> Times {
        let Times { min, max } = self.times;
        Times { min: if self.default.is_some() { 0 } else { min }, max }
    }

    /// The extensions that a path may end in, without a dot; any where there are none.
    pub const fn extensions(&self) -> &'d [&'d str] {
        self.extensions
    }

    /// Whether commands below its own accept it too.
    pub const fn is_throughout(&self) -> bool {
        self.throughout
    }

    /// Whether it has its names again, which a command above it accepts throughout.
    pub const fn is_anew(&self) -> bool {
        self.said.has(said::ANEW)
    }

    /// Whether pages, fixes and completion leave it out: it is hidden or deprecated.
    pub const fn is_hidden(&self) -> bool {
        self.hidden || !self.instead.is_empty()
    }

    /// What lists its values at run time.
    pub const fn list(&self) -> Option<&'d dyn Lister> {
        self.list
    }

    /// Whether it is shown as dots.
    pub const fn is_secret(&self) -> bool {
        self.secret
    }

    /// Whether it may be given once, and not again.
    pub const fn is_once(&self) -> bool {
        self.said.has(said::ONCE)
    }

    /// Whether it has several values.
    pub const fn is_list(&self) -> bool {
        self.form.is_many()
    }

    /// Whether no value of a list may stand twice in it.
    pub const fn is_distinct(&self) -> bool {
        self.twin.is_some()
    }

    /// Whether a bare occurrence is one too: the value is attached or left out.
    pub const fn is_attached(&self) -> bool {
        self.form.is_attached()
    }

    /// Whether a flag may have a word of truth attached.
    pub const fn is_worded(&self) -> bool {
        self.worded
    }

    /// Whether whole numbers read as source code has them too.
    pub const fn is_as_in_code(&self) -> bool {
        self.manner.code
    }

    /// Whether numbers may be infinite, or none.
    pub const fn is_infinite(&self) -> bool {
        self.manner.infinite
    }

    /// Whether nothing is needed beside it, and it is answered in the place of its command.
    pub const fn stands_alone(&self) -> bool {
        self.alone.is_some()
    }

    /// What a name of it means, dashes included, where no help was declared: in the words of what it gives.
    pub fn told_help(&self, name: &str, wording: &Wording<'_>) -> String {
        self.alone.map_or_else(String::new, |alone| alone.help(&[name.to_owned()], wording))
    }

    /// Whether there is more to a value than its kind.
    pub fn has_tests(&self) -> bool {
        self.validators().next().is_some() || !self.extensions().is_empty()
    }

    /// Where a path must lead.
    pub(crate) const fn at(&self) -> At {
        self.at
    }

    /// What is printed where it is given, if it [stands alone](Self::stands_alone).
    pub const fn alone(&self) -> Option<&'d dyn Alone> {
        self.alone
    }

    /// Whether it was declared hidden; one that is deprecated need not be.
    pub const fn is_declared_hidden(&self) -> bool {
        self.hidden
    }

    /// The text for its value that was declared.
    pub const fn declared_placeholder(&self) -> &'d str {
        self.placeholder
    }

    /// What completion may look up for its values, where that was declared.
    pub const fn declared_refers(&self) -> Option<Refers> {
        self.refers
    }

    /// The setter that says what must be at a path: `present`, `absent`, `file` or `directory`.
    pub const fn declared_place(&self) -> Option<&'static str> {
        match self.said.first(said::PLACES) {
            Some(at) => Some(said::NAMES[at]),
            None => None,
        }
    }

    /// Whether its words convert by their kinds alone, as those of a form that is made at run time do.
    pub const fn converts_by_kind(&self) -> bool {
        self.form.is_by_kind()
    }

    /// The setters that were called.
    #[doc(hidden)]
    #[inline]
    pub fn setters(&self) -> impl Iterator<Item = &'static str> {
        self.said.names(SETTERS[0])
    }

    /// Whether it takes one value, and may go without it.
    pub const fn is_optional(&self) -> bool {
        !self.form.is_needed() && !self.form.is_many() && !self.form.is_attached()
    }

    pub(crate) const fn manner(&self) -> Manner {
        self.manner
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

    /// What its values are put to.
    #[inline]
    pub(crate) const fn test(&self) -> Option<&'d dyn Test> {
        self.test
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
