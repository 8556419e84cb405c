//! What a repair must leave as it is. A word is *settled* if no fault of a name stands before it: then
//! its parameter is known, and which of that one's words it is. A word that is not settled keeps its
//! place all the same, or is taken by the name that is mended, or moves up by as many as that took.
//! After an unknown command nothing is known, and all is free.
//!
//! What reads is not lost, and what stands after `--` stays there.

use super::edit::word;
use crate::record::bench::{Class, Line, Repair, Use};
use crate::record::fault::{FaultKind, Place};
use crate::record::faults::Faults;
use crate::record::line::Trace;
use crate::record::param::Param;
use crate::record::step::Meaning;
use crate::text::order::in_order;
use crate::text::part::part;
use crate::text::{Listed, Put, has};

/// Whether all that a repair of a line does not touch means what it meant.
pub(super) fn keeps(
    before: &Faults<'_>,
    line: &Line<'_>,
    pick: usize,
    repair: &Repair<'_>,
    after: &Trace<'_>,
) -> bool {
    let mut change = Change::new(before, line, &repair.line, after);
    change.from = word_of(before.at(pick).place()).and_then(|word| line[word].from);
    change.mended = change.mended();
    change.moves_up = repair.cost.class == Class::Dropped;
    let loses = matches!(repair.cost.class, Class::Quoted | Class::Dropped);
    // What moves is an option there, and no word that something else takes; or the name of a command.
    let overrides = repair.cost.class == Class::Moved
        && before.at(pick).kind() != FaultKind::CommandUnknown
        && (change.mended.is_empty() || change.is_named_elsewhere());
    change.keeps_words()
        && change.keeps_commands()
        && (loses || change.keeps_values())
        && change.keeps_protected()
        && change.keeps_dashes(after)
        && change.keeps_refused(after)
        && !overrides
}

/// Whether all that read in a line is still there when that is mended, whatever was done to it; but for
/// the values of parameters that were given more often than they may be there.
pub(super) fn loses_nothing(
    before: &Faults<'_>,
    line: &Line<'_>,
    mended: &Line<'_>,
    after: &Trace<'_>,
) -> bool {
    let mut change = Change::new(before, line, mended, after);
    for fault in before.list() {
        if fault.kind() == FaultKind::ValueTwice {
            change.excused.extend(fault.param().map(|param| std::ptr::from_ref(param).addr()));
        }
    }
    change.keeps_values() && change.keeps_untouched() && change.keeps_protected()
}

fn word_of(place: Place) -> Option<usize> {
    match place {
        Place::At { word, .. } => Some(word),
        _ => None,
    }
}

/// A line before and after a repair.
struct Change<'c> {
    line: &'c Line<'c>,
    new: &'c Line<'c>,
    /// The words that are not touched: which each was, and is.
    pairs: Vec<(usize, usize)>,
    /// The word of the fault in the line as typed, and the parameters that it means now.
    from: Option<usize>,
    mended: Vec<usize>,
    /// Parameters that values may be lost of.
    excused: Vec<usize>,
    /// A value goes that stood twice: those after it move up.
    moves_up: bool,
    /// The first words that are not settled, and that are free.
    settled: usize,
    free: usize,
    /// The bytes that faults are about: of which word, from where to where.
    faulty: Vec<(usize, usize, usize)>,
    /// What the bytes of the words were taken for, and are.
    was: Vec<Use>,
    is: Vec<Use>,
}

impl<'c> Change<'c> {
    fn new(before: &Faults<'_>, line: &'c Line<'c>, new: &'c Line<'c>, after: &Trace<'_>) -> Self {
        let mut faulty = Vec::new();
        let (mut settled, mut free) = (usize::MAX, usize::MAX);
        for fault in before.list() {
            let Place::At { word, start, end } = fault.place() else { continue };
            faulty.put((word, start, end));
            for next in 1..=fault.more() {
                faulty.put((word + next, 0, usize::MAX));
            }
            if fault.is_of_name() {
                settled = settled.min(word);
            }
            if matches!(fault.kind(), FaultKind::CommandUnknown | FaultKind::CommandAmbiguous) {
                free = free.min(word);
            }
        }
        in_order(&mut faulty, |bytes| (bytes.0, bytes.1));
        let (was, is) = (uses(before.trace()), uses(after));
        let (from, mended, excused, moves_up) = (None, Vec::new(), Vec::new(), false);
        let pairs = pairs(line, new);
        Change { line, new, pairs, from, mended, excused, moves_up, settled, free, faulty, was, is }
    }

    /// What a word was taken for.
    fn was(&self, word: usize) -> &[Use] {
        of_word(&self.was, word)
    }

    /// What a word of the new line is taken for.
    fn is(&self, word: usize) -> &[Use] {
        of_word(&self.is, word)
    }

    /// The parameters that are named in the word of a fault once that is repaired.
    fn mended(&self) -> Vec<usize> {
        let names = self.names().filter(|used| self.is_there(used));
        names.map(|used| used.param).listed()
    }

