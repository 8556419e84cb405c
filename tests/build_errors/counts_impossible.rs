use clavret::{Named, valid};

static NOTES: Named<Vec<String>> = Named::new("note").times(3, 1);
static FRAMES: Named<u8> = Named::new("frames")
    .valid(&valid::range(0, 20))
    .valid(&valid::range(1, 20))
    .valid(&valid::range(2, 20))
    .valid(&valid::range(3, 20));

fn main() {}
