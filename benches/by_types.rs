//! The small program with Clavret's types: the same as `by_values`, declared by a struct and an enum.

mod inspection;
mod types;

use std::process::ExitCode;

fn main() -> ExitCode {
    inspection::drive(once, |words| types::read(words).is_some())
}

fn once() -> ExitCode {
    clavret::run_as(|apiary: types::Apiary| inspection::Inspection::from(apiary).say())
}
