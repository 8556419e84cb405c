//! Files as values: an input that is opened when it is read, an output that takes its place when it
//! is whole.

use std::ffi::OsStr;
use std::fmt;
use std::fs::File;
use std::io::{self, BufRead, BufReader, BufWriter, ErrorKind, Read, Write};
use std::path::{Path, PathBuf};

use clavret_core::ask::Standard;
use clavret_core::look::visible;
use clavret_core::world::message;
use clavret_core::{FromWord, Kind, Refers, Refusal};

use crate::beside::Beside;
use crate::site::{Found, Site, find};
use crate::streams::Streams;

/// Where to read from: a file, or standard input for `-`. Nothing is opened before it is asked for.
///
/// A standard input that is closed (`<&-`) is an error, on Unix, and not an empty text. Rust's own start
/// puts `/dev/null` in its place, for reading and writing, so whoever means an empty input gives it by a
/// pipe, a file or `</dev/null`, which a shell opens for reading alone.
///
/// ```
/// use clavret::{FromWord, Input, Streams};
/// let input = Input::from_word("Cargo.toml".as_ref()).unwrap();
/// assert!(input.read_to_string(&Streams::SYSTEM).unwrap().contains("[package]"));
/// assert!(Input::from_word("".as_ref()).is_err());
/// ```
#[doc(alias("stdin"))]
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
#[doc(alias("stdout", "atomic write"))]
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct Output(PathBuf);

macro_rules! file_kinds {
    ($($type:ident)*) => {$(
        impl FromWord for $type {
            const KIND: &'static Kind<'static> = &Kind::PATH.refers(Refers::Path);
            const STANDARD: Option<Standard> = Some(Standard::Path);

            fn from_word(word: &OsStr) -> Result<Self, Refusal> {
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
    /// The system's, when the file cannot be opened. Its text names the file, as does that of an error in
    /// reading on.
    pub fn open<'s>(&self, streams: &Streams<'s>) -> io::Result<Box<dyn BufRead + 's>> {
        let failed = |error| cannot(Done::Read, &self.0, &error);
        let from: Box<dyn BufRead + 's> = if self.is_standard() {
            streams.check_input().map_err(failed)?;
            streams.input()
        } else {
            Box::new(BufReader::new(File::open(&self.0).map_err(failed)?))
        };
        Ok(Box::new(Opened { from, typed: self.0.clone() }))
    }

    /// All of it as text.
    ///
    /// # Errors
    ///
    /// As [`open`](Input::open); also when it is not UTF-8.
    pub fn read_to_string(&self, streams: &Streams<'_>) -> io::Result<String> {
        let mut text = String::new();
        self.open(streams)?.read_to_string(&mut text)?;
        Ok(text)
    }
}

/// An input that is being read, whose errors name it.
struct Opened<'s> {
    from: Box<dyn BufRead + 's>,
    typed: PathBuf,
}

impl Read for Opened<'_> {
    fn read(&mut self, bytes: &mut [u8]) -> io::Result<usize> {
        self.from.read(bytes).map_err(|error| cannot(Done::Read, &self.typed, &error))
    }

    // This and `read_line` find what is not UTF-8, and so are the ones that have to name it.
    fn read_to_string(&mut self, text: &mut String) -> io::Result<usize> {
        self.from.read_to_string(text).map_err(|error| cannot(Done::Read, &self.typed, &error))
    }
}

