//! Every fixed phrase that a user of a program may read, in one table.

use crate::declare::{Kind, Limits, Noun};
use crate::text::Put;

/// The fixed phrases of pages and faults. A program may replace them, such as for another language:
/// `Wording { no_value: "…", ..Wording::ENGLISH }`, given to
/// [`Command::wording`](crate::Command::wording). `{0}`, `{1}` and so on stand for what is filled in.
#[derive(Debug, Clone, Copy)]
#[allow(missing_docs)] // Each phrase says itself what it is for.
pub struct Wording {
    // Faults: the head and the foot.
    pub one_fault: &'static str,
    pub many_faults: &'static str,
    pub more_faults: &'static str,
    pub fix: &'static str,
    pub outline: &'static str,
    pub page: &'static str,
    pub command_hole: &'static str,
    // Faults: one sentence each.
    pub option_unknown: &'static str,
    pub option_missing: &'static str,
    pub command_unknown: &'static str,
    pub command_missing: &'static str,
    pub none_here: &'static str,
    pub one_is: &'static str,
    pub many_are: &'static str,
    pub operand_missing: &'static str,
    pub operand_extra: &'static str,
    pub value_missing: &'static str,
    pub no_value: &'static str,
    pub value_attached: &'static str,
    pub value_misfit: &'static str,
    pub not_one: &'static str,
    pub above: &'static str,
    pub below: &'static str,
    pub value_refused: &'static str,
    pub not_text: &'static str,
    pub too_few: &'static str,
    pub too_many: &'static str,
    pub wrong_default: &'static str,
    pub error: &'static str,
    pub cause: &'static str,
    // Kinds and limits.
    pub whole: &'static str,
    pub number: &'static str,
    pub text: &'static str,
    pub letter: &'static str,
    pub path: &'static str,
    pub truth: &'static str,
    pub such_as: &'static str,
    pub range: &'static str,
    pub from_range: &'static str,
    pub from_low: &'static str,
    pub comma: &'static str,
    pub or: &'static str,
    pub and: &'static str,
    // Pages: headings.
    pub usage: &'static str,
    pub commands: &'static str,
    pub operand: &'static str,
    pub operands: &'static str,
    pub option: &'static str,
    pub options: &'static str,
    pub anywhere: &'static str,
    pub examples: &'static str,
    pub status: &'static str,
    pub about: &'static str,
    // Pages: facts and notes.
    pub some_options: &'static str,
    pub colon: &'static str,
    pub semicolon: &'static str,
    pub opposite: &'static str,
    pub unless_given: &'static str,
    pub and_unless_given: &'static str,
    pub given_again: &'static str,
    pub repeated: &'static str,
    pub times_range: &'static str,
    pub times_up_to: &'static str,
    pub times_exactly: &'static str,
    pub help_option: &'static str,
    pub short_help_option: &'static str,
    pub version_option: &'static str,
    pub refused: &'static str,
    pub more_entries: &'static str,
}

impl Wording {
    /// The phrases in English.
    pub const ENGLISH: Wording = Wording {
        one_fault: "one thing to put right",
        many_faults: "{0} things to put right",
        more_faults: "and {0} more",
        fix: "try",
        outline: "like",
        page: "page",
        command_hole: "COMMAND",
        option_unknown: "{0} is not an option here",
        option_missing: "{0} is needed",
        command_unknown: "{0} is not a command here",
        command_missing: "a command is missing",
        none_here: "there are none",
        one_is: "{0} is",
        many_are: "{0} are",
        operand_missing: "{0} is missing",
        operand_extra: "{0} is a word more than {1} takes",
        value_missing: "{0} takes {1}, and nothing follows it",
        no_value: "{0} takes no value",
        value_attached: "{0} takes {1} words, each on its own",
        value_misfit: "{0} takes {1}",
        not_one: "{0} is not one",
        above: "{0} is above that",
        below: "{0} is below that",
        value_refused: "{0} refuses {1}",
        not_text: "{0} takes text in UTF-8, and {1} is not",
        too_few: "{0} takes at least {1}; here are {2}",
        too_many: "{0} takes at most {1}; here are {2}",
        wrong_default: "the default of {0} does not read",
        error: "{0}: {1}",
        cause: "  because: {0}",
        whole: "a whole number",
        number: "a number",
        text: "text",
        letter: "a single character",
        path: "a path",
        truth: "yes or no",
        such_as: "{0}, such as {1}",
        range: "{0} to {1}",
        from_range: "from {0} to {1}",
        from_low: "from {0} up",
        comma: ", ",
        or: " or ",
        and: " and ",
        usage: "usage",
        commands: "commands",
        operand: "operand",
        operands: "operands",
        option: "option",
        options: "options",
        anywhere: "anywhere",
        examples: "examples",
        status: "status",
        about: "about",
        some_options: "[options]",
        colon: ": ",
        semicolon: "; ",
        opposite: "the opposite is {0}",
        unless_given: "{0} unless given",
        and_unless_given: "{0}, and {1} unless given",
        given_again: "may be given again",
        repeated: "may be repeated",
        times_range: "{0} to {1} times",
        times_up_to: "up to {0} times",
        times_exactly: "{0} times",
        help_option: "-h for a short page, --help for this one",
        short_help_option: "-h for this page, --help for all of it",
        version_option: "the version",
        refused: "the command line was refused",
        more_entries: "and {0} more: {1}",
    };

    /// What a kind is, as a fault says it after "takes", its own limits left out.
    pub(crate) fn noun(&self, kind: &Kind) -> String {
        match kind.noun {
            Noun::Whole => self.whole.to_owned(),
            Noun::Number => self.number.to_owned(),
            Noun::Text => self.text.to_owned(),
            Noun::Letter => self.letter.to_owned(),
            Noun::Path => self.path.to_owned(),
            Noun::Truth => self.truth.to_owned(),
            Noun::Choice => self.list(kind.offers().map(|offer| offer.0), self.or),
            Noun::Own(noun) => fill(self.such_as, &[noun, kind.example]),
        }
    }

    /// The limits of a kind's type, as a fault says them behind the noun.
    pub(crate) fn limits(&self, kind: &Kind) -> String {
        match kind.limits {
            Limits::None => String::new(),
            Limits::From(low) => fill(self.from_low, &[&low.to_string()]),
            Limits::Within(low, high) => {
                fill(self.from_range, &[&low.to_string(), &high.to_string()])
            }
        }
    }

    /// `a, b or c`.
    pub(crate) fn list<'i>(&self, items: impl Iterator<Item = &'i str>, last: &str) -> String {
        let mut list = String::new();
        let mut items = items.peekable();
        while let Some(item) = items.next() {
            if !list.is_empty() {
                list.put(if items.peek().is_some() { self.comma } else { last });
            }
            list.put(item);
        }
        list
    }
}

impl Default for Wording {
    fn default() -> Self {
        Wording::ENGLISH
    }
}

/// A phrase with `{0}`, `{1}`… filled in.
#[inline(never)]
pub(crate) fn fill(phrase: &str, with: &[&str]) -> String {
    let mut filled = String::with_capacity(phrase.len() + 16);
    let mut rest = phrase;
    while let Some((before, behind)) = rest.split_once('{') {
        filled.put(before);
        let (hole, after) = behind.split_once('}').unwrap_or((behind, ""));
        let text = hole.parse().ok().and_then(|at: usize| with.get(at));
        filled.put(text.copied().unwrap_or_default());
        rest = after;
    }
    filled + rest
}
