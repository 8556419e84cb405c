//! A sentence for each fault: what is wrong, and what would be right.

use std::error::Error;

use crate::declare::{Command, Param, Reason};
use crate::read::{Fault, FaultKind, Faults, Path, Place, Reader, part};
use crate::text::{Put, Quoted, columns, digits, nearest, visible};
use crate::wording::{Wording, fill};

/// Columns of a word that a sentence shows in full.
const LONGEST: usize = 48;
/// Commands that a sentence lists when none is near.
const MOST_LISTED: usize = 8;

impl<'d> Faults<'d> {
    /// What is wrong, and what would be right, in a sentence.
    pub(super) fn sentence(&self, fault: &Fault<'d>) -> String {
        let wording = self.path.root().words();
        let typed = self.typed(fault);
        let name = fault.param.map(Param::spelled).unwrap_or_default();
        match fault.kind {
            FaultKind::OptionUnknown => {
                let near = self.near_option(fault);
                let near = near.map(|near| fill(wording.one_is, &[&near]));
                joined(wording, fill(wording.option_unknown, &[&self.typed_option(fault)]), near)
            }
            FaultKind::OptionMissing => {
                with_help(wording, fill(wording.option_missing, &[&name]), fault)
            }
            FaultKind::CommandUnknown => {
                let known = self.known_commands(fault, wording);
                joined(wording, fill(wording.command_unknown, &[&typed]), Some(known))
            }
            FaultKind::CommandMissing => {
                let known = self.known_commands(fault, wording);
                joined(wording, wording.command_missing.to_owned(), Some(known))
            }
            FaultKind::OperandMissing => {
                with_help(wording, fill(wording.operand_missing, &[&name]), fault)
            }
            FaultKind::OperandExtra => fill(wording.operand_extra, &[&typed, &self.path.text()]),
            FaultKind::ValueMissing => {
                let takes =
                    fault.param.map(|param| takes(wording, param, fault.count)).unwrap_or_default();
                fill(wording.value_missing, &[&name, &takes])
            }
            FaultKind::ValueUnwanted => fill(wording.no_value, &[&self.name_before(fault)]),
            FaultKind::ValueAttached => {
                let words = fault.param.map_or(0, |param| param.kinds().len());
                fill(wording.value_attached, &[&name, &digits(words)])
            }
            FaultKind::ValueMisfit | FaultKind::ValueRefused => {
                refused(wording, fault, &name, &typed)
            }
            FaultKind::ValueNotText => fill(wording.not_text, &[&name, &typed]),
            FaultKind::ValuesMiscounted => miscounted(wording, fault, &name),
        }
    }

    /// The bytes that the fault is about, as a sentence shows them.
    fn typed(&self, fault: &Fault<'d>) -> String {
        match fault.place {
            Place::At { word, start, end } => {
                let mut bare = self.shown_part(word, start, end);
                for word in self.words.iter().skip(word + 1).take(fault.more) {
                    bare = bare + " " + &Quoted::new(word).text;
                }
                // Words that need no quotes for a shell get them for the eye.
                if bare.ends_with('\'') { bare } else { format!("'{bare}'") }
            }
            Place::Nowhere => {
                format!("'{}'", fault.param.and_then(|param| param.default).unwrap_or_default())
            }
            Place::Before(_) => String::new(),
        }
    }

    /// Bytes of a word as a sentence shows them: a long one is cut in its middle, or behind its
    /// beginning where it has wide characters.
    fn shown_part(&self, word: usize, start: usize, end: usize) -> String {
        let shown = Quoted::new(&part(&self.words[word], start, end)).text;
        let letters = columns(&shown);
        if letters <= LONGEST {
            return shown;
        }
        let mut cut = String::new();
        for (at, letter) in shown.chars().enumerate() {
            match at {
                _ if at < LONGEST / 2 || at + LONGEST / 4 >= letters => cut.push(letter),
                _ if at == LONGEST / 2 => cut.put("…"),
                _ => {}
            }
        }
        cut
    }

    /// An unknown option as it would be typed alone: a letter from within a cluster gets its dash.
    fn typed_option(&self, fault: &Fault<'d>) -> String {
        let Place::At { word, start, end } = fault.place else { return String::new() };
        let shown = self.shown_part(word, start, end);
        if start > 0 { format!("-{shown}") } else { shown }
    }

    /// The name in front of a value that it does not take.
    fn name_before(&self, fault: &Fault<'d>) -> String {
        let Place::At { word, start, .. } = fault.place else { return String::new() };
        self.shown_part(word, 0, start)
    }

    /// The nearest of the options that are in reach where the unknown one stands, dashes included.
    pub(super) fn near_option(&self, fault: &Fault<'d>) -> Option<String> {
        let Place::At { word, start, end } = fault.place else { return None };
        let typed = part(&self.words[word], start, end);
        let typed = typed.to_str()?;
        // A short name that is not known has no near ones: all letters are equally far.
        let typed = typed
            .strip_prefix("--")
            .or_else(|| typed.strip_prefix('-').filter(|typed| typed.chars().count() > 1))?;
        let reader = self.reader_before(word);
        let mut names = Vec::new();
        for param in reader.reach() {
            if !param.hidden {
                names.extend(param.long_names());
            }
        }
        names.push("help");
        if !self.path.root().version.is_empty() {
            names.push("version");
        }
        nearest(typed, &mut names.into_iter()).map(|name| "--".to_owned() + name)
    }

