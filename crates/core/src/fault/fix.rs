//! The line repaired. What is offered has been read again: as it stands (a fix), or with an
//! example where only the user knows the value (an outline).

use std::ffi::{OsStr, OsString};

use crate::declare::{Command, Kind, Param, Role};
use crate::read::{Fault, FaultKind, Faults, Outcome, Place, part};
use crate::text::{Quoted, in_order, nearest};

/// Faults of a line that are repaired; with more the line is beyond mending.
const MOST: usize = 8;

/// A repaired line that reads.
pub(super) struct Repaired {
    /// The words as they are shown: quoted, with placeholders in the holes.
    pub(super) shown: Vec<String>,
    /// Whether there are holes: then it is an outline, not a fix.
    pub(super) has_holes: bool,
}

/// A piece of a word of the repaired line.
enum Piece {
    Text(OsString),
    Hole { shown: String, example: String },
}

/// What is done to a word: the bytes from `start` to `end` give way to `piece`.
struct Edit {
    word: usize,
    start: usize,
    end: usize,
    with: With,
}

enum With {
    /// Nothing: the bytes are left out.
    Nothing,
    Piece(Piece),
    /// A word of its own.
    Word(Piece),
    /// Words in front of the word; `start` and `end` do not matter.
    Before(Vec<Piece>),
}

impl<'d> Faults<'d> {
    /// The line with every fault repaired, if it reads then.
    pub(super) fn repaired(&self) -> Option<Repaired> {
        if self.list.len() > MOST {
            return None;
        }
        let mut edits = Vec::new();
        for fault in &self.list {
            edits.extend(self.edit(fault)?);
        }
        let line = completed(self.path.root(), self.line(edits))?;
        Some(Repaired {
            shown: line.iter().map(|word| shown(word)).collect(),
            has_holes: line.iter().flatten().any(|piece| matches!(piece, Piece::Hole { .. })),
        })
    }

    fn edit(&self, fault: &Fault<'d>) -> Option<Vec<Edit>> {
        let with = match fault.kind {
            FaultKind::OptionUnknown => text(&self.near_option(fault)?),
            FaultKind::CommandUnknown => text(self.near_command(fault)?),
            FaultKind::ValueUnwanted => With::Nothing,
            FaultKind::OptionMissing
            | FaultKind::ValueMissing
            | FaultKind::OperandMissing
            | FaultKind::ValuesMiscounted => With::Before(missing(fault)?),
            FaultKind::ValueMisfit | FaultKind::ValueRefused | FaultKind::ValueNotText => {
                return self.value_edits(fault);
            }
            FaultKind::ValueAttached => return Some(vec![self.attached_edit(fault)?]),
            FaultKind::CommandMissing | FaultKind::OperandExtra => return None,
        };
        Some(match fault.place {
            Place::At { word, start, end } => vec![Edit { word, start, end, with }],
            Place::Before(word) => vec![Edit { word, start: 0, end: 0, with }],
            Place::Nowhere => return None,
        })
    }

    /// A value that is refused gives way to the choice that is near it, or to a hole. A value of
    /// several words is refused as a whole, and has a hole for each.
    fn value_edits(&self, fault: &Fault<'d>) -> Option<Vec<Edit>> {
        let (Place::At { word, start, end }, Some(param)) = (fault.place, fault.param) else {
            return None;
        };
        let kinds = param.kinds();
        let is_ours = |kind: &&Kind| fault.value_kind.is_some_and(|ours| std::ptr::eq(*kind, ours));
        let at = kinds.iter().position(is_ours).unwrap_or_default();
        let typed = part(&self.words[word], start, end);
        let offers = kinds.get(at)?.offers().map(|offer| offer.0);
        let near = typed.to_str().and_then(|typed| nearest(typed, offers));
        let piece = near.map_or_else(|| hole(param, at), |near| Piece::Text(near.into()));
        // Behind a short name a hole would look like letters of the cluster.
        let cluster = start > 0 && self.words[word].as_encoded_bytes()[start - 1] != b'=';
        let with = if cluster { With::Word(piece) } else { With::Piece(piece) };
        let more = (1..=fault.more).map(|next| {
            let (word, with) = (word + next, With::Piece(hole(param, at + next)));
            Edit { word, start: 0, end: self.words[word].len(), with }
        });
        Some(std::iter::once(Edit { word, start, end, with }).chain(more).collect())
    }

