//! Rules about what the command does not take, in all or in one member, or with a single member, a default subcommand that is none, and a raw tail
//! with an operand after it.

use clavret::{Command, Flag, HELP_COMMAND, Operand, Program, Route, Rule, Tail};

static CALM: Flag = Flag::new("calm");
static LOUD: Flag = Flag::new("loud");
static SOFT: Flag = Flag::new("soft");
static WORDS: Operand<Vec<String>> = Operand::new("words").tail(Tail::Raw);
static LAST: Operand<String> = Operand::new("last");

static LIST: Command = Command::new("list");
static RULED: Command =
    Command::new("ruled").rules(&[Rule::at_least_one(&[LOUD.param(), SOFT.param()])]).takes(&[CALM.param()]);
static HIVE: Command = Command::new("hive").default_command(&HELP_COMMAND).commands(&[&LIST]);
static BESIDE_RULES: Command = Command::new("apiary").commands(&[&RULED]);
static BESIDE_DEFAULTS: Command = Command::new("apiary").commands(&[&HIVE]);
static PARTLY: Command = Command::new("partly")
    .rules(&[Rule::all_or_none(&[CALM.param(), LOUD.param()])])
    .takes(&[CALM.param()]);
static ABOVE: Command = Command::new("apiary").commands(&[&PARTLY]);
static OF_PARTLY: Program = Program::new(&ABOVE, &[Route::new(&PARTLY, |_| Ok(()))]);
static LONELY: Command = Command::new("lonely").rules(&[Rule::only_one(&[CALM.param()])]);
static PROGRAM: Program = Program::new(&RULED, &[Route::new(&RULED, |_| Ok(()))]);
static RAW: Command = Command::new("raw").takes(&[WORDS.param(), LAST.param()]);

fn main() {}
