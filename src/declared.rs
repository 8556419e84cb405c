//! The traits that the macros implement: what declares a command, what is read from one, what acts.

use clavret_core::{Command, Reading};

use crate::call::Call;
use crate::end::Done;
use crate::route::Route;

/// What declares a command: a struct or an enum by `#[derive(Declare)]`, a function or an `impl`
/// block by `#[clavret::declare]`.
///
/// Its command joins any tree: `.commands(&[Inspect::COMMAND, &REPORT])`.
#[diagnostic::on_unimplemented(
    message = "`{Self}` declares no command",
    label = "no `#[derive(Declare)]` stands above this type",
    note = "types declare commands by `#[derive(clavret::Declare)]`, functions and `impl` blocks by `#[clavret::declare]`"
)]
pub trait Declare {
    /// The command, as a static.
    const COMMAND: &'static Command<'static>;
}

/// A declared type whose values come from a reading.
#[diagnostic::on_unimplemented(
    message = "`{Self}` cannot be read from a command line",
    label = "no `#[derive(Declare)]` stands above this type",
    note = "write `#[derive(clavret::Declare)]` above `{Self}`"
)]
pub trait FromReading: Declare + Sized {
    /// Moves the values out of a reading of its command, or of one below that.
    ///
    /// # Panics
    ///
    /// When the reading is that of another command.
    fn take_from(reading: &mut Reading<'_>) -> Self;
}

impl<T: Declare> Declare for Box<T> {
    const COMMAND: &'static Command<'static> = T::COMMAND;
}

impl<T: FromReading> FromReading for Box<T> {
    fn take_from(reading: &mut Reading<'_>) -> Self {
        Box::new(T::take_from(reading))
    }
}

/// A declared type that does its command's work.
///
/// ```
/// use std::io::Write;
/// use clavret::{Act, Call, Declare, Done, Program, rehearse};
///
/// /// greet a hive
/// #[derive(Declare)]
/// struct Greet {
///     /// code of the hive
///     #[operand]
///     hive: String,
/// }
///
/// impl Act for Greet {
///     fn act(self, call: &Call<'_>) -> Done {
///         Ok(writeln!(call.out(), "hello, {}", self.hive)?)
///     }
/// }
///
/// static GREET: Program = Program::of::<Greet>();
/// rehearse(&GREET).words(["A7"]).run().succeeds().prints("hello, A7\n");
/// ```
///
/// Work that is `async` is finished here, by the `block_on` of whichever runtime the program has:
///
/// ```
/// use std::io::Write;
/// use clavret::{Act, Call, Declare, Done, Program, rehearse};
///
/// /// weigh a hive
/// #[derive(Declare)]
/// struct Weigh;
///
/// impl Act for Weigh {
///     fn act(self, call: &Call<'_>) -> Done {
///         let weight = pollster::block_on(async { 31.5 });
///         Ok(writeln!(call.out(), "{weight} kg")?)
///     }
/// }
///
/// static WEIGH: Program = Program::of::<Weigh>();
/// rehearse(&WEIGH).run().succeeds().prints("31.5 kg\n");
/// ```
#[diagnostic::on_unimplemented(
    message = "`{Self}` does not say what its command does with a context of `{C}`",
    label = "`Act<{C}>` is not implemented for this type",
    note = "write `impl Act<{C}> for {Self} {{ fn act(self, call: &Call<'_, {C}>) -> Done {{ … }} }}`"
)]
pub trait Act<C: ?Sized = ()>: FromReading {
    /// Does the work.
    ///
    /// # Errors
    ///
    /// Its own, of any type.
    fn act(self, call: &Call<'_, C>) -> Done;
}

/// What brings a command and its handlers: a type that [acts](Act), a declared function, a declared
/// `impl` block.
#[diagnostic::on_unimplemented(
    message = "`{Self}` has no handlers for a program whose context is `{C}`",
    note = "a derived type has them by `impl clavret::Act for {Self}`, or by `Act<Yard>` where the program's context is a `Yard`; a function and an `impl` block by `#[clavret::declare]`"
)]
pub trait Routed<C: 'static>: Declare {
    /// The handlers of the command and of those below it.
    const ROUTES: &'static [Route<'static, C>];
}
