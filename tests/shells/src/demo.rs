//! The apiary, so that a test of this package knows where its binary is.

fn main() -> std::process::ExitCode {
    apiary::PROGRAM.run_with(apiary::Desk::of)
}
