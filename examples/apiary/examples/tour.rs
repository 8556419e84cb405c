//! A walk through what one declaration gives: typed values, pages, faults and completion, on a
//! copy of the shipped yard.
//!
//! `cargo run -p apiary --example tour`

use std::error::Error;
use std::io::{IsTerminal, Write};
use std::path::Path;

use clavret::{Outcome, rehearse};

fn main() -> Result<(), Box<dyn Error>> {
    match walk() {
        // Whoever has seen enough may close the pipe.
        Err(error) if is_broken_pipe(&*error) => Ok(()),
        done => done,
    }
}

fn is_broken_pipe(error: &(dyn Error + 'static)) -> bool {
    let error = error.downcast_ref::<std::io::Error>();
    error.is_some_and(|error| error.kind() == std::io::ErrorKind::BrokenPipe)
}

fn walk() -> Result<(), Box<dyn Error>> {
    let folder = tempfile::tempdir()?;
    let yard = folder.path().join("yard");
    copy(&Path::new(env!("CARGO_MANIFEST_DIR")).join("yard"), &yard)?;
    let tour = Tour { yard: yard.to_str().ok_or("the temporary folder is no text")?.to_owned() };

    tour.part("One line records an inspection; its values arrive typed.")?;
    tour.runs("inspect A7 -cf6 --on 2026-10-01 -t -3.5 --note queen")?;
    tour.runs("hive list --sort inspected")?;

    tour.part("A reading tells each value, as typed, and where it came from.")?;
    tour.tells("hive list --sort place,code -q")?;

    tour.part("The page comes from the same declaration, in full or short.")?;
    tour.shows("inspect --help")?;
    tour.shows("hive -h")?;

    tour.part("All that is wrong is said at once, with what would be right.")?;
    tour.shows("inspect A7 --frames many --clam")?;

    tour.part(
        "A line under `try` has been read again; one under `like` has placeholders for you to fill.",
    )?;
    tour.shows("inspect A7 --clam")?;
    tour.shows("hive add D1 --queen blu --at=-33.9 18.4")?;
    tour.shows("inspect -c")?;
    tour.shows("-f6 inspect A7")?;

    tour.part("A word in the wrong place: where it belongs is said, and tried.")?;
    tour.shows("--sort place hive list")?;
    tour.shows("hive --queen blue")?;
    tour.shows("hive list --sort code,place,code")?;

    tour.part("Relations between parameters are part of the declaration.")?;
    tour.shows("harvest A7 3.5 --jars 12 --barrel")?;
    tour.shows("report --since 2026-05-01 --until 2026-04-01")?;

    tour.part(
        "A value is tested as soon as the whole line is known, and the world is asked last.",
    )?;
    tour.shows("hive add D1 --at -99 18.4")?;
    tour.shows("inspect A7 --on 2026-02-30")?;
    tour.shows("-y nowhere hive list")?;

    tour.part("Completion knows the reader's states: what it offers, the reader accepts.")?;
    for line in ["", "hive ", "hive add --queen ", "inspect A7 --", "inspect ", "label A7 --batch "]
    {
        tour.completes(line)?;
    }
    writeln!(tour.out(), "\nIn bash: eval \"$(apiary completions bash)\"")?;
    Ok(())
}

struct Tour {
    yard: String,
}

impl Tour {
    fn out(&self) -> std::io::Stdout {
        std::io::stdout()
    }

    fn part(&self, title: &str) -> std::io::Result<()> {
        writeln!(self.out(), "\n── {title}\n")
    }

    /// What a line prints, and the status it ends with.
    fn shows(&self, line: &str) -> std::io::Result<()> {
        let apiary = rehearse(&apiary::PROGRAM).color(self.out().is_terminal());
        let told = apiary
            .variable("APIARY_YARD", &self.yard)
            .words(line.split(' '))
            .run_with(apiary::Desk::of);
        writeln!(self.out(), "$ apiary {line}\n{}{}[status {}]\n", told.out, told.err, told.status)
    }

    /// Runs a line on the copy of the yard.
    fn runs(&self, line: &str) -> std::io::Result<()> {
        let run = rehearse(&apiary::PROGRAM).variable("APIARY_YARD", &self.yard);
        let told = run.words(line.split(' ')).run_with(apiary::Desk::of);
        writeln!(self.out(), "$ apiary {line}\n{}{}", told.out, told.err)
    }

    /// The table that a reading prints as.
    fn tells(&self, line: &str) -> std::io::Result<()> {
        let words: Vec<&str> = line.split(' ').collect();
        match apiary::APIARY.read(&words) {
            Outcome::Reading(reading) => writeln!(self.out(), "$ apiary {line}\n{reading:?}"),
            other => writeln!(self.out(), "{line} gave {other:?}"),
        }
    }

    fn completes(&self, line: &str) -> std::io::Result<()> {
        let (before, prefix) = line.rsplit_once(' ').unwrap_or(("", line));
        let words = before.split(' ').filter(|word| !word.is_empty());
        let apiary = rehearse(&apiary::PROGRAM).variable("APIARY_YARD", &self.yard);
        let offers = apiary.words(words).offers(prefix).join("  ");
        writeln!(self.out(), "$ apiary {line}TAB\n{offers}\n")
    }
}

fn copy(from: &Path, to: &Path) -> std::io::Result<()> {
    std::fs::create_dir(to)?;
    for entry in std::fs::read_dir(from)? {
        let entry = entry?;
        std::fs::copy(entry.path(), to.join(entry.file_name()))?;
    }
    Ok(())
}
