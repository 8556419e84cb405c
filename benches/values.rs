//! The program with Clavret's values surface.

use std::ffi::OsString;
use std::path::PathBuf;

use clavret::ask::Param;
use clavret::{Command, Flag, Named, Operand, Outcome, Reading, Tally, valid};

use crate::inspection::Inspection;

static YARD: Named<Option<PathBuf>> =
    Named::new("yard").letter('y').placeholder("DIR").throughout().help("folder of the logbook");
static QUIET: Flag = Flag::new("quiet").letter('q').throughout().help("say only what went wrong");
static VERBOSITY: Tally = Tally::new("v").throughout().help("say more");

static HIVE: Operand<String> = Operand::new("hive").help("hive to inspect, such as A7");
static CALM: Flag = Flag::new("calm")
    .letter('c')
    .opposite("restless")
    .opposite_letter('r')
    .help("the colony was calm");
static FRAMES: Named<u8> = Named::new("frames")
    .letter('f')
    .placeholder("COUNT")
    .default("0")
    .valid(&valid::range(0, 20))
    .help("brood frames seen");
static TEMP: Named<Option<f64>> = Named::new("temp")
    .letter('t')
    .placeholder("DEGREES")
    .valid(&valid::range(-20.0, 60.0))
    .help("temperature in °C");
static NOTES: Named<Vec<String>> = Named::new("note").placeholder("TEXT").help("a remark");

static INSPECT: Command = Command::new("inspect")
    .summary("record what an inspection found")
    .takes(&[HIVE.param(), CALM.param(), FRAMES.param(), TEMP.param(), NOTES.param()]);

/// What listing the command for completion adds is all that the first of these has more.
#[cfg(feature = "values")]
pub(crate) static APIARY: Command = root().commands(&[&INSPECT, &clavret::COMPLETIONS_COMMAND]);
pub(crate) static BARE: Command = root().commands(&[&INSPECT]);

#[inline]
const fn root() -> Command<'static> {
    static TAKEN: [&Param<'_>; 3] = [YARD.param(), QUIET.param(), VERBOSITY.param()];
    Command::new("apiary").summary("the logbook of a bee yard").takes(&TAKEN)
}

/// The typed values, if the line reads.
pub(crate) fn read(root: &Command<'_>, words: &[OsString]) -> Option<Inspection> {
    match root.read(words) {
        Outcome::Reading(mut reading) => Some(inspection(&mut reading)),
        _ => None,
    }
}

pub(crate) fn inspection(reading: &mut Reading<'_>) -> Inspection {
    Inspection {
        yard: reading.take(&YARD),
        quiet: *reading.get(&QUIET),
        verbosity: *reading.get(&VERBOSITY),
        hive: reading.take(&HIVE),
        calm: *reading.get(&CALM),
        frames: *reading.get(&FRAMES),
        temp: *reading.get(&TEMP),
        notes: reading.take(&NOTES),
    }
}
