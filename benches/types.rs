//! The program with Clavret's types surface.

use std::ffi::OsString;
use std::path::PathBuf;

use clavret::handlers::FromReading;
use clavret::{Declare, Outcome, valid};

use crate::inspection::Inspection;

/// the logbook of a bee yard
#[derive(Declare)]
pub(crate) struct Apiary {
    /// folder of the logbook
    #[option(letter = 'y', placeholder = "DIR", throughout)]
    yard: Option<PathBuf>,
    /// say only what went wrong
    #[flag(letter = 'q', throughout)]
    quiet: bool,
    /// say more
    #[tally(name = "v", throughout)]
    verbosity: u32,
    #[commands]
    work: Work,
}

#[derive(Declare)]
#[declare(commands(clavret::COMPLETIONS_COMMAND))]
enum Work {
    /// record what an inspection found
    Inspect {
        /// hive to inspect, such as A7
        #[operand]
        hive: String,
        /// the colony was calm
        #[flag(letter = 'c', opposite = "restless", opposite_letter = 'r')]
        calm: bool,
        /// brood frames seen
        #[option(letter = 'f', placeholder = "COUNT", default = 0, valid = valid::range(0, 20))]
        frames: u8,
        /// temperature in °C
        #[option(letter = 't', placeholder = "DEGREES", valid = valid::range(-20.0, 60.0))]
        temp: Option<f64>,
        /// a remark
        #[option(placeholder = "TEXT")]
        note: Vec<String>,
    },
}

/// The typed values, if the line reads.
pub(crate) fn read(words: &[OsString]) -> Option<Apiary> {
    match <Apiary as Declare>::COMMAND.read(words) {
        Outcome::Reading(mut reading) => Some(Apiary::take_from(&mut reading)),
        _ => None,
    }
}

impl From<Apiary> for Inspection {
    fn from(Apiary { yard, quiet, verbosity, work }: Apiary) -> Self {
        let Work::Inspect { hive, calm, frames, temp, note: notes } = work;
        Inspection { yard, quiet, verbosity, hive, calm, frames, temp, notes }
    }
}
