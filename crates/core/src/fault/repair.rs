//! What may help against a fault: a few repairs each, the likely ones first. Whether one does is seen
//! when the line is read again.

use std::ffi::OsStr;

use super::fix::{Edit, Line, Word, edited};
use crate::declare::{Command, Hit, Param, Role, Sort};
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
const NAMED: usize = 1;
const MOVED: usize = 2;
const FILLED: usize = 3;
const ADDED: usize = 4;
const DROPPED: usize = 5;

/// The repairs of one fault in the making.
struct Bench<'f, 'd> {
    faults: &'f Faults<'d>,
    fault: &'f Fault<'d>,
    line: &'f Line,
    pick: usize,
    repairs: Vec<Repair>,
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
    fn add(&mut self, cost: usize, edits: Vec<Edit>) {
        let line = edited(self.line, in_order(edits, Edit::order));
        self.add_line(cost, line);
    }

    fn add_line(&mut self, cost: usize, line: Line) {
        self.repairs.push(Repair { line, cost, mends: vec![self.pick] });
    }

    fn replace(&mut self, cost: usize, with: Word) {
        if let Place::At { word, start, end } = self.fault.place {
            self.add(cost, vec![Edit::Replace { word, start, end, with, apart: false }]);
        }
    }

    fn insert(&mut self, cost: usize, word: usize, words: Line) {
        self.add(cost, vec![Edit::Insert { word, words }]);
    }

    /// The word of the fault and the bytes in it.
    fn place(&self) -> Option<(usize, usize, usize)> {
        match self.fault.place {
            Place::At { word, start, end } => Some((word, start, end)),
            _ => None,
        }
    }