    /// `--at=LAT LON`: the first value becomes a word of its own.
    fn attached_edit(&self, fault: &Fault<'d>) -> Option<Edit> {
        let Place::At { word, start, end } = fault.place else { return None };
        let bytes = self.words[word].as_encoded_bytes();
        let equals =
            bytes.iter().position(|&byte| byte == b'=').filter(|_| bytes.starts_with(b"--"));
        let (cut, value) = match equals {
            Some(at) => (at, at + 1),
            // `-aLAT`: one letter behind the start of the name.
            None => (start.max(1) + 1, start.max(1) + 1),
        };
        let value = part(&self.words[word], value, end).into_owned();
        Some(Edit { word, start: cut, end, with: With::Word(Piece::Text(value)) })
    }

    /// The words with the edits made.
    fn line(&self, edits: Vec<Edit>) -> Vec<Vec<Piece>> {
        let mut edits = in_order(edits, |edit| (edit.word, edit.start)).into_iter().peekable();
        let mut line: Vec<Vec<Piece>> = Vec::new();
        for at in 0..=self.words.len() {
            let mut word = Vec::new();
            let mut done = 0;
            while let Some(edit) = edits.next_if(|edit| edit.word == at) {
                if let With::Before(pieces) = edit.with {
                    line.extend(pieces.into_iter().map(|piece| vec![piece]));
                    continue;
                }
                word.extend(self.kept(at, done, edit.start));
                done = edit.end;
                match edit.with {
                    With::Piece(piece) => word.push(piece),
                    With::Word(piece) => {
                        line.push(std::mem::take(&mut word));
                        word.push(piece);
                    }
                    With::Nothing | With::Before(_) => {}
                }
            }
            if at < self.words.len() {
                word.extend(self.kept(at, done, self.words[at].len()));
                line.push(word);
            }
        }
        line
    }

    /// Bytes of a word that stay; an empty word stays too.
    fn kept(&self, word: usize, start: usize, end: usize) -> Option<Piece> {
        let stays = start < end || self.words[word].is_empty();
        stays.then(|| Piece::Text(part(&self.words[word], start, end).into_owned()))
    }
}

fn text(text: &str) -> With {
    With::Piece(Piece::Text(text.into()))
}

fn hole(param: &Param<'_>, at: usize) -> Piece {
    Piece::Hole { shown: param.hole(at), example: param.example(at) }
}

/// The words of a parameter from the `given`-th on.
fn holes<'p>(param: &'p Param<'_>, given: usize) -> impl Iterator<Item = Piece> + 'p {
    let wanted = match param.role() {
        Role::Operand => param.word_count().min as usize,
        _ => param.kinds().len(),
    };
    (given..wanted.max(given + 1)).map(|at| hole(param, at))
}

/// What goes where something is missing.
fn missing(fault: &Fault<'_>) -> Option<Vec<Piece>> {
    let param = fault.param?;
    let name =
        (fault.kind == FaultKind::OptionMissing).then(|| Piece::Text(param.spelled().into()));
    Some(name.into_iter().chain(holes(param, fault.count)).collect())
}

/// The repaired line, once it has been read again without a fault, examples in the holes. What was
/// wrong may have hidden that something is missing (`hive ad` for `hive add CODE`): that is filled
/// in once.
fn completed(root: &Command<'_>, mut line: Vec<Vec<Piece>>) -> Option<Vec<Vec<Piece>>> {
    let Some(faults) = read(root, &line) else { return Some(line) };
    for fault in faults.list.iter().rev() {
        let Place::Before(word) = fault.place else { return None };
        for piece in missing(fault)?.into_iter().rev() {
            line.insert(word, vec![piece]);
        }
    }
    read(root, &line).is_none().then_some(line)
}

/// What is wrong with a line, examples in its holes.
fn read<'d>(root: &'d Command<'d>, line: &[Vec<Piece>]) -> Option<Faults<'d>> {
    let words: Vec<OsString> = line.iter().map(|word| word.iter().map(typed).collect()).collect();
    match root.read(&words) {
        Outcome::Faults(faults) => Some(faults),
        _ => None,
    }
}

fn typed(piece: &Piece) -> &OsStr {
    match piece {
        Piece::Text(text) => text,
        Piece::Hole { example, .. } => OsStr::new(example),
    }
}

fn shown(word: &[Piece]) -> String {
    let one = |piece: &Piece| match piece {
        Piece::Text(text) => Quoted::new(text).text,
        Piece::Hole { shown, .. } => shown.clone(),
    };
    if word.iter().any(|piece| matches!(piece, Piece::Hole { .. })) {
        return word.iter().map(one).collect();
    }
    let whole: OsString = word.iter().map(typed).collect();
    Quoted::new(&whole).text
}
