//! What the line has already, before the cursor and after it, and what cannot be given beside that.

use clavret_core::ask::{Param, Role};
use clavret_core::reader::{Expects, Meaning, Reached, Reader, Step};
use clavret_core::{Command, FromWord, Rule};

use super::{Cursor, Typed, stepped};

/// What a line gives, the word at the cursor left aside.
#[derive(Default)]
pub(super) struct Typing<'d> {
    reader: Option<Reader<'d>>,
    words: Vec<Typed>,
    /// What a rule says may not stand beside what is typed.
    excluded: Vec<&'d Param<'d>>,
    /// Operand words after the cursor.
    pub(super) operands_after: u32,
    /// The word at the cursor, where that counts.
    cursor: Option<usize>,
}

impl<'d> Typing<'d> {
    /// Of a cursor. At the value of an option the word at the cursor `counts`, so that those after it are not
    /// taken for it. What is offered may lead to so many default commands first.
    pub(super) fn of(
        root: &'d Command<'d>,
        cursor: &Cursor,
        counts: bool,
        defaults: usize,
    ) -> Self {
        let mut words = cursor.before.clone();
        let mut reader = stepped(root, &words, None);
        for _ in 0..defaults {
            reader.step_into_default();
        }
        let was_waiting = matches!(reader.expects(), Expects::Value(..));
        if counts {
            reader.step(&cursor.begun.text);
            words.push(cursor.begun.clone());
        }
        // A name at the cursor gets its value before what comes after it.
        while counts && !was_waiting && matches!(reader.expects(), Expects::Value(..)) {
            reader.step("".as_ref());
            words.push(Typed::default());
        }
        let before = reader.operand_steps().len();
        for word in &cursor.after {
            reader.step(&word.text);
        }
        words.extend_from_slice(&cursor.after);
        let mut excluded = Vec::new();
        for command in reader.path().commands() {
            for rule in command.ask().rules().filter(|rule| rule.forbids()) {
                let has_given =
                    |param: &Param<'_>| reader.has_given(param) && !is_off(param, &reader, &words);
                exclude(rule, &has_given, &mut excluded);
            }
        }
        let operands_after = reader.operand_steps().len().saturating_sub(before) as u32;
        let cursor = counts.then_some(cursor.before.len());
        Typing { reader: Some(reader), words, excluded, operands_after, cursor }
    }

    /// Whether something that is typed keeps a parameter from being given.
    pub(super) fn excludes(&self, param: &Param<'_>) -> bool {
        self.excluded.iter().any(|excluded| excluded.is(param))
    }

    /// Whether an option may be given here, or a flag turned off. What would only take the place of what is there may not.
    pub(super) fn leaves(&self, reached: &Reached<'d>, is_off: bool) -> bool {
        let param = reached.param();
        let Some(reader) = &self.reader else { return true };
        if self.excludes(param) && !is_off {
            return false;
        }
        if !param.is_once() && param.role() == Role::Tally {
            return true;
        }
        let typed = reader.typed(reached);
        if param.role() == Role::Option && param.is_list() && !param.is_once() {
            let units = self.units(param, &typed).whole;
            return (units.len() as u32) < param.given_times().max && !is_used_up(param, &units);
        }
        // What still waits for its value is given too.
        typed.is_empty() && !reader.waits_for(reached)
    }

    /// The values that were typed for a parameter. The word at the cursor is none of them, nor is the value that it is in.
    pub(super) fn values_of(&self, param: &Param<'d>) -> Units {
        let Some(reader) = &self.reader else { return Units::default() };
        self.units(param, &reader.typed_for(param))
    }

    /// The operand words.
    pub(super) fn operands(&self) -> Vec<Step> {
        self.reader.as_ref().map(Reader::operand_steps).unwrap_or_default()
    }

