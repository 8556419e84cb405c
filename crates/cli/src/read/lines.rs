//! Many lines: in comes an array of words for each, out goes a result for each, and nothing of one is kept for the next.
//!
//! A word is a text, or `{"bytes": [255, 254]}` where it is none. What cannot be read as an array of words gives an error
//! with its number, and reading goes on.

use std::ffi::OsString;
use std::fmt;
use std::fs::File;
use std::io::{self, BufRead, BufReader, BufWriter, IsTerminal, Read, Write};
use std::path::Path;
use std::time::{Duration, Instant};

use clavret::ask::Role;
use clavret::faults::Faults;
use clavret::look::visible;
use clavret::reader::Words;
use clavret::world::{SYSTEM, message};
use clavret::{Call, Command, Done, Failure, Outcome, Reading};
use indicatif::{ProgressBar, ProgressStyle};
use serde::Deserialize;
use serde::de::{Deserializer, Error, MapAccess, Visitor};
use serde::ser::{Serialize, SerializeMap, Serializer};
use serde_json::{Value, json};

use super::json::short;

/// The longest line that is read, in bytes.
const LONGEST: usize = 1 << 20;

/// How many bytes are read and written at once.
const BUFFER: usize = 1 << 16;

/// Reads each line of a file, and prints a result for each; with the environment if that is asked for.
pub(super) fn read(
    root: &Command<'_>,
    file: &Path,
    with_environment: bool,
    call: &Call<'_>,
) -> Done {
    let unread = |error: &io::Error| {
        let name = visible(&file.to_string_lossy());
        Failure::new(3, format!("{name} cannot be read ({})", message(error)))
    };
    let (input, size): (Box<dyn Read>, u64) = match file == Path::new("-") {
        true => (Box::new(call.input()), 0),
        false => {
            let file = File::open(file).map_err(|error| unread(&error))?;
            let size = file.metadata().map_or(0, |found| found.len());
            (Box::new(file), size)
        }
    };
    let mut input = BufReader::with_capacity(BUFFER, input);
    let mut out = BufWriter::with_capacity(BUFFER, call.out());
    let mut progress = Progress::new(size);
    let (mut line, mut number, mut broken) = (Vec::new(), 0_u64, 0_u64);
    loop {
        // Whoever writes the lines may wait for a result before the next one.
        if input.buffer().is_empty() {
            out.flush()?;
        }
        let found = next(&mut input, &mut line).map_err(|error| unread(&error))?;
        let Some(is_whole) = found else { break };
        number += 1;
        let words = if is_whole { words(&line) } else { Err(too_long()) };
        match words {
            Ok(words) => {
                result(root, &words, with_environment, number, &mut out)?;
            }
            Err(why) => {
                broken += 1;
                writeln!(out, "{{\"line\":{number},\"error\":{}}}", json!(why))?;
            }
        }
        progress.went(line.len() as u64 + 1);
    }
    progress.end();
    out.flush()?;
    match broken {
        0 => Ok(()),
        _ => Err(Failure::new(1, format!("no arrays of words: {broken} of {number} lines")).into()),
    }
}

fn too_long() -> String {
    format!("the line has more than {} MiB, the most that is read of one", LONGEST >> 20)
}

/// The next line, without its end; whether all of it is there. What is beyond the longest is passed over.
fn next(input: &mut dyn BufRead, line: &mut Vec<u8>) -> io::Result<Option<bool>> {
    line.clear();
    let (mut is_whole, mut is_any) = (true, false);
    loop {
        let buffer = input.fill_buf()?;
        if buffer.is_empty() {
            return Ok(is_any.then_some(is_whole));
        }
        is_any = true;
        let end = buffer.iter().position(|&byte| byte == b'\n');
        let part = &buffer[..end.unwrap_or(buffer.len())];
        is_whole &= line.len() + part.len() <= LONGEST;
        if is_whole {
            line.extend_from_slice(part);
        }
        let used = part.len() + usize::from(end.is_some());
        input.consume(used);
        if end.is_some() {
            return Ok(Some(is_whole));
        }
    }
}

/// The words of a line.
fn words(line: &[u8]) -> Result<Vec<OsString>, String> {
    if line.trim_ascii().is_empty() {
        return Err("the line is empty: no words are []".to_owned());
    }
    match serde_json::from_slice::<Vec<Word>>(line) {
        Ok(words) => Ok(words.into_iter().map(|word| word.0).collect()),
        Err(error) => {
            let (why, column) = (error.to_string(), error.column());
            let why = why.split(" at line ").next().unwrap_or_default();
            Err(format!("no array of words ({why}, at byte {column})"))
        }
    }
}

struct Word(OsString);

impl<'de> Deserialize<'de> for Word {
    fn deserialize<D: Deserializer<'de>>(deserializer: D) -> Result<Self, D::Error> {
        deserializer.deserialize_any(OfWord)
    }
}

struct OfWord;

impl<'de> Visitor<'de> for OfWord {
    type Value = Word;

