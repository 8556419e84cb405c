//! Faults as they are shown: a head, the line with carets, a sentence each, and what would read.

use std::fmt;
use std::ops::Range;

use super::echo::Shown;
use crate::record::fault::Fault;
use crate::record::faults::Faults;
use crate::record::reading::Outcome;
#[cfg(feature = "mend")]
use crate::record::report::FixWord;
use crate::record::report::{Echo, Mark, Mended, Report};
use crate::text::columns::columns;
use crate::text::kept::Kept;
use crate::text::paint::{Ink, Look};
use crate::text::sheet::Sheet;
use crate::text::{Listed, Put, digits, times};
use crate::wording::Speech;
use crate::wording::english::Phrase;

/// Things to put right that are shown; the rest is counted.
pub(crate) const MOST: usize = 10;

/// The indent of everything but the head.
const INDENT: usize = 2;

impl<'d> Faults<'d> {
    /// The text for standard error. A fault that goes away when the others are mended is left out:
    /// in `--frmes 6 A7` the last word is only one too many because the name in front is misspelt.
    ///
    /// ```
    /// # use clavret_core as clavret;
    /// use clavret::{Command, Flag, Outcome};
    /// use clavret::look::Look;
    /// static CALM: Flag = Flag::new("calm").letter('c');
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
        self.report(&Kept::default()).draw(look)
    }

    /// The words after the program's name of the line that is offered behind `try` or `like`, where one is: a line that reads
    /// and keeps what was said, once something stands in the place of each placeholder. Feature `mend`.
    ///
    /// ```
    /// # use clavret_core as clavret;
    /// use clavret::{Command, Flag, Outcome};
    /// use clavret::faults::FixWord;
    /// static CALM: Flag = Flag::new("calm");
    /// static INSPECT: Command = Command::new("inspect").takes(&[CALM.param()]);
    ///
    /// let Outcome::Faults(faults) = INSPECT.read(&["--clam"]) else { panic!() };
    /// assert_eq!(faults.fix(), Some(vec![FixWord::Typed("--calm".into())]));
    /// ```
    #[cfg(feature = "mend")]
    #[inline]
    pub fn fix(&self) -> Option<Vec<FixWord>> {
        let kept = Kept::default();
        let report = self.report(&kept);
        if self.are_mistakes() {
            return None;
        }
        let things = report.groups(&report.told_alone()).len();
        let words = report.repaired(things)?.offer?.words;
        Some(words.iter().map(|word| word.told()).collect())
    }
}

impl<'t, 'd> Report<'t, 'd> {
    fn draw(&self, look: Look) -> String {
        if self.faults.are_mistakes() {
            return self.mistakes();
        }
        let mut groups = self.groups(&self.told_alone());
        let repaired = self.repaired(groups.len());
        if let Some(repaired) = &repaired {
            let is_left = |at: &&usize| repaired.told.binary_search(at).is_ok();
            // What goes away when something else is mended is not the user's mistake, if that is told.
            if groups.iter().flatten().any(|at| is_left(&at)) {
                for group in &mut groups {
                    *group = group.iter().filter(is_left).copied().listed();
                }
            }
        }
        let groups = groups.iter().filter(|group| !group.is_empty());
        let groups: Vec<Vec<&Fault<'d>>> =
            groups.map(|group| group.iter().map(|&at| self.faults.at(at)).listed()).listed();
        let speech = self.speech;
        let mut sheet = Sheet::new(look);
        draw_head(&self.faults.path().text(), groups.len(), speech, &mut sheet);
        let shown = &groups[..groups.len().min(MOST)];
        self.draw_lines(shown, groups.len() > 1, &mut sheet);
        let sentences = shown.iter().map(|group| self.sentence(group)).listed();
        draw_sentences(&sentences, groups.len(), speech, &mut sheet);
        self.draw_foot(repaired.and_then(|repaired| repaired.offer), &mut sheet);
        sheet.finish()
    }

