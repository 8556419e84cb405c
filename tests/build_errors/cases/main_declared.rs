#[clavret::declare]
fn main(#[operand] _hive: String) {}
