//! Files as values: reads a file or standard input, writes a file or standard output, and leaves an old file
//! as it is until the new one is whole.

use std::io::{self, BufRead, Write};

use clavret::{Input, Output, Program, Streams};

/// keep the lines of a logbook that tell of a hive
#[clavret::declare(name = "sift", examples = [("of a season", "sift A7 2025.txt -o A7.txt")])]
fn sift(
    /// hive that they tell of
    #[operand]
    hive: String,
    /// logbook to read, - for standard input
    #[operand(default = "-")]
    logbook: Input,
    /// where to write them, - for standard output
    #[option(letter = 'o', placeholder = "FILE", default = "-")]
    out: Output,
    streams: &Streams<'_>,
) -> io::Result<()> {
    let mut out = out.create(streams, true)?;
    for line in logbook.open(streams)?.lines() {
        let line = line?;
        if line.contains(&hive) {
            writeln!(out, "{line}")?;
        }
    }
    out.finish()
}

pub(crate) static SIFT: Program = Program::of::<sift>();

fn main() -> std::process::ExitCode {
    SIFT.run()
}
