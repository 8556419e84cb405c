//! What may help against a fault: a few repairs each, the likely ones first. Whether one does is seen
//! when the line is read again.

use std::ffi::OsStr;

use super::fix::{Edit, Line, Word, edited};
use crate::declare::Role;
use crate::read::{Fault, FaultKind, Faults, Meaning, Place, Reader, Step, Words};
use crate::text::{in_order, nearest, part};

/// A line that may be right.
pub(super) struct Repair {
    pub(super) line: Line,
    /// How far it goes: a name for another is little, words left out are much.
    pub(super) cost: usize,
    /// The faults that it mends, by their places in the list.
    pub(super) mends: Vec<usize>,
}

impl Repair {
    /// Whether a name is mended or moved, and no more.
    pub(super) fn renames(&self) -> bool {
        self.cost <= MOVED
    }

    /// Whether something that was typed is left out.
    pub(super) fn drops(&self) -> bool {
        self.cost == DROPPED
    }
}

/// What a repair goes as far as.
pub(super) const NAMED: usize = 1;
pub(super) const MOVED: usize = 2;
pub(super) const FILLED: usize = 3;
pub(super) const ADDED: usize = 4;
pub(super) const DROPPED: usize = 5;

/// The repairs of one fault in the making.
pub(super) struct Bench<'f, 'd> {
    pub(super) faults: &'f Faults<'d>,
    pub(super) fault: &'f Fault<'d>,
    pub(super) line: &'f Line,
    pub(super) pick: usize,
    pub(super) repairs: Vec<Repair>,
}

impl<'d> Faults<'d> {
    /// What may help against a fault of a line.
    pub(super) fn repairs(&self, line: &Line, pick: usize) -> Vec<Repair> {
        let fault = &self.list[pick];
        let mut bench = Bench { faults: self, fault, line, pick, repairs: Vec::new() };
        match fault.kind {
            FaultKind::OptionUnknown => bench.option_unknown(),
            FaultKind::CommandUnknown => bench.command_unknown(),
            FaultKind::OptionAmbiguous | FaultKind::CommandAmbiguous => bench.ambiguous(),
            FaultKind::OperandMissing => bench.operands_missing(),
            FaultKind::OptionMissing | FaultKind::ValueMissing => bench.missing(),
            FaultKind::OperandExtra => bench.operand_extra(),
            FaultKind::CommandMissing => bench.drop_terminator(),
            FaultKind::ValueUnwanted => bench.value_unwanted(),
            FaultKind::ValueAttached => bench.value_attached(),
            FaultKind::ValueMisfit
            | FaultKind::ValueRefused
            | FaultKind::ValueNotText
            | FaultKind::PathRefused
            | FaultKind::FileUnread => bench.value(),
            FaultKind::ValuesMiscounted => bench.miscounted(),
            FaultKind::OptionRepeated => bench.repeated(),
            FaultKind::ValueTwice => bench.drop_value(),
            FaultKind::RuleBroken => bench.rule_broken(),
            _ => {}
        }
        bench.repairs
    }
}

