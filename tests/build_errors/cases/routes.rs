use clavret::{Command, Program, Route};

static LIST: Command = Command::new("list");
static MOVE: Command = Command::new("move");
static HIVE: Command = Command::new("hive").commands(&[&LIST, &MOVE]);
static APIARY: Command = Command::new("apiary").commands(&[&HIVE]);
static PROGRAM: Program = Program::new(&APIARY, &[Route::new(&LIST, |_| Ok(()))]);

/// weigh a hive
#[clavret::declare]
async fn weigh() {}

/// weigh a hive at once
#[clavret::declare(executor = pollster::block_on)]
fn weigh_now() {}

struct Yard;

/// weigh all of them
#[clavret::declare]
impl Yard {
    /// weigh a yard
    async fn weigh_all(&self) {}
}

fn main() {}
