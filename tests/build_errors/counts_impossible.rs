use clavret::{Opt, valid};

static NOTES: Opt<Vec<String>> = Opt::new("note").times(3, 1);
static FRAMES: Opt<u8> = Opt::new("frames")
    .valid(&valid::range(0, 20))
    .valid(&valid::range(1, 20))
    .valid(&valid::range(2, 20))
    .valid(&valid::range(3, 20));

fn main() {}
