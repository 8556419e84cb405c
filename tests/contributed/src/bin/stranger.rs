//! A program whose root has a rule about what it does not take: nobody lists a root, so its start tells.

use clavret::{Command, Flag, Rule};

static CALM: Flag = Flag::new("calm");
static LOUD: Flag = Flag::new("loud");
static SOFT: Flag = Flag::new("soft");
static ROOT: Command = Command::new("stranger")
    .rules(&[Rule::at_least_one(&[LOUD.param(), SOFT.param()])])
    .takes(&[CALM.param()]);

fn main() -> std::process::ExitCode {
    clavret::run(&ROOT, |_| ())
}
