//! A program that asks for one parameter at two places.

use clavret::asked;

fn main() {
    let frames = asked!(option "frames" 'f': u8 = 3, "brood frames seen");
    let calm = asked!(flag "calm", "the colony was calm");
    println!("{frames} {calm} {:?}", again());
}

fn again() -> (u8, bool) {
    (asked!(option "frames": u8), asked!(flag "calm"))
}
