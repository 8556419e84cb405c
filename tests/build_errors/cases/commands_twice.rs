use clavret::Command;

static ADD: Command = Command::new("add");
static ADD_TOO: Command = Command::new("add");
static INSERT: Command = Command::new("insert").aliases(&["add"]);

static NAME: Command = Command::new("hive").commands(&[&ADD, &ADD_TOO]);
static ALIAS: Command = Command::new("hive").commands(&[&ADD, &INSERT]);

fn main() {}
