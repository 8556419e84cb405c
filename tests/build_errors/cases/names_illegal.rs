use clavret::{Command, Flag, Named};

static EMPTY: Flag = Flag::new("");
static DASH: Flag = Flag::new("-calm");
static EQUALS: Named<u8> = Named::new("frames=");
static SPACE: Named<u8> = Named::new("brood frames");
static UPPER: Named<u8> = Named::new("Frames");
static LETTER: Named<u8> = Named::new("frames").letter('ä');
static OPPOSITE: Flag = Flag::new("calm").opposite("Restless");
static FORMER: Flag = Flag::new("calm").formerly(&["Bad Name"]);
static COMMAND: Command = Command::new("Apiary").commands(&[&Command::new("Inspect")]);
static ALIAS: Command = Command::new("inspect").aliases(&["look at"]);

fn main() {}