    /// The line, and the lines of variables and of the config file that faults are about.
    fn draw_lines(&self, shown: &[Vec<&Fault<'d>>], numbered: bool, sheet: &mut Sheet) {
        let sources = self.faults.sources();
        let mut outside = Vec::new();
        if let Some(sources) = sources {
            for (at, group) in shown.iter().enumerate() {
                outside.extend((sources.echo)(self.faults, at, group[0]));
            }
        }
        let is_echoed = self.faults.words().count() > 0 && outside.len() < shown.len();
        if is_echoed {
            draw_echo(sheet, &self.faults.echo(shown), numbered);
        }
        draw_outside(&outside, (is_echoed, numbered), sheet);
    }

    /// What would read, and where to read more.
    fn draw_foot(&self, offer: Option<Mended<'t>>, sheet: &mut Sheet) {
        let wording = self.speech;
        let heading = match &offer {
            Some(offer) if offer.has_placeholders => wording.say(Phrase::Outline),
            Some(_) => wording.say(Phrase::Fix),
            None => "",
        };
        let page = self.faults.page_line();
        if offer.is_some() || page.is_some() {
            sheet.end();
        }
        let gutter = INDENT + columns(heading).max(columns(wording.say(Phrase::Page))) + 2;
        // A line that is offered to be copied is never broken.
        if let Some(Mended { shown, .. }) = offer {
            sheet.pad(INDENT).put(Ink::Heading, heading).pad(gutter).put(Ink::Name, shown);
            sheet.end();
        }
        if let Some(page) = page {
            sheet
                .pad(INDENT)
                .put(Ink::Heading, wording.say(Phrase::Page))
                .pad(gutter)
                .put(Ink::Name, &page);
            sheet.end();
        }
    }
}

/// As a user would read it: the line itself may have secrets in it.
impl fmt::Debug for Faults<'_> {
    fn fmt(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {
        f.write_str(&self.draw(Look::PLAIN))
    }
}

/// Faults are drawn as well, which the record of an outcome cannot.
impl fmt::Debug for Outcome<'_> {
    fn fmt(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {
        let (name, field): (_, &dyn fmt::Debug) = match self {
            Outcome::Reading(reading) => ("Reading", reading),
            Outcome::Request(asked) => ("Request", asked),
            Outcome::Faults(faults) => ("Faults", faults),
        };
        f.debug_tuple(name).field(field).finish()
    }
}

/// Who speaks, and how many things are to be put right.
pub(crate) fn draw_head(who: &str, count: usize, speech: Speech<'_>, sheet: &mut Sheet) {
    let what = match count {
        1 => speech.say(Phrase::OneFault),
        many => speech.tell(Phrase::ManyFaults, &[speech.count(many)]),
    };
    sheet.put(Ink::Name, who);
    sheet.put(Ink::Plain, speech.say(Phrase::Colon));
    let beside = sheet.column();
    sheet.flow(beside, what);
    sheet.end();
    sheet.end();
}

/// The lines of other texts, each with where it is, after the line as typed or without that.
pub(crate) fn draw_outside(
    lines: &[(String, Echo)],
    (is_echoed, numbered): (bool, bool),
    sheet: &mut Sheet,
) {
    let count = lines.len();
    for (at, (place, echo)) in lines.iter().enumerate() {
        if at > 0 || is_echoed {
            sheet.end();
        }
        if !place.is_empty() {
            sheet.pad(INDENT).put(Ink::Plain, place);
            sheet.end();
        }
        draw_echo(sheet, echo, numbered);
    }
    if count > 1 || count > 0 && is_echoed {
        sheet.end();
    }
}

/// A sentence for each thing that is shown, of so many.
pub(crate) fn draw_sentences(shown: &[&str], count: usize, speech: Speech<'_>, sheet: &mut Sheet) {
    let numbered = count > 1;
    let gutter = if numbered { INDENT + digits(shown.len()).len() + 2 } else { INDENT };
    for (at, sentence) in shown.iter().enumerate() {
        if numbered {
            sheet.pad(INDENT).put(Ink::Mark, &digits(at + 1));
        }
        sheet.flow(gutter, sentence);
        sheet.end();
    }
    if shown.len() < count {
        sheet.flow(gutter, speech.more(count - shown.len()));
        sheet.end();
    }
}

/// The line as typed, carets under the faults and blanks under what is missing, and under these
/// their numbers.
fn draw_echo(sheet: &mut Sheet, echo: &Echo, numbered: bool) {
    let Shown { pieces, marks } = echo.within(sheet.look.width.saturating_sub(INDENT + 1));
    sheet.pad(INDENT);
    for (is_missing, piece) in &pieces {
        sheet.put(if *is_missing { Ink::Missing } else { Ink::Plain }, piece);
    }
    sheet.end();
    let (rows, count) = rows(&marks);
    for row in 0..count {
        let in_row = || marks.iter().zip(&rows).filter(|mark| *mark.1 == row).map(|mark| mark.0);
        for mark in in_row() {
            let sign = if mark.is_missing { "_" } else { "^" };
            let carets = times(sign, mark.columns.len());
            sheet.pad(INDENT + mark.columns.start).put(Ink::Mark, &carets);
        }
        sheet.end();
        if numbered {
            for mark in in_row() {
                sheet.pad(INDENT + mark.columns.start).put(Ink::Mark, &digits(mark.number + 1));
            }
            sheet.end();
        }
    }
}

/// In which row each mark stands, so that no two in a row overlap, and how many rows there are; their numbers need
/// room too. Marks stand in the order of the line, as their faults do.
fn rows(marks: &[Mark]) -> (Vec<usize>, usize) {
    // From where on each row is free.
    let (mut rows, mut free) = (Vec::new(), Vec::new());
    for mark in marks {
        let Range { start, end } = mark.columns;
        let end = end.max(start + digits(mark.number + 1).len() + 1);
        let row = free.iter().position(|&free| start >= free).unwrap_or(free.len());
        match free.get_mut(row) {
            Some(free) => *free = end,
            None => free.put(end),
        }
        rows.put(row);
    }
    (rows, free.len())
}
