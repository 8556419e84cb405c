//! The commands that a line has come through, and the parameters that a name may mean there.

use super::reach::{Reach, present};
use super::reading::Path;
use super::step::NONE;
use crate::declare::{Command, Param};

/// The commands from the root to the one reached. Most lines reach two at most, which stand here
/// without an allocation.
#[derive(Debug, Clone)]
pub(super) struct Trail<'d> {
    root: Level<'d>,
    between: Vec<Level<'d>>,
    /// The command reached, unless that is the root.
    leaf: Option<Level<'d>>,
    /// What is accepted everywhere, and comes last.
    usual: &'d [&'d Param<'d>],
    /// Some command below the root has names anew that one above it has throughout.
    has_anew: bool,
}

/// A command, where the slots of its parameters begin, and the word at which it was reached.
#[derive(Debug, Clone, Copy)]
pub(super) struct Level<'d> {
    pub(super) command: &'d Command<'d>,
    pub(super) base: u32,
    pub(super) word: u32,
}

impl<'d> Trail<'d> {
    pub(super) fn new(root: &'d Command<'d>, usual: &'d [&'d Param<'d>]) -> Self {
        let root = Level { command: root, base: 0, word: 0 };
        Trail { root, between: Vec::new(), leaf: None, usual, has_anew: false }
    }

    pub(super) fn root(&self) -> &'d Command<'d> {
        self.root.command
    }

    pub(super) fn leaf(&self) -> Level<'d> {
        self.leaf.unwrap_or(self.root)
    }

    /// From the root on.
    pub(super) fn levels(&self) -> impl DoubleEndedIterator<Item = Level<'d>> + '_ {
        std::iter::once(self.root).chain(self.between.iter().copied()).chain(self.leaf)
    }

    pub(super) fn path(&self) -> Path<'d> {
        Path(self.levels().map(|level| level.command).collect())
    }

    /// What names may mean in a word.
    pub(super) fn reach_in(&self, word: u32) -> Reach<'d> {
        let levels = self.levels_before(word).rev();
        Reach::new(levels.map(|level| (level.command, level.base)), self.usual)
    }

    pub(super) fn usual(&self) -> &'d [&'d Param<'d>] {
        self.usual
    }

    /// The commands that the words in front of one have reached.
    pub(super) fn levels_before(
        &self,
        word: u32,
    ) -> impl DoubleEndedIterator<Item = Level<'d>> + '_ {
        self.levels().filter(move |level| level.word <= word)
    }

    /// Whether one of the commands has rules, or a test of the whole.
    pub(super) fn has_rules(&self) -> bool {
        self.levels()
            .any(|level| !level.command.rules.is_empty() || !level.command.bundles.is_empty())
    }

    pub(super) fn has_judges(&self) -> bool {
        self.levels().any(|level| level.command.judge.is_some())
    }

    pub(super) fn enter(&mut self, level: Level<'d>) {
        self.has_anew |= level.command.settled.has_anew;
        self.between.extend(self.leaf.replace(level));
    }

    /// The first parameter in reach, nearest command first, for which `hit` gives something.
    #[inline]
    pub(super) fn find<H>(
        &self,
        hit: impl Fn(&'d Param<'d>) -> Option<H>,
    ) -> Option<(u32, &'d Param<'d>, H)> {
        let leaf = self.leaf();
        if let found @ Some(_) = leaf.find(|_| true, &hit) {
            return found;
        }
        self.leaf?;
        let above = self.between.iter().rev().chain([&self.root]);
        above.into_iter().find_map(|level| level.find(|param| param.throughout, &hit))
    }

    /// Whether what [`find`](Self::find) has found may be another's: a name that a nearer command has anew is
    /// that one's, also where it is an alias there.
    #[inline]
    pub(super) fn may_be_renewed(&self, slot: u32) -> bool {
        self.has_anew && slot < self.leaf().base
    }

    /// The same by all names that a parameter has, command by command, and then among the usual ones, which
    /// have no slot.
    #[cold]
    pub(super) fn find_any<H>(
        &self,
        hit: impl Fn(&'d Param<'d>) -> Option<H>,
    ) -> Option<(u32, &'d Param<'d>, H)> {
        let mut is_leaf = true;
        for level in self.levels().rev() {
            if let found @ Some(_) = level.find(|param| is_leaf || param.throughout, &hit) {
                return found;
            }
            is_leaf = false;
        }
        present(self.usual, self.root()).find_map(|param| Some((NONE, param, hit(param)?)))
    }
}

impl<'d> Level<'d> {
    #[inline]
    fn find<H>(
        &self,
        is_in_reach: impl Fn(&Param<'_>) -> bool,
        hit: impl Fn(&'d Param<'d>) -> Option<H>,
    ) -> Option<(u32, &'d Param<'d>, H)> {
        let params = (self.base..).zip(self.command.params);
        let mut in_reach = params.filter(|(_, param)| is_in_reach(param));
        let found = in_reach.find_map(|(slot, &param)| hit(param).map(|hit| (slot, param, hit)));
        if found.is_some() || self.command.bundles.is_empty() {
            return found;
        }
        self.find_bundled(&is_in_reach, &hit)
    }

    #[cold]
    fn find_bundled<H>(
        &self,
        is_in_reach: &dyn Fn(&Param<'_>) -> bool,
        hit: &dyn Fn(&'d Param<'d>) -> Option<H>,
    ) -> Option<(u32, &'d Param<'d>, H)> {
        let params = (self.base..).zip(self.command.params()).skip(self.command.params.len());
        let mut in_reach = params.filter(|(_, param)| is_in_reach(param));
        in_reach.find_map(|(slot, param)| hit(param).map(|hit| (slot, param, hit)))
    }
}
