//! The state machine: one word in, steps out.

use std::ffi::OsStr;

use crate::record::cell::Held;
use crate::record::command::Command;
use crate::record::fault::{Fault, FaultKind, Place};
use crate::record::line::{Chain, Level, Line, Pending, Reach, Reader, Slot, Term, Trail};
use crate::record::param::{Param, Role, Tail};
use crate::record::step::{Meaning, NONE, Step};
use crate::record::word::Words;
use crate::record::world::Around;
use crate::text::Listed;

impl<'d> Slot<'d> {
    #[inline(always)]
    pub(crate) fn new(param: &'d Param<'d>) -> Self {
        Slot { param, typed: Chain::EMPTY, outer: None, cell: Held::empty() }
    }
}

impl Chain {
    pub(crate) const EMPTY: Chain = Chain { first: NONE, last: NONE, count: 0 };

    /// Links the step at `at` after the last one.
    #[inline(always)]
    pub(crate) fn push(&mut self, steps: &mut [Step], at: u32) {
        match steps.get_mut(self.last as usize) {
            Some(last) => last.next = at,
            None => self.first = at,
        }
        self.last = at;
        self.count += 1;
    }
}

/// What may stand next on a line: what completion offers, and the reader accepts.
#[derive(Debug, Clone, Copy)]
#[non_exhaustive]
pub enum Expects<'d> {
    /// A word for an option: the option, and which of its words, counted from 0.
    Value(&'d Param<'d>, usize),
    /// A subcommand of this command, or an option.
    Command(&'d Command<'d>),
    /// A word for this operand, or an option unless `--` was given.
    Operand(&'d Param<'d>),
    /// Nothing but an option.
    Nothing,
}

impl<'d> Reader<'d> {
    /// Starts in front of a program's root, with room for so many words.
    #[inline(always)]
    pub(crate) fn within(root: &'d Command<'d>, around: Around<'d>, words: usize) -> Self {
        Reader {
            line: Line {
                trail: Trail::new(root),
                slots: Vec::with_capacity(16),
                steps: Vec::with_capacity(words + 4),
                faults: Vec::new(),
                warned: Vec::new(),
                around,
                words: Words::new::<&str>(&[]),
                word: 0,
                pending: None,
                lost: false,
                operands_end: root.is_ending_options(),
                places: Vec::new(),
            },
            operands: Chain::EMPTY,
            behind: Chain::EMPTY,
            kept: Chain::EMPTY,
            ended: false,
            dashes: false,
            abbreviates: root.abbreviates(),
            asked: None,
            many: None,
            wanted: (0, 0),
        }
    }

    /// Reads the next word.
    pub fn step(&mut self, word: &OsStr) {
        self.step_all(Words::new(&[word]));
    }

    /// Reads all words, one after the other.
    pub fn step_all(&mut self, words: Words<'_>) {
        for at in 0..words.count() {
            self.step_one(words.at(at));
        }
    }

    // The one place that calls it is a loop, which most of the work of a reading is.
    #[inline(always)]
    fn step_one(&mut self, word: &OsStr) {
        let bytes = word.as_encoded_bytes();
        if let Some(pending) = self.line.pending {
            self.value(pending, 0, bytes.len());
        } else if self.ended {
            self.ended_word(bytes);
        } else {
            match bytes {
                b"--" => self.terminator(),
                [b'-', b'-', ..] => self.long(bytes),
                [b'-', digit, ..] if self.is_negative(*digit, bytes) => self.operand(bytes.len()),
                [b'-', _, ..] => self.cluster(bytes),
                _ => self.plain(bytes),
            }
        }
        self.line.word = self.line.word.saturating_add(1);
    }

    /// What was understood so far.
    pub fn steps(&self) -> &[Step] {
        &self.line.steps
    }

