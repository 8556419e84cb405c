use clavret::{List, Named, Operand, SoFar};

fn hives(_: &SoFar) -> Vec<u8> {
    vec![7]
}

fn yards() -> Vec<String> {
    Vec::new()
}

static NUMBERS: List = List::new(&hives);
static BARE: List = List::new(&yards);

fn codes(_: &SoFar) -> Vec<String> {
    Vec::new()
}

static CODES: List = List::new(&codes);
static AT: Named<Option<(f64, f64)>> = Named::new("at").listed_by(&CODES);
static KEY: Named<Option<String>> = Named::new("key").listed_by(&CODES).secret();
static HIVE: Operand<String> = Operand::new("hive").listed_by(&codes);

fn main() {}
