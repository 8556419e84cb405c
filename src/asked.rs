//! Parameters asked for in place: collected when the program is linked, read by the first that is
//! reached.

use std::ffi::OsString;
use std::io::Write;
use std::sync::{Mutex, OnceLock};

use clavret_core::ask::Param;
use clavret_core::inner;
use clavret_core::inner::Brought;
use clavret_core::shape::Key;
use clavret_core::{Bundle, Command, Reading};
use linkme::distributed_slice;

use crate::declared::FromReading;
use crate::process::begin;
use crate::run::perform;
use crate::streams::{Streams, locked};

/// Where something is asked for.
#[derive(Debug)]
pub struct Question {
    /// What is asked for.
    pub asked: Subject,
    /// What that brings along.
    pub brings: Brought,
    /// The module, whose first part is the crate.
    pub module: &'static str,
    /// The source file, as the compiler names it.
    pub file: &'static str,
    /// The line, from 1.
    pub line: u32,
    /// The column, from 1.
    pub column: u32,
}

/// What is asked for.
#[derive(Debug)]
pub enum Subject {
    /// A parameter; for an operand, its number on the line.
    Param(&'static Param<'static>, u32),
    /// Parameters that are declared elsewhere.
    Bundle(&'static Bundle<'static>),
    /// Nothing: it tells of the program itself.
    Program(&'static Command<'static>),
}

/// Every place of the program, in no particular order.
#[distributed_slice]
pub static QUESTIONS: [Question];

/// What is known of the program at each place.
#[derive(Debug, Clone, Copy)]
pub struct Base {
    /// The module of the place.
    pub module: &'static str,
    /// The program, where no place tells of it.
    pub command: fn() -> Command<'static>,
}

/// What the words of the process are read as, and which parameters are asked for again.
struct Answers {
    reading: Reading<'static>,
    again: Again,
}

/// Parameters that are asked for at a second place, each with the one of the first.
type Again = Vec<(&'static Param<'static>, &'static Param<'static>)>;

static ANSWERS: OnceLock<Mutex<Answers>> = OnceLock::new();

/// The value of a key. The first call reads the words of the process, and ends the process when they
/// ask for a page, or something is wrong with them.
pub fn ask<K: Key>(key: &K, base: Base) -> K::Value
where
    K::Value: Clone,
{
    let answers = locked(ANSWERS.get_or_init(|| read(base)));
    let first = answers.again.iter().find(|again| std::ptr::eq(again.0, key.record()));
    let Some((_, first)) = first else { return answers.reading.get(key).clone() };
    match inner::get_of(&answers.reading, first, key) {
        Some(value) => value.clone(),
        None => {
            let mistake = format!("`{}` is asked for with two types", first.name());
            stop(answers.reading.path().root(), &[mistake])
        }
    }
}

/// Ends the process, whose program is wrong.
fn stop(root: &Command<'_>, mistakes: &[String]) -> ! {
    let told: String = mistakes.iter().map(|mistake| inner::mistake(root, mistake)).collect();
    _ = Streams::SYSTEM.err().write_all(told.as_bytes());
    std::process::exit(1)
}

/// The values of a bundle; once for each, as they are moved out of the reading.
pub fn ask_bundle<T: FromReading>(base: Base) -> T {
    T::take_from(&mut locked(ANSWERS.get_or_init(|| read(base))).reading)
}

fn read(base: Base) -> Mutex<Answers> {
    static STREAMS: Streams<'static> = Streams::SYSTEM;
    let (root, again) = root(base).unwrap_or_else(|wrong| stop(&wrong.command, &wrong.mistakes));
    let root: &'static Command<'static> = Box::leak(Box::new(root));
    let words: &'static [OsString] = begin(root).leak();
    let mut found = None;
    let status = perform(root, (words, Vec::new()), &STREAMS, &mut |reading| {
        found = Some(reading);
        Ok(())
    });
    let reading = found.unwrap_or_else(|| std::process::exit(status.into()));
    Mutex::new(Answers { reading, again })
}

/// A program whose places do not go together, and the mistakes.
struct Wrong {
    command: Command<'static>,
    mistakes: Vec<String>,
}

/// The program that the places of a crate declare, operands by their numbers, everything else in the
/// order of the source; and what is asked for again. Mistakes name the culprits.
fn root(base: Base) -> Result<(Command<'static>, Again), Box<Wrong>> {
    let crate_of = |module: &'static str| module.split("::").next();
    let own = |place: &&Question| crate_of(place.module) == crate_of(base.module);
    let mut places: Vec<&'static Question> = QUESTIONS.iter().filter(own).collect();
    places.sort_by_key(|place| (place.module, place.file, place.line, place.column));
    let (mut command, mut bundles) = ((base.command)(), Vec::new());
    let (mut params, mut again, mut mistakes) = (Vec::new(), Again::new(), Vec::new());
    let brings: Vec<Brought> = places.iter().map(|place| place.brings).collect();
    for place in places {
        match place.asked {
            Subject::Param(param, number) => {
                let is_first =
                    |asked: &&(u32, &Param<'_>, &Question)| inner::is_asked_again(asked.1, param);
                match params.iter().find(is_first) {
                    Some((_, first, _)) => again.push((param, *first)),
                    None => params.push((number, param, place)),
                }
            }
            Subject::Bundle(bundle) => bundles.push(bundle),
            Subject::Program(program) => command = *program,
        }
    }
    let (mut operands, options): (Vec<_>, Vec<_>) =
        params.into_iter().partition(|asked| asked.0 > 0);
    operands.sort_by_key(|(number, ..)| *number);
    let mut next = 1;
    for (number, param, place) in &operands {
        let (name, file, line) = (param.name(), place.file, place.line);
        if *number < next {
            mistakes.push(format!(
                "two places ask for operand {number}: `{name}` at {file}:{line} is one"
            ));
        } else if *number > next {
            mistakes.push(format!(
                "no place asks for operand {next}, and `{name}` at {file}:{line} is operand {number}"
            ));
        }
        next = number + 1;
    }
    let params: Vec<_> = operands.iter().chain(&options).map(|asked| asked.1).collect();
    let command = inner::takes_with(
        inner::as_draft(command),
        params.leak(),
        bundles.leak(),
        brings.into_iter(),
    );
    mistakes.extend(command.problems().into_iter().map(|problem| problem.to_string()));
    match mistakes.is_empty() {
        true => Ok((command, again)),
        false => Err(Box::new(Wrong { command, mistakes })),
    }
}
