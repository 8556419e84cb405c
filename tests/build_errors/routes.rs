use clavret::{Command, Program, Route};

static LIST: Command = Command::new("list");
static MOVE: Command = Command::new("move");
static HIVE: Command = Command::new("hive").commands(&[&LIST, &MOVE]);
static APIARY: Command = Command::new("apiary").commands(&[&HIVE]);
static PROGRAM: Program = Program::new(&APIARY, &[Route::new(&LIST, |_| Ok(()))]);

fn main() {}
