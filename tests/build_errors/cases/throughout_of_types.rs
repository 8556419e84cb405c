use clavret::Declare;

#[derive(Declare)]
struct Apiary {
    #[flag(letter = 'q', throughout)]
    quiet: bool,
    #[commands]
    work: Work,
}

#[derive(Declare)]
enum Work {
    Inspect {
        #[flag(letter = 'q')]
        queen: bool,
    },
}

fn main() {}
