//! What a command declares, for whoever asks: plain nouns beside the setters that said it.

use std::borrow::Cow;

use crate::record::alone::Alone;
use crate::record::brought::Abbreviated;
use crate::record::command::{Bundle, Command, Tree};
use crate::record::config::Config;
use crate::record::deprecated::Deprecated;
use crate::record::package::Package;
use crate::record::param::{Param, Tail};
use crate::record::rule::Rule;
use crate::wording::Wording;

/// What a command declares, asked of it by [`Command::ask`].
///
/// ```
/// # use clavret_core as clavret;
/// use clavret::{Command, Flag};
/// static CALM: Flag = Flag::new("calm").letter('c');
/// static INSPECT: Command = Command::new("inspect").summary("record an inspection").takes(&[CALM.param()]);
///
/// assert_eq!(INSPECT.ask().summary(), "record an inspection");
/// assert_eq!(INSPECT.ask().params().count(), 1);
/// ```
#[derive(Debug, Clone, Copy)]
pub struct Declaration<'c, 'd>(&'c Command<'d>);

impl<'d> Command<'d> {
    /// What it declares: names, texts, parameters, subcommands.
    #[inline]
    pub const fn ask(&self) -> Declaration<'_, 'd> {
        Declaration(self)
    }
}

impl<'c, 'd> Declaration<'c, 'd> {
    /// The name that the command is called by.
    pub const fn name(self) -> &'d str {
        self.0.name()
    }

    /// What a program is called whose root it is: by its name; as the binary of its package where that is a
    /// type's or a function's.
    pub const fn program_name(self) -> &'d str {
        self.0.program_name()
    }

    /// Other names that the command is called by: its [aliases](Command::aliases).
    pub const fn aliases(self) -> &'d [&'d str] {
        self.0.aliases
    }

    /// Names that the command had [before](Command::formerly).
    pub const fn former_names(self) -> &'d [&'d str] {
        self.0.former_names()
    }

    /// What is said of a deprecated command: what to use instead, since when it is deprecated, and when it is removed. Each is empty
    /// where that is not said.
    pub const fn deprecated(self) -> [&'d str; 3] {
        let Deprecated { instead, since, until } = self.0.deprecation();
        [instead, since, until]
    }

    /// What the command does, in a few words, as it was declared.
    pub const fn summary(self) -> &'d str {
        self.0.summary
    }

    /// The summary that pages have: where none was declared, that of what the command gives, such as a page.
    pub fn shown_summary(self, wording: &Wording<'_>) -> Cow<'d, str> {
        self.0.told_summary(wording)
    }

    /// The description, in Markdown.
    pub const fn description(self) -> &'d str {
        self.0.description
    }

    /// The version that pages show: the command's own, else that of its package.
    pub const fn version(self) -> &'d str {
        if self.0.version.is_empty() { self.0.package.version() } else { self.0.version }
    }

    /// The version that was declared apart from the package.
    pub const fn own_version(self) -> &'d str {
        self.0.version
    }

    /// What the program's package says of itself.
    pub const fn package(self) -> &'c Package<'d> {
        &self.0.package
    }

    /// The examples: what each does, and its line.
    pub const fn examples(self) -> &'d [(&'d str, &'d str)] {
        self.0.examples
    }

    /// What exit statuses mean, as far as was declared.
    pub const fn statuses(self) -> &'d [(u8, &'d str)] {
        self.0.statuses
    }

    /// The phrases of pages and faults below this root: those declared, else the English ones.
    pub fn wording(self) -> &'c Wording<'c> {
        self.0.phrases()
    }

    /// The phrases that were declared, if any.
    pub const fn own_wording(self) -> Option<&'d Wording<'d>> {
        self.0.wording
    }

    /// All parameters of the command, in the order declared: its own, then those of its bundles.
    pub fn params(self) -> impl Iterator<Item = &'d Param<'d>> + use<'d> {
        self.0.params()
    }

    /// The parameters of the command itself, without those of its bundles.
    pub const fn own_params(self) -> &'d [&'d Param<'d>] {
        self.0.own_params()
    }

    /// The operands that take words by their position, in the order in which they are typed.
    pub fn operands(self) -> impl Iterator<Item = &'d Param<'d>> + 'd {
        self.0.operands()
    }

    /// All rules between its parameters: its own, then those of its bundles.
    pub fn rules(self) -> impl Iterator<Item = &'d Rule<'d>> + use<'d> {
        self.0.relations()
    }

    /// The rules of the command itself, without those of its bundles.
    pub const fn own_rules(self) -> &'d [Rule<'d>] {
        self.0.own_rules()
    }

    /// The bundles that the command takes.
    pub const fn bundles(self) -> &'d [&'d Bundle<'d>] {
        self.0.bundle_list()
    }

    /// The subcommands, in the order declared.
    pub const fn subcommands(self) -> &'d [&'d Command<'d>] {
        self.0.subcommands()
    }

    /// The subcommand that is called by a word: by its name, an alias or a former name.
    pub fn subcommand(self, word: &[u8]) -> Option<&'d Command<'d>> {
        self.0.subcommand(word)
    }

    /// The subcommand that runs where none is named.
    pub const fn default_command(self) -> Option<&'d Command<'d>> {
        self.0.default_subcommand()
    }

    /// The command and all below it, each before those below it, in the order declared; with each how many levels it is
    /// below this one.
    ///
    /// ```
    /// # use clavret_core as clavret;
    /// use clavret::Command;
    /// static ADD: Command = Command::new("add");
    /// static HIVE: Command = Command::new("hive").commands(&[&ADD]);
    /// static APIARY: Command = Command::new("apiary").commands(&[&HIVE]);
    /// let names: Vec<_> = APIARY.ask().tree().map(|(depth, command)| (depth, command.ask().name())).collect();
    /// assert_eq!(names, [(0, "apiary"), (1, "hive"), (2, "add")]);
    /// ```
    pub fn tree(self) -> Tree<'c, 'd> {
        self.0.tree()
    }

    /// The config file, of a root.
    pub const fn config(self) -> Option<&'d Config<'d>> {
        self.0.config_file()
    }

    /// The parameters that were declared as [usual](Command::usual).
    pub const fn usual(self) -> Option<&'d [&'d Param<'d>]> {
        self.0.declared_usual()
    }

    /// What the command gives, where it [stands alone](Command::stands_alone): no handler runs.
    pub const fn alone(self) -> Option<&'d dyn Alone> {
        self.0.alone()
    }

    /// Of which names unique beginnings are accepted, there and below.
    pub const fn abbreviations(self) -> Option<Abbreviated> {
        self.0.abbreviated()
    }

    /// Whether the command does something without a subcommand too.
    pub const fn is_acting(self) -> bool {
        self.0.is_acting()
    }

    /// Whether the program answers requests, such as those of completion scripts.
    pub const fn is_answering(self) -> bool {
        self.0.is_answering()
    }

    /// Whether operands end the options, there and below.
    pub const fn is_ending_options(self) -> bool {
        self.0.is_ending_options()
    }

    /// Whether pages, fixes and completion leave the command out.
    pub const fn is_hidden(self) -> bool {
        self.0.is_hidden()
    }

    /// Whether a test of the program's own judges each reading.
    pub const fn is_judged(self) -> bool {
        self.0.judge.is_some()
    }

    /// Whether one of its operands takes words of that tail.
    pub const fn has_tail(self, tail: Tail) -> bool {
        self.0.has_tail(tail)
    }

    /// Whether words of an operand name a command of the program.
    pub const fn names_commands(self) -> bool {
        self.0.names_commands()
    }
}
