//! What a declaration must keep to: one set of rules for statics, where the first problem stops
//! the build, and for trees made at run time, where [`Command::problems`] lists them all.
//!
//! Setters record, in any order, and each rule is looked at where all that it is about is said: what a
//! parameter is by itself by its own setters (`own.rs`), what a command takes by `takes` and `bundles`, its
//! subcommands by `commands`, both together by whichever comes last; and what a later setter could still
//! put right by whoever lists the command.

use super::brought::Brought;
use super::finder::Finder;
use super::names::{order, plain_name_fault, program_name_fault, same};
use super::own::{absences, clashes, is_named, show_name};
use super::param::Tail;
use super::problem::Problem;
use super::reach;
use super::said::command as said;
use super::twins::Roll;
use super::{Bundle, Command, Param, Rule, Settled, Tails};

impl Settled {
    pub(super) const NOTHING: Settled = Settled {
        needs: 0,
        tails: Tails { raw: false, after_dashes: false, unknown_options: false },
        operands: 0,
        is_throughout: false,
        has_more_names: false,
        has_anew: false,
        names_commands: false,
        brought: Brought::NOTHING,
    };

    #[inline]
    const fn add(&mut self, param: &Param<'_>) {
        self.is_throughout |= param.throughout;
        self.has_more_names |= !param.has_one_name();
        self.has_anew |= param.is_anew();
        if is_named(param.role) {
            return;
        }
        self.names_commands |= param.names_commands();
        self.operands = self.operands.saturating_add(1);
        if is_by_position(param) {
            self.needs = self.needs.saturating_add(param.word_count().min);
        }
        match param.tail {
            Some(Tail::Raw) => self.tails.raw = true,
            Some(Tail::AfterDashes) => self.tails.after_dashes = true,
            Some(Tail::UnknownOptions) => self.tails.unknown_options = true,
            None => {}
        }
    }
}

/// What a command is called.
#[inline]
pub(super) const fn names<'d, const ROOM: usize>(
    command: &Command<'d>,
    finder: &mut Finder<'d, ROOM>,
) {
    let name = command.name;
    show_name(name, program_name_fault(name), finder);
    let mut i = 0;
    while i < command.aliases.len() {
        show_name(command.aliases[i], plain_name_fault(command.aliases[i]), finder);
        i += 1;
    }
    let mut i = 0;
    while i < command.former.len() {
        show_name(command.former[i], plain_name_fault(command.former[i]), finder);
        i += 1;
    }
    if let Some(at) = command.said.twice() {
        let instead = "one of the two would be lost; a copy of a static begins with `adapted`";
        finder.show(Problem::Twice { name, setter: said::NAMES[at], instead });
    }
}

/// What a root says in place of the phrases in English.
#[inline]
pub(super) const fn phrases<'d, const ROOM: usize>(
    command: &Command<'d>,
    finder: &mut Finder<'d, ROOM>,
) {
    if let Some(wording) = command.wording
        && let Some((phrase, text)) = wording.misplaced()
    {
        let (command, english) = (command.name, phrase.english());
        finder.show(Problem::Phrase { command, text, english });
    }
}

/// What a command takes, in one pass, twins of long names left aside; gives what follows from it, and where `BRINGS` says so
/// what the parameters bring along: what only looks for problems needs none of it, and where `EACH` does not say so has
/// looked at each parameter by itself.
#[inline]
pub(super) const fn taken<'d, const ROOM: usize, const BRINGS: bool, const EACH: bool>(
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
                if param.draft {
                    clashes(param, finder);
                }
                absences(param, finder);
            }
            settled.add(param);
            if BRINGS {
                settled.brought.add(param);
            }
            if is_named(param.role) {
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
pub(super) const fn bundles<'d, const ROOM: usize>(
    command: &Command<'d>,
    finder: &mut Finder<'d, ROOM>,
) {
    let mut i = 0;
    while i < command.bundles.len() {
        let Bundle { heading, flaw, .. } = *command.bundles[i];
        if let Some(why) = flaw {
            finder.show(Problem::Bundle { heading, why });
        }
        lonely(command, command.bundles[i].rules, finder);
        i += 1;
    }
}

