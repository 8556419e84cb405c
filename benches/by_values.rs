//! The small program with Clavret: pages, faults and completion included.

mod inspection;
#[allow(dead_code)] // the root without completion
mod values;

use std::process::ExitCode;

fn main() -> ExitCode {
    inspection::drive(once, |words| values::read(&values::APIARY, words).is_some())
}

fn once() -> ExitCode {
    clavret::run(&values::APIARY, |mut call| values::inspection(&mut call).say())
}
