//! The small program with Clavret: pages and faults, without completion.

mod inspection;
#[cfg_attr(feature = "values", allow(dead_code))] // the root with completion
mod values;

use std::process::ExitCode;

fn main() -> ExitCode {
    inspection::drive(once, |words| values::read(&values::BARE, words).is_some())
}

fn once() -> ExitCode {
    clavret::run(&values::BARE, |mut call| values::inspection(&mut call).say())
}
