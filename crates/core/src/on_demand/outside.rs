//! What is shown and said of a fault in an environment variable, or in the config file.

use std::ops::Range;

use super::source::{ask_sources, has_secret, is_settable, secret_settings};
use crate::fault::say::joined;
use crate::read::convert::truth;
use crate::record::brought::Sources;
use crate::record::fact::Fact;
use crate::record::fault::{Fault, FaultKind, Place};
use crate::record::faults::Faults;
use crate::record::param::Param;
use crate::record::report::{Echo, Report};
use crate::record::world::{Malformed, Setting, Settings};
use crate::text::columns::columns;
use crate::text::near::near;
use crate::text::quote::{Quoted, visible};
use crate::text::{DOTS, Listed, Put, of, own, unquoted};
use crate::wording::Speech;
use crate::wording::english::Phrase;

/// The variable that stands in for a parameter.
#[inline]
fn variable<'t>(param: &Param<'t>, speech: Speech<'t>, facts: &mut Vec<Fact<'t>>) {
    let name = param.variable();
    if !name.is_empty() {
        facts.put(Fact::new(Phrase::OrSet, name).unless(speech.of(&["$", name])));
    }
}

/// Values from elsewhere. The records of variables and of config files point here.
pub(crate) const SOURCES: &Sources = &Sources {
    ask: ask_sources,
    echo: |faults, number, fault| faults.echo_outside(number, fault),
    facts: variable,
    truth,
};

impl<'d> Faults<'d> {
    /// What a fault shows that is not on the line: where that is, and its own line. Nothing for one
    /// that is on the line, or cannot be pointed at.
    #[inline]
    fn echo_outside(&self, number: usize, fault: &Fault<'d>) -> Option<(String, Echo)> {
        match fault.place() {
            Place::Variable { start, end } => {
                let echo = self.echo_variable(number, fault, start..end)?;
                Some((String::new(), echo))
            }
            Place::Setting { start, end } => self.echo_setting(number, fault, start..end),
            _ => None,
        }
    }

    /// `APIARY_YARD=nowhere`.
    #[inline]
    fn echo_variable(&self, number: usize, fault: &Fault<'d>, bytes: Range<usize>) -> Option<Echo> {
        let param = fault.param()?;
        let mut echo = Echo { text: of(&[param.variable(), "="]), marks: Vec::new() };
        let column = columns(&echo.text);
        let (value, (from, to)) = if param.is_secret() {
            (own(DOTS), (0, columns(DOTS)))
        } else {
            let value = self.variable(fault);
            let quoted = Quoted::new(&value);
            let span = quoted.span(bytes.start, bytes.end);
            (quoted.text, span)
        };
        echo.text.put(&value);
        echo.mark(number, column + from..column + to.max(from + 1), false);
        Some(echo)
    }

    /// The file with line and column, and the line.
    #[inline]
    fn echo_setting(
        &self,
        number: usize,
        fault: &Fault<'d>,
        bytes: Range<usize>,
    ) -> Option<(String, Echo)> {
        let (root, settings) = (self.path().root(), self.settings()?);
        let (line, column) = settings.position(bytes.start);
        let place = format!("{}:{line}:{column}", visible(&settings.file));
        let (line_start, text) = settings.line_at(bytes.start);
        let line_end = line_start + text.len();
        let mut secrets = match fault.kind() {
            FaultKind::SettingMalformed => Vec::new(),
            _ => secret_settings(root, settings),
        };
        if has_secret(root) {
            // What is on a line that is not understood may be a secret, and what a comment has.
            secrets.push(match fault.kind() {
                FaultKind::SettingMalformed => line_start..line_end,
                _ => comment(settings, line_start..line_end),
            });
        }
        let from = bytes.start.min(line_end);
        let to = bytes.end.clamp(from, line_end);
        let shown = |bytes: Range<usize>| masked(&settings.text, bytes, &secrets);
        let (before, meant) = (shown(line_start..from), shown(from..to));
        let column = columns(&before);
        let mut echo = Echo { text: before, marks: Vec::new() };
        echo.mark(number, column..column + columns(&meant).max(1), false);
        echo.text.put(&meant);
        echo.text.put(&shown(to..line_end));
        Some((place, echo))
    }

