//! The line repaired. What is offered has been read again: as it stands (a fix), or with an
//! example where only the user knows the value (an outline).

use std::ffi::{OsStr, OsString};

use crate::declare::{Command, Param, Role};
use crate::read::{Fault, FaultKind, Faults, Outcome, Place, part};
use crate::text::{Put, Quoted, in_order, nearest};

/// Faults of a line that are repaired; with more the line is beyond mending.
const MOST: usize = 8;

/// A repaired line that reads.
pub(super) struct Repaired {
    /// The line as it is shown: quoted, with placeholders in the holes.
    pub(super) shown: String,
    /// Whether there are holes: then it is an outline, not a fix.
    pub(super) has_holes: bool,
    /// The places of the faults that were mended. The others went away with them: a word is only
    /// one too many because the option that it is the value of is misspelt.
    pub(super) mended: Vec<usize>,
}

/// A word of the repaired line.
#[derive(Default)]
struct Word {
    /// As it is read again: with an example in each hole.
    typed: OsString,
    /// As it is shown, where that is not just the typed word, quoted.
    shown: Option<String>,
}

impl Word {
    fn text(text: &OsStr) -> Self {
        Word { typed: text.to_owned(), shown: None }
    }

    fn hole(param: &Param<'_>, at: usize) -> Self {
        Word { typed: param.example(at).into(), shown: Some(param.hole(at)) }
    }

    fn push_text(&mut self, text: &OsStr) {
        self.typed.push(text);
        if let Some(shown) = &mut self.shown
            && !text.is_empty()
        {
            shown.put(&Quoted::new(text).text);
        }
    }

    fn push(&mut self, other: &Word) {
        match &other.shown {
            None => self.push_text(&other.typed),
            Some(hole) => {
                let before = if self.typed.is_empty() { String::new() } else { self.text_shown() };
                self.shown.get_or_insert(before).put(hole);
                self.typed.push(&other.typed);
            }
        }
    }

    fn text_shown(&self) -> String {
        self.shown.clone().unwrap_or_else(|| Quoted::new(&self.typed).text)
    }
}

/// What is done to a line.
enum Edit {
    /// The bytes from `start` to `end` of a word give way to something else; `apart`, which then
    /// begins a word of its own.
    Replace { word: usize, start: usize, end: usize, with: Word, apart: bool },
    /// Words are put in front of a word.
    Insert { word: usize, words: Vec<Word> },
}

impl Edit {
    fn order(&self) -> (usize, usize) {
        match self {
            Edit::Replace { word, start, .. } => (*word, *start + 1),
            Edit::Insert { word, .. } => (*word, 0),
        }
    }
}

impl<'d> Faults<'d> {
    /// The line with every fault repaired, if it reads then.
    pub(super) fn repaired(&self) -> Option<Repaired> {
        if self.list.len() > MOST {
            return None;
        }
        let mut mended = Vec::new();
        let line = self
            .renamed(&mut mended)
            .or_else(|| self.edited(&mut mended))
            .or_else(|| self.moved(&mut mended))?;
        let mut shown = self.path.root().name.to_owned();
        let mut has_holes = false;
        for word in line {
            shown.put(" ");
            shown.put(&word.text_shown());
            has_holes |= word.shown.is_some();
        }
        Some(Repaired { shown, has_holes, mended })
    }

    /// The line with misspelt names mended, and then what is still wrong with it: what stands behind
    /// a name is only understood once the name is, and so is what is missing there (`hive ad` for
    /// `hive add CODE`).
    fn renamed(&self, mended: &mut Vec<usize>) -> Option<Vec<Word>> {
        let line = self.line(self.edits(Fault::is_of_name, mended)?);
        let Some(rest) = read(self.path.root(), &line) else { return Some(line) };
        let line = rest.edited(&mut Vec::new())?;
        mended.clear();
        for (at, fault) in self.list.iter().enumerate() {
            let stays = |left: &Fault<'_>| left.kind == fault.kind && left.place == fault.place;
            if fault.is_of_name() || rest.list.iter().any(stays) {
                mended.push(at);
            }
        }
        Some(line)
    }

    /// The line with the faults mended where they stand.
    fn edited(&self, mended: &mut Vec<usize>) -> Option<Vec<Word>> {
        let line = self.line(self.edits(|_| true, mended)?);
        read(self.path.root(), &line).is_none().then_some(line)
    }

