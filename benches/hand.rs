//! The program by hand: what a careful person writes who knows the conventions.

use std::ffi::{OsStr, OsString};

use crate::inspection::Inspection;

/// What a line asks for.
#[derive(Debug, PartialEq)]
pub(crate) enum Line {
    Inspect(Inspection),
    Help,
}

pub(crate) const USAGE: &str = "usage: apiary [-y DIR] [-q] [-v]... inspect [-c|-r] [-f COUNT] \
                                [-t DEGREES] [--note TEXT]... HIVE";

enum Name {
    Yard,
    Frames,
    Temp,
    Note,
}

/// Reads a line.
pub(crate) fn read(words: &[OsString]) -> Result<Line, String> {
    let mut line = Inspection::default();
    let mut state = State::default();
    let mut words = words.iter();
    while let Some(word) = words.next() {
        let bytes = word.as_encoded_bytes();
        if state.ended {
            state.operand(&mut line, word)?;
        } else if bytes == b"--" {
            state.ended = true;
        } else if let Some(name) = bytes.strip_prefix(b"--") {
            long(&mut line, &mut state, name, word, &mut words)?;
        } else if bytes.len() > 1 && bytes[0] == b'-' {
            cluster(&mut line, &mut state, word, &mut words)?;
        } else {
            state.operand(&mut line, word)?;
        }
    }
    if state.help {
        return Ok(Line::Help);
    }
    if !state.inspect {
        return Err("a command is missing".to_owned());
    }
    if !state.hive {
        return Err("HIVE is missing".to_owned());
    }
    if let Some(problem) = state.problem {
        return Err(problem);
    }
    Ok(Line::Inspect(line))
}

#[derive(Default)]
struct State {
    ended: bool,
    inspect: bool,
    hive: bool,
    help: bool,
    /// The first thing that is wrong, which a request for help hides.
    problem: Option<String>,
}

impl State {
    fn operand(&mut self, line: &mut Inspection, word: &OsStr) -> Result<(), String> {
        if !self.inspect {
            if word == "inspect" && !self.ended {
                self.inspect = true;
                return Ok(());
            }
            self.refuse(format!("{word:?} is not a command"));
        } else if self.hive {
            self.refuse(format!("{word:?} is a word too many"));
        } else {
            self.hive = true;
            match word.to_str() {
                Some(hive) => line.hive = hive.to_owned(),
                None => self.refuse("HIVE is not text".to_owned()),
            }
        }
        Ok(())
    }

    fn refuse(&mut self, problem: String) {
        self.problem.get_or_insert(problem);
    }
}

fn long<'w>(
    line: &mut Inspection,
    state: &mut State,
    name: &[u8],
    word: &'w OsStr,
    words: &mut std::slice::Iter<'w, OsString>,
) -> Result<(), String> {
    let equals = name.iter().position(|&byte| byte == b'=');
    let (name, attached) = match equals {
        Some(at) => (&name[..at], Some(at + 3)),
        None => (name, None),
    };
    let wanted = match name {
        b"yard" => Name::Yard,
        b"frames" if state.inspect => Name::Frames,
        b"temp" if state.inspect => Name::Temp,
        b"note" if state.inspect => Name::Note,
        b"quiet" | b"calm" | b"restless" | b"help" => {
            match name {
                b"quiet" => line.quiet = true,
                b"help" => state.help |= attached.is_none(),
                _ if !state.inspect => state.refuse(format!("{word:?} is not an option here")),
                name => line.calm = name == b"calm",
            }
            if attached.is_some() {
                state.refuse(format!("{word:?} takes no value"));
            }
            return Ok(());
        }
        _ => {
            state.refuse(format!("{word:?} is not an option here"));
            return Ok(());
        }
    };
    match attached {
        Some(at) => value(line, state, wanted, &tail(word, at)),
        None => next_value(line, state, wanted, words),
    }
    Ok(())
}

fn cluster<'w>(
    line: &mut Inspection,
    state: &mut State,
    word: &'w OsStr,
    words: &mut std::slice::Iter<'w, OsString>,
) -> Result<(), String> {
    let bytes = word.as_encoded_bytes();
    let mut at = 1;
    while at < bytes.len() {
        let wanted = match bytes[at] {
            b'q' => {
                line.quiet = true;
                None
            }
            b'v' => {
                line.verbosity += 1;
                None
            }
            b'h' => {
                state.help = true;
                None
            }
            letter @ (b'c' | b'r') if state.inspect => {
                line.calm = letter == b'c';
                None
            }
            b'y' => Some(Name::Yard),
            b'f' if state.inspect => Some(Name::Frames),
            b't' if state.inspect => Some(Name::Temp),
            _ => {
                state.refuse(format!("{word:?} is not an option here"));
                return Ok(());
            }
        };
        at += 1;
        if let Some(wanted) = wanted {
            if at < bytes.len() {
                value(line, state, wanted, &tail(word, at));
            } else {
                next_value(line, state, wanted, words);
            }
            return Ok(());
        }
    }
    Ok(())
}

fn next_value<'w>(
    line: &mut Inspection,
    state: &mut State,
    wanted: Name,
    words: &mut std::slice::Iter<'w, OsString>,
) {
    match words.next() {
        Some(word) => value(line, state, wanted, word),
        None => state.refuse("a value is missing".to_owned()),
    }
}

fn value(line: &mut Inspection, state: &mut State, wanted: Name, word: &OsStr) {
    match wanted {
        Name::Yard if word.is_empty() => state.refuse("--yard takes a path".to_owned()),
        Name::Yard => line.yard = Some(word.into()),
        Name::Frames => match word.to_str().and_then(|text| text.parse().ok()) {
            Some(frames @ 0..=20) => line.frames = frames,
            _ => state.refuse(format!("--frames takes a whole number from 0 to 20, not {word:?}")),
        },
        Name::Temp => match word.to_str().and_then(|text| text.parse::<f64>().ok()) {
            Some(temp) if (-20.0..=60.0).contains(&temp) => line.temp = Some(temp),
            _ => state.refuse(format!("--temp takes a number from -20 to 60, not {word:?}")),
        },
        Name::Note => match word.to_str() {
            Some(note) => line.notes.push(note.to_owned()),
            None => state.refuse("--note takes text".to_owned()),
        },
    }
}

#[cfg(unix)]
fn tail(word: &OsStr, at: usize) -> std::borrow::Cow<'_, OsStr> {
    use std::os::unix::ffi::OsStrExt;
    std::borrow::Cow::Borrowed(OsStr::from_bytes(&word.as_bytes()[at..]))
}

#[cfg(not(unix))]
fn tail(word: &OsStr, at: usize) -> std::borrow::Cow<'_, OsStr> {
    let text = word.to_string_lossy();
    std::borrow::Cow::Owned(text.get(at..).unwrap_or_default().into())
}
