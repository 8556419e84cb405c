//! Faults as they are shown: a head, the line with carets, a sentence each, and what would read.

use std::ops::Range;

use super::echo::Echo;
use crate::read::Faults;
use crate::text::{Ink, Line, Look, in_order, wrap};
use crate::wording::fill;

/// Faults that are shown; the rest is counted.
const MOST: usize = 10;
/// The indent of everything but the head.
const INDENT: usize = 2;

impl Faults<'_> {
    /// The text for standard error.
    ///
    /// ```
    /// use clavret_core::{Command, Flag, Look, Outcome};
    /// static CALM: Flag = Flag::new("calm").short('c');
    /// static INSPECT: Command = Command::new("inspect").takes(&[CALM.param()]);
    ///
    /// let Outcome::Faults(faults) = INSPECT.read(&["--clam"]) else { panic!() };
    /// assert_eq!(faults.draw(Look::PLAIN), "\
    /// inspect: one thing to put right
    ///
    ///   inspect --clam
    ///           ^^^^^^
    ///   --clam is not an option here; --calm is
    ///
    ///   try   inspect --calm
    ///   page  inspect --help
    /// ");
    /// ```
    pub fn draw(&self, look: Look) -> String {
        let shown = self.list.len().min(MOST);
        let mut lines = vec![self.head(look), Line::default()];
        if !self.words.is_empty() {
            let echo = self.echo(shown).within(look.width.saturating_sub(INDENT + 1));
            lines.extend(drawn_echo(&echo, self.list.len() > 1, look));
        }
        self.sentences(shown, look, &mut lines);
        lines.push(Line::default());
        self.foot(look, &mut lines);
        lines.iter().map(|line| line.text.trim_end().to_owned() + "\n").collect()
    }

    fn head(&self, look: Look) -> Line {
        let wording = self.path.root().words();
        let what = match self.list.len() {
            1 => wording.one_fault.to_owned(),
            many => fill(wording.many_faults, &[&many.to_string()]),
        };
        let mut line = Line::default();
        line.put(look, Ink::Name, &self.path.to_string()).put(look, Ink::Plain, wording.colon);
        line.put(look, Ink::Plain, &what);
        line
    }

    fn sentences(&self, shown: usize, look: Look, lines: &mut Vec<Line>) {
        let numbered = self.list.len() > 1;
        let gutter = if numbered { INDENT + number(shown).len() + 2 } else { INDENT };
        for (at, fault) in self.list.iter().take(shown).enumerate() {
            let sentence = self.sentence(fault);
            for (row, text) in wrap(&sentence, look.width - gutter).iter().enumerate() {
                let mut line = Line::default();
                if numbered && row == 0 {
                    line.pad(INDENT).put(look, Ink::Mark, &number(at + 1));
                }
                line.pad(gutter).put(look, Ink::Plain, text);
                lines.push(line);
            }
        }
        if shown < self.list.len() {
            let more = fill(
                self.path.root().words().more_faults,
                &[&(self.list.len() - shown).to_string()],
            );
            lines.push(indented(gutter, look, &more));
        }
    }

    /// What would read, and where to read more.
    fn foot(&self, look: Look, lines: &mut Vec<Line>) {
        let wording = self.path.root().words();
        let page = format!("{} --help", self.path);
        let mut foot = Vec::new();
        if let Some(repaired) = self.repaired() {
            let heading = if repaired.has_holes { wording.outline } else { wording.fix };
            foot.push((heading, format!("{} {}", self.path.root().name, repaired.shown.join(" "))));
        }
        foot.push((wording.page, page));
        let widest = foot.iter().map(|(heading, _)| crate::text::columns(heading)).max();
        let gutter = INDENT + widest.unwrap_or_default() + 2;
        for (heading, text) in foot {
            let mut line = Line::default();
            // A line that is offered to be copied is never broken.
            line.pad(INDENT).put(look, Ink::Heading, heading).pad(gutter).put(
                look,
                Ink::Name,
                &text,
            );
            lines.push(line);
        }
    }
}

fn indented(to: usize, look: Look, text: &str) -> Line {
    let mut line = Line::default();
    line.pad(to).put(look, Ink::Plain, text);
    line
}

fn number(at: usize) -> String {
    at.to_string()
}

/// The line as typed, carets under the faults, and under these their numbers.
fn drawn_echo(echo: &Echo, numbered: bool, look: Look) -> Vec<Line> {
    let mut lines = vec![indented(INDENT, look, &echo.text)];
    for row in rows(&echo.marks) {
        let (mut carets, mut numbers) = (Line::default(), Line::default());
        for (at, mark) in row {
            carets.pad(INDENT + mark.start).put(look, Ink::Mark, &"^".repeat(mark.len()));
            numbers.pad(INDENT + mark.start).put(look, Ink::Mark, &number(at + 1));
        }
        lines.push(carets);
        if numbered {
            lines.push(numbers);
        }
    }
    lines
}

type Row<'m> = Vec<(usize, &'m Range<usize>)>;

/// The marks in rows, so that no two in a row overlap; their numbers need room too.
fn rows(marks: &[Option<Range<usize>>]) -> Vec<Row<'_>> {
    let placed: Row<'_> =
        marks.iter().enumerate().filter_map(|(at, mark)| Some((at, mark.as_ref()?))).collect();
    let mut rows: Vec<Row<'_>> = Vec::new();
    for (at, mark) in in_order(placed, |(_, mark)| (mark.start, 0)) {
        let free = |row: &&mut Row<'_>| {
            row.last().is_none_or(|(last, other)| {
                mark.start >= other.end.max(other.start + number(last + 1).len() + 1)
            })
        };
        match rows.iter_mut().find(free) {
            Some(row) => row.push((at, mark)),
            None => rows.push(vec![(at, mark)]),
        }
    }
    rows
}
