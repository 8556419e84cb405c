//! A small apiary with one of each: shapes, flags, tallies, choices, subcommands.

use std::ffi::OsString;
use std::path::PathBuf;

use clavret_core::faults::Faults;
use clavret_core::{
    COLOR_OPTION, Choice, Command, Flag, HELP_COMMAND, Named, Offer, Operand, Outcome, Reading,
    Tally, valid,
};
use clavret_tab::COMPLETIONS_COMMAND;

#[derive(Debug, Clone, Copy, PartialEq)]
pub(crate) enum Queen {
    White,
    Blue,
}

impl Choice for Queen {
    const OFFERS: &'static [Offer<'static>] = &[
        Offer::of("white").help("hatched in a year ending in 1 or 6"),
        Offer::of("blue").help("in 5 or 0"),
    ];
    const VALUES: &'static [Self] = &[Queen::White, Queen::Blue];
}

pub(crate) static YARD: Named<Option<PathBuf>> =
    Named::new("yard").letter('y').placeholder("DIR").throughout().help("folder of the logbook");
pub(crate) static QUIET: Flag = Flag::new("quiet").letter('q').throughout().help("say little");
pub(crate) static VERBOSITY: Tally = Tally::new("v").throughout().help("say more");

pub(crate) static HIVE: Operand<String> = Operand::new("hive").help("hive to inspect, such as A7");
pub(crate) static CALM: Flag = Flag::new("calm")
    .letter('c')
    .opposite("restless")
    .opposite_letter('r')
    .help("the colony was calm");
pub(crate) static FRAMES: Named<u8> = Named::new("frames")
    .letter('f')
    .placeholder("COUNT")
    .aliases(&["combs"])
    .default("0")
    .valid(&valid::range(0, 20))
    .help("brood frames seen");
pub(crate) static TEMP: Named<Option<f64>> =
    Named::new("temp").letter('t').placeholder("DEGREES").help("temperature in °C").description(
        "Measured in the shade of the hive,\nnot in the sun.\n\nLeave it out when in doubt.",
    );
pub(crate) static NOTES: Named<Vec<String>> = Named::new("note").placeholder("TEXT").times(0, 2);
pub(crate) static SECRET: Flag = Flag::new("sting").hidden();
pub(crate) static INSPECT: Command = Command::new("inspect")
    .summary("record what an inspection found")
    .takes(&[
        HIVE.param(),
        CALM.param(),
        FRAMES.param(),
        TEMP.param(),
        NOTES.param(),
        SECRET.param(),
    ])
    .examples(&[("a calm colony with six brood frames", "apiary inspect A7 -cf6")])
    .statuses(&[(0, "recorded"), (1, "could not be recorded")]);

pub(crate) static CODE: Operand<String> = Operand::new("code");
pub(crate) static QUEEN: Named<Queen> =
    Named::new("queen").placeholder("COLOR").help("colour of the mark");
pub(crate) static AT: Named<Option<(f64, f64)>> =
    Named::new("at").letter('a').placeholder("LAT LON");
pub(crate) static ADD: Command = Command::new("add")
    .summary("add a hive")
    .aliases(&["new"])
    .takes(&[CODE.param(), QUEEN.param(), AT.param()]);

pub(crate) static SOURCES: Operand<Vec<i32>> = Operand::new("weight").times(1, 3);
pub(crate) static PLACE: Operand<[u8; 2]> = Operand::new("place").placeholder("ROW COLUMN");
pub(crate) static MOVE: Command =
    Command::new("move").summary("weigh and move").takes(&[SOURCES.param(), PLACE.param()]);
pub(crate) static BURN: Command = Command::new("burn").hidden();

pub(crate) static HIVES: Command =
    Command::new("hive").summary("the hives of the yard").commands(&[&ADD, &MOVE, &BURN]);

pub(crate) static APIARY: Command = Command::new("apiary")
    .summary("the logbook of a bee yard")
    .version("1.2.3")
    .takes(&[YARD.param(), QUIET.param(), VERBOSITY.param(), COLOR_OPTION.param()])
    .commands(&[&HIVES, &INSPECT, &HELP_COMMAND, &COMPLETIONS_COMMAND]);

/// A line in words, as a shell would part it; `~` stands for a space within a word. A reading borrows
/// its words, so those of a test live as long as the test's process.
pub(crate) fn words(line: &str) -> &'static [OsString] {
    let words = line.split(' ').filter(|word| !word.is_empty());
    words.map(|word| word.replace('~', " ").into()).collect::<Vec<_>>().leak()
}

#[track_caller]
pub(crate) fn reading(line: &str) -> Reading<'static> {
    match APIARY.read(words(line)) {
        Outcome::Reading(reading) => reading,
        other => panic!("`{line}` gave {other:?}"),
    }
}

#[track_caller]
pub(crate) fn faults(line: &str) -> Faults<'static> {
    match APIARY.read(words(line)) {
        Outcome::Faults(faults) => faults,
        other => panic!("`{line}` gave {other:?}"),
    }
}
