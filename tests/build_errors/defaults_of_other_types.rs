use clavret::{Choice, Declare};

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

fn main() {}
