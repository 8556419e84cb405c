//! What is read in other ways than most, and what pages say of that.

use crate::read::convert::truth;
use crate::read::split::parts;
use crate::record::brought::Manners;
use crate::record::fact::Fact;
use crate::record::param::{Param, Role, Times};
use crate::text::Put;
use crate::wording::Speech;
use crate::wording::english::Phrase;

/// What is read in other ways than most. The records of such parameters point here.
pub(crate) const MANNERS: &Manners = &Manners { facts: manners, parts, truth };

/// In which other ways a value is read, and how often it may be given.
#[inline]
fn manners<'t>(param: &Param<'t>, speech: Speech<'t>, facts: &mut Vec<Fact<'t>>) {
    if param.is_as_in_code() {
        facts.put(Fact::plain(Phrase::InCode));
    }
    if param.is_infinite() {
        facts.put(Fact::plain(Phrase::Infinite));
    }
    if param.is_worded() {
        facts.put(Fact::plain(Phrase::Worded));
    }
    if param.is_attached() {
        facts.put(Fact::plain(Phrase::OrAlone));
    }
    if !param.file_name().is_empty() {
        let name = speech.of(&["--", param.file_name()]);
        facts.put(Fact::new(Phrase::TakenFromFile, name));
    }
    if let Some(delimiter) = param.delimiter() {
        facts.put(Fact::new(Phrase::JoinedBy, speech.sign(delimiter)));
    }
    if param.has_limits() {
        facts.put(limits(param, speech));
    }
}

/// How often a parameter must and may be given.
#[inline]
fn limits<'t>(param: &Param<'t>, speech: Speech<'t>) -> Fact<'t> {
    // Words of an operand stand after each other, or several within one; an option is given again.
    let are_words = param.role() == Role::Operand || param.delimiter().is_some();
    let Times { min, max } = param.given_times();
    let [least, most] = speech.counts(min as usize, max as usize);
    match (min, are_words) {
        _ if min == max && are_words => Fact::new(Phrase::CountExactly, most),
        _ if min == max => Fact::new(Phrase::TimesExactly, most),
        (0 | 1, true) => Fact::new(Phrase::CountUpTo, most),
        (0 | 1, false) => Fact::new(Phrase::TimesUpTo, most),
        (_, true) => Fact { with: [least, most], ..Fact::plain(Phrase::CountRange) },
        (_, false) => Fact { with: [least, most], ..Fact::plain(Phrase::TimesRange) },
    }
}
