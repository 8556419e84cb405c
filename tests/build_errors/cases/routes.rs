use clavret::{Command, Declare, Program, Route};

static LIST: Command = Command::new("list");
static MOVE: Command = Command::new("move");
static HIVE: Command = Command::new("hive").commands(&[&LIST, &MOVE]);
static APIARY: Command = Command::new("apiary").commands(&[&HIVE]);
static PROGRAM: Program = Program::new(&APIARY, &[Route::new(&LIST, |_| Ok(()))]);

/// weigh a hive
#[clavret::declare]
async fn weigh() {}

/// the logbook of a bee yard
#[derive(Declare)]
#[declare(commands(weigh))]
struct Yard;

static ASYNC: Program = Program::of::<Yard>();
static AWAITED: Program =
    Program::new(&LIST, &[Route::new(&LIST, |call| call.finish(Box::pin(async { Ok(()) }))).awaited()]);

fn main() {}
