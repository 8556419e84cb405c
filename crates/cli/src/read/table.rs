//! How a line is read, for people: its parts, then the values, or what is wrong.

use clavret::Outcome;
use clavret::ask::Role;
use clavret::look::{Look, columns, visible};
use clavret::reader::{Given, Origin};

use super::rows::{Row, is_judged};

pub(super) fn text(outcome: &Outcome<'_>, look: Look) -> String {
    match outcome {
        Outcome::Reading(reading) => {
            let values: Vec<[String; 3]> = reading.params().map(value).collect();
            let path = reading.path().to_string();
            let warnings = reading.warnings();
            let parts = parts(&Row::of_reading(reading), look);
            let values = table(["parameter", "value", "from"], &values, look);
            let judged = match is_judged(&reading.path()) {
                true => format!("{path} tests the whole line in a way of its own: unchecked\n"),
                false => String::new(),
            };
            joined(&[&(visible(&path) + "\n"), &parts, &values, &judged, &warnings])
        }
        Outcome::Request(asked) => {
            let reading = asked.reading();
            let what =
                asked.param().map_or_else(|| asked.path().to_string(), |param| param.spelled());
            let asks = format!("{} stands alone: what it gives is printed\n", visible(&what));
            joined(&[&parts(&Row::of_reading(reading), look), &asks, &reading.warnings()])
        }
        Outcome::Faults(faults) => {
            joined(&[&parts(&Row::of_faults(faults), look), &faults.draw(look)])
        }
        _ => String::new(),
    }
}

/// Texts with an empty line between.
fn joined(texts: &[&str]) -> String {
    let texts: Vec<&str> = texts.iter().copied().filter(|text| !text.is_empty()).collect();
    texts.join("\n")
}

fn parts(rows: &[Row<'_>], look: Look) -> String {
    let row = |row: &Row<'_>| {
        let number = (row.step.word() + 1).to_string();
        let text = if row.text.is_empty() { "''".to_owned() } else { visible(&row.text) };
        let mut told = row.told().to_owned();
        if row.is_unchecked {
            told.push_str(", unchecked");
        }
        [number, text, told, visible(row.of.as_deref().unwrap_or_default())]
    };
    let rows: Vec<[String; 4]> = rows.iter().map(row).collect();
    table(["word", "text", "reads as", "of"], &rows, look)
}

fn value(given: Given<'_, '_>) -> [String; 3] {
    let from = match given.origin() {
        Origin::Absent => "-".to_owned(),
        origin => visible(&origin.to_string()),
    };
    [given.param().spelled(), shown(given), from]
}

fn shown(given: Given<'_, '_>) -> String {
    match given.param().role() {
        Role::Flag => {
            let truth = given.truth().map_or("", |is_on| if is_on { "on" } else { "off" });
            truth.to_owned()
        }
        Role::Tally => given.times_typed().to_string(),
        _ if given.param().is_secret() && !given.words().is_empty() => "•••".to_owned(),
        _ => {
            let words = given.words();
            let shown = words.iter().map(|word| match word.to_string_lossy() {
                text if text.is_empty() => "''".to_owned(),
                text => visible(&text),
            });
            shown.collect::<Vec<_>>().join("  ")
        }
    }
}

/// Columns that make room for what is wider no more.
const WIDEST: usize = 40;

/// Rows below their headings, two spaces between the columns; nothing without rows.
fn table<const N: usize>(headings: [&str; N], rows: &[[String; N]], look: Look) -> String {
    if rows.is_empty() {
        return String::new();
    }
    let mut text = String::new();
    let width = |column: usize| {
        let cells = rows.iter().map(|row| columns(&row[column]).min(WIDEST));
        cells.chain([columns(headings[column])]).max().unwrap_or(0)
    };
    let widths: [usize; N] = std::array::from_fn(width);
    let headings = headings.map(str::to_owned);
    for (at, row) in std::iter::once(&headings).chain(rows).enumerate() {
        let mut line = String::new();
        for (cell, width) in row.iter().zip(widths) {
            line.push_str("  ");
            line.push_str(cell);
            line.push_str(&" ".repeat(width.saturating_sub(columns(cell))));
        }
        // As pages have their headings.
        let [faint, plain] =
            if at == 0 && look.has_color() { ["\x1b[2m", "\x1b[0m"] } else { [""; 2] };
        text.push_str(&format!("{faint}{}{plain}\n", line.trim_end()));
    }
    text
}
