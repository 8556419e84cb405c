//! `apiary inspect`: what an inspection found.

use clavret::{Act, Call, Declare, Done, Failure, valid};
use jiff::civil::Date;

use crate::desk::Desk;
use crate::hive::temper;
use crate::lists::STANDING;
use crate::today::today;
use crate::values::HiveCode;
use crate::yard::Inspection;

/// record what an inspection found
#[derive(Declare)]
#[declare(examples = [("a calm colony with six brood frames", "apiary inspect A7 -cf6")])]
#[declare(statuses = [(0, "recorded"), (1, "could not be recorded")])]
pub(crate) struct Inspect {
    /// hive to inspect, such as A7
    #[operand(listed_by = STANDING)]
    hive: HiveCode,
    /// the colony was calm
    #[flag(letter = 'c', opposite = "restless", opposite_letter = 'r')]
    calm: Option<bool>,
    /// brood frames seen
    #[option(letter = 'f', placeholder = "COUNT", default = 0, valid = valid::range(0, 20))]
    frames: u8,
    /// temperature in °C
    #[option(letter = 't', placeholder = "DEGREES", valid = valid::range(-20.0, 60.0))]
    temp: Option<f64>,
    /// a remark
    #[option(placeholder = "TEXT", valid = valid::length(1, 200))]
    note: Vec<String>,
    /// day of the inspection, today unless given
    #[option(placeholder = "DATE")]
    on: Option<Date>,
}

impl Act<Desk> for Inspect {
    fn act(self, call: &Call<'_, Desk>) -> Done {
        let Inspect { hive, calm, frames, temp, note, on } = self;
        let desk = call.context();
        let _lock = desk.yard.lock()?;
        let mut hive = desk.yard.hive(&hive)?;
        hive.stands()?;
        if frames > hive.frames {
            let (code, holds) = (&hive.code, hive.frames);
            let what = format!("hive {code} holds {holds} frames, too few for {frames} with brood");
            return Err(Failure::new(1, what).into());
        }
        let inspection = Inspection {
            on: on.unwrap_or_else(today),
            calm,
            brood: frames,
            temperature: temp,
            notes: note,
        };
        let done = recorded(&hive.code, &inspection);
        hive.inspections.push(inspection);
        hive.inspections.sort_by_key(|inspection| inspection.on);
        desk.keep(call, &hive, &done)
    }
}

fn recorded(code: &HiveCode, inspection: &Inspection) -> String {
    let mut said = format!("recorded {code} on {}: ", inspection.on);
    if inspection.calm.is_some() {
        said += &format!("{}, ", temper(inspection.calm));
    }
    said += &format!("{} frames of brood", inspection.brood);
    if let Some(temperature) = inspection.temperature {
        said += &format!(", {temperature} °C");
    }
    match inspection.notes.len() {
        0 => {}
        1 => said += ", 1 remark",
        many => said += &format!(", {many} remarks"),
    }
    said
}
