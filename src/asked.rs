//! Parameters asked for in place: collected when the program is linked, read by the first that is
//! reached.

use std::ffi::OsString;
use std::sync::{Mutex, OnceLock};

use clavret_core::{Bundle, Command, Key, Param, Reading};
use linkme::distributed_slice;

use crate::declared::FromReading;
use crate::process::begin;
use crate::run::perform;
use crate::streams::{Streams, locked};

/// Where something is asked for.
#[derive(Debug)]
pub struct Place {
    /// What is asked for.
    pub asked: Asked,
    /// The module, whose first part is the crate.
    pub module: &'static str,
    /// The file.
    pub file: &'static str,
    /// The line.
    pub line: u32,
    /// The column.
    pub column: u32,
}

/// What is asked for.
#[derive(Debug)]
pub enum Asked {
    /// A parameter; for an operand, its number on the line.
    Param(&'static Param<'static>, u32),
    /// Parameters that are declared elsewhere.
    Bundle(&'static Bundle<'static>),
    /// Nothing: it tells of the program itself.
    Program(&'static Command<'static>),
}

/// Every place of the program, in no particular order.
#[distributed_slice]
pub static PLACES: [Place];

/// What is known of the program at each place.
#[derive(Debug, Clone, Copy)]
pub struct Base {
    /// The module of the place.
    pub module: &'static str,
    /// The program, where no place tells of it.
    pub command: fn() -> Command<'static>,
}

static READING: OnceLock<Mutex<Reading<'static>>> = OnceLock::new();

/// The value of a key. The first call reads the words of the process, and ends the process when they
/// ask for a page, or something is wrong with them.
pub fn ask<K: Key>(key: &K, base: Base) -> K::Value
where
    K::Value: Clone,
{
    locked(READING.get_or_init(|| read(base))).get(key).clone()
}

/// The values of a bundle; once for each, as they are moved out of the reading.
pub fn ask_bundle<T: FromReading>(base: Base) -> T {
    T::from_reading(&mut locked(READING.get_or_init(|| read(base))))
}

fn read(base: Base) -> Mutex<Reading<'static>> {
    static STREAMS: Streams<'static> = Streams::SYSTEM;
    let root: &'static Command<'static> = Box::leak(Box::new(root(base)));
    let words: &'static [OsString] = begin().leak();
    let mut found = None;
    let status = perform(root, words, &STREAMS, &mut |reading| {
        found = Some(reading);
        Ok(())
    });
    Mutex::new(found.unwrap_or_else(|| std::process::exit(status.into())))
}

/// The program that the places of a crate declare: operands by their numbers, everything else in the
/// order of the source.
///
/// # Panics
///
/// When what they declare does not go together: the text names the culprits.
fn root(base: Base) -> Command<'static> {
    let crate_of = |module: &'static str| module.split("::").next();
    let own = |place: &&Place| crate_of(place.module) == crate_of(base.module);
    let mut places: Vec<&Place> = PLACES.iter().filter(own).collect();
    places.sort_by_key(|place| (place.module, place.file, place.line, place.column));
    let (mut command, mut bundles) = ((base.command)(), Vec::new());
    let (mut operands, mut options) = (Vec::new(), Vec::new());
    for place in places {
        match place.asked {
            Asked::Param(param, 0) => options.push(param),
            Asked::Param(param, number) => operands.push((number, param)),
            Asked::Bundle(bundle) => bundles.push(bundle),
            Asked::Program(program) => command = *program,
        }
    }
    operands.sort_by_key(|(number, _)| *number);
    let numbers = operands.windows(2).find(|pair| pair[0].0 == pair[1].0);
    let twins = numbers.map(|pair| {
        let names = (pair[0].1.name(), pair[1].1.name(), pair[0].0);
        format!("the operands `{}` and `{}` both have the number {}", names.0, names.1, names.2)
    });
    let params = operands.into_iter().map(|(_, param)| param).chain(options).collect::<Vec<_>>();
    let command = command.as_draft().takes(params.leak()).bundles(bundles.leak());
    let problems = command.problems().into_iter().map(|problem| problem.to_string());
    let problems: Vec<String> = twins.into_iter().chain(problems).collect();
    assert!(
        problems.is_empty(),
        "what is asked in place does not go together: {}",
        problems.join("; ")
    );
    command
}
