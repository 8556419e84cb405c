//! A sentence for each fault: what is wrong, and what would be right.

use std::error::Error;
use std::ffi::OsString;

use super::refuse::value_missing;
use crate::record::command::Command;
use crate::record::fault::{Fault, FaultKind, Place};
use crate::record::faults::Faults;
use crate::record::param::Param;
use crate::record::refusal::Reason;
use crate::record::report::Report;
use crate::record::step::Meaning;
use crate::record::unread::message;
use crate::tell::framed::Frame;
use crate::text::kept::Kept;
use crate::text::part::part;
use crate::text::quote::{quoted, visible};
use crate::text::{DOTS, Listed, Put, bared};
use crate::wording::Speech;
use crate::wording::compose::fill;
use crate::wording::english::Phrase;

/// Names of what was typed, or is missing, that a sentence lists.
const MOST_TYPED: usize = 4;

impl<'d> Faults<'d> {
    /// What is wrong, and what would be right, in a sentence of the program's phrases; what may be secret shows
    /// as dots.
    pub fn sentence_of(&self, fault: &Fault<'d>) -> String {
        let kept = Kept::default();
        let report = self.report(&kept);
        if fault.is_mistake() { report.mistake(fault) } else { report.sentence(&[fault]) }
            .to_owned()
    }

    pub(crate) fn report<'t>(&'t self, kept: &'t Kept) -> Report<'t, 'd> {
        Report { faults: self, speech: Speech::new(self.wording(), kept) }
    }
}

