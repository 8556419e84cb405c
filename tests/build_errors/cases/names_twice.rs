use clavret::{Command, Flag, Operand, Named};

static FRAMES: Named<u8> = Named::new("frames").letter('f');
static AGAIN: Named<u8> = Named::new("frames");
static FEED: Flag = Flag::new("feed").letter('f');
static CALM: Flag = Flag::new("calm").opposite("frames").opposite_letter('f');
static COMBS: Named<u8> = Named::new("combs").aliases(&["frames"]);
static HIVE: Operand<String> = Operand::new("hive");
static HIVE_TOO: Operand<String> = Operand::new("hive");

static LONG: Command = Command::new("inspect").takes(&[FRAMES.param(), AGAIN.param()]);
static SHORT: Command = Command::new("inspect").takes(&[FRAMES.param(), FEED.param()]);
static OPPOSITE: Command = Command::new("inspect").takes(&[FRAMES.param(), CALM.param()]);
static ALIAS: Command = Command::new("inspect").takes(&[FRAMES.param(), COMBS.param()]);
static OPERAND: Command = Command::new("inspect").takes(&[HIVE.param(), HIVE_TOO.param()]);

fn main() {}