    /// What mends the chosen faults, in the order of the line; `None` where nothing mends any.
    fn edits(
        &self,
        is_chosen: fn(&Fault<'d>) -> bool,
        mended: &mut Vec<usize>,
    ) -> Option<Vec<Edit>> {
        let mut edits = Vec::new();
        mended.clear();
        for (at, fault) in self.list.iter().enumerate() {
            if is_chosen(fault) && self.add_edits(fault, &mut edits).is_some() {
                mended.push(at);
            }
        }
        (!edits.is_empty()).then(|| in_order(edits, Edit::order))
    }

    /// The line with an option moved behind the commands, where it is given in front of the one
    /// that takes it: alone, or with a word or two behind it as its value.
    fn moved(&self, mended: &mut Vec<usize>) -> Option<Vec<Word>> {
        let first = self.list.first().filter(|fault| fault.kind == FaultKind::OptionUnknown)?;
        let Place::At { word, start: 0, .. } = first.place else { return None };
        let above = self.reader_before(word).leaf();
        let rest = &self.words[word..];
        for taken in 1..rest.len().min(4) {
            let (option, behind) = rest.split_at(taken);
            if above.find(behind[0].as_encoded_bytes()).is_none() {
                continue;
            }
            let ended = behind.iter().position(|word| word == "--").unwrap_or(behind.len());
            let (options, operands) = behind.split_at(ended);
            let mut line = Vec::new();
            for words in [&self.words[..word], options, option, operands] {
                line.extend(words.iter().map(|word| Word::text(word)));
            }
            if read(self.path.root(), &line).is_none() {
                *mended = vec![0];
                return Some(line);
            }
        }
        None
    }

    /// What mends a fault; `None` where nothing does.
    fn add_edits(&self, fault: &Fault<'d>, edits: &mut Vec<Edit>) -> Option<()> {
        let (word, start, end) = match fault.place {
            Place::At { word, start, end } => (word, start, end),
            Place::Before(word) => {
                edits.push(Edit::Insert { word, words: missing(fault)? });
                return Some(());
            }
            Place::Nowhere => return None,
        };
        let with = match fault.kind {
            FaultKind::OptionUnknown => Word::text(self.near_option(fault)?.as_ref()),
            FaultKind::CommandUnknown => Word::text(self.near_command(fault)?.as_ref()),
            FaultKind::ValueUnwanted => Word::default(),
            FaultKind::ValueMisfit | FaultKind::ValueRefused | FaultKind::ValueNotText => {
                return self.add_value_edits(fault, (word, start, end), edits);
            }
            FaultKind::ValueAttached => {
                // `--at=LAT LON`: the first value becomes a word of its own.
                let (cut, value) = attached(self.words[word].as_encoded_bytes(), start);
                let with = Word::text(&part(&self.words[word], value, end));
                edits.push(Edit::Replace { word, start: cut, end, with, apart: true });
                return Some(());
            }
            _ => return None,
        };
        edits.push(Edit::Replace { word, start, end, with, apart: false });
        Some(())
    }

    /// A value that is refused gives way to the choice that is near it, or to a hole. A value of
    /// several words is refused as a whole, and has a hole for each.
    fn add_value_edits(
        &self,
        fault: &Fault<'d>,
        (word, start, end): (usize, usize, usize),
        edits: &mut Vec<Edit>,
    ) -> Option<()> {
        let param = fault.param?;
        let at = fault.which;
        let typed = part(&self.words[word], start, end);
        let mut offers = param.kinds().get(at)?.offers().map(|offer| offer.0);
        let with = match typed.to_str().and_then(|typed| nearest(typed, &mut offers)) {
            Some(near) => Word::text(near.as_ref()),
            None => Word::hole(param, at),
        };
        // Behind a short name a hole would look like letters of the cluster.
        let apart = start > 0 && self.words[word].as_encoded_bytes()[start - 1] != b'=';
        edits.push(Edit::Replace { word, start, end, with, apart });
        for next in 1..=fault.more {
            let (word, with) = (word + next, Word::hole(param, at + next));
            let end = self.words[word].len();
            edits.push(Edit::Replace { word, start: 0, end, with, apart: false });
        }
        Some(())
    }

    /// The words with the edits made, which stand in order.
    fn line(&self, edits: Vec<Edit>) -> Vec<Word> {
        let mut line = Vec::new();
        let mut edits = edits.into_iter().peekable();
        for at in 0..=self.words.len() {
            let mut made = Word::default();
            let mut done = 0;
            while let Some(edit) = edits.next_if(|edit| edit.order().0 == at) {
                match edit {
                    Edit::Insert { words, .. } => line.extend(words),
                    Edit::Replace { start, end, with, apart, .. } => {
                        made.push_text(&part(&self.words[at], done, start));
                        if apart {
                            line.push(std::mem::take(&mut made));
                        }
                        made.push(&with);
                        done = end;
                    }
                }
            }
            if let Some(word) = self.words.get(at) {
                made.push_text(&part(word, done, word.len()));
                line.push(made);
            }
        }
        line
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
fn missing(fault: &Fault<'_>) -> Option<Vec<Word>> {
    let param = fault.param?;
    let mut words = Vec::new();
    if fault.kind == FaultKind::OptionMissing {
        words.push(Word::text(param.spelled().as_ref()));
    }
    let wanted = match param.role() {
        Role::Operand => param.word_count().min as usize,
        _ => param.kinds().len(),
    };
    for at in fault.count..wanted.max(fault.count + 1) {
        words.push(Word::hole(param, at));
    }
    Some(words)
}

/// What is wrong with a line, examples in its holes.
fn read<'d>(root: &'d Command<'d>, line: &[Word]) -> Option<Faults<'d>> {
    let words: Vec<&OsStr> = line.iter().map(|word| word.typed.as_os_str()).collect();
    match root.read(&words) {
        Outcome::Faults(faults) => Some(faults),
        _ => None,
    }
}
