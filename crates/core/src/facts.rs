//! Stage 4, facts: what a declaration says of a parameter beside its help, in the order it is told. A fact is a phrase
//! and what is filled in; those that only some parameters have come with their records. What a value may be is asked
//! of its kinds and validators where it is worded (`wording/value.rs`).

use crate::declare::{Command, FromWord, Noun, Param, Role, Times};
use crate::text::{DOTS, Listed, Put, of, own};
use crate::wording::{Wording, fill};

/// One thing that a declaration says.
#[derive(Debug)]
pub(crate) struct Fact {
    phrase: for<'w> fn(&'w Wording<'_>) -> &'w str,
    with: Vec<String>,
    /// What help has in it that says the same; empty where only the fact itself does.
    key: String,
}

impl Fact {
    pub(crate) fn new<const N: usize>(
        phrase: for<'w> fn(&'w Wording<'_>) -> &'w str,
        with: [String; N],
    ) -> Self {
        Fact { phrase, with: with.into(), key: String::new() }
    }

    /// The same unless help has a text in it.
    fn unless(self, key: String) -> Self {
        Fact { key, ..self }
    }

    /// What help has in it that says the same.
    pub(crate) fn key(&self) -> &str {
        &self.key
    }

    /// In words.
    pub(crate) fn words(&self, wording: &Wording<'_>) -> String {
        fill((self.phrase)(wording), &self.with.iter().map(String::as_str).listed())
    }
}

impl<'d> Param<'d> {
    /// What is declared of it; `command` is the one that takes it.
    pub(crate) fn facts(&self, command: &Command<'d>, wording: &Wording<'_>) -> Vec<Fact> {
        let mut facts = Vec::new();
        if let Some(default) = self.default() {
            let shown = self.shown_default(default, wording);
            facts.put(Fact::new(|wording| wording.unless_given(), [shown]));
        }
        if !self.opposite().is_empty() {
            let long = of(&["--", self.opposite()]);
            let names = match self.opposite_letter() {
                Some(letter) => format!("-{letter}, {long}"),
                None => long.clone(),
            };
            facts.put(Fact::new(|wording| wording.opposite(), [names]).unless(long));
        }
        if let Some(manners) = command.brought().manners {
            manners(self, wording, &mut facts);
        }
        if self.is_given_again() {
            facts.put(Fact::new(|wording| wording.given_again(), []));
        }
        if let Some(sources) = command.brought().sources {
            (sources.facts)(self, wording, &mut facts);
        }
        for rule in command.relations() {
            facts.extend(rule.relation().fact(rule, self, wording));
        }
        facts
    }

    /// Whether it may be given again, as often as one likes.
    fn is_given_again(&self) -> bool {
        let is_list = self.role() == Role::Option && self.is_list() && !self.is_once();
        self.role() == Role::Tally || is_list && !self.has_limits()
    }

    /// Whether it is said how often it may be given.
    fn has_limits(&self) -> bool {
        let Times { min, max } = self.given_times();
        self.is_counted() && (min == max || max < u32::MAX)
    }

    /// A default as it is shown: dots for a secret, and the words of truth that the page has.
    fn shown_default(&self, default: &str, wording: &Wording<'_>) -> String {
        let is_truth = matches!(self.kinds(), [kind] if kind.noun() == Noun::Truth);
        match bool::from_word(default.as_ref()) {
            _ if self.is_secret() => own(DOTS),
            Ok(truth) if is_truth => own(if truth { wording.yes() } else { wording.no() }),
            _ => own(default),
        }
    }
}

/// The variable that stands in for a parameter.
pub(crate) fn variable(param: &Param<'_>, _: &Wording<'_>, facts: &mut Vec<Fact>) {
    let name = param.variable();
    if !name.is_empty() {
        let fact = Fact::new(|wording| wording.or_set(), [own(name)]);
        facts.put(fact.unless(of(&["$", name])));
    }
}

/// In which other ways a value is read, and how often it may be given.
pub(crate) fn manners(param: &Param<'_>, wording: &Wording<'_>, facts: &mut Vec<Fact>) {
    if param.is_as_in_code() {
        facts.put(Fact::new(|wording| wording.in_code(), []));
    }
    if param.is_infinite() {
        facts.put(Fact::new(|wording| wording.infinite(), []));
    }
    if param.is_worded() {
        facts.put(Fact::new(|wording| wording.worded(), []));
    }
    if param.is_attached() {
        facts.put(Fact::new(|wording| wording.or_alone(), []));
    }
    if !param.file_name().is_empty() {
        let name = of(&["--", param.file_name()]);
        facts.put(Fact::new(|wording| wording.taken_from_file(), [name]));
    }
    if let Some(delimiter) = param.delimiter() {
        facts.put(Fact::new(|wording| wording.joined_by(), [wording.sign(delimiter)]));
    }
    if param.has_limits() {
        facts.put(limits(param, wording));
    }
}

/// How often a parameter must and may be given.
fn limits(param: &Param<'_>, wording: &Wording<'_>) -> Fact {
    // Words of an operand stand after each other, or several within one; an option is given again.
    let are_words = param.role() == Role::Operand || param.delimiter().is_some();
    let Times { min, max } = param.given_times();
    let [least, most] = wording.counts(min as usize, max as usize);
    match (min, are_words) {
        _ if min == max && are_words => Fact::new(|wording| wording.count_exactly(), [most]),
        _ if min == max => Fact::new(|wording| wording.times_exactly(), [most]),
        (0 | 1, true) => Fact::new(|wording| wording.count_up_to(), [most]),
        (0 | 1, false) => Fact::new(|wording| wording.times_up_to(), [most]),
        (_, true) => Fact::new(|wording| wording.count_range(), [least, most]),
        (_, false) => Fact::new(|wording| wording.times_range(), [least, most]),
    }
}
