use clavret::Declare;

#[derive(Declare)]
struct Inspect {
    #[option(letter = 'f')]
    frames: u8,
    #[flag(letter = 'c', opposite = "restless", opposite_letter = 'f')]
    calm: bool,
    #[flag(letter = 'C')]
    cold: bool,
}

fn main() {}
