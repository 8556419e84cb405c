struct Yard;

#[clavret::declare]
fn inspect(_hive: String, #[operand] _name: &str, (_a, _b): (u8, u8), _yard: &mut Yard) {}

#[clavret::declare]
impl Yard {
    fn list(self) {}
}

#[clavret::declare(commands(inspect))]
fn apiary() {}

#[clavret::declare]
struct Hive;

fn main() {
    clavret::Program::<()>::of::<apiary>().run();
}
