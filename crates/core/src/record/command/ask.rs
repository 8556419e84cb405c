//! What the stages ask a command; `declaration.rs` has what anybody may ask.

use std::borrow::Cow;

use crate::record::alone::Alone;
use crate::record::brought::{Abbreviated, Abbreviates, Judged};
use crate::record::brought::{Brought, Checks};
use crate::record::command::Settled;
use crate::record::command::{Bundle, Command, Judge};
use crate::record::config::Config;
use crate::record::deprecated::Deprecated;
use crate::record::param::{Param, Tail};
use crate::record::rule::Rule;
use crate::record::said::SETTERS;
use crate::record::said::Said;
use crate::wording::Wording;

impl<'d> Command<'d> {
    /// The name it was declared with.
    pub(crate) const fn name(&self) -> &'d str {
        self.name
    }

    /// Names that it had before.
    pub(crate) const fn former_names(&self) -> &'d [&'d str] {
        self.former
    }

    /// The same as pages have it: where none was declared, in the words of what the command gives.
    pub(crate) fn told_summary(&self, wording: &Wording<'_>) -> Cow<'d, str> {
        match self.alone {
            Some(alone) if self.summary.is_empty() => alone.help(&[], wording).into(),
            _ => self.summary.into(),
        }
    }

    /// The phrases that pages and faults below this root are made of.
    pub(crate) fn phrases(&self) -> &Wording<'_> {
        self.wording.unwrap_or(&Wording::ENGLISH)
    }

    /// Its own parameters; those of its bundles left aside.
    pub(crate) const fn own_params(&self) -> &'d [&'d Param<'d>] {
        self.params
    }

    /// Its own relations between parameters; those of its bundles left aside.
    pub(crate) const fn own_rules(&self) -> &'d [Rule<'d>] {
        self.rules
    }

    /// The subcommands, in the order declared.
    pub(crate) const fn subcommands(&self) -> &'d [&'d Command<'d>] {
        self.commands
    }

    /// The subcommand that is meant where none is named.
    pub(crate) const fn default_subcommand(&self) -> Option<&'d Command<'d>> {
        self.default_command
    }

    /// The bundles that it takes.
    pub(crate) const fn bundle_list(&self) -> &'d [&'d Bundle<'d>] {
        self.bundles
    }

    /// The config file, of a root.
    pub(crate) const fn config_file(&self) -> Option<&'d Config<'d>> {
        self.config
    }

    /// Whether it does something without a subcommand too.
    pub(crate) const fn is_acting(&self) -> bool {
        self.acts
    }

    /// Whether pages, fixes and completion leave it out.
    pub(crate) const fn is_hidden(&self) -> bool {
        self.hidden || self.deprecated.is_so()
    }

    /// Whether it is hidden for another reason than that it is deprecated.
    pub(crate) const fn is_declared_hidden(&self) -> bool {
        self.hidden
    }

    pub(crate) const fn deprecation(&self) -> Deprecated<'d> {
        self.deprecated
    }

    /// Whether one of its operands takes words that are not read as others are.
    #[inline]
    pub(crate) const fn has_tail(&self, tail: Tail) -> bool {
        let tails = self.settled.tails;
        match tail {
            Tail::Raw => tails.raw,
            Tail::AfterDashes => tails.after_dashes,
            Tail::UnknownOptions => tails.unknown_options,
        }
    }

    /// The words that its operands need together.
    pub(crate) const fn fewest_operands(&self) -> u32 {
        self.settled.needs
    }

    /// Whether the words of an operand name a command of the program.
    pub(crate) const fn names_commands(&self) -> bool {
        self.settled.names_commands
    }

    /// Whether a parameter has names anew that a command above accepts throughout.
    pub(crate) const fn has_anew(&self) -> bool {
        self.settled.has_anew
    }

    /// Whether its operands end the options, there and below.
    pub(crate) const fn is_ending_options(&self) -> bool {
        self.operands_end
    }

    /// What reads unique beginnings of names, where those mean the names there and below.
    pub(crate) const fn abbreviates(&self) -> Option<&'static Abbreviates> {
        self.abbreviates
    }

    /// Of which names unique beginnings mean the names, there and below.
    pub(crate) const fn abbreviated(&self) -> Option<Abbreviated> {
        match self.abbreviates {
            Some(abbreviates) => Some(abbreviates.of),
            None => None,
        }
    }

    /// Whether the library does its work: [`HELP_COMMAND`](crate::HELP_COMMAND), the command for completions,
    /// as they come, or with another summary or more names.
    pub(crate) const fn is_standard(&self) -> bool {
        self.alone.is_some()
    }

    /// What it gives, where that is the library's work.
    pub(crate) const fn alone(&self) -> Option<&'d dyn Alone> {
        self.alone
    }

    /// What was declared as usual.
    pub(crate) const fn declared_usual(&self) -> Option<&'d [&'d Param<'d>]> {
        self.usual
    }

    /// The setters that were called.
    #[inline]
    pub(crate) fn setters(&self) -> impl Iterator<Item = &'static str> {
        self.said.names(SETTERS[1])
    }

    /// Whether the program answers requests.
    pub(crate) const fn is_answering(&self) -> bool {
        self.answers
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

    /// What looks at a tree that was made at run time before it is run.
    #[inline]
    pub(crate) const fn checks(&self) -> Option<Checks> {
        self.checked
    }

    /// Whether it was to have the subcommands of another command, which has none.
    #[inline]
    pub(crate) const fn is_childless(&self) -> bool {
        self.childless
    }

    /// What follows from what it takes.
    #[inline]
    pub(crate) const fn settled(&self) -> &Settled {
        &self.settled
    }

    /// What its parameters bring along.
    #[inline]
    pub(crate) const fn brought(&self) -> &Brought {
        &self.settled.brought
    }

    pub(crate) const fn judge(&self) -> Option<(&'d Judge<'d>, Judged)> {
        self.judge
    }

    /// What it lists as usual, if it does.
    pub(crate) const fn usual_list(&'d self) -> Option<&'d &'d [&'d Param<'d>]> {
        self.usual.as_ref()
    }
}
