use clavret::{Command, Declare, Named};

#[derive(Declare)]
struct Inspect {
    #[option(default = 300)]
    frames: u8,
}

#[derive(Declare)]
struct Harvest {
    #[option(default = 9, valid = clavret::valid::range(0, 5))]
    size: u8,
    #[option(default = -30.5, valid = clavret::valid::range(-20.0, 60.0))]
    temp: f64,
}

static FRAMES: Named<u8> = Named::new("frames").default("300");
static BEYOND: Command = Command::new("beyond").takes(&[FRAMES.param()]);
static COUNT: Named<i8> = Named::new("count").default("many");
static NONE: Command = Command::new("none").takes(&[COUNT.param()]);

fn main() {}
