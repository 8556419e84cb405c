//! The root of the program: what every command shares, and where each is handled.

use std::path::PathBuf;

use clavret::{COLOR, COMPLETIONS, Command, Flag, HELP, Opt, Reading, Route, Tally};

mod hive;
mod inspect;
mod print;
mod report;
mod values;
mod yard;

use yard::Yard;

static YARD: Opt<Option<PathBuf>> = Opt::new("yard")
    .short('y')
    .placeholder("DIR")
    .throughout()
    .help("folder of the logbook; one in your data folder unless given");
static QUIET: Flag = Flag::new("quiet").short('q').throughout().help("say only what went wrong");
static VERBOSITY: Tally = Tally::new("v").throughout().help("say more");

pub(crate) static APIARY: Command = Command::new("apiary")
    .summary("the logbook of a bee yard")
    .description(
        "Keeps what is found in the hives of a yard, a file for each hive, and reports on it. \
         With no yard named it works in the user's data folder, which is filled with a dozen \
         made-up hives at the first thing that is recorded.",
    )
    .version(env!("CARGO_PKG_VERSION"))
    .takes(&[YARD.param(), QUIET.param(), VERBOSITY.param(), COLOR.param()])
    .commands(&[&hive::HIVE, &inspect::INSPECT, &report::REPORT, &HELP, &COMPLETIONS])
    .example("a calm colony with six brood frames", "apiary inspect A7 -cf6")
    .example("the hives, those with the fewest frames first", "apiary hive list --sort frames");

pub(crate) static ROUTES: &[Route] = &[
    Route::new(&hive::ADD, hive::add),
    Route::new(&hive::LIST, hive::list),
    Route::new(&inspect::INSPECT, inspect::inspect),
    Route::new(&report::REPORT, report::report),
];

/// The yard that the line names, or the user's own.
fn yard(reading: &Reading<'_>) -> Yard {
    Yard::new(reading.get(&YARD).as_deref())
}

/// Says in one line what was done, and with `-v` where it is kept.
fn say(reading: &Reading<'_>, yard: &Yard, done: &str) -> std::io::Result<()> {
    use std::io::Write;
    let mut out = std::io::stdout();
    if *reading.get(&QUIET) {
        return Ok(());
    }
    writeln!(out, "{done}")?;
    if *reading.get(&VERBOSITY) > 0 {
        writeln!(out, "kept in {}", yard.folder().display())?;
    }
    Ok(())
}
