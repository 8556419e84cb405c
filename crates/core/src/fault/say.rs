//! A sentence for each fault: what is wrong, and what would be right.

use std::error::Error;
use std::ffi::OsString;

use super::refuse::value_missing;
use crate::declare::{Command, Reason};
use crate::read::{Fault, FaultKind, Faults, Place, message};
use crate::text::{DOTS, Listed, Put, columns, of, own, part, quoted, visible};
use crate::wording::{Wording, fill};

/// Columns of a word that a sentence shows in full.
const LONGEST: usize = 48;

/// Names of what was typed, or is missing, that a sentence lists.
const MOST_TYPED: usize = 4;

impl<'d> Faults<'d> {
    /// What is wrong, and what would be right, in a sentence of the program's phrases; what may be secret shows
    /// as dots.
    pub fn sentence_of(&self, fault: &Fault<'d>) -> String {
        if fault.is_mistake() { self.mistake(fault) } else { self.sentence(&[fault]) }
    }

    /// What is wrong, and what would be right, in a sentence: of one fault, or of several that differ
    /// in names alone.
    #[inline(never)]
    pub(crate) fn sentence(&self, group: &[&Fault<'d>]) -> String {
        let wording = self.wording();
        let Some(&fault) = group.first() else { return String::new() };
        if let Some(say) = fault.say() {
            return (say.0)(self, group);
        }
        let name = self.name(fault);
        let typed = || self.listed(group, Self::typed);
        let several = |one, many| if group.len() > 1 { many } else { one };
        match fault.kind() {
            FaultKind::OptionUnknown if self.lone_letter(fault).is_some() => {
                fill(wording.alone_apart(), &[&self.lone_letter(fault).unwrap_or_default()])
            }
            FaultKind::OptionUnknown => {
                let names = self.listed(group, Self::typed_option);
                let phrase = several(wording.option_unknown(), wording.options_unknown());
                joined(wording, fill(phrase, &[&names]), self.known_option(fault, wording))
            }
            FaultKind::OptionMissing if group.len() > 1 => {
                fill(wording.options_missing(), &[&self.listed(group, Self::name)])
            }
            FaultKind::OptionMissing => {
                with_help(wording, fill(wording.option_missing(), &[&name]), fault)
            }
            FaultKind::CommandUnknown if self.path().leaf().subcommands().is_empty() => {
                fill(wording.no_commands(), &[&self.path().text(), &typed()])
            }
            FaultKind::CommandUnknown => {
                let known = self.known_commands(fault, wording);
                joined(wording, fill(wording.command_unknown(), &[&typed()]), Some(known))
            }
            FaultKind::CommandMissing => {
                let names = self.seen_commands();
                let listed = wording.choices(&names, wording.or());
                let colon = if names.is_empty() { "" } else { wording.colon() };
                of(&[wording.command_missing(), colon, &listed])
            }
            FaultKind::OperandMissing => {
                let placeholder = |_: &Self, fault: &Fault<'d>| {
                    fault.param().map(|param| param.placeholder(fault.count())).unwrap_or_default()
                };
                match group.len() {
                    1 => {
                        let missing = fill(wording.operand_missing(), &[&placeholder(self, fault)]);
                        with_help(wording, missing, fault)
                    }
                    _ => fill(wording.operands_missing(), &[&self.listed(group, placeholder)]),
                }
            }
            FaultKind::OperandExtra => {
                let phrase = several(wording.operand_extra(), wording.operands_extra());
                let count = wording.count(group.len());
                fill(phrase, &[&typed(), &self.path().text(), &count])
            }
            FaultKind::ValueMissing => value_missing(wording, fault, &name),
            FaultKind::ValueUnwanted => self.unwanted(group),
            FaultKind::ValueAttached => {
                let words = fault.param().map_or(0, |param| param.kinds().len());
                fill(wording.value_attached(), &[&name, &wording.count(words)])
            }
            FaultKind::ValueMisfit | FaultKind::ValueRefused | FaultKind::PathRefused => {
                self.refused(group, &name, &typed())
            }
            FaultKind::ValueNotText => fill(wording.not_text(), &[&name, &typed()]),
            FaultKind::ValuesMiscounted => miscounted(wording, fault, &name),
            FaultKind::RuleBroken => fault.rule().map_or_else(String::new, |rule| {
                let lacking = fault.param().map(|param| param.spelled()).unwrap_or_default();
                rule.relation().sentence(rule, &lacking, wording)
            }),
            // A test that is about a secret says no more than what that takes.
            FaultKind::ReadingRefused if !matches!(fault.reason(), Some(Reason::Own(_))) => {
                self.refused(group, &name, &typed())
            }
            FaultKind::ReadingRefused => reason(fault),
            // What only some programs can have was said by what it brings along.
            _ => String::new(),
        }
    }

