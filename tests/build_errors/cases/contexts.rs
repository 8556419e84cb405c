use clavret::{Declare, Program};

struct Yard;
struct Clock;

#[clavret::declare]
fn inspect(yard: &Yard) {
    let _ = yard;
}

#[derive(Declare)]
struct Report;

trait Service {}

#[clavret::declare]
fn weigh(scale: &dyn Service) {
    let _ = scale;
}

static WEIGH: Program<Clock> = Program::of::<weigh>();
static INSPECT: Program<Clock> = Program::of::<inspect>();
static REPORT: Program<Clock> = Program::of::<Report>();

fn main() {}
