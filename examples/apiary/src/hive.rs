//! `apiary hive`: the hives of the yard.

use std::io::Write;

use clavret::{Act, Call, Choice, Declare, Done, Failure, valid};

use crate::desk::Desk;
use crate::lists::STANDING;
use crate::print::Rows;
use crate::today::today;
use crate::values::{Form, HiveCode, Queen};
use crate::yard::{self, Retired};

/// the hives of the yard
#[derive(Declare)]
pub(crate) enum Hive {
    Add(Add),
    List(List),
    /// note that a hive stands elsewhere
    #[declare(examples = [("into the orchard", "apiary hive move A7 orchard")])]
    Move {
        /// hive that is moved
        #[operand(listed_by = STANDING)]
        code: HiveCode,
        /// where it stands from now on, in a few words
        #[operand(valid = valid::length(1, 40))]
        place: String,
    },
    /// give a hive up; its records stay
    #[declare(aliases = ["drop"])]
    #[declare(examples = [("lost in the winter", "apiary hive retire C2 --because 'no bees in March'")])]
    Retire {
        /// hive that is given up
        #[operand(listed_by = STANDING)]
        code: HiveCode,
        /// why, for the logbook
        #[option(placeholder = "TEXT", valid = valid::length(3, 200))]
        because: String,
    },
}

/// add a hive to the yard
#[derive(Declare)]
#[declare(examples = [("a hive south of the equator",
    "apiary hive add D1 --queen white --at -33.9 18.4")])]
#[declare(statuses = [(0, "added"), (1, "could not be added")])]
pub(crate) struct Add {
    /// code of the new hive, such as C4
    #[operand]
    code: HiveCode,
    /// colour of the queen's mark
    #[option(placeholder = "COLOR")]
    queen: Option<Queen>,
    /// where it stands, in degrees
    #[option(
        placeholder = "LAT LON",
        valid = valid::by(on_earth).says("-90 to 90, and -180 to 180")
    )]
    at: Option<(f64, f64)>,
    /// frames it holds
    #[option(letter = 'f', placeholder = "COUNT", default = 10, valid = valid::range(1, 20))]
    frames: u8,
}

/// list the hives with their last inspections
#[derive(Declare)]
#[declare(examples = [("the calmest first", "apiary hive list --sort temper,code")])]
pub(crate) struct List {
    /// how to print it
    #[option(name = "as", placeholder = "FORM", default = "table")]
    form: Form,
    /// what to sort by, first the most important
    #[option(placeholder = "KEY", joined_by = ',', distinct)]
    sort: Vec<Column>,
}

/// What a list of hives can be sorted by.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, Choice)]
enum Column {
    Code,
    Place,
    Queen,
    Frames,
    Inspected,
    Temper,
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

impl Act<Desk> for Hive {
    fn act(self, call: &Call<'_, Desk>) -> Done {
        let desk = call.context();
        match self {
            Hive::Add(add) => add.act(call),
            Hive::List(list) => list.act(call),
            Hive::Move { code, place } => {
                let _lock = desk.yard.lock()?;
                let mut hive = desk.yard.hive(&code)?;
                hive.stands()?;
                let done = format!("{code} stands in: {place}");
                hive.place = Some(place);
                desk.keep(call, &hive, &done)
            }
            Hive::Retire { code, because } => {
                let _lock = desk.yard.lock()?;
                let mut hive = desk.yard.hive(&code)?;
                hive.stands()?;
                hive.retired = Some(Retired { on: today(), because });
                desk.keep(call, &hive, &format!("retired {code}; its records stay"))
            }
        }
    }
}

impl Act<Desk> for Add {
    fn act(self, call: &Call<'_, Desk>) -> Done {
        let Add { code, queen, at, frames } = self;
        let desk = call.context();
        let _lock = desk.yard.lock()?;
        if desk.yard.has(&code)? {
            return Err(Failure::new(1, format!("hive {code} is in the yard already")).into());
        }
        let done = format!("added {code} with {frames} frames");
        desk.keep(call, &yard::Hive { queen, at, frames, ..yard::Hive::new(code) }, &done)
    }
}

impl Act<Desk> for List {
    fn act(self, call: &Call<'_, Desk>) -> Done {
        let read = call.context().yard.hives()?;
        let mut hives: Vec<_> = read.whole.iter().filter(|hive| hive.retired.is_none()).collect();
        // Sorted by the least important key first: a stable sort keeps what came before.
        for column in self.sort.iter().rev() {
            hives.sort_by_key(|hive| column.key(hive));
        }
        let headings =
            ["code", "place", "queen", "frames", "inspected", "brood", "temper", "remark"];
        let rows = Rows { headings, rows: hives.iter().map(|hive| row(hive)).collect() };
        let text = rows.print(self.form, &hives)?;
        call.out().write_all(text.as_bytes())?;
        Ok(read.told()?)
    }
}

impl Column {
    /// A text that sorts as the column does.
    fn key(self, hive: &yard::Hive) -> String {
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

fn row(hive: &yard::Hive) -> [String; 8] {
    let last = hive.inspections.last();
    let of_last = |text: fn(&yard::Inspection) -> String| last.map(text).unwrap_or_default();
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
