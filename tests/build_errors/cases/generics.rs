use clavret::{Choice, Declare};

#[derive(Declare)]
struct Inspect<'a, T> {
    #[operand]
    hive: &'a T,
}

#[derive(Choice)]
enum Form<T> {
    Table,
}

#[clavret::declare]
fn list<T>(#[operand] _hives: Vec<T>) {}

fn main() {}
