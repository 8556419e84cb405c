//! What a declaration says about a value, as a sentence after the help. What the help says already is
//! not said again.

use super::Entry;
use crate::declare::{Command, FromWord, Kind, Noun, Param, Role, Times};
use crate::read::PageLength;
use crate::text::{DOTS, Listed, Put};
use crate::wording::{Wording, fill};

/// The help of a parameter, and the facts that are declared. `command` is the one that takes it.
pub(crate) fn help(
    param: &Param<'_>,
    command: &Command<'_>,
    length: PageLength,
    wording: &Wording,
) -> String {
    let mut facts =
        Facts { param, wording, text: param.help().to_owned(), between: wording.colon() };
    facts.add_value(length);
    facts.between = wording.semicolon();
    if let Some(default) = param.default() {
        facts.add(&fill(wording.unless_given(), &[&shown_default(param, default, wording)]));
    }
    if !param.opposite().is_empty() {
        facts.add_opposite();
    }
    facts.add_manner();
    facts.add(&again(param, wording));
    if !param.variable().is_empty() && !facts.is_said(&("$".to_owned() + param.variable())) {
        facts.add(&fill(wording.or_set(), &[param.variable()]));
    }
    for rule in command.relations() {
        facts.add(&rule.relation().fact(rule, param, wording).unwrap_or_default());
    }
    facts.text
}

/// Whether nothing is said of a parameter, or no more than its type.
pub(crate) fn says_little(param: &Param<'_>, command: &Command<'_>, wording: &Wording) -> bool {
    let of_alone = param.alone().map_or_else(String::new, |alone| alone.help(&[], wording));
    let said = help(param, command, PageLength::Full, wording) + &of_alone;
    let is_type = |kind: &&Kind| kind.is_number() && wording.noun(kind).0 == said;
    said.is_empty() || param.kinds().first().is_some_and(is_type)
}

/// A text that grows by facts.
struct Facts<'f> {
    param: &'f Param<'f>,
    wording: &'f Wording<'f>,
    text: String,
    /// What parts the next fact from what is before it.
    between: &'f str,
}

impl Facts<'_> {
    #[inline(never)]
    fn add(&mut self, fact: &str) {
        if fact.is_empty() || self.is_said(fact) {
            return;
        }
        if !self.text.is_empty() {
            self.text.put(self.between);
        }
        self.text.put(fact);
    }

    /// Whether the help says something already, in these words.
    fn is_said(&self, fact: &str) -> bool {
        let (help, fact) = (self.param.help().as_bytes(), fact.as_bytes());
        // Whatever is not ASCII is a letter here: tables of all letters are not worth their size.
        let is_letter =
            |byte: Option<&u8>| byte.is_some_and(|b| b.is_ascii_alphanumeric() || !b.is_ascii());
        !fact.is_empty()
            && help.windows(fact.len()).enumerate().any(|(at, said)| {
                said.eq_ignore_ascii_case(fact)
                    && !is_letter(help[..at].last())
                    && !is_letter(help.get(at + fact.len()))
            })
    }

    /// What the value is: the choices, what must be at a path, what the validators allow; else its type.
    fn add_value(&mut self, length: PageLength) {
        let (param, wording) = (self.param, self.wording);
        let kinds = param.kinds();
        let is_list = |kind: &Kind| matches!(kind.noun(), Noun::Choice | Noun::Truth);
        if let [kind] = kinds
            && is_list(kind)
        {
            // In full they are listed below, where they have help of their own.
            if length == PageLength::Short || !is_explained(kind) {
                self.add(&wording.noun(kind).0);
            }
            return;
        }
        let limits = self.limits();
        match kinds {
            _ if !limits.is_empty() => self.add(&limits),
            [kind] => self.add_kind(kind),
            [first, rest @ ..]
                if first.is_number() && rest.iter().all(|k| k.noun() == first.noun()) =>
            {
                self.add(&fill(wording.each(), &[&wording.noun(first).0]));
            }
            _ => {}
        }
    }

    /// A type without limits: what a number is, and what explains itself.
    fn add_kind(&mut self, kind: &Kind) {
        let wording = self.wording;
        let (noun, example) = wording.noun(kind);
        if kind.is_number() {
            // What counts something that is there begins at one.
            let least = kind.bounds().filter(|limits| limits[0] == "1");
            let least = least
                .map(|limits| wording.comma().to_owned() + &fill(wording.or_more(), &[limits[0]]));
            return self.add_noun(&noun, &least.unwrap_or_default());
        }
        if !kind.is_explained() && kind.noun() != Noun::Entry {
            return;
        }
        // Help with an example of its own needs none of the kind's.
        let such_as = fill(wording.such_as_phrase(), &["", ""]);
        let has_example = self.is_said(&example) || self.param.help().contains(such_as.trim_end());
        let example = if has_example { "" } else { &example };
        self.add_noun(&noun, &wording.such_as(String::new(), example));
    }

    /// A noun and what is said of it; the noun only where the help does not have it.
    fn add_noun(&mut self, noun: &str, rest: &str) {
        let bare = noun.split_once(' ').map_or(noun, |(_, bare)| bare);
        match self.is_said(bare) {
            true if self.text.is_empty() || rest.is_empty() => {}
            true => self.text.put(rest),
            false => self.add(&(noun.to_owned() + rest)),
        }
    }

    /// What the path and the validators allow.
    fn limits(&self) -> String {
        let (param, wording) = (self.param, self.wording);
        let mut limits = self.path().unwrap_or_default();
        for test in param.tests() {
            let before = limits.len();
            let kind = param.word_kind(0).unwrap_or(bool::KIND);
            limits.put(&wording.says(&test.says(), kind));
            if before > 0 && limits.len() > before {
                limits.insert_str(before, wording.comma());
            }
        }
        limits
    }

    /// What must be at a path, unless the help has the word for it, and how that must end.
    fn path(&self) -> Option<String> {
        let wording = self.wording;
        let noun = wording.path_noun(self.param);
        let words = [wording.file_word(), wording.directory_word()];
        let is_said = words.iter().any(|word| noun.contains(word) && self.is_said(word));
        match wording.endings(self.param) {
            _ if !is_said => wording.path(self.param),
            endings if endings.is_empty() => None,
            endings => {
                Some(fill(wording.ending_in(), &["", &endings]).trim_start_matches(", ").to_owned())
            }
        }
    }

    fn add_opposite(&mut self) {
        let mut opposite = String::new();
        let (letter, name) = (self.param.opposite_letter(), Some(self.param.opposite()));
        match letter {
            None => push_name(&mut opposite, letter, name),
            Some(_) => push_names(&mut opposite, letter, name),
        }
        if !self.is_said(&("--".to_owned() + self.param.opposite())) {
            self.add(&fill(self.wording.opposite(), &[&opposite]));
        }
    }

    /// In which other ways the value is read.
    fn add_manner(&mut self) {
        let (param, wording) = (self.param, self.wording);
        if param.is_as_in_code() {
            self.add(wording.in_code());
        }
        if param.is_infinite() {
            self.add(wording.infinite());
        }
        if param.is_worded() {
            self.add(wording.worded());
        }
        if param.is_attached() {
            self.add(wording.or_alone());
        }
        if !param.file_name().is_empty() {
            let name = "--".to_owned() + param.file_name();
            self.add(&fill(wording.taken_from_file(), &[&name]));
        }
        if let Some(delimiter) = param.delimiter() {
            self.add(&fill(wording.joined_by(), &[&wording.sign(delimiter)]));
        }
    }
}

