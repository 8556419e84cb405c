//! The world of a process: its environment, its files, its standard input.

use std::ffi::OsString;
use std::io::{BufRead, BufReader, Read};
use std::path::Path;

use clavret_core::{Presence, Settings, World};

/// The world that [`run`](crate::run) reads in: the environment of the process, and the files of the
/// system.
pub static SYSTEM: System = System;

/// See [`SYSTEM`].
#[derive(Debug)]
pub struct System;

/// The longest first line of a secret's file that is read.
const LONGEST: u64 = 1 << 20;

impl World for System {
    fn variable(&self, name: &str) -> Option<OsString> {
        std::env::var_os(name)
    }

    fn presence(&self, path: &Path) -> Presence {
        match std::fs::metadata(path) {
            Ok(found) if found.is_dir() => Presence::Directory,
            Ok(_) => Presence::File,
            // A link that leads nowhere is something that a new file would be in the way of.
            Err(_) if path.is_symlink() => Presence::File,
            Err(_) => Presence::Nothing,
        }
    }

    fn first_line(&self, file: &Path) -> Result<OsString, String> {
        if file == Path::new("-") {
            return first_line(std::io::stdin().lock());
        }
        first_line(std::fs::File::open(file).map_err(|error| error.to_string())?)
    }

    #[cfg(feature = "config")]
    fn settings(&self, name: &str, file: Option<&Path>) -> Result<Option<Settings>, String> {
        crate::config::settings(name, file)
    }

    #[cfg(not(feature = "config"))]
    fn settings(&self, _: &str, _: Option<&Path>) -> Result<Option<Settings>, String> {
        Err("this program is built without the feature `config`".to_owned())
    }
}

/// The first line of a reader without its end, in whatever bytes it has.
fn first_line(reader: impl Read) -> Result<OsString, String> {
    let mut line = Vec::new();
    let mut reader = BufReader::new(reader).take(LONGEST);
    reader.read_until(b'\n', &mut line).map_err(|error| error.to_string())?;
    let end = line.len() - line.iter().rev().take_while(|byte| b"\r\n".contains(byte)).count();
    line.truncate(end);
    as_word(line)
}

#[cfg(unix)]
fn as_word(line: Vec<u8>) -> Result<OsString, String> {
    Ok(std::os::unix::ffi::OsStringExt::from_vec(line))
}

#[cfg(not(unix))]
fn as_word(line: Vec<u8>) -> Result<OsString, String> {
    String::from_utf8(line).map(OsString::from).map_err(|_| "its first line is no text".to_owned())
}
