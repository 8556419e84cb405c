//! What a command line turned out to be: typed values, or one of the things a user may ask for.

use std::fmt;

use crate::kind::from_word::FromWord;
use crate::kind::when::When;
use crate::record::command::Command;
use crate::record::key::{Key, is_key};
use crate::record::line::{Input, Reader, Slot};
use crate::record::param::{Param, is as is_record};
use crate::record::reading::{CommandPath, Outcome, Reading};
use crate::record::step::Step;
use crate::record::word::Words;
use crate::record::world::Around;
use crate::text::Put;
use crate::text::part::part;

impl<'d> CommandPath<'d> {
    /// The path of a root alone.
    pub fn of(root: &'d Command<'d>) -> Self {
        CommandPath(vec![root])
    }

    /// The path to a command below a root, by address; `None` when it is not there.
    pub fn to(root: &'d Command<'d>, command: &Command<'_>) -> Option<Self> {
        Self::tree(root).find(|path| path.leaf().is(command))
    }

    /// The paths to a root and to all commands below it, as [`Declaration::tree`](crate::ask::Declaration::tree) has these.
    pub fn tree(root: &'d Command<'d>) -> impl Iterator<Item = Self> {
        let mut way = Vec::new();
        root.tree().map(move |(depth, command)| {
            way.truncate(depth);
            way.push(command);
            CommandPath(way.clone())
        })
    }

    /// The names with spaces between.
    #[inline(never)]
    pub(crate) fn text(&self) -> String {
        let mut text = String::new();
        for (at, command) in self.0.iter().enumerate() {
            text.put(if at == 0 { "" } else { " " });
            text.put(if at == 0 { command.program_name() } else { command.name() });
        }
        text
    }

    /// What a parameter is called on this way, the names of the commands below the root in front of its
    /// [`key`](Param::key): `inspect --frames`.
    pub fn key_of(&self, param: &Param<'_>) -> String {
        let owner = self.0.iter().position(|command| command.params().any(|own| own.is(param)));
        let mut text = String::new();
        for command in self.0.iter().take(owner.unwrap_or(0) + 1).skip(1) {
            text.put(command.name());
            text.put(" ");
        }
        text.put(&param.key());
        text
    }
}

impl fmt::Display for CommandPath<'_> {
    fn fmt(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {
        f.write_str(&self.text())
    }
}

impl<'d> Reading<'d> {
    /// The value of a key, of the key's own type. You may ask with a key of a command above too.
    ///
    /// ```
    /// # use clavret_core as clavret;
    /// use clavret::{Command, Named, Outcome};
    /// static FRAMES: Named<Option<u8>> = Named::new("frames");
    /// static INSPECT: Command = Command::new("inspect").takes(&[FRAMES.param()]);
    ///
    /// let Outcome::Reading(reading) = INSPECT.read(&["--frames", "6"]) else { panic!() };
    /// assert_eq!(*reading.get(&FRAMES), Some(6));
    /// ```
    ///
    /// # Panics
    ///
    /// When no command on the way from the root to the one that was read takes the key; the text
    /// names both. [`try_get`](Reading::try_get) gives `None` instead.
    pub fn get<K: Key>(&self, key: &K) -> &K::Value {
        match self.try_get(key) {
            Some(value) => value,
            None => self.foreign(key.record()),
        }
    }

    /// The value of a key, or `None` when the command that was read does not take it.
    pub fn try_get<K: Key>(&self, key: &K) -> Option<&K::Value> {
        key.peek(&self.slots[self.slot_of(key)?].cell)
    }

    /// The value that a parameter has, as that of a key which stands for it elsewhere.
    pub(crate) fn get_of<K: Key>(&self, record: &Param<'_>, key: &K) -> Option<&K::Value> {
        let slot = self.slots.iter().find(|slot| is_record(slot.param, record))?;
        key.peek(&slot.cell)
    }

