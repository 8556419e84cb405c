//! `apiary hive`: the hives of the yard.

use std::io::Write;

use clavret::{Call, Choice, Command, Done, Offer, Operand, Opt, valid};

use super::print::Rows;
use super::values::{Form, HiveCode, Queen, today};
use super::yard::{Failed, Hive, Retired};

pub(crate) static HIVE: Command =
    Command::new("hive").summary("the hives of the yard").commands(&[&ADD, &LIST, &MOVE, &RETIRE]);

static CODE: Operand<HiveCode> = Operand::new("code").help("code of the new hive, such as C4");
static QUEEN: Opt<Option<Queen>> =
    Opt::new("queen").placeholder("COLOR").help("colour of the queen's mark");
static AT: Opt<Option<(f64, f64)>> = Opt::new("at")
    .placeholder("LAT LON")
    .valid(&valid::by(on_earth).says("-90 to 90, and -180 to 180"))
    .help("where it stands, in degrees");
static FRAMES: Opt<u8> = Opt::new("frames")
    .short('f')
    .placeholder("COUNT")
    .default("10")
    .valid(&valid::range(1, 20))
    .help("frames it holds");

pub(crate) static ADD: Command = Command::new("add")
    .summary("add a hive to the yard")
    .takes(&[CODE.param(), QUEEN.param(), AT.param(), FRAMES.param()])
    .example("a hive south of the equator", "apiary hive add D1 --queen white --at -33.9 18.4")
    .status(0, "added")
    .status(1, "could not be added");

static FORM: Opt<Form> =
    Opt::new("as").placeholder("FORM").default("table").help("how to print it");
static SORT: Opt<Vec<Column>> = Opt::new("sort")
    .placeholder("KEY")
    .split(',')
    .distinct()
    .help("what to sort by, first the most important");

pub(crate) static LIST: Command = Command::new("list")
    .summary("list the hives with their last inspections")
    .takes(&[FORM.param(), SORT.param()])
    .example("the calmest first", "apiary hive list --sort temper,code");

static MOVED: Operand<HiveCode> = Operand::new("code").help("hive that is moved");
static PLACE: Operand<String> = Operand::new("place")
    .valid(&valid::length(1, 40))
    .help("where it stands from now on, in a few words");

pub(crate) static MOVE: Command = Command::new("move")
    .summary("note that a hive stands elsewhere")
    .takes(&[MOVED.param(), PLACE.param()])
    .example("into the orchard", "apiary hive move A7 orchard");

static RETIRED: Operand<HiveCode> = Operand::new("code").help("hive that is given up");
static REASON: Opt<String> = Opt::new("because")
    .placeholder("TEXT")
    .valid(&valid::length(3, 200))
    .help("why, for the logbook");

pub(crate) static RETIRE: Command = Command::new("retire")
    .aliases(&["drop"])
    .summary("give a hive up; its records stay")
    .takes(&[RETIRED.param(), REASON.param()])
    .example("lost in the winter", "apiary hive retire C2 --because 'no bees in March'");

/// What a list of hives can be sorted by.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash)]
enum Column {
    Code,
    Place,
    Queen,
    Frames,
    Inspected,
    Temper,
}

impl Choice for Column {
    const OFFERS: &'static [Offer<Column>] = &[
        Offer::new("code", Column::Code),
        Offer::new("place", Column::Place),
        Offer::new("queen", Column::Queen),
        Offer::new("frames", Column::Frames),
        Offer::new("inspected", Column::Inspected),
        Offer::new("temper", Column::Temper),
    ];
}

fn on_earth((lat, lon): &(f64, f64)) -> Result<(), String> {
    if lat.abs() > 90.0 {
        Err(format!("a latitude is from -90 to 90, and {lat} is not"))
    } else if lon.abs() > 180.0 {
        Err(format!("a longitude is from -180 to 180, and {lon} is not"))
    } else {
        Ok(())
    }
}

pub(crate) fn add(mut reading: Call<'_>) -> Done {
    let yard = super::yard(&reading);
    let code = reading.take(&CODE);
    if yard.hives()?.iter().any(|hive| hive.code == code) {
        return Err(Failed::new(format!("hive {code} is in the yard already")).into());
    }
    let hive = Hive {
        queen: *reading.get(&QUEEN),
        at: *reading.get(&AT),
        frames: *reading.get(&FRAMES),
        ..Hive::new(code)
    };
    yard.write(&hive)?;
    let done = format!("added {} with {} frames", hive.code, hive.frames);
    Ok(super::say(&reading, &yard, &done)?)
}

pub(crate) fn move_hive(mut reading: Call<'_>) -> Done {
    let yard = super::yard(&reading);
    let mut hive = yard.hive(reading.get(&MOVED))?;
    hive.stands()?;
    let place = reading.take(&PLACE);
    let done = format!("{} stands in: {place}", hive.code);
    hive.place = Some(place);
    yard.write(&hive)?;
    Ok(super::say(&reading, &yard, &done)?)
}

pub(crate) fn retire(mut reading: Call<'_>) -> Done {
    let yard = super::yard(&reading);
    let mut hive = yard.hive(reading.get(&RETIRED))?;
    hive.stands()?;
    let done = format!("retired {}; its records stay", hive.code);
    hive.retired = Some(Retired { on: today(), because: reading.take(&REASON) });
    yard.write(&hive)?;
    Ok(super::say(&reading, &yard, &done)?)
}

pub(crate) fn list(reading: Call<'_>) -> Done {
    let mut hives = super::yard(&reading).hives()?;
    hives.retain(|hive| hive.retired.is_none());
    // Sorted by the least important key first: a stable sort keeps what came before.
    for column in reading.get(&SORT).iter().rev() {
        hives.sort_by_key(|hive| column.key(hive));
    }
    let headings = ["code", "place", "queen", "frames", "inspected", "brood", "temper", "remark"];
    let rows = Rows { headings, rows: hives.iter().map(row).collect() };
    let text = rows.print(*reading.get(&FORM), &hives)?;
    Ok(std::io::stdout().write_all(text.as_bytes())?)
}

impl Column {
    /// A text that sorts as the column does.
    fn key(self, hive: &Hive) -> String {
        let last = hive.inspections.last();
        match self {
            Column::Code => String::new(),
            Column::Place => hive.place.clone().unwrap_or_default(),
            Column::Queen => format!("{:?}", hive.queen.map(|queen| queen as u8)),
            Column::Frames => format!("{:03}", hive.frames),
            Column::Inspected => last.map(|last| last.on.to_string()).unwrap_or_default(),
            Column::Temper => temper(last.and_then(|last| last.calm)).to_owned(),
        }
    }
}

fn row(hive: &Hive) -> [String; 8] {
    let last = hive.inspections.last();
    let of_last = |text: fn(&super::yard::Inspection) -> String| last.map(text).unwrap_or_default();
    [
        hive.code.to_string(),
        hive.place.clone().unwrap_or_default(),
        hive.queen.map(|queen| queen.to_string()).unwrap_or_default(),
        hive.frames.to_string(),
        of_last(|last| last.on.to_string()),
        of_last(|last| last.brood.to_string()),
        temper(last.and_then(|last| last.calm)).to_owned(),
        of_last(|last| last.notes.join("; ")),
    ]
}

pub(crate) fn temper(calm: Option<bool>) -> &'static str {
    match calm {
        Some(true) => "calm",
        Some(false) => "restless",
        None => "",
    }
}
