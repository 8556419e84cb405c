//! What generated code calls. It is free to change with the macros, which are pinned to it.

#[cfg(feature = "asked")]
pub use linkme;

pub use clavret_core::inner::{Brought, commands_of, declared_in, looked_at};
pub use clavret_core::shape::Shape;
pub use clavret_core::{
    Bundle, Choice, Command, Flag, Named, Offer, Operand, Reading, Rule, Tally,
};

#[cfg(feature = "asked")]
pub use crate::asked::{Base, QUESTIONS, Question, Subject, ask, ask_bundle};
pub use crate::call::Lends;
pub use crate::declared::{Act, Declare, FromReading, Routed};
pub use crate::end::Ending;
pub use crate::package::{either, first};
pub use crate::route::Route;

/// The route of a type that acts.
pub const fn acting<T: Act<C>, C: 'static>() -> Route<'static, C> {
    Route::acting::<T>()
}

/// Where the subcommands of a struct come from: a declared enum, or an option of one.
#[diagnostic::on_unimplemented(
    message = "`{Self}` declares no subcommands",
    note = "`#[commands]` takes an enum with `#[derive(clavret::Declare)]`, or an `Option` of one"
)]
pub trait Subcommands: Sized {
    /// The command whose subcommands they are.
    const COMMAND: &'static Command<'static>;
    /// Whether a line may name none of them.
    const IS_OPTIONAL: bool;
    /// The one that was read.
    fn take_from(reading: &mut Reading<'_>) -> Self;
}

impl<T: FromReading> Subcommands for T {
    const COMMAND: &'static Command<'static> = T::COMMAND;
    const IS_OPTIONAL: bool = false;

    fn take_from(reading: &mut Reading<'_>) -> Self {
        T::take_from(reading)
    }
}

impl<T: FromReading> Subcommands for Option<T> {
    const COMMAND: &'static Command<'static> = T::COMMAND;
    const IS_OPTIONAL: bool = true;

    fn take_from(reading: &mut Reading<'_>) -> Self {
        let is_named = T::COMMAND.ask().subcommands().iter().any(|command| reading.passes(command));
        is_named.then(|| T::take_from(reading))
    }
}

/// Stops a reading of a command that is not below the one whose values are asked for.
///
/// # Panics
///
/// Always.
#[cold]
pub fn stray(reading: &Reading<'_>, command: &Command<'_>) -> ! {
    panic!("`{}` is no command below `{}`", reading.path(), command.ask().name())
}

/// A derived choice: the words of its variants, each by the number of the variant.
#[diagnostic::on_unimplemented(
    message = "`{Self}` does not tell the words of its variants (`#[derive(clavret::Choice)]` does)",
    label = "write the word that a user would type, in quotes",
    note = "write the word that a user would type: `default = \"table\"`"
)]
pub trait DerivedChoice {
    /// The words.
    const WORDS: &'static [(isize, &'static str)];
}

/// The word of a variant, by its number.
///
/// # Panics
///
/// Where there is none, which the macro does not write.
#[track_caller]
pub const fn word_of<T: DerivedChoice>(variant: isize) -> &'static str {
    let mut i = 0;
    while i < T::WORDS.len() {
        if T::WORDS[i].0 == variant {
            return T::WORDS[i].1;
        }
        i += 1;
    }
    panic!("the choice has no such variant")
}

/// Stops the build where the default of a number is written as text.
///
/// # Panics
///
/// In a constant, so that the build stops.
#[track_caller]
pub const fn word<T: Shape>(word: &'static str) -> &'static str {
    assert!(!T::IS_NUMBER, "the default is a number: write it without quotes");
    word
}
