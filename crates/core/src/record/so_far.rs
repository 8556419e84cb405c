//! The reading so far, for what lists values at run time: what the line gives of each parameter, be it whole or in
//! the making. It owns all of it, so that a list may be asked for in a thread of its own.

use std::ffi::OsString;
use std::fmt;
use std::path::{Path, PathBuf};
use std::sync::{Arc, Mutex, PoisonError};

use super::cell::Held;
use super::key::Key;
use super::param::Param;
use crate::text::Listed;

/// What a line says so far, for a function that lists values: typed values by their keys, and the environment.
///
/// ```
/// # use clavret_core as clavret;
/// use clavret::{Command, Known, Named, Operand, Outcome, SoFar};
/// use clavret::world::{Environment, Lister};
/// # use clavret::world::{Malformed, Presence, Settings, Unread, World};
/// # struct Nowhere;
/// # impl World for Nowhere {
/// #     fn variable(&self, _: &str) -> Option<std::ffi::OsString> { None }
/// #     fn presence(&self, _: &std::path::Path) -> Presence { Presence::Nothing }
/// #     fn first_line(&self, _: &std::path::Path) -> Result<std::ffi::OsString, Unread> { unreachable!() }
/// #     fn settings(&self, _: &str, _: Option<&std::path::Path>) -> Result<Option<Settings>, Unread> { Ok(None) }
/// # }
///
/// struct Hives;
/// impl Lister for Hives {
///     fn list(&self, so_far: SoFar) -> Option<Vec<Known>> {
///         let yard = so_far.get(&YARD)?;
///         Some(vec![Known::of(yard.clone() + "1"), Known::of(yard.clone() + "2")])
///     }
///
///     fn is_closed(&self) -> bool {
///         true
///     }
/// }
///
/// static YARD: Named<String> = Named::new("yard").default("A");
/// static HIVE: Operand<String> = Operand::new("hive").listed_by(&Hives);
/// static INSPECT: Command = Command::new("inspect").takes(&[YARD.param(), HIVE.param()]);
///
/// let read = |words| INSPECT.read_in(clavret::reader::Words::new(words), &Nowhere);
/// assert!(matches!(read(&["A2"]), Outcome::Reading(_)));
/// assert!(matches!(read(&["A2", "--yard", "B"]), Outcome::Faults(_)));
/// ```
pub struct SoFar {
    pub(crate) values: Vec<Value>,
    pub(crate) path: String,
    /// The parameter that values are wanted for.
    pub(crate) wanted: String,
    pub(crate) is_begun: bool,
    pub(crate) environment: Environment,
    /// What was asked for, in turn.
    pub(crate) asked: Mutex<Vec<Wanted>>,
}

/// What a line says of one parameter.
pub(crate) struct Value {
    /// The address of its record.
    pub(crate) record: usize,
    pub(crate) name: String,
    /// The variable that stands in for it.
    pub(crate) variable: String,
    pub(crate) is_secret: bool,
    /// What stands on the line is known, and reads.
    pub(crate) is_known: bool,
    pub(crate) words: Vec<OsString>,
    pub(crate) held: Held,
}

/// The environment that a list is asked in; it may outlive the reading.
#[derive(Clone)]
pub struct Environment {
    variables: Arc<Variables>,
    is_answer: bool,
}

/// Something that a list has asked for.
#[doc(hidden)]
#[derive(Debug, Clone, PartialEq, Eq)]
pub enum Wanted {
    /// A parameter, by its place among those of the line.
    Value(String),
    /// A variable.
    Variable(String),
    /// What a file is like, or a folder.
    File(PathBuf),
    /// A parameter that is a secret: what follows from it is one too.
    Secret,
}

type Variables = dyn Fn(&str) -> Option<OsString> + Send + Sync;

impl Environment {
    /// An environment with these variables.
    #[inline]
    pub fn new(variables: impl Fn(&str) -> Option<OsString> + Send + Sync + 'static) -> Self {
        Environment { variables: Arc::new(variables), is_answer: false }
    }

