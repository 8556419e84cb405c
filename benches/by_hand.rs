//! The small program by hand: the measure for the same program with Clavret.

mod hand;
mod inspection;

use std::ffi::OsString;
use std::process::ExitCode;

fn main() -> ExitCode {
    inspection::drive(once, |words| matches!(hand::read(words), Ok(hand::Line::Inspect(_))))
}

fn once() -> ExitCode {
    let words: Vec<OsString> = std::env::args_os().skip(1).collect();
    match hand::read(&words) {
        Ok(hand::Line::Inspect(inspection)) => inspection.say(),
        Ok(hand::Line::Help) => println!("{}", hand::USAGE),
        Err(problem) => {
            eprintln!("apiary: {problem}\n{}", hand::USAGE);
            return ExitCode::from(2);
        }
    }
    ExitCode::SUCCESS
}
