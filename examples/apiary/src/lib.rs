//! The logbook of a bee yard: what every command shares, and where each is handled.

use std::path::PathBuf;

use clavret::{
    COLOR_OPTION, COMPLETIONS_COMMAND, Command, Config, DOCUMENT_COMMAND, Declare, Flag,
    HELP_COMMAND, Named, Program, Route, Tally, package,
};

mod desk;
mod harvest;
mod hive;
mod inspect;
mod label;
mod lists;
mod print;
mod report;
mod run_each;
mod today;
mod values;
mod yard;

pub use desk::Desk;
use harvest::Harvest;
use hive::Hive;
use inspect::Inspect;
use label::Label;
use report::Report;

static YARD: Named<Option<PathBuf>> = Named::new("yard")
    .letter('y')
    .placeholder("DIR")
    .throughout()
    .variable("APIARY_YARD")
    .directory()
    .help("folder of the logbook");
static SETTINGS: Named<Option<PathBuf>> = Named::new("config")
    .extensions(&["toml", "json"])
    .help("settings to go by, else apiary/config.toml in your config folder");
static QUIET: Flag = Flag::new("quiet").letter('q').throughout().help("say only what went wrong");
static VERBOSE: Tally = Tally::new("v").throughout().help("say more");

static CONFIG: Config = Config::new("apiary/config.toml").option(SETTINGS.param());

/// The whole declaration.
pub static APIARY: Command = Command::new("apiary")
    .summary("the logbook of a bee yard")
    .description(
        "Keeps what is found in the hives of a yard, a file for each hive, and reports on it. \
         With no yard named it works in the user's data folder, which is filled with a dozen \
         made-up hives at the first thing that is recorded.",
    )
    .package(package!())
    .answers()
    .takes(&[SETTINGS.param(), YARD.param(), QUIET.param(), VERBOSE.param(), COLOR_OPTION.param()])
    .commands(&[
        Hive::COMMAND,
        Inspect::COMMAND,
        Harvest::COMMAND,
        Label::COMMAND,
        Report::COMMAND,
        &run_each::RUN_EACH,
        &HELP_COMMAND,
        &COMPLETIONS_COMMAND,
        &DOCUMENT_COMMAND,
    ])
    .config(&CONFIG)
    .examples(&[
        ("a calm colony with six brood frames", "apiary inspect A7 -cf6"),
        ("the hives, those with the fewest frames first", "apiary hive list --sort frames"),
    ]);

/// The declaration with a handler for each command.
pub static PROGRAM: Program<Desk> = Program::new(
    &APIARY,
    &[
        Route::of::<Hive>(),
        Route::of::<Inspect>(),
        Route::of::<Harvest>(),
        Route::of::<Label>(),
        Route::of::<Report>(),
        Route::new(&run_each::RUN_EACH, run_each::run_each),
    ],
);
