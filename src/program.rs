//! A program as one value: its declaration and its handlers. It is run by `main` and rehearsed by tests.

use std::error::Error;
use std::ffi::OsString;
use std::process::ExitCode;

use clavret_core::ask::CommandPath;
use clavret_core::inner::{self, Finding};
use clavret_core::{Command, Reading};

use crate::call::Call;
use crate::declared::Routed;
use crate::end::Done;
use crate::process::begin;
use crate::route::{Route, handler, route, unrouted};
use crate::run::perform;
use crate::streams::Streams;

/// A declaration and its handlers. What all of its commands share is their context, a `C`.
///
/// ```
/// use std::io::Write;
/// use clavret::{Call, Command, Done, Program, Route, rehearse};
///
/// static LIST: Command = Command::new("list").summary("list the hives");
/// static APIARY: Command = Command::new("apiary").commands(&[&LIST]);
///
/// static PROGRAM: Program<Vec<String>> = Program::new(&APIARY, &[Route::new(&LIST, list)]);
///
/// fn list(call: Call<'_, Vec<String>>) -> Done {
///     Ok(writeln!(call.out(), "{}", call.context().join(" "))?)
/// }
///
/// let hives = vec!["B1".to_owned(), "B2".to_owned()];
/// rehearse(&PROGRAM).words(["list"]).run_in(&hives).succeeds().prints("B1 B2\n");
/// ```
///
/// A command without a handler stops the build:
///
/// ```compile_fail
/// use clavret::{Command, Program};
/// static LIST: Command = Command::new("list");
/// static APIARY: Command = Command::new("apiary").commands(&[&LIST]);
/// static PROGRAM: Program = Program::new(&APIARY, &[]);
/// ```
#[doc(alias("dispatcher", "application"))]
#[derive(Debug)]
pub struct Program<'d, C: 'static = ()> {
    root: &'d Command<'d>,
    routes: &'d [Route<'d, C>],
    /// What looks at the routes before it is run, where it was made at run time.
    checked: Option<Checks<C>>,
}

/// What is wrong with a program, a sentence for each.
type Checks<C> = for<'d> fn(&Program<'d, C>) -> Vec<String>;

impl<C: 'static> Program<'static, C> {
    /// A program that one thing declares: a type that [acts](crate::Act), a function, an `impl`
    /// block.
    ///
    /// # Panics
    ///
    /// As [`new`](Program::new).
    #[track_caller]
    pub const fn of<T: Routed<C>>() -> Self {
        Program::new(T::COMMAND, T::ROUTES)
    }
}

impl<'d, C: 'static> Program<'d, C> {
    /// A program by its root and its routes.
    ///
    /// # Panics
    ///
    /// In a static, so that the build stops: when no route leads to a command; when a rule of the root is about no
    /// parameter of its own, its default command is none of its commands, or a name of its parameters is a usual one.
    #[track_caller]
    pub const fn new(root: &'d Command<'d>, routes: &'d [Route<'d, C>]) -> Self {
        if let Some(problem) = unrouted(routes, root, "") {
            inner::stop(problem);
        }
        // Whoever lists a command looks whether it is all there; a root is listed here.
        if let Some(problem) = inner::stranger(root) {
            inner::stop(problem);
        }
        Program { root, routes, checked: None }
    }

    /// A program that is made at run time: its tree may borrow from anywhere, and its handlers
    /// [may own](Route::by) what they need. Nothing panics: what is wrong with the tree, and a command without a handler, is
    /// told as a mistake of the program when it is run, with status 1.
    pub const fn draft(root: &'d Command<'d>, routes: &'d [Route<'d, C>]) -> Self {
        Program { root, routes, checked: Some(|program| program.mistakes()) }
    }

    fn mistakes(&self) -> Vec<String> {
        let mut mistakes = inner::mistakes(self.root);
        for path in self.unrouted() {
            let above = path.commands().iter().rev().nth(1).map_or("", |above| above.ask().name());
            let unrouted = Finding::Unrouted { command: path.leaf().ask().name(), above };
            mistakes.push(unrouted.to_string());
        }
        mistakes
    }

    /// The root of the declaration.
    pub const fn root(&self) -> &'d Command<'d> {
        self.root
    }

    /// The commands that a line can call and no route leads to, told apart by their addresses.
    pub(crate) fn unrouted(&self) -> Vec<CommandPath<'d>> {
        let is_unrouted = |path: &CommandPath<'_>| {
            let command = path.leaf();
            let is_called = command.ask().subcommands().is_empty() || command.ask().is_acting();
            is_called && command.ask().alone().is_none() && handler(self.routes, path).is_none()
        };
        CommandPath::tree(self.root).filter(is_unrouted).collect()
    }

    /// Runs it with a context, and gives the status for `main` to return. It is 0 where all went well, 2 where the
    /// line was refused, that of the [`Failure`](crate::Failure) that a handler gave, and 1 for any other
    /// error. An error is printed with its causes.
    #[must_use = "`main` returns it, so that a refused line ends with status 2"]
    pub fn run_in(&self, context: &C) -> ExitCode {
        self.play(&Streams::SYSTEM, &begin(self.root), Context::Given(context)).into()
    }

    /// Runs it with a context that is made from the line, such as from the values of the root.
    #[must_use = "`main` returns it, so that a refused line ends with status 2"]
    pub fn run_with<E: Into<Box<dyn Error>>>(
        &self,
        make: impl FnOnce(&mut Call<'_>) -> Result<C, E>,
    ) -> ExitCode {
        let mut make = made_by(make);
        self.play(&Streams::SYSTEM, &begin(self.root), Context::Made(&mut make)).into()
    }

    /// Reads the words and does what they ask for; gives the exit status.
    pub(crate) fn play<'p>(
        &'p self,
        streams: &'p Streams<'p>,
        words: &'p [OsString],
        mut context: Context<'_, C>,
    ) -> u8 {
        let mistakes = match self.checked {
            Some(checked) => checked(self),
            None => inner::mistakes(self.root),
        };
        perform(self.root, (words, mistakes), streams, &mut |reading| {
            self.handle(reading, streams, &mut context)
        })
    }

    fn handle(
        &self,
        reading: Reading<'_>,
        streams: &Streams<'_>,
        context: &mut Context<'_, C>,
    ) -> Done {
        let mut call = Call::new(reading, &(), streams);
        match context {
            Context::Given(context) => route(self.routes, call.with(*context)),
            Context::Made(make) => {
                let context = make(&mut call)?;
                route(self.routes, call.with(&context))
            }
        }
    }
}

impl Program<'_> {
    /// Runs it: see [`run_in`](Program::run_in).
    #[must_use = "`main` returns it, so that a refused line ends with status 2"]
    #[inline] // so that what runs a program is compiled with the program that has routes, and not with the library
    pub fn run(&self) -> ExitCode {
        self.run_in(&())
    }
}

/// Where the context comes from.
pub(crate) enum Context<'c, C> {
    Given(&'c C),
    Made(&'c mut Make<'c, C>),
}

type Make<'c, C> = dyn FnMut(&mut Call<'_>) -> Result<C, Box<dyn Error>> + 'c;

/// A maker that is called once, as one that could be called again.
pub(crate) fn made_by<C, E: Into<Box<dyn Error>>>(
    make: impl FnOnce(&mut Call<'_>) -> Result<C, E>,
) -> impl FnMut(&mut Call<'_>) -> Result<C, Box<dyn Error>> {
    let mut make = Some(make);
    move |call| match make.take() {
        Some(make) => make(call).map_err(Into::into),
        None => Err("the context is made once".into()),
    }
}
