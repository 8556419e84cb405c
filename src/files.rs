//! Files as values: an input that is opened when it is read, an output that takes its place when it
//! is whole.

use std::ffi::OsStr;
use std::fmt;
use std::fs::File;
use std::io::{self, BufRead, BufReader, BufWriter, ErrorKind, Read, Write};
use std::path::{Path, PathBuf};

use clavret_core::{FromWord, Kind, Misfit, Refers, message, visible};
use tempfile::NamedTempFile;

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
    /// Begins to write it; `-` is the output of `streams`. A file that is there already is only replaced when `overwrite` says so.
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
        if !overwrite && self.0.symlink_metadata().is_ok() {
            let error = io::ErrorKind::AlreadyExists.into();
            return Err(cannot(Done::Written, &self.0, &error));
        }
        // A device or a pipe cannot be replaced by a file, and a link stays one: its target is.
        let path = self.0.canonicalize().unwrap_or_else(|_| self.0.clone());
        let is_special = path.metadata().is_ok_and(|found| !found.is_file() && !found.is_dir());
        let failed = |error: io::Error| cannot(Done::Written, &self.0, &error);
        if is_special {
            let file = File::options().write(true).open(&path).map_err(failed)?;
            return Ok(Writing(Target::Special(BufWriter::new(file))));
        }
        let folder = path.parent().filter(|folder| !folder.as_os_str().is_empty());
        let folder = folder.unwrap_or(Path::new("."));
        let mut builder = tempfile::Builder::new();
        let file = like_any_file(&mut builder, &path).tempfile_in(folder).map_err(failed)?;
        Ok(Writing(Target::File { file: BufWriter::new(file), path, overwrite }))
    }
}

/// The permissions of the file that is replaced, else those of any new file. (A temporary one is
/// private to its user unless told otherwise.)
#[cfg(unix)]
fn like_any_file<'b, 'p, 's>(
    builder: &'b mut tempfile::Builder<'p, 's>,
    path: &Path,
) -> &'b mut tempfile::Builder<'p, 's> {
    use std::os::unix::fs::PermissionsExt;
    let any = std::fs::Permissions::from_mode(0o666);
    builder.permissions(path.metadata().map_or(any, |found| found.permissions()))
}

#[cfg(not(unix))]
fn like_any_file<'b, 'p, 's>(
    builder: &'b mut tempfile::Builder<'p, 's>,
    _: &Path,
) -> &'b mut tempfile::Builder<'p, 's> {
    builder
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
        (ErrorKind::NotFound, Done::Written) => ": its folder does not exist".to_owned(),
        (ErrorKind::AlreadyExists, _) => ": it exists already".to_owned(),
        (ErrorKind::PermissionDenied, _) => ": it is not permitted".to_owned(),
        (ErrorKind::IsADirectory, _) => ": it is a folder".to_owned(),
        (ErrorKind::InvalidData, _) => ": it is not text in UTF-8".to_owned(),
        _ => format!(" ({})", message(error)),
    };
    io::Error::new(error.kind(), format!("{name} cannot be {done_to}{why}"))
}

/// An output that is being written. What is written becomes the file when it is
/// [finished](Writing::finish); dropped before, it leaves nothing behind.
#[must_use = "nothing is kept until it is finished"]
pub struct Writing<'s>(Target<'s>);

enum Target<'s> {
    Standard(BufWriter<Box<dyn Write + 's>>),
    Special(BufWriter<File>),
    File { file: BufWriter<NamedTempFile>, path: PathBuf, overwrite: bool },
}

impl Writing<'_> {
    /// Puts the file in its place.
    ///
    /// # Errors
    ///
    /// The system's, when the rest cannot be written or the file not be renamed; the old one is
    /// whole then.
    pub fn finish(self) -> io::Result<()> {
        match self.0 {
            Target::Standard(mut out) => out.flush(),
            Target::Special(mut file) => file.flush(),
            Target::File { file, path, overwrite } => {
                let file = file
                    .into_inner()
                    .map_err(|error| cannot(Done::Written, &path, error.error()))?;
                let done =
                    if overwrite { file.persist(&path) } else { file.persist_noclobber(&path) };
                done.map(drop).map_err(|error| cannot(Done::Written, &path, &error.error))
            }
        }
    }
}

impl Target<'_> {
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
        self.0.stream().write(bytes)
    }

    fn flush(&mut self) -> io::Result<()> {
        self.0.stream().flush()
    }
}