    /// The nearest subcommand to an unknown one.
    pub(super) fn near_command(&self, fault: &Fault<'d>) -> Option<&'d str> {
        let Place::At { word, start, end } = fault.place else { return None };
        let typed = part(&self.words[word], start, end);
        nearest(typed.to_str()?, &mut command_names(&self.path))
    }

    fn known_commands(&self, fault: &Fault<'d>, wording: &Wording) -> String {
        if let Some(near) = self.near_command(fault) {
            return fill(wording.one_is, &[near]);
        }
        let names: Vec<&str> = command_names(&self.path).collect();
        let more = names.len().saturating_sub(MOST_LISTED);
        let last = if more > 0 { wording.comma } else { wording.and };
        let mut list = wording.list(names.iter().take(MOST_LISTED).copied(), last);
        if more > 0 {
            list.put(wording.comma);
            list.put(&fill(wording.more_faults, &[&digits(more)]));
        }
        let phrase = match names.len() {
            0 => wording.none_here,
            1 => wording.one_is,
            _ => wording.many_are,
        };
        fill(phrase, &[&list])
    }

    /// The state of the reader in front of a word.
    pub(super) fn reader_before(&self, word: usize) -> Reader<'d> {
        let mut reader = Reader::new(self.path.root(), word);
        reader.step_all(&&self.words[..word]);
        reader
    }
}

fn command_names<'d>(path: &Path<'d>) -> impl Iterator<Item = &'d str> {
    path.leaf().commands.iter().filter(|command| !command.hidden).map(|command| command.name)
}

/// `what; right`.
fn joined(wording: &Wording, what: String, right: Option<String>) -> String {
    match right {
        Some(right) => what + wording.semicolon + &right,
        None => what,
    }
}

/// `what: the parameter's help`.
fn with_help(wording: &Wording, what: String, fault: &Fault<'_>) -> String {
    match fault.param.map_or("", |param| param.help) {
        "" => what,
        help => what + wording.colon + &visible(help),
    }
}

/// What a parameter takes as its `at`-th word: the noun of its kind with its limits.
fn takes(wording: &Wording, param: &Param<'_>, at: usize) -> String {
    let Some(kind) = param.kinds().get(at).or(param.kinds().last()) else { return String::new() };
    let mut limits = String::new();
    for test in param.tests() {
        if let Some((low, high)) = test.bounds() {
            limits.put(if limits.is_empty() { "" } else { wording.comma });
            limits.put(&fill(wording.from_range, &[&low, &high]));
        }
    }
    if limits.is_empty() {
        limits = wording.limits(kind);
    }
    let noun = wording.noun(kind);
    if limits.is_empty() { noun } else { noun + " " + &limits }
}

fn refused(wording: &Wording, fault: &Fault<'_>, name: &str, typed: &str) -> String {
    let Some(param) = fault.param else { return String::new() };
    let takes = fill(wording.value_misfit, &[name, &takes(wording, param, fault.which)]);
    let why = match &fault.reason {
        Some(Reason::Above) => fill(wording.above, &[typed]),
        Some(Reason::Below) => fill(wording.below, &[typed]),
        Some(Reason::Own(reason)) if fault.kind == FaultKind::ValueRefused => {
            let refuses = fill(wording.value_refused, &[name, typed]);
            return refuses + wording.colon + &visible(reason);
        }
        Some(Reason::Own(reason)) => visible(reason),
        _ => fill(wording.not_one, &[typed]),
    };
    let sentence = takes + wording.semicolon + &why;
    match fault.place {
        Place::Nowhere => fill(wording.wrong_default, &[name]) + wording.colon + &sentence,
        _ => sentence,
    }
}

fn miscounted(wording: &Wording, fault: &Fault<'_>, name: &str) -> String {
    let Some(param) = fault.param else { return String::new() };
    let operand = param.role() == crate::declare::Role::Operand;
    let times = if operand { param.word_count() } else { param.times() };
    let (phrase, bound) = if fault.count < times.min as usize {
        (wording.too_few, times.min)
    } else {
        (wording.too_many, times.max)
    };
    fill(phrase, &[name, &digits(bound as usize), &digits(fault.count)])
}

impl Command<'_> {
    /// What is said of an error that ended a program: its name and the message, then each cause
    /// on a line.
    pub fn failure(&self, error: &(dyn Error + 'static)) -> String {
        let wording = self.words();
        let first = fill(wording.error, &[self.name, &error.to_string()]);
        let causes = std::iter::successors(error.source(), |&cause| cause.source());
        // A cause of several lines, such as a parser's, stays below its own first one.
        let text = |cause: &dyn Error| cause.to_string().trim_end().replace('\n', "\n    ");
        let causes = causes.map(|cause| fill(wording.cause, &[&text(cause)]));
        std::iter::once(first).chain(causes).map(|line| line + "\n").collect()
    }
}
