//! What a handler is handed: the reading, the program's context, its streams.

use std::ffi::OsString;
use std::fmt;
use std::io::{BufRead, Write};
use std::ops::{Deref, DerefMut};
use std::rc::Rc;
use std::sync::Arc;

use clavret_core::Reading;

use crate::declared::FromReading;
use crate::streams::Streams;

/// A command that was called: its [`Reading`], the program's context, and the standard streams. It can be used
/// as the reading is: `call.get(&HIVE)`.
///
/// ```
/// use std::io::Write;
/// use clavret::{Call, Command, Done, Operand};
///
/// /// The program's context: whatever its commands share.
/// struct Yard { hives: Vec<String> }
///
/// static HIVE: Operand<String> = Operand::new("hive");
///
/// fn inspect(call: Call<'_, Yard>) -> Done {
///     let hive = call.get(&HIVE);
///     let known = call.context().hives.contains(hive);
///     writeln!(call.out(), "{hive}: {}", if known { "known" } else { "new" })?;
///     Ok(())
/// }
/// ```
#[doc(alias("invocation"))]
pub struct Call<'a, C: ?Sized = ()> {
    reading: Reading<'a>,
    context: &'a C,
    streams: &'a Streams<'a>,
}

impl<'a, C: ?Sized> Call<'a, C> {
    pub(crate) fn new(reading: Reading<'a>, context: &'a C, streams: &'a Streams<'a>) -> Self {
        Call { reading, context, streams }
    }

    /// What was called, with another context.
    pub(crate) fn with<'b, D: ?Sized>(self, context: &'b D) -> Call<'b, D>
    where
        'a: 'b,
    {
        Call { reading: self.reading, context, streams: self.streams }
    }

    /// The program's context.
    pub fn context(&self) -> &'a C {
        self.context
    }

    /// The standard streams.
    pub fn streams(&self) -> &'a Streams<'a> {
        self.streams
    }

    /// Standard output, to write to; in a rehearsal, the buffer that stands for it.
    pub fn out(&self) -> impl Write + use<'a, C> {
        self.streams.out()
    }

    /// Standard error, to write to; in a rehearsal, the buffer that stands for it.
    pub fn err(&self) -> impl Write + use<'a, C> {
        self.streams.err()
    }

    /// Standard input, to read from; in a rehearsal, what was given to it.
    #[inline]
    pub fn input(&self) -> Box<dyn BufRead + 'a> {
        self.streams.input()
    }

    /// The value of an environment variable; in a rehearsal, of one that was given to it.
    pub fn variable(&self, name: &str) -> Option<OsString> {
        self.streams.world().variable(name)
    }

    /// The values of a declared type, moved out of the reading: those of the command that was called,
    /// or of one above it.
    ///
    /// # Panics
    ///
    /// When the type is that of another command.
    pub fn values<T: FromReading>(&mut self) -> T {
        T::take_from(&mut self.reading)
    }
}

/// The table of its reading.
impl<C: ?Sized> fmt::Debug for Call<'_, C> {
    fn fmt(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {
        self.reading.fmt(f)
    }
}

// A handler asks its reading far more often than all else: without this it would name the reading at each value.
impl<'a, C: ?Sized> Deref for Call<'a, C> {
    type Target = Reading<'a>;

    fn deref(&self) -> &Reading<'a> {
        &self.reading
    }
}

impl<C: ?Sized> DerefMut for Call<'_, C> {
    fn deref_mut(&mut self) -> &mut Self::Target {
        &mut self.reading
    }
}

/// A context that has a `T` to lend: itself, what it points to, or by an implementation of one's own a
/// part of it. A function that takes a `&T` is a command of any program whose context lends one.
///
/// ```
/// use clavret::{Program, rehearse};
/// use clavret::handlers::Lends;
///
/// struct Clock;
/// struct Yard { clock: Clock }
///
/// /// tell the time
/// #[clavret::declare]
/// fn time(_clock: &Clock) {}
///
/// impl Lends<Clock> for Yard {
///     fn lend(&self) -> &Clock {
///         &self.clock
///     }
/// }
///
/// static TIME: Program<Yard> = Program::of::<time>();
/// rehearse(&TIME).run_in(&Yard { clock: Clock }).succeeds();
/// ```
#[diagnostic::on_unimplemented(
    message = "the program's context `{Self}` has no `{T}` to lend",
    label = "a command of this program takes a `&{T}`",
    note = "write `impl clavret::handlers::Lends<{T}> for {Self}`, or make `{T}` the program's context"
)]
#[doc(alias("dependency injection"))]
pub trait Lends<T: ?Sized> {
    /// What the command borrows.
    fn lend(&self) -> &T;
}

impl<T: ?Sized> Lends<T> for T {
    fn lend(&self) -> &T {
        self
    }
}

macro_rules! lending_pointers {
    ($($pointer:ty),*) => {$(
        impl<T: ?Sized> Lends<T> for $pointer {
            fn lend(&self) -> &T {
                self
            }
        }
    )*};
}

lending_pointers!(&T, Box<T>, Rc<T>, Arc<T>);