/// A bit for each letter that a parameter has.
#[inline]
pub(super) const fn letters_mask(param: &Param<'_>) -> u128 {
    let mut mask = letter_bit(param.letter) | letter_bit(param.opposite_letter);
    let mut i = 0;
    while i < param.aliases.len() {
        if let [letter] = param.aliases[i].as_bytes() {
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
                let (first, second, letter) = (first.name, param.name, letter as u8);
                let (command, above) = (command.name, command.name);
                finder.show(Problem::Letters { first, second, letter, command, above });
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
        if param.tail.is_some() && follows(command, at + 1) {
            finder.show(Problem::Raw { operand: param.name, command: command.name });
        }
        let count = param.word_count();
        if let Some(optional) = self.optional
            && count.min > 0
        {
            let (optional, needed) = (optional.name, param.name);
            finder.show(Problem::NeededLate { optional, needed, command: command.name });
        }
        if count.max == u32::MAX {
            if let Some(first) = self.unbounded {
                let (first, second) = (first.name, param.name);
                finder.show(Problem::Unbounded { first, second, command: command.name });
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
        if !is_named(param.role) && is_by_position(param) {
            return true;
        }
        i += 1;
    }
    false
}

/// Whether an operand takes words by their position.
#[inline]
pub(super) const fn is_by_position(param: &Param<'_>) -> bool {
    matches!(param.tail, None | Some(Tail::Raw))
}

/// The subcommands of a command, beside each other.
#[inline]
pub(super) const fn listed<'d, const ROOM: usize>(
    command: &Command<'d>,
    finder: &mut Finder<'d, ROOM>,
) {
    let mut i = 0;
    while i < command.commands.len() {
        let below = command.commands[i];
        if let Some(at) = below.said.first(said::OF_ROOT) {
            let (name, setter, above) = (below.name, said::NAMES[at], command.name);
            finder.show(Problem::OfRoot { name, setter, above });
        }
        // A program may be called so; what else is wrong with a name is its command's own.
        if program_name_fault(below.name).is_none() {
            show_name(below.name, plain_name_fault(below.name), finder);
        }
        i += 1;
    }
    if command.childless {
        finder.show(Problem::Childless { command: command.name });
    }
}

/// What is only known when a command is all there: rules that have no member here, and a default subcommand that is none.
#[inline]
pub(super) const fn strangers<'d, const ROOM: usize>(
    command: &Command<'d>,
    finder: &mut Finder<'d, ROOM>,
) {
    let mut r = 0;
    while r < command.rules.len() {
        let rule = &command.rules[r];
        if !has_any(command, rule) && !rule.members.is_empty() {
            finder.show(Problem::Rule { param: rule.members[0].name, command: command.name });
        }
        r += 1;
    }
    default_command(command, finder);
}

/// A default subcommand that is none.
#[inline]
pub(super) const fn default_command<'d, const ROOM: usize>(
    command: &Command<'d>,
    finder: &mut Finder<'d, ROOM>,
) {
    if let Some(default) = command.default_command {
        let mut i = 0;
        while i < command.commands.len() && !same(command.commands[i].name, default.name) {
            i += 1;
        }
        if i == command.commands.len() {
            finder
                .show(Problem::DefaultCommand { subcommand: default.name, command: command.name });
        }
    }
}

/// Stops the build where a static cannot be what is called so.
#[track_caller]
#[inline]
pub(super) const fn check_names(command: &Command<'_>) {
    let mut finder = Finder::<1>::new(0);
    names(command, &mut finder);
    finder.stop();
}

/// Stops the build where a static cannot take what it is said to; gives what follows from it.
#[track_caller]
#[inline]
pub(super) const fn check_taken(command: &Command<'_>) -> Settled {
    let mut finder = Finder::<1>::new(0);
    names(command, &mut finder);
    bundles(command, &mut finder);
    let mut settled_command = *command;
    settled_command.settled = taken::<1, true, true>(command, &mut finder);
    Roll::Parameters(&settled_command).show_twins(&mut finder);
    Roll::show_offered_twins(command, &mut finder);
    if settled_command.settled.operands > 1 {
        Roll::Operands(command).show_twins(&mut finder);
    }
    finder.stop();
    settled_command.settled
}

/// Stops the build where a static cannot have its subcommands, or one of these is not all there.
#[track_caller]
#[inline]
pub(super) const fn check_listed(command: &Command<'_>) {
    let mut finder = Finder::<1>::new(0);
    names(command, &mut finder);
    listed(command, &mut finder);
    Roll::Subcommands(command).show_twins(&mut finder);
    let mut i = 0;
    while i < command.commands.len() {
        strangers(command.commands[i], &mut finder);
        i += 1;
    }
    finder.stop();
}

/// Stops the build where what a static takes cannot be beside its subcommands.
#[track_caller]
#[inline]
pub(super) const fn check_across(command: &Command<'_>) {
    let mut finder = Finder::<1>::new(0);
    reach::across(command, &mut finder);
    finder.stop();
}

/// Stops the build where a static has phrases that cannot be filled in.
#[track_caller]
#[inline]
pub(super) const fn check_phrases(command: &Command<'_>) {
    let mut finder = Finder::<1>::new(0);
    phrases(command, &mut finder);
    finder.stop();
}

/// Stops the build where a static cannot list what it says is usual.
#[track_caller]
#[inline]
pub(super) const fn check_usual(command: &Command<'_>) {
    let mut finder = Finder::<1>::new(0);
    names(command, &mut finder);
    if let Some(params) = command.usual {
        reach::usual(command, params, &mut finder);
    }
    finder.stop();
}

