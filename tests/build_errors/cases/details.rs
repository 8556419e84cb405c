use clavret::Declare;

#[derive(Declare)]
#[declare(nam = "inspect", acts = true)]
struct Inspect {
    #[operand(letter = 'h')]
    hive: String,
    #[option(lettr = 'f', once = true, times(1))]
    frames: Vec<u8>,
    #[flag(letter = 'c', default = true, letter = 'd')]
    calm: bool,
    #[option(valid: 3)]
    temp: f64,
    #[option(required, long = "remark", global)]
    note: String,
}

fn main() {}
