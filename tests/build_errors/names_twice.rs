use clavret::{Command, Flag, Operand, Opt};

static FRAMES: Opt<u8> = Opt::new("frames").short('f');
static AGAIN: Opt<u8> = Opt::new("frames");
static FEED: Flag = Flag::new("feed").short('f');
static CALM: Flag = Flag::new("calm").opposite("frames").opposite_short('f');
static COMBS: Opt<u8> = Opt::new("combs").aliases(&["frames"]);
static HIVE: Operand<String> = Operand::new("hive");
static HIVE_TOO: Operand<String> = Operand::new("hive");

static LONG: Command = Command::new("inspect").takes(&[FRAMES.param(), AGAIN.param()]);
static SHORT: Command = Command::new("inspect").takes(&[FRAMES.param(), FEED.param()]);
static OPPOSITE: Command = Command::new("inspect").takes(&[FRAMES.param(), CALM.param()]);
static ALIAS: Command = Command::new("inspect").takes(&[FRAMES.param(), COMBS.param()]);
static OPERAND: Command = Command::new("inspect").takes(&[HIVE.param(), HIVE_TOO.param()]);

fn main() {}
