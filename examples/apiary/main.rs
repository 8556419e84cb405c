//! The logbook of a bee yard: a whole program declared with Clavret.
//!
//! `cargo run --example apiary -- inspect A7 -cf6` records an inspection, and
//! `cargo run --example apiary -- hive list` shows it.

mod app;

fn main() -> std::process::ExitCode {
    app::PROGRAM.run_with(app::Desk::of)
}
