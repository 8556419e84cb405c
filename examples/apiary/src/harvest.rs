//! `apiary harvest`: honey taken from a hive.

use clavret::{Act, Call, Declare, Done, valid};

use crate::desk::Desk;
use crate::lists::STANDING;
use crate::today::today;
use crate::values::HiveCode;
use crate::yard;

/// record honey taken from a hive
#[derive(Declare)]
#[declare(only_one(jars, barrel))]
#[declare(examples = [("two combs, filled into 12 jars",
    "apiary harvest A7 3.5 2.8 -m 17.2 --jars 12")])]
#[declare(statuses = [(0, "recorded"), (1, "could not be recorded")])]
pub(crate) struct Harvest {
    /// hive that it came from
    #[operand(listed_by = STANDING)]
    hive: HiveCode,
    /// weight of the honey, comb by comb or in one
    #[operand(times(1, 20), valid = valid::range(0.1, 60.0))]
    kilograms: Vec<f64>,
    /// water in the honey
    #[option(letter = 'm', placeholder = "PERCENT", valid = valid::range(10.0, 25.0))]
    moisture: Option<f64>,
    /// jars that it filled
    #[option(letter = 'j', placeholder = "COUNT", as_in_code, valid = valid::range(1, 10_000))]
    jars: Option<u32>,
    /// it went into a barrel
    #[flag(letter = 'b')]
    barrel: bool,
}

impl Act<Desk> for Harvest {
    fn act(self, call: &Call<'_, Desk>) -> Done {
        let Harvest { hive, kilograms, moisture, jars, barrel } = self;
        let desk = call.context();
        let _lock = desk.yard.lock()?;
        let mut hive = desk.yard.hive(&hive)?;
        let packed = match jars {
            Some(jars) => Some(yard::Packed::Jars(jars)),
            None => barrel.then_some(yard::Packed::Barrel),
        };
        let harvest = yard::Harvest { on: today(), kilograms, moisture, packed };
        let (weight, batch) = (harvest.weight(), harvest.batch(&hive.code));
        hive.harvests.push(harvest);
        desk.keep(call, &hive, &format!("recorded {weight} kg as batch {batch}"))
    }
}
