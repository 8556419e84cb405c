//! The root of the program: what every command shares, and where each is handled.

use std::path::PathBuf;

use clavret::{
    COLOR, COMPLETIONS, Command, Config, Flag, HELP, Opt, Program, Reading, Route, Tally,
};

mod harvest;
mod hive;
mod inspect;
mod label;
mod print;
mod report;
mod run_each;
mod values;
mod yard;

use yard::Yard;

static YARD: Opt<Option<PathBuf>> = Opt::new("yard")
    .short('y')
    .placeholder("DIR")
    .throughout()
    .variable("APIARY_YARD")
    .directory()
    .help("folder of the logbook, else one of your own");
static CONFIG_FILE: Opt<Option<PathBuf>> = Opt::new("config")
    .placeholder("FILE")
    .throughout()
    .extensions(&["toml", "json"])
    .help("settings to go by, else apiary/config.toml in your config folder");
static QUIET: Flag = Flag::new("quiet").short('q').throughout().help("say only what went wrong");
static VERBOSITY: Tally = Tally::new("v").throughout().help("say more");

static CONFIG: Config = Config::new("apiary/config.toml").option(CONFIG_FILE.param());

pub(crate) static APIARY: Command = Command::new("apiary")
    .summary("the logbook of a bee yard")
    .description(
        "Keeps what is found in the hives of a yard, a file for each hive, and reports on it. \
         With no yard named it works in the user's data folder, which is filled with a dozen \
         made-up hives at the first thing that is recorded.",
    )
    .version(env!("CARGO_PKG_VERSION"))
    .takes(&[YARD.param(), CONFIG_FILE.param(), QUIET.param(), VERBOSITY.param(), COLOR.param()])
    .commands(&[
        &hive::HIVE,
        &inspect::INSPECT,
        &harvest::HARVEST,
        &label::LABEL,
        &report::REPORT,
        &run_each::RUN_EACH,
        &HELP,
        &COMPLETIONS,
    ])
    .config(&CONFIG)
    .example("a calm colony with six brood frames", "apiary inspect A7 -cf6")
    .example("the hives, those with the fewest frames first", "apiary hive list --sort frames");

pub(crate) static PROGRAM: Program = Program::new(
    &APIARY,
    &[
        Route::new(&hive::ADD, hive::add),
        Route::new(&hive::LIST, hive::list),
        Route::new(&hive::MOVE, hive::move_hive),
        Route::new(&hive::RETIRE, hive::retire),
        Route::new(&inspect::INSPECT, inspect::inspect),
        Route::new(&harvest::HARVEST, harvest::harvest),
        Route::new(&label::LABEL, label::label),
        Route::new(&report::REPORT, report::report),
        Route::new(&run_each::RUN_EACH, run_each::run_each),
    ],
);

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
