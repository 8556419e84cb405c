use clavret::Declare;

#[derive(Declare)]
#[declare(only_one(jar, barrel), needed_with(jars, barrel))]
struct Harvest {
    #[option]
    jars: Option<u32>,
    #[flag]
    barrel: bool,
}

#[derive(Declare)]
#[declare(default_command = Lst)]
enum Hive {
    List,
    Add,
}

fn main() {}
