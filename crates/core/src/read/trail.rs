//! The commands that a line has come through, and the parameters that a name may mean there.

use crate::record::command::Command;
use crate::record::line::{Found, Level, Reach, Trail, Usual};
use crate::record::param::Param;
use crate::record::param::called::Hit;
use crate::record::reading::CommandPath;
use crate::record::step::NONE;
use crate::text::Listed;

impl<'d> Trail<'d> {
    pub(crate) fn new(root: &'d Command<'d>) -> Self {
        Trail { root: Level { command: root, base: 0, word: 0 }, between: Vec::new(), leaf: None }
    }

    /// Whether something is so of one of the commands: asked on every line.
    #[inline(always)]
    pub(crate) fn any(&self, is_so: impl Fn(&Command<'d>) -> bool) -> bool {
        let is_so = |level: &Level<'d>| is_so(level.command);
        is_so(&self.root)
            || self.leaf.as_ref().is_some_and(is_so)
            || !self.between.is_empty() && self.between.iter().any(is_so)
    }

    #[inline(never)]
    pub(crate) fn path(&self) -> CommandPath<'d> {
        CommandPath(self.levels().map(|level| level.command).listed())
    }

    /// What names may mean in a word, beside what is usual.
    #[inline(never)]
    pub(crate) fn reach_in(&self, word: u32, usual: Usual<'d>) -> Reach<'d> {
        let levels = self.levels_before(word).map(|level| (level.command, level.base));
        Reach::new(&levels.listed(), 0, usual)
    }

    /// The commands that the words in front of one have reached.
    pub(crate) fn levels_before(
        &self,
        word: u32,
    ) -> impl DoubleEndedIterator<Item = Level<'d>> + '_ {
        self.levels().filter(move |level| level.word <= word)
    }

    /// What the record of one of the commands brings along.
    #[cold]
    pub(crate) fn brought<T>(&self, of: fn(&Command<'_>) -> Option<T>) -> Option<T> {
        self.levels().find_map(|level| of(level.command))
    }

    /// Whether one of the commands has rules.
    pub(crate) fn has_rules(&self) -> bool {
        self.any(|command| !command.own_rules().is_empty() || !command.bundle_list().is_empty())
    }

    /// Whether one of the commands has a test of the whole.
    pub(crate) fn has_judges(&self) -> bool {
        self.any(|command| command.judge().is_some())
    }

    pub(crate) fn enter(&mut self, level: Level<'d>) {
        if let Some(above) = self.leaf.replace(level) {
            self.between.push(above);
        }
    }

    /// The first parameter in reach, nearest command first, for which `hit` gives something: the quick way
    /// for what nearly all names are. Where a command has names anew only [`find_any`](Self::find_any) says
    /// what is found above it, as the name may be an alias there.
    #[inline]
    pub(crate) fn find(&self, hit: impl Fn(&Param<'_>) -> Option<Hit>) -> Option<Found<'d>> {
        let leaf = self.leaf();
        if let found @ Some(_) = leaf.find(|_| true, &hit) {
            return found;
        }
        if self.leaf.is_none() || self.has_anew() {
            return None;
        }
        self.find_above(&hit)
    }

    #[cold]
    fn find_above(&self, hit: &dyn Fn(&Param<'_>) -> Option<Hit>) -> Option<Found<'d>> {
        for level in self.between.iter().rev() {
            if let found @ Some(_) = level.find(|param| param.is_throughout(), hit) {
                return found;
            }
        }
        self.root.find(|param| param.is_throughout(), hit)
    }

    /// Whether a command has names anew that one above it accepts throughout.
    pub(crate) fn has_anew(&self) -> bool {
        self.any(|command| command.has_anew())
    }

    /// The same by all names that a parameter has, command by command, and then among the usual ones, which
    /// have no slot.
    #[cold]
    pub(crate) fn find_any(
        &self,
        usual: Usual<'d>,
        hit: &dyn Fn(&Param<'_>) -> Option<Hit>,
    ) -> Option<Found<'d>> {
        for (up, level) in self.levels().rev().enumerate() {
            for (slot, param) in (level.base..).zip(level.command.params()) {
                if (up == 0 || param.is_throughout())
                    && let Some(hit) = hit(param)
                {
                    return Some(Found { slot, param, hit });
                }
            }
        }
        let mut usual = usual.present_in(self.root());
        usual.find_map(|param| Some(Found { slot: NONE, param, hit: hit(param)? }))
    }
}

impl<'d> Level<'d> {
    #[inline]
    fn find(
        &self,
        is_in_reach: impl Fn(&Param<'_>) -> bool,
        hit: impl Fn(&Param<'_>) -> Option<Hit>,
    ) -> Option<Found<'d>> {
        let params = (self.base..).zip(self.command.own_params());
        let mut in_reach = params.filter(|(_, param)| is_in_reach(param));
        let found =
            in_reach.find_map(|(slot, &param)| hit(param).map(|hit| Found { slot, param, hit }));
        if found.is_some() || self.command.bundle_list().is_empty() {
            return found;
        }
        self.find_bundled(&is_in_reach, &hit)
    }

    #[cold]
    fn find_bundled(
        &self,
        is_in_reach: &dyn Fn(&Param<'_>) -> bool,
        hit: &dyn Fn(&Param<'_>) -> Option<Hit>,
    ) -> Option<Found<'d>> {
        let params = (self.base..).zip(self.command.params()).skip(self.command.own_params().len());
        let mut in_reach = params.filter(|(_, param)| is_in_reach(param));
        in_reach.find_map(|(slot, param)| hit(param).map(|hit| Found { slot, param, hit }))
    }
}
