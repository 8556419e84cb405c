use clavret::{Declare, valid};

#[derive(Declare)]
struct Inspect {
    #[option(valid = valid::rnge(0, 20))]
    frames: u8,
    #[option(valid = valid::range(0u32, 20))]
    brood: u8,
    #[option(valid = valid::length(1, 20))]
    temp: f64,
    #[option(valid = valid::range(1, 20))]
    note: String,
}

#[derive(Declare)]
struct List {
    #[option(joined_by = ',')]
    key: String,
}

fn main() {}
