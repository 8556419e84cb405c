//! The state machine: one word in, steps out.

use std::ffi::OsStr;

use super::fault::{Fault, FaultKind, Place};
use super::reading::Length;
use super::step::{Meaning, NONE, Step};
use crate::declare::{Command, Param};

/// Steps through the words of a command line one by one.
///
/// [`Command::read`] does this for a whole line; the reader itself is for what looks at a line in
/// the making, such as completion and a trace.
///
/// ```
/// use clavret_core::{Command, Flag, Meaning, Operand, Reader};
/// static HIVE: Operand<String> = Operand::new("hive");
/// static CALM: Flag = Flag::new("calm").short('c');
/// static INSPECT: Command = Command::new("inspect").takes(&[HIVE.param(), CALM.param()]);
///
/// let mut reader = Reader::new(&INSPECT, 2);
/// reader.step("A7".as_ref());
/// reader.step("-c".as_ref());
/// let meanings: Vec<Meaning> = reader.steps().iter().map(|step| step.meaning()).collect();
/// assert_eq!(meanings, [Meaning::Operand, Meaning::Name]);
/// ```
#[derive(Debug, Clone)]
pub struct Reader<'d> {
    pub(super) levels: Vec<Level<'d>>,
    pub(super) slots: Vec<Slot<'d>>,
    pub(super) steps: Vec<Step>,
    pub(super) faults: Vec<Fault<'d>>,
    pub(super) pending: Option<Pending>,
    /// The operand words so far; which parameter each is for is known behind the last one.
    pub(super) operands: Chain,
    pub(super) word: u32,
    pub(super) ended: bool,
    /// An unknown command stands before: what the rest means is not known.
    pub(super) lost: bool,
    pub(super) asked: Option<Asked>,
}

/// A command on the way from the root, and where the slots of its parameters begin.
#[derive(Debug, Clone, Copy)]
pub(super) struct Level<'d> {
    pub(super) command: &'d Command<'d>,
    pub(super) base: u32,
}

/// A parameter in reach, and the words that were typed for it.
#[derive(Debug, Clone, Copy)]
pub(super) struct Slot<'d> {
    pub(crate) param: &'d Param<'d>,
    pub(crate) typed: Chain,
}

/// Steps linked by [`Step::next`], first to last.
#[derive(Debug, Clone, Copy)]
pub(super) struct Chain {
    pub(crate) first: u32,
    pub(crate) last: u32,
    pub(crate) count: u32,
}

impl Chain {
    pub(super) const EMPTY: Chain = Chain { first: NONE, last: NONE, count: 0 };

    /// Links the step at `at` behind the last one.
    pub(super) fn push(&mut self, steps: &mut [Step], at: u32) {
        match steps.get_mut(self.last as usize) {
            Some(last) => last.next = at,
            None => self.first = at,
        }
        self.last = at;
        self.count += 1;
    }
}

/// An option that waits for words.
#[derive(Debug, Clone, Copy)]
pub(super) struct Pending {
    pub(super) slot: u32,
    pub(super) wanted: u32,
}

/// What was asked for instead of the command itself.
#[derive(Debug, Clone, Copy)]
pub(super) enum Asked {
    Page(Length),
    Version,
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
    /// Starts at a program's root; `words` says for how many words to make room.
    pub fn new(root: &'d Command<'d>, words: usize) -> Self {
        let mut reader = Reader {
            levels: Vec::with_capacity(4),
            slots: Vec::with_capacity(16),
            steps: Vec::with_capacity(words + 4),
            faults: Vec::new(),
            pending: None,
            operands: Chain::EMPTY,
            word: 0,
            ended: false,
            lost: false,
            asked: None,
        };
        reader.enter(root);
        reader
    }

    /// Reads the next word.
    pub fn step(&mut self, word: &OsStr) {
        let bytes = word.as_encoded_bytes();
        if let Some(pending) = self.pending {
            self.value(pending, 0, bytes.len());
        } else if self.ended {
            self.operand(bytes.len());
        } else {
            match bytes {
                b"--" => {
                    self.ended = true;
                    self.push(Meaning::Terminator, 0, 2, NONE);
                }
                [b'-', b'-', name @ ..] => self.long(bytes, name),
                [b'-', digit, ..] if self.is_negative(*digit, bytes) => self.operand(bytes.len()),
                [b'-', _, ..] => self.cluster(bytes),
                _ => self.plain(bytes),
            }
        }
        self.word = self.word.saturating_add(1);
    }

