//! What both programs get out of a line, and how both are driven.

use std::ffi::OsString;
use std::path::PathBuf;
use std::process::ExitCode;

/// An inspection as typed.
#[derive(Debug, Default, PartialEq)]
pub(crate) struct Inspection {
    pub(crate) yard: Option<PathBuf>,
    pub(crate) quiet: bool,
    pub(crate) verbosity: u32,
    pub(crate) hive: String,
    pub(crate) calm: bool,
    pub(crate) frames: u8,
    pub(crate) temp: Option<f64>,
    pub(crate) notes: Vec<String>,
}

/// `PROGRAM WORDS` reads once and says what it read; `PROGRAM loop COUNT WORDS` reads again and
/// again, for counting instructions.
pub(crate) fn drive(once: fn() -> ExitCode, read: fn(&[OsString]) -> bool) -> ExitCode {
    let mut words = std::env::args_os().skip(1);
    if words.next().is_none_or(|first| first != "loop") {
        return once();
    }
    let count: u32 = words.next().and_then(|count| count.to_str()?.parse().ok()).unwrap_or(1);
    let words: Vec<OsString> = words.collect();
    let mut read_well = 0_u32;
    for _ in 0..count {
        read_well += u32::from(read(std::hint::black_box(&words)));
    }
    println!("{read_well}");
    ExitCode::SUCCESS
}

impl Inspection {
    /// In one line.
    pub(crate) fn say(&self) {
        println!(
            "{} {} frames, {:?} °C, {} notes, in {:?}",
            self.hive,
            self.frames,
            self.temp,
            self.notes.len(),
            self.yard
        );
    }
}
