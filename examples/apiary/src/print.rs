//! Rows of text as a table, CSV or JSON.

use std::error::Error;

use serde::Serialize;

use crate::values::Form;

/// Rows under headings.
pub(crate) struct Rows<const N: usize> {
    pub headings: [&'static str; N],
    pub rows: Vec<[String; N]>,
}

impl<const N: usize> Rows<N> {
    /// The text in a form; `data` is what JSON shows.
    pub(crate) fn print(
        &self,
        form: Form,
        data: &impl Serialize,
    ) -> Result<String, Box<dyn Error>> {
        match form {
            Form::Table => Ok(self.table()),
            Form::Csv => self.csv(),
            Form::Json => Ok(serde_json::to_string_pretty(data)? + "\n"),
        }
    }

    fn table(&self) -> String {
        let headings = self.headings.map(str::to_owned);
        let all = || std::iter::once(&headings).chain(&self.rows);
        let widths: [usize; N] = std::array::from_fn(|column| {
            all().map(|row| row[column].chars().count()).max().unwrap_or(0)
        });
        // Numbers are compared by their last digits.
        let is_number = |cell: &String| cell.is_empty() || cell.parse::<f64>().is_ok();
        let numbers: [bool; N] =
            std::array::from_fn(|column| self.rows.iter().all(|row| is_number(&row[column])));
        // A column that nothing is known in is left out.
        let is_known = |column: usize| self.rows.iter().any(|row| !row[column].is_empty());
        let line = |row: &[String; N]| {
            let known = row.iter().enumerate().filter(|(column, _)| is_known(*column));
            let cells = known.map(|(column, cell)| {
                let width = widths[column];
                if numbers[column] { format!("{cell:>width$}") } else { format!("{cell:<width$}") }
            });
            cells.collect::<Vec<_>>().join("  ").trim_end().to_owned() + "\n"
        };
        all().map(line).collect()
    }

    fn csv(&self) -> Result<String, Box<dyn Error>> {
        let mut writer = csv::Writer::from_writer(Vec::new());
        writer.write_record(self.headings)?;
        for row in &self.rows {
            writer.write_record(row)?;
        }
        Ok(String::from_utf8(writer.into_inner()?)?)
    }
}
