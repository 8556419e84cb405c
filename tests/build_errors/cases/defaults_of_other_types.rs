use clavret::{Choice, Declare, Offer};

#[derive(Clone, Copy, Choice)]
enum Form {
    Table,
}

#[derive(Declare)]
struct Inspect {
    #[option(default = "many")]
    frames: u8,
    #[option(default = 3)]
    note: String,
    #[option(default = true)]
    temp: f64,
    #[option(name = "as", default = Form::Table)]
    form: u8,
    #[option(default = (1.0, true))]
    at: (f64, f64),
}

#[derive(Clone, Copy)]
enum ByHand {
    Table,
}

impl Choice for ByHand {
    const OFFERS: &'static [Offer<'static>] = &[Offer::of("table")];
    const VALUES: &'static [Self] = &[ByHand::Table];
}

#[derive(Declare)]
struct List {
    #[option(default = ByHand::Table)]
    form: ByHand,
}

fn main() {}
