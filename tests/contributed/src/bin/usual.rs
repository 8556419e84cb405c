//! A program that asks in place for what every program has, and does not give that up.

fn main() {
    clavret::asked!(flag "version", "tell it");
}
