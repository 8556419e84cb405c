//! The help of a parameter, and what its declaration says of it: what the help says already is not said again.

use std::borrow::Cow;

use super::{Block, Entry, Layout, Text, What};
use crate::declare::{Command, FromWord, Kind, Noun, Param, Role};
use crate::read::PageLength;
use crate::text::{Listed, Put, holds, of, own};
use crate::wording::{Wording, fill};

/// The help of a parameter, and the facts that are declared. `command` is the one that takes it; `listed` says which
/// values it has, where these are known at run time.
pub(super) fn help(
    param: &Param<'_>,
    command: &Command<'_>,
    (length, listed): (PageLength, String),
    wording: &Wording,
) -> Text {
    let own = own_help(param, command, wording);
    let mut help = Help { param, own: &own, wording, text: Text::of(What::Plain, &own) };
    if listed.is_empty() {
        help.add_value(length);
    } else {
        help.add(What::Value, listed);
    }
    for fact in param.facts(command, wording) {
        if !help.is_said(fact.key()) {
            help.add(What::Fact, fact.words(wording));
        }
    }
    help.text
}

/// The help as it was declared; where it was not, in the words of what the command gives.
fn own_help<'d>(param: &Param<'d>, command: &Command<'_>, wording: &Wording) -> Cow<'d, str> {
    match command.alone() {
        Some(alone) if param.help().is_empty() && param.role() == Role::Operand => {
            alone.operand_help(wording).into()
        }
        _ => param.help().into(),
    }
}

/// Whether nothing is said of a parameter, or no more than its type.
pub(super) fn says_little(param: &Param<'_>, command: &Command<'_>, wording: &Wording) -> bool {
    let number = param.kinds().first().filter(|kind| kind.is_number());
    let ty = number.map(|kind| wording.noun(kind).0);
    // Help of its own is looked at no further.
    if !param.help().is_empty() && ty.as_deref() != Some(param.help()) {
        return false;
    }
    let of_alone = param.alone().map_or_else(String::new, |alone| alone.help(&[], wording));
    let said = help(param, command, (PageLength::Full, String::new()), wording);
    let is_type = said.count() == 1 && Some(said.inline(0).text()) == ty.as_deref();
    of_alone.is_empty() && (said.is_empty() || is_type)
}

/// Help that grows by facts.
struct Help<'f> {
    param: &'f Param<'f>,
    own: &'f str,
    wording: &'f Wording<'f>,
    text: Text,
}

impl Help<'_> {
    #[inline(never)]
    fn add(&mut self, what: What, fact: String) {
        if !self.is_said(&fact) {
            self.text.add(what, &fact);
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
        let (param, wording) = (self.param, self.wording);
        let kinds = param.kinds();
        let is_list = |kind: &Kind| matches!(kind.noun(), Noun::Choice | Noun::Truth);
        if let [kind] = kinds
            && is_list(kind)
        {
            // In full they are listed below, where they have help of their own.
            if length == PageLength::Short || !is_explained(kind) {
                self.add(What::Value, wording.noun(kind).0);
            }
            return;
        }
        let limits = self.limits();
        match kinds {
            _ if !limits.is_empty() => self.add(What::Value, limits),
            [kind] => self.add_kind(kind),
            [first, rest @ ..]
                if first.is_number() && rest.iter().all(|k| k.noun() == first.noun()) =>
            {
                self.add(What::Value, fill(wording.each(), &[&wording.noun(first).0]));
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
            let least =
                least.map(|limits| of(&[wording.comma(), &fill(wording.or_more(), &[limits[0]])]));
            return self.add_noun(&noun, &least.unwrap_or_default());
        }
        if !kind.is_explained() && kind.noun() != Noun::Entry {
            return;
        }
        // Help with an example of its own needs none of the kind's.
        let such_as = fill(wording.such_as_phrase(), &["", ""]);
        let has_example = self.is_said(&example) || holds(self.own, such_as.trim_end());
        let example = if has_example { "" } else { &example };
        self.add_noun(&noun, &wording.such_as(String::new(), example));
    }

    /// A noun and what is said of it; the noun only where the help does not have it.
    fn add_noun(&mut self, noun: &str, rest: &str) {
        let bare = noun.split_once(' ').map_or(noun, |(_, bare)| bare);
        match self.is_said(bare) {
            true if self.text.is_empty() || rest.is_empty() => {}
            true => self.text.go_on(rest),
            false => self.add(What::Value, of(&[noun, rest])),
        }
    }

    /// What the path and the validators allow.
    fn limits(&self) -> String {
        let (param, wording) = (self.param, self.wording);
        let mut limits = self.path().unwrap_or_default();
        for test in param.validators() {
            let before = limits.len();
            let kind = param.word_kind(0).unwrap_or(bool::KIND);
            limits.put(&test.told(kind, wording));
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
        let is_said = words.iter().any(|word| holds(noun, word) && self.is_said(word));
        match wording.endings(self.param) {
            _ if !is_said => wording.path(self.param),
            endings if endings.is_empty() => None,
            endings => {
                let text = fill(wording.ending_in(), &["", &endings]);
                Some(own(text.strip_prefix(wording.comma()).unwrap_or(&text)))
            }
        }
    }
}

fn is_explained(kind: &Kind) -> bool {
    kind.offers().any(|offer| !offer.1.is_empty())
}

/// The words that a parameter may be, where they have help of their own.
pub(super) fn offers(param: &Param<'_>) -> Option<Block> {
    let [kind] = param.kinds() else { return None };
    let entries = || kind.offers().map(|(name, help)| Entry::plain(name, help)).listed();
    is_explained(kind).then(|| Block::Entries(Layout::Close, entries()))
}
