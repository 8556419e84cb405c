//! What a declaration is asked by whoever looks at one: the later stages, a page of one's own, a tool. Texts
//! and lists that were not declared are empty.

use std::ffi::OsStr;

use super::command::{Answer, Judge};
use super::param::Twin;
use super::path::At;
use super::refusal::Reason;
use super::rule::Sort;
use super::said::param as said;
use super::{
    Alone, Bundle, Command, Config, Feed, Held, Kind, Noun, Offer, Package, Param, Refers, Refusal,
    Role, Rule, Tail, Times, Wrong,
};
use crate::wording::Wording;

impl<'d> Command<'d> {
    /// The name it was declared with.
    pub const fn name(&self) -> &'d str {
        self.name
    }

    /// Its other names.
    pub const fn other_names(&self) -> &'d [&'d str] {
        self.aliases
    }

    /// Names that it had before.
    pub const fn former_names(&self) -> &'d [&'d str] {
        self.former
    }

    /// What it does, in a few words.
    pub const fn summary_text(&self) -> &'d str {
        self.summary
    }

    /// The longer description, in Markdown.
    pub const fn description_text(&self) -> &'d str {
        self.description
    }

    /// The version that it was declared with.
    pub const fn version_text(&self) -> &'d str {
        if self.version.is_empty() { self.package.version } else { self.version }
    }

    /// What the program's package says of itself.
    pub const fn package_details(&self) -> &Package<'d> {
        &self.package
    }

    /// The examples: what each does, and the line.
    pub const fn example_lines(&self) -> &'d [(&'d str, &'d str)] {
        self.examples
    }

    /// What the exit statuses mean that were declared.
    pub const fn status_meanings(&self) -> &'d [(u8, &'d str)] {
        self.statuses
    }

    /// The phrases that pages and faults below this root are made of.
    pub fn phrases(&self) -> &Wording<'_> {
        self.wording.unwrap_or(&Wording::ENGLISH)
    }

    /// Its own parameters; those of its bundles left aside.
    pub const fn own_params(&self) -> &'d [&'d Param<'d>] {
        self.params
    }

    /// Its own relations between parameters; those of its bundles left aside.
    pub const fn own_rules(&self) -> &'d [Rule<'d>] {
        self.rules
    }

    /// The subcommands, in the order declared.
    pub const fn subcommands(&self) -> &'d [&'d Command<'d>] {
        self.commands
    }

    /// The subcommand that is meant where none is named.
    pub const fn default_subcommand(&self) -> Option<&'d Command<'d>> {
        self.default_command
    }

    /// The bundles that it takes.
    pub const fn bundle_list(&self) -> &'d [&'d Bundle<'d>] {
        self.bundles
    }

    /// The config file, of a root.
    pub const fn config_file(&self) -> Option<&'d Config<'d>> {
        self.config
    }

    /// Whether it does something without a subcommand too.
    pub const fn is_acting(&self) -> bool {
        self.acts
    }

    /// Whether pages, fixes and completion leave it out.
    pub const fn is_hidden(&self) -> bool {
        self.hidden
    }

    /// Whether one of its operands takes words that are not read as others are.
    #[inline]
    pub const fn has_tail(&self, tail: Tail) -> bool {
        let tails = self.settled.tails;
        match tail {
            Tail::Raw => tails.raw,
            Tail::AfterDashes => tails.after_dashes,
            Tail::UnknownOptions => tails.unknown_options,
        }
    }

    /// The words that its operands need together.
    pub const fn fewest_operands(&self) -> u32 {
        self.settled.needs
    }

    /// Whether the words of an operand name a command of the program.
    pub const fn names_commands(&self) -> bool {
        self.settled.names_commands
    }

    /// Whether a parameter has names anew that a command above accepts throughout.
    pub const fn has_anew(&self) -> bool {
        self.settled.has_anew
    }

    /// Whether its operands end the options, there and below.
    pub const fn is_ending_options(&self) -> bool {
        self.operands_end
    }

    /// Whether unique beginnings of names mean the names, there and below.
    pub const fn is_abbreviating(&self) -> bool {
        self.abbreviations
    }

    /// Whether the library does its work: [`HELP`](crate::HELP) and [`COMPLETIONS`](crate::COMPLETIONS),
    /// as they come, or with another summary or more names.
    pub const fn is_standard(&self) -> bool {
        self.alone.is_some()
    }
}

impl<'d> Command<'d> {
    pub(crate) const fn alone(&self) -> Option<&'d dyn Alone> {
        self.alone
    }

    pub(crate) const fn answering(&self) -> Option<Answer> {
        self.answers
    }

    pub(crate) const fn judge(&self) -> Option<&'d Judge<'d>> {
        self.judge
    }

    /// What it lists as usual, if it does.
    pub(crate) const fn usual_list(&'d self) -> Option<&'d &'d [&'d Param<'d>]> {
        self.usual.as_ref()
    }
}

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
        self.form.kinds
    }

    /// How often it must and may be given; an operand, how many units it takes. With a default it need not be.
    pub const fn times(&self) -> Times {
        let Times { min, max } = self.times;
        Times { min: if self.default.is_some() { 0 } else { min }, max }
    }

    /// The extensions that a path may end in, without a dot; any where there are none.
    pub const fn extensions(&self) -> &'d [&'d str] {
        self.path.extensions
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
        self.form.many
    }

    /// Whether no value of a list may stand twice in it.
    pub const fn is_distinct(&self) -> bool {
        self.twin.is_some()
    }

    /// Whether a bare occurrence is one too: the value is attached or left out.
    pub const fn is_attached(&self) -> bool {
        self.form.attached
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

    /// Where a path must lead.
    pub(crate) const fn at(&self) -> At {
        self.path.at
    }

    pub(crate) const fn alone(&self) -> Option<&'d dyn Alone> {
        self.alone
    }

    #[cfg(feature = "serde")]
    pub(crate) const fn manner(&self) -> super::Manner {
        self.manner
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
        (self.form.fill)(cell, &mut Feed { first, words, equals, param: self, wrong });
    }
}

const fn letter(letter: u8) -> Option<char> {
    if letter == 0 { None } else { Some(letter as char) }
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

    pub(crate) const fn sort(&self) -> Sort {
        self.sort
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

    /// The kinds on both sides of the `=`, of a key and its value.
    pub const fn sides(&self) -> Option<(&'d Kind<'d>, &'d Kind<'d>)> {
        self.sides
    }

    /// Whether pages say what it is after the help of each parameter.
    pub const fn is_explained(&self) -> bool {
        self.explained
    }

    /// Whether some of its words are deprecated.
    pub const fn has_deprecated(&self) -> bool {
        self.has_deprecated
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

    /// What to type instead of one that is deprecated.
    pub const fn instead(&self) -> &'d str {
        self.instead
    }
}

impl<'d> Package<'d> {
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