    /// Marks a line that is asked for by another program, which the process only answers: it ends when its answer is late.
    #[must_use]
    #[inline]
    pub fn of_answer(mut self) -> Self {
        self.is_answer = true;
        self
    }
}

impl SoFar {
    /// The value of a key, of the key's own type, wherever it comes from. `None` where it is needed and not given, does
    /// not read, or is not known: a shell has still to expand it. Also of a key that the line's commands do not take.
    #[inline]
    pub fn get<K: Key>(&self, key: &K) -> Option<&K::Value> {
        let value = self.values.iter().find(|value| value.record == address(key.record()))?;
        self.note(match value.is_secret {
            true => Wanted::Secret,
            false => Wanted::Value(value.name.clone()),
        });
        key.peek(&value.held).filter(|_| value.is_known)
    }

    /// An environment variable: of a rehearsal those that it was given.
    #[inline]
    pub fn variable(&self, name: &str) -> Option<OsString> {
        let is_secret = self.values.iter().any(|value| value.is_secret && value.variable == name);
        self.note(if is_secret { Wanted::Secret } else { Wanted::Variable(name.to_owned()) });
        (self.environment.variables)(name)
    }

    /// Says that what is listed depends on a file, or on what is in a folder: a list that is kept is made again when
    /// that has changed.
    #[inline]
    pub fn depends_on(&self, path: impl AsRef<Path>) {
        self.note(Wanted::File(path.as_ref().to_owned()));
    }

    /// The names of the commands on the line, with spaces between: `apiary hive move`.
    #[inline]
    pub fn path(&self) -> &str {
        &self.path
    }

    /// Whether the line is in the making: completion asks.
    #[inline]
    pub const fn is_begun(&self) -> bool {
        self.is_begun
    }

    /// The parameter that values are wanted for, as it is called on the line.
    #[inline]
    pub(crate) fn wanted_list(&self) -> &str {
        &self.wanted
    }

    /// Whether the process does nothing but answer another program.
    #[inline]
    pub(crate) const fn is_for_answer(&self) -> bool {
        self.environment.is_answer
    }

    /// A variable that what is listed does not follow from.
    #[inline]
    pub(crate) fn unnoted(&self, name: &str) -> Option<OsString> {
        (self.environment.variables)(name)
    }

    /// What was asked for so far.
    #[inline]
    pub(crate) fn asked(&self) -> Vec<Wanted> {
        self.asked.lock().unwrap_or_else(PoisonError::into_inner).clone()
    }

    /// The words of what was asked for; none where it is not known.
    #[inline]
    pub(crate) fn words_of(&self, asked: &Wanted) -> Option<Vec<OsString>> {
        match asked {
            Wanted::Value(name) => {
                let value = self.values.iter().find(|value| value.name == *name)?;
                value.is_known.then(|| value.words.clone())
            }
            Wanted::Variable(name) => Some((self.environment.variables)(name).into_iter().listed()),
            Wanted::File(_) | Wanted::Secret => None,
        }
    }

    #[inline]
    fn note(&self, asked: Wanted) {
        let mut known = self.asked.lock().unwrap_or_else(PoisonError::into_inner);
        if !known.contains(&asked) {
            known.push(asked);
        }
    }
}

/// What it is for; values may be secret.
impl fmt::Debug for SoFar {
    #[inline]
    fn fmt(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {
        f.debug_struct("SoFar").field("path", &self.path).finish_non_exhaustive()
    }
}

impl fmt::Debug for Environment {
    #[inline]
    fn fmt(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {
        f.debug_struct("Environment").field("is_answer", &self.is_answer).finish_non_exhaustive()
    }
}

#[inline]
pub(crate) fn address(param: &Param<'_>) -> usize {
    std::ptr::from_ref(param).cast::<()>().addr()
}
