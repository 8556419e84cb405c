use clavret::{Command, Operand};

static SOURCES: Operand<Vec<String>> = Operand::new("source");
static TARGETS: Operand<Vec<String>> = Operand::new("target");
static PLACE: Operand<Option<String>> = Operand::new("place");
static HIVE: Operand<String> = Operand::new("hive");
static LIST: Command = Command::new("list");

static UNBOUNDED: Command = Command::new("copy").takes(&[SOURCES.param(), TARGETS.param()]);
static NEEDED_LATE: Command = Command::new("move").takes(&[PLACE.param(), HIVE.param()]);
static BESIDE: Command = Command::new("hive").takes(&[HIVE.param()]).commands(&[&LIST]);

fn main() {}
