// Written from the rows in `tables/src/`. Change those, and run `UPDATE_EXPECT=1 cargo test -p clavret-tables`.

//! What setters say of a parameter: where it is kept, what asks for it and what writes it. A truth value is its
//! bit alone.

use super::{Param, Tail};
use crate::record::alone::Alone;
use crate::record::kind::Refers;
use crate::record::list::Lister;
use crate::record::settings::param as said;
use crate::record::test::Test;

/// What was given to setters.
#[derive(Clone, Copy)]
pub(super) struct SetValues<'d> {
    pub(super) aliases: &'d [&'d str],
    pub(super) formerly: &'d [&'d str],
    pub(super) help: &'d str,
    pub(super) description: &'d str,
    pub(super) deprecated: &'d str,
    pub(super) deprecated_since: &'d str,
    pub(super) deprecated_until: &'d str,
    pub(super) placeholder: &'d str,
    pub(super) default: Option<&'d str>,
    pub(super) valid: Option<&'d dyn Test>,
    pub(super) joined_by: Option<char>,
    pub(super) refers: Option<Refers>,
    pub(super) listed_by: Option<&'d dyn Lister>,
    pub(super) extensions: &'d [&'d str],
    pub(super) opposite: &'d str,
    pub(super) secret_file: &'d str,
    pub(super) variable: &'d str,
    pub(super) stands_alone: Option<&'d dyn Alone>,
    pub(super) tail: Option<Tail>,
}

impl SetValues<'_> {
    /// Nothing was.
    #[inline]
    pub(super) const fn nothing() -> Self {
        SetValues {
            aliases: &[],
            formerly: &[],
            help: "",
            description: "",
            deprecated: "",
            deprecated_since: "",
            deprecated_until: "",
            placeholder: "",
            default: None,
            valid: None,
            joined_by: None,
            refers: None,
            listed_by: None,
            extensions: &[],
            opposite: "",
            secret_file: "",
            variable: "",
            stands_alone: None,
            tail: None,
        }
    }
}

/// What a parameter is asked of its settings.
impl<'d> Param<'d> {
    /// Other names that mean the same; letters among them.
    pub const fn aliases(&self) -> &'d [&'d str] {
        self.given.aliases
    }

    /// Names that it had before: they read, with a warning.
    pub const fn former_names(&self) -> &'d [&'d str] {
        self.given.formerly
    }

    /// Whether every command below accepts it too.
    pub const fn is_throughout(&self) -> bool {
        self.said.has(said::THROUGHOUT)
    }

    /// Whether its name is meant to hide that of a parameter of a command above.
    pub const fn is_anew(&self) -> bool {
        self.said.has(said::ANEW)
    }

    /// What it means, in a few words without a full stop.
    pub const fn help(&self) -> &'d str {
        self.given.help
    }

    /// A longer description for the full page, in Markdown.
    pub const fn description(&self) -> &'d str {
        self.given.description
    }

    /// What to use instead: it is accepted, with a warning.
    pub const fn instead(&self) -> &'d str {
        self.given.deprecated
    }

    /// The version or the day from which on it is deprecated.
    pub const fn deprecated_since(&self) -> &'d str {
        self.given.deprecated_since
    }

    /// The version or the day in which it is removed.
    pub const fn deprecated_until(&self) -> &'d str {
        self.given.deprecated_until
    }

    /// The text shown for its value; of several words a text for each, spaces between.
    pub const fn declared_placeholder(&self) -> &'d str {
        self.given.placeholder
    }

    /// The value where none is given, as a user would type it.
    pub const fn default(&self) -> Option<&'d str> {
        self.given.default
    }

    /// Tests of its values, all of which must pass.
    pub(crate) const fn test(&self) -> Option<&'d dyn Test> {
        self.given.valid
    }

    /// Whether no value may be in the list twice.
    pub const fn is_distinct(&self) -> bool {
        self.said.has(said::DISTINCT)
    }

    /// A word may hold several values, with this character between them.
    pub const fn delimiter(&self) -> Option<char> {
        self.given.joined_by
    }

    /// What completion may look up.
    pub const fn declared_refers(&self) -> Option<Refers> {
        self.given.refers
    }

    /// What lists the values when the program runs.
    pub const fn list(&self) -> Option<&'d dyn Lister> {
        self.given.listed_by
    }

    /// Whether whole numbers read as source code has them too.
    pub const fn is_as_in_code(&self) -> bool {
        self.said.has(said::AS_IN_CODE)
    }

    /// Whether `nan`, `inf` and `-inf` read too.
    pub const fn is_infinite(&self) -> bool {
        self.said.has(said::INFINITE)
    }

    /// The path must end in one of these, written without a dot.
    pub const fn extensions(&self) -> &'d [&'d str] {
        self.given.extensions
    }

    /// A name that turns it off.
    pub const fn opposite(&self) -> &'d str {
        self.given.opposite
    }

    /// Whether a word may be attached that says which: `--calm=no`.
    pub const fn is_worded(&self) -> bool {
        self.said.has(said::WORDED)
    }

    /// The name of the option that takes a file whose first line is the secret.
    pub const fn file_name(&self) -> &'d str {
        self.given.secret_file
    }

    /// An environment variable that gives the value where no word does.
    pub const fn variable(&self) -> &'d str {
        self.given.variable
    }

    /// Whether a second time is a fault.
    pub const fn is_once(&self) -> bool {
        self.said.has(said::ONCE)
    }

    /// What is printed where it is given; nothing else is needed then.
    pub const fn alone(&self) -> Option<&'d dyn Alone> {
        self.given.stands_alone
    }

    /// Words that are not read as others are.
    pub const fn tail(&self) -> Option<Tail> {
        self.given.tail
    }
}

