use clavret::Declare;

#[derive(Declare)]
#[declare(nam = "inspect", acts = true)]
struct Inspect {
    #[operand(short = 'h')]
    hive: String,
    #[option(shrt = 'f', once = true, times(1))]
    frames: Vec<u8>,
    #[flag(short = 'c', default = true, short = 'd')]
    calm: bool,
    #[option(valid: 3)]
    temp: f64,
}

fn main() {}
