//! The reading so far, for what lists values at run time: what the line gives of each parameter, be it whole or in
//! the making. It owns all of it, so that a list may be asked for in a thread of its own.

use super::{Line, Reader, Slot};
use std::ffi::OsString;
use std::fmt;
use std::path::{Path, PathBuf};
use std::sync::{Arc, Mutex, PoisonError};

use super::convert;
use super::step::Meaning;
use super::word::Words;
use super::world::World;
use crate::declare::{Held, Key, Known, Param};
use crate::text::Listed;

/// What a line says so far, for a function that lists values: typed values by their keys, and the environment.
///
/// ```
/// # use clavret_core as clavret;
/// use clavret::{Command, Environment, Known, Lister, Named, Operand, Outcome, SoFar};
/// # use clavret::{Malformed, Presence, Settings, Unread, World};
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
///         Some(vec![Known::new(yard.clone() + "1"), Known::new(yard.clone() + "2")])
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
/// let read = |words| INSPECT.read_in(clavret::Words::new(words), &Nowhere);
/// assert!(matches!(read(&["A2"]), Outcome::Reading(_)));
/// assert!(matches!(read(&["A2", "--yard", "B"]), Outcome::Faults(_)));
/// ```
pub struct SoFar {
    values: Vec<Value>,
    path: String,
    /// The parameter that values are wanted for.
    wanted: String,
    is_begun: bool,
    environment: Environment,
    /// What was asked for, in turn.
    asked: Mutex<Vec<Wanted>>,
}

/// What a line says of one parameter.
struct Value {
    /// The address of its record.
    record: usize,
    name: String,
    /// The variable that stands in for it.
    variable: String,
    is_secret: bool,
    /// What stands on the line is known, and reads.
    is_known: bool,
    words: Vec<OsString>,
    held: Held,
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

    /// The same of a process that only answers another program: it ends when its answer is late.
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
    #[doc(hidden)]
    #[inline]
    pub fn wanted(&self) -> &str {
        &self.wanted
    }

    /// Whether the process does nothing but answer another program.
    #[doc(hidden)]
    #[inline]
    pub const fn is_for_answer(&self) -> bool {
        self.environment.is_answer
    }

    /// A variable that what is listed does not follow from.
    #[doc(hidden)]
    #[inline]
    pub fn unnoted(&self, name: &str) -> Option<OsString> {
        (self.environment.variables)(name)
    }

    /// What was asked for so far.
    #[doc(hidden)]
    #[inline]
    pub fn asked(&self) -> Vec<Wanted> {
        self.asked.lock().unwrap_or_else(PoisonError::into_inner).clone()
    }

    /// The words of what was asked for; none where it is not known.
    #[doc(hidden)]
    #[inline]
    pub fn words_of(&self, asked: &Wanted) -> Option<Vec<OsString>> {
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
fn address(param: &Param<'_>) -> usize {
    std::ptr::from_ref(param).cast::<()>().addr()
}

impl<'d> Line<'d> {
    /// What is known so far for the values of a parameter, where there is a world to ask in. Words that are open have
    /// no value yet.
    #[inline]
    pub(super) fn so_far(
        &mut self,
        param: &Param<'_>,
        is_begun: bool,
        is_open: &dyn Fn(usize) -> bool,
    ) -> Option<SoFar> {
        let environment = self.around.world?.environment()?;
        let mut slots = std::mem::take(&mut self.slots);
        let mut values = Vec::with_capacity(slots.len());
        for (at, slot) in slots.iter_mut().enumerate() {
            values.push(self.value(at, slot, is_open));
        }
        self.slots = slots;
        let path = self.trail.path().text();
        let wanted = param.spelled();
        Some(SoFar { values, path, wanted, is_begun, environment, asked: Mutex::default() })
    }

    #[inline]
    fn value(&mut self, at: usize, slot: &mut Slot<'d>, is_open: &dyn Fn(usize) -> bool) -> Value {
        let is_secret = slot.param.is_secret();
        let mut is_known = !self.reads_file(slot)
            && !slot.typed.steps(&self.steps).any(|step| is_open(step.word()))
            && self.pending.is_none_or(|pending| pending.slot as usize != at);
        let (mut words, mut held) = (Vec::new(), Held::empty());
        let param = slot.param;
        let has_value = slot.typed.count > 0 || slot.outer.is_some() || param.default().is_some();
        if is_known && has_value {
            // What the reading has converted stays with it.
            let kept = std::mem::replace(&mut slot.cell, Held::empty());
            let faults = self.faults.len();
            is_known = self.converts(slot);
            self.faults.truncate(faults);
            held = std::mem::replace(&mut slot.cell, kept);
            // What a flag or a tally says is in its names.
            let is_named = param.kinds().is_empty();
            for step in slot.typed.steps(&self.steps).filter(|_| is_named) {
                let is_opposite = step.meaning() == Meaning::Opposite;
                words.push(if is_opposite { "no" } else { "yes" }.into());
            }
            for piece in convert::pieces(slot, self.input()) {
                words.push(piece.text.into_owned());
            }
        }
        // A name may be that of several commands on the line.
        let name = format!("{at} {}", param.name());
        let variable = param.variable().to_owned();
        Value { record: address(param), name, variable, is_secret, is_known, words, held }
    }
}

/// Asks the list of a parameter with a line in the making.
#[cold]
#[inline]
pub(crate) fn list_begun<'d>(
    mut reader: Reader<'d>,
    param: &'d Param<'d>,
    words: Words<'d>,
    is_open: &dyn Fn(usize) -> bool,
    world: &'d dyn World,
) -> Option<Vec<Known>> {
    reader.line.around.world = Some(world);
    reader.line.words = words;
    reader.assign_operands();
    reader.line.ask_around();
    param.list()?.list(reader.line.so_far(param, true, is_open)?)
}

impl<'d> Reader<'d> {
    /// What the list of a parameter has for a line in the making, `words` those that were stepped through; the ones
    /// that are open have no value yet. Nothing where it has no list, or the world no environment to ask one in.
    #[inline]
    pub fn listed(
        self,
        param: &'d Param<'d>,
        words: Words<'d>,
        is_open: &dyn Fn(usize) -> bool,
        world: &'d dyn World,
    ) -> Option<Vec<Known>> {
        let lists = self.line.trail.brought(|command| command.brought().lists)?;
        (lists.list)(self, param, words, is_open, world)
    }
}
