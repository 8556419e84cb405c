//! A tree of values, a type, a function and another crate's group, with a bundle that all of them take.

use std::io::Write;

use clavret::{Act, Bundle, Call, Command, Declare, Done, Program, Route};
use clavret_contributed::Station;

/// period
#[derive(Declare)]
pub(crate) struct Period {
    /// first year that counts
    #[option(letter = 's', default = 2000)]
    since: u16,
}

/// list the hives
#[clavret::declare]
fn list(#[bundle] period: Period) -> String {
    format!("no hives since {}", period.since)
}

/// record what an inspection found
#[derive(Declare)]
struct Inspect {
    /// hive to inspect
    #[operand]
    hive: String,
    #[bundle]
    period: Period,
}

impl Act<Station> for Inspect {
    fn act(self, call: &Call<'_, Station>) -> Done {
        Ok(writeln!(call.out(), "{} since {}", self.hive, self.period.since)?)
    }
}

static PERIOD: Bundle = Bundle::of(Period::COMMAND, "period");
static REPORT: Command = Command::new("report").summary("report on hives").bundles(&[&PERIOD]);

fn report(mut call: Call<'_, Station>) -> Done {
    let period: Period = call.values();
    Ok(writeln!(call.out(), "nothing since {}", period.since)?)
}

const COMMANDS: &[&Command] = &[list::COMMAND, Inspect::COMMAND, &REPORT, Station::COMMAND];
const ROUTES: &[Route<Station>] = &[
    Route::of::<list>(),
    Route::of::<Inspect>(),
    Route::new(&REPORT, report),
    Route::of::<Station>(),
];

static APIARY: Command = Command::new("apiary").summary("a bee yard").commands(COMMANDS);
pub(crate) static PROGRAM: Program<Station> = Program::new(&APIARY, ROUTES);

fn main() -> std::process::ExitCode {
    PROGRAM.run_in(&Station { celsius: 12.5 })
}