impl BufRead for Opened<'_> {
    fn fill_buf(&mut self) -> io::Result<&[u8]> {
        self.from.fill_buf().map_err(|error| cannot(Done::Read, &self.typed, &error))
    }

    fn consume(&mut self, count: usize) {
        self.from.consume(count);
    }

    fn read_line(&mut self, line: &mut String) -> io::Result<usize> {
        self.from.read_line(line).map_err(|error| cannot(Done::Read, &self.typed, &error))
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
            return Ok(self.writing(Target::Standard(BufWriter::new(out))));
        }
        let failed = |error: io::Error| cannot(Done::Written, &self.0, &error);
        match find(&self.0, overwrite).map_err(failed)? {
            Found::Special(file) => Ok(self.writing(Target::Special(BufWriter::new(file)))),
            Found::Site(place) => {
                let file = place.beside();
                let file = file.map_err(|error| no_place(&self.0, place.folder(), &error))?;
                Ok(self.writing(Target::File(BufWriter::new(file), place)))
            }
        }
    }

    fn writing<'s>(&self, target: Target<'s>) -> Writing<'s> {
        Writing { target, typed: self.0.clone() }
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
    let (name, done_to) = match done {
        Done::Read if path == Path::new("-") => ("standard input".to_owned(), "read"),
        Done::Read => (visible(&path.display().to_string()), "read"),
        Done::Written => (visible(&path.display().to_string()), "written"),
    };
    let why = match (error.kind(), done) {
        _ if error.get_ref().is_some() => format!(": {error}"),
        (ErrorKind::NotFound, Done::Read) => ": there is nothing at that path".to_owned(),
        (ErrorKind::NotFound, Done::Written) => ": it is gone".to_owned(),
        (ErrorKind::AlreadyExists, _) => ": it exists already".to_owned(),
        (ErrorKind::PermissionDenied, _) => ": it is not permitted".to_owned(),
        (ErrorKind::IsADirectory, _) => ": it is a folder".to_owned(),
        (ErrorKind::InvalidData, _) => ": it is not text in UTF-8".to_owned(),
        (ErrorKind::InvalidFilename, _) => {
            format!(": no file can have that name here ({})", message(error))
        }
        _ => format!(" ({})", message(error)),
    };
    io::Error::new(error.kind(), format!("{name} cannot be {done_to}{why}"))
}

/// What is said where the folder is one that nothing can be put into.
fn no_place(path: &Path, folder: &Path, error: &io::Error) -> io::Error {
    let folder = visible(&folder.display().to_string());
    let why = match error.kind() {
        ErrorKind::NotFound => format!("no folder '{folder}': create it, or name another"),
        ErrorKind::NotADirectory => format!("'{folder}' is no folder: name another"),
        ErrorKind::PermissionDenied => format!("nothing may be put into the folder '{folder}'"),
        _ => return cannot(Done::Written, path, error),
    };
    cannot(Done::Written, path, &io::Error::new(error.kind(), why))
}

/// An output that is being written. What is written becomes the file when it is
/// [finished](Writing::finish); dropped before, it leaves nothing behind.
#[must_use = "nothing is kept until it is finished"]
pub struct Writing<'s> {
    target: Target<'s>,
    typed: PathBuf,
}

enum Target<'s> {
    Standard(BufWriter<Box<dyn Write + 's>>),
    Special(BufWriter<File>),
    File(BufWriter<Beside>, Box<Site>),
}

impl Writing<'_> {
    /// Puts the file in its place; it is on the disk then, and so is its name.
    ///
    /// # Errors
    ///
    /// The system's, when the rest cannot be written or the file not be renamed; the old one is
    /// whole then.
    pub fn finish(self) -> io::Result<()> {
        let Writing { target, typed } = self;
        let done = match target {
            // The stream names itself.
            Target::Standard(mut out) => return out.flush(),
            Target::Special(mut file) => file.flush(),
            Target::File(file, place) => match file.into_inner() {
                Ok(file) => place.take(file),
                Err(error) => Err(error.into_error()),
            },
        };
        done.map_err(|error| cannot(Done::Written, &typed, &error))
    }

    /// Does something to what is written to; an error names the file.
    fn with<T>(&mut self, act: impl FnOnce(&mut dyn Write) -> io::Result<T>) -> io::Result<T> {
        let done = match &mut self.target {
            Target::Standard(out) => return act(out),
            Target::Special(file) => act(file),
            Target::File(file, _) => act(file),
        };
        done.map_err(|error| cannot(Done::Written, &self.typed, &error))
    }
}

impl fmt::Debug for Writing<'_> {
    fn fmt(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {
        f.debug_struct("Writing").finish_non_exhaustive()
    }
}

impl Write for Writing<'_> {
    fn write(&mut self, bytes: &[u8]) -> io::Result<usize> {
        self.with(|out| out.write(bytes))
    }

    fn flush(&mut self) -> io::Result<()> {
        self.with(|out| out.flush())
    }
}