impl<'t, 'd> Report<'t, 'd> {
    /// What is wrong, and what would be right, in a sentence: of one fault, or of several that differ
    /// in names alone.
    #[inline(never)]
    pub(crate) fn sentence(&self, group: &[&Fault<'d>]) -> &'t str {
        let speech = self.speech;
        let Some(&fault) = group.first() else { return "" };
        if let Some(say) = fault.say() {
            return (say.0)(self, group);
        }
        let name = self.name(fault);
        let typed = || self.listed(group, Self::typed);
        let several = |one, many| if group.len() > 1 { many } else { one };
        match fault.kind() {
            FaultKind::OptionUnknown => {
                if let Some(letter) = self.lone_letter(fault) {
                    return speech.tell(Phrase::AloneApart, &[letter]);
                }
                let names = self.listed(group, Self::typed_option);
                let phrase =
                    several(speech.say(Phrase::OptionUnknown), speech.say(Phrase::OptionsUnknown));
                joined(speech, speech.fill(phrase, &[names]), self.known_option(fault))
            }
            FaultKind::OptionMissing if group.len() > 1 => {
                speech.tell(Phrase::OptionsMissing, &[self.listed(group, Self::name)])
            }
            FaultKind::OptionMissing => {
                with_help(speech, speech.tell(Phrase::OptionMissing, &[name]), fault)
            }
            FaultKind::CommandUnknown if self.faults.path().leaf().subcommands().is_empty() => {
                speech.tell(Phrase::NoCommands, &[&self.faults.path().text(), typed()])
            }
            FaultKind::CommandUnknown => {
                let unknown = speech.tell(Phrase::CommandUnknown, &[typed()]);
                joined(speech, unknown, self.known_commands(fault))
            }
            FaultKind::CommandMissing => {
                let names = self.faults.seen_names();
                let colon = if names.is_empty() { "" } else { speech.say(Phrase::Colon) };
                let listed = speech.choices(&names, speech.say(Phrase::Or));
                speech.of(&[speech.say(Phrase::CommandMissing), colon, listed])
            }
            FaultKind::OperandMissing => {
                let placeholder = |report: &Self, fault: &Fault<'d>| {
                    let placeholder = |param: &Param<'_>| param.placeholder(fault.count());
                    report.speech.keep(fault.param().map(placeholder).unwrap_or_default())
                };
                match group.len() {
                    1 => {
                        let missing = placeholder(self, fault);
                        with_help(speech, speech.tell(Phrase::OperandMissing, &[missing]), fault)
                    }
                    _ => speech.tell(Phrase::OperandsMissing, &[self.listed(group, placeholder)]),
                }
            }
            FaultKind::OperandExtra => {
                let phrase =
                    several(speech.say(Phrase::OperandExtra), speech.say(Phrase::OperandsExtra));
                let count = speech.count(group.len());
                let extra = speech.fill(phrase, &[typed(), &self.faults.path().text(), count]);
                joined(speech, extra, self.taken_option(fault))
            }
            _ => self.sentence_of_value(fault, group, name),
        }
    }

    /// The same of a value, a rule, or the whole.
    #[inline]
    fn sentence_of_value(&self, fault: &Fault<'d>, group: &[&Fault<'d>], name: &'t str) -> &'t str {
        let speech = self.speech;
        let typed = || self.listed(group, Self::typed);
        match fault.kind() {
            FaultKind::ValueMissing => value_missing(speech, fault, name),
            FaultKind::ValueUnwanted => self.unwanted(group),
            FaultKind::ValueAttached => {
                let words = fault.param().map_or(0, |param| param.kinds().len());
                speech.tell(Phrase::ValueAttached, &[name, speech.count(words)])
            }
            FaultKind::ValueMisfit | FaultKind::ValueRefused | FaultKind::PathRefused => {
                self.refused(group, name, typed())
            }
            FaultKind::ValueNotText => speech.tell(Phrase::NotText, &[name, typed()]),
            FaultKind::ValuesMiscounted => miscounted(speech, fault, name),
            FaultKind::RuleBroken => fault.rule().map_or("", |rule| {
                let lacking = fault.param().map(|param| param.spelled()).unwrap_or_default();
                rule.relation().sentence(rule, speech.keep(lacking), speech)
            }),
            FaultKind::ReadingRefused => match fault.reason() {
                // The words of whoever gave it.
                Some(Reason::Own(reason)) => speech.visible(reason),
                // A test that is about a secret says no more.
                _ => speech.tell(Phrase::ValueRefused, &[name, DOTS]),
            },
            // What only some programs can have was said by what it brings along.
            _ => "",
        }
    }

    /// The names of several faults; beyond the first few they are counted.
    #[inline(never)]
    pub(crate) fn listed(
        &self,
        group: &[&Fault<'d>],
        name: fn(&Self, &Fault<'d>) -> &'t str,
    ) -> &'t str {
        let names = group.iter().take(MOST_TYPED).map(|fault| name(self, fault)).listed();
        self.speech.first(&names, group.len(), " ", self.speech.say(Phrase::And))
    }

    /// An option in front of a word too many that another one took as its value.
    fn taken_option(&self, fault: &Fault<'d>) -> &'t str {
        let Place::At { word: extra, .. } = fault.place() else { return "" };
        let steps = self.faults.trace().steps();
        let before = &steps[..self.faults.trace().first_in(extra)];
        let values = before.iter().rev().filter(|step| step.meaning() == Meaning::Value);
        for value in values.take(MOST_TYPED) {
            let (word, bytes) = (value.word(), value.bytes());
            let param = self.faults.trace().param(value).filter(|param| !param.is_secret());
            let typed = part(self.faults.words().word(word), bytes.start, bytes.end);
            if let Some(param) = param
                && bytes.start == 0
                && self.faults.is_option(word, &typed)
            {
                let taken = self.quotes(self.shown_part(word, 0, bytes.end));
                return self.speech.tell(Phrase::OptionTaken, &[&param.spelled(), taken]);
            }
        }
        ""
    }

    /// What is attached to something that takes nothing; and what that says.
    fn unwanted(&self, group: &[&Fault<'d>]) -> &'t str {
        let speech = self.speech;
        let Some(&fault) = group.first() else { return "" };
        let names = self.listed(group, Self::name_before);
        if group.len() > 1 {
            return speech.tell(Phrase::NoValues, &[names]);
        }
        let is_letter = self.faults.is_of_letter(fault);
        let phrase =
            if is_letter { speech.say(Phrase::LetterNoValue) } else { speech.say(Phrase::NoValue) };
        let opposite = fault.param().and_then(|param| param.other_name(names.as_bytes()));
        let opposite = opposite.map_or("", |name| speech.tell(Phrase::Opposite, &[&name]));
        joined(speech, speech.fill(phrase, &[names]), opposite)
    }

    /// An unknown option that is the letter of what stands alone, and known when it is apart.
    pub(crate) fn lone_letter(&self, fault: &Fault<'d>) -> Option<&'t str> {
        let Place::At { word, start, end } = fault.place() else { return None };
        let typed = part(self.faults.words().word(word), start, end);
        let letter = match (start, typed.as_encoded_bytes()) {
            (0, &[b'-', letter]) => letter,
            (1.., &[letter]) => letter,
            _ => return None,
        };
        let known = self.faults.reach_in(word).lettered(letter)?;
        known.stands_alone().then(|| self.speech.letter_name(letter))
    }

    /// The parameter of a fault as it was named: by an option, a variable or a key.
    #[inline(never)]
    pub(crate) fn name(&self, fault: &Fault<'d>) -> &'t str {
        let Some(param) = fault.param() else { return "" };
        let (dashes, name) = match fault.place() {
            Place::Variable { .. } => ("$", param.variable()),
            Place::Setting { .. } => ("", param.name()),
            Place::At { .. }
                if fault.kind() == FaultKind::FileUnread && !param.file_name().is_empty() =>
            {
                ("--", param.file_name())
            }
            _ => return self.speech.keep(param.spelled()),
        };
        self.speech.of(&[dashes, name])
    }

    /// The bytes that the fault is about, as a sentence shows them.
    pub(crate) fn typed(&self, fault: &Fault<'d>) -> &'t str {
        let speech = self.speech;
        let bare = match fault.place() {
            // What is in a secret's file is a secret too.
            Place::At { .. } if reads_secret(fault) => DOTS,
            Place::At { word, start, end } => {
                let mut bare = self.shown_part(word, start, end);
                for word in word + 1..=word + fault.more() {
                    let more = self.shown_part(word, 0, self.faults.words().word(word).len());
                    bare = speech.of(&[bare, " ", more]);
                }
                bare
            }
            Place::Variable { .. } | Place::Setting { .. }
                if fault.param().is_some_and(|param| param.is_secret()) =>
            {
                DOTS
            }
            Place::Variable { start, end } => {
                let value = self.faults.variable(fault);
                speech.cut(quoted(&part(&value, start, end)))
            }
            Place::Setting { start, end } => {
                let settings = self.faults.settings();
                let text = settings.and_then(|settings| settings.text.get(start..end));
                speech.cut(visible(bared(text.unwrap_or_default(), b"\"'")))
            }
            Place::Nowhere => match fault.param() {
                Some(param) if !param.is_secret() => {
                    speech.own(param.default().unwrap_or_default())
                }
                _ => DOTS,
            },
            Place::Before(_) => return "",
        };
        self.quotes(bare)
    }

    /// Words that need no quotes for a shell get them for the eye.
    fn quotes(&self, bare: &'t str) -> &'t str {
        if bare.ends_with('\'') { bare } else { self.speech.of(&["'", bare, "'"]) }
    }

    /// Bytes of a word as a sentence shows them, dots for what may be secret: a long one is cut in its
    /// middle, or after its beginning where it has wide characters.
    #[inline(never)]
    fn shown_part(&self, word: usize, start: usize, end: usize) -> &'t str {
        self.speech.cut(quoted(&self.faults.dark().shown(self.faults.words(), word, start, end)))
    }

    /// An unknown option as it would be typed alone: a letter from within a cluster gets its dash.
    fn typed_option(&self, fault: &Fault<'d>) -> &'t str {
        let Place::At { word, start, end } = fault.place() else { return "" };
        let shown = self.shown_part(word, start, end);
        if start > 0 { self.speech.of(&["-", shown]) } else { shown }
    }

    /// The name in front of a value that it does not take.
    fn name_before(&self, fault: &Fault<'d>) -> &'t str {
        let Place::At { word, start, .. } = fault.place() else { return "" };
        if self.faults.is_of_letter(fault) {
            return self.letter_before(fault);
        }
        self.shown_part(word, 0, start)
    }

    /// The letter in front of what is attached to it.
    fn letter_before(&self, fault: &Fault<'d>) -> &'t str {
        let Place::At { word, start, .. } = fault.place() else { return "" };
        let letter = part(self.faults.words().word(word), start.saturating_sub(1), start);
        self.speech.of(&["-", &letter.to_string_lossy()])
    }
}

impl<'d> Faults<'d> {
    /// Whether something is attached by an `=` to a letter, which takes none.
    #[inline(never)]
    pub(crate) fn is_of_letter(&self, fault: &Fault<'d>) -> bool {
        let Place::At { word, start, .. } = fault.place() else { return false };
        let bytes = self.words().word(word).as_encoded_bytes();
        let is_behind_letter = start > 1 && bytes[start - 1].is_ascii_alphanumeric();
        let is_cluster = !bytes.starts_with(b"--") && bytes.starts_with(b"-");
        is_cluster && is_behind_letter && bytes.get(start) == Some(&b'=')
    }

    /// Whether what was taken for a value is an option where it stands.
    pub(crate) fn takes_option(&self, fault: &Fault<'d>) -> bool {
        match fault.place() {
            Place::At { word, start: 0, end }
                if !fault.param().is_some_and(|param| param.is_secret()) =>
            {
                self.is_option(word, &part(self.words().word(word), 0, end))
            }
            _ => false,
        }
    }

    /// The value of the variable that a fault is about.
    pub(crate) fn variable(&self, fault: &Fault<'d>) -> OsString {
        fault.param().and_then(|param| self.around().variable(param)).unwrap_or_default()
    }
}

/// Whether a fault is about a secret's value, which may stand in a file.
fn reads_secret(fault: &Fault<'_>) -> bool {
    let is_of_value = matches!(fault.kind(), FaultKind::ValueMisfit | FaultKind::ValueRefused);
    is_of_value && fault.param().is_some_and(|param| param.is_secret())
}

/// `what; right`.
#[inline(never)]
pub(crate) fn joined<'t>(speech: Speech<'t>, what: &'t str, right: &str) -> &'t str {
    match right {
        "" => what,
        right => speech.of(&[what, speech.say(Phrase::Semicolon), right]),
    }
}

/// `what: the parameter's help`.
fn with_help<'t>(speech: Speech<'t>, what: &'t str, fault: &Fault<'_>) -> &'t str {
    match fault.param().map_or("", |param| param.help()) {
        "" => what,
        help => speech.of(&[what, speech.say(Phrase::Colon), speech.visible(help)]),
    }
}

fn miscounted<'t>(speech: Speech<'t>, fault: &Fault<'_>, name: &str) -> &'t str {
    let Some(param) = fault.param() else { return "" };
    let times = param.miscounted_times();
    let (phrase, bound) = if fault.count() < times.min as usize {
        (speech.say(Phrase::TooFew), times.min)
    } else {
        (speech.say(Phrase::TooMany), times.max)
    };
    speech.fill(phrase, &[name, speech.count(bound as usize), speech.count(fault.count())])
}

impl Command<'_> {
    /// What says an error when the declaration may be gone.
    pub(crate) fn failure_frame(&self) -> Frame {
        Frame([self.phrases().say(Phrase::Error).into(), self.program_name().into()])
    }
}

/// What is said of an error that ended a program: its name and the message, then each cause
/// on a line. The text may be anybody's: nothing of it reaches a terminal but what is seen.
pub fn failure(root: &Command<'_>, error: &(dyn Error + 'static)) -> String {
    let wording = root.phrases();
    let text = |error: &(dyn Error + 'static), end: &str| {
        let mut text = String::new();
        for line in message(error).trim_end().lines() {
            text.put(if text.is_empty() { "" } else { end });
            text.put(&visible(line));
        }
        text
    };
    let mut failure = fill(wording.say(Phrase::Error), &[root.program_name(), &text(error, "\n")]);
    let mut cause = error.source();
    while let Some(error) = cause {
        // A cause of several lines, such as a parser's, stays below its own first one.
        let told = fill(wording.say(Phrase::Cause), &[&text(error, "\n    ")]);
        failure.put("\n");
        failure.put(&told);
        cause = error.source();
    }
    failure.put("\n");
    failure
}
