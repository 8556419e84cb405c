//! What a parameter must keep to by itself, whichever command takes it.

use super::defaults;
use super::finder::Finder;
use super::names::{letter_fault, long_name_fault, option_name_fault, plain_name_fault};
use super::problem::Finding;
use crate::record::kind::Noun;
use crate::record::param::{Param, Role};
use crate::record::settings::param as said;

/// The first of its [clashes].
#[inline]
pub(crate) const fn problem<'d>(param: &Param<'d>) -> Option<Finding<'d>> {
    let mut finder = Finder::<1>::new(0);
    clashes(param, &mut finder);
    finder.first()
}

/// What cannot be right whatever else is said: for statics, the setter that says it stops the build.
#[inline]
pub(crate) const fn clashes<'d, const ROOM: usize>(
    param: &Param<'d>,
    finder: &mut Finder<'d, ROOM>,
) {
    let (name, said) = (param.name(), param.said());
    if param.is_draft() {
        show_name(name, name_fault(param.role(), name), finder);
    }
    if let Some(at) = said.twice() {
        let instead = match 1 << at {
            said::VALID => "`valid::all` puts several together",
            _ => "one of the two would be lost",
        };
        finder.show(Finding::Twice { name, setter: said::NAMES[at], instead });
    }
    if param.is_draft() && matches!(param.role(), Role::Operand | Role::Option) {
        wordless(param, finder);
    }
    if param.is_draft()
        && let Some(at) = said.first(said::SETTERS & !fitting(param))
    {
        finder.show(Finding::Misplaced { name, setter: said::NAMES[at] });
    }
    beside(param, finder);
    if said.has(said::LISTED_BY) {
        listed(param, finder);
    }
    spelt(param, finder);
    let times = param.given_times();
    let is_short = said.has(said::DISTINCT)
        && matches!(param.kinds(), [kind] if matches!(kind.noun(), Noun::Choice) && kind.all_offers().len() < times.min as usize);
    if times.min > times.max || times.max == 0 || is_short {
        finder.show(Finding::Times { name });
    }
    if said.has(said::PLACEHOLDER) {
        let (texts, words) = (count_texts(param.declared_placeholder()), param.kinds().len());
        if texts != words {
            let placeholder = param.declared_placeholder();
            finder.show(Finding::Placeholder { name, placeholder, texts, words });
        }
    }
}

/// Setters that must not stand beside each other.
#[inline]
const fn beside<'d, const ROOM: usize>(param: &Param<'d>, finder: &mut Finder<'d, ROOM>) {
    let (name, said, mut i) = (param.name(), param.said(), 0);
    while i < said::CLASHES.len() {
        let (one, others) = said::CLASHES[i];
        if said.has(one)
            && let Some(other) = said.first(others)
        {
            finder.show(Finding::Clash { name, setters: [setter_of(one), said::NAMES[other]] });
        }
        i += 1;
    }
}

/// What the setter with a bit is called.
#[inline]
const fn setter_of(bit: u64) -> &'static str {
    said::NAMES[bit.trailing_zeros() as usize]
}

/// How its names are spelt beside its own.
#[inline]
const fn spelt<'d, const ROOM: usize>(param: &Param<'d>, finder: &mut Finder<'d, ROOM>) {
    let (name, said) = (param.name(), param.said());
    let mut i = 0;
    while i < param.no_letters().len() {
        if let Some(letter) = param.no_letters()[i]
            && let Some(why) = letter_fault(letter)
        {
            finder.show(Finding::Letter { name, letter, why });
        }
        i += 1;
    }
    if said.has(said::LETTER) && name.len() == 1 {
        finder.show(Finding::Lettered { name });
    }
    if said.has(said::OPPOSITE) {
        show_name(param.opposite(), long_name_fault(param.opposite()), finder);
    }
    if said.has(said::SECRET_FILE) {
        show_name(param.file_name(), long_name_fault(param.file_name()), finder);
    }
    let mut i = 0;
    while i < param.aliases().len() {
        show_name(param.aliases()[i], option_name_fault(param.aliases()[i]), finder);
        i += 1;
    }
    let mut i = 0;
    while i < param.former_names().len() {
        show_name(param.former_names()[i], long_name_fault(param.former_names()[i]), finder);
        i += 1;
    }
}

/// A list is of words that are values each, and shown.
#[inline]
const fn listed<'d, const ROOM: usize>(param: &Param<'d>, finder: &mut Finder<'d, ROOM>) {
    let (name, setter) = (param.name(), "listed_by");
    if let [first, rest @ ..] = param.kinds()
        && (!rest.is_empty() || first.sides().is_some())
    {
        finder.show(Finding::Misplaced { name, setter });
    }
}

