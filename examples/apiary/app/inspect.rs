//! `apiary inspect`: what an inspection found.

use clavret::{Call, Command, Done, Flag, Operand, Opt, valid};

use jiff::civil::Date;

use super::hive::temper;
use super::values::{HiveCode, today};
use super::yard::{Failed, Inspection};

static HIVE: Operand<HiveCode> = Operand::new("hive").help("hive to inspect, such as A7");
static CALM: Flag<Option<bool>> = Flag::new("calm")
    .short('c')
    .opposite("restless")
    .opposite_short('r')
    .help("the colony was calm");
static FRAMES: Opt<u8> = Opt::new("frames")
    .short('f')
    .placeholder("COUNT")
    .default("0")
    .valid(&valid::range(0, 20))
    .help("brood frames seen");
static TEMP: Opt<Option<f64>> = Opt::new("temp")
    .short('t')
    .placeholder("DEGREES")
    .valid(&valid::range(-20.0, 60.0))
    .help("temperature in °C");
static NOTES: Opt<Vec<String>> =
    Opt::new("note").placeholder("TEXT").valid(&valid::length(1, 200)).help("a remark");
static ON: Opt<Option<Date>> =
    Opt::new("on").placeholder("DATE").help("day of the inspection, today unless given");

pub(crate) static INSPECT: Command = Command::new("inspect")
    .summary("record what an inspection found")
    .takes(&[HIVE.param(), CALM.param(), FRAMES.param(), TEMP.param(), NOTES.param(), ON.param()])
    .example("a calm colony with six brood frames", "apiary inspect A7 -cf6")
    .status(0, "recorded")
    .status(1, "could not be recorded");

pub(crate) fn inspect(mut reading: Call<'_>) -> Done {
    let yard = super::yard(&reading);
    let mut hive = yard.hive(reading.get(&HIVE))?;
    let inspection = Inspection {
        on: reading.get(&ON).unwrap_or_else(today),
        calm: *reading.get(&CALM),
        brood: *reading.get(&FRAMES),
        temperature: *reading.get(&TEMP),
        notes: reading.take(&NOTES),
    };
    hive.stands()?;
    if inspection.brood > hive.frames {
        let (code, holds, brood) = (&hive.code, hive.frames, inspection.brood);
        let what = format!("hive {code} holds {holds} frames, too few for {brood} with brood");
        return Err(Failed::new(what).into());
    }
    let done = recorded(&hive.code, &inspection);
    hive.inspections.push(inspection);
    hive.inspections.sort_by_key(|inspection| inspection.on);
    yard.write(&hive)?;
    Ok(super::say(&reading, &yard, &done)?)
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