impl<'d> Bench<'_, 'd> {
    #[inline(never)]
    pub(super) fn add(&mut self, cost: usize, edits: Vec<Edit>) {
        let line = edited(self.line, in_order(edits, Edit::order));
        self.add_line(cost, line);
    }

    pub(super) fn add_line(&mut self, cost: usize, line: Line) {
        self.repairs.push(Repair { line, cost, mends: vec![self.pick] });
    }

    pub(super) fn replace(&mut self, cost: usize, with: Word) {
        if let Place::At { word, start, end } = self.fault.place {
            self.add(cost, vec![Edit::Replace { word, start, end, with, apart: false }]);
        }
    }

    pub(super) fn insert(&mut self, cost: usize, word: usize, words: Line) {
        self.add(cost, vec![Edit::Insert { word, words }]);
    }

    /// The word of the fault and the bytes in it.
    pub(super) fn place(&self) -> Option<(usize, usize, usize)> {
        match self.fault.place {
            Place::At { word, start, end } => Some((word, start, end)),
            _ => None,
        }
    }

    /// What each word of the line was taken for.
    pub(super) fn steps(&self) -> Vec<Step> {
        let mut reader = Reader::new(self.faults.path.root(), self.line.len());
        let words: Vec<&OsStr> = self.line.iter().map(|word| &*word.typed).collect();
        reader.step_all(Words::new(&words));
        reader.steps().to_vec()
    }

    fn option_unknown(&mut self) {
        let Some((word, start, _)) = self.place() else { return };
        if let Some(near) = self.faults.near_option(self.fault) {
            self.replace(NAMED, Word::text(near.as_ref()));
        }
        if start == 0 {
            self.move_behind(word);
        }
        self.command_of_option(word);
        // An operand that begins with a dash; what is an option elsewhere, or nearly one, is none.
        let is_long = self.line[word].typed.as_encoded_bytes().starts_with(b"--");
        let root = self.faults.path.root();
        if !is_long && self.repairs.is_empty() && self.faults.owners(self.fault, root).is_empty() {
            self.insert(ADDED, word, vec![Word::text("--".as_ref())]);
        }
    }

    /// An option in front of the command that takes it moves behind: alone, or with a word or two
    /// behind it as its value.
    fn move_behind(&mut self, word: usize) {
        let above = self.faults.reader_before(word).leaf();
        let rest = &self.line[word..];
        for taken in 1..rest.len().min(4) {
            let (option, behind) = rest.split_at(taken);
            if above.find(behind[0].typed.as_encoded_bytes()).is_none() {
                continue;
            }
            let ended = behind.iter().position(|word| word.typed == "--").unwrap_or(behind.len());
            let (options, operands) = behind.split_at(ended);
            let line = [&self.line[..word], options, option, operands].concat();
            self.add_line(MOVED, line);
        }
    }

    /// The commands that have the option: one below the command at hand is put in front, one beside
    /// takes its place.
    fn command_of_option(&mut self, word: usize) {
        let reached = self.faults.reader_before(word).leaf();
        if !reached.commands.is_empty() {
            for names in self.faults.owners(self.fault, reached).into_iter().take(4) {
                let names = names.iter().map(|name| Word::text(name.as_ref())).collect();
                self.insert(MOVED, word, names);
            }
            return;
        }
        let path = &self.faults.path.0;
        let Some(&above) = path.len().checked_sub(2).and_then(|at| path.get(at)) else { return };
        let named = self.steps().into_iter().rfind(|step| step.meaning() == Meaning::Command);
        let (Some(named), [names]) = (named, &self.faults.owners(self.fault, above)[..]) else {
            return;
        };
        if let [name] = names[..] {
            let (word, end) = (named.word(), named.bytes().end);
            let with = Word::text(name.as_ref());
            self.add(DROPPED, vec![Edit::Replace { word, start: 0, end, with, apart: false }]);
        }
    }

    fn command_unknown(&mut self) {
        let Some((word, ..)) = self.place() else { return };
        if let Some(near) = self.faults.near_command(self.fault) {
            self.replace(NAMED, Word::text(near.as_ref()));
        }
        // A command of that name further down the tree: what is above it was left out.
        let typed = self.line[word].typed.clone();
        for names in self.faults.below(self.faults.path.leaf(), &typed).into_iter().take(4) {
            let names = names.iter().map(|name| Word::text(name.as_ref())).collect();
            self.insert(MOVED, word, names);
        }
    }

    fn ambiguous(&mut self) {
        for name in self.faults.begun(self.fault) {
            self.replace(NAMED, Word::text(name.as_ref()));
        }
    }

    /// All operands that are missing at once: a word that is put in alone may be taken for another.
    pub(super) fn operands_missing(&mut self) {
        let mut edits = Vec::new();
        let mut mends = Vec::new();
        for (at, fault) in self.faults.list.iter().enumerate() {
            let is_operand = fault.param.is_some_and(|param| param.role() == Role::Operand);
            let Place::Before(word) = fault.place else { continue };
            let lacks =
                matches!(fault.kind, FaultKind::OperandMissing | FaultKind::ValuesMiscounted);
            if is_operand && lacks {
                edits.push(Edit::Insert { word, words: missing(fault) });
                mends.push(at);
            }
        }
        let line = edited(self.line, edits);
        self.repairs.push(Repair { line, cost: FILLED, mends });
    }

    pub(super) fn missing(&mut self) {
        if let Place::Before(word) = self.fault.place {
            self.insert(FILLED, word, missing(self.fault));
        }
    }

    fn value_unwanted(&mut self) {
        let Some((word, start, end)) = self.place() else { return };
        let Some(param) = self.fault.param.filter(|param| param.is_attached()) else {
            return self.replace(NAMED, Word::default());
        };
        // `-cwhen` means `--color=when`; letters in front stay a word of their own.
        let mut with = Word::text((param.spelled() + "=").as_ref());
        with.push_text(&part(&self.line[word].typed, start, end));
        let (from, apart) = if start > 2 { (start - 1, true) } else { (0, false) };
        self.add(NAMED, vec![Edit::Replace { word, start: from, end, with, apart }]);
    }

    /// `--at=LAT LON`: the first value becomes a word of its own.
    fn value_attached(&mut self) {
        let Some((word, start, end)) = self.place() else { return };
        let (cut, value) = attached(self.line[word].typed.as_encoded_bytes(), start);
        let with = Word::text(&part(&self.line[word].typed, value, end));
        self.add(NAMED, vec![Edit::Replace { word, start: cut, end, with, apart: true }]);
    }

    /// A value that is refused gives way to the choice that is near it, or to a hole; or its word
    /// stands where a value was left out. A value of several words has a hole for each.
    fn value(&mut self) {
        let (Some((word, start, end)), Some(param)) = (self.place(), self.fault.param) else {
            return;
        };
        let at = self.fault.which;
        let typed = part(&self.line[word].typed, start, end);
        // Behind a short name a hole would look like letters of the cluster; behind a delimiter or
        // an `=` it does not.
        let before = start.checked_sub(1).map(|at| self.line[word].typed.as_encoded_bytes()[at]);
        let apart = before.is_some_and(|byte| byte.is_ascii_alphanumeric());
        let offers = param.word_kind(at).into_iter().flat_map(|kind| kind.offers());
        let near =
            typed.to_str().and_then(|typed| nearest(typed, &mut offers.map(|offer| offer.0)));
        let mut fill = |with: Word, cost: usize| {
            let mut edits = vec![Edit::Replace { word, start, end, with, apart }];
            for next in 1..=self.fault.more {
                let (word, with) = (word + next, Word::hole(param, at + next));
                let end = self.line[word].typed.len();
                edits.push(Edit::Replace { word, start: 0, end, with, apart: false });
            }
            self.add(cost, edits);
        };
        match near {
            Some(near) => fill(Word::text(near.as_ref()), NAMED),
            None => fill(Word::hole(param, at), FILLED),
        }
        if start == 0 {
            let words = (at..param.kinds().len()).map(|at| Word::hole(param, at)).collect();
            self.insert(ADDED, word, words);
        }
    }
}

/// Where a value begins that is attached to a name, and where the name ends: at the `=` of a long
/// name, behind the letter of a short one.
fn attached(word: &[u8], start: usize) -> (usize, usize) {
    let is_long = word.starts_with(b"--");
    match word.iter().position(|&byte| byte == b'=') {
        Some(equals) if is_long => (equals, equals + 1),
        _ => (start.max(1) + 1, start.max(1) + 1),
    }
}

/// What goes where something is missing.
fn missing(fault: &Fault<'_>) -> Line {
    let Some(param) = fault.param else { return Line::new() };
    let mut words = Line::new();
    let is_option = param.role() != Role::Operand;
    if is_option && fault.kind != FaultKind::ValueMissing {
        words.push(Word::text(param.spelled().as_ref()));
    }
    let (given, wanted) = match fault.kind {
        FaultKind::ValuesMiscounted if is_option => (0, param.kinds().len()),
        _ if is_option => (fault.count, param.kinds().len()),
        _ => (fault.count, param.word_count().min as usize),
    };
    for at in given..wanted.max(given + usize::from(!is_option)) {
        words.push(Word::hole(param, at));
    }
    words
}