    /// What may stand next.
    pub fn expects(&self) -> Expects<'d> {
        if let Some(pending) = self.line.pending {
            let param = self.line.slots[pending.slot as usize].param;
            return Expects::Value(param, param.kinds().len() - pending.wanted as usize);
        }
        let command = self.command();
        if self.line.lost {
            Expects::Nothing
        } else if !command.subcommands().is_empty() && !self.ended {
            Expects::Command(command)
        } else {
            self.wanted_operand().map_or(Expects::Nothing, Expects::Operand)
        }
    }

    /// The parameters that an option name may mean here, nearest command first.
    pub fn reach(&self) -> Vec<&'d Param<'d>> {
        self.names_in_reach().params().listed()
    }

    /// What names may mean here.
    pub fn names_in_reach(&self) -> Reach<'d> {
        self.line.trail.reach_in(u32::MAX, self.line.around.usual)
    }

    /// Whether `--` was read: no word is an option from there on.
    pub const fn is_past_options(&self) -> bool {
        self.ended
    }

    /// The command that the words have reached.
    pub fn command(&self) -> &'d Command<'d> {
        self.line.command()
    }

    pub(crate) fn enter(&mut self, command: &'d Command<'d>) {
        self.line.operands_end |= command.is_ending_options();
        self.abbreviates = match self.abbreviates {
            Some(above) => Some(above.and(command.abbreviates())),
            None => command.abbreviates(),
        };
        let (base, word) = (self.line.slots.len() as u32, self.line.word);
        self.line.trail.enter(Level { command, base, word });
        self.add_slots(command);
    }

    pub(crate) fn add_slots(&mut self, command: &'d Command<'d>) {
        for &param in command.own_params() {
            self.line.slots.push(Slot::new(param));
        }
        for bundle in command.bundle_list() {
            self.line.slots.extend(bundle.params().iter().map(|param| Slot::new(param)));
        }
    }

    /// A word without a dash in front.
    #[inline]
    fn plain(&mut self, bytes: &[u8]) {
        let command = self.command();
        if self.line.lost {
            self.push(Meaning::Unread, 0, bytes.len(), NONE);
        } else if command.subcommands().is_empty() {
            self.operand(bytes.len());
        } else if let Some(next) = command.subcommand(bytes) {
            if !next.former_names().is_empty() {
                self.warn_command(next, bytes);
            }
            self.go_to(next, bytes.len());
        } else {
            self.other_command(command, bytes);
        }
    }

    #[inline]
    pub(crate) fn go_to(&mut self, next: &'d Command<'d>, len: usize) {
        self.push(Meaning::Command, 0, len, NONE);
        if next.deprecation().is_so() {
            self.line.warn(Term::Plain(next.name()), next.deprecation());
        }
        self.enter(next);
    }

    #[cold]
    fn warn_command(&mut self, next: &'d Command<'d>, bytes: &[u8]) {
        if let Some(old) = next.former_names().iter().find(|old| old.as_bytes() == bytes) {
            self.line.warn_former(Term::Plain(old), Term::Plain(next.name()));
        }
    }

    /// A word that is no subcommand's name: an abbreviation of one, a word for the default
    /// subcommand, or unknown.
    #[cold]
    fn other_command(&mut self, command: &'d Command<'d>, bytes: &[u8]) {
        if let Some(abbreviates) = self.abbreviates.filter(|code| code.of.has_commands())
            && (abbreviates.command)(self, command, bytes)
        {
            return;
        }
        if self.enter_default(&|default| default.takes_word(bytes)) {
            return self.plain(bytes);
        }
        self.unknown_command(FaultKind::CommandUnknown, bytes.len());
    }

    /// `--`, which is no option: what follows is for the default subcommand, if that takes operands.
    #[cold]
    fn terminator(&mut self) {
        self.enter_default(&|default| default.params().any(|param| param.role() == Role::Operand));
        (self.ended, self.dashes) = (true, true);
        self.push(Meaning::Terminator, 0, 2, NONE);
    }

    /// A word where none is an option. What is another's stands after `--`, also where an operand has ended the options.
    fn ended_word(&mut self, bytes: &[u8]) {
        let leaf = self.command();
        let is_apart = leaf.has_tail(Tail::AfterDashes) && !leaf.has_tail(Tail::Raw);
        if bytes == b"--" && is_apart && !self.dashes {
            return self.terminator();
        }
        self.operand(bytes.len());
    }

    /// Whether words are for the operand that takes those after `--`.
    pub(crate) fn is_behind(&self) -> bool {
        self.dashes && self.command().has_tail(Tail::AfterDashes)
    }

    /// Goes to the default subcommand, or on to its own, as if it were named before the word at
    /// hand: to the first for which `knows` holds. Tells whether there is one.
    pub(crate) fn enter_default(&mut self, knows: &dyn Fn(&Command<'d>) -> bool) -> bool {
        if self.line.lost {
            return false;
        }
        let mut way = Vec::new();
        let mut next = self.command().default_subcommand();
        while let Some(default) = next {
            way.push(default);
            if knows(default) {
                for default in way {
                    self.enter(default);
                }
                return true;
            }
            next = default.default_subcommand();
        }
        false
    }

    /// Goes to the default subcommand, whatever it takes: what completion asks next.
    pub fn step_into_default(&mut self) -> bool {
        self.enter_default(&|_| true)
    }

    #[cold]
    fn unknown_command(&mut self, kind: FaultKind, len: usize) {
        self.line.lost = true;
        self.push(Meaning::Unknown, 0, len, NONE);
        self.fault(kind, 0, len);
    }

    pub(crate) fn operand(&mut self, len: usize) {
        let meaning = if self.line.lost { Meaning::Unread } else { Meaning::Operand };
        let at = self.push(meaning, 0, len, NONE);
        if self.line.lost {
            return;
        }
        let leaf = self.command();
        if self.is_behind() {
            self.behind.push(&mut self.line.steps, at);
            return;
        }
        self.operands.push(&mut self.line.steps, at);
        self.ended |= self.line.operands_end || leaf.has_tail(Tail::Raw);
    }

    /// Keeps a word with an unknown option in it for the operand that takes these.
    pub(crate) fn keep(&mut self, len: usize) {
        let at = self.push_here(Meaning::Operand, 0, len, NONE);
        self.kept.push(&mut self.line.steps, at);
    }

    /// Gives bytes of the word to an option that waits for them.
    #[inline(always)]
    pub(crate) fn value(&mut self, pending: Pending, start: usize, end: usize) {
        let at = self.push_here(Meaning::Value, start, end, pending.slot);
        self.line.slots[pending.slot as usize].typed.push(&mut self.line.steps, at);
        let wanted = pending.wanted.saturating_sub(1);
        self.line.pending = (wanted > 0).then_some(Pending { wanted, ..pending });
    }

    /// The operand that the next word is for.
    fn wanted_operand(&self) -> Option<&'d Param<'d>> {
        let leaf = self.command();
        if self.is_behind() {
            return leaf.params().find(|p| p.tail() == Some(Tail::AfterDashes));
        }
        let mut taken = self.operands.count;
        leaf.operands().find(|operand| {
            let most = operand.word_count().max;
            let wanted = taken < most;
            taken = taken.saturating_sub(most);
            wanted
        })
    }

    /// The same for a line whose words are read one after the other: the search goes on where the last one ended.
    pub(crate) fn wanted_next(&mut self) -> Option<&'d Param<'d>> {
        if self.is_behind() {
            return self.wanted_operand();
        }
        let (leaf, taken) = (self.command(), self.operands.count);
        let (mut at, mut before) = if taken == 0 { (0, 0) } else { self.wanted };
        while let Some(param) = leaf.param(at) {
            let most = if param.is_positional() { param.word_count().max } else { 0 };
            if taken < before.saturating_add(most) {
                self.wanted = (at, before);
                return Some(param);
            }
            (at, before) = (at + 1, before.saturating_add(most));
        }
        self.wanted = (at, before);
        None
    }

    /// Records a step of the word at hand; gives its place in the record.
    #[inline(never)]
    pub(crate) fn push(&mut self, meaning: Meaning, start: usize, end: usize, slot: u32) -> u32 {
        self.push_here(meaning, start, end, slot)
    }

    /// The same in place, for what most words are.
    #[inline(always)]
    pub(crate) fn push_here(
        &mut self,
        meaning: Meaning,
        start: usize,
        end: usize,
        slot: u32,
    ) -> u32 {
        let at = self.line.steps.len() as u32;
        let (start, end) = (clamped(start), clamped(end));
        self.line.steps.push(Step { word: self.line.word, start, end, slot, next: NONE, meaning });
        at
    }

    pub(crate) fn fault(&mut self, kind: FaultKind, start: usize, end: usize) {
        self.line.blame(Fault::new(kind, self.place(start, end)));
    }

    pub(crate) fn place(&self, start: usize, end: usize) -> Place {
        Place::At { word: self.line.word as usize, start, end }
    }
}

/// A record holds words of up to 4 GiB in full; no system passes longer ones.
fn clamped(at: usize) -> u32 {
    u32::try_from(at).unwrap_or(u32::MAX)
}
