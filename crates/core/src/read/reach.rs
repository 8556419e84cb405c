//! What names may mean at a place: the parameters in reach, nearest command first, and those that every
//! program has behind them. The one place that says which they are.

use super::reading::Path;
use super::step::NONE;
use crate::declare::{Command, Gives, Hit, Param};

/// The parameters in reach of a command.
#[derive(Debug, Clone)]
pub(crate) struct Reach<'d>(Vec<Reached<'d>>);

/// A parameter in reach.
#[derive(Debug, Clone, Copy)]
pub(crate) struct Reached<'d> {
    pub(crate) param: &'d Param<'d>,
    /// The command that takes it; of a usual one the root.
    pub(crate) command: &'d Command<'d>,
    /// Its slot, or [`NONE`]: a usual one has none until it is given.
    pub(crate) slot: u32,
    /// How many commands further up than the nearest.
    pub(crate) up: usize,
    pub(crate) is_usual: bool,
}

impl<'d> Reach<'d> {
    /// Those of commands from the nearest to the root, each with the slot of its first parameter; and the
    /// `usual` ones.
    pub(super) fn new(
        nearest_first: impl Iterator<Item = (&'d Command<'d>, u32)>,
        usual: &'d [&'d Param<'d>],
    ) -> Self {
        let mut list = Vec::new();
        let (mut up, mut root) = (0, None);
        for (command, base) in nearest_first {
            for (slot, param) in (base..).zip(command.params()) {
                if up == 0 || param.is_throughout() {
                    list.push(Reached { param, command, slot, up, is_usual: false });
                }
            }
            (up, root) = (up + 1, Some(command));
        }
        if let Some(command) = root {
            let reached = |param| Reached { param, command, slot: NONE, up, is_usual: true };
            list.extend(present(usual, command).map(reached));
        }
        Reach(list)
    }

    /// Those at the end of a path.
    pub(crate) fn of(path: &Path<'d>, usual: &'d [&'d Param<'d>]) -> Self {
        Reach::new(path.0.iter().rev().map(|command| (*command, 0)), usual)
    }

    pub(crate) fn list(&self) -> &[Reached<'d>] {
        &self.0
    }

    pub(crate) fn params(&self) -> impl Iterator<Item = &'d Param<'d>> + '_ {
        self.0.iter().map(|reached| reached.param)
    }

    /// What a letter means.
    pub(crate) fn lettered(&self, letter: u8) -> Option<&'d Param<'d>> {
        self.params().find(|param| param.has_letter(letter))
    }

    /// What a long name means.
    pub(crate) fn named(&self, name: &[u8]) -> Option<&'d Param<'d>> {
        self.params().find(|param| param.find_name(name).is_some())
    }

    /// The long names that are known, those of hidden parameters left aside, and the place of what each
    /// means. A name that a nearer command has for something else is that one's.
    pub(crate) fn names(&self) -> impl Iterator<Item = (&'d str, Hit, usize)> + '_ {
        let seen = self.0.iter().enumerate().filter(|(_, reached)| !reached.param.is_hidden());
        seen.flat_map(move |(at, reached)| {
            let own = reached.param.today().filter(move |(name, _)| self.has_name(at, name));
            own.map(move |(name, hit)| (name, hit, at))
        })
    }

    /// Whether a long name of the parameter at a place means it here.
    pub(crate) fn has_name(&self, at: usize, name: &str) -> bool {
        !self.is_taken(at, |nearer| nearer.find_name(name.as_bytes()).is_some())
    }

    /// The same of a letter.
    pub(crate) fn has_letter(&self, at: usize, letter: u8) -> bool {
        letter != 0 && !self.is_taken(at, |nearer| nearer.has_letter(letter))
    }

    /// Whether a nearer command has a name anew. What is usual gives way to any other.
    fn is_taken(&self, at: usize, has: impl Fn(&Param<'_>) -> bool) -> bool {
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
        let letter = || self.has_letter(at, param.letter).then_some(char::from(param.letter));
        long.map(|long| "--".to_owned() + long).or_else(|| Some(format!("-{}", letter()?)))
    }
}

/// Of what is usual, what there is in a program.
pub(super) fn present<'d>(
    usual: &'d [&'d Param<'d>],
    root: &Command<'_>,
) -> impl Iterator<Item = &'d Param<'d>> {
    let is_in = |param: &Param<'_>| param.alone.is_some_and(|alone| alone.is_in(root));
    usual.iter().copied().filter(move |param| is_in(param))
}

impl<'d> Path<'d> {
    /// How the page of the command at its end is asked for: by an option of that, else by the command for it.
    pub(crate) fn page_line(&self, usual: &'d [&'d Param<'d>]) -> Option<String> {
        if let Some(name) = Reach::of(self, usual).asks_for(Gives::Page) {
            return Some(self.text() + " " + &name);
        }
        let mut commands = self.root().subcommands().iter();
        let help = commands.find(|command| !command.hidden && command.gives(Gives::Page))?;
        let mut line = format!("{} {}", self.root().program_name(), help.name());
        for command in &self.0[1..] {
            line = line + " " + command.name();
        }
        Some(line)
    }
}