    /// Whether a parameter that a word names which now stands elsewhere is named in another word too: which
    /// of them comes last makes a difference.
    fn is_named_elsewhere(&self) -> bool {
        let mut others = self.names().filter(|used| !self.is_there(used));
        others.any(|used| has(&self.mended, used.param))
    }

    fn names(&self) -> impl Iterator<Item = &Use> {
        let is_name = |used: &&Use| used.param != 0 && !used.step.is_of_value();
        self.is.iter().filter(is_name)
    }

    /// Whether a step stands in what was the word of the fault.
    fn is_there(&self, used: &Use) -> bool {
        self.from.is_some() && self.new[used.step.word()].from == self.from
    }

    fn keeps_words(&self) -> bool {
        let taken = self.pairs.iter().filter(|&&(was, is)| self.is_taken(was, is)).count();
        self.pairs.iter().filter(|pair| pair.0 <= self.free).all(|&(was, is)| {
            self.was(was).iter().all(|used| self.keeps_use(was, used, self.is(is), taken))
        })
    }

    /// Whether the commands that other repairs put in are commands still: nobody typed them as values.
    fn keeps_commands(&self) -> bool {
        let count = |uses: &[Use], line: &Line<'_>| {
            let is_put_in = |used: &&Use| {
                used.step.meaning() == Meaning::Command && line[used.step.word()].from.is_none()
            };
            uses.iter().filter(is_put_in).count()
        };
        count(&self.is, self.new) >= count(&self.was, self.line)
    }

    /// Whether a word has become a value of the mended name.
    fn is_taken(&self, was: usize, is: usize) -> bool {
        let is_value =
            |used: &Use| used.step.meaning() == Meaning::Value && has(&self.mended, used.param);
        self.is(is).iter().any(is_value) && !self.was(was).iter().any(is_value)
    }

    fn keeps_use(&self, word: usize, was: &Use, is: &[Use], taken: usize) -> bool {
        let meaning = was.step.meaning();
        let is_known = matches!(meaning, Meaning::Command | Meaning::Terminator);
        let has_meaning = was.param != 0 || is_known;
        if !has_meaning || self.is_faulty(was) {
            return true;
        }
        let Some(is) = is.iter().find(|is| is.step.bytes() == was.step.bytes()) else {
            return false;
        };
        let same = is.param == was.param && is.step.meaning() == meaning;
        if same && (is.index == was.index || self.moves_up) {
            return true;
        }
        // What is an option here stays one.
        let is_free = was.step.is_of_value() || meaning == Meaning::Command;
        let is_value = is.step.meaning() == Meaning::Value && has(&self.mended, is.param);
        let is_value = is_free && is_value;
        let moves_up = same && has(&self.mended, is.param) && is.index == was.index + taken;
        let are_operands = meaning == Meaning::Operand && is.step.meaning() == Meaning::Operand;
        word >= self.settled
            && (is_value || moves_up || are_operands && is.operand + taken == was.operand)
    }

    /// Whether a fault is about what a step was taken for.
    fn is_faulty(&self, used: &Use) -> bool {
        let bytes = used.step.bytes();
        let word = used.step.word();
        let from = self.faulty.partition_point(|known| known.0 < word);
        let mut here = self.faulty[from..].iter().take_while(|known| known.0 == word);
        here.any(|&(_, start, end)| start < bytes.end && bytes.start < end || start == bytes.start)
    }

    /// Whether the values and the names of the words that are touched are still there.
    fn keeps_values(&self) -> bool {
        let mut was_touched = vec![true; self.line.len()];
        let mut is_new = vec![true; self.new.len()];
        for &(was, is) in &self.pairs {
            (was_touched[was], is_new[is]) = (false, false);
        }
        let mut left: Vec<&Use> = Vec::new();
        for used in &self.is {
            if is_new[used.step.word()] {
                left.put(used);
            }
        }
        for was in &self.was {
            let is_said = was.param != 0 || was.step.meaning() == Meaning::Command;
            if !was_touched[was.step.word()]
                || !is_said
                || self.is_faulty(was)
                || has(&self.excused, was.param)
            {
                continue;
            }
            // Each is there once for each time that it was.
            match left.iter().position(|is| self.is_same(was, is)) {
                Some(at) => _ = left.swap_remove(at),
                None if left.iter().any(|is| self.is_joined(was, is)) => {}
                None => return false,
            }
        }
        true
    }

    /// Whether a word was made one text with others.
    fn is_joined(&self, was: &Use, is: &Use) -> bool {
        let text = self.text(is, false);
        let mut words = text.as_encoded_bytes().split(|&byte| byte == b' ');
        words.any(|word| word == self.text(was, true).as_encoded_bytes())
    }

    /// Whether a value, a name or a command of a touched word is one of the new line.
    fn is_same(&self, was: &Use, is: &Use) -> bool {
        let has_text =
            |used: &Use| used.step.is_of_value() || used.step.meaning() == Meaning::Command;
        let settled = was.step.word() < self.settled;
        let may_be = is.param == was.param || !settled && has_text(was);
        let same_text = || !has_text(was) || self.text(is, false) == self.text(was, true);
        may_be && has_text(is) == has_text(was) && same_text()
    }

    /// Whether what was a value or a command in a word that is not touched still is one, and of the same
    /// parameter where no unknown name stands before it.
    fn keeps_untouched(&self) -> bool {
        self.pairs.iter().filter(|pair| pair.0 <= self.free).all(|&(word, is)| {
            self.was(word).iter().filter(|was| !self.is_faulty(was)).all(|was| {
                let is_command = was.step.meaning() == Meaning::Command;
                if !is_command && (was.param == 0 || !was.step.is_of_value()) {
                    return true;
                }
                self.is(is).iter().filter(|is| is.step.bytes() == was.step.bytes()).any(|is| {
                    let is_value = is.step.is_of_value();
                    let stays = is_value && (is.param == was.param || word >= self.settled);
                    stays || is_command && is.step.meaning() == Meaning::Command
                })
            })
        })
    }

    fn text(&self, used: &Use, is_before: bool) -> std::borrow::Cow<'_, std::ffi::OsStr> {
        let line = if is_before { self.line } else { self.new };
        let bytes = used.step.bytes();
        part(word(line, used.step.word()), bytes.start, bytes.end)
    }

    /// Whether no word that begins with a dash has become an operand, but for a negative number where one may be.
    fn keeps_dashes(&self, after: &Trace<'_>) -> bool {
        let is_operand = |used: &&Use| used.step.meaning() == Meaning::Operand;
        self.pairs.iter().all(|&(was, is)| {
            let Some(operand) = self.is(is).iter().find(is_operand) else { return true };
            let typed = word(self.line, was).as_encoded_bytes();
            let has_dash = typed.len() > 1 && typed[0] == b'-';
            !has_dash
                || self.was(was).iter().any(|used| is_operand(&used))
                || after.param(&operand.step).is_some_and(Param::takes_negative)
        })
    }

    /// Whether no word that was refused as a value has become an operand that would take any: what was left out in front
    /// of it, or whether anything was, only the user knows.
    fn keeps_refused(&self, after: &Trace<'_>) -> bool {
        self.pairs.iter().all(|&(was, is)| {
            let mut operands =
                self.is(is).iter().filter(|used| used.step.meaning() == Meaning::Operand);
            let was_refused = self
                .was(was)
                .iter()
                .any(|used| used.step.meaning() == Meaning::Value && self.is_faulty(used));
            !was_refused
                || operands.all(|operand| {
                    after.param(&operand.step).is_some_and(|param| !param.takes_any())
                })
        })
    }

    /// Whether what stood after `--` still does.
    fn keeps_protected(&self) -> bool {
        let end = |uses: &[Use]| {
            let is_end = |used: &&Use| used.step.meaning() == Meaning::Terminator;
            uses.iter().find(is_end).map(|used| used.step.word())
        };
        let Some(was_end) = end(&self.was) else { return true };
        let Some(is_end) = end(&self.is) else { return false };
        self.pairs.iter().all(|&(was, is)| was <= was_end || is > is_end)
    }
}

