//! `apiary report`: each hive over a time.

use std::io::Write;

use clavret::{Act, Call, Declare, Done, Objection, Output, Reading};
use jiff::civil::Date;
use serde::Serialize;

use crate::desk::Desk;
use crate::print::Rows;
use crate::values::{Form, HiveCode};
use crate::yard::Hive;

/// report on the hives over a time
#[derive(Declare)]
#[declare(judged_by = in_order)]
#[declare(examples = [("the season of 2026 as a spreadsheet",
    "apiary report --since 2026-01-01 --as csv -o season.csv")])]
#[declare(statuses = [(0, "written"), (1, "could not be written")])]
pub(crate) struct Report {
    /// where to write it; - is standard output
    #[option(letter = 'o', placeholder = "FILE", default = "-")]
    out: Output,
    /// first day that counts
    #[option(placeholder = "DATE")]
    since: Option<Date>,
    /// last day that counts
    #[option(placeholder = "DATE")]
    until: Option<Date>,
    /// how to print it
    #[option(name = "as", placeholder = "FORM", default = "table")]
    form: Form,
}

/// What was found in a hive over a time.
#[derive(Serialize)]
struct Line {
    code: HiveCode,
    inspections: usize,
    calm: usize,
    restless: usize,
    /// Frames of brood on average.
    brood: Option<f64>,
}

impl Act<Desk> for Report {
    fn act(self, call: &Call<'_, Desk>) -> Done {
        let Report { out, since, until, form } = self;
        let hives = call.context().yard.hives()?;
        let lines: Vec<Line> = hives.whole.iter().map(|hive| line(hive, since, until)).collect();
        let headings = ["code", "inspections", "calm", "restless", "brood on average"];
        let rows = Rows { headings, rows: lines.iter().map(row).collect() };
        let text = rows.print(form, &lines)?;
        // A report is made anew each time, so an old one gives way to it.
        let mut out = out.create(call.streams(), true)?;
        out.write_all(text.as_bytes())?;
        out.finish()?;
        Ok(hives.told()?)
    }
}

fn in_order(reading: &Reading<'_>) -> Result<(), Objection> {
    match (*reading.get(Report::SINCE), *reading.get(Report::UNTIL)) {
        (Some(since), Some(until)) if since > until => {
            let text = format!("no day is both since {since} and until {until}");
            Err(Objection::new(text).about(Report::SINCE).about(Report::UNTIL))
        }
        _ => Ok(()),
    }
}

fn line(hive: &Hive, since: Option<Date>, until: Option<Date>) -> Line {
    let counts =
        |on| since.is_none_or(|since| since <= on) && until.is_none_or(|until| on <= until);
    let of_time = || hive.inspections.iter().filter(|inspection| counts(inspection.on));
    let count = of_time().count();
    let with = |calm| of_time().filter(|inspection| inspection.calm == Some(calm)).count();
    let brood: f64 = of_time().map(|inspection| f64::from(inspection.brood)).sum();
    Line {
        code: hive.code.clone(),
        inspections: count,
        calm: with(true),
        restless: with(false),
        brood: (count > 0).then(|| (brood / count as f64 * 10.0).round() / 10.0),
    }
}

fn row(line: &Line) -> [String; 5] {
    let Line { code, inspections, calm, restless, brood } = line;
    let brood = brood.map(|brood| format!("{brood:.1}")).unwrap_or_default();
    [code.to_string(), inspections.to_string(), calm.to_string(), restless.to_string(), brood]
}
