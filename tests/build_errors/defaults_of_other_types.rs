use clavret::Declare;

#[derive(Declare)]
struct Inspect {
    #[option(default = "many")]
    frames: u8,
    #[option(default = 3)]
    note: String,
    #[option(default = true)]
    temp: f64,
}

fn main() {}
