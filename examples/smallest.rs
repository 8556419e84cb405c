//! A program in 25 lines: an operand, an option, a flag.

use clavret::{Command, Flag, Named, Operand, valid};

static HIVE: Operand<String> = Operand::new("hive").help("hive to inspect, such as A7");
static FRAMES: Named<u8> = Named::new("frames")
    .letter('f')
    .placeholder("COUNT")
    .default("0")
    .valid(&valid::range(0, 20))
    .help("brood frames seen");
static CALM: Flag = Flag::new("calm").letter('c').help("the colony was calm");

static INSPECT: Command = Command::new("inspect")
    .summary("record what an inspection found")
    .takes(&[HIVE.param(), FRAMES.param(), CALM.param()])
    .examples(&[("a calm colony with six brood frames", "inspect A7 -cf6")]);

fn main() -> std::process::ExitCode {
    clavret::run(&INSPECT, |reading| {
        let (hive, frames) = (reading.get(&HIVE), reading.get(&FRAMES));
        let mood = if *reading.get(&CALM) { "calm" } else { "restless" };
        format!("{hive}: {frames} frames of brood, {mood}")
    })
}
