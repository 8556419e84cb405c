use clavret::{Named, valid};

struct Hive;

static HIVE: Named<Hive> = Named::new("hive");
static FRAMES: Named<u8> = Named::new("frames").valid(&valid::range(0u16, 20u16));

fn main() {}