    /// The values of some steps, those within a word each for itself.
    pub(super) fn units(&self, param: &Param<'_>, typed: &[Step]) -> Units {
        let (mut words, mut cursor) = (Vec::new(), usize::MAX);
        for step in typed {
            let Some(word) = self.words.get(step.word()) else { continue };
            let is_value = matches!(step.meaning(), Meaning::Value | Meaning::Operand);
            let text = word.text.as_encoded_bytes().get(step.bytes()).filter(|_| is_value);
            if Some(step.word()) == self.cursor {
                cursor = cursor.min(words.len());
                words.push(String::new());
            } else if let Some(text) = text {
                words.append(&mut pieces(&String::from_utf8_lossy(text), param.delimiter()).1);
            } else {
                words.push(String::new());
            }
        }
        let (each, mut units) = (param.kinds().len().max(1), Units::default());
        for (at, unit) in words.chunks(each).enumerate() {
            // Those before the cursor, of the value that it is in.
            let known = cursor.checked_sub(at * each).map_or(unit.len(), |at| at.min(unit.len()));
            if known == each {
                units.whole.push(unit.to_vec());
            } else {
                units.own = unit[..known].to_vec();
            }
        }
        units
    }
}

/// The values of a parameter, a list of words each; and the words of the one that the cursor is in, up to there.
#[derive(Default)]
pub(super) struct Units {
    pub(super) whole: Vec<Vec<String>>,
    pub(super) own: Vec<String>,
}

/// Whether a closed list has nothing left that may be given once more.
fn is_used_up(param: &Param<'_>, units: &[Vec<String>]) -> bool {
    let ([kind], true) = (param.kinds(), param.is_distinct()) else { return false };
    let mut has_any = false;
    for (offer, _) in kind.offers() {
        has_any = true;
        if !units.iter().any(|unit| matches!(&unit[..], [only] if only == offer)) {
            return false;
        }
    }
    has_any
}

/// Whether a flag was turned off by a word that is attached to it, which the reader of a line in the making has not seen.
fn is_off(param: &Param<'_>, reader: &Reader<'_>, words: &[Typed]) -> bool {
    let steps = reader.steps();
    let is_its_own = |step: &Step| reader.param_of(step).is_some_and(|known| known.is(param));
    let Some(last) = steps.iter().rposition(is_its_own).filter(|_| param.is_worded()) else {
        return false;
    };
    let (step, before) = (&steps[last], last.checked_sub(1).map(|name| steps[name].meaning()));
    let text = words.get(step.word()).and_then(|word| word.text.to_str()?.get(step.bytes()));
    let says = text.filter(|_| step.meaning() == Meaning::Value);
    says.is_some_and(|says| {
        bool::from_word(says.as_ref()).is_ok_and(|on| on == (before == Some(Meaning::Opposite)))
    })
}

/// Adds what a rule says may not be given beside what is typed.
fn exclude<'d>(
    rule: &Rule<'d>,
    has_given: &dyn Fn(&Param<'_>) -> bool,
    excluded: &mut Vec<&'d Param<'d>>,
) {
    let members = || rule.members().iter();
    match rule.when() {
        Some((param, _)) => {
            if has_given(param) {
                excluded.extend(members());
            }
            if members().any(|member| has_given(member)) {
                excluded.push(param);
            }
        }
        None => {
            for &member in members() {
                if members().any(|param| has_given(param) && !param.is(member)) {
                    excluded.push(member);
                }
            }
        }
    }
}

/// The values within a word, and where the last one begins. A backslash takes the delimiter for itself.
pub(super) fn pieces(text: &str, delimiter: Option<char>) -> (usize, Vec<String>) {
    let (mut start, mut pieces, mut piece) = (0, Vec::new(), String::new());
    let mut characters = text.char_indices();
    while let Some((at, character)) = characters.next() {
        if character == '\\'
            && delimiter.is_some()
            && let Some(next) = text[at + 1..].chars().next()
            && (Some(next) == delimiter || next == '\\')
        {
            characters.next();
            piece.push(next);
        } else if Some(character) == delimiter {
            start = at + character.len_utf8();
            pieces.push(std::mem::take(&mut piece));
        } else {
            piece.push(character);
        }
    }
    pieces.push(piece);
    (start, pieces)
}