/// A form that is made at run time may have no words, or none to choose from.
#[inline]
const fn wordless<'d, const ROOM: usize>(param: &Param<'d>, finder: &mut Finder<'d, ROOM>) {
    let (name, kinds) = (param.name(), param.kinds());
    if kinds.is_empty() {
        finder.show(Finding::Wordless { name, why: "has a value of no words (a flag has none)" });
    }
    let mut i = 0;
    while i < kinds.len() {
        if matches!(kinds[i].noun(), Noun::Choice) && kinds[i].all_offers().is_empty() {
            finder.show(Finding::Wordless { name, why: "is a choice of nothing" });
        }
        i += 1;
    }
}

/// The setters that go with what a parameter is. Types see to it; of an untyped one it is looked at here.
#[inline]
pub(crate) const fn fitting(param: &Param<'_>) -> u64 {
    let of_role = match param.role() {
        Role::Operand => said::OPERANDS,
        Role::Option => said::OPTIONS,
        Role::Flag => said::FLAGS,
        Role::Tally => said::TALLIES,
    };
    let form = param.form();
    let (mut fits, mut i) = (said::WHEN_ALWAYS, 0);
    if form.kinds().is_empty() {
        return fits & of_role;
    }
    let (mut are_whole, mut are_numbers, mut are_paths, mut are_texts) = (true, true, true, true);
    while i < form.kinds().len() {
        let noun = form.kinds()[i].noun();
        are_whole &= matches!(noun, Noun::Whole);
        are_numbers &= matches!(noun, Noun::Number);
        are_paths &= matches!(noun, Noun::Path);
        are_texts &= matches!(noun, Noun::Text);
        i += 1;
    }
    let is_entry = form.kinds()[0].sides().is_some();
    if form.is_many() && !is_entry {
        fits |= said::WHEN_MANY;
        if form.kinds().len() == 1 {
            fits |= said::WHEN_MANY_WORDS;
            if are_texts {
                fits |= said::WHEN_MANY_TEXTS;
            }
        }
    }
    if are_whole {
        fits |= said::WHEN_WHOLE_NUMBERS;
    }
    if are_numbers {
        fits |= said::WHEN_NUMBERS;
    }
    if are_paths {
        fits |= said::WHEN_PATHS;
    }
    fits & of_role
}

/// What another setter could still have put right: looked at when a command takes it.
#[inline]
pub(crate) const fn absences<'d, const ROOM: usize>(
    param: &Param<'d>,
    finder: &mut Finder<'d, ROOM>,
) {
    let (name, said, mut i) = (param.name(), param.said(), 0);
    while i < said::NEEDS.len() {
        let (one, other) = said::NEEDS[i];
        if said.has(one) && !said.has(other) {
            let (setter, needed) = (setter_of(one), setter_of(other));
            finder.show(Finding::Needs { name, setter, needed });
        }
        i += 1;
    }
    if param.default().is_some()
        && let Some(problem) = defaults::problem(param)
    {
        finder.show(problem);
    }
    if param.stands_alone() {
        alone(param, finder);
    }
}

/// What stands alone is read apart from the line.
#[inline]
const fn alone<'d, const ROOM: usize>(param: &Param<'d>, finder: &mut Finder<'d, ROOM>) {
    if let Some(other) = param.said().first(said::SETTERS & !said::OF_ALONE) {
        let setters = ["stands_alone", said::NAMES[other]];
        finder.show(Finding::Clash { name: param.name(), setters });
    }
    if param.given_times().min > 0 {
        finder.show(Finding::NeededAlone { name: param.name() });
    }
}

#[inline]
pub(crate) const fn show_name<'d, const ROOM: usize>(
    name: &'d str,
    fault: Option<&'static str>,
    finder: &mut Finder<'d, ROOM>,
) {
    if let Some(why) = fault {
        finder.show(Finding::Name { name, why });
    }
}

/// The texts of a placeholder, which spaces part.
#[inline]
const fn count_texts(placeholder: &str) -> usize {
    let (bytes, mut count, mut i) = (placeholder.as_bytes(), 0, 0);
    while i < bytes.len() {
        let is_start = i == 0 || bytes[i - 1].is_ascii_whitespace();
        if is_start && !bytes[i].is_ascii_whitespace() {
            count += 1;
        }
        i += 1;
    }
    count
}

/// What is wrong with the name of a parameter.
#[inline]
pub(crate) const fn name_fault(role: Role, name: &str) -> Option<&'static str> {
    if matches!(role, Role::Operand) { plain_name_fault(name) } else { option_name_fault(name) }
}
