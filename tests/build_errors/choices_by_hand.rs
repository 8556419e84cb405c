//! A closed list with a value too few, and a default that is none of its words.

use clavret::{Choice, Command, Named, Offer};

#[derive(Clone)]
enum Order {
    Code,
}

impl Choice for Order {
    const OFFERS: &'static [Offer<'static>] = &[Offer::new("code"), Offer::new("place")];
    const VALUES: &'static [Self] = &[Order::Code];
}

#[derive(Clone, Choice)]
enum Form {
    Table,
    Csv,
}

static ORDER: Named<Order> = Named::new("order");
static FORM: Named<Form> = Named::new("as").default("tabel");
static LIST: Command = Command::new("list").takes(&[FORM.param()]);

fn main() {}
