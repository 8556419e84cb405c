//! Names of what every program has, taken for something else without giving that up.

use clavret::{COLOR_OPTION, Command, Declare, Flag, Named, Program, Route, Tally, VERSION_FLAG};

static HELP: Named<String> = Named::new("help");
static TEND: Command = Command::new("tend").takes(&[HELP.param()]);
static HIVE: Command = Command::new("hive").commands(&[&TEND]);
static APIARY: Command = Command::new("apiary").commands(&[&HIVE]);
static PROGRAM: Program = Program::new(&APIARY, &[Route::new(&TEND, |_| Ok(()))]);

static MINE: Command = Command::new("mine").usual(&[VERSION_FLAG.param()]).takes(&[HELP.param()]);
static FREED: Program = Program::new(&MINE, &[Route::new(&MINE, |_| Ok(()))]);

/// measure a hive
#[derive(Declare)]
struct Measure {
    /// how high it is
    #[option(letter = 'h')]
    height: u8,
}

impl clavret::Act for Measure {
    fn act(self, _: &clavret::Call<'_>) -> clavret::Done {
        Ok(())
    }
}

static MEASURE: Program = Program::of::<Measure>();

static PAINTED: Command = Command::new("painted").usual(&[COLOR_OPTION.param()]);
static EDITION: Flag = Flag::new("edition").aliases(&["version"]).stands_alone(&clavret::handlers::ShowVersion);
static DOUBLE: Command = Command::new("double").usual(&[VERSION_FLAG.param(), EDITION.param()]);

fn formats(_: &clavret::reader::Request<'_>) -> String {
    String::new()
}

static FORMATS: Flag = Flag::new("formats").stands_alone(&formats).variable("FORMATS");
static FORMAT: Named<u8> = Named::new("format").stands_alone(&formats);
static REPORT: Command = Command::new("report").takes(&[FORMATS.param()]);
static WRITE: Command = Command::new("write").takes(&[FORMAT.param()]);
static LOUD: Tally = Tally::new("loud").stands_alone(&formats);

fn main() {}