/// Whether a member of a rule is a parameter of a command.
#[inline]
const fn has_any(command: &Command<'_>, rule: &Rule<'_>) -> bool {
    let mut known = match rule.when {
        Some((param, _)) => has(command, param),
        None => false,
    };
    let mut i = 0;
    while i < rule.members.len() {
        known |= has(command, rule.members[i]);
        i += 1;
    }
    known
}

/// A command, and those above it.
struct Way<'w, 'd> {
    command: &'w Command<'d>,
    above: Option<&'w Way<'w, 'd>>,
}

/// Rules in a tree one of whose members is neither on the way to their command nor below it, so that it could never be
/// kept: what is only known of a root.
#[inline]
pub(super) const fn out_of_reach<'d, const ROOM: usize>(
    root: &Command<'d>,
    finder: &mut Finder<'d, ROOM>,
) {
    Way { command: root, above: None }.out_of_reach(finder);
}

impl<'d> Way<'_, 'd> {
    #[inline]
    const fn out_of_reach<const ROOM: usize>(&self, finder: &mut Finder<'d, ROOM>) {
        let command = self.command;
        self.strangers(command.rules, finder);
        let mut i = 0;
        while i < command.bundles.len() {
            self.strangers(command.bundles[i].rules, finder);
            i += 1;
        }
        let mut c = 0;
        while c < command.commands.len() {
            Way { command: command.commands[c], above: Some(self) }.out_of_reach(finder);
            c += 1;
        }
    }

    #[inline]
    const fn strangers<const ROOM: usize>(
        &self,
        rules: &[Rule<'d>],
        finder: &mut Finder<'d, ROOM>,
    ) {
        let command = self.command;
        let mut r = 0;
        while r < rules.len() {
            let Rule { members, when, .. } = rules[r];
            // A rule without a member here is told of already.
            let mut i = if has_any(command, &rules[r]) { 0 } else { members.len() };
            while i < members.len() {
                if !self.reaches(members[i]) {
                    finder.show(Problem::Rule { param: members[i].name, command: command.name });
                }
                i += 1;
            }
            if let Some((param, _)) = when
                && !self.reaches(param)
            {
                finder.show(Problem::Rule { param: param.name, command: command.name });
            }
            r += 1;
        }
    }

    /// Whether a line that comes to the command may have a parameter.
    #[inline]
    const fn reaches(&self, param: &Param<'_>) -> bool {
        if is_below(self.command, param) {
            return true;
        }
        let mut above = self.above;
        while let Some(way) = above {
            if has(way.command, param) {
                return true;
            }
            above = way.above;
        }
        false
    }
}

/// Whether a command or one below it has a parameter.
#[inline]
const fn is_below(command: &Command<'_>, param: &Param<'_>) -> bool {
    if has(command, param) {
        return true;
    }
    let mut c = 0;
    while c < command.commands.len() {
        if is_below(command.commands[c], param) {
            return true;
        }
        c += 1;
    }
    false
}

/// Stops the build where a static has rules that are none.
#[track_caller]
#[inline]
pub(super) const fn check_rules(command: &Command<'_>) {
    let mut finder = Finder::<1>::new(0);
    lonely(command, command.rules, &mut finder);
    finder.stop();
}

/// Rules of a command, or of one of its bundles, with fewer than two members.
#[inline]
pub(super) const fn lonely<'d, const ROOM: usize>(
    command: &Command<'d>,
    rules: &[Rule<'d>],
    finder: &mut Finder<'d, ROOM>,
) {
    let mut r = 0;
    while r < rules.len() {
        let Rule { members, when, .. } = rules[r];
        if members.len() + when.is_some() as usize <= 1 {
            let only = match (members, when) {
                ([first, ..], _) => first.name,
                ([], Some((first, _))) => first.name,
                ([], None) => "",
            };
            finder.show(Problem::Lonely { only, command: command.name });
        }
        r += 1;
    }
}

/// By its name: addresses cannot be compared while compiling.
#[inline]
const fn has(command: &Command<'_>, param: &Param<'_>) -> bool {
    let mut i = 0;
    while let Some(own) = command.param(i) {
        if own.hash == param.hash
            && is_named(own.role) == is_named(param.role)
            && same(own.name, param.name)
        {
            return true;
        }
        i += 1;
    }
    false
}

/// What follows from the parameters of a command made at run time, and what they bring along.
#[inline]
pub(super) const fn settled(command: &Command<'_>) -> Settled {
    let mut settled = followed(command);
    let mut at = 0;
    while let Some(param) = command.param(at) {
        settled.brought.add(param);
        at += 1;
    }
    settled
}

/// What follows from the parameters of a command.
#[inline]
pub(super) const fn followed(command: &Command<'_>) -> Settled {
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
pub(super) const fn in_order(commands: &[&Command<'_>]) -> bool {
    let mut i = 1;
    while i < commands.len() {
        if !order(commands[i - 1].name, commands[i].name).is_lt() {
            return false;
        }
        i += 1;
    }
    true
}
