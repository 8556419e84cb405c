use clavret::Declare;

/// record an inspection
#[derive(Declare)]
struct Inspect {
    hive: String,
    #[option]
    #[flag]
    calm: bool,
    #[option = "frames"]
    frames: u8,
    #[tally]
    verbosity: u8,
}

#[derive(Declare)]
struct Pair(#[operand] String, #[operand] String);

#[derive(Declare)]
enum Hive {
    Move(String, String),
}

#[derive(Declare)]
enum Nothing {}

fn main() {
    // What is mistaken above is not mistaken again where it is used.
    clavret::run_as(|_: Inspect| ());
}