    /// The nearest key to one of the config file that nothing is called, in its section.
    #[inline]
    fn near_setting(&self, fault: &Fault<'d>, typed: &str) -> Option<&'d str> {
        let Place::Setting { start, .. } = fault.place() else { return None };
        let entries = &self.settings()?.entries;
        let is_meant = |entry: &&Setting| entry.path.iter().any(|key| key.1.start == start);
        let entry = entries.iter().find(is_meant)?;
        let mut command = self.path().root();
        for (key, place) in &entry.path {
            if place.start == start {
                break;
            }
            command = command.subcommand(key.as_bytes())?;
        }
        let mut names: Vec<&str> =
            command.subcommands().iter().map(|command| command.name()).listed();
        for param in command.params() {
            if !param.is_hidden() && is_settable(command, param) {
                names.extend(param.today().map(|name| name.0));
            }
        }
        names.retain(|name| *name != unquoted(typed));
        let (_, nearest) = near(unquoted(typed), &names);
        nearest.first().copied()
    }
}

/// What is said of a key that nothing is called.
#[inline]
pub(crate) fn setting_unknown<'t, 'd>(report: &Report<'t, 'd>, group: &[&Fault<'d>]) -> &'t str {
    let speech = report.speech;
    let Some(&fault) = group.first() else { return "" };
    let near = report.faults.near_setting(fault, report.typed(fault));
    let near = near.map_or("", |near| speech.tell(Phrase::OneIs, &[near]));
    let typed = report.listed(group, Report::typed);
    joined(speech, speech.tell(Phrase::SettingUnknown, &[typed]), near)
}

/// What is wrong with the text of the config file.
#[inline]
pub(crate) fn malformed<'t>(report: &Report<'t, '_>, _: &[&Fault<'_>]) -> &'t str {
    let speech = report.speech;
    let settings = report.faults.settings();
    match settings.and_then(|settings| settings.error.as_ref()).map(|error| &error.1) {
        Some(Malformed::NotText) => speech.say(Phrase::SettingsNoText),
        Some(Malformed::NotObject) => speech.say(Phrase::SettingsNoTable),
        Some(Malformed::Twice(key)) => {
            speech.tell(Phrase::SettingTwice, &[speech.of(&["'", &visible(key), "'"])])
        }
        Some(Malformed::NotForm { form, said }) => {
            let no_form = speech.tell(Phrase::SettingsNoForm, &[form]);
            speech.tell(Phrase::Cited, &[no_form, speech.visible(said)])
        }
        None => "",
    }
}

/// What stands on a line after all that it sets: a comment, where it has more than signs that close something.
#[inline]
fn comment(settings: &Settings, line: Range<usize>) -> Range<usize> {
    let mut end = line.start;
    for Setting { path, values } in settings.entries.iter().chain(&settings.unset) {
        for (_, place) in path.iter().chain(values) {
            if place.start < line.end {
                end = end.max(place.end);
            }
        }
    }
    let rest = settings.text.get(end..line.end).unwrap_or_default();
    // Whatever is not ASCII is a letter here: tables of all letters are not worth their size.
    let is_told = rest.bytes().any(|byte| byte.is_ascii_alphanumeric() || !byte.is_ascii());
    let from = rest.bytes().take_while(|byte| *byte == b' ').count();
    if is_told { end + from..line.end } else { line.end..line.end }
}

/// Bytes of a text with dots for what is secret in them. Secrets stand in order.
#[inline]
fn masked(text: &str, bytes: Range<usize>, secrets: &[Range<usize>]) -> String {
    let (mut shown, mut done) = (String::new(), bytes.start);
    for secret in secrets {
        let (start, end) = (secret.start.max(done), secret.end.min(bytes.end));
        if start < end {
            shown.put(text.get(done..start).unwrap_or_default());
            shown.put(DOTS);
            done = end;
        }
    }
    visible(&(shown + text.get(done..bytes.end).unwrap_or_default()))
}
