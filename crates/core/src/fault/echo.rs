//! A line as typed, or one from elsewhere, and the columns at which its faults stand.

use std::borrow::Cow;
use std::ffi::OsStr;
use std::ops::Range;

use crate::read::{Fault, FaultKind, Faults, Place, has_secret, secret_settings};
use crate::text::{DOTS, Put, Quoted, columns, part, visible};

/// Columns that are shown around a fault of a line that is too long.
const WINDOW: usize = 24;

/// A line as it is shown, and the columns that faults are about, in the order of the line.
pub(super) struct Echo {
    pub(super) text: String,
    pub(super) marks: Vec<Mark>,
}

/// Columns of a line, and which of the shown faults they are about.
#[derive(Clone)]
pub(super) struct Mark {
    pub(super) fault: usize,
    pub(super) columns: Range<usize>,
}

impl<'d> Faults<'d> {
    /// The line with the shown faults marked; placeholders stand where something is missing, and dots
    /// for what is secret.
    pub(super) fn echo(&self, shown: &[&Fault<'d>]) -> Echo {
        let root = self.path.root();
        let mut echo = Echo { text: root.name.to_owned(), marks: Vec::new() };
        let mut column = columns(&echo.text);
        let count = self.words.count();
        for at in 0..=count {
            for (number, fault) in shown.iter().enumerate() {
                if fault.place == Place::Before(at) {
                    let hole = missing(fault, root.words().command_hole);
                    echo.mark(number, column + 1..column + 1 + columns(&hole));
                    append(&mut echo.text, &mut column, &hole);
                }
            }
            if at == count {
                break;
            }
            let quoted = Quoted::new(&self.masked(at));
            for (number, fault) in shown.iter().enumerate() {
                let places = std::iter::once(&fault.place).chain(&fault.also);
                for place in places {
                    let Place::At { word, start, end } = *place else { continue };
                    if word == at {
                        let (start, end) = self.unmasked(at, start, end);
                        let (from, to) = quoted.span(start, end);
                        echo.mark(number, column + 1 + from..column + 1 + to.max(from + 1));
                    } else if (word + 1..=word + fault.more).contains(&at) {
                        let end = column + 1 + columns(&quoted.text);
                        let mark = echo.marks.iter_mut().rfind(|mark| mark.fault == number);
                        mark.into_iter().for_each(|mark| mark.columns.end = end);
                    }
                }
            }
            append(&mut echo.text, &mut column, &quoted.text);
        }
        echo
    }

    /// A word with dots for what is secret in it.
    fn masked(&self, at: usize) -> Cow<'d, OsStr> {
        let word = self.words.word(at);
        match self.secrets.iter().find(|secret| secret.0 == at) {
            None => Cow::Borrowed(word),
            Some((_, bytes)) => {
                let mut masked = part(word, 0, bytes.start).into_owned();
                masked.push(DOTS);
                masked.push(part(word, bytes.end, word.len()));
                masked.into()
            }
        }
    }

    /// Where bytes of a word stand once dots are in it.
    fn unmasked(&self, at: usize, start: usize, end: usize) -> (usize, usize) {
        let Some((_, bytes)) = self.secrets.iter().find(|secret| secret.0 == at) else {
            return (start, end);
        };
        let moved = |byte: usize| match byte {
            _ if byte <= bytes.start => byte,
            _ if byte >= bytes.end => byte - bytes.len() + DOTS.len(),
            _ => bytes.start,
        };
        (moved(start), moved(end).max(moved(start)))
    }

