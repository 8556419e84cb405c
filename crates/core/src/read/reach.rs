//! What names may mean at a place: the parameters in reach, nearest command first, and those that every
//! program has after them. The one place that says which they are.

use crate::record::alone::Gives;
use crate::record::command::Command;
use crate::record::line::{Reach, Reached, Usual};
use crate::record::param::Param;
use crate::record::param::called::Hit;
use crate::record::reading::CommandPath;
use crate::record::step::NONE;
use crate::text::quote::quoted;
use crate::text::{Listed, Put, of};

impl<'d> Reached<'d> {
    /// The parameter that is in reach.
    pub const fn param(&self) -> &'d Param<'d> {
        self.param
    }

    /// The command that takes it; of a usual one the root.
    pub const fn command(&self) -> &'d Command<'d> {
        self.command
    }

    /// Whether it is what every program has.
    pub const fn is_usual(&self) -> bool {
        self.is_usual
    }

    /// How many commands further up than the nearest.
    pub const fn up(&self) -> usize {
        self.up
    }
}

impl<'d> Reach<'d> {
    /// Those of commands from the root to the nearest, each with the slot of its first parameter; and the
    /// `usual` ones. The last `ahead` commands are not entered yet: what the one above them takes is in reach too.
    #[inline(never)]
    pub(crate) fn new(levels: &[(&'d Command<'d>, u32)], ahead: usize, usual: Usual<'d>) -> Self {
        let mut list = Vec::new();
        for (up, &(command, base)) in levels.iter().rev().enumerate() {
            for (slot, param) in (base..).zip(command.params()) {
                if up <= ahead || param.is_throughout() {
                    list.push(Reached { param, command, slot, up, is_usual: false });
                }
            }
        }
        if let Some(&(command, _)) = levels.first() {
            for param in usual.present_in(command) {
                list.push(Reached { param, command, slot: NONE, up: levels.len(), is_usual: true });
            }
        }
        Reach(list)
    }

    /// Those at the end of a path.
    pub(crate) fn of(path: &CommandPath<'d>, usual: Usual<'d>) -> Self {
        let levels: Vec<_> = path.0.iter().map(|command| (*command, 0)).listed();
        Reach::new(&levels, 0, usual)
    }

    /// One after the other.
    pub fn list(&self) -> &[Reached<'d>] {
        &self.0
    }

    /// The parameters in reach, one after the other.
    pub fn params(&self) -> impl Iterator<Item = &'d Param<'d>> + '_ {
        self.0.iter().map(|reached| reached.param)
    }

    /// What a letter means.
    #[inline(never)]
    pub fn lettered(&self, letter: u8) -> Option<&'d Param<'d>> {
        self.params().find(|param| param.has_letter(letter))
    }

    /// What a long name means.
    #[inline(never)]
    pub fn named(&self, name: &[u8]) -> Option<&'d Param<'d>> {
        self.params().find(|param| param.find_name(name).is_some())
    }

    /// The long names that are known, those of hidden parameters left aside, and the place of what each
    /// means. A name that a nearer command has for something else is that one's.
    #[inline(never)]
    pub fn names(&self) -> Vec<(&'d str, Hit, usize)> {
        let mut names = self.all_names();
        names.retain(|name| !self.0[name.2].param.is_hidden());
        names
    }

    /// The same with those that are left out of pages.
    pub(crate) fn all_names(&self) -> Vec<(&'d str, Hit, usize)> {
        let mut names = Vec::new();
        for (at, reached) in self.0.iter().enumerate() {
            for (name, hit) in reached.param.today() {
                if self.has_name(at, name) {
                    names.push((name, hit, at));
                }
            }
        }
        names
    }

    /// Whether a long name of the parameter at a place means it here.
    pub fn has_name(&self, at: usize, name: &str) -> bool {
        !self.is_taken(at, &|nearer| nearer.find_name(name.as_bytes()).is_some())
    }

    /// Whether a letter of the parameter at a place means it here.
    pub fn has_letter(&self, at: usize, letter: u8) -> bool {
        letter != 0 && !self.is_taken(at, &|nearer| nearer.has_letter(letter))
    }

    /// The letter that means the parameter at a place here.
    pub fn letter(&self, at: usize) -> Option<char> {
        self.0[at].param.letter().filter(|letter| self.has_letter(at, *letter as u8))
    }

    /// Whether a nearer command has a name anew. What is usual gives way to any other.
    #[inline(never)]
    fn is_taken(&self, at: usize, has: &dyn Fn(&Param<'_>) -> bool) -> bool {
        let own = self.0[at];
        let takes = |nearer: &&Reached<'_>| own.is_usual || nearer.param.is_anew();
        let nearer = self.0[..at].iter().take_while(|nearer| nearer.up < own.up);
        own.up > 0 && nearer.filter(takes).any(|nearer| has(nearer.param))
    }

    /// The name by which something is asked for here, dashes included: the long one if there is one.
    pub(crate) fn asks_for(&self, what: Gives) -> Option<String> {
        let seen = |reached: &Reached<'_>| !reached.param.is_hidden() && reached.param.gives(what);
        let asking = self.0.iter().enumerate().filter(|(_, reached)| seen(reached));
        let mut spelled = asking.filter_map(|(at, reached)| self.spelled(at, reached.param));
        spelled.next()
    }

    fn spelled(&self, at: usize, param: &Param<'_>) -> Option<String> {
        let long = param.long().filter(|long| self.has_name(at, long));
        long.map(|long| of(&["--", long])).or_else(|| Some(format!("-{}", self.letter(at)?)))
    }
}

impl<'d> Usual<'d> {
    pub(crate) const NOTHING: Usual<'d> = Usual(&(&[] as &[&Param<'_>]));

    pub(crate) const fn of(list: &'d &'d [&'d Param<'d>]) -> Self {
        Usual(list)
    }

    pub(crate) fn params(self) -> impl Iterator<Item = &'d Param<'d>> {
        self.0.iter().copied()
    }

    /// Those that there are in a program: one without a version does not say it.
    pub(crate) fn present_in(self, root: &Command<'_>) -> impl Iterator<Item = &'d Param<'d>> {
        let is_in = |param: &Param<'_>| param.alone().is_some_and(|alone| alone.is_in(root));
        self.params().filter(move |param| is_in(param))
    }
}

impl<'d> CommandPath<'d> {
    /// How the page of the command at its end is asked for: by an option of that, else by the command for it.
    pub(crate) fn page_line(&self, usual: Usual<'d>) -> Option<String> {
        let mut line = quoted(self.root().program_name().as_ref());
        let page = Reach::of(self, usual).asks_for(Gives::Page);
        let mut add = |name: &str| {
            line.put(" ");
            line.put(&quoted(name.as_ref()));
        };
        if page.is_none() {
            let mut commands = self.root().subcommands().iter();
            let help =
                commands.find(|command| !command.is_hidden() && command.gives(Gives::Page))?;
            add(help.name());
        }
        for command in &self.0[1..] {
            add(command.name());
        }
        if let Some(name) = page {
            add(&name);
        }
        Some(line)
    }
}
