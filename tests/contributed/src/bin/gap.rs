//! A program that asks for its first and its third operand: a mistake of its own.

use clavret::asked;

fn main() {
    let hive = asked!(operand 1 "hive": String, "hive to weigh");
    let place = asked!(operand 3 "place": String, "where it stands");
    println!("{hive} {place}");
}