/// A default as it is shown: dots for a secret, and the words of truth that the page has.
fn shown_default(param: &Param<'_>, default: &str, wording: &Wording) -> String {
    let is_truth = matches!(param.kinds(), [kind] if kind.noun() == Noun::Truth);
    match bool::from_word(default.as_ref()) {
        _ if param.is_secret() => DOTS.to_owned(),
        Ok(truth) if is_truth => if truth { wording.yes() } else { wording.no() }.to_owned(),
        _ => default.to_owned(),
    }
}

fn is_explained(kind: &Kind) -> bool {
    kind.offers().any(|offer| !offer.1.is_empty())
}

/// The choices of a parameter, when they have help of their own.
pub(super) fn offers(param: &Param<'_>) -> Vec<Entry> {
    match param.kinds() {
        [kind] if is_explained(kind) => {
            kind.offers().map(|(name, help)| Entry::plain(name, help)).listed()
        }
        _ => Vec::new(),
    }
}

/// How often it may be given, where that is more than once.
fn again(param: &Param<'_>, wording: &Wording) -> String {
    let Times { min, max } = param.given_times();
    // Words of an operand stand after each other, or several within one; an option is given again.
    let [exactly, up_to, range] = match param.role() == Role::Operand || param.delimiter().is_some()
    {
        true => [wording.count_exactly(), wording.count_up_to(), wording.count_range()],
        false => [wording.times_exactly(), wording.times_up_to(), wording.times_range()],
    };
    let [least, most] = wording.counts(min as usize, max as usize);
    match param.role() {
        Role::Tally => wording.given_again().to_owned(),
        _ if param.is_counted() && min == max => fill(exactly, &[&most]),
        _ if param.is_counted() && max < u32::MAX && min <= 1 => fill(up_to, &[&most]),
        _ if param.is_counted() && max < u32::MAX => fill(range, &[&least, &most]),
        Role::Option if param.is_list() && !param.is_once() => wording.given_again().to_owned(),
        _ => String::new(),
    }
}

/// `-f, --frames`; a name without a letter stands where long names stand.
pub(super) fn push_names(text: &mut String, letter: Option<char>, long: Option<&str>) {
    match letter {
        Some(letter) => {
            text.push('-');
            text.push(letter);
        }
        None => text.put("    "),
    }
    if let Some(long) = long {
        text.put(if letter.is_none() { "--" } else { ", --" });
        text.put(long);
    }
}

/// The shortest name: `-f`.
pub(super) fn push_name(text: &mut String, letter: Option<char>, long: Option<&str>) {
    match long {
        Some(long) if letter.is_none() => {
            text.put("--");
            text.put(long);
        }
        _ => push_names(text, letter, None),
    }
}
