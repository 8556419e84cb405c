//! What the kinds of values, rules, bundles and the like are asked.

use crate::declare::refusal::Reason;
use crate::declare::rule::Relation;
use crate::declare::{
    Bundle, Config, Kind, Noun, Offer, Package, Param, Refers, Refusal, Rule, Standard,
};

impl<'d> Bundle<'d> {
    /// What pages head it with.
    #[inline]
    pub const fn heading(&self) -> &'d str {
        self.heading
    }

    /// Its parameters.
    #[inline]
    pub const fn params(&self) -> &'d [&'d Param<'d>] {
        self.params
    }

    /// Relations between its parameters.
    #[inline]
    pub const fn relations(&self) -> &'d [Rule<'d>] {
        self.rules
    }
}

impl<'d> Config<'d> {
    /// The option that names another file.
    #[inline]
    pub const fn option_param(&self) -> Option<&'d Param<'d>> {
        self.option
    }
}

impl Refusal {
    #[inline]
    pub(crate) fn into_reason(self) -> Reason {
        self.reason
    }
}

impl<'d> Rule<'d> {
    /// Its members.
    #[inline]
    pub const fn members(&self) -> &'d [&'d Param<'d>] {
        self.members
    }

    /// What it asks for of the members, and the value that this depends on.
    #[inline]
    pub const fn when(&self) -> Option<(&'d Param<'d>, &'d str)> {
        self.when
    }

    /// The constructor that it was made by: `only_one`, say.
    #[inline]
    pub fn name(&self) -> &'static str {
        self.relation.name()
    }

    /// Whether it says what may not be given together.
    #[inline]
    pub fn forbids(&self) -> bool {
        self.relation.excludes()
    }

    #[inline]
    pub(crate) const fn relation(&self) -> &'d dyn Relation {
        self.relation
    }
}

impl<'d> Kind<'d> {
    /// What completion may look up for it.
    #[inline]
    pub const fn looks_up(&self) -> Refers {
        self.refers
    }

    /// What it is called.
    #[inline]
    pub const fn noun(&self) -> Noun<'d> {
        self.noun
    }

    /// The smallest and the largest value that the Rust type holds, for a number beyond them.
    #[inline]
    pub const fn bounds(&self) -> Option<[&'d str; 2]> {
        self.limits
    }

    /// The words that it may be, deprecated ones among them, if they are a closed list.
    #[inline]
    pub const fn all_offers(&self) -> &'d [Offer<'d>] {
        self.offers
    }

    /// The kinds on both sides of the `=`, of a key and its value.
    #[inline]
    pub const fn sides(&self) -> Option<(&'d Kind<'d>, &'d Kind<'d>)> {
        self.sides
    }

    /// Whether pages say what it is after the help of each parameter.
    #[inline]
    pub const fn is_explained(&self) -> bool {
        self.explained
    }

    /// Which of the library's own types it is of.
    #[inline]
    pub const fn standard(&self) -> Option<Standard> {
        self.standard
    }

    /// Whether nobody here knows what is accepted.
    #[inline]
    pub const fn is_unchecked(&self) -> bool {
        self.unchecked
    }

    /// Whether a word may be a negative number.
    #[inline]
    pub const fn is_negative(&self) -> bool {
        self.negative
    }

    /// Whether some of its words are deprecated.
    #[inline]
    pub const fn has_deprecated(&self) -> bool {
        self.has_deprecated
    }

    /// Whether it says when to colour what is printed.
    #[inline]
    pub const fn is_painting(&self) -> bool {
        self.paints
    }
}

impl<'d> Offer<'d> {
    /// The word.
    #[inline]
    pub const fn name(&self) -> &'d str {
        self.name
    }

    /// What it means.
    #[inline]
    pub const fn told_help(&self) -> &'d str {
        self.help
    }

    /// What to type instead of one that is deprecated.
    #[inline]
    pub const fn instead(&self) -> &'d str {
        self.instead
    }
}

impl<'d> Package<'d> {
    /// The version.
    #[inline]
    pub const fn version(&self) -> &'d str {
        self.version
    }

    /// What the binary is called.
    #[inline]
    pub const fn binary_name(&self) -> &'d str {
        self.binary
    }

    /// Who wrote it, a colon between.
    #[inline]
    pub const fn author_list(&self) -> &'d str {
        self.authors
    }

    /// Where it is told of.
    #[inline]
    pub const fn home(&self) -> &'d str {
        self.page
    }

    /// What it is licensed under.
    #[inline]
    pub const fn licence_name(&self) -> &'d str {
        self.licence
    }
}
