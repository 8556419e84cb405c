use clavret::Declare;

struct Queen;

#[derive(Declare)]
struct Inspect {
    #[operand]
    queen: Queen,
    #[flag]
    calm: u8,
}

fn main() {}
