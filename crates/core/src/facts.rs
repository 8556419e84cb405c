//! Stage 4, facts: what a declaration says of a parameter beside its help, in the order it is told. A fact is a phrase
//! and what is filled in; those that only some parameters have come with their records. What a value may be is asked
//! of its kinds and validators where it is worded (`wording/value.rs`).

use crate::declare::{Command, FromWord, Manners, Noun, Param, Role, Rule, Times};
use crate::read::{parts, truth};
use crate::text::{DOTS, Put};
use crate::wording::{Group, Phrase, Speech};

/// One thing that a declaration says.
#[derive(Debug)]
pub(crate) struct Fact<'t> {
    phrase: Phrase,
    group: &'static Group,
    with: [&'t str; 2],
    /// What help has in it that says the same; empty where only the fact itself does.
    key: &'t str,
}

impl<'t> Fact<'t> {
    /// A phrase alone.
    #[inline(always)]
    pub(crate) fn plain(phrase: Phrase) -> Self {
        Fact::new(phrase, "")
    }

    /// A phrase with something filled in.
    // In place, so that a program has the phrases of those facts alone that it may tell.
    #[inline(always)]
    pub(crate) fn new(phrase: Phrase, with: &'t str) -> Self {
        Fact { phrase, group: phrase.group(), with: [with, ""], key: "" }
    }

    /// The same unless help has a text in it.
    fn unless(self, key: &'t str) -> Self {
        Fact { key, ..self }
    }

    /// What help has in it that says the same.
    pub(crate) fn key(&self) -> &'t str {
        self.key
    }

    /// In words.
    pub(crate) fn words(&self, speech: Speech<'t>) -> &'t str {
        speech.told(self.phrase, self.group, &self.with)
    }
}

impl<'t> Param<'t> {
    /// What is declared of it; `command` is the one that takes it, and `rules` are those of its rules that are about it.
    pub(crate) fn facts(
        &self,
        command: &Command<'t>,
        rules: &[&'t Rule<'t>],
        speech: Speech<'t>,
    ) -> Vec<Fact<'t>> {
        let mut facts = Vec::new();
        if let Some(default) = self.default() {
            let shown = self.shown_default(default, speech);
            facts.put(Fact::new(Phrase::UnlessGiven, shown));
        }
        if !self.opposite().is_empty() {
            let long = speech.of(&["--", self.opposite()]);
            let names = match self.opposite_letter() {
                Some(letter) => speech.of(&["-", letter.encode_utf8(&mut [0; 4]), ", ", long]),
                None => long,
            };
            facts.put(Fact::new(Phrase::Opposite, names).unless(long));
        }
        if let Some(manners) = command.brought().manners {
            (manners.facts)(self, speech, &mut facts);
        }
        if self.is_given_again() {
            facts.put(Fact::plain(Phrase::GivenAgain));
        }
        if let Some(sources) = command.brought().sources {
            (sources.facts)(self, speech, &mut facts);
        }
        for rule in rules {
            if let Some(fact) = rule.relation().fact(rule, self, speech) {
                facts.put(fact);
            }
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
    fn shown_default(&self, default: &'t str, speech: Speech<'t>) -> &'t str {
        let is_truth = matches!(self.kinds(), [kind] if kind.noun() == Noun::Truth);
        match bool::from_word(default.as_ref()) {
            _ if self.is_secret() => DOTS,
            Ok(truth) if is_truth => {
                if truth {
                    speech.say(Phrase::Yes)
                } else {
                    speech.say(Phrase::No)
                }
            }
            _ => default,
        }
    }
}

/// The variable that stands in for a parameter.
#[inline]
pub(crate) fn variable<'t>(param: &Param<'t>, speech: Speech<'t>, facts: &mut Vec<Fact<'t>>) {
    let name = param.variable();
    if !name.is_empty() {
        facts.put(Fact::new(Phrase::OrSet, name).unless(speech.of(&["$", name])));
    }
}

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