/// What setters write.
impl<'d> Param<'d> {
    #[inline]
    pub(crate) const fn set_aliases(&mut self, aliases: &'d [&'d str]) {
        self.given.aliases = aliases;
    }

    #[inline]
    pub(crate) const fn set_formerly(&mut self, formerly: &'d [&'d str]) {
        self.given.formerly = formerly;
    }

    #[inline]
    pub(crate) const fn set_help(&mut self, help: &'d str) {
        self.given.help = help;
    }

    #[inline]
    pub(crate) const fn set_description(&mut self, description: &'d str) {
        self.given.description = description;
    }

    #[inline]
    pub(crate) const fn set_deprecated(&mut self, deprecated: &'d str) {
        self.given.deprecated = deprecated;
    }

    #[inline]
    pub(crate) const fn set_deprecated_since(&mut self, deprecated_since: &'d str) {
        self.given.deprecated_since = deprecated_since;
    }

    #[inline]
    pub(crate) const fn set_deprecated_until(&mut self, deprecated_until: &'d str) {
        self.given.deprecated_until = deprecated_until;
    }

    #[inline]
    pub(crate) const fn set_placeholder(&mut self, placeholder: &'d str) {
        self.given.placeholder = placeholder;
    }

    #[inline]
    pub(crate) const fn set_default(&mut self, default: &'d str) {
        self.given.default = Some(default);
    }

    #[inline]
    pub(crate) const fn set_valid(&mut self, valid: &'d dyn Test) {
        self.given.valid = Some(valid);
    }

    #[inline]
    pub(crate) const fn set_joined_by(&mut self, joined_by: char) {
        self.given.joined_by = Some(joined_by);
    }

    #[inline]
    pub(crate) const fn set_refers(&mut self, refers: Refers) {
        self.given.refers = Some(refers);
    }

    #[inline]
    pub(crate) const fn set_listed_by(&mut self, listed_by: &'d dyn Lister) {
        self.given.listed_by = Some(listed_by);
    }

    #[inline]
    pub(crate) const fn set_extensions(&mut self, extensions: &'d [&'d str]) {
        self.given.extensions = extensions;
    }

    #[inline]
    pub(crate) const fn set_opposite(&mut self, opposite: &'d str) {
        self.given.opposite = opposite;
    }

    #[inline]
    pub(crate) const fn set_secret_file(&mut self, secret_file: &'d str) {
        self.given.secret_file = secret_file;
    }

    #[inline]
    pub(crate) const fn set_variable(&mut self, variable: &'d str) {
        self.given.variable = variable;
    }

    #[inline]
    pub(crate) const fn set_stands_alone(&mut self, stands_alone: &'d dyn Alone) {
        self.given.stands_alone = Some(stands_alone);
    }

    #[inline]
    pub(crate) const fn set_tail(&mut self, tail: Tail) {
        self.given.tail = Some(tail);
    }
}
