use clavret::Declare;

#[derive(Declare)]
struct Inspect {
    #[option(short = 'f')]
    frames: u8,
    #[flag(short = 'c', opposite = "restless", opposite_short = 'f')]
    calm: bool,
    #[flag(short = 'C')]
    cold: bool,
}

fn main() {}
