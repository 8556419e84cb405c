use clavret::{Command, Flag, Named};

static QUIET: Flag = Flag::new("quiet").letter('q').throughout();
static QUEEN: Named<String> = Named::new("queen").letter('q');
static MUTE: Flag = Flag::new("mute").opposite("quiet");

static ADD: Command = Command::new("add").takes(&[QUEEN.param()]);
static MOVE: Command = Command::new("move").takes(&[MUTE.param()]);
static ADD_BELOW: Command = Command::new("hive").commands(&[&ADD]);
static MOVE_BELOW: Command = Command::new("hive").commands(&[&MOVE]);

static SHORT: Command = Command::new("apiary").takes(&[QUIET.param()]).commands(&[&ADD_BELOW]);
static LONG: Command = Command::new("apiary").commands(&[&MOVE_BELOW]).takes(&[QUIET.param()]);

fn main() {}
