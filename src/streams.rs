//! What a program runs in: its standard streams, and the world that its words are read in. A
//! program's own are the process's; a rehearsal's are kept in memory.

use std::io::{self, BufRead, ErrorKind, Read, Write};
use std::sync::{Mutex, MutexGuard, PoisonError};

use clavret_core::inner::io_message;
use clavret_core::look::{Look, When};
use clavret_core::world::World;

use crate::system::SYSTEM;
use crate::terminal::{self, Stream};

/// The standard streams of a program. What is written through them is seen by a
/// [rehearsal](crate::rehearse) too; what `println!` writes is not. Their errors name the stream:
/// "standard output cannot be written (No space left on device)".
///
/// ```
/// use std::io::Write;
/// use clavret::{Call, Done};
///
/// fn list(call: Call<'_>) -> Done {
///     writeln!(call.out(), "A1")?;
///     Ok(())
/// }
/// ```
#[derive(Debug)]
pub struct Streams<'s>(Kind<'s>);

#[derive(Debug)]
enum Kind<'s> {
    System,
    Stage(&'s Stage<'s>),
}

/// Streams in memory, and the world beside them.
pub(crate) struct Stage<'s> {
    pub(crate) world: &'s dyn World,
    pub(crate) input: &'s Mutex<io::Cursor<Vec<u8>>>,
    pub(crate) look: Look,
    pub(crate) out: Mutex<Vec<u8>>,
    pub(crate) err: Mutex<Vec<u8>>,
}

impl std::fmt::Debug for Stage<'_> {
    fn fmt(&self, f: &mut std::fmt::Formatter<'_>) -> std::fmt::Result {
        f.debug_struct("Stage").finish_non_exhaustive()
    }
}

impl<'s> Streams<'s> {
    /// The standard streams of the process.
    pub const SYSTEM: Streams<'static> = Streams(Kind::System);

    pub(crate) fn of(stage: &'s Stage<'s>) -> Self {
        Streams(Kind::Stage(stage))
    }

    /// Standard output, to write to; in a rehearsal, the buffer that stands for it.
    pub fn out(&self) -> impl Write + use<'s> {
        match self.0 {
            Kind::System => Target::Out(io::stdout()),
            Kind::Stage(stage) => Target::Kept(&stage.out),
        }
    }

    /// Standard error, to write to; in a rehearsal, the buffer that stands for it.
    pub fn err(&self) -> impl Write + use<'s> {
        match self.0 {
            Kind::System => Target::Err(io::stderr()),
            Kind::Stage(stage) => Target::Kept(&stage.err),
        }
    }

    /// Standard input, to read from; in a rehearsal, what was given to it.
    #[inline] // whoever reads it compiles the readers
    pub fn input(&self) -> Box<dyn BufRead + 's> {
        match self.0 {
            Kind::System => Box::new(io::stdin().lock()),
            Kind::Stage(stage) => Box::new(io::BufReader::new(Kept(stage.input))),
        }
    }

    /// Whether standard input can be read.
    ///
    /// # Errors
    ///
    /// What keeps it from that.
    #[cfg(feature = "files")]
    pub(crate) fn check_input(&self) -> io::Result<()> {
        match self.0 {
            Kind::System => terminal::check_input(),
            Kind::Stage(_) => Ok(()),
        }
    }

    /// The width of standard output's terminal in columns: at most 100, and 80 without one.
    pub fn width(&self) -> usize {
        self.look(Stream::Out, When::Auto).columns()
    }

    /// How to draw what goes to standard output, where the line says `when` to colour.
    pub fn out_look(&self, when: When) -> Look {
        self.look(Stream::Out, when)
    }

    /// How a page or faults are drawn on standard error: its width, and whether it shows colour.
    pub fn error_look(&self, when: When) -> Look {
        self.look(Stream::Error, when)
    }

    /// Whether they are those of the process.
    #[cfg(any(feature = "complete", feature = "document"))]
    pub(crate) const fn are_of_system(&self) -> bool {
        matches!(self.0, Kind::System)
    }

    pub(crate) fn world(&self) -> &'s dyn World {
        match self.0 {
            Kind::System => &SYSTEM,
            Kind::Stage(stage) => stage.world,
        }
    }

    /// How to draw for a stream, where the line says `when` to colour.
    pub(crate) fn look(&self, stream: Stream, when: When) -> Look {
        match (&self.0, when) {
            (Kind::System, _) => terminal::look(stream, when),
            (Kind::Stage(stage), When::Auto) => stage.look,
            (Kind::Stage(stage), _) => stage.look.color(when == When::Always),
        }
    }
}

/// Where written bytes go.
enum Target<'s> {
    Out(io::Stdout),
    Err(io::Stderr),
    Kept(&'s Mutex<Vec<u8>>),
}

impl Write for Target<'_> {
    fn write(&mut self, bytes: &[u8]) -> io::Result<usize> {
        match self {
            Target::Out(out) => out.write(bytes).map_err(|error| unwritten(Stream::Out, error)),
            Target::Err(err) => err.write(bytes).map_err(|error| unwritten(Stream::Error, error)),
            Target::Kept(kept) => locked(kept).write(bytes),
        }
    }

    // What `println!` is written by, which is there in any case.
    fn write_all(&mut self, bytes: &[u8]) -> io::Result<()> {
        match self {
            Target::Out(out) => out.write_all(bytes).map_err(|error| unwritten(Stream::Out, error)),
            Target::Err(err) => {
                err.write_all(bytes).map_err(|error| unwritten(Stream::Error, error))
            }
            Target::Kept(kept) => locked(kept).write_all(bytes),
        }
    }

    fn flush(&mut self) -> io::Result<()> {
        match self {
            Target::Out(out) => out.flush().map_err(|error| unwritten(Stream::Out, error)),
            Target::Err(err) => err.flush().map_err(|error| unwritten(Stream::Error, error)),
            Target::Kept(_) => Ok(()),
        }
    }
}

/// An error in writing to a stream, which it names.
#[cold]
pub(crate) fn unwritten(stream: Stream, error: io::Error) -> io::Error {
    let name = match stream {
        Stream::Out => "output",
        Stream::Error => "error",
    };
    match error.kind() {
        // Whoever writes tries again.
        ErrorKind::Interrupted => error,
        kind => {
            let why = io_message(&error);
            io::Error::new(kind, format!("standard {name} cannot be written ({why})"))
        }
    }
}

/// Standard input that is kept in memory: what one reader leaves, the next one gets.
pub(crate) struct Kept<'s>(pub(crate) &'s Mutex<io::Cursor<Vec<u8>>>);

impl Read for Kept<'_> {
    #[inline]
    fn read(&mut self, bytes: &mut [u8]) -> io::Result<usize> {
        locked(self.0).read(bytes)
    }
}

/// A panic of the program leaves what it has written so far.
pub(crate) fn locked<T>(mutex: &Mutex<T>) -> MutexGuard<'_, T> {
    mutex.lock().unwrap_or_else(PoisonError::into_inner)
}
