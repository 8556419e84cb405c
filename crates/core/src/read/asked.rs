//! A line that asks for something instead of its command's work: it is answered whatever else is on it.

use std::fmt;

use crate::record::alone::{Alone, Gives};
use crate::record::key::Key;
use crate::record::line::{Asked, Line, Reach, Reached, Reader, Trace};
use crate::record::list::KnownValues;
use crate::record::param::{Param, is as is_record};
use crate::record::reading::{CommandPath, Outcome, Reading, Request};
use crate::text::paint::Look;

impl<'d> Request<'d> {
    /// What is to be printed, for a stream that looks so.
    pub fn text(mut self, look: Look) -> String {
        self.look = look;
        if self.gives(Gives::Page) {
            let path = if self.param.is_some() { self.path() } else { self.topic() };
            let lists = path.commands().iter().find_map(|command| command.brought().lists);
            if let Some(lists) = lists {
                *self.reading = (lists.learn)(*self.reading, &path);
            }
        }
        self.alone().map_or_else(String::new, |alone| alone.text(&self))
    }

    /// The columns and the colour of what is to be printed.
    pub const fn look(&self) -> Look {
        self.look
    }

    /// The parameter that asks; none where a command does.
    pub const fn param(&self) -> Option<&'d Param<'d>> {
        self.param
    }

    /// Whether the parameter was given by its letter alone: `-h` is less than `--help`.
    pub const fn is_by_letter(&self) -> bool {
        self.by_letter
    }

    /// The commands from the root to the one that the line reached.
    #[inline(never)]
    pub fn path(&self) -> CommandPath<'d> {
        self.reading.path()
    }

    /// The value of the parameter that asks, or of an operand of the command that does; `None` of any other
    /// key, as the rest of the line is not looked at.
    pub fn get<K: Key>(&self, key: &K) -> Option<&K::Value> {
        self.reading.try_get(key)
    }

    /// What was understood of the line, as far as it was looked at: only the words of the parameter that asks have values,
    /// or those of the command that does.
    pub const fn reading(&self) -> &Reading<'d> {
        &self.reading
    }

    /// The values of closed lists that its page tells of.
    pub(crate) fn known(&self) -> Option<&dyn KnownValues> {
        self.reading.around.lists()
    }

    /// What was understood of the line.
    pub(crate) fn into_trace(self) -> Trace<'d> {
        self.reading.into_trace()
    }

    /// Whether the parameter that asks has a letter and a long name where the line leads to.
    pub(crate) fn has_both_names(&self) -> bool {
        let path = self.path();
        let reach = Reach::of(&path, self.reading.around.usual);
        let is_it =
            |reached: &Reached<'_>| self.param.is_some_and(|param| is_record(param, reached.param));
        reach.list().iter().position(is_it).is_some_and(|at| {
            let param = reach.list()[at].param;
            let long = param.long().is_some_and(|long| reach.has_name(at, long));
            long && reach.letter(at).is_some()
        })
    }

    /// The command that the operands name: the last one that is there.
    pub(crate) fn topic(&self) -> CommandPath<'d> {
        self.reading.topic().0
    }

    /// What it gives.
    pub(crate) fn gives(&self, what: Gives) -> bool {
        self.alone().is_some_and(|alone| alone.gives() == what)
    }

    pub(crate) fn alone(&self) -> Option<&'d dyn Alone> {
        match self.param {
            Some(param) => param.alone(),
            None => self.reading.command().alone(),
        }
    }
}

/// The path, and what asks.
impl fmt::Debug for Request<'_> {
    fn fmt(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {
        let mut asked = f.debug_struct("Request");
        asked.field("path", &self.path()).field("param", &self.param).finish_non_exhaustive()
    }
}

impl<'d> Reader<'d> {
    /// The first request stands; that it was made by a long name too counts.
    pub(crate) fn ask(&mut self, slot: u32, by_letter: bool) {
        match &mut self.asked {
            None => self.asked = Some(Asked { slot, by_letter }),
            Some(asked) if asked.slot == slot => asked.by_letter &= by_letter,
            Some(_) => {}
        }
    }
}

impl<'d> Line<'d> {
    /// Ends the reading of a line that asks for something. Of all words only those of the parameter that
    /// asks are looked at.
    #[cold]
    pub(crate) fn answered(mut self, asked: Asked) -> Outcome<'d> {
        self.faults.clear();
        let mut slots = std::mem::take(&mut self.slots);
        let slot = &mut slots[asked.slot as usize];
        let param = slot.param;
        if self.pending.is_some_and(|pending| pending.slot == asked.slot) {
            self.value_missing(param);
        } else if !param.kinds().is_empty() {
            self.converts(slot);
        }
        self.slots = slots;
        match self.faults.is_empty() {
            true => self.into_reading().asked(Some(param), asked.by_letter),
            false => Outcome::Faults(self.refused()),
        }
    }
}

impl<'d> Reading<'d> {
    /// The reading as a request.
    pub(crate) fn asked(self, param: Option<&'d Param<'d>>, by_letter: bool) -> Outcome<'d> {
        let reading = Box::new(self);
        Outcome::Request(Request { reading, param, by_letter, look: Look::PLAIN })
    }
}
