//! Prints its words, a line each.

fn main() -> std::process::ExitCode {
    clavret::run(&clavret_shells::TORTURE, |_| ())
}
