//! A program that declares next to nothing, and one thing more for each feature of this package that is switched on:
//! what each makes of it in bytes stands in budgets.toml.

use std::process::ExitCode;

use clavret::{
    COMPLETIONS_COMMAND, Call, Command, Flag, List, Named, Objection, Operand, Reading, Rule, SoFar,
};

static YARD: Named<Option<String>> = {
    let yard = Named::new("yard").letter('y').help("folder of the logbook");
    if cfg!(feature = "sources") { yard.variable("APIARY_YARD") } else { yard }
};
static KEY: Named<Option<String>> = {
    let key = Named::new("key").help("what opens the logbook");
    if cfg!(feature = "secrets") { key.secret() } else { key }
};
static JARS: Named<Option<u32>> = Named::new("jars").help("jars that were filled");
static BARREL: Flag = {
    let barrel = Flag::new("barrel").help("kept in a barrel");
    if cfg!(feature = "descriptions") {
        barrel.description("One of:\n\n* oak\n* *steel*")
    } else {
        barrel
    }
};
static NOTES: Named<Vec<String>> = {
    let notes = Named::new("note").help("a remark");
    if cfg!(feature = "counts") { notes.times(0, 3) } else { notes }
};
static HIVE: Operand<String> = {
    let hive = Operand::new("hive").help("hive to harvest, such as A7");
    if cfg!(feature = "lists") { hive.listed_by(&HIVES) } else { hive }
};

fn hives(_: &SoFar) -> Vec<&'static str> {
    vec!["A7", "B2"]
}
static HIVES: List = List::new(&hives).closed();

static RULES: [Rule; 1] = [Rule::only_one(&[JARS.param(), BARREL.param()])];

fn judge(reading: &Reading<'_>) -> Result<(), Objection> {
    match reading.get(&JARS) {
        Some(0) => Err(Objection::new("nothing is filled").about(&JARS)),
        _ => Ok(()),
    }
}

static HARVEST: Command = {
    let harvest = Command::new("harvest").summary("record a harvest").takes(&[
        HIVE.param(),
        YARD.param(),
        KEY.param(),
        JARS.param(),
        BARREL.param(),
        NOTES.param(),
    ]);
    let harvest = match cfg!(feature = "rules") {
        true => harvest.rules(&RULES),
        false => harvest,
    };
    if cfg!(feature = "judges") { harvest.judged_by(&judge) } else { harvest }
};

#[cfg(feature = "documents")]
static DOCUMENT_COMMAND: &Command = &clavret::DOCUMENT_COMMAND;
#[cfg(not(feature = "documents"))]
static DOCUMENT_COMMAND: &Command = &HARVEST;

static APIARY: Command = {
    let apiary = Command::new("apiary").summary("the logbook of a bee yard");
    match cfg!(feature = "completions") {
        true => apiary.commands(&[&HARVEST, &COMPLETIONS_COMMAND]).answers(),
        false if cfg!(feature = "documents") => {
            apiary.commands(&[&HARVEST, DOCUMENT_COMMAND]).answers()
        }
        false => apiary.commands(&[&HARVEST]),
    }
};

fn main() -> ExitCode {
    clavret::run(&APIARY, |call: Call<'_>| {
        format!("{} {:?} {:?}", call.get(&HIVE), call.get(&JARS), call.get(&NOTES))
    })
}