    /// What each word of the line was taken for.
    fn steps(&self) -> Vec<Step> {
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
    fn operands_missing(&mut self) {
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

    fn missing(&mut self) {
        if let Place::Before(word) = self.fault.place {
            self.insert(FILLED, word, missing(self.fault));
        }
    }

    fn operand_extra(&mut self) {
        let Some((word, ..)) = self.place() else { return };
        // A value that its option takes only attached.
        let before = self.steps().into_iter().rfind(|step| step.word() + 1 == word);
        let reach = self.faults.reader_before(word).reach();
        if let Some(before) = before.filter(|step| step.meaning() == Meaning::Name) {
            let name = part(&self.line[word - 1].typed, before.bytes().start, before.bytes().end);
            let spelled = name.to_string_lossy();
            let is_meant = |param: &&&Param<'_>| {
                let letter = || [b'-', param.short].as_slice() == spelled.as_bytes();
                param.is_attached() && (param.spelled() == spelled || letter())
            };
            if let Some(param) = reach.iter().find(is_meant) {
                let mut joined = Word::text((param.spelled() + "=").as_ref());
                joined.push_text(&self.line[word].typed);
                let start = before.bytes().start;
                let end = before.bytes().end;
                let apart = start > 1;
                let edit = Edit::Replace { word: word - 1, start, end, with: joined, apart };
                self.add(NAMED, vec![edit, Edit::Drop { word }]);
            }
        }
        // A name without its dashes.
        let typed = self.line[word].typed.to_string_lossy().into_owned();
        if reach.iter().any(|param| !param.is_hidden() && param.is_called(&typed)) {
            self.replace(NAMED, Word::text(("--".to_owned() + &typed).as_ref()));
        }
        self.drop_terminator();
        self.add(DROPPED, vec![Edit::Drop { word }]);
    }

    /// Without the `--` a word may be a subcommand's name.
    fn drop_terminator(&mut self) {
        let steps = self.steps();
        if let Some(end) = steps.iter().find(|step| step.meaning() == Meaning::Terminator) {
            self.add(MOVED, vec![Edit::Drop { word: end.word() }]);
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

    fn miscounted(&mut self) {
        if self.fault.param.is_some_and(|param| param.role() == Role::Operand) {
            self.operands_missing();
            self.drop_value();
        } else if matches!(self.fault.place, Place::Before(_)) {
            self.missing();
        } else {
            self.drop_value();
        }
    }

    /// What counts is the last one: those before it go.
    fn repeated(&mut self) {
        let steps = self.steps();
        let Some((word, start, _)) = self.place() else { return };
        let at = steps.iter().position(|s| s.word() == word && s.bytes().start == start);
        let Some(repeated) = at.map(|at| steps[at]) else { return };
        let is_same = |step: &&Step| step.slot == repeated.slot && !step.is_of_value();
        let mut names: Vec<&Step> = steps.iter().filter(is_same).collect();
        names.pop();
        let edits = names.into_iter().flat_map(|name| dropped(&steps, name, self.line));
        self.add(DROPPED, edits.collect());
    }

    /// The value of the fault goes, with the name in front of it; one of several in a word goes with
    /// its delimiter.
    fn drop_value(&mut self) {
        let Some((word, start, end)) = self.place() else { return };
        let steps = self.steps();
        let Some(at) = steps.iter().position(|step| {
            step.word() == word && step.bytes().contains(&start) && step.is_of_value()
        }) else {
            return;
        };
        let (bytes, step) = (steps[at].bytes(), &steps[at]);
        if bytes != (start..end) {
            let (start, end) =
                if start > bytes.start { (start - 1, end) } else { (start, end + 1) };
            let with = Word::default();
            return self.add(DROPPED, vec![Edit::Replace { word, start, end, with, apart: false }]);
        }
        let name = match step.meaning() {
            Meaning::Operand => Some(step),
            _ => steps[..at].iter().rfind(|name| name.slot == step.slot && !name.is_of_value()),
        };
        if let Some(name) = name {
            let edits = dropped(&steps, name, self.line);
            self.add(DROPPED, edits);
        }
    }

    fn rule_broken(&mut self) {
        let Some(rule) = self.fault.rule else { return };
        let members = rule.members.iter().copied();
        if let Place::Before(word) = self.fault.place {
            let wanted: Vec<&Param<'d>> = match rule.sort {
                Sort::AtLeastOne => members.collect(),
                _ => self.fault.param.into_iter().collect(),
            };
            for param in wanted {
                self.insert(FILLED, word, given(param));
            }
            return;
        }
        // One of those that exclude each other stays.
        let steps = self.steps();
        let places = std::iter::once(self.fault.place).chain(self.fault.also.iter().copied());
        let places: Vec<Place> = places.collect();
        let at = |place: &Place| steps.iter().find(|step| step.place() == *place);
        for kept in &places {
            let Some(kept) = at(kept) else { continue };
            let others = places.iter().filter_map(at).filter(|step| step.slot != kept.slot);
            let edits = others.flat_map(|step| dropped(&steps, step, self.line)).collect();
            self.add(DROPPED, edits);
        }
    }
}

/// Leaves out what was typed by a name and the words that are its value, or an operand.
fn dropped(steps: &[Step], name: &Step, line: &Line) -> Vec<Edit> {
    let (word, bytes) = (name.word(), name.bytes());
    let of_it = steps.iter().skip_while(|step| !std::ptr::eq(*step, name)).skip(1);
    let values: Vec<&Step> = of_it
        .take_while(|step| step.meaning() == Meaning::Value && step.slot == name.slot)
        .collect();
    let here = values.iter().filter(|value| value.word() == word).map(|value| value.bytes().end);
    let end = here.max().unwrap_or(bytes.end);
    let is_whole = bytes.start == 0 && end == line[word].typed.len();
    let mut edits = vec![match bytes.start {
        _ if is_whole => Edit::Drop { word },
        // The dash of a cluster stays for the letters behind.
        0 => Edit::Replace { word, start: 1, end, with: Word::default(), apart: false },
        start => Edit::Replace { word, start, end, with: Word::default(), apart: false },
    }];
    let behind = values.iter().map(|value| value.word()).filter(|&value| value != word);
    edits.extend(behind.map(|word| Edit::Drop { word }));
    edits
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

/// A parameter as it would be given.
fn given(param: &Param<'_>) -> Line {
    let mut words = Line::new();
    if param.role() != Role::Operand {
        words.push(Word::text(param.spelled().as_ref()));
    }
    if !param.is_attached() {
        words.extend((0..param.kinds().len()).map(|at| Word::hole(param, at)));
    }
    words
}

impl<'d> Faults<'d> {
    /// The commands below one that have the option of a fault, each as the names that lead there.
    pub(super) fn owners(&self, fault: &Fault<'_>, top: &'d Command<'d>) -> Vec<Vec<&'d str>> {
        let Place::At { word, start, end } = fault.place else { return Vec::new() };
        let typed = part(self.words.word(word), start, end);
        let typed = typed.as_encoded_bytes();
        let has = |command: &Command<'_>| {
            command.params.iter().any(|param| {
                let letter = |letter: u8| letter == param.short || letter == param.opposite_short;
                !param.is_hidden()
                    && match typed {
                        [b'-', b'-', name @ ..] => {
                            matches!(param.find_name(name), Some(hit) if hit != Hit::Former)
                        }
                        [b'-', short] => letter(*short),
                        [short] if start > 0 => letter(*short),
                        _ => false,
                    }
            })
        };
        search(top, &|command| has(command))
    }

    /// The names above the commands of a name, below one.
    fn below(&self, top: &'d Command<'d>, name: &OsStr) -> Vec<Vec<&'d str>> {
        let found = search(top, &|command| command.name.as_bytes() == name.as_encoded_bytes());
        let above = |mut names: Vec<&'d str>| {
            names.pop();
            names
        };
        found.into_iter().map(above).filter(|names| !names.is_empty()).collect()
    }
}

/// The first few commands below one for which something holds, each as the names that lead there.
/// Those nearest to it come first.
fn search<'d>(top: &'d Command<'d>, holds: &dyn Fn(&Command<'d>) -> bool) -> Vec<Vec<&'d str>> {
    const MOST: usize = 4;
    let mut found = Vec::new();
    let mut level: Vec<(Vec<&'d str>, &'d Command<'d>)> = vec![(Vec::new(), top)];
    while !level.is_empty() && found.len() < MOST {
        let mut next = Vec::new();
        for (names, command) in level {
            for below in command.commands.iter().filter(|below| !below.hidden) {
                let mut names = names.clone();
                names.push(below.name);
                if holds(below) && found.len() < MOST {
                    found.push(names.clone());
                }
                next.push((names, *below));
            }
        }
        level = next;
    }
    found
}
