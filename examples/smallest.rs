//! The README's first program: a function whose arguments are an operand, an option and a flag.

use clavret::{Program, valid};

/// record what an inspection found
#[clavret::declare]
fn inspect(
    #[operand(help = "hive to inspect, such as A7")] hive: String,
    #[option(letter = 'f', default = 0, valid = valid::range(0, 20), help = "brood frames seen")]
    frames: u8,
    #[flag(letter = 'c', help = "the colony was calm")] calm: bool,
) -> String {
    format!("{hive}: {frames} frames of brood, {}", if calm { "calm" } else { "restless" })
}

static INSPECT: Program = Program::of::<inspect>();

fn main() -> std::process::ExitCode {
    INSPECT.run()
}
