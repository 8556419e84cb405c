//! A program split over files: each joins with one line in the list of commands.

mod hive;
mod inspect;

use clavret::{Declare, Program};

/// the logbook of a bee yard
#[derive(Declare)]
#[declare(name = "apiary", commands(hive::Hives, inspect::inspect))]
struct Apiary;

static APIARY: Program<hive::Hives> = Program::of::<Apiary>();

fn main() -> std::process::ExitCode {
    APIARY.run_in(&hive::Hives(vec!["A7", "B2"]))
}
