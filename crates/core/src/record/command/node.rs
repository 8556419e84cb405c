//! What a command is asked: by a developer for what was declared, by the later stages for what a word
//! may mean.

use std::fmt;

use crate::record::command::{Bundled, Command};
use crate::record::param::Param;
use crate::record::rule::Rule;
use crate::text::bytes::same;

impl<'d> Command<'d> {
    /// What a program is called whose root it is: by its name; as the binary of its package where that is a
    /// type's or a function's.
    pub(crate) const fn program_name(&self) -> &'d str {
        if self.is_unnamed && !self.package.binary_name().is_empty() {
            return self.package.binary_name();
        }
        self.name
    }

    /// The parameters that it takes, in the order declared: its own, then those of its bundles.
    pub(crate) fn params(&self) -> impl Iterator<Item = &'d Param<'d>> + use<'d> {
        let bundles = self.bundles.iter();
        Bundled { list: self.params.iter(), bundles, of_bundle: |bundle| bundle.params }.copied()
    }

    /// The same by their number, for what runs while the compiler does.
    pub(crate) const fn param(&self, mut at: usize) -> Option<&'d Param<'d>> {
        if at < self.params.len() {
            return Some(self.params[at]);
        }
        at -= self.params.len();
        let mut b = 0;
        while b < self.bundles.len() {
            let params = self.bundles[b].params;
            if at < params.len() {
                return Some(params[at]);
            }
            at -= params.len();
            b += 1;
        }
        None
    }

    /// The same list by list: its own, then that of each bundle.
    pub(crate) const fn group(&self, at: usize) -> Option<&'d [&'d Param<'d>]> {
        match at {
            0 => Some(self.params),
            _ if at <= self.bundles.len() => Some(self.bundles[at - 1].params),
            _ => None,
        }
    }

    pub(crate) const fn param_count(&self) -> usize {
        let (mut count, mut b) = (self.params.len(), 0);
        while b < self.bundles.len() {
            count += self.bundles[b].params.len();
            b += 1;
        }
        count
    }

    /// The relations between what it takes: its own, then those of its bundles.
    pub(crate) fn relations(&self) -> impl Iterator<Item = &'d Rule<'d>> + use<'d> {
        let bundles = self.bundles.iter();
        Bundled { list: self.rules.iter(), bundles, of_bundle: |bundle| bundle.rules }
    }

    /// Whether this is one and the same command as another, by its address: a copy is none.
    pub fn is(&self, other: &Command<'_>) -> bool {
        std::ptr::eq(std::ptr::from_ref(self).cast::<()>(), std::ptr::from_ref(other).cast::<()>())
    }

    /// Whether it cannot be told from another one while the compiler runs, which knows no addresses.
    #[inline]
    pub(crate) const fn is_alike(&self, other: &Command<'_>) -> bool {
        same(self.name, other.name)
            && same(self.summary, other.summary)
            && self.param_count() == other.param_count()
            && self.commands.len() == other.commands.len()
    }

    /// Its `k`-th name: its own, then the aliases.
    pub(crate) const fn called(&self, k: usize) -> Option<&'d str> {
        match k {
            0 => Some(self.name),
            _ if k <= self.aliases.len() => Some(self.aliases[k - 1]),
            _ if k <= self.aliases.len() + self.former.len() => {
                Some(self.former[k - 1 - self.aliases.len()])
            }
            _ => None,
        }
    }

    /// The subcommand that answers to a word.
    pub(crate) fn subcommand(&self, word: &[u8]) -> Option<&'d Command<'d>> {
        self.find_name(word).or_else(|| {
            let by_alias = |command: &&&Command<'d>| {
                let mut names = command.aliases.iter().chain(command.former);
                names.any(|alias| alias.as_bytes() == word)
            };
            self.commands.iter().find(by_alias).copied()
        })
    }

    fn find_name(&self, word: &[u8]) -> Option<&'d Command<'d>> {
        if self.sorted && self.commands.len() > Self::SCANNED {
            let at = self.commands.binary_search_by(|command| command.name.as_bytes().cmp(word));
            return at.ok().map(|at| self.commands[at]);
        }
        self.commands.iter().find(|command| command.name.as_bytes() == word).copied()
    }

    /// Up to so many subcommands are looked through one after the other.
    const SCANNED: usize = 8;

    /// The operands that take words by their position, in the order they are typed.
    pub(crate) fn operands(&self) -> impl Iterator<Item = &'d Param<'d>> + 'd {
        self.params().filter(|param| param.is_positional())
    }

    /// Whether one of its parameters is called by a letter.
    pub(crate) fn has_letter(&self, letter: u8) -> bool {
        self.params().any(|param| param.has_letter(letter))
    }

    /// Whether a word after its name is one of its subcommands, or an operand of its own.
    pub(crate) fn takes_word(&self, word: &[u8]) -> bool {
        self.operands().next().is_some() || self.subcommand(word).is_some()
    }

    /// Whether a word begins its name, or another that it goes by today.
    pub(crate) fn is_begun(&self, word: &[u8]) -> bool {
        self.shown_names().any(|name| name.as_bytes().starts_with(word))
    }

    /// The names that it goes by today: its own, then the aliases.
    pub(crate) fn shown_names(&self) -> impl Iterator<Item = &'d str> + '_ {
        (0..=self.aliases.len()).map_while(|k| self.called(k))
    }
}

/// Its name says which one it is; the tree below it would fill pages.
impl fmt::Debug for Command<'_> {
    fn fmt(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {
        f.debug_struct("Command").field("name", &self.name).finish_non_exhaustive()
    }
}
