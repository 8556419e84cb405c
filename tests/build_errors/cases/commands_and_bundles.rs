use clavret::Declare;

/// add a hive
#[derive(Declare)]
struct Add;

#[derive(Declare)]
enum Hive {
    Add(Add),
}

#[derive(Declare)]
enum Queen {
    #[declare(takes(clavret::COLOR_OPTION))]
    Mark(Add),
}

struct Stranger;

#[derive(Declare)]
struct One {
    #[commands]
    command: Add,
}

#[derive(Declare)]
struct Two {
    #[bundle]
    hive: Hive,
}

#[derive(Declare)]
struct Three {
    #[commands]
    command: Stranger,
}

fn main() {}
