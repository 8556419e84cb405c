//! Handlers by command, for programs with more than one.

use std::fmt;

use clavret_core::Command;
use clavret_core::ask::CommandPath;
use clavret_core::inner::{self, Finding};

use crate::call::Call;
use crate::declared::{Act, Routed};
use crate::end::{Done, Ending};

/// A command and the function that does its work, in a program whose context is a `C`.
///
/// ```
/// use std::io::Write;
/// use clavret::{Call, Command, Done, Program, Route};
///
/// static LIST: Command = Command::new("list").summary("list the hives");
/// static APIARY: Command = Command::new("apiary").commands(&[&LIST]);
///
/// fn list(call: Call<'_>) -> Done {
///     Ok(writeln!(call.out(), "A1")?)
/// }
///
/// static PROGRAM: Program = Program::new(&APIARY, &[Route::new(&LIST, list)]);
/// ```
#[doc(alias("handler", "callback"))]
#[derive(Debug)]
pub struct Route<'d, C: 'static = ()> {
    way: Way<'d, C>,
}

fn act<T: Act<C>, C>(mut call: Call<'_, C>) -> Done {
    let values: T = call.values();
    values.act(&call)
}

/// What does the work of a command.
pub(crate) enum Handler<'d, C: 'static> {
    Function(fn(Call<'_, C>) -> Done),
    Closure(&'d dyn Work<C>),
}

/// What does the work of a command and ends with anything that is an [`Ending`]: a function or a closure.
#[diagnostic::on_unimplemented(
    message = "`{Self}` is no handler",
    label = "expected a function or a closure that takes a `Call` and gives `()`, a text or a `Result` of one of these"
)]
pub trait Work<C: 'static>: Sync {
    #[doc(hidden)]
    fn work(&self, call: Call<'_, C>) -> Done;
}

impl<F, E, C: 'static> Work<C> for F
where
    F: Fn(Call<'_, C>) -> E + Sync,
    E: Ending,
{
    fn work(&self, call: Call<'_, C>) -> Done {
        let streams = call.streams();
        self(call).done(streams)
    }
}

impl<C> Clone for Handler<'_, C> {
    fn clone(&self) -> Self {
        *self
    }
}

impl<C> Copy for Handler<'_, C> {}

impl<C> fmt::Debug for Handler<'_, C> {
    fn fmt(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {
        f.write_str("Handler")
    }
}

#[derive(Debug)]
enum Way<'d, C: 'static> {
    /// For the command itself.
    Own(&'d Command<'d>, Handler<'d, C>),
    /// For the command and all below it that have none of their own.
    Below(&'d Command<'d>, Handler<'d, C>),
    /// Before what a command below does.
    Before(&'d Command<'d>, fn(&Call<'_, C>) -> Done),
    Several(&'d [Route<'d, C>]),
}

impl<C: 'static> Route<'static, C> {
    /// The handlers that something declared brings with it: a type that [acts](crate::Act), a
    /// function, an `impl` block.
    pub const fn of<T: Routed<C>>() -> Self {
        Route::of_way(Way::Several(T::ROUTES))
    }

    /// What a type that [acts](crate::Act) does with the values of its command, and of those below.
    pub(crate) const fn acting<T: Act<C>>() -> Self {
        Route::below(T::COMMAND, act::<T, C>)
    }
}

impl<'d, C: 'static> Route<'d, C> {
    const fn of_way(way: Way<'d, C>) -> Self {
        Route { way }
    }

    /// The handler of a command.
    pub const fn new(command: &'d Command<'d>, handler: fn(Call<'_, C>) -> Done) -> Self {
        Route::of_way(Way::Own(command, Handler::Function(handler)))
    }

    /// The handler of a command by reference: a closure that owns what it needs, as for a tree that is made at run time; or a
    /// function that ends with a text, or whatever else is an [`Ending`].
    ///
    /// ```
    /// use clavret::{Call, Command, Program, Route, rehearse};
    ///
    /// // Read from somewhere, say.
    /// let hives = vec!["A7".to_owned(), "A9".to_owned()];
    /// let list = Command::draft("list");
    /// let commands = [&list];
    /// let apiary = Command::draft("apiary").commands(&commands);
    /// let count = move |_: Call<'_>| format!("{} hives", hives.len());
    /// let routes = [Route::by(&list, &count)];
    /// let program: Program = Program::draft(&apiary, &routes);
    /// rehearse(&program).words(["list"]).run().succeeds().prints("2 hives\n");
    /// ```
    pub const fn by(command: &'d Command<'d>, handler: &'d dyn Work<C>) -> Self {
        Route::of_way(Way::Own(command, Handler::Closure(handler)))
    }

    /// The handler of a command and of every one below it that has none of its own.
    pub const fn below(command: &'d Command<'d>, handler: fn(Call<'_, C>) -> Done) -> Self {
        Route::of_way(Way::Below(command, Handler::Function(handler)))
    }

    /// What a command does before the handler of any command below it, and before its own; an error
    /// ends the program there. Those of commands further up come first.
    pub const fn before(command: &'d Command<'d>, action: fn(&Call<'_, C>) -> Done) -> Self {
        Route::of_way(Way::Before(command, action))
    }

    /// The routes of several: what a command whose subcommands are declared elsewhere consists of.
    pub const fn several(routes: &'d [Route<'d, C>]) -> Self {
        Route::of_way(Way::Several(routes))
    }
}

/// Runs what is due before the command, then gives the call to the command's handler.
pub(crate) fn route<C>(routes: &[Route<'_, C>], call: Call<'_, C>) -> Done {
    let path = call.path();
    for command in path.commands() {
        each(routes, &mut |way| match way {
            Way::Before(at, action) if at.is(command) => action(&call),
            _ => Ok(()),
        })?;
    }
    match handler(routes, &path) {
        Some(Handler::Function(handler)) => handler(call),
        Some(Handler::Closure(handler)) => handler.work(call),
        None => Err(format!("no handler for `{path}`").into()),
    }
}

/// The handler of the command that a path leads to: its own, or the nearest one above that is for
/// those below too.
pub(crate) fn handler<'d, C>(
    routes: &'d [Route<'d, C>],
    path: &CommandPath<'_>,
) -> Option<Handler<'d, C>> {
    for command in path.commands().iter().rev() {
        let is_own = command.is(path.leaf());
        let mut found = None;
        each(routes, &mut |way| {
            match way {
                Way::Own(at, handler) if is_own && at.is(command) => found = Some(*handler),
                Way::Below(at, handler) if at.is(command) => found = Some(*handler),
                _ => {}
            }
            Ok(())
        })
        .ok()?;
        if found.is_some() {
            return found;
        }
    }
    None
}

fn each<'d, C>(routes: &'d [Route<'d, C>], look: &mut dyn FnMut(&'d Way<'d, C>) -> Done) -> Done {
    for route in routes {
        match &route.way {
            Way::Several(routes) => each(routes, look)?,
            way => look(way)?,
        }
    }
    Ok(())
}

/// The first command that no route leads to, of those that a line can call. While the compiler runs,
/// addresses cannot be compared: commands are told apart by their names and those above.
pub(crate) const fn unrouted<'d, C>(
    routes: &[Route<'_, C>],
    root: &'d Command<'d>,
    above: &'d str,
) -> Option<Finding<'d>> {
    if leads(routes, root, true) {
        return None;
    }
    let below = root.ask().subcommands();
    if (below.is_empty() || root.ask().is_acting())
        && root.ask().alone().is_none()
        && !leads(routes, root, false)
    {
        return Some(Finding::Unrouted { command: root.ask().name(), above });
    }
    let mut i = 0;
    while i < below.len() {
        if let Some(problem) = unrouted(routes, below[i], root.ask().name()) {
            return Some(problem);
        }
        i += 1;
    }
    None
}

const fn leads<C>(routes: &[Route<'_, C>], command: &Command<'_>, with_below: bool) -> bool {
    let mut i = 0;
    while i < routes.len() {
        let is_it = match &routes[i].way {
            Way::Own(at, _) => !with_below && inner::is_alike(at, command),
            Way::Below(at, _) => inner::is_alike(at, command),
            Way::Before(..) => false,
            Way::Several(routes) => leads(routes, command, with_below),
        };
        if is_it {
            return true;
        }
        i += 1;
    }
    false
}