    /// The names of several faults; beyond the first few they are counted.
    pub(crate) fn listed(
        &self,
        group: &[&Fault<'d>],
        name: fn(&Self, &Fault<'d>) -> String,
    ) -> String {
        let wording = self.wording();
        let names: Vec<String> =
            group.iter().take(MOST_TYPED).map(|fault| name(self, fault)).listed();
        let more = group.len().saturating_sub(MOST_TYPED);
        let last = if more > 0 { wording.comma() } else { wording.and() };
        let list = wording.list(names.iter().map(String::as_str), last);
        match more {
            0 => list,
            more => of(&[&list, " ", &fill(wording.more_faults(), &[&wording.count(more)])]),
        }
    }

    /// What is attached to something that takes nothing; and what that says.
    fn unwanted(&self, group: &[&Fault<'d>]) -> String {
        let wording = self.wording();
        let Some(&fault) = group.first() else { return String::new() };
        if let Some(param) = fault.param().filter(|param| param.is_attached()) {
            let long = of(&[&param.spelled(), "=", &param.placeholder(0)]);
            return fill(wording.value_apart(), &[&self.letter_before(fault), &long]);
        }
        let names = self.listed(group, Self::name_before);
        if group.len() > 1 {
            return fill(wording.no_values(), &[&names]);
        }
        let is_letter = self.is_of_letter(fault);
        let phrase = if is_letter { wording.letter_no_value() } else { wording.no_value() };
        let opposite = fault.param().and_then(|param| param.other_name(names.as_bytes()));
        let opposite = opposite.map(|name| fill(wording.opposite(), &[&name]));
        joined(wording, fill(phrase, &[&names]), opposite)
    }

    /// Whether something is attached by an `=` to a letter, which takes none.
    #[inline(never)]
    pub(super) fn is_of_letter(&self, fault: &Fault<'d>) -> bool {
        let Place::At { word, start, .. } = fault.place() else { return false };
        let bytes = self.words().word(word).as_encoded_bytes();
        let is_behind_letter = start > 1 && bytes[start - 1].is_ascii_alphanumeric();
        let is_cluster = !bytes.starts_with(b"--") && bytes.starts_with(b"-");
        is_cluster && is_behind_letter && bytes.get(start) == Some(&b'=')
    }

    /// Whether what was taken for a value is an option where it stands.
    pub(super) fn takes_option(&self, fault: &Fault<'d>) -> bool {
        match fault.place() {
            Place::At { word, start: 0, end }
                if !fault.param().is_some_and(|param| param.is_secret()) =>
            {
                self.is_option(word, &part(self.words().word(word), 0, end))
            }
            _ => false,
        }
    }

    /// An unknown option that is the letter of what stands alone, and known when it is apart.
    pub(super) fn lone_letter(&self, fault: &Fault<'d>) -> Option<String> {
        let Place::At { word, start, end } = fault.place() else { return None };
        let typed = part(self.words().word(word), start, end);
        let letter = match (start, typed.as_encoded_bytes()) {
            (0, &[b'-', letter]) => letter,
            (1.., &[letter]) => letter,
            _ => return None,
        };
        let known = self.reach_in(word).lettered(letter)?;
        known.stands_alone().then(|| format!("-{}", char::from(letter)))
    }

    /// The parameter of a fault as it was named: by an option, a variable or a key.
    pub(crate) fn name(&self, fault: &Fault<'d>) -> String {
        let Some(param) = fault.param() else { return String::new() };
        match fault.place() {
            Place::Variable { .. } => of(&["$", param.variable()]),
            Place::Setting { .. } => own(param.name()),
            Place::At { .. }
                if fault.kind() == FaultKind::FileUnread && !param.file_name().is_empty() =>
            {
                of(&["--", param.file_name()])
            }
            _ => param.spelled(),
        }
    }

    /// The bytes that the fault is about, as a sentence shows them.
    pub(crate) fn typed(&self, fault: &Fault<'d>) -> String {
        let bare = match fault.place() {
            // What is in a secret's file is a secret too.
            Place::At { .. } if reads_secret(fault) => own(DOTS),
            Place::At { word, start, end } => {
                let mut bare = self.shown_part(word, start, end);
                for word in word + 1..=word + fault.more() {
                    bare.put(" ");
                    bare.put(&self.shown_part(word, 0, self.words().word(word).len()));
                }
                bare
            }
            Place::Variable { .. } | Place::Setting { .. }
                if fault.param().is_some_and(|param| param.is_secret()) =>
            {
                own(DOTS)
            }
            Place::Variable { start, end } => {
                let value = self.variable(fault);
                cut(&quoted(&part(&value, start, end)))
            }
            Place::Setting { start, end } => {
                let settings = self.settings();
                let text = settings.and_then(|settings| settings.text.get(start..end));
                cut(&visible(text.unwrap_or_default().trim_matches(['"', '\''])))
            }
            Place::Nowhere => match fault.param() {
                Some(param) if !param.is_secret() => own(param.default().unwrap_or_default()),
                _ => own(DOTS),
            },
            Place::Before(_) => return String::new(),
        };
        // Words that need no quotes for a shell get them for the eye.
        if bare.ends_with('\'') { bare } else { of(&["'", &bare, "'"]) }
    }

    /// The value of the variable that a fault is about.
    pub(super) fn variable(&self, fault: &Fault<'d>) -> OsString {
        fault.param().and_then(|param| self.around().variable(param)).unwrap_or_default()
    }

    /// Bytes of a word as a sentence shows them, dots for what may be secret: a long one is cut in its
    /// middle, or after its beginning where it has wide characters.
    fn shown_part(&self, word: usize, start: usize, end: usize) -> String {
        cut(&quoted(&self.dark().shown(self.words(), word, start, end)))
    }

    /// An unknown option as it would be typed alone: a letter from within a cluster gets its dash.
    fn typed_option(&self, fault: &Fault<'d>) -> String {
        let Place::At { word, start, end } = fault.place() else { return String::new() };
        let shown = self.shown_part(word, start, end);
        if start > 0 { of(&["-", &shown]) } else { shown }
    }

    /// The name in front of a value that it does not take.
    fn name_before(&self, fault: &Fault<'d>) -> String {
        let Place::At { word, start, .. } = fault.place() else { return String::new() };
        if self.is_of_letter(fault) {
            return self.letter_before(fault);
        }
        self.shown_part(word, 0, start)
    }

    /// The letter in front of what is attached to it.
    fn letter_before(&self, fault: &Fault<'d>) -> String {
        let Place::At { word, start, .. } = fault.place() else { return String::new() };
        let letter = part(self.words().word(word), start.saturating_sub(1), start);
        of(&["-", &letter.to_string_lossy()])
    }
}

/// A text that is too long for a sentence loses its middle. Characters without a width count too.
#[inline(never)]
fn cut(shown: &str) -> String {
    let letters: Vec<char> = shown.chars().take(8 * LONGEST).listed();
    if columns(shown) <= LONGEST && letters.len() <= LONGEST {
        return own(shown);
    }
    let mut kept = String::new();
    kept.extend(letters.iter().take(LONGEST / 2));
    kept.put("…");
    let behind: Vec<char> = shown.chars().rev().take(LONGEST / 4).listed();
    kept.extend(behind.iter().rev());
    kept
}

/// Whether a fault is about a secret's value, which may stand in a file.
fn reads_secret(fault: &Fault<'_>) -> bool {
    let is_of_value = matches!(fault.kind(), FaultKind::ValueMisfit | FaultKind::ValueRefused);
    is_of_value && fault.param().is_some_and(|param| param.is_secret())
}

/// The reason of a fault, in the words of whoever gave it.
fn reason(fault: &Fault<'_>) -> String {
    match &fault.reason() {
        Some(Reason::Own(reason)) => visible(reason),
        _ => String::new(),
    }
}

/// `what; right`.
pub(super) fn joined(wording: &Wording, what: String, right: Option<String>) -> String {
    match right {
        Some(right) => of(&[&what, wording.semicolon(), &right]),
        None => what,
    }
}

/// `what: the parameter's help`.
fn with_help(wording: &Wording, what: String, fault: &Fault<'_>) -> String {
    match fault.param().map_or("", |param| param.help()) {
        "" => what,
        help => of(&[&what, wording.colon(), &visible(help)]),
    }
}

fn miscounted(wording: &Wording, fault: &Fault<'_>, name: &str) -> String {
    let Some(param) = fault.param() else { return String::new() };
    let times = param.miscounted_times();
    let (phrase, bound) = if fault.count() < times.min as usize {
        (wording.too_few(), times.min)
    } else {
        (wording.too_many(), times.max)
    };
    fill(phrase, &[name, &wording.count(bound as usize), &wording.count(fault.count())])
}

/// The phrase of an error, and the program's name.
#[doc(hidden)]
#[derive(Debug)]
pub struct Frame([Box<str>; 2]);

impl Frame {
    /// What is said of an error by its text alone.
    pub fn failure(&self, error: &(dyn Error + 'static)) -> String {
        fill(&self.0[0], &[&*self.0[1], &visible(&message(error))]) + "\n"
    }
}

impl Command<'_> {
    /// What says an error when the declaration may be gone.
    #[doc(hidden)]
    pub fn failure_frame(&self) -> Frame {
        Frame([self.phrases().error().into(), self.program_name().into()])
    }

    /// What is said of an error that ended a program: its name and the message, then each cause
    /// on a line. The text may be anybody's: nothing of it reaches a terminal but what is seen.
    pub fn failure(&self, error: &(dyn Error + 'static)) -> String {
        let wording = self.phrases();
        let text = |error: &(dyn Error + 'static), end: &str| {
            let mut text = String::new();
            for line in message(error).trim_end().lines() {
                text.put(if text.is_empty() { "" } else { end });
                text.put(&visible(line));
            }
            text
        };
        let mut failure = fill(wording.error(), &[self.program_name(), &text(error, "\n")]);
        let mut cause = error.source();
        while let Some(error) = cause {
            // A cause of several lines, such as a parser's, stays below its own first one.
            let told = fill(wording.cause(), &[&text(error, "\n    ")]);
            failure.put("\n");
            failure.put(&told);
            cause = error.source();
        }
        failure.put("\n");
        failure
    }
}
