use clavret::{Command, Flag, Opt};

static EMPTY: Flag = Flag::new("");
static DASH: Flag = Flag::new("-calm");
static EQUALS: Opt<u8> = Opt::new("frames=");
static SPACE: Opt<u8> = Opt::new("brood frames");
static UPPER: Opt<u8> = Opt::new("Frames");
static SHORT: Opt<u8> = Opt::new("frames").short('ä');
static OPPOSITE: Flag = Flag::new("calm").opposite("Restless");
static COMMAND: Command = Command::new("Inspect");
static ALIAS: Command = Command::new("inspect").aliases(&["look at"]);

fn main() {}
