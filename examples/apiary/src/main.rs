//! The logbook of a bee yard: a whole program declared with Clavret.
//!
//! `cargo run -p apiary -- inspect A7 -cf6` records an inspection, and `cargo run -p apiary -- hive list` shows it.

fn main() -> std::process::ExitCode {
    apiary::PROGRAM.run_with(apiary::Desk::of)
}