    /// What a fault shows that is not on the line: where that is, and its own line. Nothing for one
    /// that is on the line, or cannot be pointed at.
    pub(super) fn echo_outside(&self, number: usize, fault: &Fault<'d>) -> Option<(String, Echo)> {
        match fault.place {
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
        let param = fault.param?;
        let mut echo = Echo { text: param.variable.to_owned() + "=", marks: Vec::new() };
        let column = columns(&echo.text);
        let (value, (from, to)) = if param.secret {
            (DOTS.to_owned(), (0, columns(DOTS)))
        } else {
            let quoted = Quoted::new(&self.variable(fault));
            let span = quoted.span(bytes.start, bytes.end);
            (quoted.text, span)
        };
        echo.text.put(&value);
        echo.mark(number, column + from..column + to.max(from + 1));
        Some(echo)
    }

    /// The file with line and column, and the line.
    fn echo_setting(
        &self,
        number: usize,
        fault: &Fault<'d>,
        bytes: Range<usize>,
    ) -> Option<(String, Echo)> {
        let (root, settings) = (self.path.root(), self.around.settings.as_deref()?);
        let (line, column) = settings.position(bytes.start);
        let place = format!("{}:{line}:{column}", visible(&settings.file));
        let (line_start, text) = settings.line_at(bytes.start);
        let line_end = line_start + text.len();
        let secrets = match fault.kind {
            // What is on a line that is not understood may be a secret.
            FaultKind::SettingMalformed if has_secret(root) => {
                std::iter::once(line_start..line_end).collect()
            }
            _ => secret_settings(root, settings),
        };
        let from = bytes.start.min(line_end);
        let to = bytes.end.clamp(from, line_end);
        let shown = |bytes: Range<usize>| masked(&settings.text, bytes, &secrets);
        let (before, meant) = (shown(line_start..from), shown(from..to));
        let column = columns(&before);
        let mut echo = Echo { text: before, marks: Vec::new() };
        echo.mark(number, column..column + columns(&meant).max(1));
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

fn append(text: &mut String, column: &mut usize, word: &str) {
    text.push(' ');
    text.put(word);
    *column += 1 + columns(word);
}

/// What would stand where something is missing.
fn missing(fault: &Fault<'_>, command: &str) -> String {
    let Some(param) = fault.param else { return command.to_owned() };
    let holes = param.holes(fault.count);
    match fault.kind {
        FaultKind::OptionMissing => param.spelled() + " " + &holes,
        FaultKind::RuleBroken if holes.is_empty() => param.spelled(),
        FaultKind::RuleBroken if !param.is_positional() => param.spelled() + " " + &holes,
        _ if holes.is_empty() => param.hole(0),
        _ => holes,
    }
}

impl Echo {
    fn mark(&mut self, fault: usize, columns: Range<usize>) {
        self.marks.push(Mark { fault, columns });
    }

    /// The echo within `width` columns: where it is longer, only a window around each mark is
    /// left, with `…` at the cuts.
    pub(super) fn within(self, width: usize) -> Echo {
        if columns(&self.text) <= width {
            return self;
        }
        let windows = self.windows();
        let mut cut = Echo { text: String::new(), marks: Vec::new() };
        let mut used = 0;
        let mut column = 0;
        let mut shift = Vec::new();
        let mut windows_left = windows.iter().peekable();
        let mut open = false;
        for letter in self.text.chars() {
            let wide = columns(letter.encode_utf8(&mut [0; 4]));
            while windows_left.next_if(|window| window.end <= column).is_some() {}
            let inside = windows_left.peek().is_some_and(|window| window.start <= column);
            if inside {
                shift.push((column, used));
                cut.text.push(letter);
                used += wide;
            } else if open || column == 0 {
                cut.text.push('…');
                used += 1;
            }
            open = inside;
            column += wide;
        }
        shift.push((column, used));
        let moved = |at: usize| {
            let place = shift.partition_point(|known| known.0 < at);
            shift.get(place).map_or(used, |known| known.1)
        };
        for Mark { fault, columns } in self.marks {
            let start = moved(columns.start);
            // A mark that is longer than a window is cut like the text above it.
            let end = match columns.len() {
                len if len > 2 * WINDOW => start + WINDOW,
                _ => moved(columns.end),
            };
            cut.mark(fault, start..end.max(start + 1));
        }
        cut
    }

    /// The columns that stay, none overlapping: the name in front, and around each mark. Marks
    /// stand in the order of the line, as their faults do.
    fn windows(&self) -> Vec<Range<usize>> {
        let name = self.text.find(' ').unwrap_or(self.text.len()).min(WINDOW);
        let mut joined = vec![Range { start: 0, end: name + 1 }];
        for Mark { columns: mark, .. } in &self.marks {
            let is_long = mark.len() > 2 * WINDOW;
            let end = if is_long { mark.start + WINDOW } else { mark.end + WINDOW / 2 };
            let start = mark.start.saturating_sub(WINDOW / 2);
            match joined.last_mut() {
                Some(last) if start <= last.end + 1 => last.end = last.end.max(end),
                _ => joined.push(start..end),
            }
        }
        joined
    }
}
