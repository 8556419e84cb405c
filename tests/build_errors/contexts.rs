use clavret::{Declare, Program};

struct Yard;
struct Clock;

#[clavret::declare]
fn inspect(yard: &Yard) {
    let _ = yard;
}

#[derive(Declare)]
struct Report;

static INSPECT: Program<Clock> = Program::of::<inspect>();
static REPORT: Program<Clock> = Program::of::<Report>();

fn main() {}
