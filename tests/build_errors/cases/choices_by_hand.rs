//! A closed list with a value too few, one with a word twice, and a default that is none of its words.

use clavret::{Choice, Command, Named, Offer};

#[derive(Clone)]
enum Order {
    Code,
}

impl Choice for Order {
    const OFFERS: &'static [Offer<'static>] = &[Offer::of("code"), Offer::of("place")];
    const VALUES: &'static [Self] = &[Order::Code];
}

#[derive(Clone, Choice)]
enum Form {
    Table,
    Csv,
}

#[derive(Clone)]
enum Place {
    East,
    West,
}

impl Choice for Place {
    const OFFERS: &'static [Offer<'static>] = &[Offer::of("east"), Offer::of("east")];
    const VALUES: &'static [Self] = &[Place::East, Place::West];
}

static PLACE: Named<Place> = Named::new("place");
static MOVE: Command = Command::new("move").takes(&[PLACE.param()]);
static ORDER: Named<Order> = Named::new("order");
static FORM: Named<Form> = Named::new("as").default("tabel");
static LIST: Command = Command::new("list").takes(&[FORM.param()]);

fn main() {}
