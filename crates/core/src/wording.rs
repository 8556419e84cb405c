//! Every fixed phrase that a user of a program may read, in one table.

use crate::declare::{At, Kind, Limits, Noun, Param};
use crate::text::{Put, digits};

/// The fixed phrases of pages and faults. A program may replace them, such as for another language:
/// `Wording { no_value: "…", ..Wording::ENGLISH }`, given to
/// [`Command::wording`](crate::Command::wording). `{0}`, `{1}` and so on stand for what is filled in.
#[derive(Debug, Clone, Copy)]
#[allow(missing_docs)] // Each phrase says itself what it is for.
pub struct Wording {
    // Faults: the head and the foot.
    pub one_fault: &'static str,
    pub many_faults: &'static str,
    /// Counts in words, from one on; those beyond are in digits.
    pub counts: &'static [&'static str],
    pub more_faults: &'static str,
    pub fix: &'static str,
    pub outline: &'static str,
    pub page: &'static str,
    pub command_hole: &'static str,
    // Faults: one sentence each.
    pub option_unknown: &'static str,
    pub options_unknown: &'static str,
    pub help_apart: &'static str,
    pub other_has: &'static str,
    pub others_have: &'static str,
    pub could_be: &'static str,
    pub option_repeated: &'static str,
    pub option_missing: &'static str,
    pub options_missing: &'static str,
    pub command_unknown: &'static str,
    pub command_has: &'static str,
    pub commands_have: &'static str,
    pub command_missing: &'static str,
    pub none_here: &'static str,
    pub one_is: &'static str,
    pub many_are: &'static str,
    pub operand_missing: &'static str,
    pub operands_missing: &'static str,
    pub operand_extra: &'static str,
    pub operands_extra: &'static str,
    pub value_missing: &'static str,
    pub value_rest: &'static str,
    pub no_value: &'static str,
    pub no_values: &'static str,
    pub value_apart: &'static str,
    pub value_attached: &'static str,
    pub value_misfit: &'static str,
    pub not_one: &'static str,
    pub not_ones: &'static str,
    pub is_option: &'static str,
    pub above: &'static str,
    pub are_above: &'static str,
    pub below: &'static str,
    pub are_below: &'static str,
    pub value_refused: &'static str,
    pub not_text: &'static str,
    pub too_few: &'static str,
    pub too_many: &'static str,
    pub value_twice: &'static str,
    pub value_count: &'static str,
    pub nothing_at: &'static str,
    pub something_at: &'static str,
    pub is_directory: &'static str,
    pub is_file: &'static str,
    pub file_unread: &'static str,
    pub settings_unread: &'static str,
    pub only_one: &'static str,
    pub at_least_one: &'static str,
    pub all_or_none: &'static str,
    pub needs: &'static str,
    pub excludes: &'static str,
    pub needed_with: &'static str,
    pub setting_unknown: &'static str,
    pub wrong_default: &'static str,
    pub deprecated: &'static str,
    pub error: &'static str,
    pub cause: &'static str,
    // Kinds and limits.
    pub whole: &'static str,
    pub number: &'static str,
    pub text: &'static str,
    pub letter: &'static str,
    pub path: &'static str,
    pub path_present: &'static str,
    pub path_absent: &'static str,
    pub path_file: &'static str,
    pub path_directory: &'static str,
    pub path_ending: &'static str,
    pub ending_in: &'static str,
    pub truth: &'static str,
    pub entry: &'static str,
    /// The nouns of kinds that are not in this table, and what they are called instead: those of
    /// addresses and of features, and the program's own.
    pub nouns: &'static [(&'static str, &'static str)],
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
    pub contact: &'static str,
    pub licence: &'static str,
    // Pages: facts and notes.
    pub some_options: &'static str,
    pub colon: &'static str,
    pub semicolon: &'static str,
    pub opposite: &'static str,
    pub unless_given: &'static str,
    pub and_unless_given: &'static str,
    pub given_again: &'static str,
    pub split_at: &'static str,
    pub stands_in: &'static str,
    pub from_file: &'static str,
    pub in_code: &'static str,
    pub infinite: &'static str,
    pub worded: &'static str,
    pub or_alone: &'static str,
    pub not_with: &'static str,
    pub only_with: &'static str,
    pub this_or: &'static str,
    pub needed_for: &'static str,
    pub repeated: &'static str,
    pub count_range: &'static str,
    pub count_up_to: &'static str,
    pub count_exactly: &'static str,
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
        counts: &["one", "two", "three", "four", "five", "six", "seven", "eight", "nine"],
        more_faults: "and {0} more",
        fix: "try",
        outline: "like",
        page: "page",
        command_hole: "COMMAND",
        option_unknown: "{0} is not an option here",
        options_unknown: "{0} are not options here",
        help_apart: "-h asks for the page only among letters that take no value",
        other_has: "{0} has it",
        others_have: "{0} have it",
        could_be: "{0} could be {1}",
        option_repeated: "{0} may be given only once",
        option_missing: "{0} is needed",
        options_missing: "{0} are needed",
        command_unknown: "{0} is not a command here",
        command_has: "{0} has {1}",
        commands_have: "{0} have {1}",
        command_missing: "a command is missing",
        none_here: "there are none",
        one_is: "{0} is",
        many_are: "{0} are",
        operand_missing: "{0} is missing",
        operands_missing: "{0} are missing",
        operand_extra: "{0} is one word too many for {1}",
        operands_extra: "{0} are {2} words too many for {1}",
        value_missing: "{0} takes {1}, and nothing follows it",
        value_rest: "{0} takes {1}, and {2} is missing",
        no_value: "{0} takes no value",
        no_values: "{0} take no value",
        value_apart: "{0} takes a value only as {1}",
        value_attached: "{0} takes {1} words, each on its own",
        value_misfit: "{0} takes {1}",
        not_one: "{0} is not one",
        not_ones: "{0} are not",
        is_option: "{0} is an option here",
        above: "{0} is above that",
        are_above: "{0} are above that",
        below: "{0} is below that",
        are_below: "{0} are below that",
        value_refused: "{0} refuses {1}",
        not_text: "{0} takes text in UTF-8, and {1} is not",
        too_few: "{0} takes at least {1}, not {2}",
        too_many: "{0} takes at most {1}, not {2}",
        value_twice: "{0} takes each value once, and {1} stands there twice",
        value_count: "{0} takes exactly {1}, not {2}",
        nothing_at: "nothing is at {0}",
        something_at: "something is at {0} already",
        is_directory: "{0} is a folder",
        is_file: "{0} is a file",
        file_unread: "{0} names a file that cannot be read: {1}",
        settings_unread: "the config file cannot be read: {0}",
        only_one: "only one of {0} can be given",
        at_least_one: "at least one of {0} is needed",
        all_or_none: "{0} go together; {1} is missing",
        needs: "{0} needs {1} beside it",
        excludes: "{0} does not go with {1}",
        needed_with: "{0} is needed when {1} is {2}",
        setting_unknown: "{0} is not a setting here",
        deprecated: "{0} is deprecated; use {1}",
        wrong_default: "the default of {0} does not read",
        error: "{0}: {1}",
        cause: "  because: {0}",
        whole: "a whole number",
        number: "a number",
        text: "text",
        letter: "a single character",
        path: "a path",
        path_present: "a path that exists",
        path_absent: "a path where nothing is yet",
        path_file: "a file that exists",
        path_directory: "a folder that exists",
        path_ending: "a path ending in {0}",
        ending_in: "{0}, ending in {1}",
        truth: "yes or no",
        entry: "a key and a value with = between",
        nouns: &[],
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
        contact: "contact",
        licence: "licence",
        some_options: "[options]",
        colon: ": ",
        semicolon: "; ",
        opposite: "the opposite is {0}",
        unless_given: "{0} unless given",
        and_unless_given: "{0}, and {1} unless given",
        given_again: "may be given again",
        split_at: "several apart by {0}",
        stands_in: "${0} stands in for it",
        from_file: "{0} takes it from a file",
        in_code: "also such as 0x1f or 1_000",
        infinite: "also inf, -inf and nan",
        worded: "=yes or =no may follow",
        or_alone: "the value may be left out",
        not_with: "not with {0}",
        only_with: "only with {0}",
        this_or: "this or {0} is needed",
        needed_for: "needed with {0}",
        repeated: "may be repeated",
        count_range: "{0} to {1} of them",
        count_up_to: "up to {0} of them",
        count_exactly: "{0} of them",
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
            Noun::Number => fill(self.such_as, &[self.number, kind.example]),
            Noun::Text => self.text.to_owned(),
            Noun::Letter => self.letter.to_owned(),
            Noun::Path => self.path.to_owned(),
            Noun::Truth => self.truth.to_owned(),
            Noun::Choice => self.list(kind.offers().map(|offer| offer.0), self.or),
            Noun::Entry => fill(self.such_as, &[self.entry, &kind.example_word()]),
            Noun::Own(noun) => {
                let other = self.nouns.iter().find(|other| other.0 == noun);
                fill(self.such_as, &[other.map_or(noun, |other| other.1), kind.example])
            }
        }
    }

    /// What a path must lead to, where more is asked than a path.
    pub(crate) fn path(&self, param: &Param<'_>) -> Option<String> {
        let noun = match param.path.at {
            At::Anything if param.path.extensions.is_empty() => return None,
            At::Anything => "",
            At::Something => self.path_present,
            At::Nothing => self.path_absent,
            At::File => self.path_file,
            At::Directory => self.path_directory,
        };
        if param.path.extensions.is_empty() {
            return Some(noun.to_owned());
        }
        let mut endings = Vec::new();
        for extension in param.path.extensions {
            endings.push(".".to_owned() + extension);
        }
        let endings = self.list(endings.iter().map(String::as_str), self.or);
        Some(match noun {
            "" => fill(self.path_ending, &[&endings]),
            noun => fill(self.ending_in, &[noun, &endings]),
        })
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

    /// A count in a sentence.
    pub(crate) fn count(&self, count: usize) -> String {
        let word = count.checked_sub(1).and_then(|at| self.counts.get(at));
        word.map_or_else(|| digits(count), |word| (*word).to_owned())
    }

    /// A list of what would be right, in the phrase for one or for several.
    pub(crate) fn counted<S: AsRef<str>>(&self, one: &str, many: &str, items: &[S]) -> String {
        let phrase = if items.len() == 1 { one } else { many };
        fill(phrase, &[&self.choices(items, self.and)])
    }

    /// What would be right; beyond eight they are counted.
    pub(crate) fn choices<S: AsRef<str>>(&self, items: &[S], last: &str) -> String {
        let more = items.len().saturating_sub(Self::MOST_LISTED);
        let last = if more > 0 { self.comma } else { last };
        let shown = items.iter().take(Self::MOST_LISTED).map(AsRef::as_ref);
        let mut list = self.list(shown, last);
        if more > 0 {
            list.put(self.comma);
            list.put(&fill(self.more_faults, &[&digits(more)]));
        }
        list
    }

    /// Things that a sentence lists when none of them is near.
    const MOST_LISTED: usize = 8;

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
