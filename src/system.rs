//! The world of a process: its environment, its files, its standard input.

use std::ffi::OsString;
use std::io::{self, Read};
use std::path::Path;
use std::sync::atomic::{AtomicBool, Ordering};

use clavret_core::world::{Environment, Presence, Settings, Unread, World};

/// The world that [`run`](crate::run) reads in: the environment of the process, and the files of the
/// system.
pub static SYSTEM: System = System;

/// The world of the operating system: see [`SYSTEM`].
#[derive(Debug)]
pub struct System;

/// The variable that a request is made by, to a program whose root [answers](clavret_core::Command::answers).
pub(crate) const REQUEST: &str = "CLAVRET";

/// The process does nothing but answer a request.
pub(crate) static IS_ANSWERING: AtomicBool = AtomicBool::new(false);

/// The longest first line of a secret's file that is read.
const LONGEST: usize = 1 << 20;

impl World for System {
    fn variable(&self, name: &str) -> Option<OsString> {
        std::env::var_os(name)
    }

    fn presence(&self, path: &Path) -> Presence {
        match std::fs::metadata(path) {
            Ok(found) if found.is_dir() => Presence::Directory,
            Ok(_) => Presence::File,
            // A link that leads nowhere is something that a new file would be in the way of.
            Err(_) if path.read_link().is_ok() => Presence::File,
            Err(_) => Presence::Nothing,
        }
    }

    fn first_line(&self, file: &Path) -> Result<OsString, Unread> {
        if file.as_os_str() == "-" {
            // Byte by byte, so that what follows the line is left for the program.
            return first_line(&mut |byte| io::stdin().read(byte));
        }
        let mut file = std::fs::File::open(file)?;
        first_line(&mut |byte| file.read(byte))
    }

    fn environment(&self) -> Option<Environment> {
        let environment = Environment::new(|name| std::env::var_os(name));
        // A process that was started while another one answers may have been started by a list: one that asks lists
        // too could go on for ever.
        match std::env::var_os(REQUEST) {
            None => Some(environment),
            Some(_) if IS_ANSWERING.load(Ordering::Relaxed) => Some(environment.of_answer()),
            Some(_) => None,
        }
    }

    #[cfg(feature = "config")]
    fn settings(&self, name: &str, file: Option<&Path>) -> Result<Option<Settings>, Unread> {
        crate::config::settings(name, file)
    }

    #[cfg(not(feature = "config"))]
    fn settings(&self, _: &str, _: Option<&Path>) -> Result<Option<Settings>, Unread> {
        Err(io::Error::other("this program is built without the feature `config`").into())
    }
}

/// The first line without its end, in whatever bytes it has.
pub(crate) fn first_line(
    read: &mut dyn FnMut(&mut [u8]) -> io::Result<usize>,
) -> Result<OsString, Unread> {
    let (mut line, mut byte) = (Vec::new(), [0]);
    while line.len() < LONGEST {
        match read(&mut byte) {
            Ok(1) if byte != *b"\n" => line.push(byte[0]),
            Ok(_) => break,
            Err(error) if error.kind() == io::ErrorKind::Interrupted => {}
            Err(error) => return Err(error.into()),
        }
    }
    if line.last() == Some(&b'\r') {
        line.pop();
    }
    as_word(line)
}

#[cfg(unix)]
fn as_word(line: Vec<u8>) -> Result<OsString, Unread> {
    Ok(std::os::unix::ffi::OsStringExt::from_vec(line))
}

#[cfg(not(unix))]
fn as_word(line: Vec<u8>) -> Result<OsString, Unread> {
    let text = String::from_utf8(line).map(OsString::from);
    text.map_err(|_| io::Error::from(io::ErrorKind::InvalidData).into())
}
