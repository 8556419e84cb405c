use clavret::Declare;

#[derive(Declare)]
struct Apiary {
    #[flag(short = 'q', throughout)]
    quiet: bool,
    #[commands]
    work: Work,
}

#[derive(Declare)]
enum Work {
    Inspect {
        #[flag(short = 'q')]
        queen: bool,
    },
}

fn main() {}
