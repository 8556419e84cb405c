//! What a declaration says of a parameter beside its help, in the order it is told. A fact is a phrase and what is filled in;
//! those that only some parameters have come with what these bring along.

use crate::kind::from_word::FromWord;
use crate::record::command::Command;
use crate::record::fact::Fact;
use crate::record::kind::Noun;
use crate::record::param::{Param, Role, Times};
use crate::record::rule::Rule;
use crate::text::{DOTS, Put};
use crate::wording::Speech;
use crate::wording::english::Phrase;

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
    pub(crate) fn has_limits(&self) -> bool {
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
