//! A rule about what the command does not take, a default subcommand that is none, and a raw tail
//! with an operand behind it.

use clavret::{Command, Flag, HELP, Operand, Rule, Tail};

static CALM: Flag = Flag::new("calm");
static LOUD: Flag = Flag::new("loud");
static WORDS: Operand<Vec<String>> = Operand::new("words").tail(Tail::Raw);
static LAST: Operand<String> = Operand::new("last");

static LIST: Command = Command::new("list");
static RULED: Command =
    Command::new("ruled").takes(&[CALM.param()]).rules(&[Rule::at_least_one(&[LOUD.param()])]);
static HIVE: Command = Command::new("hive").commands(&[&LIST]).default_command(&HELP);
static RAW: Command = Command::new("raw").takes(&[WORDS.param(), LAST.param()]);

fn main() {}
