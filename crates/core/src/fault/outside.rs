//! The line of an environment variable, or of the config file, that a fault is about.

use super::Echo;
use std::ops::Range;

use crate::declare::Sources;
use crate::read::{Fault, FaultKind, Faults, Place, ask_sources, has_secret, secret_settings};
use crate::text::{DOTS, Listed, Put, Quoted, columns, visible};

/// Values from elsewhere. The records of variables and of config files point here.
pub(crate) static SOURCES: Sources =
    Sources { ask: ask_sources, echo: |faults, number, fault| faults.echo_outside(number, fault) };

impl<'d> Faults<'d> {
    /// What a fault shows that is not on the line: where that is, and its own line. Nothing for one
    /// that is on the line, or cannot be pointed at.
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
    fn echo_variable(&self, number: usize, fault: &Fault<'d>, bytes: Range<usize>) -> Option<Echo> {
        let param = fault.param()?;
        let mut echo = Echo { text: param.variable().to_owned() + "=", marks: Vec::new() };
        let column = columns(&echo.text);
        let (value, (from, to)) = if param.is_secret() {
            (DOTS.to_owned(), (0, columns(DOTS)))
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
        let secrets = match fault.kind() {
            // What is on a line that is not understood may be a secret.
            FaultKind::SettingMalformed if has_secret(root) => {
                std::iter::once(line_start..line_end).listed()
            }
            _ => secret_settings(root, settings),
        };
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
}

/// Bytes of a text with dots for what is secret in them. Secrets stand in order.
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
