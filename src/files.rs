//! Files as values: an input that is opened when it is read, an output that takes its place when it
//! is whole.

use std::ffi::OsStr;
use std::fmt;
use std::fs::File;
use std::io::{self, BufRead, BufReader, BufWriter, ErrorKind, Read, Write};
use std::path::{Path, PathBuf};

use clavret_core::{FromWord, Kind, Misfit, Refers, message, visible};

use crate::beside::Beside;
use crate::place::{Found, Place, find};
use crate::streams::Streams;

/// Where to read from: a file, or standard input for `-`. Nothing is opened before it is asked for.
///
/// ```
/// use clavret::{FromWord, Input, Streams};
/// let input = Input::from_word("Cargo.toml".as_ref()).unwrap();
/// assert!(input.read_to_string(&Streams::SYSTEM).unwrap().contains("[package]"));
/// assert!(Input::from_word("".as_ref()).is_err());
/// ```
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct Input(PathBuf);

/// Where to write to: a file, or standard output for `-`. Nothing is opened before it is asked for,
/// and an old file stays as it is until the new one is finished.
///
/// ```
/// use std::io::Write;
/// use clavret::{FromWord, Output, Streams};
///
/// let folder = tempfile::tempdir().unwrap();
/// let path = folder.path().join("season.csv");
/// let output = Output::from_word(path.as_ref()).unwrap();
///
/// let mut writing = output.create(&Streams::SYSTEM, true).unwrap();
/// writing.write_all(b"code,frames\n").unwrap();
/// assert!(!path.exists(), "a failed run leaves nothing half-written");
/// writing.finish().unwrap();
/// assert!(path.exists());
///
/// assert!(output.create(&Streams::SYSTEM, false).is_err(), "the file is there, and may not be overwritten");
/// ```
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct Output(PathBuf);

macro_rules! file_kinds {
    ($($type:ident)*) => {$(
        impl FromWord for $type {
            const KIND: &'static Kind = &Kind::PATH.refers(Refers::Path);

            fn from_word(word: &OsStr) -> Result<Self, Misfit> {
                PathBuf::from_word(word).map($type)
            }
        }

        impl From<PathBuf> for $type {
            fn from(path: PathBuf) -> Self {
                $type(path)
            }
        }

        impl $type {
            /// The path as it was typed; `-` for the standard stream.
            pub fn path(&self) -> &Path {
                &self.0
            }

            /// Whether it is the standard stream.
            pub fn is_standard(&self) -> bool {
                self.0 == Path::new("-")
            }
        }
    )*};
}

file_kinds!(Input Output);

impl Input {
    /// Opens it for reading; `-` is the input of `streams`.
    ///
    /// # Errors
    ///
    /// The system's, when the file cannot be opened; its text names the file.
    pub fn open<'s>(&self, streams: &Streams<'s>) -> io::Result<Box<dyn BufRead + 's>> {
        if self.is_standard() {
            return Ok(streams.input());
        }
        let file = File::open(&self.0).map_err(|error| cannot(Done::Read, &self.0, &error))?;
        Ok(Box::new(BufReader::new(file)))
    }

    /// All of it as text.
    ///
    /// # Errors
    ///
    /// As [`open`](Input::open); also when it is not UTF-8.
    pub fn read_to_string(&self, streams: &Streams<'_>) -> io::Result<String> {
        let mut text = String::new();
        let read = self.open(streams)?.read_to_string(&mut text);
        read.map_err(|error| cannot(Done::Read, &self.0, &error))?;
        Ok(text)
    }
}

impl Output {
    /// Begins to write it; `-` is the output of `streams`. A file that is there already is only replaced when
    /// `overwrite` says so. Links are followed, also to what is not there yet; what is replaced keeps its mode,
    /// and its owner where that is permitted. A file that has other names (hard links) is written in its place
    /// once all is written beside it: it alone can be torn, if the system fails in that moment.
    ///
    /// # Errors
    ///
    /// The system's, when nothing can be written beside the file; [`io::ErrorKind::AlreadyExists`]
    /// when it is there and may not be overwritten. The text names the file.
    pub fn create<'s>(&self, streams: &Streams<'s>, overwrite: bool) -> io::Result<Writing<'s>> {
        if self.is_standard() {
            let out: Box<dyn Write + 's> = Box::new(streams.out());
            return Ok(Writing(Target::Standard(BufWriter::new(out))));
        }
        let failed = |error: io::Error| cannot(Done::Written, &self.0, &error);
        match find(&self.0, overwrite).map_err(failed)? {
            Found::Special(file) => Ok(Writing(Target::Special(BufWriter::new(file)))),
            Found::Place(place) => {
                let file = place.beside().map_err(|error| match error.kind() {
                    ErrorKind::NotFound => no_folder(&self.0, place.folder()),
                    _ => failed(error),
                })?;
                let (file, typed) = (BufWriter::new(file), self.0.clone());
                Ok(Writing(Target::File { file, place, typed }))
            }
        }
    }
}

