//! Rehearsals: a program run in-process, with whatever a test gives it, and what came of it.
//!
//! What is no work of a generic function is `#[inline]`: it is compiled with the test that rehearses, not with the library.

use std::error::Error;
use std::ffi::{OsStr, OsString};
use std::fmt;
use std::io::{Cursor, Read};
use std::path::Path;
use std::sync::Mutex;

use clavret_core::look::Look;
use clavret_core::world::{Environment, Presence, Settings, Unread, World};

use crate::call::Call;
use crate::program::{Context, Program, made_by};
use crate::streams::{Kept, Stage, Streams, locked};
use crate::system::{SYSTEM, first_line};

/// Prepares a rehearsal of a program. It runs in this process, with the words, variables, settings and
/// standard input that you give it, and no others. Rehearsals share nothing and may run side by
/// side. Files are those of the system.
///
/// ```
/// use std::io::Write;
/// use clavret::{Call, Command, Done, Operand, Program, Route, rehearse};
///
/// static HIVE: Operand<String> = Operand::new("hive").variable("APIARY_HIVE");
/// static GREET: Command = Command::new("greet").takes(&[HIVE.param()]);
/// static PROGRAM: Program = Program::new(&GREET, &[Route::new(&GREET, greet)]);
///
/// fn greet(call: Call<'_>) -> Done {
///     Ok(writeln!(call.out(), "hello, {}", call.get(&HIVE))?)
/// }
///
/// rehearse(&PROGRAM).words(["A7"]).run().succeeds().prints("hello, A7\n");
/// rehearse(&PROGRAM).variable("APIARY_HIVE", "B2").run().prints("hello, B2\n");
/// rehearse(&PROGRAM).words(["A7", "--loud"]).run().refuses("--loud is not an option here");
/// ```
#[doc(alias("integration test", "mock"))]
pub fn rehearse<'p, C: 'static>(program: &'p Program<'p, C>) -> Rehearsal<'p, C> {
    Rehearsal { program, words: Vec::new(), given: Staged::default(), look: Look::PLAIN }
}

/// A program about to be run: see [`rehearse`].
#[derive(Debug)]
#[must_use = "nothing happens before it is run"]
pub struct Rehearsal<'p, C: 'static = ()> {
    program: &'p Program<'p, C>,
    words: Vec<OsString>,
    given: Staged,
    look: Look,
}

impl<C: 'static> Rehearsal<'_, C> {
    /// The words, the program's own name not among them; added to those that were given before.
    pub fn words(mut self, words: impl IntoIterator<Item = impl Into<OsString>>) -> Self {
        self.words.extend(words.into_iter().map(Into::into));
        self
    }

    /// An environment variable. Without it the program finds none set.
    pub fn variable(mut self, name: &str, value: impl Into<OsString>) -> Self {
        self.given.variables.push((name.to_owned(), value.into()));
        self
    }

    /// The text of the config file, in the form that the ending of its declared name says.
    #[cfg(feature = "config")]
    pub fn config(mut self, text: impl Into<String>) -> Self {
        self.given.config = Some(text.into());
        self
    }

    /// What is on standard input.
    pub fn input(mut self, input: impl Into<Vec<u8>>) -> Self {
        self.given.input = input.into();
        self
    }

    /// The width of the terminal in columns; 80 unless given.
    pub fn width(mut self, columns: usize) -> Self {
        self.look = self.look.width(columns);
        self
    }

    /// Whether the terminal shows colours; it does not unless told.
    pub fn color(mut self, color: bool) -> Self {
        self.look = self.look.color(color);
        self
    }

    /// Runs the program with a context, such as a fake of the real one.
    pub fn run_in(&self, context: &C) -> Rehearsed {
        self.play(Context::Given(context))
    }

    /// Runs the program with a context that is made from the line, as
    /// [`Program::run_with`] does.
    pub fn run_with<E: Into<Box<dyn Error>>>(
        &self,
        make: impl FnOnce(&mut Call<'_>) -> Result<C, E>,
    ) -> Rehearsed {
        self.play(Context::Made(&mut made_by(make)))
    }

    /// What completion offers as the next word, when it begins so. Values that are known at run time are listed
    /// in the rehearsal's own world.
    #[cfg(feature = "complete")]
    pub fn offers(&self, begun: &str) -> Vec<String> {
        let input = Mutex::default();
        let world = Own { given: &self.given, input: &input };
        let cursor = clavret_tab::Cursor::new(&self.words, begun);
        let found = clavret_tab::complete(self.program.root(), &cursor, Some(&world));
        found.iter().flat_map(clavret_tab::Suggestion::texts).map(str::to_owned).collect()
    }

    fn play(&self, context: Context<'_, C>) -> Rehearsed {
        // Each run has the whole input before it.
        let input = Mutex::new(Cursor::new(self.given.input.clone()));
        let world = Own { given: &self.given, input: &input };
        let stage = Stage {
            world: &world,
            input: &input,
            look: self.look,
            out: Mutex::default(),
            err: Mutex::default(),
        };
        let status = self.program.play(&Streams::of(&stage), &self.words, context);
        let text = |kept: &Mutex<Vec<u8>>| String::from_utf8_lossy(&locked(kept)).into_owned();
        Rehearsed { status, out: text(&stage.out), err: text(&stage.err) }
    }
}

impl Rehearsal<'_> {
    /// Runs the program.
    #[inline]
    pub fn run(&self) -> Rehearsed {
        self.run_in(&())
    }
}

