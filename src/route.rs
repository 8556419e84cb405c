//! Handlers by command, for programs with more than one.

use std::error::Error;

use clavret_core::{Command, Reading};

/// What a handler gives: nothing, or an error of any type.
pub type Done = Result<(), Box<dyn Error>>;

/// A command and the function that does its work.
///
/// ```
/// use clavret::{Command, Done, Reading, Route};
///
/// static LIST: Command = Command::new("list").summary("list the hives");
///
/// fn list(_: Reading<'_>) -> Done {
///     println!("A1");
///     Ok(())
/// }
///
/// static ROUTES: &[Route] = &[Route::new(&LIST, list)];
/// ```
#[derive(Debug, Clone, Copy)]
pub struct Route {
    command: &'static Command<'static>,
    handler: fn(Reading<'_>) -> Done,
}

impl Route {
    /// The handler of a command.
    pub const fn new(command: &'static Command<'static>, handler: fn(Reading<'_>) -> Done) -> Self {
        Route { command, handler }
    }
}

/// Gives a reading to the handler of its command.
///
/// # Errors
///
/// The handler's own; and one that names the command when no route leads to it.
pub fn route(routes: &[Route], reading: Reading<'_>) -> Done {
    match routes.iter().find(|route| reading.is(route.command)) {
        Some(route) => (route.handler)(reading),
        None => Err(format!("no handler for `{}`", reading.path()).into()),
    }
}