/// What was to be done with a file.
#[derive(Clone, Copy)]
enum Done {
    Read,
    Written,
}

/// An error with the file's name and our own words in front of it; the system's stand in brackets where
/// ours would not say more.
fn cannot(done: Done, path: &Path, error: &io::Error) -> io::Error {
    let name = visible(&path.display().to_string());
    let done_to = match done {
        Done::Read => "read",
        Done::Written => "written",
    };
    let why = match (error.kind(), done) {
        (ErrorKind::NotFound, Done::Read) => ": there is nothing at that path".to_owned(),
        (ErrorKind::NotFound, Done::Written) => ": it is gone".to_owned(),
        (ErrorKind::AlreadyExists, _) => ": it exists already".to_owned(),
        (ErrorKind::PermissionDenied, _) => ": it is not permitted".to_owned(),
        (ErrorKind::IsADirectory, _) => ": it is a folder".to_owned(),
        (ErrorKind::InvalidData, _) => ": it is not text in UTF-8".to_owned(),
        _ if error.get_ref().is_some() => format!(": {error}"),
        _ => format!(" ({})", message(error)),
    };
    io::Error::new(error.kind(), format!("{name} cannot be {done_to}{why}"))
}

/// There is no folder to write into.
fn no_folder(path: &Path, folder: &Path) -> io::Error {
    let [name, folder] = [path, folder].map(|path| visible(&path.display().to_string()));
    let what =
        format!("{name} cannot be written: no folder '{folder}': create it, or name another");
    io::Error::new(ErrorKind::NotFound, what)
}

/// An output that is being written. What is written becomes the file when it is
/// [finished](Writing::finish); dropped before, it leaves nothing behind.
#[must_use = "nothing is kept until it is finished"]
pub struct Writing<'s>(Target<'s>);

enum Target<'s> {
    Standard(BufWriter<Box<dyn Write + 's>>),
    Special(BufWriter<File>),
    File { file: BufWriter<Beside>, place: Box<Place>, typed: PathBuf },
}

impl Writing<'_> {
    /// Puts the file in its place; it is on the disk then, and so is its name.
    ///
    /// # Errors
    ///
    /// The system's, when the rest cannot be written or the file not be renamed; the old one is
    /// whole then.
    pub fn finish(self) -> io::Result<()> {
        match self.0 {
            Target::Standard(mut out) => out.flush(),
            Target::Special(mut file) => file.flush(),
            Target::File { file, place, typed } => {
                let failed = |error: &io::Error| cannot(Done::Written, &typed, error);
                let file = file.into_inner().map_err(|error| failed(error.error()))?;
                place.take(file).map_err(|error| failed(&error))
            }
        }
    }
}

impl Target<'_> {
    /// An error in writing, with the file's name where it has one.
    fn cannot(&self, error: io::Error) -> io::Error {
        match self {
            Target::File { typed, .. } => cannot(Done::Written, typed, &error),
            Target::Standard(_) | Target::Special(_) => error,
        }
    }

    fn stream(&mut self) -> &mut dyn Write {
        match self {
            Target::Standard(out) => out,
            Target::Special(file) => file,
            Target::File { file, .. } => file,
        }
    }
}

impl fmt::Debug for Writing<'_> {
    fn fmt(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {
        f.debug_struct("Writing").finish_non_exhaustive()
    }
}

impl Write for Writing<'_> {
    fn write(&mut self, bytes: &[u8]) -> io::Result<usize> {
        let done = self.0.stream().write(bytes);
        done.map_err(|error| self.0.cannot(error))
    }

    fn flush(&mut self) -> io::Result<()> {
        let done = self.0.stream().flush();
        done.map_err(|error| self.0.cannot(error))
    }
}
