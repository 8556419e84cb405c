//! What a parameter takes, in words: its kind, with the limits of its validators.

use crate::record::kind::Noun;
use crate::record::param::Param;
use crate::record::refusal::Reason;
use crate::record::says::word_kind;
use crate::record::test::Says;
use crate::text::kept::Kept;
use crate::text::{Put, of};
use crate::wording::english::Phrase;
use crate::wording::{Speech, Wording};

impl<'t> Speech<'t> {
    /// What a parameter takes as its `at`-th word: the noun of its kind with its limits, and an example where
    /// there are none. Those of the type only matter to a number beyond them.
    pub(crate) fn takes(
        self,
        param: &Param<'_>,
        at: usize,
        reason: Option<&Reason>,
    ) -> (&'t str, &'t str) {
        let kind = word_kind(param, at);
        let mut limits = String::new();
        for test in param.validators() {
            let says = test.says();
            let range = match &says {
                Says::Range(low, high) => self.range_after(kind, (low, high), reason),
                // What the type has no end for is only measured by the one that is said.
                Says::AtLeast(low) => match kind.bounds() {
                    Some([_, most]) => self.range_after(kind, (low, most), reason),
                    None => self.of(&[self.say(Phrase::Comma), self.says(&says, kind)]),
                },
                Says::AtMost(high) => match kind.bounds() {
                    Some([least, _]) => self.range_after(kind, (least, high), reason),
                    None => self.of(&[self.say(Phrase::Comma), self.says(&says, kind)]),
                },
                _ => "",
            };
            if !range.is_empty() {
                // What is behind another range has its comma already, or gets one.
                if !limits.is_empty() && range.starts_with(' ') {
                    limits.put(self.say(Phrase::Comma).trim_end());
                }
                limits.put(range);
            }
        }
        if limits.is_empty() {
            limits.put(self.beyond(kind, reason));
        }
        let (noun, example) = match self.path(param) {
            "" => self.noun(kind),
            noun => (noun, ""),
        };
        // Limits say more than an example.
        if limits.is_empty() { (noun, example) } else { (self.of(&[noun, &limits]), "") }
    }
}

impl<'d> Param<'d> {
    /// What its `at`-th word may be, as a fault says it: "a whole number from 0 to 20". Of a text, what is asked of it.
    pub fn wanted(&self, at: usize, wording: &Wording<'_>) -> String {
        let kept = Kept::default();
        let speech = Speech::new(wording, &kept);
        let asked = speech.asked_of_text(self, at);
        let wanted = if asked.is_empty() { speech.takes(self, at, None) } else { (asked, "") };
        speech.such_as(wanted).to_owned()
    }

    /// What to type as its `at`-th word, where nothing can be listed: the help, and what that may be.
    pub fn hint(&self, at: usize, wording: &Wording<'_>) -> String {
        let (help, wanted) = (self.help(), self.wanted(at, wording));
        let is_any = self.kinds().get(at).is_some_and(|kind| kind.noun() == Noun::Text);
        match help {
            "" => wanted,
            help if is_any && !self.has_tests() => help.to_owned(),
            help => of(&[help, wording.say(Phrase::Colon), &wanted]),
        }
    }
}
