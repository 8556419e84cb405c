#[clavret::declare]
fn inspect(#[operand] _hive: String) -> u8 {
    3
}

fn main() {
    inspect("A7".to_owned());
}
