//! The help of a parameter, and what its declaration says of it: what the help says already is not said again.

use crate::record::command::Command;
use crate::record::kind::{Kind, Noun};
use crate::record::page::{Block, Entry, InlineKind, Layout, Text};
use crate::record::param::{Param, Role};
use crate::record::reading::PageLength;
use crate::record::rule::Rule;
use crate::text::kept::Kept;
use crate::text::{Listed, Put, holds};
use crate::wording::english::Phrase;
use crate::wording::{Speech, Wording};

/// The help of a parameter, and the facts that are declared. `command` is the one that takes it; `listed` says which
/// values it has, where these are known at run time.
pub(crate) fn help<'t>(
    param: &Param<'t>,
    command: &Command<'t>,
    rules: &[&'t Rule<'t>],
    (length, listed): (PageLength, &str),
    speech: Speech<'t>,
) -> Text {
    let own = own_help(param, command, speech);
    let mut help = Help { param, own, speech, text: Text::of(InlineKind::Plain, own) };
    if listed.is_empty() {
        help.add_value(length);
    } else {
        help.add(InlineKind::Value, listed);
    }
    for fact in param.facts(command, rules, speech) {
        if !help.is_said(fact.key()) {
            help.add(InlineKind::Fact, fact.words(speech));
        }
    }
    help.text
}

/// The help as it was declared; where it was not, in the words of what the command gives.
fn own_help<'t>(param: &Param<'t>, command: &Command<'_>, speech: Speech<'t>) -> &'t str {
    match command.alone() {
        Some(alone) if param.help().is_empty() && param.role() == Role::Operand => {
            speech.keep(alone.operand_help(speech.wording))
        }
        _ => param.help(),
    }
}

/// Whether nothing is said of a parameter, or no more than its type.
pub(crate) fn says_little(param: &Param<'_>, command: &Command<'_>, wording: &Wording<'_>) -> bool {
    let kept = Kept::default();
    let speech = Speech::new(wording, &kept);
    let number = param.kinds().first().filter(|kind| kind.is_number());
    let ty = number.map(|kind| speech.noun(kind).0);
    // Help of its own is looked at no further.
    if !param.help().is_empty() && ty != Some(param.help()) {
        return false;
    }
    let of_alone = param.alone().map_or_else(String::new, |alone| alone.help(&[], wording));
    let rules = command.relations().filter(|rule| rule.is_about(param)).listed();
    let said = help(param, command, &rules, (PageLength::Full, ""), speech);
    let is_type = said.count() == 1 && Some(said.inline(0).text()) == ty;
    of_alone.is_empty() && (said.is_empty() || is_type)
}

/// Help that grows by facts.
struct Help<'p, 't> {
    param: &'p Param<'t>,
    own: &'t str,
    speech: Speech<'t>,
    text: Text,
}

impl<'t> Help<'_, 't> {
    #[inline(never)]
    fn add(&mut self, what: InlineKind, fact: &str) {
        if !self.is_said(fact) {
            self.text.add(what, fact);
        }
    }

    /// Whether the help says something already, in these words.
    fn is_said(&self, fact: &str) -> bool {
        let (help, fact) = (self.own.as_bytes(), fact.as_bytes());
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
        let (param, speech) = (self.param, self.speech);
        let kinds = param.kinds();
        let is_list = |kind: &Kind| matches!(kind.noun(), Noun::Choice | Noun::Truth);
        if let [kind] = kinds
            && is_list(kind)
        {
            // In full they are listed below, where they have help of their own.
            if length == PageLength::Short || !is_explained(kind) {
                self.add(InlineKind::Value, speech.noun(kind).0);
            }
            return;
        }
        let limits = self.limits();
        match kinds {
            _ if !limits.is_empty() => self.add(InlineKind::Value, limits),
            [kind] => self.add_kind(kind),
            [first, rest @ ..]
                if first.is_number() && rest.iter().all(|k| k.noun() == first.noun()) =>
            {
                self.add(InlineKind::Value, speech.tell(Phrase::Each, &[speech.noun(first).0]));
            }
            _ => {}
        }
    }

    /// A type without limits: what a number is, and what explains itself.
    fn add_kind(&mut self, kind: &Kind) {
        let speech = self.speech;
        let (noun, example) = speech.noun(kind);
        if kind.is_number() {
            // What counts something that is there begins at one.
            let least = kind.bounds().filter(|limits| limits[0] == "1");
            let least = least.map_or("", |limits| {
                speech.of(&[speech.say(Phrase::Comma), speech.tell(Phrase::OrMore, &[limits[0]])])
            });
            return self.add_noun(noun, least);
        }
        if !kind.is_explained() && kind.noun() != Noun::Entry {
            return;
        }
        // Help with an example of its own needs none of the kind's.
        let such_as = speech.tell(Phrase::SuchAs, &["", ""]);
        let has_example = self.is_said(example) || holds(self.own, such_as.trim_end());
        let example = if has_example { "" } else { example };
        self.add_noun(noun, speech.such_as(("", example)));
    }

    /// A noun and what is said of it; the noun only where the help does not have it.
    fn add_noun(&mut self, noun: &str, rest: &str) {
        let bare = noun.split_once(' ').map_or(noun, |(_, bare)| bare);
        match self.is_said(bare) {
            true if self.text.is_empty() || rest.is_empty() => {}
            true => self.text.go_on(rest),
            false => self.add(InlineKind::Value, self.speech.of(&[noun, rest])),
        }
    }

    /// What the path and the validators allow.
    fn limits(&self) -> &'t str {
        let (param, speech) = (self.param, self.speech);
        let mut limits = String::new();
        limits.put(self.path());
        for test in param.validators() {
            let told = test.told(param.word_kind(0).unwrap_or(Kind::TRUTH), speech);
            let is_apart = !limits.is_empty() && !told.is_empty();
            limits.put(if is_apart { speech.say(Phrase::Comma) } else { "" });
            limits.put(told);
        }
        speech.keep(limits)
    }

    /// What must be at a path, unless the help has the word for it, and how that must end.
    fn path(&self) -> &'t str {
        let speech = self.speech;
        let noun = speech.path_noun(self.param);
        let words = [speech.say(Phrase::FileWord), speech.say(Phrase::DirectoryWord)];
        let is_said = words.iter().any(|word| holds(noun, word) && self.is_said(word));
        match speech.endings(self.param) {
            _ if !is_said => speech.path(self.param),
            "" => "",
            endings => {
                let text = speech.tell(Phrase::EndingIn, &["", endings]);
                text.strip_prefix(speech.say(Phrase::Comma)).unwrap_or(text)
            }
        }
    }
}

fn is_explained(kind: &Kind) -> bool {
    kind.offers().any(|offer| !offer.1.is_empty())
}

/// The words that a parameter may be, where they have help of their own.
pub(crate) fn offers(
    param: &Param<'_>,
    command: &Command<'_>,
    speech: Speech<'_>,
) -> Option<Block> {
    let [kind] = param.kinds() else { return None };
    if let Some(keyed) = command.brought().keyed.filter(|_| kind.sides().is_some()) {
        return (keyed.offers)(kind, speech);
    }
    let first = kind.offers().take(Speech::MOST_OFFERED);
    let mut entries = first.map(|(name, help)| Entry::plain(name, help)).listed();
    let more = kind.offers().count() - entries.len();
    if more > 0 {
        entries.put(Entry::plain("…", speech.more(more)));
    }
    is_explained(kind).then_some(Block::Entries(Layout::Close, entries))
}
