//! What a declaration must keep to: one set of rules for statics, where the first problem stops
//! the build, and for trees made at run time, where [`Command::problems`] lists them all.
//!
//! Setters record, in any order, and each rule is looked at where all that it is about is said: what a
//! parameter is by itself by its own setters (`own.rs`), what a command takes by `takes` and `bundles`, its
//! subcommands by `commands`, both together by whichever comes last; and what a later setter could still
//! put right by whoever lists the command.

use super::finder::Finder;
use super::members::lonely;
use super::names::{plain_name_fault, program_name_fault};
use super::own::{absences, clashes, show_name};
use super::problem::Finding;
use crate::record::command::{Command, Settled};
use crate::record::param::{Param, is_by_position, is_named};
use crate::record::settings::command as said;
use crate::text::bytes::{order, same};

/// What a command is called.
#[inline]
pub(crate) const fn names<'d, const ROOM: usize>(
    command: &Command<'d>,
    finder: &mut Finder<'d, ROOM>,
) {
    let name = command.name();
    show_name(name, program_name_fault(name), finder);
    let mut i = 0;
    while i < command.ask().aliases().len() {
        show_name(command.ask().aliases()[i], plain_name_fault(command.ask().aliases()[i]), finder);
        i += 1;
    }
    let mut i = 0;
    while i < command.former_names().len() {
        show_name(command.former_names()[i], plain_name_fault(command.former_names()[i]), finder);
        i += 1;
    }
    if let Some(at) = command.said().twice() {
        let instead = "one of the two would be lost; a copy of a static begins with `adapted`";
        finder.show(Finding::Twice { name, setter: said::NAMES[at], instead });
    }
}

/// What a root says in place of the phrases in English.
#[inline]
pub(crate) const fn misplaced_phrases<'d, const ROOM: usize>(
    command: &Command<'d>,
    finder: &mut Finder<'d, ROOM>,
) {
    if let Some(wording) = command.ask().own_wording()
        && let Some((phrase, text)) = wording.misplaced()
    {
        let (command, english) = (command.name(), phrase.english());
        finder.show(Finding::Phrase { command, text, english });
    }
}

/// What a command takes, in one pass, twins of long names left aside; gives what follows from it. Where `EACH` does not say
/// so, each parameter was looked at by itself.
#[inline]
pub(crate) const fn taken<'d, const ROOM: usize, const EACH: bool>(
    command: &Command<'d>,
    finder: &mut Finder<'d, ROOM>,
) -> Settled {
    let mut settled = Settled::NOTHING;
    let mut letters = Letters { all: 0, first: [0; 128] };
    let mut line = Line { unbounded: None, optional: None };
    let (mut group, mut at) = (0, 0);
    while let Some(params) = command.group(group) {
        let mut i = 0;
        while i < params.len() {
            let param = params[i];
            if EACH {
                if param.is_draft() {
                    clashes(param, finder);
                }
                absences(param, finder);
            }
            settled.add(param);
            if is_named(param.role()) {
                letters.add(command, param, at, finder);
            } else {
                line.operand(command, param, at, finder);
            }
            (i, at) = (i + 1, at + 1);
        }
        group += 1;
    }
    settled
}

/// Bundles that cannot be.
#[inline]
pub(crate) const fn bundles<'d, const ROOM: usize>(
    command: &Command<'d>,
    finder: &mut Finder<'d, ROOM>,
) {
    let mut i = 0;
    while i < command.bundle_list().len() {
        let (heading, flaw) = (command.bundle_list()[i].heading(), command.bundle_list()[i].flaw());
        if let Some(why) = flaw {
            finder.show(Finding::Bundle { heading, why });
        }
        lonely(command, command.bundle_list()[i].relations(), finder);
        i += 1;
    }
}

/// A bit for each letter that a parameter has.
#[inline]
pub(crate) const fn letters_mask(param: &Param<'_>) -> u128 {
    let [letter, opposite] = param.letter_bytes();
    let mut mask = letter_bit(letter) | letter_bit(opposite);
    let mut i = 0;
    while i < param.aliases().len() {
        if let [letter] = param.aliases()[i].as_bytes() {
            mask |= letter_bit(*letter);
        }
        i += 1;
    }
    mask
}

#[inline]
const fn letter_bit(letter: u8) -> u128 {
    if letter == 0 || letter >= 128 { 0 } else { 1 << letter }
}

/// The letters of the parameters before one: which there are, and which parameter was the first with each.
struct Letters {
    all: u128,
    first: [u32; 128],
}