    /// What was understood so far.
    pub fn steps(&self) -> &[Step] {
        &self.steps
    }

    /// What may stand next.
    pub fn expects(&self) -> Expects<'d> {
        if let Some(pending) = self.pending {
            let param = self.slots[pending.slot as usize].param;
            return Expects::Value(param, param.kinds().len() - pending.wanted as usize);
        }
        let command = self.leaf();
        if self.lost {
            Expects::Nothing
        } else if !command.commands.is_empty() && !self.ended {
            Expects::Command(command)
        } else {
            self.wanted_operand().map_or(Expects::Nothing, Expects::Operand)
        }
    }

    /// The parameters that an option name may mean here, nearest command first.
    pub fn reach(&self) -> impl Iterator<Item = &'d Param<'d>> + '_ {
        self.reachable().map(|(_, param)| param)
    }

    /// Whether `--` was read: no word is an option from there on.
    pub const fn is_past_options(&self) -> bool {
        self.ended
    }

    pub(super) fn reachable(&self) -> impl Iterator<Item = (u32, &'d Param<'d>)> + '_ {
        let leaf = self.levels.len() - 1;
        self.levels
            .iter()
            .enumerate()
            .rev()
            .flat_map(move |(depth, level)| {
                let params = (level.base..).zip(level.command.params);
                params.filter(move |(_, param)| depth == leaf || param.throughout)
            })
            .map(|(slot, param)| (slot, *param))
    }

    /// The command that the words have reached.
    pub(super) fn leaf(&self) -> &'d Command<'d> {
        self.levels[self.levels.len() - 1].command
    }

    fn enter(&mut self, command: &'d Command<'d>) {
        self.levels.push(Level { command, base: self.slots.len() as u32 });
        let slots = command.params.iter().map(|&param| Slot { param, typed: Chain::EMPTY });
        self.slots.extend(slots);
    }

    /// A word without a dash in front.
    fn plain(&mut self, bytes: &[u8]) {
        let command = self.leaf();
        if self.lost {
            self.push(Meaning::Unread, 0, bytes.len(), NONE);
        } else if command.commands.is_empty() {
            self.operand(bytes.len());
        } else if let Some(next) = command.find(bytes) {
            self.push(Meaning::Command, 0, bytes.len(), NONE);
            self.enter(next);
        } else {
            self.lost = true;
            self.push(Meaning::Unknown, 0, bytes.len(), NONE);
            self.fault(FaultKind::CommandUnknown, 0, bytes.len());
        }
    }

    fn operand(&mut self, len: usize) {
        let meaning = if self.lost { Meaning::Unread } else { Meaning::Operand };
        let at = self.push(meaning, 0, len, NONE);
        if !self.lost {
            self.operands.push(&mut self.steps, at);
        }
    }

    /// Gives bytes of the word to an option that waits for them.
    pub(super) fn value(&mut self, pending: Pending, start: usize, end: usize) {
        let at = self.push(Meaning::Value, start, end, pending.slot);
        self.slots[pending.slot as usize].typed.push(&mut self.steps, at);
        let wanted = pending.wanted - 1;
        self.pending = (wanted > 0).then_some(Pending { wanted, ..pending });
    }

    /// The operand that the next word is for.
    pub(super) fn wanted_operand(&self) -> Option<&'d Param<'d>> {
        let mut taken = self.operands.count;
        self.leaf().operands().find(|operand| {
            let most = operand.word_count().max;
            let wanted = taken < most;
            taken = taken.saturating_sub(most);
            wanted
        })
    }

    /// Records a step of the word at hand; gives its place in the record.
    pub(super) fn push(&mut self, meaning: Meaning, start: usize, end: usize, slot: u32) -> u32 {
        let at = self.steps.len() as u32;
        let (start, end) = (clamped(start), clamped(end));
        self.steps.push(Step { word: self.word, start, end, slot, next: NONE, meaning });
        at
    }

    pub(super) fn fault(&mut self, kind: FaultKind, start: usize, end: usize) {
        self.faults.push(Fault::new(kind, self.place(start, end)));
    }

    pub(super) fn place(&self, start: usize, end: usize) -> Place {
        Place::At { word: self.word as usize, start, end }
    }
}

/// A record holds words of up to 4 GiB in full; no system passes longer ones.
fn clamped(at: usize) -> u32 {
    u32::try_from(at).unwrap_or(u32::MAX)
}