/// What each step is for, in the order of the line.
pub(super) fn uses(trace: &Trace<'_>) -> Vec<Use> {
    let mut counts = vec![0; trace.params()];
    let (mut uses, mut operands) = (Vec::with_capacity(trace.steps().len()), 0);
    for &step in trace.steps() {
        let param = trace.param(&step).map_or(0, |param| std::ptr::from_ref(param).addr());
        let mut index = 0;
        if step.is_of_value()
            && let Some(count) = counts.get_mut(step.slot())
        {
            (index, *count) = (*count, *count + 1);
        }
        uses.push(Use { step, param, index, operand: operands });
        operands += usize::from(step.meaning() == Meaning::Operand);
    }
    uses
}

/// Those of one word; they stand in the order of the line.
#[inline(never)]
fn of_word(uses: &[Use], word: usize) -> &[Use] {
    let from = uses.partition_point(|used| used.step.word() < word);
    let behind = &uses[from..];
    &behind[..behind.partition_point(|used| used.step.word() == word)]
}

/// The words of one line that stand unchanged in the other, by their places.
fn pairs(was: &Line<'_>, is: &Line<'_>) -> Vec<(usize, usize)> {
    let typed = was.iter().filter_map(|word| word.from).max().map_or(0, |last| last + 1);
    let mut at = vec![usize::MAX; typed];
    for (word, from) in was.iter().enumerate().rev().filter_map(|(at, word)| Some((at, word.from?)))
    {
        at[from] = word;
    }
    let mut pairs = Vec::new();
    for (to, word) in is.iter().enumerate() {
        let Some(first) = word.from.and_then(|from| at.get(from)) else { continue };
        // A word that was parted in two stands twice.
        let same = |was_at: &usize| {
            was.get(*was_at).is_some_and(|was| was.from == word.from && was.typed == word.typed)
        };
        pairs.extend(
            [*first, first.saturating_add(1)].iter().find(|at| same(at)).map(|&at| (at, to)),
        );
    }
    pairs
}
