use clavret::{Opt, valid};

struct Hive;

static HIVE: Opt<Hive> = Opt::new("hive");
static FRAMES: Opt<u8> = Opt::new("frames").valid(&valid::range(0u16, 20u16));

fn main() {}