    /// The value of a key, moved out of the reading.
    ///
    /// # Panics
    ///
    /// As [`get`](Reading::get); also when the value of a needed key has been taken before.
    pub fn take<K: Key>(&mut self, key: &K) -> K::Value {
        let slot = self.slot_of(key);
        match slot.and_then(|slot| key.take(&mut self.slots[slot].cell)) {
            Some(value) => value,
            None => self.foreign(key.record()),
        }
    }

    /// How often a key was typed.
    ///
    /// # Panics
    ///
    /// As [`get`](Reading::get).
    pub fn times_typed<K: Key>(&self, key: &K) -> usize {
        let Some(slot) = self.slot_of(key) else { self.foreign(key.record()) };
        let words = key.record().kinds().len().max(1);
        self.slots[slot].typed.count as usize / words
    }

    /// What its values were converted from.
    pub(crate) fn input(&self) -> Input<'_, 'd> {
        Input { steps: &self.steps, words: self.words, trail: &self.trail }
    }

    /// The command that was read.
    pub fn command(&self) -> &'d Command<'d> {
        self.trail.leaf().command
    }

    /// Whether this is the command that was read.
    pub fn is(&self, command: &Command<'_>) -> bool {
        self.command().is(command)
    }

    /// Whether the command is on the way from the root to the one that was read, that one included.
    pub fn passes(&self, command: &Command<'_>) -> bool {
        self.is(command) || self.trail.any(|on_line| on_line.is(command))
    }

    /// The commands from the root to the one that was read.
    #[inline(never)]
    pub fn path(&self) -> CommandPath<'d> {
        self.trail.path()
    }

    /// What each byte range of each word was taken for, in the order typed.
    pub fn steps(&self) -> &[Step] {
        &self.steps
    }

    #[inline]
    pub(crate) fn slot_of<K: Key>(&self, key: &K) -> Option<usize> {
        self.slots.iter().position(|slot| is_key(key, slot.param))
    }

    #[cold]
    pub(crate) fn foreign(&self, record: &Param<'_>) -> ! {
        let (name, path) = (record.name(), self.path());
        match self.slots.iter().any(|slot| is_record(slot.param, record)) {
            true => panic!("the value of `{name}` was taken already in `{path}`"),
            false => {
                panic!("`{name}` is no parameter of `{path}` (its command lists it in `takes`)")
            }
        }
    }
}

impl<'d> Command<'d> {
    pub(crate) fn read_around(&'d self, words: Words<'d>, around: Around<'d>) -> Outcome<'d> {
        self.read_as(words, words, around)
    }

    /// Reads words by others that are stepped through in their place, byte for byte. One function for
    /// all readings: it is large, and most of it stands in line.
    #[inline(never)]
    pub(crate) fn read_as(
        &'d self,
        words: Words<'d>,
        stepped: Words<'_>,
        around: Around<'d>,
    ) -> Outcome<'d> {
        let mut reader = Reader::within(self, around, words.count());
        reader.add_slots(self);
        reader.step_all(stepped);
        reader.finish(words);
        match reader.asked {
            Some(asked) => reader.line.answered(asked),
            None if reader.line.faults.is_empty() => reader.line.into_reading().outcome(),
            None => Outcome::Faults(reader.line.refused()),
        }
    }
}

impl<'d> Reader<'d> {
    /// What the line says of colour, whatever else may be wrong with it: the value of an option of the type
    /// [`When`], such as [`COLOR_OPTION`](crate::COLOR_OPTION).
    pub fn color(&self, words: Words<'_>) -> When {
        let paints = |slot: &&Slot<'_>| slot.param.kinds().iter().any(|kind| kind.is_painting());
        let mut painting = self.line.slots.iter().filter(paints);
        let step = painting.find_map(|slot| self.line.steps.get(slot.typed.last as usize));
        let when = step.and_then(|step| {
            let bytes = step.bytes();
            When::from_word(&part(words.word(step.word()), bytes.start, bytes.end)).ok()
        });
        when.unwrap_or_default()
    }
}
