//! A program whose root is declared by a type that is called otherwise.

/// weigh a hive
#[derive(clavret::Declare)]
struct Weighing {
    /// hive to weigh
    #[operand]
    hive: String,
}

fn main() -> std::process::ExitCode {
    clavret::run_as(|weighing: Weighing| weighing.hive)
}
