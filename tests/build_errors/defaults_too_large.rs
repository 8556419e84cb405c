use clavret::Declare;

#[derive(Declare)]
struct Inspect {
    #[option(default = 300)]
    frames: u8,
}

fn main() {}