impl Letters {
    /// Shows the letters that a parameter has and one before it has too.
    #[inline]
    const fn add<'d, const ROOM: usize>(
        &mut self,
        command: &Command<'d>,
        param: &Param<'d>,
        at: usize,
        finder: &mut Finder<'d, ROOM>,
    ) {
        let mut own = letters_mask(param);
        while own != 0 {
            let letter = own.trailing_zeros() as usize;
            own &= own - 1;
            if self.all & (1 << letter) == 0 {
                self.all |= 1 << letter;
                self.first[letter] = at as u32;
            } else if let Some(first) = command.param(self.first[letter] as usize) {
                let (first, second, letter) = (first.name(), param.name(), letter as u8);
                let (command, above) = (command.name(), command.name());
                finder.show(Finding::Letters { first, second, letter, command, above });
            }
        }
    }
}

/// The operands of a command, in the order they are typed.
struct Line<'c, 'd> {
    unbounded: Option<&'c Param<'d>>,
    optional: Option<&'c Param<'d>>,
}

impl<'c, 'd> Line<'c, 'd> {
    #[inline]
    const fn operand<const ROOM: usize>(
        &mut self,
        command: &Command<'d>,
        param: &'c Param<'d>,
        at: usize,
        finder: &mut Finder<'d, ROOM>,
    ) {
        // A tail has words of its own, which no other operand takes; a raw one comes last.
        if !is_by_position(param) {
            return;
        }
        if param.tail().is_some() && follows(command, at + 1) {
            finder.show(Finding::Raw { operand: param.name(), command: command.name() });
        }
        let count = param.word_count();
        if let Some(optional) = self.optional
            && count.min > 0
        {
            let (optional, needed) = (optional.name(), param.name());
            finder.show(Finding::NeededLate { optional, needed, command: command.name() });
        }
        if count.max == u32::MAX {
            if let Some(first) = self.unbounded {
                let (first, second) = (first.name(), param.name());
                finder.show(Finding::Unbounded { first, second, command: command.name() });
            }
            self.unbounded = Some(param);
        } else if count.min == 0 {
            // An unbounded one may be empty before a needed one: `SRC... DST`.
            self.optional = Some(param);
        }
    }
}

/// Whether an operand by position stands at `i` or after.
#[inline]
const fn follows(command: &Command<'_>, mut i: usize) -> bool {
    while let Some(param) = command.param(i) {
        if !is_named(param.role()) && is_by_position(param) {
            return true;
        }
        i += 1;
    }
    false
}

/// The subcommands of a command, beside each other.
#[inline]
pub(crate) const fn listed<'d, const ROOM: usize>(
    command: &Command<'d>,
    finder: &mut Finder<'d, ROOM>,
) {
    let mut i = 0;
    while i < command.subcommands().len() {
        let below = command.subcommands()[i];
        if let Some(at) = below.said().first(said::OF_ROOT) {
            let (name, setter, above) = (below.name(), said::NAMES[at], command.name());
            finder.show(Finding::OfRoot { name, setter, above });
        }
        // A program may be called so; what else is wrong with a name is its command's own.
        if program_name_fault(below.name()).is_none() {
            show_name(below.name(), plain_name_fault(below.name()), finder);
        }
        i += 1;
    }
    if command.is_childless() {
        finder.show(Finding::Childless { command: command.name() });
    }
}

/// A default subcommand that is none.
#[inline]
pub(crate) const fn default_command<'d, const ROOM: usize>(
    command: &Command<'d>,
    finder: &mut Finder<'d, ROOM>,
) {
    if let Some(default) = command.default_subcommand() {
        let mut i = 0;
        while i < command.subcommands().len()
            && !same(command.subcommands()[i].name(), default.name())
        {
            i += 1;
        }
        if i == command.subcommands().len() {
            finder.show(Finding::DefaultCommand {
                subcommand: default.name(),
                command: command.name(),
            });
        }
    }
}

/// What follows from the parameters of a command.
#[inline]
pub(crate) const fn followed(command: &Command<'_>) -> Settled {
    let mut settled = Settled::NOTHING;
    let mut group = 0;
    while let Some(params) = command.group(group) {
        let mut i = 0;
        while i < params.len() {
            settled.add(params[i]);
            i += 1;
        }
        group += 1;
    }
    settled
}

/// Whether the subcommands stand in the order of their names, so that one is found by bisection.
#[inline]
pub(crate) const fn in_order(commands: &[&Command<'_>]) -> bool {
    let mut i = 1;
    while i < commands.len() {
        if !order(commands[i - 1].name(), commands[i].name()).is_lt() {
            return false;
        }
        i += 1;
    }
    true
}
