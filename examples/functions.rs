//! The functions surface: marked arguments are parameters, the others are lent by the context.

use std::collections::BTreeMap;
use std::io::{self, Write};

use clavret::{Declare, Failure, Program, Streams, valid};

/// The context of the program: what its commands work on.
struct Yard {
    frames: BTreeMap<String, u8>,
}

/// record what an inspection found
#[clavret::declare]
fn inspect(
    /// hive to inspect, such as A7
    #[operand]
    hive: String,
    /// brood frames seen
    #[option(short = 'f', placeholder = "COUNT", default = 0, valid = valid::range(0, 20))]
    brood: u8,
    yard: &Yard,
    streams: &Streams<'_>,
) -> Result<(), Box<dyn std::error::Error>> {
    match yard.frames.get(&hive) {
        None => Err(Failure::new(3, format!("no hive {hive} in the yard")).into()),
        Some(frames) => Ok(writeln!(streams.out(), "{hive}: {brood} of {frames} frames")?),
    }
}

/// list the hives
#[clavret::declare(aliases = ["ls"])]
async fn list_hives(yard: &Yard, streams: &Streams<'_>) -> io::Result<()> {
    let codes: Vec<&str> = yard.frames.keys().map(String::as_str).collect();
    writeln!(streams.out(), "{}", codes.join(" "))
}

/// the logbook of a bee yard
#[derive(Declare)]
#[declare(commands(inspect, list_hives))]
struct Apiary;

static APIARY: Program<Yard> = Program::of::<Apiary>().executor(|work| pollster::block_on(work));

fn main() -> std::process::ExitCode {
    APIARY.run_in(&Yard { frames: BTreeMap::from([("A7".to_owned(), 10), ("B2".to_owned(), 6)]) })
}
