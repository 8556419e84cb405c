//! A service in the context: the real one writes to a file, a rehearsal hands in a fake.

use std::io::{self, Write};
use std::path::PathBuf;

use clavret::{Declare, Program};

/// Where inspections are kept.
pub(crate) trait Logbook {
    /// Keeps one, and counts them.
    fn keep(&self, hive: &str) -> io::Result<usize>;
}

/// A file with a line for each inspection.
struct File(PathBuf);

impl Logbook for File {
    fn keep(&self, hive: &str) -> io::Result<usize> {
        let mut file = std::fs::File::options().create(true).append(true).open(&self.0)?;
        writeln!(file, "{hive}")?;
        Ok(std::fs::read_to_string(&self.0)?.lines().count())
    }
}

/// the logbook of a bee yard
#[derive(Declare)]
#[declare(name = "apiary", commands(inspect))]
struct Apiary {
    /// file of the logbook
    #[option(
        placeholder = "FILE",
        throughout,
        variable = "APIARY_LOGBOOK",
        default = "logbook.txt"
    )]
    logbook: PathBuf,
}

/// record an inspection
#[clavret::declare]
fn inspect(
    /// hive that was inspected
    #[operand]
    hive: String,
    logbook: &dyn Logbook,
) -> io::Result<String> {
    let count = logbook.keep(&hive)?;
    Ok(format!("recorded {hive}; the logbook has {count} inspections"))
}

pub(crate) static APIARY: Program<Box<dyn Logbook>> = Program::of::<Apiary>();

fn main() -> std::process::ExitCode {
    APIARY.run_with(|call| {
        let logbook: Box<dyn Logbook> = Box::new(File(call.values::<Apiary>().logbook));
        io::Result::Ok(logbook)
    })
}