/// What a rehearsal is given of the world.
#[derive(Debug, Default)]
struct Staged {
    variables: Vec<(String, OsString)>,
    #[cfg(feature = "config")]
    config: Option<String>,
    input: Vec<u8>,
}

/// The world of one run: the variables, settings and standard input that it is given; the system's
/// files.
struct Own<'r> {
    given: &'r Staged,
    input: &'r Mutex<Cursor<Vec<u8>>>,
}

impl World for Own<'_> {
    #[inline]
    fn variable(&self, name: &str) -> Option<OsString> {
        set(&self.given.variables, name)
    }

    #[inline]
    fn presence(&self, path: &Path) -> Presence {
        SYSTEM.presence(path)
    }

    #[inline]
    fn first_line(&self, file: &Path) -> Result<OsString, Unread> {
        match file == OsStr::new("-") {
            true => first_line(&mut |byte| Kept(self.input).read(byte)),
            false => SYSTEM.first_line(file),
        }
    }

    #[inline]
    fn environment(&self) -> Option<Environment> {
        let variables = self.given.variables.clone();
        Some(Environment::new(move |name| set(&variables, name)))
    }

    #[cfg(feature = "config")]
    #[inline]
    fn settings(&self, name: &str, file: Option<&Path>) -> Result<Option<Settings>, Unread> {
        match (file, &self.given.config) {
            (Some(_), _) => SYSTEM.settings(name, file),
            (None, Some(text)) => {
                let text = text.clone().into_bytes();
                Ok(Some(crate::config::understood(name.as_ref(), text)))
            }
            (None, None) => Ok(None),
        }
    }

    #[cfg(not(feature = "config"))]
    #[inline]
    fn settings(&self, name: &str, file: Option<&Path>) -> Result<Option<Settings>, Unread> {
        SYSTEM.settings(name, file)
    }
}

/// What a variable was set to last.
#[inline]
fn set(variables: &[(String, OsString)], name: &str) -> Option<OsString> {
    let set = variables.iter().rev().find(|(set, _)| set == name);
    set.map(|(_, value)| value.clone())
}

/// What came of a rehearsal. Its methods assert, and each gives it back, so that they read as one
/// sentence. A panic of theirs shows all of it.
#[derive(Clone, PartialEq, Eq)]
pub struct Rehearsed {
    /// The exit status.
    pub status: u8,
    /// What was printed on standard output.
    pub out: String,
    /// What was printed on standard error.
    pub err: String,
}

impl Rehearsed {
    /// The status is 0, and nothing is on standard error.
    #[track_caller]
    #[inline]
    pub fn succeeds(&self) -> &Self {
        self.holds(self.status == 0 && self.err.is_empty(), "status 0 and an empty standard error")
    }

    /// Standard output is exactly this.
    #[track_caller]
    #[inline]
    pub fn prints(&self, out: &str) -> &Self {
        self.holds(self.out == out, &format!("on standard output\n{out}"))
    }

    /// Standard output or standard error has this text in it.
    #[track_caller]
    #[inline]
    pub fn mentions(&self, text: &str) -> &Self {
        let mentions = self.out.contains(text) || self.err.contains(text);
        self.holds(mentions, &format!("the text `{text}`"))
    }

    /// The line was refused: status 2, nothing on standard output, and this text on standard error.
    #[track_caller]
    #[inline]
    pub fn refuses(&self, text: &str) -> &Self {
        self.holds(
            self.status == 2 && self.out.is_empty(),
            "status 2 and an empty standard output",
        );
        self.holds(self.err.contains(text), &format!("`{text}` on standard error"))
    }

    /// The program failed with this status, and with this text on standard error.
    #[track_caller]
    #[inline]
    pub fn fails(&self, status: u8, text: &str) -> &Self {
        self.holds(self.status == status, &format!("status {status}"));
        self.holds(self.err.contains(text), &format!("`{text}` on standard error"))
    }

    #[track_caller]
    #[inline]
    fn holds(&self, holds: bool, expected: &str) -> &Self {
        assert!(holds, "expected {expected}\nfound {self:?}");
        self
    }
}

/// As a terminal would show it.
impl fmt::Debug for Rehearsed {
    #[inline]
    fn fmt(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {
        writeln!(f, "status {}", self.status)?;
        for (name, text) in [("output", &self.out), ("error", &self.err)] {
            match text.is_empty() {
                true => writeln!(f, "standard {name} is empty")?,
                false => writeln!(f, "standard {name}:\n{}", text.trim_end_matches('\n'))?,
            }
        }
        Ok(())
    }
}