    fn expecting(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {
        f.write_str("a word: a text, or {\"bytes\": […]} where it is none")
    }

    fn visit_str<E: Error>(self, text: &str) -> Result<Word, E> {
        checked(text.into())
    }

    fn visit_map<A: MapAccess<'de>>(self, mut map: A) -> Result<Word, A::Error> {
        match map.next_entry::<String, Vec<u8>>()? {
            Some((key, bytes)) if key == "bytes" => checked(of_bytes(bytes)?),
            _ => Err(A::Error::custom("expected {\"bytes\": […]}")),
        }
    }
}

/// No word of a command line has a NUL in it.
fn checked<E: Error>(word: OsString) -> Result<Word, E> {
    match word.as_encoded_bytes().contains(&0) {
        true => Err(E::custom("a word cannot have NUL in it")),
        false => Ok(Word(word)),
    }
}

#[cfg(unix)]
fn of_bytes<E: Error>(bytes: Vec<u8>) -> Result<OsString, E> {
    Ok(std::os::unix::ffi::OsStringExt::from_vec(bytes))
}

#[cfg(not(unix))]
fn of_bytes<E: Error>(bytes: Vec<u8>) -> Result<OsString, E> {
    String::from_utf8(bytes).map(OsString::from).map_err(E::custom)
}

/// Prints the result of a line: what it reads as, what it asks for, or what is wrong with it.
fn result(
    root: &Command<'_>,
    words: &[OsString],
    with_environment: bool,
    number: u64,
    out: &mut dyn Write,
) -> io::Result<()> {
    let outcome = match with_environment {
        true => root.read_in(Words::new(words), &SYSTEM),
        false => root.read(words),
    };
    write!(out, "{{\"line\":{number},")?;
    match &outcome {
        Outcome::Reading(reading) => {
            write!(out, "\"verdict\":\"accepted\",\"operands\":")?;
            serde_json::to_writer(&mut *out, &operands(reading))?;
            // The reading's own keys go on.
            let reading = serde_json::to_string(reading)?;
            writeln!(out, ",{}", reading.strip_prefix('{').unwrap_or_default())
        }
        Outcome::Request(asked) => {
            let path = asked.path();
            let names: Vec<&str> =
                path.commands().iter().map(|command| command.ask().name()).collect();
            let by = asked.param().map(|param| path.key_of(param));
            let told = json!({ "verdict": "asks", "command": names, "asks-by": by }).to_string();
            writeln!(out, "{}", told.strip_prefix('{').unwrap_or_default())
        }
        Outcome::Faults(faults) => {
            let told = refused(faults).to_string();
            writeln!(out, "{}", told.strip_prefix('{').unwrap_or_default())
        }
        _ => writeln!(out, "\"verdict\":\"unknown\"}}"),
    }
}

fn refused(faults: &Faults<'_>) -> Value {
    let names: Vec<&str> =
        faults.path().commands().iter().map(|command| command.ask().name()).collect();
    let list: Vec<Value> = faults.iter().map(|fault| short(faults, fault)).collect();
    json!({ "verdict": "refused", "command": names, "faults": list })
}

/// The words that are operands, in the order declared.
fn operands(reading: &Reading<'_>) -> Vec<Shown> {
    let operands = reading.params().filter(|given| given.param().role() == Role::Operand);
    operands
        .flat_map(|given| {
            let words = given.words();
            match given.param().is_secret() && !words.is_empty() {
                true => vec![Shown("•••".into())],
                false => words.into_iter().map(Shown).collect(),
            }
        })
        .collect()
}

/// A word as it came in.
struct Shown(OsString);

impl Serialize for Shown {
    fn serialize<S: Serializer>(&self, serializer: S) -> Result<S::Ok, S::Error> {
        match self.0.to_str() {
            Some(text) => serializer.serialize_str(text),
            None => {
                let mut word = serializer.serialize_map(Some(1))?;
                word.serialize_entry("bytes", self.0.as_encoded_bytes())?;
                word.end()
            }
        }
    }
}

/// How far a long run is, on a terminal that shows nothing else.
struct Progress {
    began: Instant,
    size: u64,
    at: u64,
    shown: Option<ProgressBar>,
}

/// How long a run may take before it is worth a word.
const SOON: Duration = Duration::from_millis(500);
/// How many bytes go by between two looks at the clock.
const STEP: u64 = 1 << 16;

impl Progress {
    fn new(size: u64) -> Self {
        let is_seen = io::stderr().is_terminal() && !io::stdout().is_terminal();
        let size = if is_seen { size } else { 0 };
        Progress { began: Instant::now(), size, at: 0, shown: None }
    }

    fn went(&mut self, bytes: u64) {
        let step = self.at / STEP;
        self.at += bytes;
        if self.size == 0 || self.at / STEP == step || self.began.elapsed() < SOON {
            return;
        }
        let size = self.size;
        let bar = self.shown.get_or_insert_with(|| {
            let style =
                ProgressStyle::with_template("{bytes} of {total_bytes}  {bar:30}  {eta} left");
            let bar = ProgressBar::new(size);
            if let Ok(style) = style {
                bar.set_style(style);
            }
            bar
        });
        bar.set_position(self.at);
    }

    fn end(&self) {
        if let Some(bar) = &self.shown {
            bar.finish_and_clear();
        }
    }
}
