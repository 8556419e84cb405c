//! A program that asks in place: for a bundle of this crate, over two files, and in a function that
//! nothing calls.

mod later;

use clavret::asked;
use clavret_contributed::Unit;

fn main() {
    let unit: &Unit = asked!(bundle Unit);
    let sensors = asked!(operand 2 "sensor": Vec<u8>, "sensors to read");
    println!("{} {unit:?} {sensors:?}", later::place());
    assert_eq!(later::place(), later::place(), "a place may be reached again");
}
