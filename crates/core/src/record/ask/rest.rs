//! What the kinds of values, rules, bundles and the like are asked.

use crate::record::command::Bundle;
use crate::record::config::Config;
use crate::record::kind::{Kind, Noun, Offer, Refers};
use crate::record::package::Package;
use crate::record::param::Param;
use crate::record::refusal::{Reason, Refusal};
use crate::record::rule::{Relation, Rule};
use crate::record::standard::Standard;
use crate::text::kept::Kept;
use crate::wording::{Speech, Wording};

impl<'d> Config<'d> {
    /// The name below the folders where such files are.
    #[inline]
    pub const fn file(&self) -> &'d str {
        self.file
    }
}

impl<'d> Bundle<'d> {
    /// What pages head it with.
    pub const fn heading(&self) -> &'d str {
        self.heading
    }

    /// Its parameters.
    pub const fn params(&self) -> &'d [&'d Param<'d>] {
        self.params
    }

    /// Relations between its parameters.
    pub const fn relations(&self) -> &'d [Rule<'d>] {
        self.rules
    }
}

impl<'d> Config<'d> {
    /// The option that names another file.
    pub const fn option_param(&self) -> Option<&'d Param<'d>> {
        self.option
    }
}

impl Refusal {
    pub(crate) fn into_reason(self) -> Reason {
        self.reason
    }
}

impl<'d> Rule<'d> {
    /// Its members.
    pub const fn members(&self) -> &'d [&'d Param<'d>] {
        self.members
    }

    /// What it asks for of the members, and the value that this depends on.
    pub const fn when(&self) -> Option<(&'d Param<'d>, &'d str)> {
        self.when
    }

    /// The constructor that it was made by: `only_one`, say.
    pub fn name(&self) -> &'static str {
        self.relation.name()
    }

    /// Whether it says what may not be given together.
    pub fn forbids(&self) -> bool {
        self.relation.excludes()
    }

    pub(crate) const fn relation(&self) -> &'d dyn Relation {
        self.relation
    }
}

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

    /// The words that it may be, deprecated ones among them, if they are a closed list.
    pub const fn all_offers(&self) -> &'d [Offer<'d>] {
        self.offers
    }

    /// What a word of it may be, as a fault says it.
    #[doc(hidden)]
    pub fn wanted(&self, wording: &Wording<'_>) -> String {
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
    /// The word.
    pub const fn name(&self) -> &'d str {
        self.name
    }

    /// What it means.
    pub const fn told_help(&self) -> &'d str {
        self.help
    }

    /// What to type instead of one that is deprecated.
    pub const fn instead(&self) -> &'d str {
        self.instead
    }

    /// What the value may be where the word is the key of an entry, if that is said.
    pub const fn kind_of_value(&self) -> Option<&'d Kind<'d>> {
        self.value
    }
}

impl<'d> Package<'d> {
    /// The version.
    pub const fn version(&self) -> &'d str {
        self.version
    }

    /// What the binary is called.
    pub const fn binary_name(&self) -> &'d str {
        self.binary
    }

    /// Who wrote it, a colon between.
    pub const fn author_list(&self) -> &'d str {
        self.authors
    }

    /// Where it is told of.
    pub const fn home(&self) -> &'d str {
        self.page
    }

    /// What it is licensed under.
    pub const fn licence_name(&self) -> &'d str {
        self.licence
    }
}
