//! `apiary harvest`: honey taken from a hive.

use clavret::{Call, Command, Done, Flag, Operand, Opt, Rule, valid};

use super::values::{HiveCode, today};
use super::yard::{Harvest, Packed};

static HIVE: Operand<HiveCode> = Operand::new("hive").help("hive that it came from");
static WEIGHTS: Operand<Vec<f64>> = Operand::new("kilograms")
    .times(1, 20)
    .valid(&valid::range(0.1, 60.0))
    .help("weight of the honey, comb by comb or in one");
static MOISTURE: Opt<Option<f64>> = Opt::new("moisture")
    .short('m')
    .placeholder("PERCENT")
    .valid(&valid::range(10.0, 25.0))
    .help("water in the honey");
static JARS: Opt<Option<u32>> = Opt::new("jars")
    .short('j')
    .placeholder("COUNT")
    .as_in_code()
    .valid(&valid::range(1, 10_000))
    .help("jars that it filled");
static BARREL: Flag = Flag::new("barrel").short('b').help("it went into a barrel");

pub(crate) static HARVEST: Command = Command::new("harvest")
    .summary("record honey taken from a hive")
    .takes(&[HIVE.param(), WEIGHTS.param(), MOISTURE.param(), JARS.param(), BARREL.param()])
    .rules(&[Rule::only_one(&[JARS.param(), BARREL.param()])])
    .example("two combs, filled into 12 jars", "apiary harvest A7 3.5 2.8 -m 17.2 --jars 12")
    .status(0, "recorded")
    .status(1, "could not be recorded");

pub(crate) fn harvest(mut reading: Call<'_>) -> Done {
    let yard = super::yard(&reading);
    let mut hive = yard.hive(reading.get(&HIVE))?;
    let packed = match (*reading.get(&JARS), *reading.get(&BARREL)) {
        (Some(jars), _) => Some(Packed::Jars(jars)),
        (None, true) => Some(Packed::Barrel),
        (None, false) => None,
    };
    let harvest = Harvest {
        on: today(),
        kilograms: reading.take(&WEIGHTS),
        moisture: *reading.get(&MOISTURE),
        packed,
    };
    let done = format!("recorded {} kg as batch {}", harvest.weight(), harvest.batch(&hive.code));
    hive.harvests.push(harvest);
    yard.write(&hive)?;
    Ok(super::say(&reading, &yard, &done)?)
}
