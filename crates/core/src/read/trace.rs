//! What was understood of a line, right or wrong: the steps, and whose they are. Two readings of nearly
//! the same line are compared by it, and what may be secret is found with it.

use std::borrow::Cow;
use std::ffi::OsStr;

use crate::record::brought::Sources;
use crate::record::command::Command;
use crate::record::faults::{Dark, Faults};
use crate::record::line::{Level, Line, Reach, Slot, Trace, Trail, Usual};
use crate::record::list::Known;
use crate::record::param::Param;
use crate::record::reading::Reading;
use crate::record::step::{Meaning, Step};
use crate::record::word::Words;
use crate::text::part::part;
use crate::text::{DOTS, Listed, Put};

impl<'d> Trace<'d> {
    fn new(trail: Trail<'d>, slots: &[Slot<'d>], steps: Vec<Step>) -> Self {
        Trace { steps, params: slots.iter().map(|slot| slot.param).listed(), trail }
    }

    /// What was understood of each byte.
    pub(crate) fn steps(&self) -> &[Step] {
        &self.steps
    }

    /// The parameter that a step is a name or a word of.
    pub(crate) fn param(&self, step: &Step) -> Option<&'d Param<'d>> {
        self.params.get(step.slot as usize).copied()
    }

    /// How many parameters the commands on the way have.
    pub(crate) fn params(&self) -> usize {
        self.params.len()
    }

    /// The commands on the way.
    pub(crate) fn commands(&self) -> impl DoubleEndedIterator<Item = &'d Command<'d>> + '_ {
        self.trail.levels().map(|level| level.command)
    }

    /// The command that the words in front of one have reached.
    #[inline(never)]
    pub(crate) fn leaf_before(&self, word: usize) -> &'d Command<'d> {
        let level = self.trail.levels_before(word as u32).last();
        level.map_or(self.trail.root(), |level| level.command)
    }

    /// The commands that the words in front of one have reached, each with the word that named it.
    pub(crate) fn levels_before(&self, word: usize) -> Vec<(&'d Command<'d>, usize)> {
        let levels = self.trail.levels_before(word as u32);
        levels.map(|level| (level.command, level.word as usize)).listed()
    }

    /// What names may mean in a word; those of a default subcommand too, which such a name would enter, where no other is
    /// named after it.
    pub(crate) fn reach_in(&self, word: usize, usual: Usual<'d>) -> Reach<'d> {
        let mut levels: Vec<_> = self.trail.levels_before(word as u32).listed();
        let entered = levels.len();
        let mut behind = self.trail.levels().skip(entered);
        while let Some(default) = levels.last().and_then(|last| last.command.default_subcommand()) {
            let next = behind.next().unwrap_or(Level { command: default, base: 0, word: u32::MAX });
            if !std::ptr::eq(next.command, default) || self.is_named(next) {
                break;
            }
            levels.put(next);
        }
        let (ahead, levels) = (levels.len() - entered, levels.iter());
        Reach::new(&levels.map(|level| (level.command, level.base)).listed(), ahead, usual)
    }

    /// Whether a command was named, and not entered as a default.
    pub(crate) fn is_named(&self, level: Level<'d>) -> bool {
        let is_there = |step: &Step| step.word == level.word && step.meaning == Meaning::Command;
        self.steps.get(self.first_in(level.word as usize)).is_some_and(is_there)
    }

    /// The place of the first step in a word, or after that.
    #[inline(never)]
    pub(crate) fn first_in(&self, word: usize) -> usize {
        self.steps.partition_point(|step| step.word() < word)
    }
}

impl<'d> Faults<'d> {
    /// What each byte range of each word was taken for, in the order typed.
    pub fn steps(&self) -> &[Step] {
        self.trace.steps()
    }

    /// The parameter that a step is a name or a word of.
    pub fn param_of(&self, step: &Step) -> Option<&'d Param<'d>> {
        self.trace.param(step)
    }

    /// The bytes of a step; dots for what may be secret.
    pub fn text_of(&self, step: &Step) -> Cow<'d, OsStr> {
        let bytes = step.bytes();
        self.dark.shown(self.words, step.word(), bytes.start, bytes.end)
    }
}

impl<'d> Reading<'d> {
    /// The parameter that a step is a name or a word of.
    pub fn param_of(&self, step: &Step) -> Option<&'d Param<'d>> {
        self.slots.get(step.slot as usize).map(|slot| slot.param)
    }

    /// The bytes of a step; dots for the value of a secret.
    pub fn text_of(&self, step: &Step) -> Cow<'d, OsStr> {
        let is_secret = self.param_of(step).is_some_and(Param::is_secret);
        if is_secret && step.is_of_value() {
            return OsStr::new(DOTS).into();
        }
        let bytes = step.bytes();
        part(self.words.word(step.word()), bytes.start, bytes.end)
    }
}

impl<'d> Line<'d> {
    /// Ends the reading of a line that is refused.
    pub(crate) fn into_trace(self) -> Trace<'d> {
        Trace::new(self.trail, &self.slots, self.steps)
    }
}

impl<'d> Faults<'d> {
    /// What was understood, without what is wrong.
    pub(crate) fn into_trace(self) -> Trace<'d> {
        self.trace
    }
}

impl<'d> Reading<'d> {
    /// What was understood, without the values.
    #[inline(never)]
    pub(crate) fn into_trace(self) -> Trace<'d> {
        Trace::new(self.trail, &self.slots, self.steps)
    }
}

impl<'d> Faults<'d> {
    /// The values of a parameter whose list is closed that a mistyped one may be meant as, and how many slips away
    /// they are; nothing where they were not asked for.
    #[inline]
    pub(crate) fn near_known(&self, typed: &str, param: &Param<'_>) -> Option<(usize, Vec<&str>)> {
        self.around.known(param)?;
        self.around.lists().map(|known| known.near(param, typed))
    }

    /// The values of a parameter whose list is closed, where they were asked for.
    #[inline]
    pub(crate) fn known_values(&self, param: &Param<'_>) -> &[Known] {
        self.around.known(param).unwrap_or_default()
    }
}

impl<'d> Faults<'d> {
    /// What asked the environment and the config file.
    pub(crate) fn sources(&self) -> Option<&'static Sources> {
        self.trace.commands().find_map(Command::sources)
    }

    /// How the page of the command that was reached is asked for.
    pub(crate) fn page_line(&self) -> Option<String> {
        self.path.page_line(self.around.usual)
    }

    /// What names may mean in a word.
    pub(crate) fn reach_in(&self, word: usize) -> Reach<'d> {
        self.trace.reach_in(word, self.around.usual)
    }
}

impl<'d> Trace<'d> {
    /// What is dark on a line: nothing where no command of the tree has a secret.
    pub(crate) fn dark(&self, words: Words<'_>, usual: Usual<'d>) -> Dark {
        let mut commands = self.trail.root().tree();
        let secrecy = commands.find_map(|(_, command)| command.brought().secrecy);
        secrecy.map_or_else(Dark::default, |secrecy| (secrecy.dark)(self, words, usual))
    }
}
